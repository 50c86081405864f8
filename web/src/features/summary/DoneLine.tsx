import { t } from "../../ui/words";
import type { Schemas } from "../../api/client";
import { SetBlocks } from "../../ui/pictures/SetBlocks";

const states: Record<Schemas["LineState"], [string, string]> = {
  done: ["done", "text-done"],
  "part done": [t("part done"), "text-caution"],
  "not done": [t("not done"), "text-caution"],
};

/** One exercise after the session: outline against fill, how far it came, what hurt, what was written and measured. */
export function DoneLine({
  line,
  measured,
}: {
  line: Schemas["DoneLine"];
  measured: Schemas["DeviceFigure"][];
}) {
  const [words, tone] = states[line.state];
  const sets = t("{{done}} of {{planned_sets}} sets", { done: line.done, planned_sets: line.planned_sets });
  return (
    <li className="border-b border-line py-2">
      <div className="flex items-end gap-3">
        <div className="min-w-0 flex-1">
          <p className="leading-tight font-medium">{line.exercise}</p>
          <p className="text-soft">{line.planned || t("beside the plan")}</p>
        </div>
        <SetBlocks
          blocks={line.blocks.map((block) => ({ planned: block.planned ?? null, done: block.done ?? null }))}
          label={`${sets} ${words}`}
        />
      </div>
      <p className={`text-sm ${tone}`}>
        {sets} {words}
        {line.skipped > 0 && t(", {{skipped}} skipped", { skipped: line.skipped })}
        {line.ramp_sets > 0 && (
          <span className="text-soft">
            {t(", {{ramp_sets}} ramp-up sets before", { ramp_sets: line.ramp_sets })}
          </span>
        )}
      </p>
      {line.pains.map((pain) => (
        <p key={pain} className="text-sm text-stop">
          {t("Hurt: {{pain}}", { pain })}
        </p>
      ))}
      {line.notes.map((note, index) => (
        <p key={index} className="text-sm text-soft">
          “{note}”
        </p>
      ))}
      {measured.map((one) => (
        <p key={one.number} className="text-sm text-soft">
          {t("Set {{number}}, measured: {{sentences}}", {
            number: one.number,
            sentences: one.sentences.join(" "),
          })}
        </p>
      ))}
    </li>
  );
}
