import "../../ui/SheetDialog";
import { t } from "../../ui/words";
import { otherDensity, setDensity, useDensity } from "../../app/density";
import { actionOf, isTyping } from "../../app/keys/shortcuts";
import { useKept } from "../../ui/fields/useKept";
import { query } from "../../api/query";
import { useAddress } from "../../app/useAddress";
import { useCallback, useEffect, useRef, useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import { type Schemas } from "../../api/client";
import { freshId, NOWHERE, type LineId, type ProgramId, type WeekId } from "../../api/ids";
import { clock, fullDate, shortDate, today } from "../../ui/format";
import { Waiting } from "../../ui/Waiting";
import { BoardSheets } from "./sheets/BoardSheets";
import { BoardTools, type Tool } from "./BoardTools";
import { ChosenBar } from "./ChosenBar";
import type { Command } from "./keeping/runCommand";
import type { Opened } from "./keeping/opened";
import { Dock } from "./panels/Dock";
import { HistorySheet } from "./sheets/HistorySheet";
import { PasteSheet } from "./sheets/PasteSheet";
import { FindSheet } from "./sheets/FindSheet";
import { WHOLE } from "./grid/near";
import { PhaseStrip } from "./grid/PhaseStrip";
import { useClipboard } from "./keeping/useClipboard";
import { ProgramSheet } from "./sheets/ProgramSheet";
import { linesBefore, PhaseTable } from "./grid/PhaseTable";
import { RefusedSheet } from "./sheets/RefusedSheet";
import { runCommand } from "./keeping/runCommand";
import { useBoard } from "./keeping/useBoard";

/** Weeks up to which there is room beside the set blocks. */
const WIDE_WEEKS = 6;
const NONE: ReadonlySet<LineId> = new Set();

/** The program board: weeks across, days and exercises down; a prescription is typed into its cell. */
export function BoardView() {
  const { programId } = useAddress();
  const [search, setSearch] = useSearchParams();
  const [tool, setTool] = useState<Tool | null>(null);
  const density = useDensity();
  const compact = density === "compact";
  // What stands beside the board is a choice of each density: roomy has it, compact has the room for weeks.
  const [asideCompact, setAsideCompact] = useKept("beside the compact board", false);
  const [asideRoomy, setAsideRoomy] = useKept("beside the roomy board", true);
  const [beside, setBeside] = compact ? [asideCompact, setAsideCompact] : [asideRoomy, setAsideRoomy];
  const [opening] = useState(() => Date.now());
  const [carry, setCarry] = useState(true);
  const [first, setFirst] = useState(false);
  const [chosen, setChosen] = useState<ReadonlySet<LineId>>(NONE);
  const [opened, setOpened] = useState<Opened & { fill?: { lines: LineId[]; week: WeekId } }>({});
  const {
    board,
    refused,
    saving,
    save,
    fill,
    undo,
    redo,
    restore,
    addTemplate,
    addTemplateDay,
    saveOnTop,
    takeTheirs,
  } = useBoard(programId);
  const view = board.data;
  const written = useFirstWritten(programId, first);

  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      const asked = isTyping(event) ? null : actionOf("board", event);
      if (asked === "choose none") setChosen(NONE);
      if (asked === "find" || asked === "density") {
        event.preventDefault();
        if (asked === "find") setTool("find");
        else setDensity(otherDensity(density));
      }
      if (asked !== "undo" && asked !== "redo") return;
      event.preventDefault();
      if (asked === "redo") redo();
      else undo();
    };
    window.addEventListener("keydown", pressed);
    return () => window.removeEventListener("keydown", pressed);
  }, [undo, redo, density]);
  const noTool = () => setTool(null);
  useClipboard(view, chosen, save);

  const choose = useCallback((line: LineId) => {
    setChosen((before) => {
      const next = new Set(before);
      if (!next.delete(line)) next.add(line);
      return next;
    });
  }, []);
  const open = useCallback((what: Opened) => setOpened(what), []);
  const latest = useRef({ view, chosen });
  useEffect(() => {
    latest.current = { view, chosen };
  }, [view, chosen]);
  const command = useCallback(
    (what: Command, line: LineId, week: WeekId) => {
      const { view: board, chosen: lines } = latest.current;
      if (board) runCommand(what, line, week, board, lines, { save, fill, choose, setOpened });
    },
    [save, fill, choose],
  );

  if (!view) return <Waiting shape="board" error={board.error} retry={() => void board.refetch()} />;
  const now = view.phases.find((phase) => phase.weeks.some((week) => week.is_now));
  const all = search.get("phase") === "all";
  // What has not begun opens at its beginning, what is over at its end.
  const begun = Date.parse(view.phases[0]?.weeks[0]?.monday ?? "") <= opening;
  const phase =
    view.phases.find((p) => p.id === search.get("phase")) ?? now ?? view.phases.at(begun ? -1 : 0);
  if (!phase) return null;
  const shown = all ? view.phases : [phase];
  return (
    <div
      data-board
      className={`px-4 lg:flex lg:h-[calc(100dvh-2.6rem)] lg:flex-col ${compact ? "py-1.5" : "py-4"}`}
    >
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className={`${compact ? "text-lg" : "text-2xl"} font-semibold tracking-tight`}>
          {view.name} <span className="font-normal text-soft">{t("for")}</span>{" "}
          <Link to={`/clients/${view.client_id}`} className="hover:underline">
            {view.client}
          </Link>
        </h1>
        <p className="ml-auto text-sm text-soft" aria-live="polite">
          {saving
            ? t("Saving …")
            : t("Revision {{number}}, {{at}} {{at2}}", {
                number: view.revision.number,
                at: shortDate(view.revision.at),
                at2: clock(view.revision.at),
              })}
        </p>
      </div>
      <Standing view={view} />
      <div className={`flex flex-wrap items-center gap-2 ${compact ? "mt-0.5 mb-1" : "mt-2"}`}>
        <PhaseStrip
          view={view}
          chosen={all ? null : phase.id}
          choose={(id) => setSearch({ phase: id })}
          add={() => {
            const id = `p${freshId().slice(0, 8)}`;
            save(
              [{ op: "add_phase", phase: id, name: t("Phase {{more}}", { more: view.phases.length + 1 }) }],
              t("Phase added"),
            );
            setSearch({ phase: id });
          }}
          addTemplate={(source) => {
            addTemplate(source);
            setSearch({});
          }}
        />
        <BoardTools
          view={view}
          phase={phase}
          density={density}
          saving={saving}
          carry={carry}
          setCarry={setCarry}
          first={first}
          setFirst={setFirst}
          beside={beside}
          setBeside={setBeside}
          undo={undo}
          redo={redo}
          open={setTool}
        />
      </div>
      <div
        className={`grid gap-x-5 lg:min-h-[20rem] lg:grow ${beside ? "lg:grid-cols-[minmax(0,1fr)_19rem]" : ""} lg:grid-rows-[minmax(0,1fr)]`}
      >
        <div
          data-board-scroll
          data-narrow={
            (compact && (beside || shown.some((one) => one.weeks.length > WIDE_WEEKS))) || undefined
          }
          className="group/board min-w-0 lg:overflow-auto"
        >
          {shown.map((one) => (
            <section key={one.id} aria-label={one.name}>
              {all && (
                <h2 className={compact ? "mt-2 font-semibold" : "mt-4 text-lg font-semibold"}>{one.name}</h2>
              )}
              <PhaseTable
                addTemplateDay={addTemplateDay}
                view={view}
                phase={one}
                row={all ? rowsBefore(view, one) : 0}
                density={density}
                long={shown.reduce((rows, each) => rows + linesBefore(each), 0) > WHOLE}
                carry={carry}
                chosen={chosen}
                firstWritten={written}
                choose={choose}
                open={open}
                command={command}
                save={save}
              />
            </section>
          ))}
          {!compact && <Legend />}
        </div>
        {beside && (
          <Dock
            view={view}
            phase={phase}
            save={save}
            show={(line) =>
              document
                .querySelector<HTMLElement>(`[data-line="${line}"]`)
                ?.scrollIntoView({ block: "center" })
            }
          />
        )}
      </div>
      <ChosenBar
        phase={phase}
        chosen={chosen}
        clear={() => setChosen(NONE)}
        fill={() => setOpened({ fill: { lines: [...chosen], week: phase.weeks[0]?.id ?? NOWHERE } })}
        save={save}
      />
      <BoardSheets view={view} opened={opened} close={() => setOpened({})} save={save} fill={fill} />
      {tool === "paste" && <PasteSheet view={view} phase={phase} onClose={noTool} />}
      {tool === "about" && <ProgramSheet view={view} save={save} onClose={noTool} />}
      {tool === "find" && <FindSheet view={view} phase={phase} onClose={noTool} />}
      <HistorySheet programId={programId} open={tool === "logbook"} onClose={noTool} restore={restore} />
      <RefusedSheet
        refused={refused}
        saveOnTop={() => void saveOnTop()}
        takeTheirs={() => void takeTheirs()}
      />
    </div>
  );
}

