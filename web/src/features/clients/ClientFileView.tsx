import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";
import { Button } from "../../ui/Button";
import { Field } from "../../ui/Field";
import { Message } from "../../ui/Message";
import { Waiting } from "../../ui/Waiting";
import { EquipmentPicture } from "./EquipmentPicture";

interface Draft {
  name: string;
  unit: Schemas["Unit"];
  goal: string;
  about: string;
  minutes: string;
  days_a_week: string;
  body_weight: string;
  place_name: string;
  equipment: string;
}

const blank: Draft = {
  name: "",
  unit: "kg",
  goal: "",
  about: "",
  minutes: "60",
  days_a_week: "3",
  body_weight: "",
  place_name: "Studio",
  equipment: "",
};

/** A client's file: goal, limits, and the place with what can be lifted there. */
export function ClientFileView() {
  const { clientId } = useParams();
  const file = useQuery({
    queryKey: keys.client(clientId ?? "new"),
    queryFn: () => api.client(clientId ?? ""),
    enabled: Boolean(clientId),
  });
  if (clientId && !file.data) return <Waiting error={file.error} retry={() => void file.refetch()} />;
  return <ClientForm key={clientId ?? "new"} client={file.data} />;
}

function draftOf(client: Schemas["ClientView"]): Draft {
  const { facts } = client;
  return {
    ...facts,
    minutes: String(facts.minutes),
    days_a_week: String(facts.days_a_week),
    body_weight: facts.body_weight?.value ?? "",
  };
}

/** What the form sends: figures as typed, so that the server can say what is wrong with them. */
function asked(draft: Draft): Schemas["AskedClient"] {
  const figure = (text: string) => (/^\d+$/.test(text.trim()) ? Number(text) : (text as unknown as number));
  const weight = draft.body_weight.trim().replace(",", ".");
  return {
    ...draft,
    minutes: figure(draft.minutes),
    days_a_week: figure(draft.days_a_week),
    body_weight: weight ? { value: weight, unit: draft.unit } : null,
  };
}

function ClientForm({ client }: { client: Schemas["ClientView"] | undefined }) {
  const [draft, setDraft] = useState<Draft>(client ? draftOf(client) : blank);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const save = useMutation({
    mutationFn: () => (client ? api.changeClient(client.id, asked(draft)) : api.addClient(asked(draft))),
    onSuccess: async (saved) => {
      queries.setQueryData(keys.client(saved.id), saved);
      await queries.invalidateQueries();
      if (!client) void navigate(`/clients/${saved.id}`, { replace: true });
    },
  });
  const start = useMutation({
    mutationFn: (id: string) => api.startProgram(id, { name: "Strength", weeks: 4 }),
    onSuccess: async (board) => {
      await queries.invalidateQueries();
      void navigate(`/programs/${board.program_id}`);
    },
  });
  const set = (field: keyof Draft) => (event: { target: { value: string } }) =>
    setDraft({ ...draft, [field]: event.target.value });
  const wrong = (field: string) =>
    save.error instanceof Problem
      ? save.error.more.fields?.find((entry) => entry.field.startsWith(field))?.expected
      : undefined;
  return (
    <form
      noValidate
      className="mx-auto max-w-6xl px-4 py-6"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <div className="mb-5 flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-2xl font-semibold tracking-tight">
          {client ? client.facts.name : "New client"}
        </h1>
        {client?.program_id && (
          <>
            <Link to={`/clients/${client.id}/progress`} className="underline">
              Progress
            </Link>
            <Link to={`/programs/${client.program_id}`} className="underline">
              Program
            </Link>
          </>
        )}
        {client && !client.program_id && (
          <Button onClick={() => start.mutate(client.id)} disabled={start.isPending}>
            Start a program
          </Button>
        )}
        <Button tone="act" type="submit" disabled={save.isPending}>
          {client ? "Save" : "Add the client"}
        </Button>
      </div>
      {save.error && (
        <Message tone="stop" className="mb-4">
          {save.error.message}
        </Message>
      )}
      {save.isSuccess && !save.isPending && client && (
        <Message tone="done" className="mb-4">
          Saved.
        </Message>
      )}
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-2">
        <section className="grid content-start gap-3" aria-label="Client">
          <Field label="Name" problem={wrong("name")}>
            {(box) => (
              <input
                {...box}
                value={draft.name}
                onChange={set("name")}
                autoFocus={!client}
                autoComplete="off"
              />
            )}
          </Field>
          <Field label="Main goal" hint="In the client’s own words">
            {(box) => <input {...box} value={draft.goal} onChange={set("goal")} />}
          </Field>
          <div className="grid grid-cols-3 gap-3">
            <Field label="Minutes a session" problem={wrong("minutes")}>
              {(box) => (
                <input {...box} inputMode="numeric" value={draft.minutes} onChange={set("minutes")} />
              )}
            </Field>
            <Field label="Days a week" problem={wrong("days_a_week")}>
              {(box) => (
                <input {...box} inputMode="numeric" value={draft.days_a_week} onChange={set("days_a_week")} />
              )}
            </Field>
            <Field label="Units">
              {(box) => (
                <select {...box} value={draft.unit} onChange={set("unit")}>
                  <option value="kg">kilograms, kg</option>
                  <option value="lb">pounds, lb</option>
                </select>
              )}
            </Field>
          </div>
          <Field
            label={`Body weight, ${draft.unit}`}
            hint="For push-ups, pull-ups and the like; leave it empty if nobody weighed"
            problem={wrong("body_weight")}
          >
            {(box) => (
              <input {...box} inputMode="decimal" value={draft.body_weight} onChange={set("body_weight")} />
            )}
          </Field>
          <Field label="Notes">
            {(box) => <textarea {...box} rows={4} value={draft.about} onChange={set("about")} />}
          </Field>
        </section>
        <section className="grid content-start gap-3" aria-label="Place and equipment">
          <Field label="Trains at" problem={wrong("place_name")}>
            {(box) => <input {...box} value={draft.place_name} onChange={set("place_name")} />}
          </Field>
          <Field
            label="Equipment there"
            hint="One thing a line: bar 20, plates 2x1.25 4x5 4x10 · dumbbells 4-24 by 2 · kettlebells 8 12 16 · stack 5-80 by 5 · bands sand 6, rust 12 · belt 5 10"
          >
            {(box) => (
              <textarea
                {...box}
                rows={6}
                spellCheck={false}
                placeholder="dumbbells 4-24 by 2"
                value={draft.equipment}
                onChange={set("equipment")}
              />
            )}
          </Field>
          <EquipmentPicture text={draft.equipment} unit={draft.unit} />
        </section>
      </div>
    </form>
  );
}
