// Where the focus goes when what had it is taken away: to the same thing drawn anew, else to what followed, else to the
// main action or heading of the view. Never to the page.
import { t } from "../ui/words";
const FOCUSABLE =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), summary, [tabindex="0"]';
/** Marks the main action of a view. */
export const MAIN_ACTION = "data-main-action";

interface Place {
  element: Element;
  name: string;
  /** From the closest ancestor to the farthest. */
  around: Element[];
  /** What could be focused behind it, then before it, the closest first. */
  beside: Element[];
}

let last: Place | null = null;
/** The same outside of what lies over the view: where one goes back to. */
let outside: Place | null = null;

const OVER = "[role=dialog], [role=alertdialog], [role=menu], [role=listbox]";

const nameOf = (element: Element) =>
  `${element.tagName} ${element.getAttribute("aria-label") ?? element.textContent?.trim() ?? ""}`;

function remember(element: Element): void {
  const around: Element[] = [];
  for (let at = element.parentElement; at; at = at.parentElement) around.push(at);
  const nearby = around.find((one) => one.querySelectorAll(FOCUSABLE).length > 1) ?? document.body;
  const all = [...nearby.querySelectorAll(FOCUSABLE)];
  const at = all.indexOf(element);
  const beside = [...all.slice(at + 1), ...all.slice(0, at).reverse()];
  last = { element, name: nameOf(element), around, beside };
  if (!element.closest(OVER)) outside = last;
}

const visible = (element: Element) => element.isConnected && element.getClientRects().length > 0;

/** Puts the focus where one would go on, once what had it is gone. */
export function recover(): void {
  if (!last || (document.activeElement && document.activeElement !== document.body)) return;
  if (visible(last.element) && last.element.matches(FOCUSABLE)) return;
  // Of two floors the keys go to the one whose turn it is, wherever the focus was.
  if (last.around.some((one) => one.hasAttribute("data-keys-by-turn"))) return;
  // What lay over the view is gone: back to where it was opened from.
  const { element, name, around, beside } = outside ?? last;
  if (visible(element) && element.matches(FOCUSABLE)) {
    (element as HTMLElement).focus();
    return;
  }
  const home = around.find((one) => one.isConnected) ?? document.body;
  const again = [...home.querySelectorAll(FOCUSABLE)].find((one) => visible(one) && nameOf(one) === name);
  const next =
    again ??
    beside.find(visible) ??
    document.querySelector(`[${MAIN_ACTION}]`) ??
    mainHeading() ??
    [...document.querySelectorAll(FOCUSABLE)].find(visible);
  (next as HTMLElement | undefined)?.focus({ preventScroll: false });
}

/** The heading of the view, made ready to be focused. */
export function mainHeading(): HTMLElement | null {
  const heading = document.querySelector<HTMLElement>("main h1, h1");
  if (heading && !heading.hasAttribute("tabindex")) heading.tabIndex = -1;
  return heading;
}

/** Watches where the focus is, and brings it back when it falls to the page; answers how to stop. */
export function keepFocus(): () => void {
  const came = (event: FocusEvent) => {
    if (event.target instanceof Element) remember(event.target);
  };
  let asked = 0;
  const check = () => {
    cancelAnimationFrame(asked);
    // After the frame in which something else may have taken it.
    asked = requestAnimationFrame(() => {
      asked = requestAnimationFrame(recover);
    });
  };
  const watcher = new MutationObserver(() => {
    if (last && !last.element.isConnected) check();
  });
  document.addEventListener("focusin", came);
  watcher.observe(document.body, { childList: true, subtree: true });
  return () => {
    cancelAnimationFrame(asked);
    document.removeEventListener("focusin", came);
    watcher.disconnect();
  };
}

let arrivedBefore = false;

/**
 * A view was opened: its heading is the page's title, and takes the focus where that still stands on the way here.
 * The heading may come later, with its data. Answers how to stop.
 */
export function arrive(view: string): () => void {
  let due = arrivedBefore;
  arrivedBefore = true;
  const look = () => {
    const heading = document.querySelector("main h1, h1");
    const words = heading?.textContent?.trim();
    const title = [...new Set([words, view])].filter(Boolean).join(" · ");
    if (document.title !== `${title} · Upright Anvil`)
      document.title = t("{{title}} · Upright Anvil", { title });
    if (!heading || !due) return;
    due = false;
    const at = document.activeElement;
    if (!at || at === document.body || !at.closest("main, [role=dialog]")) mainHeading()?.focus();
  };
  const watcher = new MutationObserver(look);
  watcher.observe(document.body, { childList: true, subtree: true, characterData: true });
  look();
  return () => watcher.disconnect();
}
