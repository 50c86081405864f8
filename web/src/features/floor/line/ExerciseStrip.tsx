import { t } from "../../../ui/words";
import { useNamed } from "../pane";
import { useEffect, useRef } from "react";
import { tally, type ShownFloor } from "../floorState";

/** All exercises of the session in order, each with its sets as dots: filled is logged. */
export function ExerciseStrip({
  shown,
  at,
  choose,
}: {
  shown: ShownFloor;
  at: number;
  choose: (line: number) => void;
}) {
  const named = useNamed();
  const here = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // Some browsers answer with a promise, which an effect must not hand on.
    void here.current?.scrollIntoView({ inline: "center", block: "nearest" });
  }, [at]);
  return (
    <nav aria-label={named(t("Exercises"))} className="flex gap-2 overflow-x-auto border-b border-line">
      {shown.lines.map((line, index) => {
        const { done, all } = tally(line);
        return (
          <button
            key={line.line}
            ref={index === at ? here : undefined}
            type="button"
            aria-current={index === at ? "step" : undefined}
            onClick={() => choose(index)}
            className="min-h-14 short:min-h-12 short:py-0.5 min-w-28 flex-1 border-b-3 border-transparent px-2 py-1.5 text-left text-sm leading-tight aria-[current=step]:border-ink aria-[current=step]:font-semibold"
          >
            <span className={done === all ? "text-soft" : ""}>{line.exercise}</span>
            <span
              className="mt-1 flex gap-1 short:mt-0.5"
              aria-label={t("{{done}} of {{all}} sets", { done, all })}
              role="img"
            >
              {line.sets.map((set) => (
                <span
                  key={set.number}
                  className={`size-2.5 border-[1.5px] ${
                    set.logged === null
                      ? "border-outline"
                      : set.logged.outcome === "done"
                        ? "border-done bg-done"
                        : "border-outline bg-outline"
                  }`}
                />
              ))}
            </span>
          </button>
        );
      })}
    </nav>
  );
}
