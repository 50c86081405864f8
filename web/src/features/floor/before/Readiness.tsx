import { named, t } from "../../../ui/words";
import { Joint } from "../../../api/enums";
import { ChevronDown } from "lucide-react";
import type { Schemas } from "../../../api/client";
import { isPaired, topicName } from "../../health/names";
import { Row, Small } from "../pad/Row";

type Pain = Schemas["PainRequest"];
export interface Answers {
  sleep: number | null;
  energy: number | null;
  stress: number | null;
  soreness: number | null;
  pains: Pain[];
}

export const UNASKED: Answers = { sleep: null, energy: null, stress: null, soreness: null, pains: [] };

const asked: readonly (readonly [keyof Omit<Answers, "pains">, string, string, string])[] = [
  ["sleep", t("Slept"), t("badly"), t("very well")],
  ["energy", t("Energy"), t("none"), t("plenty")],
  ["stress", t("Stress"), t("none"), t("a lot")],
  ["soreness", t("Sore"), t("not at all"), t("very")],
];

const FIVE = [1, 2, 3, 4, 5] as const;

/** The report once all four are answered; null before that, and while a side is not said. */
export function reportOf(answers: Answers): Schemas["ReadinessRequest"] | null {
  const { sleep, energy, stress, soreness, pains } = answers;
  if (sleep === null || energy === null || stress === null || soreness === null) return null;
  return { sort: "readiness", sleep, energy, stress, soreness, pains };
}

/** Four answers from one to five, and what hurts. */
export function Readiness({ answers, set }: { answers: Answers; set: (answers: Answers) => void }) {
  const hurts = (joint: Schemas["Joint"], side: Schemas["Side"] | null) =>
    answers.pains.some((pain) => pain.joint === joint && (pain.side ?? null) === side);
  const toggle = (joint: Schemas["Joint"], side: Schemas["Side"] | null) => {
    const others = answers.pains.filter((pain) => !(pain.joint === joint && (pain.side ?? null) === side));
    const pain = { joint, side };
    set({ ...answers, pains: hurts(joint, side) ? others : [...others, pain] });
  };
  return (
    <>
      {asked.map(([key, label, least, most]) => (
        <div key={key}>
          <Row
            label={label}
            options={FIVE.map((n) => [n, `${n}`] as const)}
            chosen={answers[key]}
            choose={(value) => set({ ...answers, [key]: value })}
          />
          <p aria-hidden className="flex justify-between text-sm @floor:pl-14 text-soft">
            <span>{least}</span>
            <span>{most}</span>
          </p>
        </div>
      ))}
      <details className="group mt-3">
        <summary className="flex min-h-12 cursor-pointer items-center justify-between rounded-md border border-line-strong bg-raised px-3 @floor:text-lg">
          {answers.pains.length
            ? t("Hurts: {{pains}}", {
                pains: answers.pains.map((pain) => topicName(pain.joint, pain.side)).join(", "),
              })
            : t("Something hurts")}
          <ChevronDown className="group-open:rotate-180" size={20} aria-hidden />
        </summary>
        <div className="mt-4 grid gap-2">
          {Joint.map((joint) => (
            <div key={joint} className="flex flex-wrap items-center gap-2">
              <span className="w-24 shrink-0 capitalize">{named(joint)}</span>
              {isPaired(joint) ? (
                (["left", "right"] as const).map((side) => (
                  <Small key={side} pressed={hurts(joint, side)} onClick={() => toggle(joint, side)}>
                    {named(side)}
                  </Small>
                ))
              ) : (
                <Small pressed={hurts(joint, null)} onClick={() => toggle(joint, null)}>
                  {t("hurts")}
                </Small>
              )}
            </div>
          ))}
        </div>
      </details>
    </>
  );
}
