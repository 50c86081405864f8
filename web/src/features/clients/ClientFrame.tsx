import { named, t } from "../../ui/words";
import { query } from "../../api/query";
import { useAddress } from "../../app/useAddress";
import { useQuery } from "@tanstack/react-query";
import { Link, NavLink, Outlet, useOutletContext } from "react-router";
import { type Schemas } from "../../api/client";
import { shortDate } from "../../ui/format";
import { Roving } from "../../ui/Roving";
import { Waiting } from "../../ui/Waiting";

const tab = ({ isActive }: { isActive: boolean }) =>
  `border-b-2 px-3 py-2 ${isActive ? "border-ink font-semibold" : "border-transparent text-soft hover:text-ink"}`;

const outcomeTone = {
  clear: "text-done",
  "light to moderate now, clearance before vigorous": "text-caution",
  "clearance first": "text-stop",
};

/** What every page of a client's file shares: who it is, where the health screen stands, the ways on. */
export function ClientFrame() {
  const { clientId } = useAddress();
  const file = useQuery(query.client(clientId));
  if (!file.data) return <Waiting shape="file" error={file.error} retry={() => void file.refetch()} />;
  const client = file.data;
  const { screening } = client.health;
  const goal = client.facts.goal || client.facts.aim;
  return (
    <div className="mx-auto max-w-6xl px-4 py-5">
      <div className="flex flex-wrap items-start gap-x-6 gap-y-2">
        <div className="mr-auto min-w-0">
          <h1 dir="auto" className="text-2xl font-semibold tracking-tight">
            {client.facts.name}
          </h1>
          <p className="text-soft">
            {client.facts.former && (
              <span className="font-medium text-ink">{t("Trains here no more ·")} </span>
            )}
            {client.age !== null && <>{t("{{age}} years ·", { age: client.age })} </>}
            {goal || t("No goal written yet")}
          </p>
        </div>
        <p className="text-sm sm:text-right">
          <span className="text-soft">{t("Health screen")}</span>
          <br />
          <NavLink
            to={`/clients/${client.id}/health`}
            className={`font-medium underline ${screening.outcome && !screening.due ? outcomeTone[screening.outcome] : "text-caution"}`}
          >
            {screeningWords(screening)}
          </NavLink>
        </p>
        {!client.program_id && (
          <Link
            to={`/clients/${client.id}/start`}
            className="inline-flex min-h-9 items-center rounded-md border border-line-strong bg-raised px-3 hover:border-ink"
          >
            {t("Start a program")}
          </Link>
        )}
      </div>
      <Roving
        as="nav"
        label={t("File of {{name}}", { name: client.facts.name })}
        className="mt-3 mb-5 flex flex-wrap border-b border-line"
      >
        <NavLink to={`/clients/${client.id}`} end className={tab}>
          {t("File")}
        </NavLink>
        <NavLink to={`/clients/${client.id}/health`} className={tab}>
          {t("Health")}
        </NavLink>
        <NavLink to={`/clients/${client.id}/places`} className={tab}>
          {t("Places")}
        </NavLink>
        <NavLink to={`/clients/${client.id}/tests`} className={tab}>
          {t("Tests")}
        </NavLink>
        <NavLink to={`/clients/${client.id}/progress`} className={tab}>
          {t("Progress")}
        </NavLink>
        {client.program_id && (
          <NavLink to={`/programs/${client.program_id}`} className={tab}>
            {t("Program")}
          </NavLink>
        )}
        {client.program_id && (
          <NavLink to={`/clients/${client.id}/home`} className={tab}>
            {t("At home")}
          </NavLink>
        )}
        {client.programs > 0 && (
          <NavLink to={`/clients/${client.id}/programs`} className={tab}>
            {t("Past and next")}
          </NavLink>
        )}
      </Roving>
      <Outlet context={client} />
    </div>
  );
}

/** The client whose file is open, for the pages inside the frame. */
export function useClient(): Schemas["ClientView"] {
  return useOutletContext<Schemas["ClientView"]>();
}

function screeningWords(screening: Schemas["HealthStanding"]): string {
  if (!screening.outcome) return t("not asked yet");
  if (screening.outcome !== "clear" && screening.allowed === "vigorous") return t("cleared by a clinician");
  if (screening.due && screening.repeat_on)
    return t("{{outcome}}, ask again since {{repeat_on}}", {
      outcome: named(screening.outcome),
      repeat_on: shortDate(screening.repeat_on),
    });
  return screening.outcome;
}
