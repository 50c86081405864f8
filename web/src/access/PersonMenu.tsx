import { Lock } from "lucide-react";
import { t } from "../ui/words";
import { lock, useAccess } from "./access";

/** Who is signed in; one tap locks, for the next trainer or for a while. */
export function PersonMenu() {
  const { state } = useAccess();
  if (!state?.demanded || !state.me) return null;
  return (
    <button
      type="button"
      aria-label={t("Lock, or change trainer: {{name}} is signed in", { name: state.me.name })}
      title={t("Lock, or change trainer")}
      className="inline-flex items-center gap-1.5 rounded p-2 hover:bg-sunk"
      onClick={() => void lock()}
    >
      <Lock size={18} aria-hidden />
      <span className="max-w-32 truncate max-sm:sr-only">{state.me.name}</span>
    </button>
  );
}
