import { t } from "../../ui/words";
import { Check } from "lucide-react";
import { useEffect, useRef } from "react";
import { entered, sideName } from "./results";
import type { ShownTest } from "./useRound";

/** All tests of the round in order, each with its result once it has one. */
export function TestStrip({
  tests,
  at,
  choose,
}: {
  tests: ShownTest[];
  at: number;
  choose: (index: number) => void;
}) {
  const here = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // Some browsers answer with a promise, which an effect must not hand on.
    void here.current?.scrollIntoView({ inline: "center", block: "nearest" });
  }, [at]);
  return (
    <nav aria-label={t("Tests")} className="flex gap-2 overflow-x-auto border-b border-line">
      {tests.map((test, index) => (
        <button
          key={`${test.item.id}${test.side ?? ""}`}
          ref={index === at ? here : undefined}
          type="button"
          aria-current={index === at ? "step" : undefined}
          onClick={() => choose(index)}
          className="min-h-14 min-w-30 flex-1 border-b-3 border-transparent px-2 py-1.5 text-left text-sm leading-tight aria-[current=step]:border-ink aria-[current=step]:font-semibold"
        >
          {test.item.name}
          {sideName(test.side)}
          <span className="mt-0.5 flex items-center gap-1 font-normal text-soft">
            {test.waiting ? (
              t("saving …")
            ) : test.result ? (
              <>
                <Check size={14} className="text-done" aria-hidden />
                {entered(test.item, test.result.result)}
              </>
            ) : (
              t("open")
            )}
          </span>
        </button>
      ))}
    </nav>
  );
}
