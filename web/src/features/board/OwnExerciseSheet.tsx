import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Field } from "../../ui/Field";
import { Message } from "../../ui/Message";
import { Sheet } from "../../ui/Sheet";

const patterns: Schemas["Pattern"][] = [
  "squat",
  "hinge",
  "lunge",
  "push horizontal",
  "push vertical",
  "pull horizontal",
  "pull vertical",
  "carry",
  "trunk",
  "rotation",
  "locomotion",
  "balance",
];
const implements_: Schemas["ImplementKind"][] = [
  "bodyweight",
  "dumbbell",
  "kettlebell",
  "barbell",
  "stack",
  "band",
  "improvised",
];

/** An exercise of the trainer's own: a name, what kind of move it is, what it is loaded with. */
export function OwnExerciseSheet({
  name,
  onClose,
  onAdded,
}: {
  name: string;
  onClose: () => void;
  onAdded: (exercise: Schemas["Exercise"]) => void;
}) {
  const [draft, setDraft] = useState<Schemas["AskedExercise"]>({
    name,
    pattern: "squat",
    implement: "bodyweight",
    one_sided: false,
  });
  const add = useMutation({ mutationFn: () => api.addExercise(draft), onSuccess: onAdded });
  return (
    <Sheet title="An exercise of your own" open onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          add.mutate();
        }}
      >
        {add.error && <Message tone="stop">{add.error.message}</Message>}
        <Field label="Name">
          {(box) => (
            <input
              {...box}
              value={draft.name}
              onChange={(e) => setDraft({ ...draft, name: e.target.value })}
            />
          )}
        </Field>
        <div className="grid grid-cols-2 gap-3">
          <Field label="Movement">
            {(box) => (
              <select
                {...box}
                value={draft.pattern}
                onChange={(e) => setDraft({ ...draft, pattern: e.target.value as Schemas["Pattern"] })}
              >
                {patterns.map((pattern) => (
                  <option key={pattern}>{pattern}</option>
                ))}
              </select>
            )}
          </Field>
          <Field label="Loaded with">
            {(box) => (
              <select
                {...box}
                value={draft.implement}
                onChange={(e) =>
                  setDraft({ ...draft, implement: e.target.value as Schemas["ImplementKind"] })
                }
              >
                {implements_.map((kind) => (
                  <option key={kind}>{kind}</option>
                ))}
              </select>
            )}
          </Field>
        </div>
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={draft.one_sided ?? false}
            onChange={(e) => setDraft({ ...draft, one_sided: e.target.checked })}
          />
          One side at a time
        </label>
        <Button tone="act" type="submit" disabled={add.isPending}>
          Add it
        </Button>
      </form>
    </Sheet>
  );
}
