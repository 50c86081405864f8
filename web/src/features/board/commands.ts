// What a key pressed on a cell asks for beyond moving and typing.
import type { KeyboardEvent } from "react";

export type Command =
  | "copy"
  | "paste"
  | "copy on"
  | "fill"
  | "choose"
  | "choose up"
  | "choose down"
  | "move up"
  | "move down"
  | "more";

/** Answers the command of a key, null where it is none. */
export function commandOf(
  event: Pick<KeyboardEvent, "key" | "ctrlKey" | "metaKey" | "altKey" | "shiftKey">,
): Command | null {
  const control = event.ctrlKey || event.metaKey;
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  if (control) return ({ c: "copy", v: "paste", d: "copy on" } as Record<string, Command>)[key] ?? null;
  if (event.altKey)
    return (
      ({ w: "fill", ArrowUp: "move up", ArrowDown: "move down", Enter: "more" } as Record<string, Command>)[
        key
      ] ?? null
    );
  if (event.shiftKey && key === "ArrowUp") return "choose up";
  if (event.shiftKey && key === "ArrowDown") return "choose down";
  return key === " " ? "choose" : null;
}
