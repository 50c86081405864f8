// What a command on a cell does to the board.
import { t } from "../../../ui/words";
import { NOWHERE, type LineId, type WeekId } from "../../../api/ids";
import type { Schemas } from "../../../api/client";
import type { Action } from "../../../app/keys/shortcuts";
import type { Opened } from "./opened";
import type { Fill, Save } from "./useBoard";

/** What a key pressed on a cell asks for beyond moving and typing. */
export type Command = Exclude<
  Action<"cell">,
  "up" | "down" | "left" | "right" | "head" | "open" | "empty" | "copy" | "paste"
>;

interface Hands {
  save: Save;
  fill: Fill;
  choose: (line: LineId) => void;
  setOpened: (what: Opened & { fill?: { lines: LineId[]; week: WeekId } }) => void;
}

export function runCommand(
  what: Command,
  lineId: LineId,
  weekId: WeekId,
  view: Schemas["BoardView"],
  chosen: ReadonlySet<LineId>,
  hands: Hands,
): void {
  const place = placeOf(view, lineId);
  if (!place) return;
  const { day, at, group, line } = place;
  const lines = chosen.has(lineId) ? [...chosen] : [lineId];
  switch (what) {
    case "copy on":
      return hands.fill({ lines, week: weekId, kind: "the same", step: "0", until: NOWHERE, per_cents: [] });
    case "fill":
      return hands.setOpened({ fill: { lines, week: weekId } });
    case "more":
      return hands.setOpened({ line: lineId });
    case "choose":
    case "choose up":
    case "choose down":
      return hands.choose(lineId);
    case "move up":
    case "move down": {
      const step = what === "move up" ? -1 : 1;
      // Inside its group first; at the group's end the whole group goes on.
      const within = group.lines.findIndex((one) => one.id === line.id) + step;
      if (within >= 0 && within < group.lines.length)
        return hands.save(
          [{ op: "move_within", line: line.id, position: within }],
          t("{{exercise}} moved in its group", { exercise: line.exercise }),
        );
      const to = at + step;
      if (to < 0 || to >= day.groups.length) return;
      return hands.save(
        [{ op: "move_group", group: group.id, day: day.id, position: to }],
        t("{{exercise}} moved in {{name}}", { exercise: line.exercise, name: day.name }),
      );
    }
  }
}

function placeOf(view: Schemas["BoardView"], lineId: LineId) {
  for (const phase of view.phases)
    for (const day of phase.days)
      for (const [at, group] of day.groups.entries()) {
        const line = group.lines.find((one) => one.id === lineId);
        if (line) return { phase, day, at, group, line };
      }
  return null;
}
