// What a result would put into the log, before it does.
import { t } from "../../ui/words";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import type { ClientId } from "../../api/ids";
import { Button } from "../../ui/Button";
import { longDate } from "../../ui/format";
import { Message } from "../../ui/Message";

export function ResultPreview({
  seen,
  client,
  busy,
  take,
  leave,
}: {
  seen: Schemas["HomeResultView"];
  client: ClientId;
  busy: boolean;
  take: () => void;
  leave?: () => void;
}) {
  const other = seen.client_id !== client;
  return (
    <div className="mt-3 border-l-4 border-line-strong pl-3">
      <p className="font-medium">
        {seen.client}: {seen.day}, {longDate(seen.on)}
      </p>
      <p className="text-soft">
        {t("{{minutes}} min", { minutes: seen.minutes })}
        {seen.effort !== null && ` ${t("· effort {{effort}} of 10", { effort: seen.effort })}`}
      </p>
      {seen.said.map((said) => (
        <Message key={said} tone="caution" className="mt-1.5">
          {said}
        </Message>
      ))}
      {seen.note && <p className="mt-2">“{seen.note}”</p>}
      <table className="mt-2 w-full border-collapse">
        <caption className="sr-only">{t("What came back of {{day}}", { day: seen.day })}</caption>
        <thead>
          <tr className="border-b border-line text-left text-sm text-soft">
            <th scope="col" className="py-1 font-normal">
              {t("Exercise")}
            </th>
            <th scope="col" className="py-1 font-normal">
              {t("Done")}
            </th>
          </tr>
        </thead>
        <tbody>
          {seen.lines.map((line, index) => (
            <tr key={index} className="border-b border-line align-top">
              <th scope="row" className="py-1 pr-4 text-left font-medium">
                {line.exercise}
                <span className="block text-sm font-normal text-soft">{line.asked}</span>
              </th>
              <td className={`py-1 ${line.hurt ? "text-stop" : ""}`}>
                {line.done.length ? line.done.join(" · ") : t("not done")}
                {line.hurt && line.done.length === 0 && t(", hurt")}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-3 flex flex-wrap gap-3">
        {seen.open_to_log && !other && (
          <Button tone="act" disabled={busy} onClick={take}>
            {t("Into the log")}
          </Button>
        )}
        {leave && !seen.taken && (
          <Button disabled={busy} onClick={leave}>
            {t("Leave it out")}
          </Button>
        )}
        {seen.session_id && (
          <Link className="inline-flex min-h-9 items-center underline" to={`/sessions/${seen.session_id}`}>
            {t("To the review")}
          </Link>
        )}
        {other && (
          <Link className="inline-flex min-h-9 items-center underline" to={`/clients/${seen.client_id}/home`}>
            {t("To {{client}}", { client: seen.client })}
          </Link>
        )}
      </div>
    </div>
  );
}
