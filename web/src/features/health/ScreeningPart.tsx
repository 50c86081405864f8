import { named, t } from "../../ui/words";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { fullDate } from "../../ui/format";
import { ClearanceSheet } from "./ClearanceSheet";
import { ScreenSheet } from "./ScreenSheet";
import { WarningSigns } from "./WarningSigns";

const tones = {
  clear: "border-done/50 bg-done-wash text-done",
  "light to moderate now, clearance before vigorous": "border-caution/50 bg-caution-wash text-caution",
  "clearance first": "border-stop/50 bg-stop-wash text-stop",
};

/** Where the health screen stands: the outcome, its reason, when it is asked again, what a clinician allowed. */
export function ScreeningPart({ client }: { client: Schemas["ClientView"] }) {
  const [open, setOpen] = useState<"screen" | "clearance" | "signs" | null>(null);
  const { screening, screens, clearances } = client.health;
  const wanting = screening.awaited;
  return (
    <section aria-labelledby="screen" className="grid gap-3">
      <h2 id="screen" className="font-semibold">
        {t("Health screen")}
      </h2>
      <div
        className={`rounded-md border px-4 py-3 ${screening.outcome ? tones[screening.outcome] : "border-caution/50 bg-caution-wash text-caution"}`}
      >
        <p className="text-xl font-semibold first-letter:uppercase">
          {screening.outcome ?? t("Not asked yet")}
        </p>
        <p className="mt-1 text-ink">{screening.reason}</p>
        {screening.repeat_on && (
          <p className="mt-1 text-sm text-ink">
            {t("Asked {{fullDate}}, again by {{repeat_on}}{{more}}", {
              fullDate: fullDate(screens[0]?.on ?? ""),
              repeat_on: fullDate(screening.repeat_on),
              more: screening.due ? t(": due now") : "",
            })}
          </p>
        )}
        {screening.reminder && (
          <p className="mt-2 font-medium">
            {t("On the floor: {{reminder}}", { reminder: screening.reminder })}
          </p>
        )}
      </div>
      <div className="flex flex-wrap gap-2">
        <Button tone={screening.due ? "act" : "plain"} onClick={() => setOpen("screen")}>
          {screens.length ? t("Ask again") : t("Ask the questions")}
        </Button>
        {(wanting || clearances.length > 0) && (
          <Button tone={wanting && !screening.due ? "act" : "plain"} onClick={() => setOpen("clearance")}>
            {t("Record a clearance")}
          </Button>
        )}
        <Button onClick={() => setOpen("signs")}>{t("Warning signs")}</Button>
      </div>
      {clearances.length > 0 && (
        <ul className="border-t border-line">
          {clearances.map((clearance, index) => (
            <li key={index} className="border-b border-line py-2">
              {t("{{on}}: {{by}}, up to {{up_to}}", {
                on: fullDate(clearance.on),
                by: clearance.by,
                up_to: named(clearance.up_to),
              })}
              {clearance.limits && <>{t(". Limits: {{limits}}", { limits: clearance.limits })}</>}
            </li>
          ))}
        </ul>
      )}
      <p className="text-sm text-soft">
        {t(
          "The screen follows the published pre-participation algorithm (MSSE 2015;47:2473). It is no diagnosis: clinicians decide, and your local rules and your own licence come first. A program can be written at any time; the floor reminds you until the clearance is recorded.",
        )}
      </p>
      {open === "screen" && <ScreenSheet clientId={client.id} onClose={() => setOpen(null)} />}
      {open === "clearance" && <ClearanceSheet clientId={client.id} onClose={() => setOpen(null)} />}
      <WarningSigns open={open === "signs"} onClose={() => setOpen(null)} />
    </section>
  );
}
