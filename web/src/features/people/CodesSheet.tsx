import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";
import { t } from "../../ui/words";

/** Codes that are shown this once: to be printed or written down. */
export function CodesSheet({
  title,
  why,
  codes,
  onClose,
}: {
  title: string;
  why: string;
  codes: readonly string[];
  onClose: () => void;
}) {
  return (
    <Sheet title={title} open onClose={onClose}>
      <div className="grid gap-3">
        <p>{why}</p>
        <ul className="grid gap-x-6 gap-y-1 font-mono text-lg sm:grid-cols-2">
          {codes.map((code) => (
            <li key={code}>{code}</li>
          ))}
        </ul>
        <p className="flex gap-2">
          <Button onClick={() => window.print()}>{t("Print")}</Button>
          <Button tone="act" onClick={onClose}>
            {t("They are kept safe")}
          </Button>
        </p>
      </div>
    </Sheet>
  );
}
