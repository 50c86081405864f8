import { t } from "../../../ui/words";
import type { UseQueryResult } from "@tanstack/react-query";
import { Problem, type Schemas } from "../../../api/client";
import { count } from "../../../ui/format";
import { Message } from "../../../ui/Message";
import { Part } from "../../../ui/Waiting";

type Look = Schemas["TrialView"];

/** What a change would do, before it is taken: minutes, sets by muscle, findings before and after. */
export function LookFirst({ of }: { of: UseQueryResult<Look> }) {
  if (of.error instanceof Problem) return <Message tone="stop">{of.error.message}</Message>;
  return (
    <Part of={of} lines={3}>
      {(look) => <Looked look={look} />}
    </Part>
  );
}

const MOST_MUSCLES = 8;
const MOST_SHOWN = 4;
/** Differences beyond which only their number is told. */
const MOST_TOLD = 16;

function Looked({ look }: { look: Look }) {
  const days = byDay(look.minutes);
  const muscles = [...look.muscles].sort((a, b) => change(b) - change(a)).slice(0, MOST_MUSCLES);
  const nothing = look.differences.length === 0;
  if (nothing) return <p className="text-soft">{t("Nothing would change.")}</p>;
  return (
    <dl
      aria-label={t("What it would change")}
      className="grid grid-cols-[5.5rem_1fr] gap-x-3 gap-y-1 text-sm [&>dt]:text-soft"
    >
      <dt>{t("Minutes")}</dt>
      <dd>
        {days.length === 0 && t("as before")}
        {days.map((one) => (
          <span key={one.day} className="mr-4 inline-block">
            {one.day} <b>{one.words}</b>
          </span>
        ))}
      </dd>
      <dt>{t("Sets a week")}</dt>
      <dd>
        {muscles.length === 0 && t("as before, muscle by muscle")}
        {muscles.map((one) => (
          <span key={one.phase + one.muscle} className="mr-4 inline-block">
            {one.muscle} {Number(one.before)} → <b>{Number(one.after)}</b>
          </span>
        ))}
        {look.muscles.length > MOST_MUSCLES &&
          t("and {{more}} more", { more: look.muscles.length - MOST_MUSCLES })}
      </dd>
      <dt>{t("Findings")}</dt>
      <dd>
        {look.new.length + look.gone.length === 0 && t("none more, none fewer")}
        {look.gone.length > 0 && (
          <span className="mr-4 text-done">
            {t("✓ {{findings}} gone", { findings: count(look.gone.length, "finding") })}
          </span>
        )}
        {look.new.slice(0, MOST_SHOWN).map((message) => (
          <span key={message} className="block text-caution">
            ▲ {message}
          </span>
        ))}
        {look.new.length > MOST_SHOWN && (
          <span>{t("and {{more}} more", { more: look.new.length - MOST_SHOWN })}</span>
        )}
      </dd>
      {look.changes.length > 0 && (
        <>
          <dt>{t("Adapted")}</dt>
          <dd>
            {look.changes.map((one) => (
              <span key={one} className="block">
                {one}
              </span>
            ))}
          </dd>
        </>
      )}
      <dt>{t("Changed")}</dt>
      <dd>
        {look.differences.length > MOST_TOLD &&
          t("{{differences}} places of the plan", { differences: look.differences.length })}
        {(look.differences.length > MOST_TOLD ? [] : look.differences).slice(0, MOST_SHOWN).map((one) => (
          <span key={one.where + one.after} className="block">
            <span className="text-soft">{one.where}:</span> {one.before && <s>{one.before}</s>}{" "}
            {one.after || t("taken out")}
          </span>
        ))}
        {look.differences.length > MOST_SHOWN && look.differences.length <= MOST_TOLD && (
          <span>{t("and {{more}} more", { more: look.differences.length - MOST_SHOWN })}</span>
        )}
      </dd>
    </dl>
  );
}

const change = (one: Schemas["MuscleChange"]) => Math.abs(Number(one.after) - Number(one.before));

const range = (figures: number[]) => {
  const [least, most] = [Math.min(...figures), Math.max(...figures)];
  return least === most ? `${most}` : `${least}–${most}`;
};

/** The minutes day by day, the weeks put together: "48 → 52–55 min". */
function byDay(changes: Schemas["MinutesChange"][]) {
  const days = new Map<string, Schemas["MinutesChange"][]>();
  for (const one of changes) days.set(one.day, [...(days.get(one.day) ?? []), one]);
  return [...days].map(([day, weeks]) => {
    const before = weeks.filter((one) => one.before > 0).map((one) => one.before);
    const after = weeks.filter((one) => one.after > 0).map((one) => one.after);
    const was = before.length > 0 ? `${range(before)} → ` : "";
    return {
      day,
      words:
        after.length > 0
          ? t("{{was}}{{after}} min", { was, after: range(after) })
          : t("{{was}}none", { was }),
    };
  });
}
