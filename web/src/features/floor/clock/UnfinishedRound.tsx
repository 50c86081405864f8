import { t } from "../../../ui/words";
import { useNamed } from "../pane";
import { useState } from "react";
import { count } from "../../../ui/format";
import type { ShownFloor } from "../floorState";
import { Small } from "../pad/Row";
import { Stepper } from "../pad/Stepper";
import type { SessionClock, TimeOver } from "./useSessionClock";

/** The time for most rounds is over: how far the round went that it cut short. */
export function UnfinishedRound({
  shown,
  session,
  over,
}: {
  shown: ShownFloor;
  session: SessionClock;
  over: TimeOver;
}) {
  const named = useNamed();
  const [reps, setReps] = useState(0);
  const stations = over.stations.flatMap((id) => shown.lines.find((line) => line.line === id) ?? []);
  const each = stations.map((line) => line.sets.at(-1)?.aim.reps ?? 0);
  const most = Math.max(0, each.reduce((sum, one) => sum + one, 0) - 1);
  return (
    <section
      aria-label={named(t("The time is over"))}
      className="mt-2 flex grow flex-col border-t-8 border-done px-1 pt-2"
    >
      <h2 className="text-3xl leading-tight font-semibold @floor:text-5xl">
        {t("Time. {{rounds}}.", { rounds: count(over.rounds, "round") })}
      </h2>
      <p className="mt-1 text-xl @floor:text-2xl">{t("How many reps of the next one?")}</p>
      <p className="text-soft">
        {stations.map((line, index) => `${line.exercise} ${each[index] ?? 0}`).join(", then ")}
      </p>
      <div className="my-4 grow">
        <Stepper
          label={t("Reps of the unfinished round")}
          value={String(reps)}
          unit={t("reps")}
          less={() => setReps(Math.max(0, reps - 1))}
          more={() => setReps(Math.min(most, reps + 1))}
        />
        <div className="mt-2 flex flex-wrap gap-2">
          {each.slice(0, -1).map((_, index) => {
            const upTo = each.slice(0, index + 1).reduce((sum, one) => sum + one, 0);
            return (
              <Small key={index} pressed={reps === upTo} onClick={() => setReps(upTo)}>
                {upTo}: {stations[index]?.exercise} {t("done")}
              </Small>
            );
          })}
        </div>
      </div>
      <button
        type="button"
        className="min-h-20 w-full rounded-lg bg-ember px-2 text-2xl font-semibold text-on-ember hover:brightness-110"
        onClick={() => session.closeRounds(reps)}
      >
        {t("Done: {{rounds}}", { rounds: count(over.rounds, "round") })}
        {reps > 0 && ` ${t("and {{reps}} reps", { reps })}`}
      </button>
    </section>
  );
}
