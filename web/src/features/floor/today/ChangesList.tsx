import { t } from "../../../ui/words";
import { Undo2 } from "lucide-react";
import type { ShownFloor } from "../floorState";

/** What was changed for today, each with its reason, each taken back with one tap. */
export function ChangesList({ shown, undo }: { shown: ShownFloor; undo: (id: string) => void }) {
  const reasons = new Set(shown.changes.map((change) => change.why));
  const same = shown.changes.length > 1 && reasons.size === 1 ? [...reasons][0] : "";
  return (
    <>
      {same && <p className="mb-1.5 text-soft">{same}</p>}
      <ul className="border-t border-line">
        {shown.changes.map((change) => (
          <li key={change.id} className="flex items-center gap-3 border-b border-line py-1.5">
            <p className={`min-w-0 flex-1 leading-snug ${change.undone ? "text-soft line-through" : ""}`}>
              <span className="font-medium">{change.label}</span>
              {!same && <span className="block text-soft">{change.why}</span>}
            </p>
            {change.undone ? (
              <span className="text-soft">{t("taken back")}</span>
            ) : (
              <button
                type="button"
                aria-label={t("Take back: {{label}}", { label: change.label })}
                onClick={() => undo(change.id)}
                className="flex min-h-12 items-center gap-1.5 rounded-md border border-line-strong bg-raised px-3"
              >
                <Undo2 size={18} aria-hidden />
                {t("Take back")}
              </button>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}
