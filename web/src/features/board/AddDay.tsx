import type { Schemas } from "../../api/client";
import { shortId } from "../../api/ids";
import { Button } from "../../ui/Button";
import type { Edit } from "./useBoard";

/** Adds a day on the first weekday that is free. */
export function AddDay({
  phase,
  save,
}: {
  phase: Schemas["PhaseView"];
  save: (edits: Edit[], reason: string) => void;
}) {
  const taken = phase.days.map((day) => day.weekday);
  const weekday = [0, 2, 4, 1, 3, 5, 6].find((candidate) => !taken.includes(candidate));
  if (weekday === undefined) return null;
  const name = `Day ${phase.days.length + 1}`;
  return (
    <Button
      onClick={() =>
        save([{ op: "add_day", phase: phase.id, day: shortId("d"), name, weekday }], `${name} added`)
      }
    >
      Add a day
    </Button>
  );
}
