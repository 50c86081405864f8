import type { InputHTMLAttributes } from "react";
import { actionOf } from "../../../app/keys/shortcuts";
import { useTyped } from "../../../ui/fields/useTyped";

/** A place to type in a heading: kept when it is left; what was refused goes back to what is kept, and the sheet says why. */
export function KeptInput({
  value,
  place,
  keep,
  ...rest
}: {
  value: string;
  /** What it is of, for what is not kept yet. */
  place: string;
  /** Keeps a text; the second is called where it was refused. */
  keep: (text: string, refused: () => void) => void;
} & Omit<InputHTMLAttributes<HTMLInputElement>, "value" | "onChange" | "onBlur" | "onKeyDown">) {
  const { text, type, drop, take } = useTyped(value, place);
  return (
    <input
      {...rest}
      value={text}
      onChange={(event) => type(event.target.value)}
      onBlur={() => {
        const kept = take();
        if (kept !== null) keep(kept, drop);
      }}
      onKeyDown={(event) => {
        const asked = actionOf("field", event);
        if (asked === "next") event.currentTarget.blur();
        if (asked === "leave") drop();
      }}
    />
  );
}
