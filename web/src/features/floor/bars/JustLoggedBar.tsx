import { t } from "../../../ui/words";
import { Check, Undo2 } from "lucide-react";
import { actionOf, isTyping } from "../../../app/keys/shortcuts";
import type { JustLogged } from "./useJustLogged";
import { useFloorKeys } from "../pane";

/** The set that was just logged, with one tap or one key to take it back. */
export function JustLoggedBar({
  just,
  narrow,
  undo,
}: {
  just: JustLogged;
  /** Only the way back, where something else needs the room. */
  narrow: boolean;
  undo: () => void;
}) {
  useFloorKeys((event) => {
    if (isTyping(event) || actionOf("set", event) !== "undo") return;
    event.preventDefault();
    undo();
  });
  return (
    <div className="flex items-center gap-2 text-done">
      <Check size={20} aria-hidden className={narrow ? "hidden" : "shrink-0"} />
      <p role="status" className={narrow ? "sr-only" : "mr-auto min-w-0 truncate"}>
        {just.words}
      </p>
      <button
        type="button"
        onClick={undo}
        aria-label={t("Undo")}
        className={`inline-flex min-h-12 min-w-12 shrink-0 items-center justify-center gap-1.5 rounded-md text-ink ${narrow ? "border border-line-strong bg-raised @floor:px-3" : "px-3 underline hover:bg-sunk"}`}
      >
        <Undo2 size={18} aria-hidden /> <span className={narrow ? "@max-floor:hidden" : ""}>{t("Undo")}</span>
      </button>
    </div>
  );
}
