/** How many weeks, within bounds. */
export function WeeksField({
  most,
  text,
  type,
}: {
  most: number;
  text: string;
  type: (text: string) => void;
}) {
  return (
    <label className="grid gap-1 text-sm font-medium">
      Weeks, 1 to {most}
      <input
        value={text}
        inputMode="numeric"
        aria-invalid={weeksOf(text, most) === null}
        onChange={(event) => type(event.target.value)}
        className="min-h-9 w-24 rounded-md border border-line-strong/60 bg-raised px-2.5 font-normal aria-invalid:border-stop"
      />
    </label>
  );
}

/** The weeks that were typed; null where they are out of bounds. */
export function weeksOf(text: string, most: number): number | null {
  const weeks = Number(text);
  return Number.isInteger(weeks) && weeks >= 1 && weeks <= most ? weeks : null;
}