/** Where a program stands that is not the one that runs, or has come to its end. */
function Standing({ view }: { view: Schemas["BoardView"] }) {
  const over = view.end < today();
  if (view.standing === "runs" && !over) return null;
  return (
    <p className="mt-1">
      {view.standing === "prepared" &&
        `${t("Prepared: it takes over in the week of {{start}}.", { start: fullDate(view.start) })} `}
      {view.standing === "over" &&
        `${t("Over since {{fullDate}}; it stays to read.", { fullDate: fullDate(view.ended_on ?? view.end) })} `}
      {view.standing === "runs" && `${t("Its last week ended on {{end}}.", { end: fullDate(view.end) })} `}
      {view.standing !== "prepared" && (
        <Link to={`/programs/${view.program_id}/outcome`} className="font-medium underline">
          {t("What came of it, and the next")}
        </Link>
      )}
    </p>
  );
}

/** What every cell said when the program was first written, by line and week; null where that is not shown. */
function useFirstWritten(programId: ProgramId, shown: boolean): ReadonlyMap<string, string> | null {
  const found = useQuery({
    ...query.asItWas(programId, 1),

    enabled: shown,

    select: textsOf,
  });
  return shown ? (found.data ?? null) : null;
}

function textsOf(view: Schemas["BoardView"]): ReadonlyMap<string, string> {
  const texts = new Map<string, string>();
  for (const phase of view.phases)
    for (const day of phase.days)
      for (const group of day.groups)
        for (const line of group.lines)
          line.cells.forEach((cell, n) =>
            texts.set(`${line.id} ${phase.weeks[n]?.id ?? ""}`, cell.plan.text),
          );
  return texts;
}

const rowsBefore = (view: Schemas["BoardView"], phase: Schemas["PhaseView"]) =>
  view.phases.slice(0, view.phases.indexOf(phase)).reduce((rows, one) => rows + linesBefore(one), 0);

function Legend() {
  return (
    <p data-no-print className="mt-2 max-w-3xl text-sm text-soft">
      {t(
        "Each set is a block: as wide as its repetitions, as high as its load is of the client’s estimated maximum (the dotted line). Outline is planned, green is done. Type for example",
      )}{" "}
      <code className="font-sans font-medium text-ink">
        {t("4 x 8-10, 62.5 kg, tempo 3-1-X-0, rest 2:00, leave 2")}
      </code>{" "}
      {t("or")} <code className="font-sans font-medium text-ink">{t("12/10/8/max, 16/18/20/22 kg")}</code>
      {t(". All keys stand under")} <kbd>?</kbd>.
    </p>
  );
}
