// A day as it is done: the set at hand, the rest behind it, the clock of a timed group; the list of all moves below.
import { useState } from "react";
import type { Schemas } from "../api/client";
import { Calls } from "../api/enums";
import { useClock } from "../features/floor/clock/useClock";
import { call, wakeSound } from "../features/floor/clock/sound";
import type { Ended, Timeline } from "../features/floor/clock/player";
import { useAwake } from "../features/floor/bars/useAwake";
import { useRest } from "../features/floor/bars/useRest";
import { ClockView } from "./ClockView";
import { placeOf, type Day, type Sheet } from "./data";
import { keyOf, nextTurn, SKIPPED, turnsOf, withSet, withoutSet, type Done } from "./dayLog";
import { FinishView } from "./FinishView";
import { MoveList } from "./MoveList";
import { Tap } from "./parts";
import { t } from "./phrases";
import { SetView } from "./SetView";
import { useDayLog } from "./useDayLog";

export function DayView({ sheet, day }: { sheet: Sheet; day: Day }) {
  const place = placeOf(sheet, day);
  const [log, change] = useDayLog(place);
  const [chosen, setChosen] = useState<number>();
  const [byHand, setByHand] = useState<readonly string[]>([]);
  const [calls, setCalls] = useState<Schemas["Calls"]>("sounds and speech");
  useAwake();
  const rest = useRest(place, calls, { language: sheet.language, sentences: sheet.sentences });
  const turns = turnsOf(day);

  const say = (key: string, done: Omit<Done, "at">) =>
    change((before) => withSet(before, key, { ...done, at: Date.now() }));
  const onEnded = ({ step, seconds, byClock, taps }: Ended) => {
    if (step.kind === "rounds") {
      closeRounds(step.stations, taps);
      return;
    }
    if (step.kind !== "work" || !step.closes) return;
    const move = day.moves.findIndex((one) => one.line === step.line);
    const set = day.moves[move]?.sets.find((one) => one.number === step.number && !one.ramp);
    if (!set) return;
    const timed = set.aim.reps === null;
    say(keyOf(move, set), {
      done: true,
      reps: timed ? null : set.aim.reps,
      seconds: timed ? (seconds ?? set.aim.seconds) : null,
      load: null,
      reserve: null,
      hurt: false,
      byClock,
    });
  };
  /** A time for most rounds that is over: as many sets of each station as rounds were tapped. */
  const closeRounds = (stations: readonly string[], rounds: number) => {
    const group = day.moves.find((one) => stations.includes(one.line))?.group;
    if (rounds === 0 && group !== undefined) {
      // Nobody tapped: what was done of it is said by hand.
      setByHand((before) => [...before, group]);
      return;
    }
    for (const station of stations) {
      const move = day.moves.findIndex((one) => one.line === station);
      const sets = day.moves[move]?.sets.filter((set) => !set.ramp) ?? [];
      const aim = sets[0]?.aim;
      if (!aim) continue;
      const { reps, seconds } = aim;
      // A round more than was reckoned with is a set more.
      for (let number = 1; number <= Math.max(rounds, sets.length); number += 1) {
        const whole = { ...SKIPPED, done: true, reps, seconds, byClock: true };
        say(keyOf(move, { number, ramp: false }), number <= rounds ? whole : SKIPPED);
      }
    }
  };
  const clock = useClock(place, {
    onEnded,
    onCall: (made) => call(made, calls, sheet.language),
  });

  const shown = nextTurn(turns, log, chosen) ?? nextTurn(turns, log);
  const move = shown && day.moves[shown.move];
  const timeline: Timeline | undefined =
    move?.clock && !byHand.includes(move.group)
      ? day.clocks.find((one) => one.group === move.group)
      : undefined;
  const done = (said: Omit<Done, "at">) => {
    if (!shown) return;
    wakeSound();
    say(shown.key, said);
    if (said.hurt) {
      rest.end();
      // What hurts stops: the rest of that move is left out.
      const { move: hurting } = shown;
      for (const turn of turns)
        if (turn.move === hurting && turn.key !== shown.key && !log.rows[turn.key]) say(turn.key, SKIPPED);
    } else
      rest.begin(said.done && nextTurn(turns, withSet(log, shown.key, { ...said, at: 0 })) ? shown.rest : 0);
  };
  const begin = (line: Timeline) => {
    wakeSound();
    rest.end();
    const open = line.steps.findIndex(
      (step) =>
        step.kind === "rounds" ||
        (step.kind === "work" &&
          turns.some(
            (turn) =>
              day.moves[turn.move]?.line === step.line &&
              turn.set.number === step.number &&
              !turn.set.ramp &&
              !log.rows[turn.key],
          )),
    );
    clock.begin(line, open > 1 ? open : 0);
  };

  if (log.ended)
    return (
      <FinishView
        sheet={sheet}
        day={day}
        log={log}
        change={change}
        goOn={() => change((before) => ({ ...before, ended: null }))}
      />
    );
  if (clock.running) return <ClockView clock={clock} moves={day.moves} finishRound={() => clock.count()} />;
  const finish = () => {
    rest.end();
    change((before) => ({ ...before, ended: Date.now(), begun: before.begun ?? Date.now() }));
  };
  return (
    <main className="flex grow flex-col">
      {move && shown ? (
        <SetView
          key={shown.key}
          move={move}
          turn={shown}
          rest={rest}
          timeline={timeline}
          begin={begin}
          byHand={() => setByHand([...byHand, move.group])}
          done={done}
          calls={calls}
          language={sheet.language}
        />
      ) : (
        <div className="mt-6 grid gap-3">
          <p className="text-2xl font-semibold">{t("All done.")}</p>
          <Tap tone="act" className="min-h-20 text-2xl" onClick={finish}>
            {t("Finish")}
          </Tap>
        </div>
      )}
      <MoveList
        day={day}
        log={log}
        at={shown?.move}
        choose={(index) => {
          setChosen(index);
          window.scrollTo({ top: 0 });
        }}
        takeBack={(key) => change((before) => withoutSet(before, key))}
      />
      <div className="mt-6 grid gap-2">
        {move && <Tap onClick={finish}>{t("Finish here")}</Tap>}
        <fieldset className="mt-2">
          <legend className="mb-1 text-soft">{t("Calls")}</legend>
          <div className="grid grid-cols-3 gap-2">
            {Calls.map((one) => (
              <Tap
                key={one}
                aria-pressed={one === calls}
                className={`px-1 text-base! ${one === calls ? "border-2 border-ink font-semibold" : ""}`}
                onClick={() => setCalls(one)}
              >
                {t(NAMES[one])}
              </Tap>
            ))}
          </div>
        </fieldset>
      </div>
    </main>
  );
}

const NAMES: Record<Schemas["Calls"], string> = {
  "sounds and speech": "Spoken",
  sounds: "Sounds",
  silent: "Silent",
};
