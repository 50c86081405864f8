import { t } from "../../ui/words";
import { query } from "../../api/query";
import type { DayId } from "../../api/ids";
import { useAddress } from "../../app/useAddress";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { type Schemas } from "../../api/client";
import { Choice } from "../../ui/fields/Choice";
import { shortDate } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Tick } from "../../ui/Tick";
import { Waiting } from "../../ui/Waiting";
import { CourseRow } from "./CourseRow";
import { MinutesRow } from "./MinutesRow";

const outlooks = [
  ["all goes well", t("All goes well")],
  ["as lately", t("As lately")],
  ["a bad patch", t("A bad patch")],
] as const;

const meaning: Record<Schemas["Scenario"], string> = {
  "all goes well": t("Every week trained, strength rising as well as it may."),
  "as lately": t("Every week trained, strength rising as it has of late."),
  "a bad patch": t("Two weeks lost, a weak week back, strength rising as little as it may."),
};

/** A day through the weeks to come: what accepting every proposal would come to, under three outlooks. */
export function AheadView() {
  const { programId } = useAddress();
  const [search, setSearch] = useSearchParams();
  const [words, setWords] = useState(false);
  const day = (search.get("day") ?? "") as DayId;
  const outlook = outlooks.find(([name]) => name === search.get("outlook"))?.[0] ?? "as lately";
  const found = useQuery(query.ahead(programId, day, outlook));
  const shown = found.data?.day_id;
  const queries = useQueryClient();
  // The other two are one tap away.
  useEffect(() => {
    if (!shown) return;
    for (const [other] of outlooks) void queries.prefetchQuery(query.ahead(programId, shown, other));
  }, [queries, programId, shown]);
  if (!found.data) return <Waiting shape="table" error={found.error} retry={() => void found.refetch()} />;
  const view = found.data;
  const { minutes } = view;
  const go = (change: Record<string, string>) =>
    setSearch({ day: view.day_id, outlook, ...change }, { replace: true });
  return (
    <div className="mx-auto max-w-7xl px-4 py-5">
      <h1 className="text-2xl font-semibold tracking-tight">
        {t("The weeks ahead")} <span className="font-normal text-soft">{t("for")}</span> {view.client},{" "}
        <Link to={`/programs/${programId}`} className="hover:underline">
          {view.day}
        </Link>
      </h1>
      <div className="mt-3 flex flex-wrap items-end gap-x-8 gap-y-3">
        <Choice
          label={t("If it goes")}
          value={outlook}
          options={outlooks}
          choose={(value) => go({ outlook: value })}
        />
        <Choice
          label={t("Day")}
          value={view.day_id}
          options={view.days.map((one) => [one.id, one.name] as const)}
          choose={(value) => go({ day: value })}
        />
        <Tick checked={words} set={setWords} className="ml-auto">
          {t("In words")}
        </Tick>
      </div>
      <p className="mt-2 max-w-4xl text-sm text-soft">
        {t(
          "{{meaning}} Every proposal is taken as it comes. The line is what to expect, the band holds eight of ten clients as well known as this one. Nothing is written into the plan.",
          { meaning: meaning[view.outlook] },
        )}
      </p>
      {minutes.over && (
        <Message tone="caution" className="mt-3">
          {minutes.over}
        </Message>
      )}
      <div className="mt-4 overflow-x-auto" tabIndex={0} role="region" aria-label={t("Weeks ahead")}>
        <table className="w-full min-w-[60rem] table-fixed border-collapse">
          <caption className="sr-only">
            {t("What to expect of each exercise, week by week: {{day}} of {{client}}", {
              day: view.day,
              client: view.client,
            })}
          </caption>
          <thead>
            <tr className="border-b-2 border-ink text-left text-sm align-bottom">
              <th scope="col" className="w-32 py-1 font-medium md:w-56">
                {t("Exercise")}
              </th>
              {view.weeks.map((week, n) => (
                <th key={week.number} scope="col" className="py-1 font-medium">
                  {week.beyond && !view.weeks[n - 1]?.beyond && (
                    <span className="block font-normal whitespace-nowrap text-soft">
                      {t("If {{phase}} went on", { phase: view.phase })}
                    </span>
                  )}
                  {t("Week {{number}}", { number: week.number })}
                  <span className="block font-normal text-soft">
                    {shortDate(week.on)}
                    {week.easing_off && t(", eases off")}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {view.lines.map((line) => (
              <CourseRow key={line.line} line={line} weeks={view.weeks} words={words} />
            ))}
          </tbody>
          <MinutesRow minutes={minutes.minutes} limit={view.limit} weeks={view.weeks} />
        </table>
      </div>
    </div>
  );
}
