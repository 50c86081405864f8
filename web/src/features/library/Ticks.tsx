/** Some of many, as small toggles in the order they were taken. */
export function Ticks<T extends string>({
  label,
  options,
  chosen,
  change,
  name = (option) => option,
}: {
  label: string;
  options: readonly T[];
  chosen: readonly T[];
  change: (chosen: T[]) => void;
  /** How an option is said where its word is not enough. */
  name?: (option: T) => string;
}) {
  return (
    <div role="group" aria-label={label} className="grid gap-1">
      <span aria-hidden className="text-sm font-medium">
        {label}
      </span>
      <div className="flex flex-wrap gap-1">
        {options.map((option) => (
          <button
            key={option}
            type="button"
            aria-pressed={chosen.includes(option)}
            onClick={() =>
              change(
                chosen.includes(option) ? chosen.filter((entry) => entry !== option) : [...chosen, option],
              )
            }
            className="min-h-7 rounded border border-line-strong px-2 text-sm aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-ground"
          >
            {name(option)}
          </button>
        ))}
      </div>
    </div>
  );
}
