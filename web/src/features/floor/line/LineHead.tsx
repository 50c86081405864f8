import { t } from "../../../ui/words";
import { LinePicture } from "./LinePicture";
import { useNamed } from "../pane";
import { Plus, TriangleAlert } from "lucide-react";
import { useState, type ReactNode } from "react";
import type { Schemas } from "../../../api/client";
import { count, shortDate } from "../../../ui/format";
import { Button } from "../../../ui/Button";
import { SetBlocks } from "../../../ui/pictures/SetBlocks";
import { useRoom } from "../../../ui/useRoom";
import { topicName } from "../../health/names";
import type { FloorSet, ShownLine } from "../floorState";
import { amountWords } from "../pad/amounts";
import { sameLoad } from "../pad/said";
import { JointButton, JointCaution } from "../../health/JointCaution";

/** The exercise: its plan, its cues, its sets to tap, and what was done last time. */
export function LineHead({
  line,
  chosen,
  choose,
  onAdd,
  addingSet,
  compact = false,
  beat,
  showPicture,
  confirm,
}: {
  line: ShownLine;
  chosen: { set: number; ramp: boolean };
  choose: (set: number, ramp: boolean) => void;
  onAdd: () => void;
  addingSet: boolean;
  /** While a clock runs only what the client needs to hear stays in sight. */
  compact?: boolean;
  beat: ReactNode;
  showPicture: () => void;
  /** A figure that was asked about is right. */
  confirm: (set: FloorSet) => void;
}) {
  const named = useNamed();
  const { ref, width } = useRoom<HTMLDivElement>();
  const scale = scaleFor(line, width);
  const [joints, setJoints] = useState(false);
  if (compact)
    return (
      <p className="pt-2 text-soft @floor:text-lg short:hidden">
        {[line.always, ...line.cues.cues].filter(Boolean).join(" · ")}
        {line.caution && <span className="text-caution"> {line.caution}</span>}
      </p>
    );
  return (
    <section aria-label={named(line.exercise)} className="pt-2 @floor:pt-3">
      <div className="flex items-center gap-2">
        {line.picture && <LinePicture line={line} show={showPicture} />}
        <h2 className="mr-auto text-3xl leading-tight font-semibold tracking-tight">{line.exercise}</h2>
        <JointButton cautions={line.joints} open={joints} toggle={() => setJoints(!joints)} />
        {beat}
      </div>
      <p className="text-lg leading-tight @floor:text-xl">
        {line.planned || t("Nothing planned")}
        {line.set_to && <span className="text-soft"> ({line.set_to})</span>}
      </p>
      {line.restricted && (
        <p className="text-caution">
          {line.restricted[0]?.toUpperCase()}
          {t("{{restricted}}. Only as taught; off at once when anything feels wrong.", {
            restricted: line.restricted.slice(1),
          })}
        </p>
      )}
      {line.cues.cues.length > 0 && (
        <p className="text-soft @floor:text-lg">
          {line.cues.cues.join(" · ")}
          {line.cues.school && <span className="text-caution"> ({line.cues.school})</span>}
        </p>
      )}
      {line.always && (
        <p className="font-medium @floor:text-lg">{t("Always: {{always}}", { always: line.always })}</p>
      )}
      {line.together && <p className="text-soft">{line.together}</p>}
      {line.reason && (
        <p className="text-soft @max-floor:hidden">{t("For: {{reason}}", { reason: line.reason })}</p>
      )}
      <div className={joints ? "" : "@max-floor:hidden"}>
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
      <div ref={ref} className="mt-2 flex items-end gap-2 overflow-x-auto @floor:mt-3">
        {shownSets(line).map((set) => {
          const current = set.number === chosen.set && set.ramp === chosen.ramp && !addingSet;
          return (
            <button
              key={`${set.ramp}${set.number}`}
              type="button"
              aria-pressed={current}
              onClick={() => choose(set.number, set.ramp)}
              className="flex min-h-12 min-w-12 flex-col items-start gap-1 rounded p-1 hover:bg-sunk"
            >
              <span className="sr-only">
                {set.ramp ? t("Ramp-up set") : t("Set")} {set.number}: {describe(set)}
              </span>
              <span aria-hidden className={set.ramp ? "opacity-70" : ""}>
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
              <span
                aria-hidden
                className={`h-6 whitespace-nowrap @floor:h-7 @floor:text-lg ${set.ramp ? "text-soft @max-floor:text-sm" : "font-medium"}`}
              >
                {below(line, set)}
              </span>
              <Marks set={set} />
            </button>
          );
        })}
        <button
          type="button"
          aria-label={t("Add a set")}
          aria-pressed={addingSet}
          onClick={onAdd}
          className="grid size-12 shrink-0 place-items-center self-center rounded-md border border-dashed border-line-strong aria-pressed:border-ember aria-pressed:text-ember"
        >
          <Plus aria-hidden />
        </button>
      </div>
      <LastTime line={line} confirm={confirm} correct={(set) => choose(set, false)} />
    </section>
  );
}

/** All sets in their order; a ramp-up nobody did goes out of sight once the work has begun. */
const shownSets = (line: ShownLine): FloorSet[] => {
  const begun = line.sets.some((set) => set.logged !== null);
  return [...line.ramp_up.filter((set) => !begun || set.logged !== null), ...line.sets];
};

const BESIDE = 64;

