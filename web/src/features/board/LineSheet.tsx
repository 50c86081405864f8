import { Part } from "../../ui/Waiting";
import { Picker, Select } from "../../ui/Select";
import { query } from "../../api/query";
import { freshId, NOWHERE, type ClientId, type ExerciseId } from "../../api/ids";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../../api/client";
import { changed } from "../../api/changed";
import { Button } from "../../ui/Button";
import { SavedField } from "../../ui/SavedField";
import { Sheet } from "../../ui/Sheet";
import { RestrictedFlowPart } from "./RestrictedFlowPart";
import type { Edit, Save } from "./useBoard";

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
  const [place, setPlace] = useState<"" | "B">("");
  const queries = useQueryClient();
  const page = useQuery(query.exercise(line.exercise_id, client));
  const instead = useQuery(query.substitutes(line.exercise_id, client, null));
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
          label="What it is for"
          value={line.reason}
          hint="Kept with the plan; the floor and the checks see it."
          save={(reason) => change({ reason }, reason || "no reason")}
        />
        <SavedField
          label={`Always, with ${line.exercise}`}
          value={always}
          hint="It follows the client and the exercise through every program, and stands on the floor."
          save={(text) =>
            void api
              .noteExercise(client, line.exercise_id, { id: freshId(), text })
              .then(() => changed(queries, "client"))
          }
        />
        <SavedField
          label="Cues for this client"
          value={cues.join("\n")}
          rows={3}
          hint={
            page.data?.cues.cues.length
              ? `One a line, up to five. Without any the floor shows: ${page.data.cues.cues.join(" · ")}`
              : "One a line, up to five."
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
          label="Raised by"
          value={line.policy}
          options={(policies.data ?? []).map((one) => [one.id, one.title] as const)}
          empty="the client’s school"
          hint="How its load, reps or variant go up after each session."
          choose={(policy) => change({ policy }, policy ? "raised by its own rule" : "raised by the school")}
        />
        <RestrictedFlowPart line={line} phase={phase} save={save} />
        {rungs.length > 1 && (
          <div className="grid grid-cols-2 gap-3">
            <RungSelect
              label="Easier, if need be"
              value={line.easier?.id ?? ""}
              rungs={at < 0 ? rungs : rungs.slice(0, at)}
              choose={(easier) => change({ easier }, "an easier rung named")}
            />
            <RungSelect
              label="Harder, when it is time"
              value={line.harder?.id ?? ""}
              rungs={at < 0 ? rungs : rungs.slice(at + 1)}
              choose={(harder) => change({ harder }, "a harder rung named")}
            />
          </div>
        )}
      </form>
      <section aria-labelledby="swap" className="mt-4">
        <div className="flex flex-wrap items-center justify-between gap-2">
          <h3 id="swap" className="font-semibold">
            Do instead
          </h3>
          <Picker
            aria-label="In which weeks to do it instead"
            className="text-sm"
            value={place}
            empty="in every week"
            options={[["B", "in B weeks"]] as const}
            choose={setPlace}
          />
        </div>
        {line.variant_b && (
          <p className="flex items-center justify-between text-sm">
            B weeks train {line.variant_b.name}.
            <Button tone="quiet" onClick={() => change({ exercise_b: NOWHERE }, "the same in every week")}>
              The same in every week
            </Button>
          </p>
        )}
        <Part of={instead}>
          {(list) => (
            <ol className="mt-1 border-t border-line">
              {list.slice(0, 6).map((one) => (
                <li key={one.exercise.id} className="flex items-center gap-3 border-b border-line py-1.5">
                  <span className="mr-auto">
                    <span className="font-medium">{one.exercise.name}</span>
                    <span className="block text-sm text-soft">{one.reasons.join(" · ")}</span>
                  </span>
                  <Button
                    aria-label={`Take it: ${one.exercise.name}`}
                    onClick={() => {
                      save(
                        [
                          {
                            op: "change_exercise",
                            line: line.id,
                            exercise: one.exercise.id,
                            variant: place,
                          } as Edit,
                        ],
                        `${one.exercise.name} instead of ${line.exercise}${place ? " in B weeks" : ""}`,
                      );
                      onClose();
                    }}
                  >
                    Take it
                  </Button>
                </li>
              ))}
            </ol>
          )}
        </Part>
      </section>
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
      empty="not named"
      options={rungs.map((rung) => [rung.id, rung.name] as const)}
      choose={(id) => choose(id as ExerciseId)}
    />
  );
}
