import { named, t } from "../../../ui/words";
import { Joint } from "../../../api/enums";
import type { Schemas } from "../../../api/client";
import { isPaired } from "../../health/names";
import { Row, Small } from "./Row";

const SIDES: readonly (readonly [Schemas["Side"], string])[] = [
  ["left", t("Left")],
  ["right", t("Right")],
  ["both", t("Both")],
];

export interface Hurt {
  joint: Schemas["Joint"];
  side: Schemas["Side"] | null;
}

/** Where it hurts: a region, and its side where there are two. */
export function Hurts({
  hurt,
  set,
  onCancel,
}: {
  hurt: Hurt | null;
  set: (hurt: Hurt | null) => void;
  onCancel: () => void;
}) {
  return (
    <>
      <p className="mt-1 text-lg font-medium">{t("Where does it hurt?")}</p>
      <div className="mt-1 grid grid-cols-4 gap-2">
        {Joint.map((joint) => (
          <Small
            key={joint}
            pressed={hurt?.joint === joint}
            onClick={() => set({ joint, side: isPaired(joint) ? (hurt?.side ?? null) : null })}
          >
            {named(joint)}
          </Small>
        ))}
      </div>
      {hurt && isPaired(hurt.joint) && (
        <Row label={t("Side")} options={SIDES} chosen={hurt.side} choose={(side) => set({ ...hurt, side })} />
      )}
      <div className="mt-2 flex">
        <Small onClick={onCancel}>{t("Nothing hurts")}</Small>
      </div>
    </>
  );
}

/** Whether it is said well enough to go by. */
export const isSaid = (hurt: Hurt | null): hurt is Hurt =>
  hurt !== null && (!isPaired(hurt.joint) || hurt.side !== null);
