import { named, t } from "../../ui/words";
import type { ClientId } from "../../api/ids";
import { api, type Schemas } from "../../api/client";
import { fullDate } from "../../ui/format";
import { Button } from "../../ui/Button";
import { Message } from "../../ui/Message";
import { topicName } from "./names";
import { useHealth } from "./useHealth";

const dots = {
  "hurts now": "bg-stop border-stop",
  "spare it": "bg-caution border-caution",
  "watch it": "bg-raised border-ink",
  over: "bg-done border-done",
};

/** The history as it was written, newest first; the newest entry of each topic says how it stands. */
export function Timeline({ clientId, entries }: { clientId: ClientId; entries: Schemas["Entry"][] }) {
  const withdraw = useHealth((id: string) => api.withdrawEntry(clientId, id));
  const restore = useHealth((id: string) => api.restoreEntry(clientId, id), withdraw.reset);
  const gone = withdraw.isSuccess ? withdraw.variables : undefined;
  return (
    <section aria-labelledby="timeline">
      <h2 id="timeline" className="mb-2 font-semibold">
        {t("History")}
      </h2>
      {gone && (
        <Message className="mb-3 flex items-center gap-3">
          {t("Withdrawn; it is kept and no longer counts.")}
          <Button onClick={() => restore.mutate(gone)}>{t("Undo")}</Button>
        </Message>
      )}
      {entries.length === 0 && (
        <p className="text-soft">
          {t("Nothing yet. Ask about joints, operations, medicines; write what you hear.")}
        </p>
      )}
      <ol className="ml-1.5 border-l border-line-strong">
        {entries.map((entry) => (
          <li key={entry.id} className="relative grid grid-cols-[6.5rem_1fr_auto] gap-3 pb-3 pl-5">
            <span
              aria-hidden
              className={`absolute top-1 -left-[6.5px] size-3 rounded-full border-2 ${dots[entry.state]}`}
            />
            <time dateTime={entry.on} className="text-soft">
              {fullDate(entry.on)}
            </time>
            <p>
              <span className="font-semibold">{topicName(entry.topic, entry.side)}</span>
              <span className="ml-2">{named(entry.state)}</span>
              {entry.words && <span className="block">{entry.words}</span>}
              {entry.clinician && <span className="block text-sm text-soft">{t("clinician informed")}</span>}
              {entry.due_on && (
                <span className="block text-sm text-soft">
                  {t("due {{due_on}}", { due_on: fullDate(entry.due_on) })}
                </span>
              )}
            </p>
            <button
              type="button"
              className="min-h-6 self-start rounded px-2 text-sm text-soft underline hover:text-stop"
              onClick={() => withdraw.mutate(entry.id)}
            >
              {t("Withdraw")}
              <span className="sr-only">
                {" "}
                {t("the entry on {{topic}}, {{on}}", { topic: named(entry.topic), on: fullDate(entry.on) })}
              </span>
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}
