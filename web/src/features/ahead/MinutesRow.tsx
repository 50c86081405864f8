import { t } from "../../ui/words";
import { LimitBar } from "../../ui/pictures/Bars";
import type { Schemas } from "../../api/client";

interface Props {
  minutes: number[];
  limit: number;
  weeks: Schemas["AheadWeek"][];
}

/** The day's estimated minutes in each week against what there is. */
export function MinutesRow({ minutes, limit, weeks }: Props) {
  const most = Math.max(limit * 1.1, ...minutes);
  return (
    <tfoot>
      <tr className="align-bottom">
        <th scope="row" className="py-2 pr-4 text-left">
          <span className="block font-semibold">{t("The whole day")}</span>
          <span className="block text-sm font-normal text-soft">{t("of {{limit}} min", { limit })}</span>
        </th>
        {weeks.map((week, n) => {
          const needs = minutes[n] ?? 0;
          const over = needs > limit;
          return (
            <td key={week.number} className="py-2 pr-3">
              {needs > 0 && (
                <>
                  <span className={over ? "font-semibold text-caution" : ""}>
                    {t("{{needs}} min", { needs })}
                  </span>
                  <LimitBar needs={needs} limit={limit} most={most} says={null} />
                </>
              )}
            </td>
          );
        })}
      </tr>
    </tfoot>
  );
}
