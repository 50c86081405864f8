import { named, t } from "../../../ui/words";
import { actionOf } from "../../../app/keys/shortcuts";
import { query } from "../../../api/query";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useId, useRef, useState, type KeyboardEvent } from "react";
import { type Schemas } from "../../../api/client";
import { shortId, type ClientId } from "../../../api/ids";
import { useKeptText } from "../../../ui/fields/useKeptText";
import { useUpward } from "../../../ui/useUpward";
import { NotInLibrary, type TypedLine } from "../grid/NotInLibrary";
import type { Edit } from "../keeping/useBoard";

const SHOWN = 8;
const AT_THE_END = 100;

/** Type a name, take it with Enter; what names no exercise stays as typed, and typing goes on. */
export function AddExercise({
  client,
  day,
  compact,
  save,
}: {
  client: ClientId;
  day: Schemas["DayView"];
  compact: boolean;
  save: (edits: Edit[], reason: string) => void;
}) {
  const [text, setText] = useState("");
  const [at, setAt] = useState<number | null>(null);
  const [kept, keep] = useKeptText(`not in the library ${day.id}`);
  const queries = useQueryClient();
  const [asking, setAsking] = useState<readonly TypedLine[]>([]);
  // Lines are added in the order they were typed, however long each answer takes.
  const before = useRef<Promise<void>>(Promise.resolve());
  const list = useId();
  const typed = text.trim();
  const [box, upward] = useUpward<HTMLDivElement>(typed !== "", 320);
  const search = useQuery({ ...query.found(typed, client, null, SHOWN), enabled: typed !== "" });
  const hits = typed ? (search.data?.hits ?? []) : [];
  const settled = !search.isFetching && !search.isPlaceholderData;
  const open = typed !== "";
  // Enter takes what the words name, or what was pointed at.
  const taken = at ?? (hits[0]?.named ? 0 : null);
  const add = (exercise: Schemas["Exercise"], written: string, position = AT_THE_END) =>
    save(
      [
        {
          op: "add_line",
          day: day.id,
          line: shortId("l"),
          exercise: exercise.id,
          position,
          text: written,
        },
      ],
      t("{{name}} added to {{name2}}{{more}}", {
        name: exercise.name,
        name2: day.name,
        more: written ? `: ${written}` : "",
      }),
    );
  const next = () => {
    setText("");
    setAt(null);
  };
  const stays = (): TypedLine => {
    const line = { id: shortId("l"), typed, at: day.groups.length };
    keep((now) => JSON.stringify([...typedLines(now), line]));
    return line;
  };
  const drop = (line: TypedLine) =>
    keep((now) => {
      const rest = typedLines(now).filter((other) => other.id !== line.id);
      return rest.length ? JSON.stringify(rest) : "";
    });
  const chosen = (answer: Schemas["Found"] | undefined) => {
    const hit = answer?.hits[at ?? 0];
    return hit && (at !== null || hit.named) ? hit.exercise : null;
  };
  /** Enter: what is typed is kept at once, and the field is free for the next line. */
  const take = () => {
    const line = stays();
    next();
    setAsking((now) => [...now, line]);
    before.current = before.current.then(async () => {
      const answer = await queries.fetchQuery(query.found(typed, client, null, SHOWN)).catch(() => undefined);
      const exercise = chosen(answer);
      if (exercise) {
        add(exercise, answer?.line ?? "");
        drop(line);
      }
      setAsking((now) => now.filter((other) => other !== line));
    });
  };
  const onKey = (event: KeyboardEvent) => {
    const asked = actionOf("add", event);
    if (text === "" && (asked === "down" || asked === "up"))
      otherDay(event.currentTarget, asked === "down" ? 1 : -1);
    else if (asked === "down") setAt(Math.min(taken === null ? 0 : taken + 1, hits.length - 1));
    else if (asked === "up") setAt(Math.max((taken ?? 0) - 1, 0));
    else if (asked === "leave") next();
    else if (asked === "take" && typed !== "") take();
    else return;
    event.preventDefault();
  };
  return (
    <>
      <NotInLibrary
        lines={typedLines(kept).filter((line) => !asking.some((one) => one.id === line.id))}
        client={client}
        drop={drop}
        choose={(line, exercise, written) => {
          add(exercise, written, line.at);
          drop(line);
        }}
      />
      <div ref={box} className={`relative ${compact ? "ml-[4.5rem] w-72" : "ml-2 w-72"}`}>
        <input
          role="combobox"
          data-add
          aria-label={t("Add an exercise to {{name}}", { name: day.name })}
          aria-expanded={open}
          aria-controls={list}
          aria-activedescendant={taken !== null && hits[taken] ? `${list}-${taken}` : undefined}
          autoComplete="off"
          placeholder={
            asking[0] ? t("Adding {{typed}} …", { typed: asking[0].typed }) : t("Add: goblet squat 3x10 16 …")
          }
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            setAt(null);
          }}
          onKeyDown={onKey}
          className={`w-full bg-transparent px-2 placeholder:text-soft ${compact ? "h-6 border-b border-dashed border-line-strong text-sm" : "rounded-md border border-dashed border-line-strong py-1"}`}
        />
        <div
          hidden={!open}
          className={`absolute z-20 w-96 border border-line-strong bg-raised shadow-lg ${upward ? "bottom-full mb-1" : "mt-1"}`}
        >
          {search.data?.understood && (
            <p className="border-b border-line px-2 py-1 text-sm text-soft">
              {t("read as")} <span className="text-ink">{search.data.understood}</span>
            </p>
          )}
          <ul id={list} role="listbox" aria-label={t("Exercises found")}>
            {hits.map((hit, index) => (
              <li
                key={hit.exercise.id}
                id={`${list}-${index}`}
                role="option"
                aria-selected={index === taken}
                className="flex cursor-pointer justify-between gap-3 px-2 py-1.5 aria-selected:bg-sunk"
                onMouseDown={(event) => {
                  event.preventDefault();
                  add(hit.exercise, search.data?.line ?? "");
                  next();
                }}
              >
                <HitName hit={hit} />
                <HitNote hit={hit} />
              </li>
            ))}
            {search.error && <li className="px-2 py-1.5 text-caution">{search.error.message}</li>}
            {open && settled && search.data && taken === null && (
              <li
                role="option"
                aria-selected
                className="cursor-pointer px-2 py-1.5 aria-selected:bg-sunk"
                onMouseDown={(event) => {
                  event.preventDefault();
                  stays();
                  next();
                }}
              >
                {t("Not in the library: Enter keeps “{{name}}” as typed", { name: search.data.name })}
              </li>
            )}
          </ul>
        </div>
      </div>
    </>
  );
}

