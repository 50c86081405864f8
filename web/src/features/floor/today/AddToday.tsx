import { t } from "../../../ui/words";
import { TextField } from "../../../ui/fields/Input";
import { query } from "../../../api/query";
import type { ClientId, ExerciseId, PlaceId } from "../../../api/ids";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Message } from "../../../ui/Message";
import { Offer } from "./Panel";

/** One more exercise, found as it is typed among those the place has. */
export function AddToday({
  clientId,
  place,
  onChoose,
}: {
  clientId: ClientId;
  place: PlaceId | null;
  onChoose: (exercise: ExerciseId) => void;
}) {
  const [text, setText] = useState("");
  const found = useQuery(query.found(text, clientId, place, 8));
  return (
    <div className="mt-3 grid gap-3">
      <TextField
        label={t("Exercise")}
        className="min-h-12 text-lg"
        sort="search"
        autoFocus
        value={text}
        change={setText}
      />
      {found.error && <Message tone="caution">{found.error.message}</Message>}
      <ul className="grid gap-2">
        {found.data?.hits.map(({ exercise }) => (
          <li key={exercise.id}>
            <Offer title={exercise.name} onClick={() => onChoose(exercise.id)} />
          </li>
        ))}
      </ul>
    </div>
  );
}
