import { named, t } from "../../../ui/words";
import { useNamed } from "../pane";
import { Pause, Play, SkipBack, SkipForward, Square } from "lucide-react";
import { countdown } from "../../../ui/format";
import type { ShownFloor } from "../floorState";
import { Amounts, countedBefore } from "../pad/Figures";
import { Row, Small } from "../pad/Row";
import { choices, spoken, startingPoint } from "../pad/said";
import { elapsed, left, nextMark, type Step, type Timeline } from "./player";
import type { ClockControls } from "./useClock";
import type { SessionClock } from "./useSessionClock";

/** A timed group before it runs: how long, what comes, one button. */
export function ClockStart({
  timeline,
  begin,
  byHand,
  change,
}: {
  timeline: Timeline;
  begin: () => void;
  byHand: () => void;
  change: () => void;
}) {
  const named = useNamed();
  const rounds = Math.max(...timeline.steps.map((step) => step.round));
  return (
    <section aria-label={named(t("Clock"))} className="mt-3 flex grow flex-col">
      <p className="text-lg">
        <span className="font-medium">{t("{{seconds}} min", { seconds: countdown(timeline.seconds) })}</span>
        {rounds > 1 && ` ${t("· {{rounds}} rounds", { rounds })}`}
        <span className="text-soft">
          {timeline.hands_free
            ? ` ${t("· runs by itself and logs what it times")}`
            : ` ${t("· counted work waits for your tap")}`}
        </span>
      </p>
      <ol className="mt-2 mb-3 grow border-t border-line">
        {timeline.steps.slice(0, AHEAD).map((step, index) => (
          <li key={index} className="flex gap-3 border-b border-line py-1.5">
            <span className={`w-14 shrink-0 font-medium ${isWork(step) ? "" : "text-soft"}`}>
              {step.seconds === null ? t("tap") : countdown(step.seconds)}
            </span>
            <span className={isWork(step) ? "font-medium" : "text-soft"}>{step.title}</span>
            <span className="ml-auto text-right text-soft">{step.detail}</span>
          </li>
        ))}
        {timeline.steps.length > AHEAD && (
          <li className="py-1.5 text-soft">
            {t("… and {{more}} more steps", { more: timeline.steps.length - AHEAD })}
          </li>
        )}
      </ol>
      <div className="sticky bottom-0 bg-ground pt-2">
        <button
          type="button"
          className="min-h-20 w-full rounded-lg bg-ember text-2xl font-semibold text-on-ember hover:brightness-110"
          onClick={begin}
        >
          {t("Start the clock")}
        </button>
        <div className="mt-2 flex flex-wrap gap-2">
          <Small onClick={byHand}>{t("Log by hand")}</Small>
          <Small onClick={change}>{t("Change")}</Small>
        </div>
      </div>
    </section>
  );
}

const AHEAD = 7;

const sideName = { left: "Left", right: "Right", both: "Both" } as const;

const isWork = (step: Step) => step.kind === "work" || step.kind === "rounds";

/** The clock running: what is on, how long still, what comes; everything else is small. */
export function ClockPanel({ shown, session }: { shown: ShownFloor; session: SessionClock }) {
  const named = useNamed();
  const { controls: clock, counted, sayCounted } = session;
  const { running, now } = clock;
  const step = running?.timeline.steps[running.run.step];
  if (!running || !step) return null;
  const { run, timeline } = running;
  const ms = left(timeline, run, now);
  const next = timeline.steps[run.step + 1];
  const mark = nextMark(step, run, now);
  const work = isWork(step);
  const line = shown.lines.find((one) => one.line === step.line);
  const set = line?.sets.find((one) => one.number === step.number);
  const byCount = step.kind === "work" && step.seconds === null && step.closes && line && set;
  const said = byCount ? (counted ?? startingPoint(line, set)) : null;
  const held = run.paused !== null;
  const shownTime = ms === null ? countdown(Math.floor(elapsed(run, now) / 1000)) : countdown(ms / 1000);
  const share = ms === null ? 1 : ms / Math.max(1, (step.seconds ?? 0) * 1000 + run.extra);
  return (
    <section
      aria-label={named(t("Clock"))}
      className={`mt-2 flex grow flex-col rounded-t-lg border-t-8 px-1 pt-2 short:col-span-2 short:mt-1 short:grid short:grid-cols-2 short:content-start short:gap-x-6 short:*:col-start-2 ${work ? "border-ember" : "border-line-strong"}`}
    >
      <Steps timeline={timeline} at={run.step} />
      <p className={`mt-2 text-lg font-semibold ${work ? "text-ember" : "text-soft"}`}>
        {held
          ? t("Paused")
          : step.kind === "rounds"
            ? t("Rounds")
            : step.kind[0]?.toUpperCase() + step.kind.slice(1)}
      </p>
      <h2 className="text-3xl leading-tight font-semibold @floor:text-5xl short:text-3xl!">{step.title}</h2>
      <p className="text-xl @floor:text-2xl short:text-lg!">{step.detail}</p>
      <div className="flex grow flex-col items-center justify-center py-2 short:col-start-1! short:row-start-1 short:row-span-7">
        <p
          data-testid="clock"
          className={`leading-none font-semibold tracking-tight ${said ? "text-5xl text-soft @floor:text-8xl" : "text-[7.5rem] @floor:text-[13rem] short:text-[8.5rem]!"} ${held ? "text-soft" : ""}`}
        >
          {shownTime}
        </p>
        {said && line && (
          <div className="mt-4 w-full">
            <Amounts line={line} set={set} said={said} say={sayCounted} />
          </div>
        )}
        <div aria-hidden className="mt-3 h-3 w-full rounded bg-sunk">
          <div
            className={`h-3 rounded ${work ? "bg-ember" : "bg-line-strong"}`}
            style={{ width: `${share * 100}%` }}
          />
        </div>
      </div>
      {!said && <RepsOfTheLast shown={shown} session={session} timeline={timeline} at={run.step} />}
      <p className="min-h-7 text-lg text-soft">
        {next
          ? t("Then {{title}}{{more}}", {
              title: next.title,
              more: next.seconds === null ? "" : `, ${countdown(next.seconds)}`,
            })
          : t("Then it is done")}
      </p>
      <div className="sticky bottom-0 bg-ground pt-2 pb-1">
        <BigButton
          step={step}
          mark={mark}
          rounds={run.taps}
          clock={clock}
          onRound={session.onRound}
          words={said && line ? spoken(said, line.bodyweight) : step.detail}
        />
        <div className="mt-2 flex flex-wrap gap-2">
          <Small onClick={clock.back}>
            <SkipBack className="mx-auto" aria-hidden />
            <span className="sr-only">{t("Back")}</span>
          </Small>
          <Small onClick={held ? clock.resume : clock.pause}>
            {held ? <Play className="mx-auto" aria-hidden /> : <Pause className="mx-auto" aria-hidden />}
            <span className="sr-only">{held ? t("Go on") : t("Pause")}</span>
          </Small>
          <Small disabled={ms === null} onClick={() => clock.longer(10)}>
            +10 s
          </Small>
          <Small onClick={clock.skip}>
            <SkipForward className="mx-auto" aria-hidden />
            <span className="sr-only">{t("Skip this step")}</span>
          </Small>
          <Small onClick={clock.end}>
            <Square className="mx-auto" aria-hidden />
            <span className="sr-only">{t("End the clock")}</span>
          </Small>
        </div>
      </div>
    </section>
  );
}

