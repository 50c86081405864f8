import type { ReactNode } from "react";

const SIDE_BY_SIDE = 7;

/** A few choices in one row, as wide as the pad, for a thumb; tapping the chosen one takes it back where `clears` allows. */
export function Row<T extends string | number>({
  label,
  plain = false,
  options,
  chosen,
  choose,
  clears = false,
  className = "",
}: {
  label: string;
  /** What stands above says it already: on a phone the row needs no words of its own. */
  plain?: boolean;
  options: readonly (readonly [T, string])[];
  chosen: T | null;
  choose: (value: T | null) => void;
  clears?: boolean;
  className?: string;
}) {
  return (
    <div
      className={`mt-2 flex flex-wrap items-center gap-2 @max-floor:gap-y-1 ${className}`}
      role="group"
      aria-label={label}
    >
      <span
        className={`text-sm leading-none text-soft @floor:not-sr-only @floor:w-12 @floor:leading-tight ${plain ? "@max-floor:sr-only" : "w-full"}`}
      >
        {label}
      </span>
      {options.map(([option, words], index) => (
        <button
          key={option}
          type="button"
          aria-pressed={option === chosen}
          onClick={() => choose(option === chosen && clears ? null : option)}
          className={`min-h-12 min-w-12 flex-1 rounded-md border border-line-strong bg-raised px-0.5 leading-tight aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:font-semibold aria-pressed:text-ground @floor:text-lg ${
            // Seven side by side are too many for a thumb on a phone: the farthest stays with the stepper.
            index === SIDE_BY_SIDE - 1 && options.length === SIDE_BY_SIDE && option !== chosen
              ? "@max-floor:hidden"
              : ""
          }`}
        >
          {words}
        </button>
      ))}
    </div>
  );
}

/** A secondary button of the floor; `pressed` where it opens a face of the pad. */
export function Small({
  children,
  onClick,
  pressed,
  disabled = false,
}: {
  children: ReactNode;
  onClick: () => void;
  pressed?: boolean;
  disabled?: boolean;
}) {
  return (
    <button
      type="button"
      aria-pressed={pressed}
      disabled={disabled}
      className="min-h-12 flex-1 rounded-md border border-line-strong bg-raised px-1 leading-tight hover:border-ink disabled:bg-sunk disabled:text-soft disabled:hover:border-line-strong aria-pressed:border-ink aria-pressed:bg-sunk aria-pressed:font-semibold"
      onClick={onClick}
    >
      {children}
    </button>
  );
}
