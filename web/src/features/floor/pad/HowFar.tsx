import { t } from "../../../ui/words";
import { useState } from "react";
import { countdown } from "../../../ui/format";
import { Input } from "../../../ui/fields/Input";
import { amountOf, withAmount, type Said } from "./said";
import { Stepper } from "./Stepper";

const KILOMETRE = 1000;

/** A distance and the time it took: the distance by taps, the time as a watch shows it. */
export function HowFar({ said, say, step }: { said: Said; say: (said: Said) => void; step: number }) {
  const metres = amountOf(said);
  const far = metres >= KILOMETRE;
  const [typed, setTyped] = useState(() => (said.seconds ? countdown(said.seconds) : ""));
  const seconds = secondsOf(typed);
  return (
    <div className="grid grid-cols-2 gap-2 @floor:gap-3">
      <Stepper
        label={t("Distance")}
        value={far ? (metres / KILOMETRE).toFixed(1) : String(metres)}
        unit={far ? t("km") : "m"}
        less={() => say(withAmount(said, metres - step))}
        more={() => say(withAmount(said, metres + step))}
      />
      <label className="grid min-h-16 content-center rounded-lg border border-line-strong bg-raised text-center focus-within:outline-2 focus-within:outline-focus">
        <span className="sr-only">{t("Time, minutes and seconds")}</span>
        <Input
          sort="decimal"
          aria-invalid={typed !== "" && seconds === null}
          placeholder={t("min:s")}
          quiet
          wide
          className="text-center text-3xl font-semibold tracking-tight @floor:text-5xl"
          value={typed}
          change={(text) => {
            setTyped(text);
            const took = secondsOf(text);
            if (took !== null || text === "") say({ ...said, seconds: took });
          }}
        />
      </label>
    </div>
  );
}

const MOST_SECONDS = 6 * 3600;

/** What a watch shows: `31:20`, `1:05:00`, or whole minutes; null where it cannot be read. */
export function secondsOf(text: string): number | null {
  const parts = text.trim().split(/[:.,]/);
  if (!parts.every((part) => /^\d{1,3}$/.test(part)) || parts.length > 3) return null;
  const figures = parts.map(Number);
  const [hours = 0, minutes = 0, seconds = 0] =
    figures.length === 3 ? figures : figures.length === 2 ? [0, ...figures] : [0, figures[0] ?? 0, 0];
  const whole = hours * 3600 + minutes * 60 + seconds;
  return seconds < 60 && whole > 0 && whole <= MOST_SECONDS ? whole : null;
}
