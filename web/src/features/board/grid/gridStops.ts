// The board's grid as one Tab stop: the cell that had the focus last, else the first. From the first week ArrowLeft leads to a
// line's own buttons; there arrows go on, Tab stays within the head, Esc comes back to the cells.
import { actionOf, type Action } from "../../../app/keys/shortcuts";

const CONTROLS = "a[href], button, input, select, textarea, summary";
const CELL = "[data-cell]";
/** A cell that is being typed in. */
const EDITOR = "[data-cell-editor]";
/** The row in which exercises are added is a Tab stop of its own. */
const APART = "[data-add-row]";

export function gridStops(root: HTMLElement): () => void {
  let current: Element | null = null;
  let asked = 0;
  const settle = () => {
    const all = [...root.querySelectorAll<HTMLElement>(CONTROLS)].filter(
      (one) => !one.closest(`${APART}, ${EDITOR}`),
    );
    const first = root.querySelector(CELL) ?? all[0];
    const here = current && root.contains(current) ? current : first;
    const head = here && !here.closest("td")?.querySelector(CELL) ? here.closest("th, td") : null;
    const within = head?.contains(document.activeElement) ? head : null;
    for (const one of all) {
      const stop = one === here || within?.contains(one) ? 0 : -1;
      if (one.tabIndex !== stop) one.tabIndex = stop;
    }
    const boxes = [...root.querySelectorAll<HTMLElement>(`${APART} input`)];
    const box = boxes.find((one) => one === document.activeElement) ?? boxes[0];
    for (const one of boxes) if (one.tabIndex !== (one === box ? 0 : -1)) one.tabIndex = one === box ? 0 : -1;
  };
  const later = (changes: MutationRecord[]) => {
    // What is told beside a cell that is being typed in changes no stop.
    if (changes.every(({ target }) => target instanceof Element && target.closest(EDITOR))) return;
    cancelAnimationFrame(asked);
    asked = requestAnimationFrame(settle);
  };
  const came = (event: FocusEvent) => {
    const target = event.target as Element;
    if (!target.closest(APART)) current = target;
    settle();
  };
  const pressed = (event: KeyboardEvent) => {
    const target = event.target as HTMLElement;
    const asked = event.defaultPrevented ? null : actionOf("head", event);
    if (!asked) return;
    if (target.closest(`${APART}, ${EDITOR}`) || target.closest("td")?.querySelector(CELL)) return;
    const to =
      asked === "cells"
        ? cellOf(target)
        : target.matches("button, a[href], summary")
          ? neighbour(target, asked)
          : undefined;
    if (!to) return;
    event.preventDefault();
    to.focus();
  };
  const watcher = new MutationObserver(later);
  root.addEventListener("focusin", came);
  root.addEventListener("keydown", pressed);
  watcher.observe(root, { childList: true, subtree: true });
  settle();
  return () => {
    cancelAnimationFrame(asked);
    root.removeEventListener("focusin", came);
    root.removeEventListener("keydown", pressed);
    watcher.disconnect();
  };
}

/** Puts the focus on the first of the own buttons of a cell's line. */
export function focusHead(cell: Element): void {
  cell.closest("tr")?.querySelector<HTMLElement>("th button")?.focus();
}

const rowsOf = (target: Element) => [...(target.closest("table")?.querySelectorAll("tr") ?? [])];

/** The first cell of a control's row, else of the next row that has one, else of the one before. */
function cellOf(target: Element): HTMLElement | undefined {
  const rows = rowsOf(target);
  const at = rows.indexOf(target.closest("tr") as HTMLTableRowElement);
  const order = [...rows.slice(at), ...rows.slice(0, at).reverse()];
  return order.map((row) => row.querySelector<HTMLElement>(CELL)).find((cell) => cell !== null) ?? undefined;
}

/** What an arrow leads to from a button of a head: along its row, or to the head of the row above or below. */
function neighbour(target: HTMLElement, asked: Exclude<Action<"head">, "cells">): HTMLElement | undefined {
  const row = target.closest("tr");
  const along = [...(row?.querySelectorAll<HTMLElement>(CONTROLS) ?? [])];
  const at = along.indexOf(target);
  if (asked === "right") return along[at + 1];
  if (asked === "left") return along[at - 1];
  const rows = rowsOf(target);
  const here = rows.indexOf(row as HTMLTableRowElement);
  const order = asked === "down" ? rows.slice(here + 1) : rows.slice(0, here).reverse();
  return order
    .filter((one) => !one.matches(APART))
    .map((one) => one.querySelector<HTMLElement>("th button, th a[href], th input, th select"))
    .find((one) => one !== null) as HTMLElement | undefined;
}
