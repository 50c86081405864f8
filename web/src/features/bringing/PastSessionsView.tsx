// Past sessions from a spreadsheet: which exercise each name means, what was done on each day, then all of it at once.
import { t } from "../../ui/words";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { type Schemas } from "../../api/client";
import { files } from "../../api/files";
import { changed } from "../../api/changed";
import type { ExerciseId } from "../../api/ids";
import { query } from "../../api/query";
import { Button } from "../../ui/Button";
import { count, fullDate } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Picker } from "../../ui/fields/Select";
import { useKeptText } from "../../ui/fields/useKeptText";
import { Part } from "../../ui/Waiting";
import { useClient } from "../clients/ClientFrame";
import { BroughtIn } from "./BroughtIn";
import { LeftRows } from "./LeftRows";
import { TableInput } from "./TableInput";

type Chosen = Readonly<Record<string, ExerciseId | "">>;

/** Sessions shown before the rest is asked for. */
const FIRST = 12;

export function PastSessionsView() {
  const client = useClient();
  const [text, setText] = useKeptText(`sessions to bring in ${client.id}`);
  const [batch, setBatch] = useKeptText(`sessions brought in ${client.id}`);
  const [chosen, setChosen] = useState<Chosen>({});
  const queries = useQueryClient();
  const read = useQuery({
    ...query.pastedSessions(text, client.id),
    enabled: text.trim() !== "",
    retry: false,
  });
  const bring = useMutation({
    mutationFn: () => files.bringInSessions({ text, client: client.id, chosen }),
    onSuccess: async ({ id, many, sets }) => {
      await changed(queries, "log");
      setBatch(`${id} ${many} ${sets}`);
      setText("");
    },
  });
  const [id, many, sets] = batch.split(" ");
  const ready = read.data?.names.some(({ typed, meant }) => chosen[typed] ?? meant.exercise);
  return (
    <>
      <h2 className="text-lg font-semibold">{t("Bring in past sessions")}</h2>
      {id && (
        <BroughtIn
          batch={id}
          putAway={() => setBatch("")}
          undone={() => {
            setBatch("");
            void changed(queries, "log");
          }}
        >
          {t("{{sessions}} with {{sets}} brought in.", {
            sessions: count(Number(many), "session"),
            sets: count(Number(sets), "set"),
          })}{" "}
          <Link to={`/clients/${client.id}/progress`} className="underline">
            {t("See the progress")}
          </Link>
        </BroughtIn>
      )}
      <div className="mt-2 grid items-start gap-6 lg:grid-cols-[22rem_1fr]">
        <div className="grid gap-4">
          <TableInput
            hint={t(
              "Best with its heading row: date, exercise, sets, reps, load … A row a set, a column a day, or a date above plain lines will do.",
            )}
            rows={10}
            text={text}
            change={(next) => {
              setText(next);
              setChosen({});
            }}
          />
          {bring.error && <Message tone="stop">{bring.error.message}</Message>}
          {read.data && (
            <Button tone="act" disabled={!ready || bring.isPending} onClick={() => bring.mutate()}>
              {t("Bring in {{sessions}}", { sessions: count(read.data.sessions.length, "session") })}
            </Button>
          )}
          <p className="text-sm text-soft">
            {t(
              "They count for strength, last time and progress like sessions logged here. Nothing is written before you bring them in, and one undo takes them back.",
            )}
          </p>
        </div>
        {text.trim() !== "" && (
          <Part of={read} lines={10}>
            {(data) => (
              <div className="grid min-w-0 gap-5">
                {!data.order.said && (
                  <Message tone="caution">
                    {t(
                      "Dates such as 3/4 can be read two ways; here the day stands first. If that is wrong, write them like 2026-04-03.",
                    )}
                  </Message>
                )}
                <Names names={data.names} chosen={chosen} choose={setChosen} />
                <Sessions of={data} />
                <LeftRows rows={data.left} />
              </div>
            )}
          </Part>
        )}
      </div>
    </>
  );
}

function Names({
  names,
  chosen,
  choose,
}: {
  names: readonly Schemas["PastedName"][];
  chosen: Chosen;
  choose: (chosen: Chosen) => void;
}) {
  const unknown = names.filter(({ typed, meant }) => !(chosen[typed] ?? meant.exercise)).length;
  return (
    <section aria-label={t("Exercises")}>
      <h2 className="font-semibold">
        {t("Exercises")}{" "}
        {unknown > 0 && (
          <span className="font-normal text-caution">
            {t("({{unknown}} not in the library)", { unknown })}
          </span>
        )}
      </h2>
      <ul className="mt-1 border-t border-line">
        {names.map(({ typed, sessions, meant: { exercise, nearest } }) => (
          <li
            key={typed}
            className="grid items-center gap-x-3 border-b border-line py-1 sm:grid-cols-[1fr_15rem_6rem]"
          >
            <span dir="auto" className={`min-w-0 break-words ${exercise ? "" : "text-caution"}`}>
              {typed}
            </span>
            <Picker
              aria-label={t("Exercise for {{typed}}", { typed })}
              value={chosen[typed] ?? exercise?.id ?? ""}
              empty={t("left out")}
              options={nearest.map((one) => [one.id, one.name] as const)}
              choose={(id) => choose({ ...chosen, [typed]: id })}
            />
            <span className="text-right text-sm text-soft">{count(sessions, "session")}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Sessions({ of: { sessions, sets } }: { of: Schemas["PastSessionsView"] }) {
  const [all, setAll] = useState(false);
  const shown = all ? sessions : sessions.slice(-FIRST);
  return (
    <section aria-label={t("Sessions")}>
      <h2 className="font-semibold">
        {t("Sessions")}{" "}
        <span className="font-normal text-soft">
          ({sessions.length}, {count(sets, "set")})
        </span>
      </h2>
      <ul className="mt-1 border-t border-line text-sm">
        {[...shown].reverse().map(({ on, client, lines }) => (
          <li
            key={`${on} ${client}`}
            className="grid gap-x-3 border-b border-line py-1 sm:grid-cols-[7rem_1fr]"
          >
            <span className="font-medium">{fullDate(on)}</span>
            <span className="min-w-0 break-words">{lines.join(" · ")}</span>
          </li>
        ))}
      </ul>
      {!all && sessions.length > FIRST && (
        <Button className="mt-2" onClick={() => setAll(true)}>
          {t("Show all {{sessions}}", { sessions: sessions.length })}
        </Button>
      )}
    </section>
  );
}
