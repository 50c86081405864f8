import { actionOf } from "../../app/keys/shortcuts";
import { useEffect, useRef, type KeyboardEvent } from "react";
import { useLocation } from "react-router";
import { Field } from "./Field";
import { useTyped } from "./useTyped";
import { Input } from "./Input";

/**
 * A field that keeps itself: what was typed is saved when the field is left or Enter is pressed, and Enter goes on to
 * the next field. Esc brings back what is saved.
 */
export function SavedField({
  label,
  of = "",
  value,
  save,
  hint,
  problem,
  rows,
  type = "text",
  placeholder,
  autoFocus = false,
}: {
  label: string;
  /** What it is of, where an address has several of the same label. */
  of?: string;
  value: string;
  save: (text: string) => void;
  hint?: string | undefined;
  problem?: string | undefined;
  rows?: number;
  type?: "text" | "date" | "numeric" | "decimal";
  placeholder?: string;
  autoFocus?: boolean;
}) {
  const { pathname } = useLocation();
  const { text, typed, type: change, drop, take } = useTyped(value, `${pathname} ${of} ${label}`);
  const leave = () => {
    const kept = take();
    if (kept !== null) save(kept);
  };
  // What a page left behind that went before it could be kept.
  const left = useRef(typed === null ? null : leave);
  useEffect(() => {
    left.current?.();
    left.current = null;
  }, []);
  const onKey = (event: KeyboardEvent<HTMLInputElement | HTMLTextAreaElement>) => {
    const asked = actionOf("field", event);
    if (asked === "leave") drop();
    if (asked === "next" && !rows) {
      event.preventDefault();
      nextField(event.currentTarget)?.focus();
    }
  };
  return (
    <Field label={label} hint={hint} problem={problem}>
      {(box) => (
        <Input
          {...box}
          wide
          sort={type}
          rows={rows}
          value={text}
          placeholder={placeholder}
          spellCheck={!rows}
          autoFocus={autoFocus}
          change={change}
          onBlur={leave}
          onKeyDown={onKey}
        />
      )}
    </Field>
  );
}

/** The field after this one in the same form, if there is one. */
function nextField(here: HTMLElement): HTMLElement | null {
  const fields = [
    ...(here.closest("form")?.querySelectorAll<HTMLElement>("input, select, textarea") ?? []),
  ].filter((field) => field.offsetParent !== null);
  return fields[fields.indexOf(here) + 1] ?? here.closest("form")?.querySelector("button") ?? null;
}
