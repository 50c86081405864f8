import { t } from "../../../ui/words";
import { actionOf, isTyping } from "../../../app/keys/shortcuts";
import { useState } from "react";
import { useKept } from "../../../ui/fields/useKept";
import type { Schemas } from "../../../api/client";
import type { FloorSet, ShownFloor, ShownLine, Spot } from "../floorState";
import { useFloorKeys, useNamed } from "../pane";
import { Figures, stepOf } from "./Figures";
import { HowItWent } from "./HowItWent";
import { Hurts, isSaid, type Hurt } from "./Hurts";
import { OnTheBar } from "./OnTheBar";
import { Small } from "./Row";
import { amountOf, codeOf, neighbour, spoken, startingPoint, withAmount, withLoad, type Said } from "./said";

type Face = "figures" | "how" | "hurts";

export interface PadActions {
  log: (outcome: Schemas["Outcome"], said?: Said, forAll?: boolean) => void;
  hurt: (said: Said, hurt: Hurt) => void;
  note: () => void;
  change: () => void;
  straightToWork: () => void;
}

/** The set to log: big figures, one button for it as shown, and what is needed to say it went otherwise. */
export function SetPad({
  shown,
  line,
  set,
  spot,
  act,
  tight,
  settling = false,
}: {
  shown: ShownFloor;
  line: ShownLine;
  set: FloorSet | undefined;
  spot: Spot;
  act: PadActions;
  tight: boolean;
  /** A set was logged this moment: a second tap is the same finger bouncing. */
  settling?: boolean;
}) {
  const named = useNamed();
  // What was dialled for this very set outlives a reload; another set, or another aim, begins anew.
  const [said, say, forget] = useKept<Said>(
    `pad ${shown.session_id} ${line.line} ${spot.ramp} ${spot.set} ${set?.stands ?? ""} ${JSON.stringify(set?.aim ?? null)}`,
    () => startingPoint(line, set),
  );
  const [face, setFace] = useState<Face>("figures");
  const [hurt, setHurt] = useState<Hurt | null>(null);
  const [forAll, setForAll] = useState(false);
  const code = codeOf(line, said.load);
  const logged = set?.logged ?? null;
  const log: PadActions["log"] = (...row) => {
    forget();
    act.log(...row);
  };
  const stop = () => {
    if (!isSaid(hurt)) return;
    forget();
    act.hurt(said, hurt);
  };
  const others = line.sets.filter((one) => one.logged === null && one.number !== spot.set).length;
  const toggle = (to: Face) => setFace(face === to ? "figures" : to);
  useFloorKeys((event) => {
    const asked = actionOf("set", event);
    if (asked === "log" && (isTyping(event, "button, a") || settling || event.repeat)) return;
    if (asked === "skip" && (settling || event.repeat)) return;
    const load = (way: 1 | -1) => {
      const next = neighbour(line.loads, said.load, way);
      if (next !== undefined) say(withLoad(said, set, next));
    };
    if (asked === "more") say(withAmount(said, amountOf(said) + stepOf(said)));
    else if (asked === "fewer") say(withAmount(said, amountOf(said) - stepOf(said)));
    else if (asked === "heavier") load(1);
    else if (asked === "lighter") load(-1);
    else if (asked === "log") log("done", said, forAll);
    else if (asked === "reserve") say({ ...said, reserve: Number(event.key) });
    else if (asked === "skip") log("skipped");
    else if (asked === "how") toggle("how");
    else if (asked === "change") act.change();
    else return;
    event.preventDefault();
  });
  return (
    <section
      aria-label={named(
        spot.ramp ? t("Ramp-up set {{set}}", { set: spot.set }) : t("Set {{set}}", { set: spot.set }),
      )}
      className="sticky bottom-0 bg-ground pt-2 short:sticky short:top-0 short:bottom-auto short:self-start short:col-start-2 short:row-start-1 short:row-span-6"
    >
      {set?.on_bar && face === "figures" && (
        <div className="short:hidden">
          <OnTheBar shown={shown} set={set} load={said.load} />
        </div>
      )}
      {face === "figures" && (
        <Figures
          line={line}
          set={set}
          said={said}
          say={say}
          others={others}
          forAll={forAll}
          setForAll={setForAll}
          tight={tight}
        />
      )}
      {face === "how" && <HowItWent line={line} said={said} say={say} onPain={() => setFace("hurts")} />}
      {face === "hurts" && (
        <Hurts
          hurt={hurt}
          set={setHurt}
          onCancel={() => {
            setHurt(null);
            setFace("figures");
          }}
        />
      )}
      {face === "hurts" ? (
        <button
          type="button"
          disabled={!isSaid(hurt)}
          className="mt-2 min-h-14 w-full @floor:mt-3 @floor:min-h-20 short:mt-2! short:min-h-12! rounded-lg bg-stop text-2xl font-semibold text-ground hover:brightness-110 disabled:bg-sunk disabled:text-soft disabled:brightness-100"
          onClick={() => stop()}
        >
          {t("Stop here: {{said}}", { said: spoken(said, line.bodyweight, code) })}
        </button>
      ) : (
        <button
          type="button"
          className="mt-2 min-h-14 w-full @floor:mt-3 @floor:min-h-20 short:mt-2! short:min-h-12! rounded-lg bg-ember px-2 text-2xl leading-tight font-semibold text-on-ember hover:brightness-110"
          data-main-action
          aria-disabled={settling}
          onKeyDown={(event) => event.repeat && event.preventDefault()}
          onClick={() => !settling && log("done", said, forAll)}
        >
          {logged
            ? t("Correct {{more}} {{set}}", { more: spot.ramp ? "ramp-up set" : t("set"), set: spot.set })
            : t("Done: {{said}}", { said: spoken(said, line.bodyweight, code) })}
        </button>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        {logged ? (
          <Small onClick={() => log("cleared")}>{t("Take it back")}</Small>
        ) : (
          <Small onClick={() => !settling && log("skipped")}>{t("Skip set")}</Small>
        )}
        {spot.ramp ? (
          <Small onClick={act.straightToWork}>{t("Straight to the work")}</Small>
        ) : (
          <Small pressed={face === "how"} onClick={() => toggle("how")}>
            {t("How it went")}
          </Small>
        )}
        <Small onClick={act.change}>{t("Change")}</Small>
        <Small onClick={act.note}>{t("Note")}</Small>
      </div>
    </section>
  );
}
