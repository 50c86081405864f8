// Every shortcut once: the handlers look up what a key asks for, the help lists the same table.
import { t } from "../../ui/words";
import { singleKeys } from "./singleKeys";

interface Shortcut {
  /** As `Ctrl+Shift+z`, `Alt+ArrowUp`, `Enter`; Ctrl is the command key too. */
  keys: readonly string[];
  /** What it does; left out where another of the view says it for both. */
  says?: string;
  /** How the keys are listed, where their own names would not be how one says it. */
  shown?: string;
}

const views = {
  cell: {
    title: t("Program board"),
    keys: {
      up: { keys: ["ArrowUp"], shown: t("Arrow keys"), says: t("Move between cells") },
      down: { keys: ["ArrowDown"] },
      left: { keys: ["ArrowLeft"] },
      right: { keys: ["ArrowRight"] },
      head: {
        keys: [],
        shown: "← in the first week",
        says: t("To the line’s own buttons; arrows go on from there, Esc comes back to the cells"),
      },
      open: { keys: ["Enter", "F2"], says: t("Open the cell to edit it; any character types over it") },
      empty: { keys: ["Delete", "Backspace"], says: t("Empty the cell") },
      copy: { keys: ["Ctrl+c"], says: t("Copy the cell; with lines chosen their rows, for a spreadsheet") },
      paste: { keys: ["Ctrl+v"], says: t("Put what was copied here: a cell, or rows of a spreadsheet") },
      "copy on": { keys: ["Ctrl+d"], says: t("Copy the cell into all following weeks") },
      fill: { keys: ["Alt+w"], says: t("Fill the line along a path through the weeks") },
      choose: { keys: [" "], says: t("Choose the line, to group, move or fill several") },
      "choose up": { keys: ["Shift+ArrowUp"], shown: t("Shift + ↑ ↓"), says: t("Choose lines on the way") },
      "choose down": { keys: ["Shift+ArrowDown"] },
      "move up": { keys: ["Alt+ArrowUp"], shown: t("Alt + ↑ ↓"), says: t("Move the line up or down") },
      "move down": { keys: ["Alt+ArrowDown"] },
      more: { keys: ["Alt+Enter"], says: t("What the line is for, cues, rungs, substitutes") },
    },
  },
  head: {
    title: t("Program board, the buttons of a line, group or day"),
    keys: {
      left: {
        keys: ["ArrowLeft"],
        shown: t("Arrow keys"),
        says: t("Along the row, up and down to the next head"),
      },
      right: { keys: ["ArrowRight"] },
      up: { keys: ["ArrowUp"] },
      down: { keys: ["ArrowDown"] },
      cells: { keys: ["Escape"], says: t("Back to the cells") },
    },
  },
  board: {
    title: t("Program board, anywhere"),
    keys: {
      undo: { keys: ["Ctrl+z"], says: t("Undo") },
      redo: { keys: ["Ctrl+Shift+z"], says: t("Redo") },
      find: { keys: ["Ctrl+h"], says: t("Find and replace in the program") },
      density: { keys: ["F9"], says: t("Compact or roomy") },
      "choose none": { keys: ["Escape"], says: t("No line chosen any more") },
    },
  },
  typing: {
    title: t("Typing in a cell"),
    keys: {
      keep: { keys: ["Enter"], says: t("Keep it and go down") },
      "keep on": { keys: ["Shift+Enter"], says: t("Keep it in all following weeks too") },
      next: { keys: ["Tab"], says: t("Keep it and go right") },
      previous: { keys: ["Shift+Tab"], says: t("Keep it and go left") },
      leave: { keys: ["Escape"], says: t("Leave the cell as it was") },
    },
  },
  add: {
    title: "“Add” on the board: a name, then shorthand",
    keys: {
      up: {
        keys: ["ArrowUp"],
        shown: "↑ ↓",
        says: t("Another of the names found; in an empty box, another day"),
      },
      down: { keys: ["ArrowDown"] },
      take: { keys: ["Enter"], says: t("Add it with what was typed, in every week: goblet squat 3x10 16") },
      leave: { keys: ["Escape"], says: t("Empty the box") },
    },
  },
  floor: {
    title: t("Floor"),
    keys: {
      next: { keys: ["n"], says: t("Next exercise") },
      previous: { keys: ["p"], says: t("Previous exercise") },
    },
  },
  set: {
    title: t("Floor, the set"),
    keys: {
      log: { keys: ["Enter"], says: t("Log the set as shown") },
      more: {
        keys: ["ArrowUp"],
        shown: "↑ ↓",
        says: t("One repetition (or five seconds) more or fewer"),
      },
      fewer: { keys: ["ArrowDown"] },
      heavier: { keys: ["ArrowRight"], shown: "← →", says: t("The next lighter or heavier load") },
      lighter: { keys: ["ArrowLeft"] },
      reserve: { keys: ["0", "1", "2", "3", "4", "5"], shown: "0 to 5", says: t("Repetitions left") },
      how: { keys: ["h"], says: t("How it went: quality, what ended it, each side, pain") },
      change: { keys: ["c"], says: t("Change: swap, leave out, order, add, less time") },
      skip: { keys: ["s"], says: t("Skip the set") },
      undo: { keys: ["u"], says: t("Take back what was just logged") },
    },
  },
  panel: { title: t("Floor, an answer"), keys: { back: { keys: ["Escape"], says: t("Back to the set") } } },
  library: {
    title: t("Library"),
    keys: {
      up: { keys: ["ArrowUp"], shown: "↑ ↓ in the search box", says: t("The exercise before or after") },
      down: { keys: ["ArrowDown"] },
    },
  },
  field: {
    title: t("A field that keeps itself"),
    keys: {
      next: { keys: ["Enter"], says: t("Keep the field and go to the next") },
      leave: { keys: ["Escape"], says: t("Bring back what is saved") },
    },
  },
  testing: { title: t("Testing"), keys: { count: { keys: [" "], says: t("Count one repetition") } } },
  everywhere: {
    title: t("Everywhere"),
    keys: {
      go: { keys: ["Ctrl+k"], says: t("Go to a client, a view, an exercise") },
      help: { keys: ["?"], says: t("Help with this view: its words and keys") },
    },
  },
} as const satisfies Record<string, { title: string; keys: Record<string, Shortcut> }>;