/** As large as the room allows: all sets side by side, with the button that adds one. */
function scaleFor(line: ShownLine, room: number) {
  const sets = shownSets(line);
  const reps = sets.reduce(
    (sum, set) => sum + Math.max(set.planned?.width ?? 8, set.logged?.bar?.width ?? 0, 2),
    0,
  );
  const free = room - BESIDE - sets.length * 20;
  const rep = Math.max(4, Math.min(20, free / Math.max(reps, 1)));
  return { rep, max: Math.max(56, Math.min(190, room * 0.26 - 36)), gap: 6, frame: 2.5 };
}

function describe(set: FloorSet): string {
  const planned = set.planned ? t("planned {{label}}", { label: set.planned.label }) : "added";
  if (!set.logged) return planned;
  if (set.logged.outcome === "skipped") return t("{{planned}}, skipped", { planned });
  const { quality, pain, pain_side: side } = set.logged.how;
  const seen = [
    quality && quality !== "clean" ? quality : "",
    pain ? t("{{pain}} hurt", { pain: topicName(pain, side) }) : "",
  ];
  const state = set.waiting ? t("waiting for the server") : "saved";
  return [
    planned,
    t("done {{more}}", { more: set.logged.bar?.label ?? "" }),
    ...seen.filter(Boolean),
    state,
  ].join(", ");
}

function below(line: ShownLine, set: FloorSet): string {
  const { logged } = set;
  if (!logged)
    return set.ramp
      ? t("ramp {{number}}", { number: set.number })
      : t("Set {{number}}", { number: set.number });
  if (logged.outcome === "skipped") return "skipped";
  const { left, right } = logged.how;
  const sides = left != null && right != null && left !== right ? `${left}|${right}` : null;
  const amount = sides ?? logged.reps ?? amountWords(logged);
  const sign = line.bodyweight ? (logged.assisted ? "−" : "+") : "";
  // The load is said where it is not the planned one; the block shows the rest.
  const other = !sameLoad(logged.load, set.aim.load);
  return logged.load && other ? `${amount} × ${sign}${logged.load.value}` : `${amount}`;
}

/** Sets of one load said together: `8, 8, 7 at 60 kg`; a ladder load by load. */
function together(sets: readonly Schemas["LoggedSet"][]): string {
  const said: { load: Schemas["Load"] | null; amounts: string[] }[] = [];
  for (const set of sets) {
    const last = said.at(-1);
    const amount = `${set.reps ?? amountWords(set)}`;
    if (last && sameLoad(last.load, set.load)) last.amounts.push(amount);
    else said.push({ load: set.load, amounts: [amount] });
  }
  return said
    .map(
      ({ load, amounts }) =>
        amounts.join(", ") +
        (load ? ` ${t("at {{value}} {{unit}}", { value: load.value, unit: load.unit })}` : ""),
    )
    .join(", ");
}

/** What was seen of a set beside its figures, in a word. */
function Marks({ set }: { set: FloorSet }) {
  const how = set.logged?.how;
  if (!how) return null;
  const words = [
    how.pain ? [topicName(how.pain, how.pain_side), "text-stop"] : null,
    how.quality === "slipping" || how.quality === "broke down" ? [how.quality, "text-caution"] : null,
    how.checkpoints ? [`+${count(how.checkpoints, "mark")}`, "text-soft"] : null,
  ].filter((one) => one !== null);
  return words.map(([word, tone]) => (
    <span key={word} aria-hidden className={`text-sm leading-none ${tone}`}>
      {word}
    </span>
  ));
}

function LastTime({
  line,
  confirm,
  correct,
}: {
  line: ShownLine;
  confirm: (set: FloorSet) => void;
  correct: (set: number) => void;
}) {
  const { last_time: last, best } = line;
  const beside = line.sets.flatMap((set) => set.beside.map((row) => ({ set: set.number, row })));
  return (
    <div className="mt-1 text-soft @floor:mt-3 @floor:text-lg">
      {line.sets
        .filter((set) => set.doubt)
        .map((set) => (
          <div key={set.number} className="flex flex-wrap items-center gap-x-3 gap-y-1 text-caution">
            <p className="basis-72 grow">
              {t("Set {{number}}: {{doubt}} Until then it counts for nothing.", {
                number: set.number,
                doubt: set.doubt,
              })}
            </p>
            <Button className="min-h-12 grow text-ink @floor:grow-0" onClick={() => correct(set.number)}>
              {t("Correct set {{number}}", { number: set.number })}
            </Button>
            <Button className="min-h-12 grow text-ink @floor:grow-0" onClick={() => confirm(set)}>
              {t("It is right")}
            </Button>
          </div>
        ))}
      {last ? (
        <p>
          {t("Last time, {{on}}:", { on: shortDate(last.on) })}{" "}
          <span className="font-medium text-ink">{together(last.sets)}</span>
          {last.sets.some((row) => row.reserve !== null) &&
            t(", left {{sets}}", { sets: last.sets.map((row) => row.reserve ?? "?").join(", ") })}
          {best?.set.bar && (
            <span>
              {" "}
              {t("· Best, {{on}}:", { on: shortDate(best.on) })}{" "}
              <span className="font-medium text-ink">{best.set.bar.label}</span>
            </span>
          )}
        </p>
      ) : (
        <p>{t("First time with this exercise.")}</p>
      )}
      {beside.map(({ set, row }) => (
        <p key={row.id} className="text-caution">
          {t("Set {{set}} was also logged on another device: {{more}}. Tap the set to correct it.", {
            set,
            more: row.bar?.label ?? row.outcome,
          })}
        </p>
      ))}
    </div>
  );
}
