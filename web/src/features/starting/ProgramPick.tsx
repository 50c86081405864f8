import { t } from "../../ui/words";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { NOWHERE, type ClientId } from "../../api/ids";
import { query } from "../../api/query";
import { shortDate } from "../../ui/format";
import { Select } from "../../ui/fields/Select";

export interface Picked {
  program: Schemas["ProgramEntry"];
  phase: Schemas["PhaseEntry"] | null;
}

/** A client, one of their programs, and all of it or one of its phases. */
export function ProgramPick({
  first,
  whole,
  picked,
  pick,
}: {
  /** The client whose programs are offered first. */
  first: ClientId;
  /** Whether a program can be taken as a whole. */
  whole: boolean;
  picked: Picked | null;
  pick: (picked: Picked | null) => void;
}) {
  const clients = useQuery(query.clients());
  const [whose, setWhose] = useState<ClientId>(first);
  const programs = useQuery(query.programs(whose));
  const list =
    programs.data?.programs.filter((one) => one.phases.some((phase) => phase.days.length > 0)) ?? [];
  const program = list.find((one) => one.id === picked?.program.id) ?? null;
  const phases = program?.phases.filter((phase) => phase.days.length > 0) ?? [];
  const take = (id: string) => {
    const found = list.find((one) => one.id === id);
    const phase = found?.phases.find((one) => one.days.length > 0) ?? null;
    pick(found ? { program: found, phase: whole ? null : phase } : null);
  };
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      <Select
        label={t("Of whom")}
        value={whose}
        options={clients.data?.map((one) => [one.id, one.name] as const) ?? []}
        choose={(id) => {
          setWhose(id as ClientId);
          pick(null);
        }}
      />
      <Select
        label={t("Which program")}
        value={program?.id ?? NOWHERE}
        empty={list.length > 0 ? t("choose") : t("none with anything in it")}
        options={list.map(
          (one) =>
            [one.id, t("{{name}}, from {{start}}", { name: one.name, start: shortDate(one.start) })] as const,
        )}
        choose={take}
      />
      <Select
        label={t("What of it")}
        value={picked?.phase?.id ?? ""}
        {...(whole ? { empty: t("all of it") } : {})}
        options={phases.map((one) => [one.id, one.name] as const)}
        choose={(id) =>
          program && pick({ program, phase: program.phases.find((one) => one.id === id) ?? null })
        }
      />
    </div>
  );
}
