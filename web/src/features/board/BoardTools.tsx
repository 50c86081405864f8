import { t } from "../../ui/words";
import {
  CalendarDays,
  ClipboardPaste,
  History,
  ListChecks,
  PencilLine,
  Redo2,
  Rows3,
  Rows4,
  SearchCheck,
  Telescope,
  Undo2,
} from "lucide-react";
import type { ReactNode } from "react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { otherDensity, setDensity, type Density } from "../../app/density";
import { Button } from "../../ui/Button";
import { Roving } from "../../ui/Roving";
import { Tick } from "../../ui/Tick";
import { openFindings, useFindings } from "./panels/FindingsPanel";

export type Tool = "about" | "paste" | "logbook" | "find";

/** What can be done with the program as a whole; words beside the signs where there is room for them. */
export function BoardTools({
  view,
  phase,
  density,
  saving,
  carry,
  setCarry,
  first,
  setFirst,
  beside,
  setBeside,
  undo,
  redo,
  open: openTool,
}: {
  view: Schemas["BoardView"];
  phase: Schemas["PhaseView"];
  density: Density;
  saving: boolean;
  carry: boolean;
  setCarry: (on: boolean) => void;
  first: boolean;
  setFirst: (on: boolean) => void;
  /** Whether findings, muscles, balance and minutes stand beside the board. */
  beside: boolean;
  setBeside: (on: boolean) => void;
  undo: () => void;
  redo: () => void;
  open: (tool: Tool) => void;
}) {
  const compact = density === "compact";
  const open = openFindings(
    useFindings(view.program_id, phase.id, view.revision.number).data?.findings ?? [],
  );
  const path = `/programs/${view.program_id}`;
  return (
    <Roving label={t("Program tools")} className="ml-auto flex flex-wrap items-center gap-x-1.5 gap-y-2">
      <Tick
        checked={carry}
        set={setCarry}
        className="text-sm"
        title={t("What is typed carries on into the following weeks that said the same")}
      >
        {t("Carry on")}
      </Tick>
      <Tick checked={first} set={setFirst} className="ml-1.5 text-sm">
        {t("As first written")}
      </Tick>
      <Press label={t("Undo")} compact disabled={!view.revision.undo_to || saving} press={undo}>
        <Undo2 size={18} aria-hidden />
      </Press>
      <Press label={t("Redo")} compact disabled={!view.revision.redo_to || saving} press={redo}>
        <Redo2 size={18} aria-hidden />
      </Press>
      <Way label={t("Ahead")} to={`${path}/ahead`} compact={compact}>
        <Telescope size={18} aria-hidden />
      </Way>
      <Way label={t("Calendar")} to={`${path}/calendar`} compact={compact}>
        <CalendarDays size={18} aria-hidden />
      </Way>
      <Press label={t("About")} compact={compact} press={() => openTool("about")}>
        <PencilLine size={18} aria-hidden />
      </Press>
      <Press
        label={t("Find")}
        compact={compact}
        title={t("Find and replace (Ctrl + H)")}
        press={() => openTool("find")}
      >
        <SearchCheck size={18} aria-hidden />
      </Press>
      <Press label={t("Paste")} compact={compact} press={() => openTool("paste")}>
        <ClipboardPaste size={18} aria-hidden />
      </Press>
      <Press label={t("Logbook")} compact={compact} press={() => openTool("logbook")}>
        <History size={18} aria-hidden />
      </Press>
      <Press
        label={compact ? t("Roomy") : t("Compact")}
        compact
        title={`${compact ? t("Roomy") : t("Compact")} (F9)`}
        press={() => setDensity(otherDensity(density))}
      >
        {compact ? <Rows3 size={18} aria-hidden /> : <Rows4 size={18} aria-hidden />}
      </Press>
      <Button
        aria-pressed={beside}
        title={t("Findings, muscles, balance and minutes beside the board")}
        className="px-2.5! aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-ground"
        onClick={() => setBeside(!beside)}
      >
        <ListChecks size={18} aria-hidden /> {t("Findings")}
        {open > 0 && <span className={beside ? "" : "font-semibold text-caution"}>{open}</span>}
      </Button>
    </Roving>
  );
}

function Press({
  label,
  compact,
  title,
  pressed,
  disabled = false,
  press,
  children,
}: {
  label: string;
  compact: boolean;
  title?: string;
  pressed?: boolean;
  disabled?: boolean;
  press: () => void;
  children: ReactNode;
}) {
  return (
    <Button
      disabled={disabled}
      aria-label={compact ? label : undefined}
      aria-pressed={pressed}
      title={title ?? (compact ? label : undefined)}
      className={`aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-ground ${compact ? "px-2!" : ""}`}
      onClick={press}
    >
      {children}
      {!compact && label}
    </Button>
  );
}

function Way({
  label,
  to,
  compact,
  children,
}: {
  label: string;
  to: string;
  compact: boolean;
  children: ReactNode;
}) {
  return (
    <Link
      to={to}
      aria-label={compact ? label : undefined}
      title={compact ? label : undefined}
      className={`inline-flex min-h-9 items-center gap-2 rounded-md border border-line-strong bg-raised hover:border-ink ${compact ? "px-2" : "px-3"}`}
    >
      {children}
      {!compact && label}
    </Link>
  );
}
