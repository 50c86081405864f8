import { named, t } from "../../../ui/words";
import { PlannedAndDone } from "../../../ui/pictures/Bars";
import { Picture } from "../../../ui/pictures/Picture";
import type { Schemas } from "../../../api/client";
import { WeekPicker } from "../sheets/WeekPicker";

/** Patterns of a week, planned and done; push against pull, left against right; planned against done over the weeks. */
export function BalancePanel({
  phase,
  at,
  choose,
}: {
  phase: Schemas["PhaseView"];
  at: number;
  choose: (week: number) => void;
}) {
  const week = phase.volume[at];
  if (!week) return null;
  const most = Math.max(1, ...week.patterns.map((one) => Math.max(one.planned, one.done)));
  const busiest = Math.max(1, ...phase.volume.map((one) => Math.max(one.planned, one.done)));
  return (
    <>
      <WeekPicker phase={phase} at={at} choose={choose} />
      <table className="mt-2 w-full border-collapse">
        <caption className="sr-only">{t("Hard sets by pattern")}</caption>
        <tbody>
          {week.patterns.map((one) => (
            <tr key={one.pattern} className="border-b border-line">
              <th scope="row" className="w-32 py-1 text-left font-medium">
                {named(one.pattern)}
              </th>
              <td>
                <PlannedAndDone
                  planned={one.planned}
                  done={one.done}
                  most={most}
                  says={t("{{pattern}}: {{planned}} planned, {{done}} done", {
                    pattern: named(one.pattern),
                    planned: one.planned,
                    done: one.done,
                  })}
                />
              </td>
              <td className="w-24 text-right text-sm">
                {t("{{planned}} sets", { planned: one.planned })}
                {one.done > 0 && (
                  <span className="block text-soft">{t("{{done}} done", { done: one.done })}</span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Scale left="push" right="pull" a={week.push} b={week.pull} />
      <Scale left="left" right="right" a={week.left} b={week.right} />
      <Apart what={t("Heavy sets, 1 to 3 reps")} planned={week.heavy_planned} done={week.heavy_done} />
      <Apart what={t("Jumps and throws")} planned={week.contacts_planned} done={week.contacts_done} />
      <h3 className="mt-4 font-semibold">{t("Hard sets, week by week")}</h3>
      <table className="mt-1 w-full border-collapse">
        <caption className="sr-only">{t("Hard sets planned and done in each week")}</caption>
        <tbody>
          {phase.volume.map((one, n) => (
            <tr key={phase.weeks[n]?.id ?? n} className="border-b border-line">
              <th scope="row" className="w-16 py-0.5 text-left text-sm font-normal">
                {t("Week")} {phase.weeks[n]?.number}
              </th>
              <td>
                <PlannedAndDone
                  planned={one.planned}
                  done={one.done}
                  most={busiest}
                  says={`week ${phase.weeks[n]?.number}: ${one.planned} planned, ${one.done} done`}
                />
              </td>
              <td className="w-24 text-right text-sm">
                {one.planned}
                {one.done > 0 && (
                  <span className="text-soft">{t(", {{done}} done", { done: one.done })}</span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

/** A count that is told apart from the hard sets. */
function Apart({ what, planned, done }: { what: string; planned: number; done: number }) {
  if (!planned && !done) return null;
  return (
    <p className="mt-2 flex justify-between text-sm">
      <span>{what}</span>
      <span>
        {planned}
        {done > 0 && <span className="text-soft">{t(", {{done}} done", { done })}</span>}
      </span>
    </p>
  );
}

/** Two shares of one bar. */
function Scale({ left, right, a, b }: { left: string; right: string; a: number; b: number }) {
  if (a + b === 0) return null;
  const share = (a / (a + b)) * 100;
  return (
    <p className="mt-3 text-sm">
      <span className="flex justify-between">
        <span>{t("{{left}}  {{a}} sets", { left, a })}</span>
        <span>{t("{{b}} sets {{right}}", { b, right })}</span>
      </span>
      <Picture says={null} width="100%" height={10}>
        <rect width={`${share}%`} height="10" fill="var(--color-outline)" />
        <rect x={`${share}%`} width={`${100 - share}%`} height="10" fill="var(--color-line)" />
        <line x1="50%" x2="50%" y1="0" y2="10" stroke="var(--color-ember)" strokeWidth="2" />
      </Picture>
    </p>
  );
}
