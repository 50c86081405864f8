// Choosing the days of a sheet; what is done alone and comes next is ticked already.
import { t } from "../../ui/words";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, Problem, type Schemas } from "../../api/client";
import { Language } from "../../api/enums";
import { keys } from "../../api/keys";
import { changed } from "../../api/changed";
import { Button } from "../../ui/Button";
import { count, longDate } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Select } from "../../ui/fields/Select";
import { Tick } from "../../ui/Tick";
import { SheetLinks } from "./SheetLinks";

const names: Record<Schemas["Language"], string> = { en: t("English"), de: t("German") };

const placeOf = (day: Schemas["HomeChoice"]) => `${day.week_id} ${day.day_id}`;

/** What stands ready: the next days that are done alone, else the next day. */
function nextOf(days: readonly Schemas["HomeChoice"][]): string[] {
  const ahead = days.filter((day) => day.state === "ahead");
  const first = ahead.find((day) => day.alone) ?? ahead[0];
  if (!first) return [];
  return ahead.filter((day) => day.week === first.week && (day === first || day.alone)).map(placeOf);
}

export function MakeSheet({ view }: { view: Schemas["HomeView"] }) {
  const queries = useQueryClient();
  const [ticked, setTicked] = useState(() => new Set(nextOf(view.days)));
  const program = view.program_id;
  const make = useMutation({
    mutationFn: () =>
      api.makeHomeSheet(view.client_id, {
        program_id: program ?? ("" as never),
        days: view.days
          .filter((day) => ticked.has(placeOf(day)))
          .map(({ week_id, day_id }) => ({ week_id, day_id })),
      }),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.home(view.client_id) }),
  });
  const speak = useMutation({
    mutationFn: (language: Schemas["Language"]) => api.changeClient(view.client_id, { language }),
    onSuccess: async () => {
      await changed(queries, "client");
      await queries.invalidateQueries({ queryKey: keys.home(view.client_id) });
    },
  });
  if (!program)
    return (
      <section aria-labelledby="make-sheet">
        <h2 id="make-sheet" className="text-lg font-semibold">
          {t("A sheet to take home")}
        </h2>
        <p className="text-soft">{t("Start a program first: a sheet is made of its days.")}</p>
      </section>
    );
  return (
    <section aria-labelledby="make-sheet">
      <h2 id="make-sheet" className="text-lg font-semibold">
        {t("A sheet to take home")}
      </h2>
      <p className="text-soft">
        {t(
          "One file for the client’s phone. It runs without a network: moves, clocks, calls, and the taps come back.",
        )}
      </p>
      <ul className="mt-2 border-t border-line">
        {view.days.map((day) => {
          const place = placeOf(day);
          return (
            <li key={place} className="flex flex-wrap items-center gap-x-4 border-b border-line py-1">
              <Tick
                className="grow"
                checked={ticked.has(place)}
                set={(on) => {
                  const next = new Set(ticked);
                  if (on) next.add(place);
                  else next.delete(place);
                  setTicked(next);
                }}
              >
                <span>
                  <span className="font-medium">{day.day}</span>{" "}
                  <span className="text-soft">
                    {t("{{on}}, week {{week}} · {{exercises}}", {
                      on: longDate(day.on),
                      week: day.week,
                      exercises: count(day.exercises, "exercise"),
                    })}
                  </span>
                </span>
              </Tick>
              <span className={day.state === "not back" ? "text-caution" : "text-soft"}>
                {[
                  day.alone ? "alone" : "",
                  day.state === "ahead" ? "" : day.state,
                  day.sheets ? t("on a sheet") : "",
                ]
                  .filter(Boolean)
                  .join(" · ")}
              </span>
            </li>
          );
        })}
      </ul>
      {view.days.length === 0 && (
        <p className="py-2 text-soft">{t("No day of the program lies near today.")}</p>
      )}
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <Button
          tone="act"
          data-main-action
          disabled={ticked.size === 0 || make.isPending}
          onClick={() => make.mutate()}
        >
          {make.isPending
            ? t("Making the sheet …")
            : t("Make a sheet of {{days}}", { days: count(ticked.size, "day") })}
        </Button>
        <div className="w-40">
          <Select
            label={t("In the language")}
            value={view.language}
            options={Language.map((one) => [one, names[one]] as const)}
            choose={(language) => language && speak.mutate(language)}
          />
        </div>
      </div>
      {make.error instanceof Problem && <Message tone="stop">{make.error.message}</Message>}
      {make.data && (
        <Message tone="done" className="mt-3">
          <p className="font-medium">
            {t("The sheet is ready: {{days}}.", { days: make.data.days.join(", ") })}
          </p>
          {make.data.said.map((said) => (
            <p key={said}>{said}</p>
          ))}
          <SheetLinks id={make.data.id} of={make.data.days.join(", ")} />
        </Message>
      )}
    </section>
  );
}
