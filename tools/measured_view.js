// What can be counted of a view as it is drawn: what runs over or is cut off, targets that are small or close, names that lack
// or repeat. Each finding is a short text that leads to the element.
(({ least, apart }) => {
  const tell = (element) => {
    const name = element.getAttribute("aria-label") ?? element.textContent.trim().replace(/\s+/g, " ");
    return `${element.tagName.toLowerCase()} “${name.slice(0, 40)}”`;
  };
  const shown = (element) => {
    if (element.closest("[inert], [aria-hidden=true]") || !element.checkVisibility({ visibilityProperty: true })) return false;
    const { width, height } = element.getBoundingClientRect();
    return width > 1 && height > 1;
  };
  const hiddenForEyes = (element) => element.closest(".sr-only") !== null;
  const over = document.querySelector("[role=dialog]");
  const root = over ?? document.body;
  const all = [...root.querySelectorAll("*")].filter((one) => shown(one) && !hiddenForEyes(one));

  const wide = document.scrollingElement.scrollWidth - document.documentElement.clientWidth;
  const scrolls = (element) => {
    for (let at = element.parentElement; at && at !== document.body; at = at.parentElement)
      if (["auto", "scroll"].includes(getComputedStyle(at).overflowX) && at.scrollWidth > at.clientWidth) return true;
    return false;
  };
  const overflow =
    wide > 1
      ? all
          .filter((one) => one.getBoundingClientRect().right > document.documentElement.clientWidth + 1 && !scrolls(one))
          .slice(-1)
          .map((one) => `${wide} px: ${tell(one)}`)
      : [];

  const clipped = all
    .filter((one) => {
      const style = getComputedStyle(one);
      const says = [...one.childNodes].some((node) => node.nodeType === 3 && node.textContent.trim());
      if (!says || style.overflow === "visible" || one.matches("input, textarea, select")) return false;
      if (style.textOverflow === "ellipsis") return false;
      return one.scrollWidth > one.clientWidth + 1 || one.scrollHeight > one.clientHeight + 2;
    })
    .map(tell);

  const targets = [...root.querySelectorAll("a[href], button, input, select, textarea, summary, [role=menuitem]")].filter(
    (one) => shown(one) && !hiddenForEyes(one) && !one.disabled,
  );
  // A link or button within a sentence is as high as its line; a control inside its label is as large as that.
  const inSentence = (one) =>
    getComputedStyle(one).display.startsWith("inline") &&
    [...(one.parentElement?.childNodes ?? [])].some((node) => node.nodeType === 3 && node.textContent.trim());
  const box = (one) => {
    const label = one.matches("input, select") ? one.closest("label") : null;
    const own = one.getBoundingClientRect();
    const around = label?.getBoundingClientRect();
    return around && around.width * around.height > own.width * own.height ? around : own;
  };
  // What lies beneath something else, or is scrolled away, cannot be touched now.
  const touched = (one) => {
    const { left, top, width, height } = box(one);
    const at = document.elementFromPoint(left + width / 2, top + height / 2);
    return at !== null && (at === one || one.contains(at) || at.contains(one) || one.closest("label")?.contains(at));
  };
  const alone = targets.filter((one) => !inSentence(one) && touched(one));
  const small = alone
    .filter((one) => {
      const { width, height } = box(one);
      return width < least - 0.5 || height < least - 0.5;
    })
    .map((one) => `${Math.round(box(one).width)}×${Math.round(box(one).height)} ${tell(one)}`);
  const close = [];
  if (apart)
    for (const [n, one] of alone.entries())
      for (const other of alone.slice(n + 1)) {
        if (one.contains(other) || other.contains(one)) continue;
        const [a, b] = [box(one), box(other)];
        const across = Math.max(a.left, b.left) - Math.min(a.right, b.right);
        const down = Math.max(a.top, b.top) - Math.min(a.bottom, b.bottom);
        if (Math.max(across, down) < apart - 0.5 && (across < 0) !== (down < 0))
          close.push(`${Math.round(Math.max(across, down))} px: ${tell(one)} | ${tell(other)}`);
      }

  const nameOf = (one) =>
    (
      one.getAttribute("aria-label") ??
      (one.getAttribute("aria-labelledby") ?? "")
        .split(" ")
        .map((id) => document.getElementById(id)?.textContent ?? "")
        .join(" ")
    ).trim() ||
    [...(one.labels ?? [])].map((label) => label.textContent).join(" ").trim() ||
    one.textContent.trim() ||
    one.getAttribute("title") ||
    one.querySelector("img[alt]")?.alt ||
    "";
  const unnamed = targets.filter((one) => !nameOf(one)).map(tell);
  const seen = new Map();
  for (const one of targets) {
    const region = one.closest("[role=group][aria-label], section[aria-label], nav[aria-label], fieldset, li[aria-label]");
    const name = `${one.tagName} ${nameOf(one).replace(/\s+/g, " ")} ${region?.getAttribute("aria-label") ?? ""}`;
    const leads = one.getAttribute("href") ?? "";
    const before = seen.get(name);
    if (!before) seen.set(name, new Set([leads || one]));
    else before.add(leads || one);
  }
  const repeated = [...seen].filter(([, to]) => to.size > 1).map(([name, to]) => `${to.size}× ${name.trim().slice(0, 60)}`);
  return { overflow, clipped, small, close, unnamed, repeated };
})
