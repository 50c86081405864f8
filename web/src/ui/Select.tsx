import { Field } from "./Field";

/** A labelled list to choose one from; an empty value stands for "not said". */
export function Select<T extends string>({
  label,
  value,
  options,
  choose,
  empty,
  hint,
}: {
  label: string;
  value: T | "";
  options: readonly (readonly [T, string])[] | readonly T[];
  choose: (value: T | "") => void;
  empty?: string;
  hint?: string;
}) {
  const pairs = options.map((option) => (Array.isArray(option) ? option : [option, option]) as [T, string]);
  return (
    <Field label={label} hint={hint}>
      {(box) => (
        <select {...box} value={value} onChange={(event) => choose(event.target.value as T | "")}>
          {empty !== undefined && <option value="">{empty}</option>}
          {pairs.map(([option, words]) => (
            <option key={option} value={option}>
              {words}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}
