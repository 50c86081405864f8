import { t } from "../../ui/words";
import { Input } from "../../ui/fields/Input";
/** How many weeks, within bounds. */
export function WeeksField({
  most,
  text,
  type,
  usual,
}: {
  most: number;
  /** What holds where nothing is typed; without it something must be. */
  usual?: string;
  text: string;
  type: (text: string) => void;
}) {
  return (
    <label className="grid gap-1 text-sm font-medium">
      {t("Weeks, 1 to {{most}}", { most })}
      <Input
        value={text}
        sort="numeric"
        placeholder={usual}
        aria-invalid={!(usual && text === "") && weeksOf(text, most) === null}
        change={type}
        className="w-24"
      />
    </label>
  );
}

/** The weeks that were typed; null where they are out of bounds. */
export function weeksOf(text: string, most: number): number | null {
  const weeks = Number(text);
  return Number.isInteger(weeks) && weeks >= 1 && weeks <= most ? weeks : null;
}
