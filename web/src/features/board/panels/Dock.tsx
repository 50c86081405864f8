import { named, t } from "../../../ui/words";
import type { LineId } from "../../../api/ids";
import { useState } from "react";
import type { Schemas } from "../../../api/client";
import { BalancePanel } from "./BalancePanel";
import { FindingsPanel, openFindings, useFindings } from "./FindingsPanel";
import { TimePanel } from "./TimePanel";
import type { Save } from "../keeping/useBoard";
import { VolumePanel } from "./VolumePanel";

const tabs = ["Findings", "Muscles", "Balance", "Minutes"] as const;

/** Beside the board, always current: what the checks find, sets by muscle, balance, minutes. */
export function Dock({
  view,
  phase,
  show,
  save,
}: {
  view: Schemas["BoardView"];
  phase: Schemas["PhaseView"];
  show: (line: LineId) => void;
  save: Save;
}) {
  const [tab, setTab] = useState<(typeof tabs)[number]>("Findings");
  const [week, setWeek] = useState<{ phase: string; at: number } | null>(null);
  const found = useFindings(view.program_id, phase.id, view.revision.number);
  const findings = found.data?.findings ?? [];
  const open = openFindings(findings);
  const now = Math.max(
    phase.weeks.findIndex((one) => one.is_now),
    0,
  );
  const at = week?.phase === phase.id ? Math.min(week.at, phase.weeks.length - 1) : now;
  const choose = (next: number) => setWeek({ phase: phase.id, at: next });
  return (
    <aside aria-label={t("Beside the board")} className="min-w-0 lg:h-full lg:overflow-y-auto" tabIndex={0}>
      <div role="group" aria-label={t("Panels")} className="flex border-b border-line-strong">
        {tabs.map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={name === tab}
            onClick={() => setTab(name)}
            className="border-b-2 border-transparent px-2 py-1.5 text-soft aria-pressed:border-ink aria-pressed:font-semibold aria-pressed:text-ink"
          >
            {named(name)}
            {name === "Findings" && open > 0 && <span className="ml-1 text-caution">{open}</span>}
          </button>
        ))}
      </div>
      <div className="pt-2">
        {tab === "Findings" && (
          <FindingsPanel programId={view.program_id} findings={findings} show={show} save={save} />
        )}
        {tab === "Muscles" && <VolumePanel phase={phase} at={at} choose={choose} />}
        {tab === "Balance" && <BalancePanel phase={phase} at={at} choose={choose} />}
        {tab === "Minutes" && <TimePanel view={view} phase={phase} />}
      </div>
    </aside>
  );
}
