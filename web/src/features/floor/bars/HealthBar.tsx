import { t } from "../../../ui/words";
import { useNamed } from "../pane";
import type { ClientId } from "../../../api/ids";
import { ChevronDown, TriangleAlert } from "lucide-react";
import { Link } from "react-router";
import type { ToMind } from "../toMind";

/** On a phone what is no stop is a sign in the header, opened with a tap. */
export function HealthSign({
  mind,
  open,
  toggle,
}: {
  mind: ToMind | null;
  open: boolean;
  toggle: () => void;
}) {
  if (!mind || mind.stop) return null;
  return (
    <button
      type="button"
      aria-label={t("To mind today")}
      aria-expanded={open}
      onClick={toggle}
      className="grid size-12 shrink-0 place-items-center rounded-md text-caution hover:bg-sunk @floor:hidden short:grid!"
    >
      <TriangleAlert aria-hidden />
    </button>
  );
}

/** What health asks to be minded in this session: one line, opened to read it all. */
export function HealthBar({
  mind,
  open,
  toggle,
  clientId,
  showSigns,
}: {
  mind: ToMind | null;
  open: boolean;
  toggle: () => void;
  clientId: ClientId;
  showSigns: () => void;
}) {
  const named = useNamed();
  if (!mind) return null;
  const { said, stop } = mind;
  const tone = stop
    ? "border-stop/40 bg-stop-wash text-stop"
    : "border-caution/40 bg-caution-wash text-caution";
  return (
    <section
      aria-label={named(t("To mind today"))}
      className={`border-b ${tone} ${stop || open ? "" : "@max-floor:hidden short:hidden"}`}
    >
      <div className="flex items-center gap-2 py-2 pl-4">
        <TriangleAlert size={18} className="shrink-0" aria-hidden />
        <p role={stop ? "alert" : "status"} className={`min-w-0 flex-1 ${open ? "" : "truncate"}`}>
          {said[0]}
        </p>
        <button
          type="button"
          aria-expanded={open}
          onClick={toggle}
          className="flex min-h-12 items-center gap-1 px-3 whitespace-nowrap underline"
        >
          {open ? t("Less") : said.length > 1 ? t("Read all {{said}}", { said: said.length }) : t("Read")}
          <ChevronDown size={18} className={open ? "rotate-180" : ""} aria-hidden />
        </button>
      </div>
      {open && (
        <div className="px-4 pb-2">
          {said.slice(1).map((text) => (
            <p key={text} className="mt-1">
              {text}
            </p>
          ))}
          <p className="flex gap-6">
            <Link className="inline-flex min-h-12 items-center underline" to={`/clients/${clientId}/health`}>
              {t("Open the health page")}
            </Link>
            <button type="button" className="min-h-12 underline" onClick={showSigns}>
              {t("Warning signs")}
            </button>
          </p>
        </div>
      )}
    </section>
  );
}
