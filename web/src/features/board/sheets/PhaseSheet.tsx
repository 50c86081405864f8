import { t } from "../../../ui/words";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { type Schemas } from "../../../api/client";
import { query } from "../../../api/query";
import { Button } from "../../../ui/Button";
import { Sheet } from "../../../ui/Sheet";
import { Part } from "../../../ui/Waiting";
import { ProgramPick, type Picked } from "../../starting/ProgramPick";
import { fromProgram, fromTemplate, type Source } from "../../starting/source";
import { TakeSheet } from "./TakeSheet";

interface Chosen {
  name: string;
  source: Source;
}

/** The next phase from a template or from what somebody trained: looked at first, then taken. */
export function PhaseSheet({
  view,
  take,
  onClose,
}: {
  view: Schemas["BoardView"];
  take: (source: Source) => void;
  onClose: () => void;
}) {
  const templates = useQuery(query.templates(view.client_id));
  const [picked, pick] = useState<Picked | null>(null);
  const [chosen, choose] = useState<Chosen | null>(null);
  if (chosen)
    return <Look view={view} chosen={chosen} take={take} back={() => choose(null)} onClose={onClose} />;
  return (
    <Sheet title={t("The next phase, taken over")} open onClose={onClose}>
      <section aria-labelledby="from-program">
        <h3 id="from-program" className="font-semibold">
          {t("From a client’s program")}
        </h3>
        <ProgramPick first={view.client_id} whole={false} picked={picked} pick={pick} />
        <Button
          className="mt-2"
          disabled={!picked?.phase}
          onClick={() =>
            picked?.phase &&
            choose({ name: picked.phase.name, source: fromProgram(picked.program.id, picked.phase.id) })
          }
        >
          {t("Look at it")}
        </Button>
      </section>
      <section aria-labelledby="from-template" className="mt-5">
        <h3 id="from-template" className="font-semibold">
          {t("From a template")}
        </h3>
        <Part of={templates}>
          {(list) => (
            <ul>
              {list.map((one) => (
                <li key={one.id} className="flex items-start gap-3 border-b border-line py-2">
                  <span className="mr-auto">
                    <span className="font-medium">{one.name}</span>{" "}
                    <span className="text-sm text-soft">
                      {t("{{more}} · {{days}} days, {{weeks}} weeks", {
                        more: one.own ? t("your own") : one.school,
                        days: one.days,
                        weeks: one.weeks,
                      })}
                    </span>
                    <span className="block text-sm text-soft">{one.suits}</span>
                  </span>
                  <Button
                    aria-label={t("Look at it: {{name}}", { name: one.name })}
                    onClick={() => choose({ name: one.name, source: fromTemplate(one.id) })}
                  >
                    {t("Look at it")}
                  </Button>
                </li>
              ))}
            </ul>
          )}
        </Part>
      </section>
    </Sheet>
  );
}

function Look({
  view,
  chosen,
  take,
  back,
  onClose,
}: {
  view: Schemas["BoardView"];
  chosen: Chosen;
  take: (source: Source) => void;
  back: () => void;
  onClose: () => void;
}) {
  const look = useQuery(query.lookAtPhase(view.program_id, chosen.source, view.revision.number));
  return (
    <TakeSheet
      title={t("{{name}} as the next phase", { name: chosen.name })}
      look={look}
      take={() => take(chosen.source)}
      back={back}
      onClose={onClose}
    />
  );
}
