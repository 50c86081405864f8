import { t } from "../words";
import { Button } from "../Button";

/** How far something has come that takes a while, what is being done, and a way to stop it; shown after a moment. */
export function Progress({ doing, share, cancel }: { doing: string; share: number; cancel: () => void }) {
  return (
    <div className="skeleton flex items-center gap-3">
      <div className="min-w-0 flex-1">
        <p role="status">{doing} …</p>
        <div
          role="progressbar"
          aria-label={doing}
          aria-valuenow={Math.round(share * 100)}
          className="mt-1 h-1.5 overflow-hidden rounded bg-sunk"
        >
          <div className="h-full rounded bg-ink" style={{ width: `${share * 100}%` }} />
        </div>
      </div>
      <Button onClick={cancel}>{t("Cancel")}</Button>
    </div>
  );
}
