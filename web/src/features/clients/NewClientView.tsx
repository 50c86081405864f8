import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api } from "../../api/client";
import { Button } from "../../ui/Button";
import { Field } from "../../ui/Field";
import { Message } from "../../ui/Message";

/** A name is enough; the file opens at once and keeps itself. */
export function NewClientView() {
  const [name, setName] = useState("");
  const queries = useQueryClient();
  const navigate = useNavigate();
  const add = useMutation({
    mutationFn: () => api.addClient({ name }),
    onSuccess: async (client) => {
      await queries.invalidateQueries();
      void navigate(`/clients/${client.id}`, { replace: true });
    },
  });
  return (
    <form
      className="mx-auto grid max-w-xl gap-4 px-4 py-10"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim()) add.mutate();
      }}
    >
      <h1 className="text-2xl font-semibold tracking-tight">New client</h1>
      {add.error && <Message tone="stop">{add.error.message}</Message>}
      <Field
        label="Name"
        hint="Enough to begin. All the rest is written while you talk, and saved as you go."
      >
        {(box) => (
          <input
            {...box}
            value={name}
            autoFocus
            autoComplete="off"
            onChange={(event) => setName(event.target.value)}
          />
        )}
      </Field>
      <Button
        tone="act"
        type="submit"
        disabled={!name.trim() || add.isPending}
        className="justify-self-start"
      >
        Open the file
      </Button>
    </form>
  );
}