/** How many repetitions the station had that has just ended, where they are counted: one tap, or none. */
function RepsOfTheLast({
  shown,
  session,
  timeline,
  at,
}: {
  shown: ShownFloor;
  session: SessionClock;
  timeline: Timeline;
  at: number;
}) {
  const ended = timeline.steps.slice(0, at).findLast((step) => step.kind === "work" && step.closes);
  const line = shown.lines.find((one) => one.line === ended?.line);
  const set = line?.sets.find((one) => one.number === ended?.number);
  if (!line?.counts || set?.logged?.outcome !== "done") return null;
  const counted = set.logged.how.counted ?? null;
  return (
    <div className="mb-1">
      <p className="text-soft">
        {t("{{exercise}}, set {{number}}:", { exercise: line.exercise, number: set.number })}
      </p>
      <Row
        label={t("Reps")}
        options={choices(null, counted ?? countedBefore(line, set)).map((n) => [n, `${n}`] as const)}
        chosen={counted}
        choose={(reps) => session.sayCount(line, set, reps)}
        clears
      />
    </div>
  );
}

/** The one tap of the moment: the counted set, the round, the checkpoint carried on to, or the end of a rest. */
function BigButton({
  step,
  mark,
  rounds,
  clock,
  onRound,
  words,
}: {
  step: Step;
  mark: number | null;
  rounds: number;
  clock: ClockControls;
  onRound: () => void;
  /** The counted set at hand in one breath. */
  words: string;
}) {
  const act = (label: string, onClick: () => void, tone = "bg-ember text-on-ember") => (
    <button
      type="button"
      className={`min-h-20 w-full rounded-lg px-2 short:min-h-14! text-2xl leading-tight font-semibold hover:brightness-110 ${tone}`}
      onClick={onClick}
    >
      {label}
    </button>
  );
  const plain = "border border-line-strong bg-raised";
  if (step.kind === "rounds") return act(t("Round {{more}} done", { more: rounds + 1 }), onRound);
  if (step.kind === "work" && mark !== null)
    return (
      <div className="grid grid-cols-[2fr_1fr] gap-2">
        {act(t("Carries on to {{mark}} s", { mark }), clock.count)}
        {act(t("Stop now"), clock.tap, plain)}
      </div>
    );
  if (step.kind === "work" && step.seconds === null)
    return act(
      step.closes
        ? t("Done: {{words}}", { words })
        : step.side
          ? t("{{sideName}} done", { sideName: named(sideName[step.side]) })
          : t("Part done"),
      clock.tap,
    );
  if (step.kind === "work") return act(t("Stop now"), clock.tap, plain);
  return act(step.kind === "get ready" ? t("Ready now") : t("Go now"), clock.skip, plain);
}

/** All steps as a strip: work filled, rest light, what is past in green. */
function Steps({ timeline, at }: { timeline: Timeline; at: number }) {
  return (
    <div aria-hidden className="flex h-3 gap-px">
      {timeline.steps.map((step, index) => (
        <span
          key={index}
          style={{ flexGrow: Math.max(step.seconds ?? 30, 3) }}
          className={
            index === at
              ? "bg-ember"
              : index < at
                ? isWork(step)
                  ? "bg-done"
                  : "bg-done-wash"
                : isWork(step)
                  ? "bg-outline"
                  : "bg-sunk"
          }
        />
      ))}
    </div>
  );
}
