import { t } from "../../ui/words";
import { Part } from "../../ui/Waiting";
import { Picture } from "../../ui/pictures/Picture";
import { query } from "../../api/query";
import { useQuery } from "@tanstack/react-query";
import { type Schemas } from "../../api/client";
import { Message } from "../../ui/Message";
import { gapsInWords, span } from "./steps";

const names: Record<Schemas["ImplementKind"], string> = {
  barbell: t("Barbell"),
  dumbbell: t("Dumbbells, each"),
  kettlebell: t("Kettlebells"),
  stack: t("Stack"),
  band: t("Bands, estimated"),
  improvised: t("Improvised, estimated"),
  "medicine ball": t("Medicine balls"),
  assistance: t("Taken off body weight"),
  bodyweight: t("Added to body weight"),
};

/** What can be lifted, as it is typed: each load a tick on its line, each step of more than 10 % marked. */
export function EquipmentPicture({ text, unit }: { text: string; unit: Schemas["Unit"] }) {
  const read = useQuery(query.equipment(unit, text));
  return (
    <Part of={read}>
      {(data) => (
        <div className="grid gap-4">
          {data.problems.map((problem) => (
            <Message key={problem.line} tone="caution">
              {t("Line {{line}}, “{{text}}”: {{expected}}", {
                line: problem.line,
                text: problem.text,
                expected: problem.expected,
              })}
            </Message>
          ))}
          <ol aria-label={t("Line by line")} className="text-sm">
            {data.understood
              .filter((one) => one.said)
              .map((one) => (
                <li key={one.line} className="flex gap-2">
                  <span className="w-5 shrink-0 text-right text-soft">{one.line}</span>
                  <span className="min-w-0 break-words">{one.said}</span>
                </li>
              ))}
          </ol>
          {data.kinds.map((kind) => (
            <KindLine key={kind.kind} kind={kind} />
          ))}
          {(data.features.length > 0 || data.things.length > 0 || data.absent.length > 0) && (
            <p>
              <span className="text-sm font-medium">{t("Also there:")} </span>
              {[...data.features, ...data.things].join(", ") || t("nothing listed")}
              {data.absent.length > 0 && (
                <span className="text-caution">
                  {t("; missing: {{absent}}", { absent: data.absent.join(", ") })}
                </span>
              )}
            </p>
          )}
          {data.kinds.length > 0 && (
            <p className="text-sm text-soft">
              {t(
                "A tick is a load that can be made. Amber marks a step of more than 10 %: there, reps come before load.",
              )}
            </p>
          )}
        </div>
      )}
    </Part>
  );
}

function KindLine({ kind }: { kind: Schemas["LoadsOfKind"] }) {
  const { loads, gaps, other_unit } = kind;
  const top = kind.kilograms.at(-1) ?? 0;
  const at = (index: number) => (top ? ((kind.kilograms[index] ?? 0) / top) * 100 : 0);
  const [first, last] = [loads[0]?.load, loads.at(-1)?.load];
  const [low, high] = [other_unit[0], other_unit.at(-1)];
  const big = gaps.filter(Boolean).length;
  return (
    <figure>
      <figcaption className="flex flex-wrap items-baseline justify-between gap-x-3 text-sm">
        <span className="font-medium">{names[kind.kind]}</span>
        <span className="text-soft">
          {loads.length === 1
            ? t("1 load, {{first}}", { first: span(first, first) })
            : t("{{loads}} loads, {{first}}", { loads: loads.length, first: span(first, last) })}
          <span className="ml-2">= {span(low, high)}</span>
        </span>
      </figcaption>
      <Picture
        width="100%"
        height={24}
        says={loads.map((made) => `${made.load.value} ${made.load.unit}`).join(", ")}
      >
        <line x1="0" x2="100%" y1="18" y2="18" stroke="var(--color-line-strong)" />
        {loads.map((made, index) => (
          <g key={`${made.load.value} ${made.load.unit}`}>
            {gaps[index] && (
              <line
                x1={`${at(index - 1)}%`}
                x2={`${at(index)}%`}
                y1="18"
                y2="18"
                stroke="var(--color-caution)"
                strokeWidth="4"
              />
            )}
            <line
              x1={`${at(index)}%`}
              x2={`${at(index)}%`}
              y1="5"
              y2="18"
              stroke="var(--color-ink)"
              strokeWidth={loads.length > 60 ? 0.75 : 1.5}
            >
              <title>
                {made.load.value} {made.load.unit} ({other_unit[index]?.value} {other_unit[index]?.unit}):{" "}
                {made.how}
              </title>
            </line>
          </g>
        ))}
      </Picture>
      {big > 0 && (
        <p className="text-sm text-caution">
          {t("{{more}} of more than 10 %: {{kind}}", {
            more: big === 1 ? t("1 step") : t("{{big}} steps", { big }),
            kind: gapsInWords(kind),
          })}
        </p>
      )}
    </figure>
  );
}
