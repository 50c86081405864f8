import { named, t } from "../../../ui/words";
import { query } from "../../../api/query";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { type Schemas } from "../../../api/client";
import { TimeLever } from "../../../api/enums";
import { Button } from "../../../ui/Button";
import { Sheet } from "../../../ui/Sheet";
import { Tick } from "../../../ui/Tick";
import { Waiting } from "../../../ui/Waiting";
import { LookFirst } from "./LookFirst";
import type { Save } from "../keeping/useBoard";

const saved = (seconds: number) =>
  seconds < 60
    ? `${seconds} s`
    : t("{{math}} min {{more}}", {
        math: Math.floor(seconds / 60),
        more: seconds % 60 ? `${seconds % 60} s` : "",
      });

/** A session against the minutes there are: ranked changes with what they save and what they cost. */
export function FitSheet({
  view,
  day,
  week,
  save,
  onClose,
}: {
  view: Schemas["BoardView"];
  day: Schemas["DayView"];
  week: Schemas["WeekView"];
  save: Save;
  onClose: () => void;
}) {
  const usual = day.minutes ?? view.minutes;
  const [minutes, setMinutes] = useState(usual);
  const [allWeeks, setAllWeeks] = useState(true);
  const [without, setWithout] = useState<Schemas["TimeLever"][]>([]);
  const terms = { minutes, all_weeks: allWeeks, without };
  const fit = useQuery({
    ...query.fit(view.program_id, week.id, day.id, terms, view.revision.number),

    enabled: minutes >= 5 && minutes <= 240,
  });
  const found = fit.data;
  const chosen = found?.savings.filter((one) => one.chosen) ?? [];
  const spare = found?.savings.filter((one) => !one.chosen) ?? [];
  const edits = chosen.flatMap((one) => one.edits);
  const look = useQuery({ ...query.lookAtEdits(view.program_id, edits), enabled: edits.length > 0 });
  const apply = (savings: Schemas["Saving"][]) =>
    save(
      savings.flatMap((one) => one.edits),
      t("{{name}}, week {{number}}{{more}}, fitted: {{savings}}", {
        name: day.name,
        number: week.number,
        more: allWeeks ? ` ${t("and on")}` : "",
        savings: savings.map((one) => one.label).join("; "),
      }),
    );
  return (
    <Sheet
      title={t("{{name}}, week {{number}}: fit the time", { name: day.name, number: week.number })}
      open
      onClose={onClose}
    >
      <div className="flex flex-wrap items-center gap-2">
        <label className="flex items-center gap-2">
          {t("Minutes there are")}
          <input
            type="number"
            min={5}
            max={240}
            value={minutes}
            onChange={(event) => setMinutes(Number(event.target.value))}
            className="w-20 rounded-md border border-line-strong bg-raised px-2 py-1 text-right"
          />
        </label>
        <Button onClick={() => setMinutes(Math.max(5, usual - 15))}>{t("15 min late")}</Button>
        {found && (
          <p className="ml-auto">
            {t("takes")} <b>{t("{{math}} min", { math: Math.round(found.seconds / 60) })}</b>
            {chosen.length > 0 && (
              <>
                {t(", then")} <b>{t("{{math}} min", { math: Math.round(found.after / 60) })}</b>
              </>
            )}
          </p>
        )}
      </div>
      <div className="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-sm">
        <Tick checked={allWeeks} set={setAllWeeks}>
          {t("From this week on, all alike")}
        </Tick>
        <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
          <legend className="float-left mr-3 text-soft">{t("May be used:")}</legend>
          {TimeLever.map((lever) => (
            <Tick
              key={lever}
              checked={!without.includes(lever)}
              set={(may) => setWithout(may ? without.filter((one) => one !== lever) : [...without, lever])}
            >
              {named(lever)}
            </Tick>
          ))}
        </fieldset>
      </div>
      {!found ? (
        <Waiting error={fit.error} retry={() => void fit.refetch()} />
      ) : (
        <>
          {chosen.length === 0 && found.fits && <p className="mt-3 text-done">{t("It fits as it is.")}</p>}
          {!found.fits && (
            <p className="mt-3 text-caution">
              {t("Even with all of this it takes {{math}} min.", { math: Math.round(found.after / 60) })}
            </p>
          )}
          {chosen.length > 0 &&
            found.savings.some((one) => one.chosen && one.lever === "exercises left out") && (
              <p className="mt-3">
                <span className="text-soft">{t("What then fits:")}</span> {found.left.join(" · ")}
              </p>
            )}
          {chosen.length > 0 && (
            <section aria-labelledby="fit-chosen" className="mt-3">
              <div className="flex items-center justify-between">
                <h3 id="fit-chosen" className="font-semibold">
                  {t("The cheapest that fit")}
                </h3>
                <Button tone="act" onClick={() => apply(chosen)}>
                  {t("Apply all {{chosen}}", { chosen: chosen.length })}
                </Button>
              </div>
              <div className="my-2 rounded bg-sunk p-2">
                <LookFirst of={look} />
              </div>
              <Savings savings={chosen} apply={apply} />
            </section>
          )}
          {spare.length > 0 && (
            <section aria-labelledby="fit-spare" className="mt-4">
              <h3 id="fit-spare" className="font-semibold">
                {t("Also possible")}
              </h3>
              <Savings savings={spare} apply={apply} />
            </section>
          )}
          <p className="mt-3 text-sm text-soft">
            {t(
              "Cheapest first: rests step by step, small moves before heavy lifts; pairs of opposite muscles whose tools are there at once; accessories moved; fewer small sets, of a circuit a round; main sets last. Undo takes any of it back.",
            )}
          </p>
        </>
      )}
    </Sheet>
  );
}

function Savings({
  savings,
  apply,
}: {
  savings: Schemas["Saving"][];
  apply: (savings: Schemas["Saving"][]) => void;
}) {
  return (
    <table className="mt-1 w-full text-left">
      <caption className="sr-only">{t("Ways to save time, what each saves and costs")}</caption>
      <thead className="text-sm text-soft">
        <tr>
          <th scope="col" className="font-normal">
            {t("Change")}
          </th>
          <th scope="col" className="w-24 font-normal">
            {t("Saves")}
          </th>
          <th scope="col" className="w-20">
            <span className="sr-only">{t("Apply")}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {savings.map((one) => (
          <tr key={one.key + one.label} className="border-t border-line align-top">
            <th scope="row" className="py-1.5 font-normal">
              {one.label}
              <span className="block text-sm text-soft">{t("costs {{price}}", { price: one.price })}</span>
            </th>
            <td className="py-1.5">{saved(one.saves)}</td>
            <td className="py-1 text-right">
              <Button aria-label={t("Apply: {{label}}", { label: one.label })} onClick={() => apply([one])}>
                {t("Apply")}
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
