import { useEffect, useRef, type HTMLAttributes } from "react";

const CONTROLS = "a[href], button, input";

/** Things side by side as one Tab stop: arrows go from one to the next, Home and End to the ends. */
export function Roving({
  as: Part = "div",
  label,
  children,
  ...rest
}: { as?: "div" | "nav"; label: string } & HTMLAttributes<HTMLElement>) {
  const root = useRef<HTMLElement>(null);
  useEffect(() => (root.current ? oneStop(root.current) : undefined), []);
  return (
    <Part ref={root as never} aria-label={label} role={Part === "div" ? "toolbar" : undefined} {...rest}>
      {children}
    </Part>
  );
}

/** Keeps one of the controls inside within reach of Tab: the one that had the focus last, else the first. */
function oneStop(root: HTMLElement): () => void {
  let current: Element | null = null;
  const controls = () =>
    [...root.querySelectorAll<HTMLElement>(CONTROLS)].filter((one) => !one.matches(":disabled"));
  const settle = () => {
    const all = controls();
    const here = all.find((one) => one === current) ?? all[0];
    for (const one of all) {
      const stop = one === here ? 0 : -1;
      if (one.tabIndex !== stop) one.tabIndex = stop;
    }
  };
  const came = (event: FocusEvent) => {
    current = event.target as Element;
    settle();
  };
  const pressed = (event: KeyboardEvent) => {
    const all = controls();
    const at = all.indexOf(event.target as HTMLElement);
    const to = { ArrowRight: at + 1, ArrowLeft: at - 1, Home: 0, End: all.length - 1 }[event.key];
    if (at < 0 || to === undefined || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    all[(to + all.length) % all.length]?.focus();
  };
  const watcher = new MutationObserver(settle);
  root.addEventListener("focusin", came);
  root.addEventListener("keydown", pressed);
  watcher.observe(root, { childList: true, subtree: true, attributeFilter: ["disabled"] });
  settle();
  return () => {
    root.removeEventListener("focusin", came);
    root.removeEventListener("keydown", pressed);
    watcher.disconnect();
  };
}
