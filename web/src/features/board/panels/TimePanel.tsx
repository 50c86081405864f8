import { t } from "../../../ui/words";
import { LimitBar } from "../../../ui/pictures/Bars";
import type { Schemas } from "../../../api/client";
import { minutes } from "../../../ui/format";

/** Minutes of each day and week against what there is, as a picture that is its own table. */
export function TimePanel({ view, phase }: { view: Schemas["BoardView"]; phase: Schemas["PhaseView"] }) {
  return (
    <>
      <p className="text-sm text-soft">
        {t("Estimated from sets, rests and changes, times the client’s pace of {{pace}}", {
          pace: view.pace.toFixed(2),
        })}
        {view.pace === 1 && ` ${t("(not known yet)")}`}.
      </p>
      {phase.days.map((day) => {
        const limit = day.minutes ?? view.minutes;
        const most = Math.max(limit * 1.15, ...day.seconds.map(minutes));
        return (
          <table key={day.id} className="mt-3 w-full border-collapse">
            <caption className="text-left font-medium">
              {day.name} <span className="font-normal text-soft">{t("{{limit}} min", { limit })}</span>
            </caption>
            <tbody>
              {phase.weeks.map((week, n) => {
                const needs = minutes(day.seconds[n] ?? 0);
                return (
                  <tr key={week.id}>
                    <th scope="row" className="w-14 text-left text-sm font-normal text-soft">
                      {t("Week {{number}}", { number: week.number })}
                    </th>
                    <td>
                      <LimitBar
                        needs={needs}
                        limit={limit}
                        most={most}
                        says={t("{{needs}} of {{limit}} min", { needs, limit })}
                      />
                    </td>
                    <td
                      className={`w-16 text-right text-sm ${needs > limit ? "font-medium text-caution" : ""}`}
                    >
                      {t("{{needs}} min", { needs })}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        );
      })}
    </>
  );
}
