import { t } from "../../ui/words";
import { Input } from "../../ui/fields/Input";
import { Minus } from "lucide-react";
import { Button } from "../../ui/Button";
import { countdown } from "../../ui/format";
import type { useStopwatch } from "./useStopwatch";

type Watch = ReturnType<typeof useStopwatch>;

/** A tap anywhere on the large field counts one; with a time limit the clock starts at the first tap. */
export function Counter({
  value,
  tap,
  limit,
  watch,
}: {
  value: number;
  tap: (by: number) => void;
  limit: number | null;
  watch: Watch;
}) {
  const over = limit !== null && watch.seconds >= limit;
  const left = limit === null ? null : limit - watch.seconds;
  return (
    <div className="flex min-h-56 grow gap-3">
      <button
        type="button"
        disabled={over}
        onClick={() => {
          if (limit !== null && !watch.running) watch.start();
          tap(1);
        }}
        className="flex grow touch-manipulation flex-col items-center justify-center rounded-lg border-2 border-line-strong bg-raised select-none active:border-ember active:bg-ember-wash disabled:opacity-60"
      >
        <span className="text-[7rem] leading-none font-semibold tabular-nums sm:text-[10rem]">{value}</span>
        <span className="text-lg text-soft">{over ? t("Time") : t("Tap for each good rep")}</span>
        {left !== null && (
          <span className="mt-1 text-3xl font-medium" role="timer">
            {countdown(left)}
          </span>
        )}
      </button>
      <div className="grid content-center gap-3">
        <Button
          big
          className="size-16"
          aria-label={t("One fewer")}
          onClick={() => tap(-1)}
          disabled={value === 0}
        >
          <Minus aria-hidden />
        </Button>
        {limit !== null && !watch.running && !over && (
          <Button big onClick={watch.start}>
            {t("Go")}
          </Button>
        )}
      </div>
    </div>
  );
}

/** Start, stop, again; or type the seconds. */
export function Stopwatch({
  watch,
  typed,
  type,
}: {
  watch: Watch;
  typed: string;
  type: (text: string) => void;
}) {
  const shown = watch.seconds > 0 || watch.running;
  return (
    <div className="flex min-h-56 grow flex-col gap-3">
      <button
        type="button"
        onClick={watch.running ? watch.stop : watch.start}
        className={`flex grow touch-manipulation flex-col items-center justify-center rounded-lg border-2 select-none ${watch.running ? "border-ember bg-ember-wash" : "border-line-strong bg-raised"}`}
      >
        <span className="text-[6rem] leading-none font-semibold tabular-nums sm:text-[9rem]" role="timer">
          {shown ? watch.seconds.toFixed(watch.running ? 0 : 1) : typed || "0"}
        </span>
        <span className="mt-1 text-lg text-soft">
          {watch.running ? t("seconds. Tap to stop") : shown ? t("seconds. Tap to go on") : t("Tap to start")}
        </span>
      </button>
      <div className="flex items-center gap-3">
        <label className="flex items-center gap-2">
          {t("or type")}
          <Input
            sort="decimal"
            value={typed}
            change={(text) => {
              watch.reset();
              type(text);
            }}
            className="min-h-12 w-24 text-lg"
          />
          {t("seconds")}
        </label>
        <Button big disabled={!shown || watch.running} onClick={watch.reset}>
          {t("Back to 0")}
        </Button>
      </div>
    </div>
  );
}

/** A clock that runs down while a distance is covered. */
export function Clock({ watch, limit }: { watch: Watch; limit: number }) {
  const over = watch.seconds >= limit;
  return (
    <button
      type="button"
      onClick={watch.running ? watch.stop : watch.start}
      disabled={over}
      className={`flex min-h-40 flex-col items-center justify-center rounded-lg border-2 ${watch.running ? "border-ember bg-ember-wash" : "border-line-strong bg-raised"}`}
    >
      <span className="text-[5rem] leading-none font-semibold sm:text-[7rem]" role="timer">
        {countdown(limit - watch.seconds)}
      </span>
      <span className="mt-1 text-lg text-soft">
        {over ? t("Time") : watch.running ? t("Tap to stop") : t("Tap to start")}
      </span>
    </button>
  );
}
