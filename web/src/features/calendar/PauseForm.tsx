import { t } from "../../ui/words";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";
import { keepChange } from "../board/keeping/keepChange";
import type { WeekId } from "../../api/ids";
import { Button } from "../../ui/Button";
import { count, fullDate } from "../../ui/format";
import { Input } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { Picker } from "../../ui/fields/Select";

const MOST = 52;

/** Weeks without training: the week that is chosen and all that follow come so much later. */
export function PauseForm({ view }: { view: Schemas["CalendarView"] }) {
  const queries = useQueryClient();
  const coming = view.weeks.filter((one) => !one.begun);
  const [chosen, setChosen] = useState<WeekId | "">("");
  const [weeks, setWeeks] = useState("1");
  const [reason, setReason] = useState("");
  const save = useMutation({
    mutationFn: ({ week, off }: { week: Schemas["CalendarWeek"]; off: number }) =>
      api.saveEdits(view.program_id, {
        base: view.revision,
        edits: [{ op: "pause", week: week.id, weeks: off, reason: off ? reason : "" }],
        reason: off
          ? t("{{weeks}} off before week {{number}}{{more}}", {
              weeks: count(off, "week"),
              number: week.number,
              more: reason && `: ${reason}`,
            })
          : t("No weeks off before week {{number}}", { number: week.number }),
      }),
    onSuccess: async (change) => {
      keepChange(queries, view.program_id, change);
      setReason("");
      await queries.invalidateQueries({ queryKey: keys.calendar(view.program_id) });
      await queries.invalidateQueries({ queryKey: keys.today });
    },
  });
  const week = coming.find((one) => one.id === chosen) ?? coming[0];
  const off = /^\d+$/.test(weeks) ? Number(weeks) : 0;
  const pauses = view.weeks.filter((one) => one.pause > 0);
  return (
    <section aria-labelledby="pause" className="mt-6 max-w-3xl">
      <h2 id="pause" className="text-lg font-semibold">
        {t("Time off")}
      </h2>
      <p className="text-soft">
        {t(
          "For a holiday or an illness: what was not held yet comes so many weeks later. It ends on {{end}} now.",
          { end: fullDate(view.end) },
        )}
      </p>
      {save.error instanceof Problem && <Message tone="stop">{save.error.message}</Message>}
      {pauses.length > 0 && (
        <ul className="mt-1 border-t border-line">
          {pauses.map((one) => (
            <li key={one.id} className="flex items-center gap-3 border-b border-line py-1">
              <span className="mr-auto">
                {t("{{weeks}} off before week {{number}} ({{monday}}){{more}}", {
                  weeks: count(one.pause, "week"),
                  number: one.number,
                  monday: fullDate(one.monday),
                  more: one.pause_reason && `: ${one.pause_reason}`,
                })}
              </span>
              <Button
                tone="quiet"
                disabled={save.isPending}
                aria-label={t("Take back the weeks off before week {{number}}", { number: one.number })}
                onClick={() => save.mutate({ week: one, off: 0 })}
              >
                {t("Take back")}
              </Button>
            </li>
          ))}
        </ul>
      )}
      {week ? (
        <form
          className="mt-2 flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            if (off >= 1 && off <= MOST) save.mutate({ week, off });
          }}
        >
          <label className="grid gap-1 text-sm font-medium">
            {t("Before")}
            <Picker
              value={week.id}
              options={coming.map(
                (one) =>
                  [
                    one.id,
                    t("week {{number}}, {{monday}}", { number: one.number, monday: fullDate(one.monday) }),
                  ] as const,
              )}
              choose={(id) => setChosen(id)}
            />
          </label>
          <label className="grid gap-1 text-sm font-medium">
            {t("Weeks off")}
            <Input sort="numeric" value={weeks} change={setWeeks} className="w-20 text-right" />
          </label>
          <label className="grid grow gap-1 text-sm font-medium">
            {t("Why, for the logbook")}
            <Input value={reason} maxLength={200} placeholder={t("holiday, ill …")} change={setReason} wide />
          </label>
          <Button type="submit" disabled={save.isPending || off < 1 || off > MOST}>
            {t("Take off")}
          </Button>
        </form>
      ) : (
        <p className="mt-2 text-soft">{t("Every week has begun: there is none left to come later.")}</p>
      )}
    </section>
  );
}
