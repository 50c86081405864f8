import { t } from "../../../ui/words";
import { Trash2 } from "lucide-react";
import { Link } from "react-router";
import type { Schemas } from "../../../api/client";
import { Button } from "../../../ui/Button";
import { shortDate } from "../../../ui/format";
import { SavedField } from "../../../ui/fields/SavedField";
import { Sheet } from "../../../ui/Sheet";
import { KeepTemplate } from "./KeepTemplate";
import type { Save } from "../keeping/useBoard";

const files = [
  ["xlsx", t("Spreadsheet")],
  ["json", t("JSON, for another studio")],
  ["csv", t("CSV of the first phase")],
] as const;

/** What a program is called, when it begins, and what each phase is for; a phase can be taken out. */
export function ProgramSheet({
  view,
  save,
  onClose,
}: {
  view: Schemas["BoardView"];
  save: Save;
  onClose: () => void;
}) {
  const start = view.phases[0]?.weeks[0]?.monday ?? "";
  const program = (changes: { name?: string; start?: string }, reason: string) => {
    const name = changes.name?.trim();
    if (name === "") return;
    save([{ op: "change_program", name: name ?? view.name, start: changes.start ?? start }], reason);
  };
  const phase = (of: Schemas["PhaseView"], changes: { name?: string; purpose?: string; method?: string }) => {
    if (changes.name?.trim() === "") return;
    const { id, name, purpose, method } = { ...of, ...changes };
    save(
      [{ op: "change_phase", phase: id, name: name.trim(), purpose, method }],
      t("Phase {{name}} described", { name: name.trim() }),
    );
  };
  return (
    <Sheet title={t("About this program")} open onClose={onClose}>
      <div className="grid gap-3 sm:grid-cols-[1fr_10rem]">
        <SavedField
          label={t("Name")}
          of={t("program")}
          value={view.name}
          save={(name) => program({ name }, t("Renamed {{name}}", { name }))}
        />
        <SavedField
          label={t("Begins in the week of")}
          of={t("program")}
          type="date"
          value={start}
          save={(day) =>
            day && program({ start: day }, t("Begins in the week of {{day}}", { day: shortDate(day) }))
          }
        />
      </div>
      <p className="mt-1 text-sm text-soft">
        {t("Another week moves every week that follows; what was held keeps its date.")}
      </p>
      <ol className="mt-4 grid gap-4">
        {view.phases.map((one) => (
          <li key={one.id} aria-label={one.name} className="border-t border-line pt-3">
            <div className="grid items-end gap-3 sm:grid-cols-[1fr_auto]">
              <SavedField
                label={t("Phase, weeks {{first}} to {{last}}", {
                  first: one.weeks[0]?.number ?? "",
                  last: one.weeks.at(-1)?.number ?? "",
                })}
                of={`${one.id} name`}
                value={one.name}
                save={(name) => phase(one, { name })}
              />
              {view.phases.length > 1 && (
                <Button
                  tone="stop"
                  aria-label={t("Take out {{name}}", { name: one.name })}
                  onClick={() =>
                    save([{ op: "remove_phase", phase: one.id }], t("{{name}} taken out", { name: one.name }))
                  }
                >
                  <Trash2 size={16} aria-hidden /> {t("Take out")}
                </Button>
              )}
            </div>
            <KeepTemplate program={view.program_id} phase={one} />
            <div className="mt-2 grid gap-3 sm:grid-cols-2">
              <SavedField
                label={t("What it is for")}
                of={`${one.id} purpose`}
                value={one.purpose}
                save={(purpose) => phase(one, { purpose })}
              />
              <SavedField
                label={t("By which method")}
                of={`${one.id} method`}
                value={one.method}
                save={(method) => phase(one, { method })}
              />
            </div>
          </li>
        ))}
      </ol>
      <p className="mt-4 text-sm text-soft">
        {t("Each change is a revision: Undo on the board takes it back.")}
      </p>
      <p className="mt-3 flex flex-wrap items-center gap-x-5">
        <span className="text-soft">{t("As a file:")}</span>
        {files.map(([kind, words]) => (
          <a
            key={kind}
            download
            href={`/api/programs/${view.program_id}/file?kind=${kind}`}
            className="inline-flex min-h-9 items-center underline"
          >
            {words}
          </a>
        ))}
      </p>
      <p className="flex flex-wrap gap-x-5">
        <Link
          to={`/programs/${view.program_id}/outcome`}
          className="inline-flex min-h-9 items-center underline"
        >
          {t("What came of it, and what carries over")}
        </Link>
        <Link
          to={`/clients/${view.client_id}/programs`}
          className="inline-flex min-h-9 items-center underline"
        >
          {t("End it, prepare the next")}
        </Link>
      </p>
    </Sheet>
  );
}
