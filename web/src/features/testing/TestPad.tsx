import { t } from "../../ui/words";
import { useKept } from "../../ui/fields/useKept";
import { actionOf, isTyping } from "../../app/keys/shortcuts";
import { Input } from "../../ui/fields/Input";
import { useCallback, useEffect } from "react";
import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/fields/Choice";
import { shortDate } from "../../ui/format";
import { JointCaution } from "../health/JointCaution";
import { Clock, Counter, Stopwatch } from "./clocks";
import { FigureBox, LoadAndReps, WeightBox } from "./figures";
import { entered, figure as figureText, sideName, unitOf } from "./results";
import { useStopwatch } from "./useStopwatch";
import { draftOf, isEnough, saidOf, wordsOf, type Draft } from "./draft";
import type { Said } from "./useRound";

const ends = [
  ["form", t("Form")],
  ["breath", t("Breath")],
  ["pain", t("Pain")],
  ["will", t("Will")],
  ["time", t("Time")],
  ["target", t("Target")],
] as const;
const grades = [
  [3, "3 clean"],
  [2, "2 small faults"],
  [1, "1 clear faults"],
  [0, "0 cannot, or pain"],
] as const;

/** One test: the standard, the last time, the big counter or stopwatch, and what goes with the figure. */
export function TestPad({
  place,
  test,
  round,
  keep,
  skip,
}: {
  /** Where what is measured is kept until it is a result. */
  place: string;
  test: Schemas["RoundTest"];
  round: Schemas["RoundView"];
  keep: (said: Said) => void;
  skip: () => void;
}) {
  const { item } = test;
  const kept = test.result?.result;
  const last = test.last_time?.result;
  const [draft, setDraft, forget] = useKept<Draft>(`test ${place}`, () => draftOf(test));
  const set = (change: Partial<Draft>) => setDraft((was) => ({ ...was, ...change }));
  const timedOut = useCallback(() => setDraft((was) => ({ ...was, ended: "time" })), [setDraft]);
  const timed = item.kind === "hold" || item.kind === "time over a distance";
  const watch = useStopwatch(item.seconds ?? null, timedOut);
  const ran = timed ? watch.seconds : 0;
  const counts = item.kind === "good-form reps";
  const weighed = item.kind === "body weight";
  const loaded = item.kind === "load for reps";
  const effort = counts || item.kind === "hold" || loaded;
  const enough = isEnough(item, draft, ran);
  const tap = useCallback(
    (by: number) => setDraft((was) => ({ ...was, value: String(Math.max(Number(was.value || 0) + by, 0)) })),
    [setDraft],
  );

  useEffect(() => {
    if (!counts) return;
    const keys = (event: KeyboardEvent) => {
      if (actionOf("testing", event) === "count" && !isTyping(event, "button")) {
        event.preventDefault();
        tap(1);
      }
    };
    window.addEventListener("keydown", keys);
    return () => window.removeEventListener("keydown", keys);
  }, [counts, tap]);

  return (
    <main id="main" className="flex grow flex-col gap-4 px-4 pt-4 pb-4">
      <div>
        <h2 className="text-3xl leading-tight font-semibold tracking-tight">
          {item.name}
          {sideName(test.side)}
        </h2>
        <p className="mt-1 sm:text-lg">{item.standard}</p>
        <p className="mt-1 text-soft sm:text-lg">
          {last && test.last_on
            ? t("Last time, {{last_on}}: {{item}}{{more}}", {
                last_on: shortDate(test.last_on),
                item: entered(item, last),
                more: last.variant ? `, ${last.variant}` : "",
              })
            : t("First time with this test.")}
        </p>
      </div>
      {test.cautions.map((caution) => (
        <JointCaution key={caution.about} caution={caution} instead={[]} />
      ))}
      {loaded && test.result?.figure && (
        <p className="text-lg font-medium">
          {t("Estimated maximum {{figure}} kg", { figure: figureText(test.result.figure) })}
          <span className="font-normal text-soft">{t(", house estimate from the reps done and left")}</span>
        </p>
      )}
      {item.variants.length > 0 && (
        <Choice
          big
          label={t("Variant")}
          value={draft.variant}
          options={item.variants.map((name) => [name, name] as const)}
          choose={(variant) => set({ variant })}
        />
      )}
      {counts && (
        <Counter value={Number(draft.value || 0)} tap={tap} limit={item.seconds ?? null} watch={watch} />
      )}
      {timed && <Stopwatch watch={watch} typed={draft.value} type={(value) => set({ value })} />}
      {loaded && (
        <LoadAndReps
          unit={round.unit}
          weight={draft.weight}
          reps={draft.value}
          reserve={draft.reserve}
          setWeight={(weight) => set({ weight })}
          setReps={(value) => set({ value })}
          setReserve={(reserve) => set({ reserve })}
          last={last?.load?.value ?? ""}
          single={draft.single}
          maySingle={round.may_single}
          setSingle={(single) => set({ single })}
        />
      )}
      {weighed && (
        <WeightBox
          clientId={round.client_id}
          unit={round.unit}
          weight={draft.weight}
          setWeight={(weight, source) => set({ weight, source })}
        />
      )}
      {item.kind === "quality grade" && (
        <Choice
          big
          label={t("Grade")}
          value={draft.value === "" ? null : Number(draft.value)}
          options={grades}
          choose={(g) => set({ value: String(g) })}
        />
      )}
      {item.kind === "distance in a time" && item.seconds && <Clock watch={watch} limit={item.seconds} />}
      {(item.kind === "range" || item.kind === "girth" || item.kind === "distance in a time") && (
        <FigureBox
          label={item.name}
          unit={unitOf(item)}
          value={draft.value}
          setValue={(value) => set({ value })}
        />
      )}
      {effort && (
        <Choice
          big
          label={t("Ended by")}
          value={draft.ended}
          options={ends}
          choose={(ended) => set({ ended })}
        />
      )}
      {(counts || item.kind === "hold") && (
        <Choice
          big
          label={t("Quality, if you grade it")}
          value={draft.grade}
          options={grades}
          choose={(grade) => set({ grade })}
        />
      )}
      {draft.ended === "pain" && (
        <p className="rounded-md border border-stop/40 bg-stop-wash px-3 py-2 text-lg text-stop">
          {t(
            "Leave this test. Write down where it hurt, and in the file from now on. Sharp pain, swelling or a joint that gives way ends the session.",
          )}
        </p>
      )}
      <label className="grid gap-1 text-sm font-medium">
        {t("Note")}
        <Input value={draft.note} change={(note) => set({ note })} className="min-h-12 text-lg" />
      </label>
      <div className="sticky bottom-0 mt-auto flex gap-3 bg-ground py-3">
        <Button
          big
          tone="act"
          className="min-h-16 flex-1 text-2xl"
          disabled={!enough || watch.running}
          data-main-action
          onClick={() => {
            const said = saidOf(item, draft, ran, round.unit);
            forget();
            keep(said);
          }}
        >
          {enough
            ? `${kept ? t("Correct to") : t("Keep")} ${wordsOf(item, draft, ran, round.unit)}`
            : t("Measure first")}
        </Button>
        <Button big className="min-h-16" onClick={skip}>
          {t("Next")}
        </Button>
      </div>
      {kept && test.result && test.result.earlier.length > 0 && (
        <p className="text-soft">
          {t("First typed: {{earlier}}. Kept beside the correction.", {
            earlier: test.result.earlier.map((row) => entered(item, row)).join(", then "),
          })}
        </p>
      )}
    </main>
  );
}
