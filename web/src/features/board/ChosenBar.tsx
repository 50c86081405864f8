import { Picker } from "../../ui/Select";
import type { Schemas } from "../../api/client";
import { NOWHERE, shortId, type DayId } from "../../api/ids";
import { Button } from "../../ui/Button";
import { count } from "../../ui/format";
import type { Save } from "./useBoard";

const AT_HOME = "at home";

/** What can be done with the lines that are chosen: group, fill, move, take out. */
export function ChosenBar({
  phase,
  chosen,
  clear,
  fill,
  save,
}: {
  phase: Schemas["PhaseView"];
  chosen: ReadonlySet<string>;
  clear: () => void;
  fill: () => void;
  save: Save;
}) {
  const lines = phase.days.flatMap((day) =>
    day.groups.flatMap((group) =>
      group.lines.filter((line) => chosen.has(line.id)).map((line) => ({ day, line })),
    ),
  );
  if (lines.length === 0) return null;
  const ids = lines.map(({ line }) => line.id);
  const names = lines.map(({ line }) => line.exercise).join(", ");
  const oneDay = new Set(lines.map(({ day }) => day.id)).size === 1;
  const together = (kind: Schemas["GroupKind"], pairing: Schemas["Pairing"] = "") => {
    save(
      [{ op: "group_lines", lines: ids, group: shortId("g"), kind, pairing }],
      `${names}: ${pairing || kind}`,
    );
    clear();
  };
  return (
    <div
      role="toolbar"
      aria-label="Chosen lines"
      className="fixed bottom-4 left-1/2 z-30 flex max-w-[94vw] -translate-x-1/2 flex-wrap items-center gap-2 rounded-lg border border-line-strong bg-raised px-4 py-2 shadow-xl"
    >
      <span className="mr-2 font-medium">{count(ids.length, "line")} chosen</span>
      {oneDay && ids.length === 2 && (
        <>
          <Button onClick={() => together("pair", "opposite muscles")}>Pair opposites</Button>
          <Button onClick={() => together("pair")}>Pair</Button>
        </>
      )}
      {oneDay && ids.length === 3 && <Button onClick={() => together("tri-set")}>Tri-set</Button>}
      {oneDay && ids.length > 1 && (
        <>
          <Button onClick={() => together("circuit")}>Circuit</Button>
          <Button onClick={() => together("by the clock")}>By the clock</Button>
          <Button onClick={() => together("on the minute")}>On the minute</Button>
          <Button onClick={() => together("most rounds")}>Most rounds</Button>
        </>
      )}
      <Button onClick={fill}>Fill on …</Button>
      <Picker
        aria-label="Move the chosen lines to a day"
        value=""
        empty="Move to …"
        options={[
          ...phase.days.map((day) => [day.id as string, day.name] as const),
          ...(phase.days.some((day) => day.alone)
            ? []
            : [[AT_HOME, "a new day at home, done alone"] as const]),
        ]}
        choose={(id) => {
          const day = phase.days.find((one) => one.id === id);
          const moved = (to: DayId) =>
            ids.map((line) => ({ op: "move_line" as const, line, day: to, position: 100 }));
          if (day) save(moved(day.id), `${names} moved to ${day.name}`);
          else if (id === AT_HOME) {
            const fresh = shortId<DayId>("d");
            const free = [6, 5, 4, 3, 2, 1, 0].find((n) => !phase.days.some((one) => one.weekday === n)) ?? 6;
            save(
              [
                { op: "add_day", phase: phase.id, day: fresh, name: "At home", weekday: free },
                { op: "set_day", day: fresh, place: NOWHERE, minutes: null, top_up: false, alone: true },
                ...moved(fresh),
              ],
              `${names}: alone, at home`,
            );
          }
          clear();
        }}
      />
      <Button
        tone="stop"
        onClick={() => {
          save(
            ids.map((line) => ({ op: "remove_line" as const, line })),
            `${names} taken out`,
          );
          clear();
        }}
      >
        Take out
      </Button>
      <Button tone="quiet" onClick={clear}>
        Clear
      </Button>
    </div>
  );
}