/** The shown name, and beside it the one that was typed where that is another. */
function HitName({ hit }: { hit: Schemas["SearchHit"] }) {
  const other = hit.named && hit.name.toLowerCase() !== hit.exercise.name.toLowerCase();
  return (
    <span className="font-medium">
      {hit.exercise.name}
      {other && <span className="font-normal text-soft"> {t("also {{name}}", { name: hit.name })}</span>}
    </span>
  );
}

/** What stands beside a hit: its pattern, or what a joint says of it. */
function HitNote({ hit }: { hit: Schemas["SearchHit"] }) {
  const worst = hit.cautions[0];
  if (!worst || worst.grade === "note")
    return <span className="text-sm text-soft">{named(hit.exercise.pattern)}</span>;
  return (
    <span className={`text-sm ${worst.grade === "stop" ? "text-stop" : "text-caution"}`}>
      {worst.grade === "stop" ? t("not for the") : t("mind the")} {worst.about}
    </span>
  );
}

/** Lines kept in the browser; nothing where what is kept cannot be read. */
function typedLines(kept: string): readonly TypedLine[] {
  try {
    return JSON.parse(kept || "[]") as TypedLine[];
  } catch {
    return [];
  }
}

/** From an empty field on to the next day's, or back to the one before. */
function otherDay(here: EventTarget, step: number): void {
  const fields = [...document.querySelectorAll<HTMLElement>("[data-add]")];
  fields[fields.indexOf(here as HTMLElement) + step]?.focus();
}
