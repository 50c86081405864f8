import { Minus, Plus } from "lucide-react";
import { useEffect, useState } from "react";
import type { Schemas } from "../../api/client";
import type { FloorSet, ShownLine } from "./floorState";
import type { Said } from "./useFloor";

const SECONDS_STEP = 5;
const LEFT = [0, 1, 2, 3, 4, 5];

/** The set to log: big figures, one button for it as shown, and what is needed to say it went otherwise. */
export function SetPad({
  line,
  set,
  number,
  onLog,
  onNote,
}: {
  line: ShownLine;
  set: FloorSet | null;
  number: number;
  onLog: (outcome: Schemas["Outcome"], said?: Said) => void;
  onNote: () => void;
}) {
  const [said, setSaid] = useState<Said>(() => startingPoint(line, set));
  const logged = set?.logged ?? null;
  const timed = said.seconds !== null;
  const amount = said.seconds ?? said.reps ?? 0;
  const setAmount = (next: number) =>
    setSaid({ ...said, [timed ? "seconds" : "reps"]: Math.max(0, Math.min(timed ? 3600 : 100, next)) });
  const step = timed ? SECONDS_STEP : 1;
  const toLoad = (way: 1 | -1) => {
    const next = neighbour(line.loads, said.load, way);
    if (next !== undefined) setSaid({ ...said, load: next });
  };
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLElement && event.target.matches("input, textarea, select, button, a")) {
        if (event.key === "Enter") return;
      }
      if (event.key === "ArrowUp") setAmount(amount + step);
      else if (event.key === "ArrowDown") setAmount(amount - step);
      else if (event.key === "ArrowRight") toLoad(1);
      else if (event.key === "ArrowLeft") toLoad(-1);
      else if (event.key === "Enter") onLog("done", said);
      else return;
      event.preventDefault();
    };
    window.addEventListener("keydown", keys);
    return () => window.removeEventListener("keydown", keys);
  });
  const from = Math.max(1, amount - 3);
  return (
    <section aria-label={`Set ${number}`} className="sticky bottom-0 bg-ground pt-2">
      <div className="grid grid-cols-2 gap-2 sm:gap-3">
        <Stepper
          label={timed ? "Seconds" : line.each_side ? "Reps each side" : "Reps"}
          value={String(amount)}
          unit={timed ? "s" : "reps"}
          less={() => setAmount(amount - step)}
          more={() => setAmount(amount + step)}
        />
        {(said.load !== null || line.loads.length > 0) && (
          <Stepper
            label={said.assisted ? "Assistance" : line.bodyweight ? "Added load" : "Load"}
            value={said.load?.value ?? "0"}
            unit={said.load?.unit ?? line.loads[0]?.unit ?? ""}
            less={() => toLoad(-1)}
            more={() => toLoad(1)}
          />
        )}
      </div>
      {!timed && (
        <Choice
          label="Reps"
          options={Array.from({ length: 7 }, (_, n) => from + n)}
          chosen={amount}
          choose={(reps) => setAmount(reps ?? amount)}
        />
      )}
      <Choice
        label="Reps left"
        options={LEFT}
        chosen={said.reserve}
        choose={(reserve) => setSaid({ ...said, reserve })}
        more
      />
      <button
        type="button"
        className="mt-3 min-h-20 w-full rounded-lg bg-ember text-2xl font-semibold text-on-ember hover:brightness-110"
        onClick={() => onLog("done", said)}
      >
        {logged ? `Correct set ${number}` : `Done: ${spoken(said, line.bodyweight)}`}
      </button>
      <div className="mt-2 flex gap-2">
        {logged ? (
          <Secondary onClick={() => onLog("cleared")}>Take it back</Secondary>
        ) : (
          <Secondary onClick={() => onLog("skipped")}>Skip this set</Secondary>
        )}
        <Secondary onClick={onNote}>Note</Secondary>
      </div>
    </section>
  );
}

function startingPoint(line: ShownLine, set: FloorSet | null): Said {
  const from = set?.logged?.outcome === "done" ? set.logged : (set?.aim ?? line.sets.at(-1)?.aim);
  return {
    reps: from?.reps ?? (from?.seconds == null ? 8 : null),
    seconds: from?.seconds ?? null,
    load: from?.load ?? null,
    assisted: from?.assisted ?? false,
    reserve: from?.reserve ?? null,
  };
}

/** The next load on the server's list, lighter or heavier; null is no load at all, undefined that there is none. */
function neighbour(
  loads: Schemas["Load"][],
  now: Schemas["Load"] | null,
  way: 1 | -1,
): Schemas["Load"] | null | undefined {
  const at = Number(now?.value ?? 0);
  if (way === 1) return loads.find((entry) => Number(entry.value) > at);
  const lighter = loads.filter((entry) => Number(entry.value) < at).at(-1);
  return lighter ?? (now ? null : undefined);
}

function spoken(said: Said, bodyweight: boolean): string {
  const amount = said.seconds !== null ? `${said.seconds} s` : `${said.reps ?? 0} reps`;
  const sign = bodyweight ? (said.assisted ? "−" : "+") : "";
  const load = said.load ? ` × ${sign}${said.load.value} ${said.load.unit}` : "";
  return `${amount}${load}${said.reserve === null ? "" : `, ${said.reserve} left`}`;
}

function Stepper({
  label,
  value,
  unit,
  less,
  more,
}: {
  label: string;
  value: string;
  unit: string;
  less: () => void;
  more: () => void;
}) {
  const look = "grid min-h-16 w-12 shrink-0 sm:w-16 place-items-center hover:bg-sunk";
  return (
    <div
      className="flex items-center rounded-lg border border-line-strong/60 bg-raised"
      role="group"
      aria-label={label}
    >
      <button type="button" aria-label={`${label}: less`} className={look} onClick={less}>
        <Minus aria-hidden />
      </button>
      <p className="grow text-center leading-none">
        <span className="text-4xl font-semibold tracking-tight sm:text-6xl">{value}</span>
        <span className="text-soft max-sm:block sm:ml-1.5 sm:text-lg">{unit}</span>
      </p>
      <button type="button" aria-label={`${label}: more`} className={look} onClick={more}>
        <Plus aria-hidden />
      </button>
    </div>
  );
}

function Choice({
  label,
  options,
  chosen,
  choose,
  more = false,
}: {
  label: string;
  options: number[];
  chosen: number | null;
  choose: (value: number | null) => void;
  more?: boolean;
}) {
  return (
    <div className="mt-2 flex items-center gap-1" role="group" aria-label={label}>
      <span className="w-12 shrink-0 text-sm leading-tight text-soft">{label}</span>
      {options.map((option, index) => (
        <button
          key={option}
          type="button"
          aria-pressed={option === chosen}
          onClick={() => choose(option === chosen && more ? null : option)}
          className="min-h-12 min-w-0 flex-1 rounded-md border border-line-strong/60 bg-raised text-lg aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:font-semibold aria-pressed:text-ground"
        >
          {option}
          {more && index === options.length - 1 && "+"}
        </button>
      ))}
    </div>
  );
}

function Secondary({ children, onClick }: { children: string; onClick: () => void }) {
  return (
    <button
      type="button"
      className="min-h-12 flex-1 rounded-md border border-line-strong/60 bg-raised hover:border-ink"
      onClick={onClick}
    >
      {children}
    </button>
  );
}
