import type { LineId } from "../../../api/ids";
import { describe, expect, it } from "vitest";
import type { Schemas } from "../../../api/client";
import {
  advanced,
  back,
  begun,
  callsBetween,
  counted,
  elapsed,
  left,
  longer,
  nextMark,
  paused,
  resumed,
  skipped,
  tapped,
  untilNext,
  type Run,
  type Step,
  type Timeline,
} from "./player";

const L1 = "l1" as LineId;

const step = (more: Partial<Step>): Step => ({
  kind: "work",
  seconds: 30,
  title: "Plank",
  detail: "",
  line: L1,
  number: 1,
  round: 1,
  side: null,
  closes: true,
  marks: [],
  calls: [],
  opens: false,
  fills: null,
  stations: [],
  ...more,
});

const call = (at: number, say: string, fromEnd = false): Schemas["Call"] => ({
  at,
  say,
  sound: "tick",
  from_end: fromEnd,
});

const timeline = (...steps: Step[]): Timeline => ({
  group: "g1",
  title: "Plank",
  lines: [L1],
  steps,
  seconds: 100,
  hands_free: true,
});

const rest = step({ kind: "rest", seconds: 20, closes: false });
const three = timeline(step({}), rest, step({ number: 2 }));
const now = (run: Run | null) => run?.step;

