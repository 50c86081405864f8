import { actionOf } from "../app/shortcuts";
import { useState, type KeyboardEvent } from "react";
import { Field } from "./Field";
import { Input } from "./Input";

/**
 * A field that keeps itself: what was typed is saved when the field is left or Enter is pressed, and Enter goes on to
 * the next field. Esc brings back what is saved.
 */
export function SavedField({
  label,
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
  value: string;
  save: (text: string) => void;
  hint?: string | undefined;
  problem?: string | undefined;
  rows?: number;
  type?: "text" | "date" | "numeric" | "decimal";
  placeholder?: string;
  autoFocus?: boolean;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const [saved, setSaved] = useState(value);
  if (saved !== value) {
    // What came back from the server takes over.
    setSaved(value);
    setTyped(null);
  }
  const leave = () => {
    if (typed !== null && typed.trim() !== value) save(typed.trim());
    else setTyped(null);
  };
  const onKey = (event: KeyboardEvent<HTMLInputElement | HTMLTextAreaElement>) => {
    const asked = actionOf("field", event);
    if (asked === "leave") setTyped(null);
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
          value={typed ?? value}
          placeholder={placeholder}
          spellCheck={!rows}
          autoFocus={autoFocus}
          change={setTyped}
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
