import { named, t } from "../../../ui/words";
import { PlannedAndDone } from "../../../ui/pictures/Bars";
import type { Schemas } from "../../../api/client";
import { WeekPicker } from "../sheets/WeekPicker";

type Week = Schemas["WeekVolume"];

const tones = {
  below: "text-soft",
  within: "text-ink",
  above: "text-caution",
};
const words = { below: t("below the band"), within: t("within the band"), above: t("above the band") };

/** Hard sets of a week by muscle: planned as an outline, done as a fill, the client's band shaded behind. */
export function VolumePanel({
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
  const most = Math.max(
    week.band.high * 1.2,
    ...week.muscles.map((m) => Math.max(Number(m.planned), Number(m.done))),
  );
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <WeekPicker phase={phase} at={at} choose={choose} />
        <p className="text-sm text-soft">
          {t("Band {{low}} to {{high}} sets a week, shaded.", { low: week.band.low, high: week.band.high })}
        </p>
      </div>
      {week.muscles.length === 0 ? (
        <p className="mt-2 text-soft">
          {t("Nothing that counts as a hard set is planned in this week yet.")}
        </p>
      ) : (
        <Table muscles={week.muscles} week={week} most={most} />
      )}
      <details className="mt-2 text-sm text-soft">
        <summary className="cursor-pointer">{t("How it is counted, and what gets nothing")}</summary>
        <p className="mt-1">
          {t(
            "A hard set has at most 4 reps left (or nobody said) and 4 to 35 reps or 15 s and more. It counts 1 for a muscle that moves the load, 0.5 for one that helps. {{source}}. Nothing planned for: {{more}}.",
            { source: week.band.source, more: week.without.join(", ") || t("no muscle") },
          )}
        </p>
      </details>
    </>
  );
}

function Table({ muscles, week, most }: { muscles: Schemas["MuscleWeek"][]; week: Week; most: number }) {
  return (
    <table className="mt-2 w-full table-fixed border-collapse">
      <caption className="sr-only">{t("Hard sets by muscle")}</caption>
      <thead className="sr-only">
        <tr>
          <th scope="col">{t("Muscle")}</th>
          <th scope="col">{t("Picture")}</th>
          <th scope="col">{t("Planned and done")}</th>
        </tr>
      </thead>
      <tbody>
        {muscles.map((entry) => (
          <tr key={entry.muscle} className="border-b border-line">
            <th scope="row" className="w-28 py-1 text-left leading-tight font-medium">
              {named(entry.muscle)}
            </th>
            <td className="py-1">
              <PlannedAndDone
                planned={Number(entry.planned)}
                done={Number(entry.done)}
                most={most}
                band={week.band}
                over={entry.standing === "above"}
                says={t("{{planned}} sets planned, {{done}} done, band {{low}} to {{high}}", {
                  planned: Number(entry.planned),
                  done: Number(entry.done),
                  low: week.band.low,
                  high: week.band.high,
                })}
              />
            </td>
            <td className={`w-24 py-1 pl-2 text-right text-sm ${tones[entry.standing]}`}>
              <details>
                <summary className="cursor-pointer">
                  {t("{{planned}} sets", { planned: Number(entry.planned) })}
                  {Number(entry.done) > 0 && t(", {{done}} done", { done: Number(entry.done) })}
                  <span className="sr-only">, {words[entry.standing]}</span>
                  {entry.standing === "above" && <span aria-hidden> ▲</span>}
                  {entry.standing === "below" && <span aria-hidden> ▽</span>}
                </summary>
                <ul className="text-left">
                  {entry.lines.map((line) => (
                    <li key={line}>{line}</li>
                  ))}
                </ul>
              </details>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
