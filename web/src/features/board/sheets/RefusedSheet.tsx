import { t } from "../../../ui/words";
import { Button } from "../../../ui/Button";
import { Sheet } from "../../../ui/Sheet";
import type { Refused } from "../keeping/useBoard";

/** A save that was refused: what was typed is still here, what changed elsewhere is shown, the trainer says what holds. */
export function RefusedSheet({
  refused,
  saveOnTop,
  takeTheirs,
}: {
  refused: Refused | null;
  saveOnTop: () => void;
  takeTheirs: () => void;
}) {
  if (!refused) return null;
  const differences = refused.problem.more.differences ?? [];
  const stale = refused.problem.status === 409;
  return (
    <Sheet
      title={stale ? t("Somebody else changed this program") : t("That was not saved")}
      open
      onClose={takeTheirs}
    >
      <p>{refused.problem.message}</p>
      {differences.length > 0 && (
        <table className="mt-3 w-full text-left text-sm">
          <caption className="sr-only">{t("What was changed meanwhile")}</caption>
          <thead>
            <tr className="border-b border-line">
              <th scope="col" className="py-1 font-medium">
                {t("Where")}
              </th>
              <th scope="col" className="py-1 font-medium">
                {t("You saw")}
              </th>
              <th scope="col" className="py-1 font-medium">
                {t("Now")}
              </th>
            </tr>
          </thead>
          <tbody>
            {differences.map((difference) => (
              <tr key={difference.where} className="border-b border-line align-top">
                <th scope="row" className="py-1 pr-3 font-normal">
                  {difference.where}
                </th>
                <td className="py-1 pr-3 text-soft">{difference.before || t("nothing")}</td>
                <td className="py-1">{difference.after || t("nothing")}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {refused.reason && (
        <p className="mt-3 font-medium">{t("Yours: {{reason}}", { reason: refused.reason })}</p>
      )}
      <div className="mt-4 flex gap-2">
        {refused.edits.length > 0 && (
          <Button tone="act" onClick={saveOnTop}>
            {stale ? t("Save mine on top") : t("Try again")}
          </Button>
        )}
        <Button onClick={takeTheirs}>{stale ? t("Take theirs, drop mine") : t("Leave it")}</Button>
      </div>
    </Sheet>
  );
}
