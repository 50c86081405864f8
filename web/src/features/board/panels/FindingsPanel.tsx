import { named, t } from "../../../ui/words";
import { Input } from "../../../ui/fields/Input";
import { query } from "../../../api/query";
import type { LineId, ProgramId } from "../../../api/ids";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { type Schemas } from "../../../api/client";
import { Button } from "../../../ui/Button";
import { count } from "../../../ui/format";
import { LookFirst } from "../sheets/LookFirst";
import type { Save } from "../keeping/useBoard";

const marks: Record<Schemas["Severity"], [string, string]> = {
  error: ["✕", "text-stop"],
  caution: ["▲", "text-caution"],
  question: ["?", "text-ink"],
  note: ["·", "text-soft"],
};

export function useFindings(programId: ProgramId, phase: string, revision: number) {
  return useQuery(query.findings(programId, phase, revision));
}

/** How many findings ask for a look. */
export const openFindings = (findings: readonly Schemas["Finding"][]) =>
  findings.filter((one) => !one.answered && one.severity !== "note").length;

/** What the checks find: each explains itself, offers a fix that can be looked at first, or takes the trainer's reason. */
export function FindingsPanel({
  programId,
  findings,
  show,
  save,
}: {
  programId: ProgramId;
  findings: Schemas["Finding"][];
  show: (line: LineId) => void;
  save: Save;
}) {
  const open = findings.filter((one) => !one.answered);
  const answered = findings.filter((one) => one.answered);
  return (
    <>
      {open.length === 0 && <p className="text-done">{t("The checks find nothing to ask about.")}</p>}
      <ul className="grid">
        {open.map((one) => (
          <Finding
            key={one.check + one.where + one.message}
            one={one}
            programId={programId}
            show={show}
            save={save}
          />
        ))}
      </ul>
      {answered.length > 0 && (
        <details className="mt-3">
          <summary className="cursor-pointer text-soft">
            {t("{{findings}} answered", { findings: count(answered.length, "finding") })}
          </summary>
          <ul>
            {answered.map((one) => (
              <li key={one.check + one.where} className="border-b border-line py-1.5 text-sm">
                {one.message}
                <span className="block font-medium">“{one.answered}”</span>
                <Button
                  tone="quiet"
                  onClick={() =>
                    save(
                      [
                        {
                          op: "answer_finding",
                          check: one.check,
                          where: one.where,
                          message: one.message,
                          reason: "",
                        },
                      ],
                      t("Reason taken back: {{title}}", { title: one.title }),
                    )
                  }
                >
                  {t("Ask again")}
                </Button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

function Finding({
  one,
  programId,
  show,
  save,
}: {
  one: Schemas["Finding"];
  programId: ProgramId;
  show: (line: LineId) => void;
  save: Save;
}) {
  const [unfolded, setUnfolded] = useState(false);
  const [reason, setReason] = useState("");
  const [mark, tone] = marks[one.severity];
  const trial = useQuery({
    ...query.trial(programId, one),

    enabled: unfolded && one.fix !== null,
  });
  return (
    <li className="border-b border-line py-1.5">
      <button
        type="button"
        aria-expanded={unfolded}
        onClick={() => {
          setUnfolded(!unfolded);
          if (one.line) show(one.line);
        }}
        className="grid w-full grid-cols-[1.25rem_1fr] text-left leading-snug"
      >
        <span className={`font-semibold ${tone}`}>
          <span aria-hidden>{mark}</span>
          <span className="sr-only">{named(one.severity)}: </span>
        </span>
        <span>
          {one.message}
          {one.weeks.length > 0 && <span className="text-sm text-soft"> {weekWords(one.weeks)}</span>}
        </span>
      </button>
      {unfolded && (
        <div className="mt-1 ml-5 grid gap-2 text-sm">
          <p>{one.why}</p>
          <p className="text-soft">{one.source}</p>
          {one.fix && (
            <div className="rounded bg-sunk p-2">
              <LookFirst of={trial} />
              <Button
                className="mt-1"
                onClick={() =>
                  save(one.fix?.edits ?? [], `${one.fix?.label ?? ""} (${one.title.toLowerCase()})`)
                }
              >
                {one.fix.label}
              </Button>
            </div>
          )}
          {one.severity !== "error" && (
            <form
              className="flex gap-2"
              onSubmit={(event) => {
                event.preventDefault();
                if (!reason.trim()) return;
                save(
                  [
                    {
                      op: "answer_finding",
                      check: one.check,
                      where: one.where,
                      message: one.message,
                      reason,
                    },
                  ],
                  `${one.title}: ${reason}`,
                );
              }}
            >
              <Input
                aria-label={t("Your reason: {{title}}", { title: one.title })}
                placeholder={t("Your reason keeps it quiet")}
                value={reason}
                maxLength={300}
                change={setReason}
                className="min-w-0 flex-1"
              />
              <Button type="submit" disabled={!reason.trim()}>
                {t("Keep it")}
              </Button>
            </form>
          )}
        </div>
      )}
    </li>
  );
}

export function weekWords(weeks: number[]): string {
  const first = weeks[0] ?? 0;
  const last = weeks.at(-1) ?? first;
  if (weeks.length === 1) return t("Week {{first}}.", { first });
  return last - first === weeks.length - 1
    ? t("Weeks {{first}} to {{last}}.", { first, last })
    : t("Weeks {{weeks}}.", { weeks: weeks.join(", ") });
}
