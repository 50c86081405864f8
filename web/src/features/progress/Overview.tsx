import { t } from "../../ui/words";
import { query } from "../../api/query";
import type { ClientId } from "../../api/ids";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { type Schemas } from "../../api/client";
import { count, fullDate, shortDate } from "../../ui/format";
import { Waiting } from "../../ui/Waiting";
import { LiftTable } from "./LiftTable";
import { WeeksPicture } from "./WeeksPicture";
import { WeightChart } from "./WeightChart";

/** A client's progress as a whole: what to tell, the weeks, the lifts, tests, body and pain. */
export function Overview({ clientId }: { clientId: ClientId }) {
  const found = useQuery(query.overview(clientId));
  const view = found.data;
  if (!view) return <Waiting error={found.error} retry={() => void found.refetch()} />;
  return (
    <>
      <h1 className="text-2xl font-semibold tracking-tight">
        {view.client} <span className="font-normal text-soft">{t("as a whole")}</span>
      </h1>
      <Tellings tellings={view.telling} />
      {view.weeks.length > 0 && <WeeksPicture weeks={view.weeks} />}
      {view.lifts.length > 0 && <LiftTable view={view} />}
      {view.tests.length > 0 && <Tests tests={view.tests} clientId={view.client_id} />}
      <div className="grid gap-x-10 md:grid-cols-2">
        {view.body.length > 0 && <WeightChart points={view.body} unit={view.unit} />}
        <Pain rows={view.pain} clientId={view.client_id} />
      </div>
    </>
  );
}

function Tellings({ tellings }: { tellings: Schemas["Telling"][] }) {
  if (tellings.length === 0)
    return (
      <p className="mt-2 text-soft">
        {t("Nothing beyond chance to tell yet. A few more sessions or a re-test, and it stands here.")}
      </p>
    );
  return (
    <section className="mt-3" aria-label={t("Worth telling")}>
      <h2 className="text-sm font-medium text-soft">{t("Worth telling")}</h2>
      <ol className="mt-1 grid gap-x-8 gap-y-2 border-y border-line py-3 md:grid-cols-3">
        {tellings.map((one) => (
          <li key={one.text} className="text-lg leading-snug font-medium">
            {one.text}
          </li>
        ))}
      </ol>
    </section>
  );
}

function Tests({ tests, clientId }: { tests: Schemas["TestedTwice"][]; clientId: ClientId }) {
  const [first, last] = [tests[0]?.first_on ?? "", tests[0]?.last_on ?? ""];
  return (
    <table className="mt-8 w-full text-left">
      <caption className="mb-1 text-left text-lg font-semibold">
        {t("Tests")}{" "}
        <Link to={`/clients/${clientId}/tests`} className="text-base font-normal text-soft underline">
          {t("side by side")}
        </Link>
      </caption>
      <thead>
        <tr className="border-b-2 border-ink text-sm">
          <th scope="col" className="py-1 font-medium">
            {t("Test")}
          </th>
          <th scope="col" className="text-right font-medium">
            {fullDate(first)}
          </th>
          <th scope="col" className="text-right font-medium">
            {fullDate(last)}
          </th>
          <th scope="col" className="pl-6 font-medium max-md:hidden">
            {t("What that says")}
          </th>
        </tr>
      </thead>
      <tbody>
        {tests.map((test) => (
          <tr key={test.name} className="border-b border-line">
            <th scope="row" className="py-1.5 pr-4 font-normal">
              {test.name}
            </th>
            <td className="text-right text-soft">
              {test.first} {test.unit}
            </td>
            <td className={`text-right font-medium ${tones[test.way] ?? ""}`}>
              {test.last} {test.unit}
            </td>
            <td className="py-1.5 pl-6 text-sm text-soft max-md:hidden">{test.words}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const tones: Record<string, string> = { better: "text-done", worse: "text-caution" };

function Pain({ rows, clientId }: { rows: Schemas["PainRow"][]; clientId: ClientId }) {
  return (
    <section className="mt-8" aria-label={t("Pain in training")}>
      <h2 className="text-lg font-semibold">
        {t("Pain in training")}{" "}
        <Link to={`/clients/${clientId}/health`} className="text-base font-normal text-soft underline">
          {t("health")}
        </Link>
      </h2>
      {rows.length === 0 ? (
        <p className="mt-1 text-soft">{t("No set was logged with pain.")}</p>
      ) : (
        <ul className="mt-1 border-t border-line">
          {rows.map((row) => (
            <li key={row.joint} className="flex flex-wrap gap-x-4 border-b border-line py-1.5">
              <span className="font-medium first-letter:uppercase">{row.joint}</span>
              <span>
                {t("{{days}}, last {{shortDate}}", {
                  days: count(row.days.length, "day"),
                  shortDate: shortDate(row.days.at(-1) ?? ""),
                })}
              </span>
              {row.state && <span className="ml-auto text-soft">{row.state}</span>}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
