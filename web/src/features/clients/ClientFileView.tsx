import { useMay } from "../../access/access";
import { ClientDeeds } from "../people/ClientDeeds";
import { Consents } from "../people/Consents";
import { WhoseClient } from "../people/WhoseClient";
import { t } from "../../ui/words";
import { EraseClient } from "./EraseClient";
import { FoodCard } from "./FoodCard";
import { GoalKind, School, TrainingAge } from "../../api/enums";
import { Choice } from "../../ui/fields/Choice";
import { weekdays } from "../../ui/format";
import { Message } from "../../ui/Message";
import { SavedField } from "../../ui/fields/SavedField";
import { Select } from "../../ui/fields/Select";
import { Tick } from "../../ui/Tick";
import { BodyWeight } from "./BodyWeight";
import { useClient } from "./ClientFrame";
import { useSaveFacts } from "./useSaveFacts";

const ages = TrainingAge.filter(Boolean);

/** Who the client is and what for; each field keeps itself when it is left. */
export function ClientFileView() {
  const client = useClient();
  const { facts } = client;
  const owner = useMay("run");
  const { save, problem, figure, state, again } = useSaveFacts(client.id);
  return (
    <div className="grid gap-6">
      <form
        noValidate
        className="grid gap-x-10 gap-y-6 lg:grid-cols-[6fr_5fr]"
        onSubmit={(event) => event.preventDefault()}
        aria-label={t("Client file")}
      >
        <section className="grid content-start gap-2" aria-label={t("What for")}>
          <div className="flex items-baseline justify-between">
            <h2 className="font-semibold">{t("What for")}</h2>
            <p role="status" className={state === t("Not saved") ? "text-sm text-stop" : "text-sm text-done"}>
              {state}
              {again && state === t("Not saved") && (
                <button type="button" className="ml-2 min-h-6 text-ink underline" onClick={again}>
                  {t("Try again")}
                </button>
              )}
            </p>
          </div>
          <div className="grid sm:grid-cols-[11rem_1fr] gap-3">
            <Select
              label={t("Main goal")}
              value={facts.aim}
              options={GoalKind}
              empty={t("not said yet")}
              choose={(aim) => save({ aim })}
            />
            <SavedField
              label={t("In the client’s own words")}
              value={facts.goal}
              problem={problem("goal")}
              save={(goal) => save({ goal })}
            />
            <Select
              label={t("Second goal")}
              value={facts.second_aim}
              options={GoalKind}
              empty={t("none")}
              choose={(second_aim) => save({ second_aim })}
            />
            <SavedField
              label={t("Second goal, in own words")}
              value={facts.second_goal}
              problem={problem("second_goal")}
              save={(second_goal) => save({ second_goal })}
            />
          </div>
          <div className="grid sm:grid-cols-[8rem_8rem_1fr] gap-3">
            <SavedField
              label={t("Minutes a session")}
              type="numeric"
              value={String(facts.minutes)}
              problem={problem("minutes")}
              save={(text) => save({ minutes: figure(text) })}
            />
            <SavedField
              label={t("Days a week")}
              type="numeric"
              value={String(facts.days_a_week)}
              problem={problem("days_a_week")}
              save={(text) => save({ days_a_week: figure(text) })}
            />
            <FixedDays chosen={facts.weekdays} save={(days) => save({ weekdays: days })} />
          </div>
          <div className="grid gap-3 sm:grid-cols-[1fr_1fr_9.5rem]">
            <SavedField
              label={t("Likes to do")}
              placeholder={t("deadlifts, carries")}
              value={facts.likes}
              problem={problem("likes")}
              save={(likes) => save({ likes })}
            />
            <SavedField
              label={t("Would rather not")}
              placeholder={t("lunges, burpees")}
              value={facts.dislikes}
              problem={problem("dislikes")}
              save={(dislikes) => save({ dislikes })}
            />
            <SavedField
              label={t("To be ready by")}
              type="date"
              value={facts.ready_by ?? ""}
              problem={problem("ready_by")}
              save={(text) => save({ ready_by: text || null })}
            />
          </div>
          <SavedField
            label={t("Notes")}
            rows={4}
            value={facts.about}
            problem={problem("about")}
            save={(about) => save({ about })}
          />
          {client.hints.map((hint) => (
            <Message key={hint} tone="caution">
              {hint}
            </Message>
          ))}
        </section>
        <section className="grid content-start gap-2" aria-label={t("Who")}>
          <h2 className="font-semibold">{t("Who")}</h2>
          <div className="grid sm:grid-cols-[1fr_7rem] gap-3">
            <SavedField
              label={t("Name")}
              value={facts.name}
              problem={problem("name")}
              save={(name) => save({ name })}
            />
            <SavedField
              label={t("Birth year")}
              type="numeric"
              value={facts.birth_year === null ? "" : String(facts.birth_year)}
              problem={problem("birth_year")}
              save={(text) => save({ birth_year: text ? figure(text) : null })}
            />
          </div>
          <div className="grid grid-cols-2 gap-3">
            <Select
              label={t("Has trained")}
              value={facts.training_age}
              options={ages}
              empty={t("not said yet")}
              choose={(training_age) => save({ training_age })}
            />
            <Select
              label={t("Raised first")}
              value={facts.school}
              options={School}
              choose={(school) => school && save({ school })}
            />
            <Choice
              label={t("Units")}
              value={facts.unit}
              options={[
                ["kg", t("kg")],
                ["lb", t("lb")],
              ]}
              choose={(unit) => save({ unit })}
            />
            <SavedField
              label={t("Contact")}
              value={facts.contact}
              problem={problem("contact")}
              save={(contact) => save({ contact })}
            />
            <SavedField
              label={t("Emergency contact")}
              value={facts.emergency_contact}
              problem={problem("emergency_contact")}
              save={(emergency_contact) => save({ emergency_contact })}
            />
            <Tick checked={facts.cycle_reports} set={(checked) => save({ cycle_reports: checked })}>
              {t("Opts in to cycle reports")}
            </Tick>
            <Tick checked={facts.former} set={(checked) => save({ former: checked })}>
              {t("Trains here no more: the file stays, nothing is due")}
            </Tick>
          </div>
          <BodyWeight client={client} />
          <FoodCard client={client} save={save} problem={problem("height_cm")} />
        </section>
      </form>
      <WhoseClient client={client} />
      <Consents client={client} />
      <section aria-label={t("The file itself")} className="grid gap-2 border-t border-line pt-4">
        <p>
          <a
            download
            href={`/api/clients/${client.id}/archive.zip`}
            className="inline-flex min-h-9 items-center underline"
          >
            {t("All of this client as an archive, for another studio")}
          </a>
        </p>
        <ClientDeeds client={client} />
        {owner && <EraseClient client={client} />}
      </section>
    </div>
  );
}

function FixedDays({ chosen, save }: { chosen: number[]; save: (days: number[]) => void }) {
  return (
    <div role="group" aria-label={t("Fixed days")} className="grid content-start gap-1">
      <span aria-hidden className="text-sm font-medium">
        {t("Fixed days, if any")}
      </span>
      <div className="flex">
        {weekdays.map((name, day) => (
          <button
            key={name}
            type="button"
            aria-pressed={chosen.includes(day)}
            onClick={() =>
              save(chosen.includes(day) ? chosen.filter((d) => d !== day) : [...chosen, day].sort())
            }
            className="min-h-9 flex-1 border border-r-0 border-line-strong bg-raised text-sm first:rounded-l-md last:rounded-r-md last:border-r aria-pressed:bg-ink aria-pressed:text-ground"
          >
            {name}
          </button>
        ))}
      </div>
    </div>
  );
}
