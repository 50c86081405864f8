import { t } from "../../../ui/words";
import { query } from "../../../api/query";
import { useQuery } from "@tanstack/react-query";
import { type Schemas } from "../../../api/client";
import { Message } from "../../../ui/Message";
import type { ShownFloor, ShownLine } from "../floorState";
import type { Hurt } from "../pad/Hurts";
import { Offer } from "./Panel";

/** What a line could train today instead: rungs first, each with what it would ask and where its load comes from. */
export function InsteadList({
  shown,
  line,
  hurt,
  onChoose,
}: {
  shown: ShownFloor;
  line: ShownLine;
  hurt: Hurt | null;
  onChoose: (instead: Schemas["Instead"]) => void;
}) {
  const joint = hurt?.joint ?? null;
  const side = hurt?.side ?? null;
  const found = useQuery(query.insteadOf(shown, line, joint, side));
  if (found.error) return <Message tone="caution">{found.error.message}</Message>;
  if (!found.data) return <p className="text-soft">{t("Looking for what trains the same …")}</p>;
  if (found.data.length === 0)
    return <p className="text-soft">{t("Nothing at this place trains the same and leaves it alone.")}</p>;
  return (
    <ul className="grid gap-2">
      {found.data.map((instead) => (
        <li key={instead.exercise}>
          <Offer
            title={`${instead.name}: ${instead.text}`}
            more={[...instead.reasons, instead.load_from].filter(Boolean).join(" · ")}
            onClick={() => onChoose(instead)}
          />
        </li>
      ))}
    </ul>
  );
}
