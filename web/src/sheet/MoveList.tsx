// All moves of a day with what was done of each; a tap goes to one, a set tapped by mistake is taken back.
import type { Day } from "./data";
import { keyOf, saidOf, type DayLog, type Done } from "./dayLog";
import { Part } from "./parts";
import { number, t } from "./phrases";

export function MoveList({
  day,
  log,
  at,
  choose,
  takeBack,
}: {
  day: Day;
  log: DayLog;
  at: number | undefined;
  choose: (move: number) => void;
  takeBack: (key: string) => void;
}) {
  return (
    <Part title={t("The whole day")}>
      <ol className="grid gap-2">
        {day.moves.map((move, index) => {
          const said = saidOf(log, index, move.sets);
          const over = said === move.sets.length;
          return (
            <li key={move.line} className="rounded-lg border border-line bg-raised">
              <button
                type="button"
                aria-current={index === at ? "step" : undefined}
                className={`flex min-h-14 w-full items-center gap-3 px-3 py-2 text-left ${index === at ? "border-l-4 border-ember" : ""}`}
                onClick={() => choose(index)}
              >
                <span className="grow">
                  <span className="block font-semibold">{move.name}</span>
                  <span className="block text-soft">{move.dose}</span>
                </span>
                <span className={over ? "font-medium text-done" : "text-soft"}>
                  {over ? "✓ " : ""}
                  {said}/{move.sets.length}
                </span>
              </button>
              {said > 0 && (
                <ul className="flex flex-wrap gap-2 px-3 pb-2">
                  {move.sets.map((set) => {
                    const key = keyOf(index, set);
                    const one = log.rows[key];
                    return (
                      one && (
                        <li key={key}>
                          <button
                            type="button"
                            aria-label={t("Take back: {{what}}", { what: short(one) })}
                            className="min-h-12 rounded-lg border border-line-strong px-3"
                            onClick={() => takeBack(key)}
                          >
                            {short(one)} <span aria-hidden>×</span>
                          </button>
                        </li>
                      )
                    );
                  })}
                </ul>
              )}
            </li>
          );
        })}
      </ol>
    </Part>
  );
}

function short(said: Done): string {
  if (said.hurt && !said.done) return t("hurt");
  if (!said.done) return t("skipped");
  const amount = said.reps !== null ? `${number(said.reps)}` : `${number(said.seconds ?? 0)} s`;
  return said.hurt ? `${amount}, ${t("hurt")}` : amount;
}
