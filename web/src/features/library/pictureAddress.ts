import type { ExerciseId } from "../../api/ids";

/** Where the picture of an exercise with this mark is; it never changes there. */
export const pictureAddress = (id: ExerciseId, mark: string) =>
  `/api/exercises/${encodeURIComponent(id)}/picture/${encodeURIComponent(mark)}`;
