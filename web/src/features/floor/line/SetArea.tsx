import { t } from "../../../ui/words";
import type { Schemas } from "../../../api/client";
import { countdown } from "../../../ui/format";
import { ClockPanel, ClockStart } from "../clock/ClockPanel";
import { left } from "../clock/player";
import { wakeSound } from "../clock/sound";
import { UnfinishedRound } from "../clock/UnfinishedRound";
import type { SessionClock } from "../clock/useSessionClock";
import { DeviceBar } from "../bars/DeviceBar";
import {
  nextSpot,
  restAfter,
  setsOf,
  type FloorSet,
  type ShownFloor,
  type ShownLine,
  type Spot,
} from "../floorState";
import { JustLoggedBar } from "../bars/JustLoggedBar";
import { LineHead } from "./LineHead";
import { MetronomeBar } from "../bars/MetronomeBar";
import type { Hurt } from "../pad/Hurts";
import { codeOf, spoken, type Said } from "../pad/said";
import { SetPad, type PadActions } from "../pad/SetPad";
import { usePane } from "../pane";
import { RestBar } from "../bars/RestBar";
import type { Devices } from "../bars/useDevices";
import type { FloorData } from "../useFloor";
import { useJustLogged, type JustLogged } from "../bars/useJustLogged";
import { useMetronome } from "../bars/useMetronome";
import type { useRest } from "../bars/useRest";

