import { t } from "../../../ui/words";
import type { Schemas } from "../../../api/client";
import type { ShownLine } from "../floorState";
import { Row, Small } from "./Row";
import { amountOf, isFar, isTimed, withSide, type Said } from "./said";
import { Stepper } from "./Stepper";

const QUALITY: readonly (readonly [Schemas["Quality"], string])[] = [
  ["clean", t("Clean")],
  ["slipping", t("Slipping")],
  ["broke down", t("Broke down")],
];
const ENDED: readonly (readonly [Schemas["SetEnd"], string])[] = [
  ["as planned", t("Plan")],
  ["form", t("Form")],
  ["breath", t("Breath")],
  ["will", t("Will")],
  ["kit", t("Kit")],
];
const LEADS: readonly (readonly [Schemas["Side"], string])[] = [
  ["left", t("Left")],
  ["right", t("Right")],
];

/** What was seen of the set: how it looked, why it ended, each side for itself; and the way to pain. */
export function HowItWent({
  line,
  said,
  say,
  onPain,
}: {
  line: ShownLine;
  said: Said;
  say: (said: Said) => void;
  onPain: () => void;
}) {
  const { how } = said;
  const step = isTimed(said) ? 5 : 1;
  const unit = isTimed(said) ? "s" : "reps";
  const side = (which: "left" | "right") => how[which] ?? amountOf(said);
  return (
    <>
      <Row
        label={t("Looked")}
        options={QUALITY}
        chosen={how.quality ?? null}
        choose={(quality) => say({ ...said, how: { ...how, quality } })}
        clears
      />
      <Row
        label={t("Ended by")}
        options={ENDED}
        chosen={how.ended ?? null}
        choose={(ended) => say({ ...said, how: { ...how, ended } })}
        clears
      />
      {line.each_side && !isFar(said) && (
        <>
          <div className="mt-2 grid grid-cols-2 gap-2 @floor:gap-3">
            {(["left", "right"] as const).map((which) => (
              <Stepper
                key={which}
                label={which === "left" ? t("Left side") : t("Right side")}
                value={String(side(which))}
                unit={`${unit} ${which}`}
                less={() => say(withSide(said, which, side(which) - step))}
                more={() => say(withSide(said, which, side(which) + step))}
              />
            ))}
          </div>
          <Row
            label={t("Led")}
            options={LEADS}
            chosen={how.lead ?? null}
            choose={(lead) => say({ ...said, how: { ...how, lead } })}
            clears
          />
        </>
      )}
      <div className="mt-2 flex">
        <Small onClick={onPain}>
          <span className="text-stop">{t("Something hurts")}</span>
        </Small>
      </div>
    </>
  );
}
