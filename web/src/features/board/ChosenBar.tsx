import { t } from "../../ui/words";
import { Picker } from "../../ui/fields/Select";
import type { Schemas } from "../../api/client";
import { NOWHERE, shortId, type DayId } from "../../api/ids";
import { Button } from "../../ui/Button";
import { count } from "../../ui/format";
import type { Save } from "./keeping/useBoard";

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
      aria-label={t("Chosen lines")}
      className="fixed bottom-4 left-1/2 z-30 flex max-w-[94vw] -translate-x-1/2 flex-wrap items-center gap-2 rounded-lg border border-line-strong bg-raised px-4 py-2 shadow-xl"
    >
      <span className="mr-2 font-medium">{t("{{lines}} chosen", { lines: count(ids.length, "line") })}</span>
      {oneDay && ids.length === 2 && (
        <>
          <Button onClick={() => together("pair", "opposite muscles")}>{t("Pair opposites")}</Button>
          <Button onClick={() => together("pair")}>{t("Pair")}</Button>
        </>
      )}
      {oneDay && ids.length === 3 && <Button onClick={() => together("tri-set")}>{t("Tri-set")}</Button>}
      {oneDay && ids.length > 1 && (
        <>
          <Button onClick={() => together("circuit")}>{t("Circuit")}</Button>
          <Button onClick={() => together("by the clock")}>{t("By the clock")}</Button>
          <Button onClick={() => together("on the minute")}>{t("On the minute")}</Button>
          <Button onClick={() => together("most rounds")}>{t("Most rounds")}</Button>
        </>
      )}
      <Button onClick={fill}>{t("Fill on …")}</Button>
      <Picker
        aria-label={t("Move the chosen lines to a day")}
        value=""
        empty={t("Move to …")}
        options={[
          ...phase.days.map((day) => [day.id as string, day.name] as const),
          ...(phase.days.some((day) => day.alone)
            ? []
            : [[AT_HOME, t("a new day at home, done alone")] as const]),
        ]}
        choose={(id) => {
          const day = phase.days.find((one) => one.id === id);
          const moved = (to: DayId) =>
            ids.map((line) => ({ op: "move_line" as const, line, day: to, position: 100 }));
          if (day) save(moved(day.id), t("{{names}} moved to {{name}}", { names, name: day.name }));
          else if (id === AT_HOME) {
            const fresh = shortId<DayId>("d");
            const free = [6, 5, 4, 3, 2, 1, 0].find((n) => !phase.days.some((one) => one.weekday === n)) ?? 6;
            save(
              [
                { op: "add_day", phase: phase.id, day: fresh, name: t("At home"), weekday: free },
                { op: "set_day", day: fresh, place: NOWHERE, minutes: null, top_up: false, alone: true },
                ...moved(fresh),
              ],
              t("{{names}}: alone, at home", { names }),
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
            t("{{names}} taken out", { names }),
          );
          clear();
        }}
      >
        {t("Take out")}
      </Button>
      <Button tone="quiet" onClick={clear}>
        {t("Clear")}
      </Button>
    </div>
  );
}
