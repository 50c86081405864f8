// The set at hand: what to do, how, one tap when it is done; with other figures three.
import { useState } from "react";
import type { Schemas } from "../api/client";
import type { Timeline } from "../features/floor/clock/player";
import { useMetronome } from "../features/floor/bars/useMetronome";
import type { useRest } from "../features/floor/bars/useRest";
import { countdown } from "../ui/format";
import type { Move } from "./data";
import { asPlanned, SKIPPED, type Done, type Turn } from "./dayLog";
import { Stepper, Tap } from "./parts";
import { number, t } from "./phrases";

export function SetView({
  move,
  turn,
  rest,
  timeline,
  begin,
  byHand,
  done,
  calls,
  language,
}: {
  move: Move;
  turn: Turn;
  rest: ReturnType<typeof useRest>;
  timeline: Timeline | undefined;
  begin: (timeline: Timeline) => void;
  byHand: () => void;
  done: (said: Omit<Done, "at">) => void;
  calls: Schemas["Calls"];
  language: string;
}) {
  const { set } = turn;
  const [said, setSaid] = useState(() => asPlanned(set));
  const beats = useMetronome(timeline ? null : move.metronome, calls, language);
  const working = move.sets.filter((one) => !one.ramp).length;
  const which = set.ramp
    ? t("Ramp-up set {{number}}", { number: set.number })
    : t("Set {{number}} of {{sets}}", { number: set.number, sets: working });
  const counted = said.reps !== null;
  const step = counted ? 1 : 5;
  const amount = said.reps ?? said.seconds ?? 0;
  const figure = (value: number) => setSaid({ ...said, ...(counted ? { reps: value } : { seconds: value }) });
  const loads = move.loads.map((load) => String(load.value));
  const planned = set.aim.load ? String(set.aim.load.value) : null;
  const at = loads.indexOf(said.load ?? planned ?? "");
  const unit = set.aim.load?.unit ?? "";
  const toLoad = (place: number) => {
    const value = loads[place];
    return value === undefined
      ? undefined
      : () => setSaid({ ...said, load: value === planned ? null : value });
  };
  const words = counted
    ? t("{{count}} reps", { count: amount })
    : set.aim.metres
      ? `${number(set.aim.metres)} m`
      : `${number(amount)} s`;
  const weight = planned === null || planned === "0" ? "" : `${number(said.load ?? planned)} ${unit}`;
  const finish = (change: Partial<Done> = {}) => done({ ...said, ...change });
  return (
    <section aria-label={move.name} className="flex flex-col pt-3">
      <h2 className="text-3xl leading-tight font-semibold">{move.name}</h2>
      <p className="mt-1 text-lg">{move.dose}</p>
      {move.together && <p className="text-soft">{move.together}</p>}
      <ul className="mt-2 list-disc space-y-0.5 pl-5 text-lg">
        {[...move.cues, ...(move.always ? [move.always] : [])].map((cue) => (
          <li key={cue}>{cue}</li>
        ))}
      </ul>
      {move.cautions.map((caution) => (
        <p key={caution} className="mt-2 rounded-lg bg-caution-wash px-3 py-2 text-caution">
          {caution}
        </p>
      ))}
      {move.picture && (
        <img src={move.picture} alt={move.name} className="mt-3 max-h-60 rounded-lg object-contain" />
      )}
      <Rungs move={move} />
      {timeline ? (
        <div className="sticky bottom-0 mt-4 grid gap-2 bg-ground py-2">
          <p className="text-lg">{`${timeline.title} · ${countdown(timeline.seconds)} min`}</p>
          <Tap tone="act" className="min-h-20 text-2xl" onClick={() => begin(timeline)}>
            {t("Start the clock")}
          </Tap>
          <Tap onClick={byHand}>{t("Log by hand")}</Tap>
        </div>
      ) : (
        <div className="sticky bottom-0 mt-4 grid gap-3 border-t border-line bg-ground py-3">
          {rest.left !== null && <Resting rest={rest} />}
          <p className="text-lg font-medium">{which}</p>
          {set.aim.metres === null && (
            <Stepper
              label={counted ? t("Reps") : t("Seconds")}
              less={t("fewer")}
              more={t("more")}
              value={words}
              onLess={amount > 0 ? () => figure(Math.max(0, amount - step)) : undefined}
              onMore={() => figure(amount + step)}
            />
          )}
          {weight && at >= 0 && loads.length > 1 && (
            <Stepper
              label={t("Load")}
              less={t("lighter")}
              more={t("heavier")}
              value={weight}
              onLess={toLoad(at - 1)}
              onMore={toLoad(at + 1)}
            />
          )}
          <Tap tone="act" className="min-h-20 text-2xl" onClick={() => finish()}>
            {t("Done")}: {words}
            {weight && ` · ${weight}`}
          </Tap>
          <div className="grid grid-cols-2 gap-2">
            <Tap tone="stop" onClick={() => finish({ hurt: true })}>
              {t("It hurt")}
            </Tap>
            <Tap onClick={() => done(SKIPPED)}>{t("Skip")}</Tap>
          </div>
          {move.metronome && (
            <Tap aria-pressed={beats.beat !== null} onClick={beats.toggle}>
              {beats.beat ? `${beats.beat.rep} · ${beats.beat.say}` : t("Beat")}
            </Tap>
          )}
        </div>
      )}
    </section>
  );
}

function Resting({ rest }: { rest: ReturnType<typeof useRest> }) {
  const over = (rest.left ?? 0) <= 0;
  return (
    <div role="timer" aria-label={t("Rest")} className="rounded-lg bg-sunk px-3 py-2">
      <div className="flex items-center gap-3">
        <p className={`text-4xl font-semibold ${over ? "text-ember" : ""}`}>
          {over ? t("Go") : countdown(Math.ceil(rest.left ?? 0))}
        </p>
        <span className="grow" />
        <Tap className="min-h-12 px-3! whitespace-nowrap" onClick={() => rest.longer(30)}>
          +30 s
        </Tap>
        <Tap className="min-h-12 px-3! whitespace-nowrap" onClick={rest.end}>
          {t("Go now")}
        </Tap>
      </div>
      <div aria-hidden className="mt-2 h-2 rounded bg-line">
        <div className="h-2 rounded bg-ink" style={{ width: `${rest.share * 100}%` }} />
      </div>
    </div>
  );
}

function Rungs({ move }: { move: Move }) {
  const { easier, harder } = move;
  if (!easier && !harder) return null;
  return (
    <details className="mt-3">
      <summary className="min-h-12 cursor-pointer py-2 font-medium">
        {t("Too much, or too easy today?")}
      </summary>
      {[easier && ([t("Too much today"), easier] as const), harder && ([t("Too easy"), harder] as const)].map(
        (rung) =>
          rung && (
            <div key={rung[0]} className="mb-2">
              <p>
                {rung[0]}: <strong>{rung[1].name}</strong>
              </p>
              <p className="text-soft">{rung[1].cues.join(" · ")}</p>
            </div>
          ),
      )}
    </details>
  );
}
