import { t } from "../../../ui/words";
import { Picker } from "../../../ui/fields/Select";
import { Input } from "../../../ui/fields/Input";
import { NOWHERE, type LineId, type ProgramId, type WeekId } from "../../../api/ids";
import { query } from "../../../api/query";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../../api/client";
import { Button } from "../../../ui/Button";
import { count } from "../../../ui/format";
import { Sheet } from "../../../ui/Sheet";
import { LookFirst } from "./LookFirst";
import type { Fill } from "../keeping/useBoard";

interface Choice {
  kind: Schemas["PathKind"];
  label: string;
  step: string;
  unit: string;
}

const choices: Choice[] = [
  { kind: "the same", label: t("The same every week"), step: "", unit: "" },
  { kind: "load", label: t("Load"), step: "2.5", unit: t("a week, in the load's own unit") },
  { kind: "reps", label: t("Repetitions"), step: "1", unit: t("reps a week") },
  { kind: "seconds", label: t("Seconds or metres"), step: "5", unit: t("a week") },
  { kind: "rest", label: t("Rest"), step: "-5", unit: t("s a week") },
  { kind: "sets", label: t("Sets"), step: "1", unit: t("sets a week") },
  { kind: "reps left", label: t("Reps left"), step: "-1", unit: t("a week") },
  { kind: "three up, one easy", label: t("Three weeks up, one easy"), step: "2.5", unit: t("a week, load") },
  {
    kind: "wave of the max",
    label: t("Wave of the estimated max"),
    step: "70 75 80 60",
    unit: "%, week by week",
  },
];

/** Lines filled on from a week along a path; what comes of it stands on the board at once, and undo takes it back. */
export function FillSheet({
  program,
  phase,
  lines,
  week,
  fill,
  onClose,
}: {
  program: ProgramId;
  phase: Schemas["PhaseView"];
  lines: LineId[];
  week: WeekId;
  fill: Fill;
  onClose: () => void;
}) {
  const [from, setFrom] = useState(week);
  const [kind, setKind] = useState<Schemas["PathKind"]>("load");
  const chosen = choices.find((choice) => choice.kind === kind) ?? choices[0];
  const [steps, setSteps] = useState<Record<string, string>>({});
  const step = steps[kind] ?? chosen?.step ?? "";
  const figures = step.split(/[\s,/]+/).filter(Boolean);
  const wrong =
    kind !== "the same" && (figures.length === 0 || figures.some((one) => Number.isNaN(Number(one))));
  const wave = kind === "wave of the max";
  const path = {
    lines,
    week: from,
    kind,
    until: NOWHERE,
    step: wave || kind === "the same" ? "0" : (figures[0] ?? "0"),
    per_cents: wave ? figures : [],
  };
  const look = useQuery({ ...query.lookAtFill(program, path), enabled: !wrong });
  const go = () => {
    if (wrong) return;
    fill(path);
    onClose();
  };
  return (
    <Sheet title={t("Fill {{lines}} on", { lines: count(lines.length, "line") })} open onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          go();
        }}
      >
        <label className="flex items-center gap-2">
          {t("From what week")}
          <Picker
            value={from}
            choose={(week) => week && setFrom(week)}
            options={phase.weeks.map((one) => [one.id, String(one.number)] as const)}
          />
          {t("says, to the end of the phase")}
        </label>
        <div role="radiogroup" aria-label={t("What changes from week to week")} className="mt-3 grid gap-1">
          {choices.map((choice) => (
            <label
              key={choice.kind}
              className="flex min-h-9 items-center gap-2 rounded px-2 has-checked:bg-sunk has-checked:font-medium"
            >
              <input
                type="radio"
                name="path"
                checked={choice.kind === kind}
                onChange={() => setKind(choice.kind)}
              />
              <span className="w-56">{choice.label}</span>
              {choice.kind === kind && choice.step && (
                <>
                  <Input
                    autoFocus
                    aria-label={t("Step: {{label}}", { label: choice.label })}
                    value={step}
                    aria-invalid={wrong}
                    change={(text) => setSteps({ ...steps, [kind]: text })}
                    className="w-32 text-right"
                  />
                  <span className="text-sm font-normal text-soft">{choice.unit}</span>
                </>
              )}
            </label>
          ))}
        </div>
        <p className="mt-2 text-sm text-soft">
          {t(
            "Weeks that hold stay as the week before. Weeks that ease off get a third fewer sets and a tenth less load. Every load is one the place can make.",
          )}
        </p>
        {!wrong && (
          <div className="mt-3 rounded bg-sunk p-2">
            <LookFirst of={look} />
          </div>
        )}
        <Button type="submit" tone="act" className="mt-3" disabled={wrong}>
          {t("Fill on")}
        </Button>
      </form>
    </Sheet>
  );
}
