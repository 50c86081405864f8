import { t } from "../../ui/words";
import { Sheet } from "../../ui/Sheet";
import { SignsToStop, useSignsAtHand } from "./SignsToStop";

/** The warning signs over a view of the desk. */
export function WarningSigns({ open, onClose }: { open: boolean; onClose: () => void }) {
  useSignsAtHand();
  return (
    <Sheet title={t("Stop the session at any of these")} open={open} onClose={onClose}>
      <SignsToStop />
    </Sheet>
  );
}
