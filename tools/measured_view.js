// What can be counted of a view as it is drawn: what runs over or is cut off, targets that are small or close, names that lack
// or repeat, fields and disabled controls that are pale. Each finding is a short text that leads to the element.
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
  // Of what lies partly beneath something that stays in place, only what can be touched counts.
  const bare = (one) => {
    const { left, right, top, bottom } = box(one);
    const middle = (left + right) / 2;
    const own = (y) => {
      const at = document.elementFromPoint(middle, y);
      return at !== null && (one.contains(at) || one.closest("label")?.contains(at));
    };
    let [from, to] = [top, bottom];
    while (to - from > 2 && !own(to - 1)) to -= 1;
    while (to - from > 2 && !own(from + 1)) from += 1;
    return { left, right, top: from, bottom: to };
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
        const [a, b] = [bare(one), bare(other)];
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
  // Colours as they are seen: what is half transparent lies on what is beneath it.
  const pen = Object.assign(document.createElement("canvas"), { width: 1, height: 1 }).getContext("2d", {
    willReadFrequently: true,
  });
  const laid = ([r, g, b, a], beneath) => [r, g, b].map((one, n) => (one * a + beneath[n] * (255 - a)) / 255);
  const rgba = (colour) => {
    pen.clearRect(0, 0, 1, 1);
    pen.fillStyle = colour;
    pen.fillRect(0, 0, 1, 1);
    return [...pen.getImageData(0, 0, 1, 1).data];
  };
  const ground = (element) =>
    element === null
      ? [255, 255, 255]
      : laid(rgba(getComputedStyle(element).backgroundColor), ground(element.parentElement));
  const opacity = (element) =>
    element === null ? 1 : Number(getComputedStyle(element).opacity) * opacity(element.parentElement);
  const bright = (rgb) =>
    rgb
      .map((one) => one / 255)
      .map((one) => (one <= 0.03928 ? one / 12.92 : ((one + 0.055) / 1.055) ** 2.4))
      .reduce((sum, one, n) => sum + one * [0.2126, 0.7152, 0.0722][n], 0);
  const contrast = (one, other) => {
    const [low, high] = [bright(one), bright(other)].sort((a, b) => a - b);
    return (high + 0.05) / (low + 0.05);
  };
  const framed = (one) => {
    for (let at = one; at && at !== document.body; at = at.parentElement) {
      const style = getComputedStyle(at);
      if (parseFloat(style.borderBottomWidth) && style.borderBottomStyle !== "none") return at;
      if (!at.parentElement?.matches("label, [role=group], div") || at.parentElement.children.length > 3) return null;
    }
    return null;
  };
  const frames = [...root.querySelectorAll("input:not([type=checkbox], [type=radio], [type=file]), select, textarea")]
    .filter((one) => shown(one) && !hiddenForEyes(one))
    .map(framed)
    .filter(Boolean)
    .map((one) => {
      const outside = ground(one.parentElement);
      const line = laid(rgba(getComputedStyle(one).borderBottomColor), ground(one));
      return [Math.max(contrast(line, outside), contrast(ground(one), outside)), one];
    });
  const off = [...root.querySelectorAll("button:disabled, input:disabled, select:disabled")]
    .filter((one) => shown(one) && one.textContent.trim())
    .map((one) => {
      const seen = opacity(one);
      const [r, g, b, a] = rgba(getComputedStyle(one).color);
      return [contrast(laid([r, g, b, a * seen], ground(one)), ground(one)), one];
    });
  const pale = [...frames, ...off]
    .filter(([ratio]) => ratio < 2.995)
    .map(([ratio, one]) => `${ratio.toFixed(1)}:1 ${tell(one)}`);
  return { overflow, clipped, small, close, unnamed, repeated, pale };
})
