// An exercise of the trainer's own in ten seconds: a name, and one that it is like; all else later.
import { named, t } from "../../ui/words";
import { useKept } from "../../ui/fields/useKept";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { changed } from "../../api/changed";
import { api, type Schemas } from "../../api/client";
import type { ExerciseId } from "../../api/ids";
import { query } from "../../api/query";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { Sheet } from "../../ui/Sheet";
import { ExerciseSheet } from "./ExerciseSheet";

const NEAR = 6;

export function MakeExercise({
  name: typed,
  onClose,
  onSaved,
}: {
  name: string;
  onClose: () => void;
  onSaved: (exercise: Schemas["Exercise"]) => void;
}) {
  const [name, setName, forgetName] = useKept(`own exercise ${typed}`, typed);
  const [like, setLike, forgetLike] = useKept(`own exercise like ${typed}`, typed);
  const [whole, setWhole] = useState(false);
  const queries = useQueryClient();
  const near = useQuery(query.found(like.trim(), null, null, NEAR));
  const make = useMutation({
    mutationFn: (id: ExerciseId) => api.addExerciseLike(name, id),
    onSuccess: async (saved) => {
      forgetName();
      forgetLike();
      await changed(queries, "library");
      onSaved(saved);
    },
  });
  if (whole) return <ExerciseSheet exercise={null} name={name} onClose={onClose} onSaved={onSaved} />;
  return (
    <Sheet title={t("An exercise of your own")} open onClose={onClose}>
      <div className="grid gap-3">
        {make.error && <Message tone="stop">{make.error.message}</Message>}
        <TextField label={t("Name")} value={name} change={setName} />
        <TextField
          label={t("It moves like")}
          sort="search"
          autoFocus
          placeholder={t("squat, row, swimming …")}
          value={like}
          change={setLike}
        />
        <ul aria-label={t("Exercises it may be like")} className="grid grid-cols-2 gap-2">
          {near.data?.hits.slice(0, NEAR).map(({ exercise }) => (
            <li key={exercise.id}>
              <button
                type="button"
                disabled={!name.trim() || make.isPending}
                className="w-full rounded-md border border-line-strong px-3 py-2 text-left hover:bg-sunk"
                onClick={() => make.mutate(exercise.id)}
              >
                <span className="block font-medium">{t("like {{name}}", { name: exercise.name })}</span>
                <span className="block text-sm text-soft">
                  {named(exercise.pattern)} · {exercise.movers.map(named).join(", ")}
                </span>
              </button>
            </li>
          ))}
        </ul>
        {near.data?.hits.length === 0 && (
          <p className="text-soft">{t("Nothing by that name. Type a movement it resembles.")}</p>
        )}
        <p className="flex items-center justify-between gap-3 text-sm text-soft">
          {t("It takes over movement, muscles, joints and kit. All of it can be changed later.")}
          <Button onClick={() => setWhole(true)}>{t("Describe it in full")}</Button>
        </p>
      </div>
    </Sheet>
  );
}
