import { named } from "../words";

/** A few choices side by side, one of them taken. */
export function Choice<T extends string | number>({
  label,
  value,
  options,
  choose,
  big = false,
  hideLabel = false,
}: {
  label: string;
  value: T | null;
  options: readonly (readonly [T, string])[];
  choose: (value: T) => void;
  big?: boolean;
  hideLabel?: boolean;
}) {
  return (
    <div role="group" aria-label={label} className="grid gap-1">
      {!hideLabel && (
        <span aria-hidden className="text-sm font-medium">
          {label}
        </span>
      )}
      <div className="flex flex-wrap gap-2">
        {options.map(([option, words]) => (
          <button
            key={option}
            type="button"
            aria-pressed={option === value}
            onClick={() => choose(option)}
            className={`rounded-md border border-line-strong bg-raised hover:border-ink aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-ground ${big ? "min-h-12 px-4 text-lg" : "min-h-9 px-3"}`}
          >
            {named(words)}
          </button>
        ))}
      </div>
    </div>
  );
}
