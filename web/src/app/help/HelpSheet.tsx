import { t } from "../../ui/words";
import { Sheet } from "../../ui/Sheet";
import { Help } from "./Help";
import type { helpOf, HelpKey } from "./views";

/** The help of a view in a sheet; a file of its own, fetched when it is first asked for. */
export default function HelpSheet({ view, close }: { view: (typeof helpOf)[HelpKey]; close: () => void }) {
  return (
    <Sheet title={t("Help")} open onClose={close}>
      <Help view={view} />
    </Sheet>
  );
}
