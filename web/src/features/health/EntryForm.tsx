import { t } from "../../ui/words";
import { TextField } from "../../ui/fields/Input";
import { useKept } from "../../ui/fields/useKept";
import { api, type Schemas } from "../../api/client";
import { freshId, type ClientId } from "../../api/ids";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/fields/Choice";
import { today } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Select } from "../../ui/fields/Select";
import { Tick } from "../../ui/Tick";
import { isPaired } from "./names";
import { useHealth } from "./useHealth";

type Topic = Schemas["EntryRequest"]["topic"];
const topics: Topic[] = [
  "knee",
  "shoulder",
  "hip",
  "lower back",
  "neck",
  "ankle",
  "elbow",
  "wrist",
  "heart or vessels",
  "blood pressure",
  "diabetes or metabolism",
  "kidneys",
  "lungs",
  "surgery",
  "medication",
  "pregnancy",
  "after birth",
  "other",
];

/** The day of a birth is not guessed; whatever else is written down holds from today unless said otherwise. */
const bornOn = (topic: Topic) => ({ topic, on: topic === "after birth" ? "" : today() });

/** One dated line of history: what, which side, how it stands now, in a few words. */
export function EntryForm({ clientId }: { clientId: ClientId }) {
  const blank = () => ({
    topic: "knee" as Topic,
    side: "left" as Schemas["Side"],
    state: "spare it" as Schemas["State"],
    words: "",
    clinician: false,
    on: today(),
    due_on: "",
  });
  const [draft, setDraft, forget] = useKept(`history ${clientId}`, blank);
  const add = useHealth(
    (draft: ReturnType<typeof blank>) =>
      api.addEntry(clientId, {
        id: freshId(),
        on: draft.on,
        topic: draft.topic,
        side: isPaired(draft.topic) ? draft.side : null,
        state: draft.state,
        words: draft.words,
        clinician: draft.clinician,
        due_on: draft.topic === "pregnancy" && draft.due_on ? draft.due_on : null,
      }),
    // What was typed on while it was saved stays.
    forget,
  );
  const set = (change: Partial<typeof draft>) => setDraft((now) => ({ ...now, ...change }));
  return (
    <form
      aria-label={t("Add to the history")}
      className="grid gap-3 border-y border-line py-4"
      onSubmit={(event) => {
        event.preventDefault();
        add.mutate(draft);
      }}
    >
      <div className="grid sm:grid-cols-[11rem_1fr_9.5rem] items-start gap-3">
        <Select
          label={t("What")}
          data-main-action
          value={draft.topic}
          options={topics}
          choose={(topic) => topic && set(bornOn(topic))}
        />
        <TextField
          label={t("In a few words")}
          value={draft.words}
          placeholder={t("ligament; no trouble for four weeks; came back on the stairs")}
          change={(words) => set({ words })}
        />
        <TextField
          label={draft.topic === "after birth" ? t("Born on") : t("On")}
          sort="date"
          value={draft.on}
          hint={draft.on ? undefined : t("Needed, to count the months")}
          change={(on) => set({ on })}
        />
      </div>
      <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
        {isPaired(draft.topic) && (
          <Choice
            label={t("Side")}
            value={draft.side}
            options={[
              ["left", t("Left")],
              ["right", t("Right")],
              ["both", t("Both")],
            ]}
            choose={(side) => set({ side })}
          />
        )}
        <Choice
          label={t("From now on")}
          value={draft.state}
          options={[
            ["hurts now", t("Hurts now")],
            ["spare it", t("Spare it")],
            ["watch it", t("Watch it")],
            ["over", t("Over")],
          ]}
          choose={(state) => set({ state })}
        />
        {draft.topic === "pregnancy" && (
          <TextField
            label={t("Due date")}
            sort="date"
            value={draft.due_on}
            change={(due_on) => set({ due_on })}
          />
        )}
        <Tick checked={draft.clinician} set={(checked) => set({ clinician: checked })}>
          {t("A clinician knows")}
        </Tick>
        <Button type="submit" tone="act" className="ml-auto" disabled={add.isPending || !draft.on}>
          {t("Write it down")}
        </Button>
      </div>
      {add.error && <Message tone="stop">{add.error.message}</Message>}
    </form>
  );
}
