import { Plus, TriangleAlert } from "lucide-react";
import { useState } from "react";
import { shortDate } from "../../ui/format";
import { SetBlocks } from "../../ui/SetBlocks";
import { useRoom } from "../../ui/useRoom";
import type { ShownLine } from "./floorState";
import { JointButton, JointCaution } from "../health/JointCaution";

/** The exercise: its plan, its cues, its sets to tap, and what was done last time. */
export function LineHead({
  line,
  chosen,
  choose,
  onAdd,
  addingSet,
}: {
  line: ShownLine;
  chosen: number;
  choose: (set: number) => void;
  onAdd: () => void;
  addingSet: boolean;
}) {
  const { ref, width } = useRoom<HTMLDivElement>();
  const scale = scaleFor(line, width);
  const [joints, setJoints] = useState(false);
  return (
    <section aria-label={line.exercise} className="pt-3">
      <div className="flex items-center gap-2">
        <h2 className="text-3xl leading-tight font-semibold tracking-tight">{line.exercise}</h2>
        <JointButton cautions={line.joints} open={joints} toggle={() => setJoints(!joints)} />
      </div>
      <p className="text-lg sm:text-xl">{line.planned || "Nothing planned"}</p>
      {line.cues.cues.length > 0 && (
        <p className="text-soft sm:text-lg">
          {line.cues.cues.join(" · ")}
          {line.cues.school && <span className="text-caution"> ({line.cues.school})</span>}
        </p>
      )}
      {line.together && <p className="text-soft">{line.together}</p>}
      {line.reason && <p className="text-soft max-sm:hidden">For: {line.reason}</p>}
      <div className={joints ? "" : "max-sm:hidden"}>
        {line.joints.map((caution) => (
          <JointCaution key={caution.about} caution={caution} instead={line.instead} />
        ))}
      </div>
      {line.caution && (
        <p className="mt-1 flex gap-1.5 text-caution">
          <TriangleAlert size={18} className="mt-0.5 shrink-0" aria-hidden />
          {line.caution}
        </p>
      )}
      <div ref={ref} className="mt-3 flex items-end gap-2 overflow-x-auto">
        {line.sets.map((set) => {
          const current = set.number === chosen && !addingSet;
          return (
            <button
              key={set.number}
              type="button"
              aria-pressed={current}
              onClick={() => choose(set.number)}
              className="flex min-h-12 min-w-12 flex-col items-start gap-1 rounded p-1 hover:bg-sunk"
            >
              <span className="sr-only">
                Set {set.number}: {describe(line, set.number)}
              </span>
              <span aria-hidden>
                <SetBlocks
                  scale={scale}
                  blocks={[
                    {
                      planned: set.planned ?? null,
                      done: set.logged?.bar ?? null,
                      waiting: set.waiting ?? false,
                      current,
                    },
                  ]}
                  label=""
                />
              </span>
              <span aria-hidden className="text-lg font-medium">
                {below(line, set.number)}
              </span>
            </button>
          );
        })}
        <button
          type="button"
          aria-label="Add a set"
          aria-pressed={addingSet}
          onClick={onAdd}
          className="grid size-12 shrink-0 place-items-center self-center rounded-md border border-dashed border-line-strong aria-pressed:border-ember aria-pressed:text-ember"
        >
          <Plus aria-hidden />
        </button>
      </div>
      <LastTime line={line} />
    </section>
  );
}

const BESIDE = 64;

/** As large as the room allows: all sets side by side, with the button that adds one. */
function scaleFor(line: ShownLine, room: number) {
  const reps = line.sets.reduce(
    (sum, set) => sum + Math.max(set.planned?.width ?? 8, set.logged?.bar?.width ?? 0, 2),
    0,
  );
  const free = room - BESIDE - line.sets.length * 20;
  const rep = Math.max(4, Math.min(20, free / Math.max(reps, 1)));
  return { rep, max: Math.max(72, Math.min(190, room * 0.26)), gap: 6, frame: 2.5 };
}

function describe(line: ShownLine, number: number): string {
  const set = line.sets.find((entry) => entry.number === number);
  if (!set) return "";
  const planned = set.planned ? `planned ${set.planned.label}` : "added";
  if (!set.logged) return planned;
  if (set.logged.outcome === "skipped") return `${planned}, skipped`;
  return `${planned}, done ${set.logged.bar?.label ?? ""}${set.waiting ? ", waiting for the server" : ", saved"}`;
}

function below(line: ShownLine, number: number): string {
  const logged = line.sets.find((entry) => entry.number === number)?.logged;
  if (!logged) return `Set ${number}`;
  if (logged.outcome === "skipped") return "skipped";
  const amount = logged.reps ?? `${logged.seconds ?? 0} s`;
  const sign = line.bodyweight ? (logged.assisted ? "−" : "+") : "";
  return logged.load ? `${amount} × ${sign}${logged.load.value}` : `${amount}`;
}

function LastTime({ line }: { line: ShownLine }) {
  const last = line.last_time;
  const beside = line.sets.flatMap((set) => set.beside.map((row) => ({ set: set.number, row })));
  return (
    <div className="mt-2 text-soft sm:mt-3 sm:text-lg">
      {last ? (
        <p>
          Last time, {shortDate(last.on)}:{" "}
          <span className="font-medium text-ink">
            {last.sets.map((row) => row.reps ?? `${row.seconds ?? 0} s`).join(", ")}
            {last.sets[0]?.load && ` at ${last.sets[0].load.value} ${last.sets[0].load.unit}`}
          </span>
          {last.sets.some((row) => row.reserve !== null) &&
            `, left ${last.sets.map((row) => row.reserve ?? "?").join(", ")}`}
        </p>
      ) : (
        <p>First time with this exercise.</p>
      )}
      {beside.map(({ set, row }) => (
        <p key={row.id} className="text-caution">
          Set {set} was also logged on another device: {row.bar?.label ?? row.outcome}. Tap the set to correct
          it.
        </p>
      ))}
    </div>
  );
}
