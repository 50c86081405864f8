import { t } from "../../ui/words";
import { Sheet } from "../../ui/Sheet";
import { Help } from "./Help";
import type { HelpKey } from "./titles";

/** The help of a view in a sheet; a file of its own, fetched when it is first asked for. */
export default function HelpSheet({ of, onClose }: { of: HelpKey; onClose: () => void }) {
  return (
    <Sheet title={t("Help")} open onClose={onClose}>
      <Help of={of} />
    </Sheet>
  );
}
