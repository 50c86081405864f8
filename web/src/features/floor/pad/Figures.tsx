import { t } from "../../../ui/words";
import type { Schemas } from "../../../api/client";
import { count, countdown } from "../../../ui/format";
import type { FloorSet, ShownLine } from "../floorState";
import { HowFar } from "./HowFar";
import { Row } from "./Row";
import {
  amountOf,
  choices,
  codeOf,
  isFar,
  isTimed,
  neighbour,
  rangeOf,
  sameLoad,
  withAmount,
  withLoad,
  type Said,
} from "./said";
import { Stepper } from "./Stepper";

const SECONDS_STEP = 5;
const LONG_SECONDS = 600;
const KILOMETRE = 1000;
const LEFT: readonly (readonly [number, string])[] = [0, 1, 2, 3, 4, 5].map((n) => [
  n,
  n === 5 ? "5+" : `${n}`,
]);

const LONG_SECONDS_STEP = 60;

export const stepOf = (said: Said): number =>
  isFar(said)
    ? amountOf(said) >= KILOMETRE
      ? 100
      : 5
    : !isTimed(said)
      ? 1
      : amountOf(said) >= LONG_SECONDS
        ? LONG_SECONDS_STEP
        : SECONDS_STEP;

/** The figures of the set: repetitions or seconds, load, how many were left; and the load for the sets that follow. */
export function Figures({
  line,
  set,
  said,
  say,
  others,
  forAll,
  setForAll,
  tight,
}: {
  line: ShownLine;
  set: FloorSet | undefined;
  said: Said;
  say: (said: Said) => void;
  /** How many other working sets of the line are still open. */
  others: number;
  forAll: boolean;
  setForAll: (forAll: boolean) => void;
  /** Whether something else needs the room on a phone. */
  tight: boolean;
}) {
  const amount = amountOf(said);
  const timed = isTimed(said);
  const otherLoad = set !== undefined && !set.ramp && others > 0 && !sameLoad(said.load, set.aim.load);
  return (
    <>
      <Amounts line={line} set={set} said={said} say={say} />
      {otherLoad && <AlsoForTheRest load={said.load} others={others} forAll={forAll} set={setForAll} />}
      {!timed && !isFar(said) && (
        <Row
          label={t("Reps")}
          plain
          className={tight ? "@max-floor:hidden" : ""}
          options={choices(rangeOf(set, said.load), amount).map((n) => [n, `${n}`] as const)}
          chosen={amount}
          choose={(reps) => say(withAmount(said, reps ?? amount))}
        />
      )}
      {timed && line.counts && !set?.ramp && (
        <Row
          label={t("Reps")}
          options={choices(null, said.how.counted ?? countedBefore(line, set)).map(
            (n) => [n, `${n}`] as const,
          )}
          chosen={said.how.counted ?? null}
          choose={(counted) => say({ ...said, how: { ...said.how, counted } })}
          clears
        />
      )}
      {!set?.ramp && !isFar(said) && (
        <Row
          label={t("Reps left")}
          options={LEFT}
          chosen={said.reserve}
          choose={(reserve) => say({ ...said, reserve })}
          clears
        />
      )}
    </>
  );
}

const USUAL_COUNT = 12;

/** What the row of counted repetitions starts from: the set before, else last time's, else a dozen. */
export function countedBefore(line: ShownLine, set: FloorSet | undefined): number {
  const earlier = line.sets.filter((one) => one.number < (set?.number ?? Infinity));
  const known = [...(line.last_time?.sets ?? []), ...earlier.map((one) => one.logged)];
  return known.findLast((one) => one?.how.counted != null)?.how.counted ?? USUAL_COUNT;
}

function AlsoForTheRest({
  load,
  others,
  forAll,
  set,
}: {
  load: Schemas["Load"] | null;
  others: number;
  forAll: boolean;
  set: (forAll: boolean) => void;
}) {
  const what = load ? `${load.value} ${load.unit}` : t("no load");
  return (
    <button
      type="button"
      aria-pressed={forAll}
      onClick={() => set(!forAll)}
      className="mt-2 min-h-12 w-full rounded-md border border-line-strong bg-raised px-2 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:font-semibold aria-pressed:text-ground"
    >
      {t("{{what}} for {{sets}} too", { what, sets: count(others, "more set") })}
    </button>
  );
}

/** The two figures of a set: repetitions or seconds, and the load where there is one to choose. */
export function Amounts({
  line,
  set,
  said,
  say,
}: {
  line: ShownLine;
  set: FloorSet | undefined;
  said: Said;
  say: (said: Said) => void;
}) {
  const amount = amountOf(said);
  const timed = isTimed(said);
  const step = stepOf(said);
  const toLoad = (way: 1 | -1) => {
    const next = neighbour(line.loads, said.load, way);
    if (next !== undefined) say(withLoad(said, set, next));
  };
  if (isFar(said)) return <HowFar said={said} say={say} step={step} />;
  const long = timed && amount >= LONG_SECONDS;
  return (
    <div className="grid grid-cols-2 gap-2 @floor:gap-3">
      <Stepper
        label={timed ? t("Seconds") : line.each_side ? t("Reps each side") : t("Reps")}
        value={long ? countdown(amount) : String(amount)}
        unit={long ? t("min") : timed ? "s" : t("reps")}
        less={() => say(withAmount(said, amount - step))}
        more={() => say(withAmount(said, amount + step))}
      />
      {(said.load !== null || line.loads.length > 0) && (
        <Stepper
          label={said.assisted ? t("Assistance") : line.bodyweight ? t("Added load") : t("Load")}
          value={said.load?.value ?? "0"}
          unit={said.load?.unit ?? line.loads[0]?.unit ?? ""}
          note={codeOf(line, said.load)}
          less={() => toLoad(-1)}
          more={() => toLoad(1)}
        />
      )}
    </div>
  );
}