describe("a run of a timeline", () => {
  it("stands at the right second after any sleep, and says which sets were closed on the way", () => {
    const run = begun(three, "run00001", 0);
    const { run: woken, ended } = advanced(three, run, 56_000);
    expect(now(woken)).toBe(2);
    expect(woken && elapsed(woken, 56_000)).toBe(6000);
    expect(ended.map((end) => [end.step.number, end.step.closes, end.seconds])).toEqual([
      [1, true, 30],
      [1, false, 20],
    ]);
  });

  it("is over after its last step", () => {
    const { run, ended } = advanced(three, begun(three, "run00001", 0), 500_000);
    expect(run).toBeNull();
    expect(ended).toHaveLength(3);
  });

  it("does not drift, however often it is asked", () => {
    const often = timeline(...Array.from({ length: 60 }, (_, n) => step({ number: n + 1 })));
    let run: Run | null = begun(often, "run00001", 0);
    for (let at = 0; run && at < 1_800_000; at += 137) run = advanced(often, run, at).run;
    expect(run && run.since).toBe(59 * 30_000);
  });

  it("gives a set the same id after a reload, another after going back", () => {
    const run = begun(three, "run00001", 0);
    const first = advanced(three, run, 31_000);
    expect(advanced(three, JSON.parse(JSON.stringify(run)) as Run, 40_000).ended[0]?.id).toBe(
      first.ended[0]?.id,
    );
    const again = back(three, first.run as Run, 31_500);
    expect(now(again)).toBe(0);
    expect(advanced(three, again, 62_000).ended[0]?.id).not.toBe(first.ended[0]?.id);
  });

  it("stands still while it is paused", () => {
    const run = paused(begun(three, "run00001", 0), 10_000);
    expect(now(advanced(three, run, 90_000).run)).toBe(0);
    const on = resumed(run, 90_000);
    expect(left(three, on, 95_000)).toBe(15_000);
    expect(paused(run, 50_000)).toBe(run);
    expect(resumed(on, 99_000)).toBe(on);
  });

  it("can be lengthened, and the next step comes that much later", () => {
    const run = longer(begun(three, "run00001", 0), 10);
    expect(left(three, run, 35_000)).toBe(5000);
    const { run: next, ended } = advanced(three, run, 41_000);
    expect(ended[0]?.seconds).toBe(40);
    expect(next?.extra).toBe(0);
  });

  it("starts a step again first, and goes to the one before when it has only begun", () => {
    const run = advanced(three, begun(three, "run00001", 0), 40_000).run as Run;
    expect(now(back(three, run, 40_000))).toBe(1);
    expect(now(back(three, run, 31_000))).toBe(0);
    expect(now(back(three, begun(three, "run00001", 0), 500))).toBe(0);
  });

  it("passes work over without closing it", () => {
    const run = skipped(three, begun(three, "run00001", 0), 5000);
    expect(now(run)).toBe(1);
    expect(skipped(three, { ...(run as Run), step: 2 }, 6000)).toBeNull();
  });

  it("waits for a tap where nothing is timed", () => {
    const open = timeline(step({ seconds: null }), rest);
    const run = begun(open, "run00001", 0);
    expect(now(advanced(open, run, 900_000).run)).toBe(0);
    expect(left(open, run, 900_000)).toBeNull();
    const { run: next, ended } = tapped(open, run, 900_000);
    expect(ended[0]?.seconds).toBeNull();
    expect(next?.since).toBe(900_000);
    expect(tapped(timeline(step({ seconds: null })), run, 1).run).toBeNull();
  });

  it("counts what was asked, and each later mark only when the client carried on to it", () => {
    const marked = timeline(step({ seconds: 60, marks: [40, 50, 60] }));
    const run = begun(marked, "run00001", 0);
    expect(nextMark(marked.steps[0] as Step, run, 39_000)).toBeNull();
    expect(nextMark(marked.steps[0] as Step, run, 40_000)).toBe(50);
    expect(nextMark(marked.steps[0] as Step, counted(run), 41_000)).toBeNull();
    expect(nextMark(marked.steps[0] as Step, counted(counted(run)), 55_000)).toBeNull();
    expect(advanced(marked, run, 60_000).ended[0]).toMatchObject({ seconds: 40, byClock: true });
    expect(advanced(marked, counted(run), 60_000).ended[0]).toMatchObject({ seconds: 50, taps: 1 });
    expect(advanced(marked, counted(counted(counted(run))), 60_000).ended[0]).toMatchObject({ seconds: 60 });
  });

  it.each([
    ["stopped before what was asked", 0, 18, 18, 0],
    ["carried on, stopped before the mark", 1, 45, 45, 0],
    ["carried on past a mark", 1, 52, 52, 1],
    ["rested from what was asked on, and passed over the rest", 0, 57, 40, 0],
    ["carried on to the last", 2, 60, 60, 2],
  ])("logs the seconds that passed where a tap ends it: %s", (_, taps, at, seconds, passed) => {
    const marked = timeline(step({ seconds: 60, marks: [40, 50, 60] }), rest);
    const run = Array.from({ length: taps }).reduce<Run>((one) => counted(one), begun(marked, "run00001", 0));
    expect(tapped(marked, run, at * 1000).ended[0]).toMatchObject({ seconds, passed });
  });

  it("keeps the minute: who worked longer rests shorter, who stopped early longer", () => {
    const work = step({ seconds: 40, marks: [30, 35, 40], opens: true });
    const minute = timeline(work, step({ kind: "rest", seconds: 20, fills: 60 }), work);
    const run = begun(minute, "run00001", 1000);
    for (const [stopped, rested] of [
      [18, 42],
      [37, 23],
    ] as const) {
      const after = tapped(minute, counted(run), 1000 + stopped * 1000).run as Run;
      expect(left(minute, after, after.since)).toBe(rested * 1000);
      expect(now(advanced(minute, after, 61_000).run)).toBe(2);
    }
    const overran = tapped(minute, run, 71_000).run as Run;
    expect(now(advanced(minute, overran, 71_000).run)).toBe(2);
    const pausedFor = resumed(paused(tapped(minute, run, 31_000).run as Run, 35_000), 45_000);
    expect(now(advanced(minute, pausedFor, 70_999).run)).toBe(1);
    expect(now(advanced(minute, pausedFor, 71_000).run)).toBe(2);
  });

  it("logs the seconds worked when a tap ends timed work", () => {
    expect(tapped(three, begun(three, "run00001", 0), 21_600).ended[0]).toMatchObject({
      seconds: 22,
      byClock: false,
    });
  });

  it("counts rounds until the time is up", () => {
    const most = timeline(step({ kind: "rounds", seconds: 600 }));
    const run = counted(counted(begun(most, "run00001", 0)));
    expect(advanced(most, run, 600_000).ended[0]?.taps).toBe(2);
  });
});

describe("calls", () => {
  const called = timeline(
    step({ calls: [call(0, "Go"), call(15, "Half-way"), call(3, "3", true), call(1, "1", true)] }),
  );
  const run = begun(called, "run00001", 0);
  const said = (after: number, upTo: number) =>
    callsBetween(called, run, after, upTo).map((made) => made.say);

  it("come each once, in order, counted from the end where that is meant", () => {
    expect(said(-1, 0)).toEqual(["Go"]);
    expect(said(0, 15_000)).toEqual(["Half-way"]);
    expect(said(15_000, 29_999)).toEqual(["3", "1"]);
    expect(said(15_000, 26_000)).toEqual([]);
  });

  it("move with the end when the step is lengthened", () => {
    expect(callsBetween(called, longer(run, 10), 26_000, 38_000).map((made) => made.say)).toEqual(["3"]);
  });

  it("say how long it is until the next of them or the end", () => {
    expect(untilNext(called, run, 100)).toBe(14_900);
    expect(untilNext(called, run, 29_500)).toBe(500);
    expect(untilNext(called, paused(run, 100), 200)).toBeNull();
  });
});