/** The exercise at hand with its set to log, its rest running, or the clock of its group. */
export function SetArea({
  shown,
  data,
  line,
  spot,
  set,
  choose,
  rest,
  clock,
  onClock,
  devices,
  calls,
  ask,
}: {
  shown: ShownFloor;
  data: FloorData;
  line: ShownLine;
  spot: Spot;
  set: FloorSet | undefined;
  choose: (spot: Spot | null) => void;
  rest: ReturnType<typeof useRest>;
  clock: SessionClock;
  /** Whether the clock is what is looked at, rather than a set beside it. */
  onClock: boolean;
  devices: Devices;
  calls: Schemas["Calls"];
  ask: (what: "change" | "note" | "picture" | { line: number; hurt: Hurt }) => void;
}) {
  const pane = usePane();
  const justLogged = useJustLogged();
  const metronome = useMetronome(line.metronome, calls, shown.language);
  const { running } = clock.controls;
  const step = running?.timeline.steps[running.run.step];
  const timeline = clock.timelineOf(line);
  const open = set?.logged === null && !spot.ramp;
  const measured = line.sets.findLast((one) => one.measured.length > 0)?.measured ?? [];
  const watch = () =>
    devices.begin({
      line: line.line,
      number: spot.set,
      reps: set?.aim.reps ?? 1,
      planned: line.planned,
    });
  /** Take back what was just logged, and stand before it again. */
  const undo = ({ line: of, spot: at }: JustLogged) => {
    justLogged.forget();
    const logged = data.latest()?.lines.find((one) => one.line === of);
    const stands = logged && setsOf(logged, at.ramp).find((one) => one.number === at.set);
    if (!logged || !stands?.logged) return;
    rest.end();
    void data.logSet({ line: logged, spot: at, set: stands, outcome: "cleared" });
    choose(at);
  };
  const act: PadActions = {
    log: (outcome, said, forAll = false) => {
      const correcting = set?.logged != null;
      wakeSound();
      metronome.stop();
      devices.end();
      void (async () => {
        await data.logSet({ line, spot, set, outcome, said });
        if (forAll && said) {
          const load = said.load ?? { value: "0", unit: shown.unit };
          await data.change({ sort: "load", line: line.line, load, assisted: said.assisted });
        }
      })();
      choose(outcome === "cleared" ? spot : null);
      if (outcome === "cleared") justLogged.forget();
      else if (!correcting)
        justLogged.note({ line: line.line, spot, words: wordsOf(line, spot, outcome, said) });
      if (outcome !== "done" || correcting) return;
      pane.logged();
      const together = shown.lines.filter(
        (one) => one === line || (line.together && one.group === line.group),
      );
      const more = together.some((one) =>
        [...one.ramp_up, ...one.sets].some((other) => other.logged === null && other !== set),
      );
      if (more) rest.begin(restAfter(shown, spot));
      else rest.end();
    },
    hurt: (said, hurt) => {
      rest.end();
      const how = { ...said.how, pain: hurt.joint, pain_side: hurt.side, ended: "pain" as const };
      void data.logSet({ line, spot, set, outcome: "done", said: { ...said, how } });
      choose(null);
      ask({ line: spot.line, hurt });
    },
    note: () => ask("note"),
    change: () => ask("change"),
    straightToWork: () => {
      const work = line.sets.find((one) => one.logged === null);
      if (work) choose({ ...spot, set: work.number, ramp: false });
    },
  };
  const next = nextSpot(shown);
  const after = shown.lines[next && next.line !== spot.line ? next.line : spot.line + 1];
  return (
    <div className="flex grow flex-col px-3 pb-2 @floor:px-4 @floor:pb-3 short:grid short:grid-cols-[2fr_3fr] short:content-start short:gap-x-4">
      {running && !onClock && (
        <button
          type="button"
          className="mt-2 flex min-h-12 items-center gap-3 rounded-md border border-ember bg-ember-wash px-3 text-left"
          onClick={() => choose(null)}
        >
          <span className="text-xl font-semibold">
            {countdown((left(running.timeline, running.run, clock.controls.now) ?? 0) / 1000)}
          </span>
          {step?.title}
          {t(": back to the clock")}
        </button>
      )}
      <LineHead
        showPicture={() => ask("picture")}
        line={line}
        chosen={spot}
        choose={(number, ramp) => choose({ line: spot.line, set: number, ramp })}
        onAdd={() =>
          choose({
            line: spot.line,
            set: Math.max(0, ...line.sets.map((one) => one.number)) + 1,
            ramp: false,
          })
        }
        addingSet={set === undefined}
        compact={onClock}
        beat={timeline && open ? null : <MetronomeBar line={line} metronome={metronome} />}
        confirm={(doubted) => {
          const { logged } = doubted;
          if (!logged) return;
          const said = { ...logged, how: { ...logged.how, confirmed: true } };
          const at = { ...spot, set: doubted.number, ramp: false };
          void data.logSet({ line, spot: at, set: doubted, outcome: "done", said });
        }}
      />
      {clock.over ? (
        <UnfinishedRound shown={shown} session={clock} over={clock.over} />
      ) : onClock ? (
        <ClockPanel shown={shown} session={clock} />
      ) : timeline && open && !running ? (
        <ClockStart
          timeline={timeline}
          begin={() => {
            choose(null);
            clock.begin(timeline);
          }}
          byHand={() => clock.byHand(line.group)}
          change={() => ask("change")}
        />
      ) : (
        <>
          <DeviceBar devices={devices} measured={measured} begin={watch} />
          <RestBar
            rest={rest}
            undo={
              justLogged.just && (
                <JustLoggedBar
                  just={justLogged.just}
                  narrow={rest.left !== null}
                  undo={() => justLogged.just && undo(justLogged.just)}
                />
              )
            }
          >
            {after && after !== line && (
              <p className="text-soft @max-floor:hidden">
                {t("Then {{exercise}}, {{planned}}", { exercise: after.exercise, planned: after.planned })}
              </p>
            )}
          </RestBar>
          <SetPad
            settling={justLogged.settling}
            key={`${line.line}:${line.exercise_id}:${spot.ramp}:${spot.set}:${set?.logged?.id ?? ""}:${set?.aim.load?.value ?? ""}`}
            shown={shown}
            line={line}
            set={set}
            spot={spot}
            act={act}
            tight={devices.wanted}
          />
        </>
      )}
      <p className="sr-only" role="status" aria-live="polite">
        {clock.said}
      </p>
      {line.notes.length > 0 && !onClock && (
        <ul className="mt-2 text-soft">
          {line.notes.map((note, index) => (
            <li key={index}>“{note}”</li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** What was logged, in words: `Set 2: 8 reps × 60 kg`. */
function wordsOf(line: ShownLine, spot: Spot, outcome: Schemas["Outcome"], said: Said | undefined): string {
  const which = t("{{more}} {{set}} of {{exercise}}", {
    more: spot.ramp ? t("Ramp-up set") : t("Set"),
    set: spot.set,
    exercise: line.exercise,
  });
  return said && outcome === "done"
    ? `${which}: ${spoken(said, line.bodyweight, codeOf(line, said.load))}`
    : t("{{which}}: skipped", { which });
}
