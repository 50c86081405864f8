import { t } from "../../ui/words";
import { useKept } from "../../ui/fields/useKept";
import { changed } from "../../api/changed";
import { query } from "../../api/query";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/fields/Choice";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";

/** Name and unit are enough; the file opens at once and keeps itself. The unit is what most clients have. */
export function NewClientView() {
  const [name, setName, forget] = useKept("new client", "");
  const [chosen, setChosen] = useState<Schemas["Unit"]>();
  const clients = useQuery(query.clients());
  const unit = chosen ?? usual(clients.data ?? []);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const add = useMutation({
    mutationFn: (unit: Schemas["Unit"]) => api.addClient({ name, unit }),
    onSuccess: async (client) => {
      forget();
      await changed(queries, "client");
      void navigate(`/clients/${client.id}`, { replace: true });
    },
  });
  return (
    <form
      className="mx-auto grid max-w-xl gap-4 px-4 py-10"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() && unit) add.mutate(unit);
      }}
    >
      <h1 className="text-2xl font-semibold tracking-tight">{t("New client")}</h1>
      {add.error && <Message tone="stop">{add.error.message}</Message>}
      <TextField
        label={t("Name")}
        hint={t("Enough to begin. All the rest is written while you talk, and saved as you go.")}
        value={name}
        autoFocus
        change={setName}
      />
      <Choice
        label={t("Loads in")}
        value={unit ?? null}
        options={[
          ["kg", t("kilograms")],
          ["lb", t("pounds")],
        ]}
        choose={setChosen}
      />
      {!unit && clients.data && (
        <p className="-mt-2 text-sm text-soft">{t("Say which, once; the file can change it.")}</p>
      )}
      <Button
        tone="act"
        type="submit"
        disabled={!name.trim() || !unit || add.isPending}
        className="justify-self-start"
      >
        {t("Open the file")}
      </Button>
    </form>
  );
}

/** The unit that most clients have; undefined while there are none. */
function usual(clients: Schemas["ClientEntry"][]): Schemas["Unit"] | undefined {
  const pounds = clients.filter((client) => client.unit === "lb").length;
  return clients.length ? (2 * pounds > clients.length ? "lb" : "kg") : undefined;
}
