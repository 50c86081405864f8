import type { InputHTMLAttributes, TextareaHTMLAttributes } from "react";
import { Field } from "./Field";

export const look =
  "rounded-md border border-line-strong bg-raised px-2.5 py-1.5 min-h-9 font-normal placeholder:text-soft/70 aria-invalid:border-stop";

/** What is typed: `numeric` and `decimal` are text with a keypad, so that a half-typed figure is never lost. */
type Sort = "text" | "date" | "search" | "numeric" | "decimal" | "password";

interface Typed {
  value?: string;
  change?: (text: string) => void;
  sort?: Sort;
  /** Lines of a text that may run over several. */
  rows?: number | undefined;
  /** Without a frame of its own: its surroundings give it one. */
  quiet?: boolean;
  /** Of the wide kind, as under a label; a bare one says its own width. */
  wide?: boolean;
}
type Rest = Omit<
  InputHTMLAttributes<HTMLInputElement> & TextareaHTMLAttributes<HTMLTextAreaElement>,
  "value" | "onChange" | "type"
>;

/** Takes the focus as it comes; not from under the hands of who types in something that lies over its view. */
function first(field: HTMLElement | null): void {
  if (field && (field.closest(OVER) || !document.querySelector(OVER))) field.focus();
}
const OVER = "[role=dialog]";

/** One place to type: one line, several, a day or a figure. */
export function Input({
  value,
  change,
  sort = "text",
  rows,
  wide = false,
  quiet = false,
  className = "",
  autoFocus = false,
  ...rest
}: Typed & Rest) {
  const shared = {
    ...rest,
    ...(autoFocus ? { ref: first } : {}),
    ...(value === undefined ? {} : { value }),
    className: `${quiet ? "bg-transparent outline-none" : look} ${wide ? "w-full" : ""} ${className}`,
    onChange: (event: { target: { value: string } }) => change?.(event.target.value),
  };
  if (rows) return <textarea rows={rows} {...shared} />;
  const keypad = sort === "numeric" || sort === "decimal";
  return (
    <input
      autoComplete="off"
      {...shared}
      type={keypad ? "text" : sort}
      {...(keypad ? { inputMode: sort } : {})}
    />
  );
}

/** A labelled place to type, with its hint or what is wrong with it. */
export function TextField({
  label,
  hint,
  problem,
  ...rest
}: Typed & Rest & { label: string; hint?: string | undefined; problem?: string | undefined }) {
  return (
    <Field label={label} hint={hint} problem={problem}>
      {(box) => <Input {...box} wide {...rest} />}
    </Field>
  );
}
