// The clock of a session: its timelines, what a step that ends logs, what is called and heard, what devices are told.
import { query } from "../../../api/query";
import type { LineId } from "../../../api/ids";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { type Schemas } from "../../../api/client";
import type { FloorSet, ShownFloor, ShownLine } from "../floorState";
import { startingPoint, type Said } from "../pad/said";
import type { Devices } from "../bars/useDevices";
import type { FloorData } from "../useFloor";
import { logOf } from "./logOf";
import type { Ended, Timeline } from "./player";
import { call, wakeSound } from "./sound";
import { useClock } from "./useClock";

export function useSessionClock(
  shown: ShownFloor,
  data: FloorData,
  calls: Schemas["Calls"],
  devices: Devices,
) {
  const { program_id: program, week_id: week, day_id: day } = shown;
  const timelines = useQuery({
    ...query.clocks(program, week, day),
    enabled: shown.lines.some((line) => line.clock),
  });
  const [byHand, setByHand] = useState<readonly string[]>([]);
  const [said, setSaid] = useState("");
  // What is said of the counted set at hand, where it differs from what was aimed at.
  const [told, setTold] = useState<{ step: number; said: Said } | null>(null);
  const [over, setOver] = useState<TimeOver | null>(null);
  const find = (line: LineId, number: number) => {
    const { lines } = data.latest() ?? shown;
    const index = lines.findIndex((one) => one.line === line);
    const found = lines[index];
    return { index, line: found, set: found?.sets.find((one) => one.number === number) };
  };

  const onEnded = (ended: Ended) => {
    devices.end();
    const { step } = ended;
    const counted = told?.step === ended.index ? told.said : null;
    setTold(null);
    if (step.kind === "rounds") {
      setOver({ stations: step.stations, rounds: ended.taps, id: ended.id });
      return;
    }
    if (step.kind !== "work" || !step.closes) return;
    const { index, line, set } = find(step.line, step.number);
    if (!line || !set || set.stands === ended.id) return;
    void data.logSet({
      line,
      set,
      spot: { line: index, set: step.number, ramp: false },
      outcome: "done",
      said: step.seconds === null && counted ? counted : logOf(ended, set),
      id: ended.id,
    });
  };
  const controls = useClock(shown.session_id, {
    onEnded,
    onCall: (made, { timeline, run }) => {
      call(made, calls, shown.language);
      if (made.sound !== "tick") setSaid(made.say);
      const step = timeline.steps[run.step];
      if (made.sound !== "go" || step?.kind !== "work") return;
      const { line, set } = find(step.line, step.number);
      if (line && set && devices.wanted)
        devices.begin({
          line: line.line,
          number: set.number,
          reps: set.aim.reps ?? 1,
          planned: line.planned,
        });
    },
  });

  /** A finished round of most rounds in a time is a set of each of its stations, on the disk with the tap. */
  const onRound = () => {
    const { running } = controls;
    const step = running?.timeline.steps[running.run.step];
    if (!running || !step) return;
    const { id, step: at, lap, taps } = running.run;
    for (const station of step.stations) {
      const { index, line } = find(station, step.number);
      if (!line) continue;
      const open = line.sets.find((one) => one.logged === null);
      const number = open?.number ?? line.sets.length + 1;
      void data.logSet({
        line,
        set: open,
        spot: { line: index, set: number, ramp: false },
        outcome: "done",
        said: startingPoint(line, open),
        id: `${id}-${at}-${lap}-r${taps + 1}${step.stations.length > 1 ? `-${index}` : ""}`,
      });
    }
    controls.count();
  };

  /** What was done of the round that the time cut short, station by station; what nobody came to is passed over. */
  const closeRounds = (reps: number) => {
    if (!over) return;
    let rest = reps;
    for (const [place, station] of over.stations.entries()) {
      const { index, line } = find(station, 1);
      if (!line) continue;
      const open = line.sets.filter((one) => one.logged === null);
      const said = startingPoint(line, open[0]);
      const done = Math.min(rest, said.reps ?? 0);
      const whole = done === said.reps;
      if (done > 0) {
        rest -= done;
        const number = open[0]?.number ?? line.sets.length + 1;
        const how = whole ? said.how : { ...said.how, ended: "time" as const };
        void data.logSet({
          line,
          set: open.shift(),
          spot: { line: index, set: number, ramp: false },
          outcome: "done",
          said: { ...said, reps: done, how },
          id: `${over.id}-u${place}`,
        });
      }
      for (const set of open)
        void data.logSet({
          line,
          set,
          spot: { line: index, set: set.number, ramp: false },
          outcome: "skipped",
        });
    }
    setOver(null);
  };

  /** Repetitions counted in a set that the clock has logged. */
  const sayCount = (line: ShownLine, set: FloorSet, counted: number | null) => {
    const { logged } = set;
    if (!logged) return;
    const said = { ...logged, how: { ...logged.how, counted } };
    const spot = { line: shown.lines.indexOf(line), set: set.number, ramp: false };
    void data.logSet({ line, set, spot, outcome: "done", said });
  };

  const timelineOf = (line: ShownLine): Timeline | undefined =>
    line.clock && !byHand.includes(line.group)
      ? timelines.data?.find((one) => one.group === line.group)
      : undefined;
  /** Begins at the first set nobody has logged; a whole group begins with getting ready. */
  const begin = (timeline: Timeline) => {
    wakeSound();
    const at = timeline.steps.findIndex((step) => {
      const { set } = find(step.line, step.number);
      return (step.kind === "work" || step.kind === "rounds") && set?.logged === null;
    });
    controls.begin(timeline, at > 1 ? at : 0);
  };
  return {
    controls,
    /** The last thing called, in words. */
    said,
    counted: told !== null && told.step === controls.running?.run.step ? told.said : null,
    sayCounted: (said: Said) => setTold({ step: controls.running?.run.step ?? -1, said }),
    timelineOf,
    begin,
    onRound,
    sayCount,
    over,
    closeRounds,
    byHand: (group: string) => setByHand([...byHand, group]),
  };
}

/** A time for most rounds that ran out: its stations in order, the whole rounds, the id of the step. */
export interface TimeOver {
  stations: LineId[];
  rounds: number;
  id: string;
}

export type SessionClock = ReturnType<typeof useSessionClock>;
