// Clients from a spreadsheet: what each row was understood as, and nothing written before "Bring in".
import { t } from "../../ui/words";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { type Schemas } from "../../api/client";
import { files } from "../../api/files";
import { changed } from "../../api/changed";
import { query } from "../../api/query";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/fields/Choice";
import { count, load, weekdays } from "../../ui/format";
import { Message } from "../../ui/Message";
import { useKeptText } from "../../ui/fields/useKeptText";
import { Part } from "../../ui/Waiting";
import { BroughtIn } from "./BroughtIn";
import { FromArchive } from "./FromArchive";
import { LeftRows } from "./LeftRows";
import { TableInput } from "./TableInput";

export function BringClientsView() {
  const [text, setText] = useKeptText("clients to bring in");
  const [batch, setBatch] = useKeptText("clients brought in");
  const [unit, setUnit] = useState<Schemas["Unit"]>("kg");
  const queries = useQueryClient();
  const read = useQuery({ ...query.pastedClients(text, unit), enabled: text.trim() !== "", retry: false });
  const bring = useMutation({
    mutationFn: () => files.bringInClients({ text, unit }),
    onSuccess: async ({ id, many }) => {
      await changed(queries, "client");
      setBatch(`${id} ${many}`);
      setText("");
    },
  });
  const [id, many] = batch.split(" ");
  const fresh = read.data?.clients.filter((one) => !one.there) ?? [];
  return (
    <div className="mx-auto max-w-6xl px-4 py-6">
      <h1 className="text-2xl font-semibold tracking-tight">{t("Bring in clients")}</h1>
      {id && (
        <BroughtIn
          batch={id}
          putAway={() => setBatch("")}
          undone={() => {
            setBatch("");
            void changed(queries, "client");
          }}
        >
          {t("{{clients}} brought in.", { clients: count(Number(many), "client") })}{" "}
          <Link to="/clients" className="underline">
            {t("See them all")}
          </Link>
        </BroughtIn>
      )}
      <div className="mt-4 grid items-start gap-6 lg:grid-cols-[22rem_1fr]">
        <div className="grid gap-4">
          <TableInput
            hint={t(
              "Best with its heading row: name, born, weight, goal, days, minutes … A list of names is enough.",
            )}
            rows={10}
            text={text}
            change={setText}
          />
          <Choice
            label={t("Loads in")}
            value={unit}
            options={[
              ["kg", t("kilograms")],
              ["lb", t("pounds")],
            ]}
            choose={setUnit}
          />
          {bring.error && <Message tone="stop">{bring.error.message}</Message>}
          {read.data && (
            <Button tone="act" disabled={!fresh.length || bring.isPending} onClick={() => bring.mutate()}>
              {t("Bring in {{clients}}", { clients: count(fresh.length, "client") })}
            </Button>
          )}
        </div>
        {text.trim() !== "" && (
          <Part of={read} lines={8}>
            {(data) => <Understood of={data} />}
          </Part>
        )}
      </div>
      <FromArchive />
    </div>
  );
}

function Understood({ of: { clients, columns_left, left } }: { of: Schemas["PastedClientsView"] }) {
  return (
    <div className="grid min-w-0 gap-5">
      <section aria-label={t("Understood")}>
        <h2 className="font-semibold">{t("Understood")}</h2>
        {columns_left.length > 0 && (
          <p className="text-sm text-caution">
            {t("Not brought in: the {{more}}  {{columns_left}}.", {
              more: columns_left.length > 1 ? t("columns") : t("column"),
              columns_left: columns_left.join(", "),
            })}
          </p>
        )}
        <ul className="mt-1 border-t border-line">
          {clients.map(({ read, there }) => (
            <li
              key={read.row}
              className="grid gap-x-4 border-b border-line py-1.5 sm:grid-cols-[3rem_12rem_1fr]"
            >
              <span className="text-sm text-soft">{t("Row {{row}}", { row: read.row })}</span>
              <span dir="auto" className={`min-w-0 font-medium break-words ${there ? "text-soft" : ""}`}>
                {read.name}
              </span>
              <span className="min-w-0 text-sm break-words">
                {there ? (
                  <span className="text-caution">{t("In the studio already; left as it is.")}</span>
                ) : (
                  <>
                    {said(read).join(" · ") || <span className="text-soft">{t("name only")}</span>}
                    {read.unread.map((one) => (
                      <span key={one} className="block text-caution">
                        {t("Not understood: {{one}}", { one })}
                      </span>
                    ))}
                    {read.health_noted && (
                      <span className="block text-caution">
                        {t(
                          "Health words go into the notes. Enter them in the health file too, so that they are heeded.",
                        )}
                      </span>
                    )}
                  </>
                )}
              </span>
            </li>
          ))}
        </ul>
      </section>
      <LeftRows rows={left} />
    </div>
  );
}

/** What was understood of a row, besides the name. */
function said(read: Schemas["ClientRowRead"]): string[] {
  const parts = [
    read.birth_year && t("born {{birth_year}}", { birth_year: read.birth_year }),
    read.body_weight && load(read.body_weight),
    read.goal && `${read.goal}${read.aim && read.aim !== read.goal ? ` (${read.aim})` : ""}`,
    read.second_goal && t("also {{second_goal}}", { second_goal: read.second_goal }),
    read.days_a_week && t("{{days_a_week}} days a week", { days_a_week: read.days_a_week }),
    read.weekdays.length > 0 && read.weekdays.map((day) => weekdays[day]).join(" "),
    read.minutes && t("{{minutes}} min", { minutes: read.minutes }),
    read.training_age,
    read.contact,
    read.emergency_contact &&
      t("emergency: {{emergency_contact}}", { emergency_contact: read.emergency_contact }),
    read.consent_on && t("consent {{consent_on}}", { consent_on: read.consent_on }),
    read.about && `“${read.about}”`,
  ];
  return parts.filter((part): part is string => typeof part === "string" && part !== "");
}
