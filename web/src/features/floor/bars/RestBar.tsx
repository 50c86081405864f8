import { t } from "../../../ui/words";
import { useNamed } from "../pane";
import type { ReactNode } from "react";
import { countdown } from "../../../ui/format";
import type { useRest } from "./useRest";

/** Rest running out: a figure to read from two metres, a bar that empties, words for ears; `children` when nobody rests. */
export function RestBar({
  rest,
  undo,
  children,
}: {
  rest: ReturnType<typeof useRest>;
  /** The way back from what was just logged, beside the rest that it began. */
  undo: ReactNode;
  children: ReactNode;
}) {
  const named = useNamed();
  const { left, share } = rest;
  if (left === null)
    return (
      <>
        <div className="flex grow items-end pb-2">{children}</div>
        {undo}
      </>
    );
  const over = left <= 0;
  return (
    <section
      aria-label={named(t("Rest"))}
      className={`relative my-1 flex min-h-14 grow @floor:my-3 @floor:min-h-16 items-center overflow-hidden rounded-lg border ${over ? "border-ember bg-ember-wash" : "border-line bg-raised"}`}
    >
      <div aria-hidden className="absolute inset-y-0 left-0 bg-sunk" style={{ width: `${share * 100}%` }} />
      <div className="relative flex w-full items-center gap-x-3 px-3 py-1 @floor:gap-x-4 @floor:px-4">
        <p
          className="text-5xl @floor:text-8xl short:text-4xl! leading-none font-semibold tracking-tight"
          data-testid="rest"
        >
          {over ? t("Go") : countdown(left)}
        </p>
        <p className={`text-lg text-soft ${undo ? "@max-floor:sr-only" : ""}`}>
          {over ? t("{{countdown}} over", { countdown: countdown(-left) }) : t("rest")}
        </p>
        <div className="ml-auto flex items-center gap-2">
          {undo}
          <button
            type="button"
            className="min-h-12 rounded-md border border-line-strong bg-raised px-2.5 whitespace-nowrap @floor:px-4"
            onClick={() => rest.longer(30)}
          >
            +30 s
          </button>
          <button
            type="button"
            className="min-h-12 rounded-md border border-line-strong bg-raised px-2.5 whitespace-nowrap @floor:px-4"
            onClick={() => rest.end()}
          >
            {t("End rest")}
          </button>
        </div>
      </div>
      <p className="sr-only" role="timer" aria-live="assertive">
        {over ? t("Rest is over") : left <= 10 ? t("Ten seconds") : ""}
      </p>
    </section>
  );
}
