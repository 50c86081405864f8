import { Lock } from "lucide-react";
import { t } from "../ui/words";
import { lock, useAccess } from "./access";

/** What an assistant may not, said before a tap is refused; who only looks is told above every view. */
const limit = (may: readonly string[]): string =>
  may.includes("log") && !may.includes("plan") ? t("logs, does not plan") : "";

/** Who is signed in, and what they may not; one tap locks, for the next trainer or for a while. */
export function PersonMenu() {
  const { state } = useAccess();
  if (!state?.demanded || !state.me) return null;
  const limited = limit(state.me.may);
  return (
    <button
      type="button"
      aria-label={
        limited
          ? t("Lock, or change trainer: {{name}} is signed in, {{limited}}", { name: state.me.name, limited })
          : t("Lock, or change trainer: {{name}} is signed in", { name: state.me.name })
      }
      title={t("Lock, or change trainer")}
      className="inline-flex items-center gap-1.5 rounded p-2 hover:bg-sunk"
      onClick={() => void lock()}
    >
      <Lock size={18} aria-hidden />
      <span className="max-w-32 truncate max-sm:sr-only">{state.me.name}</span>
      {limited && <span className="text-sm text-soft max-lg:hidden">{limited}</span>}
    </button>
  );
}
