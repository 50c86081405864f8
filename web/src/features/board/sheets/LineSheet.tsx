import { t } from "../../../ui/words";
import { Select } from "../../../ui/fields/Select";
import { query } from "../../../api/query";
import { freshId, type ClientId, type ExerciseId } from "../../../api/ids";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { api, type Schemas } from "../../../api/client";
import { changed } from "../../../api/changed";
import { SavedField } from "../../../ui/fields/SavedField";
import { Sheet } from "../../../ui/Sheet";
import { DoInstead } from "./DoInstead";
import { RestrictedFlowPart } from "./RestrictedFlowPart";
import type { Edit, Save } from "../keeping/useBoard";

/** More of a line: what it is for, the cues for this client, the rungs named in advance, what to do instead. */
export function LineSheet({
  client,
  always,
  line,
  phase,
  save,
  onClose,
}: {
  client: ClientId;
  /** What goes for the client with this exercise in every program. */
  always: string;
  line: Schemas["LineView"];
  phase: Schemas["PhaseView"];
  save: Save;
  onClose: () => void;
}) {
  const queries = useQueryClient();
  const page = useQuery(query.exercise(line.exercise_id, client));
  const policies = useQuery(query.policies());
  const rungs = page.data?.ladders[0]?.rungs ?? [];
  const at = rungs.findIndex((rung) => rung.here);
  const change = (fields: Omit<Schemas["ChangeLine"], "op" | "line">, what: string) =>
    save([{ op: "change_line", line: line.id, ...fields } as Edit], `${line.exercise}: ${what}`);
  const cues = line.cues ?? [];
  return (
    <Sheet title={line.exercise} open onClose={onClose}>
      <form className="grid gap-3" onSubmit={(event) => event.preventDefault()}>
        <SavedField
          of={line.id}
          label={t("What it is for")}
          value={line.reason}
          hint={t("Kept with the plan; the floor and the checks see it.")}
          save={(reason) => change({ reason }, reason || t("no reason"))}
        />
        <SavedField
          of={line.id}
          label={t("Always, with {{exercise}}", { exercise: line.exercise })}
          value={always}
          hint={t("It follows the client and the exercise through every program, and stands on the floor.")}
          save={(text) =>
            void api
              .noteExercise(client, line.exercise_id, { id: freshId(), text })
              .then(() => changed(queries, "client"))
          }
        />
        <SavedField
          of={line.id}
          label={t("Cues for this client")}
          value={cues.join("\n")}
          rows={3}
          hint={
            page.data?.cues.cues.length
              ? t("One a line, up to five. Without any the floor shows: {{cues}}", {
                  cues: page.data.cues.cues.join(" · "),
                })
              : t("One a line, up to five.")
          }
          save={(text) =>
            change(
              {
                cues: text
                  .split("\n")
                  .map((cue) => cue.trim())
                  .filter(Boolean)
                  .slice(0, 5),
              },
              "cues",
            )
          }
        />
        <Select
          label={t("Raised by")}
          value={line.policy}
          options={(policies.data ?? []).map((one) => [one.id, one.title] as const)}
          empty={t("the client’s school")}
          hint={t("How its load, reps or variant go up after each session.")}
          choose={(policy) =>
            change({ policy }, policy ? t("raised by its own rule") : t("raised by the school"))
          }
        />
        <RestrictedFlowPart line={line} phase={phase} save={save} />
        {rungs.length > 1 && (
          <div className="grid grid-cols-2 gap-3">
            <RungSelect
              label={t("Easier, if need be")}
              value={line.easier?.id ?? ""}
              rungs={at < 0 ? rungs : rungs.slice(0, at)}
              choose={(easier) => change({ easier }, "an easier rung named")}
            />
            <RungSelect
              label={t("Harder, when it is time")}
              value={line.harder?.id ?? ""}
              rungs={at < 0 ? rungs : rungs.slice(at + 1)}
              choose={(harder) => change({ harder }, "a harder rung named")}
            />
          </div>
        )}
      </form>
      <DoInstead client={client} line={line} save={save} onClose={onClose} />
    </Sheet>
  );
}

function RungSelect({
  label,
  value,
  rungs,
  choose,
}: {
  label: string;
  value: string;
  rungs: Schemas["Rung"][];
  choose: (id: ExerciseId) => void;
}) {
  return (
    <Select
      label={label}
      value={value as ExerciseId | ""}
      empty={t("not named")}
      options={rungs.map((rung) => [rung.id, rung.name] as const)}
      choose={(id) => choose(id as ExerciseId)}
    />
  );
}
