import { t } from "../../../ui/words";
import { useState } from "react";
import { shortId } from "../../../api/ids";
import type { FloorData } from "../useFloor";
import type { ShownFloor, ShownLine } from "../floorState";
import { AddToday } from "./AddToday";
import { InsteadList } from "./InsteadList";
import { Offer, Panel } from "./Panel";

/** What can be changed about the exercise at hand, or the rest of the session. */
export function ChangePanel({
  shown,
  line,
  data,
  onDone,
  onAdjust,
}: {
  shown: ShownFloor;
  line: ShownLine;
  data: FloorData;
  onDone: () => void;
  onAdjust: () => void;
}) {
  const [part, setPart] = useState<"menu" | "swap" | "add">("menu");
  const groups = [...new Set(shown.lines.filter((one) => !one.beside_plan).map((one) => one.group))];
  const at = groups.indexOf(line.group);
  const doing = (act: () => Promise<void>) => () => {
    void act();
    onDone();
  };
  const move = (position: number) => doing(() => data.change({ sort: "move", line: line.line, position }));
  if (part === "swap")
    return (
      <Panel
        title={t("Instead of {{exercise}}", { exercise: line.exercise })}
        back={t("Back")}
        onBack={() => setPart("menu")}
      >
        <div className="mt-3">
          <InsteadList
            shown={shown}
            line={line}
            hurt={null}
            onChoose={(instead) =>
              doing(() =>
                data.change({ sort: "swap", line: line.line, exercise: instead.exercise, why: "" }),
              )()
            }
          />
        </div>
      </Panel>
    );
  if (part === "add")
    return (
      <Panel title={t("Add an exercise")} back={t("Back")} onBack={() => setPart("menu")}>
        <AddToday
          clientId={shown.client_id}
          place={shown.places.find((place) => place.here)?.id ?? null}
          onChoose={(exercise) =>
            doing(() => data.change({ sort: "add", line: shortId("a"), exercise, text: "" }))()
          }
        />
      </Panel>
    );
  return (
    <Panel title={t("Change today")} back={t("Back to the set")} onBack={onDone}>
      <div className="mt-3 grid gap-2">
        {!line.beside_plan && (
          <>
            <Offer
              title={t("Swap {{exercise}}", { exercise: line.exercise })}
              more={t("The rack is taken, a joint complains: a rung or a substitute, its load carried over.")}
              onClick={() => setPart("swap")}
            />
            <div className="grid auto-cols-fr grid-flow-col gap-2 empty:hidden">
              {at > 0 && (
                <Offer
                  title={t("Do it earlier")}
                  more={t("Before {{shown}}", { shown: nameOf(shown, groups[at - 1]) })}
                  onClick={move(at - 1)}
                />
              )}
              {at >= 0 && at < groups.length - 1 && (
                <Offer
                  title={t("Do it later")}
                  more={t("After {{shown}}", { shown: nameOf(shown, groups[at + 1]) })}
                  onClick={move(at + 1)}
                />
              )}
            </div>
            {line.together && (
              <Offer
                title={t("One more round")}
                more={t("Each station once more.")}
                onClick={doing(() => data.change({ sort: "round", line: line.line }))}
              />
            )}
            <Offer
              title={t("Leave {{exercise}} out", { exercise: line.exercise })}
              more={t("What was done of it is kept.")}
              onClick={doing(() => data.change({ sort: "drop", line: line.line, why: "" }))}
            />
          </>
        )}
        <Offer
          title={t("Add an exercise")}
          more={t("At the end, or before the cool-down.")}
          onClick={() => setPart("add")}
        />
        <Offer
          title={t("Less time, another place, another day in the body")}
          more={t("Each change is listed and can be taken back.")}
          onClick={onAdjust}
        />
      </div>
    </Panel>
  );
}

const nameOf = (shown: ShownFloor, group: string | undefined): string =>
  shown.lines.find((line) => line.group === group)?.exercise ?? "it";
