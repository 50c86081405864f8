import { useCallback, useEffect, useState } from "react";
import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
import { shortDate } from "../../ui/format";
import { JointCaution } from "../health/JointCaution";
import { Clock, Counter, FigureBox, LoadAndReps, Stopwatch, WeightBox } from "./inputs";
import { entered, figure as figureText, sideName, unitOf } from "./results";
import { useStopwatch } from "./useStopwatch";
import type { Said } from "./useRound";

const ends = [
  ["form", "Form"],
  ["breath", "Breath"],
  ["pain", "Pain"],
  ["will", "Will"],
  ["time", "Time"],
  ["target", "Target"],
] as const;
const grades = [
  [3, "3 clean"],
  [2, "2 small faults"],
  [1, "1 clear faults"],
  [0, "0 cannot, or pain"],
] as const;

/** One test: the standard, the last time, the big counter or stopwatch, and what goes with the figure. */
export function TestPad({
  test,
  round,
  keep,
  skip,
}: {
  test: Schemas["RoundTest"];
  round: Schemas["RoundView"];
  keep: (said: Said) => void;
  skip: () => void;
}) {
  const { item } = test;
  const kept = test.result?.result;
  const last = test.last_time?.result;
  const [value, setValue] = useState(kept?.value ? String(Number(kept.value)) : "");
  const [weight, setWeight] = useState(kept?.load?.value ?? "");
  const [reserve, setReserve] = useState<number | null>(kept?.reserve ?? 2);
  const [variant, setVariant] = useState(kept?.variant ?? last?.variant ?? item.variants.at(-1) ?? "");
  const [ended, setEnded] = useState<Schemas["Ended"] | null>(kept?.ended ?? null);
  const [grade, setGrade] = useState<number | null>(kept?.grade ?? null);
  const [note, setNote] = useState(kept?.note ?? "");
  const [single, setSingle] = useState(false);
  const [source, setSource] = useState("typed");
  const timedOut = useCallback(() => setEnded("time"), []);
  const timed = item.kind === "hold" || item.kind === "time over a distance";
  const watch = useStopwatch(item.seconds ?? null, timedOut);
  const counts = item.kind === "good-form reps";
  const weighed = item.kind === "body weight";
  const loaded = item.kind === "load for reps";
  const effort = counts || item.kind === "hold" || loaded;
  const reading = timed && watch.seconds > 0 ? watch.seconds.toFixed(1) : null;
  const figure = reading ?? value.trim().replace(",", ".").replace("−", "-");
  const enough = weighed ? weight.trim() !== "" : figure !== "" && (!loaded || weight.trim() !== "");
  const tap = useCallback((by: number) => setValue((was) => String(Math.max(Number(was || 0) + by, 0))), []);

  useEffect(() => {
    if (!counts) return;
    const keys = (event: KeyboardEvent) => {
      const box =
        event.target instanceof HTMLElement && event.target.matches("input, textarea, select, button");
      if (event.key === " " && !box) {
        event.preventDefault();
        tap(1);
      }
    };
    window.addEventListener("keydown", keys);
    return () => window.removeEventListener("keydown", keys);
  }, [counts, tap]);

  const said = (): Said => ({
    value: weighed ? null : figure,
    load: weighed || loaded ? { value: weight.trim().replace(",", "."), unit: round.unit } : null,
    variant: item.variants.length ? variant : "",
    reserve: loaded ? reserve : null,
    ended,
    grade: item.kind === "quality grade" ? null : grade,
    note,
    source: weighed ? source : "typed",
    single,
  });
  const words = weighed
    ? `${weight} ${round.unit}`
    : loaded
      ? `${weight} ${round.unit} × ${figure}`
      : `${figure} ${unitOf(item)}`;
  return (
    <main className="flex grow flex-col gap-4 px-4 pt-4 pb-4">
      <div>
        <h2 className="text-3xl leading-tight font-semibold tracking-tight">
          {item.name}
          {sideName(test.side)}
        </h2>
        <p className="mt-1 sm:text-lg">{item.standard}</p>
        <p className="mt-1 text-soft sm:text-lg">
          {last && test.last_on
            ? `Last time, ${shortDate(test.last_on)}: ${entered(item, last)}${last.variant ? `, ${last.variant}` : ""}`
            : "First time with this test."}
        </p>
      </div>
      {test.cautions.map((caution) => (
        <JointCaution key={caution.about} caution={caution} instead={[]} />
      ))}
      {loaded && test.result?.figure && (
        <p className="text-lg font-medium">
          Estimated maximum {figureText(test.result.figure)} kg
          <span className="font-normal text-soft">, house estimate from the reps done and left</span>
        </p>
      )}
      {item.variants.length > 0 && (
        <Choice
          big
          label="Variant"
          value={variant}
          options={item.variants.map((name) => [name, name] as const)}
          choose={setVariant}
        />
      )}
      {counts && <Counter value={Number(value || 0)} tap={tap} limit={item.seconds ?? null} watch={watch} />}
      {timed && <Stopwatch watch={watch} typed={value} type={setValue} />}
      {loaded && (
        <LoadAndReps
          unit={round.unit}
          weight={weight}
          reps={value}
          reserve={reserve}
          setWeight={setWeight}
          setReps={setValue}
          setReserve={setReserve}
          last={last?.load?.value ?? ""}
          single={single}
          maySingle={round.may_single}
          setSingle={setSingle}
        />
      )}
      {weighed && (
        <WeightBox
          clientId={round.client_id}
          unit={round.unit}
          weight={weight}
          setWeight={(text, from) => {
            setWeight(text);
            setSource(from);
          }}
        />
      )}
      {item.kind === "quality grade" && (
        <Choice
          big
          label="Grade"
          value={figure === "" ? null : Number(figure)}
          options={grades}
          choose={(g) => setValue(String(g))}
        />
      )}
      {item.kind === "distance in a time" && item.seconds && <Clock watch={watch} limit={item.seconds} />}
      {(item.kind === "range" || item.kind === "girth" || item.kind === "distance in a time") && (
        <FigureBox label={item.name} unit={unitOf(item)} value={value} setValue={setValue} />
      )}
      {effort && <Choice big label="Ended by" value={ended} options={ends} choose={setEnded} />}
      {(counts || item.kind === "hold") && (
        <Choice big label="Quality, if you grade it" value={grade} options={grades} choose={setGrade} />
      )}
      {ended === "pain" && (
        <p className="rounded-md border border-stop/40 bg-stop-wash px-3 py-2 text-lg text-stop">
          Leave this test. Write down where it hurt, and in the file from now on. Sharp pain, swelling or a
          joint that gives way ends the session.
        </p>
      )}
      <label className="grid gap-1 text-sm font-medium">
        Note
        <input
          value={note}
          onChange={(event) => setNote(event.target.value)}
          className="min-h-12 rounded-md border border-line-strong/60 bg-raised px-3 text-lg font-normal"
        />
      </label>
      <div className="sticky bottom-0 mt-auto flex gap-3 bg-ground py-3">
        <Button
          big
          tone="act"
          className="min-h-16 flex-1 text-2xl"
          disabled={!enough || watch.running}
          onClick={() => keep(said())}
        >
          {enough ? `${kept ? "Correct to" : "Keep"} ${words}` : "Measure first"}
        </Button>
        <Button big className="min-h-16" onClick={skip}>
          Next
        </Button>
      </div>
      {kept && test.result && test.result.earlier.length > 0 && (
        <p className="text-soft">
          First typed: {test.result.earlier.map((row) => entered(item, row)).join(", then ")}. Kept beside the
          correction.
        </p>
      )}
    </main>
  );
}
