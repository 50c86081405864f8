// Food, only so far: an estimate of energy with its error, or why a dietitian or doctor has the word instead.
import { t } from "../../ui/words";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { Activity, EnergyAim, Sex } from "../../api/enums";
import { query } from "../../api/query";
import { Message } from "../../ui/Message";
import { SavedField } from "../../ui/fields/SavedField";
import { Select } from "../../ui/fields/Select";

export function FoodCard({
  client,
  save,
  problem,
}: {
  client: Schemas["ClientView"];
  save: (change: Schemas["ClientChangeRequest"]) => void;
  problem: string | undefined;
}) {
  const [aim, setAim] = useState<Schemas["EnergyAim"]>("as it is");
  const { sex, height_cm: height, activity } = client.facts;
  // Any fact may bar a figure: the year of birth, what is noted of eating.
  const found = useQuery(query.energy(client.id, aim, client.facts));
  return (
    <section aria-labelledby="food" className="mt-2 border-t border-line pt-3">
      <h2 id="food" className="font-semibold">
        {t("Food, an estimate")}
      </h2>
      {found.data?.barred ? (
        <Message tone="caution" className="mt-1">
          {found.data.barred}
        </Message>
      ) : (
        <>
          <div className="mt-1 grid gap-3 sm:grid-cols-[7rem_6rem_1fr]">
            <Select
              label={t("Sex")}
              value={sex}
              options={Sex.filter(Boolean)}
              empty={t("not said")}
              choose={(next) => save({ sex: next })}
            />
            <SavedField
              label={t("Height, cm")}
              type="numeric"
              value={height === null ? "" : String(height)}
              problem={problem}
              save={(text) => save({ height_cm: text ? Number(text) : null })}
            />
            <Select
              label={t("How the week goes")}
              value={activity}
              options={Activity.filter(Boolean)}
              empty={t("not said")}
              choose={(next) => save({ activity: next })}
            />
          </div>
          <div className="mt-3" aria-live="polite">
            {found.data?.missing.length ? (
              <p className="text-soft">
                {t("Still to be said: {{missing}}.", { missing: found.data.missing.join(", ") })}
              </p>
            ) : found.data?.estimate ? (
              <Figures view={found.data} of={found.data.estimate} aim={aim} setAim={setAim} />
            ) : (
              found.data && <p className="text-soft">{t("The equation was not made for these figures.")}</p>
            )}
          </div>
        </>
      )}
      {found.data?.weight && <p className="mt-2">{found.data.weight}</p>}
      {found.data && <p className="mt-2 text-sm text-soft">{found.data.note}</p>}
    </section>
  );
}

function Figures({
  view,
  of,
  aim,
  setAim,
}: {
  view: Schemas["EnergyView"];
  of: Schemas["EnergyEstimate"];
  aim: Schemas["EnergyAim"];
  setAim: (aim: Schemas["EnergyAim"]) => void;
}) {
  return (
    <>
      <p>
        {t("Keeps the weight:")}{" "}
        <strong className="text-lg">{t("{{maintenance}} kcal", { maintenance: of.maintenance })}</strong>{" "}
        {t("a day, somewhere from {{low}} to {{high}}", { low: of.low, high: of.high })}{" "}
        <span className="text-soft">
          {t("(resting {{resting}} × {{factor}})", { resting: of.resting, factor: of.factor })}
        </span>
      </p>
      <div className="mt-2 grid items-end gap-3 sm:grid-cols-[11rem_1fr]">
        <Select
          label={t("Body weight should be")}
          value={aim}
          options={EnergyAim}
          choose={(next) => next && setAim(next)}
        />
        {(aim !== "as it is" || of.floor) && (
          <p>
            <strong className="text-lg">{t("{{target}} kcal", { target: of.target })}</strong> {t("a day")}
            {of.kg_a_week !== 0 &&
              t(", about {{more}}{{kg_a_week}} kg a week", {
                more: of.kg_a_week > 0 ? "+" : "",
                kg_a_week: of.kg_a_week,
              })}
            {of.floor && (
              <span className="block text-caution">
                {t("Held at")} {view.floor} {t("kcal: less belongs to a clinician.")}
              </span>
            )}
          </p>
        )}
      </div>
    </>
  );
}
