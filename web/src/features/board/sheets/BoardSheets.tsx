import type { LineId, WeekId } from "../../../api/ids";
import type { Schemas } from "../../../api/client";
import { DaySheet } from "./DaySheet";
import type { Opened } from "../keeping/opened";
import { FillSheet } from "./FillSheet";
import { FitSheet } from "./FitSheet";
import { GroupHead } from "../grid/GroupHead";
import { LineSheet } from "./LineSheet";
import { Sheet } from "../../../ui/Sheet";
import type { Fill, Save } from "../keeping/useBoard";
import { WeekSheet } from "./WeekSheet";

/** The sheet that is open over the board, if any. */
export function BoardSheets({
  view,
  opened,
  close,
  save,
  fill,
}: {
  view: Schemas["BoardView"];
  opened: Opened & { fill?: { lines: LineId[]; week: WeekId } };
  close: () => void;
  save: Save;
  fill: Fill;
}) {
  const days = view.phases.flatMap((phase) => phase.days.map((day) => ({ phase, day })));
  const weeks = view.phases.flatMap((phase) => phase.weeks.map((week) => ({ phase, week })));
  const lines = days.flatMap(({ phase, day }) =>
    day.groups.flatMap((group) => group.lines.map((line) => ({ phase, line }))),
  );
  const line = lines.find((one) => one.line.id === opened.line);
  const day = days.find((one) => one.day.id === (opened.day ?? opened.fit?.day));
  const week = weeks.find((one) => one.week.id === (opened.week ?? opened.fit?.week));
  const filled = lines.find((one) => one.line.id === opened.fill?.lines[0]);
  if (line)
    return (
      <LineSheet
        client={view.client_id}
        always={view.always[line.line.exercise_id] ?? ""}
        line={line.line}
        phase={line.phase}
        save={save}
        onClose={close}
      />
    );
  if (opened.fit && day && week)
    return <FitSheet view={view} day={day.day} week={week.week} save={save} onClose={close} />;
  if (opened.day && day)
    return <DaySheet view={view} phase={day.phase} day={day.day} save={save} onClose={close} />;
  if (opened.week && week)
    return <WeekSheet view={view} phase={week.phase} week={week.week} save={save} onClose={close} />;
  const group = days.flatMap(({ day }) => day.groups).find((one) => one.id === opened.group);
  if (group)
    return (
      <Sheet title={group.lines.map((one) => one.exercise).join(" and ")} open onClose={close}>
        <GroupHead group={group} save={save} />
      </Sheet>
    );
  if (opened.fill && filled)
    return (
      <FillSheet
        program={view.program_id}
        phase={filled.phase}
        lines={opened.fill.lines}
        week={opened.fill.week}
        fill={fill}
        onClose={close}
      />
    );
  return null;
}
