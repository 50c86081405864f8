import { Check, Undo2 } from "lucide-react";
import { actionOf, isTyping } from "../../app/shortcuts";
import type { JustLogged } from "./useJustLogged";
import { useFloorKeys } from "./pane";

/** The set that was just logged, with one tap or one key to take it back. */
export function JustLoggedBar({ just, undo }: { just: JustLogged; undo: () => void }) {
  useFloorKeys((event) => {
    if (isTyping(event) || actionOf("set", event) !== "undo") return;
    event.preventDefault();
    undo();
  });
  return (
    <div className="flex items-center gap-2 text-done">
      <Check size={20} aria-hidden className="shrink-0" />
      <p role="status" className="mr-auto min-w-0 truncate">
        {just.words}
      </p>
      <button
        type="button"
        onClick={undo}
        className="inline-flex min-h-12 shrink-0 items-center gap-1.5 rounded-md px-3 text-ink underline hover:bg-sunk"
      >
        <Undo2 size={18} aria-hidden /> Undo
      </button>
    </div>
  );
}