type Views = typeof views;
export type View = keyof Views;
export type Action<V extends View> = keyof Views[V]["keys"] & string;

type Pressed = Pick<KeyboardEvent, "key" | "ctrlKey" | "metaKey" | "altKey" | "shiftKey">;

/** The views whose keys are listened to wherever the focus is, so that a letter alone may come by accident. */
const ANYWHERE: readonly View[] = ["floor", "set", "everywhere"];

/** Answers what a pressed key asks for in a view, null where it asks for nothing there, or is switched off. */
export function actionOf<V extends View>(view: V, event: Pressed): Action<V> | null {
  const alone = event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey;
  if (alone && ANYWHERE.includes(view) && !singleKeys()) return null;
  const named = event.key.length > 1;
  const key = named ? event.key : event.key.toLowerCase();
  const control = event.ctrlKey || event.metaKey;
  // A character that needs Shift to be typed says so by itself.
  const shift = event.shiftKey && (named || control || event.altKey);
  const pressed = `${control ? "Ctrl+" : ""}${event.altKey ? "Alt+" : ""}${shift ? "Shift+" : ""}${key}`;
  const found = Object.entries<Shortcut>(views[view].keys).find(([, one]) => one.keys.includes(pressed));
  return found ? (found[0] as Action<V>) : null;
}

/** Whether a key goes into a field: single keys and undo are the field's own there. */
export const isTyping = (event: { target: EventTarget | null }, also = ""): boolean =>
  event.target instanceof HTMLElement &&
  event.target.matches(`input, textarea, select${also && `, ${also}`}`);

const names: Record<string, string> = { " ": t("Space"), Escape: t("Esc"), ArrowUp: "↑", ArrowDown: "↓" };
const shown = (keys: string) =>
  keys
    .split("+")
    .map((key) => names[key] ?? (key.length === 1 ? key.toUpperCase() : key))
    .join(" + ");

/** The table as it is listed: per view its keys and what they do. */
export const listed: [view: View, title: string, entries: [keys: string, says: string][]][] = Object.entries<{
  title: string;
  keys: Record<string, Shortcut>;
}>(views).map(([view, { title, keys }]) => [
  view as View,
  title,
  Object.values(keys).flatMap((one): [string, string][] =>
    one.says ? [[one.shown ?? one.keys.map(shown).join(" or "), one.says]] : [],
  ),
]);
