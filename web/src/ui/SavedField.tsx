import { useState, type KeyboardEvent } from "react";
import { Field } from "./Field";

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
    if (event.key === "Escape") setTyped(null);
    if (event.key === "Enter" && !rows) {
      event.preventDefault();
      nextField(event.currentTarget)?.focus();
    }
  };
  const shown = typed ?? value;
  return (
    <Field label={label} hint={hint} problem={problem}>
      {(box) =>
        rows ? (
          <textarea
            {...box}
            rows={rows}
            value={shown}
            placeholder={placeholder}
            spellCheck={false}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={leave}
            onKeyDown={onKey}
          />
        ) : (
          <input
            {...box}
            type={type === "date" ? "date" : "text"}
            inputMode={type === "numeric" || type === "decimal" ? type : undefined}
            value={shown}
            placeholder={placeholder}
            autoComplete="off"
            autoFocus={autoFocus}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={leave}
            onKeyDown={onKey}
          />
        )
      }
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
