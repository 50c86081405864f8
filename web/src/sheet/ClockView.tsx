// The clock of a timed group running: what is on, how long still, what comes.
import { elapsed, left, nextMark } from "../features/floor/clock/player";
import type { ClockControls } from "../features/floor/clock/useClock";
import { countdown } from "../ui/format";
import type { Move } from "./data";
import { Tap } from "./parts";
import { t } from "./phrases";

export function ClockView({
  clock,
  moves,
  finishRound,
}: {
  clock: ClockControls;
  moves: readonly Move[];
  finishRound: () => void;
}) {
  const { running, now } = clock;
  const step = running?.timeline.steps[running.run.step];
  if (!running || !step) return null;
  const { run, timeline } = running;
  const ms = left(timeline, run, now);
  const next = timeline.steps[run.step + 1];
  const mark = nextMark(step, run, now);
  const work = step.kind === "work" || step.kind === "rounds";
  const paused = run.paused !== null;
  const cues = moves.find((one) => one.line === step.line)?.cues ?? [];
  const big = "min-h-20 w-full text-2xl";
  return (
    <main
      aria-label={t("Clock")}
      className={`mt-2 flex grow flex-col border-t-8 pt-3 ${work ? "border-ember" : "border-line-strong"}`}
    >
      <p className={`text-lg font-semibold ${work ? "text-ember" : "text-soft"}`}>
        {paused
          ? t("Paused")
          : t("Step {{step}} of {{steps}}", { step: run.step + 1, steps: timeline.steps.length })}
      </p>
      <h2 className="text-3xl leading-tight font-semibold">{step.title}</h2>
      <p className="text-xl">{step.detail}</p>
      {work && cues.length > 0 && <p className="mt-1 text-soft">{cues.join(" · ")}</p>}
      <p role="timer" className="grow py-4 text-center text-[7rem] leading-none font-semibold">
        {countdown(ms === null ? Math.floor(elapsed(run, now) / 1000) : Math.ceil(ms / 1000))}
      </p>
      <p className="min-h-7 text-lg text-soft">
        {next ? t("Then {{what}}", { what: next.title }) : t("Then it is done")}
      </p>
      <div className="sticky bottom-0 grid gap-2 bg-ground py-2">
        {step.kind === "rounds" ? (
          <Tap tone="act" className={big} onClick={finishRound}>
            {t("Round {{round}} done", { round: run.taps + 1 })}
          </Tap>
        ) : work && mark !== null ? (
          <Tap tone="act" className={big} onClick={clock.count}>
            {t("On to {{seconds}} s", { seconds: mark })}
          </Tap>
        ) : work ? (
          <Tap tone="act" className={big} onClick={clock.tap}>
            {step.seconds === null ? t("Done") : t("Stop now")}
          </Tap>
        ) : (
          <Tap className={big} onClick={clock.skip}>
            {t("Go now")}
          </Tap>
        )}
        <div className="grid grid-cols-3 gap-2">
          <Tap onClick={clock.back}>{t("Back")}</Tap>
          <Tap onClick={paused ? clock.resume : clock.pause}>{paused ? t("Go on") : t("Hold the clock")}</Tap>
          <Tap onClick={clock.end}>{t("End")}</Tap>
        </div>
      </div>
    </main>
  );
}
