import type { SelectHTMLAttributes } from "react";
import { Field } from "./Field";
import { look } from "./Input";
import { named } from "../words";

type Options<T extends string> = readonly (readonly [T, string])[] | readonly T[];

/** A list to choose one from; an empty value stands for "not said". */
export function Picker<T extends string>({
  value,
  options,
  choose,
  empty,
  wide = false,
  quiet = false,
  className = "",
  ...rest
}: {
  value: T | "";
  options: Options<T>;
  choose: (value: T | "") => void;
  empty?: string | undefined;
  wide?: boolean;
  /** Part of a heading: no frame until it is used. */
  quiet?: boolean;
} & Omit<SelectHTMLAttributes<HTMLSelectElement>, "value" | "onChange">) {
  const pairs = options.map((option) => (Array.isArray(option) ? option : [option, option]) as [T, string]);
  return (
    <select
      {...rest}
      className={`${quiet ? "bg-transparent text-sm" : look} ${wide ? "w-full" : ""} ${className}`}
      value={value}
      onChange={(event) => choose(event.target.value as T | "")}
    >
      {empty !== undefined && <option value="">{empty}</option>}
      {pairs.map(([option, words]) => (
        <option key={option} value={option}>
          {named(words)}
        </option>
      ))}
    </select>
  );
}

/** The same with its label. */
export function Select<T extends string>({
  label,
  hint,
  ...rest
}: {
  label: string;
  hint?: string;
  value: T | "";
  options: Options<T>;
  choose: (value: T | "") => void;
  empty?: string;
}) {
  return (
    <Field label={label} hint={hint}>
      {(box) => <Picker {...box} wide {...rest} />}
    </Field>
  );
}
