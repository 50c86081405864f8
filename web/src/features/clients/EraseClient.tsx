import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, Problem, type Schemas } from "../../api/client";
import { forgetStoredAnswers } from "../../app/storedAnswers";
import { Button } from "../../ui/Button";
import { count } from "../../ui/format";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { Sheet } from "../../ui/Sheet";
import { t } from "../../ui/words";

/** Erases a client for good, once the whole name is typed. */
export function EraseClient({ client }: { client: Schemas["ClientView"] }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState("");
  const erase = useMutation({
    mutationFn: () => api.eraseClient(client.id, name),
    onSuccess: () => forgetStoredAnswers(),
  });
  const gone = erase.data;
  const leave = () => {
    queries.clear();
    void navigate("/clients", { replace: true });
  };
  return (
    <>
      <p>
        <button
          type="button"
          className="inline-flex min-h-9 items-center underline"
          onClick={() => setOpen(true)}
        >
          {t("Erase this client for good …")}
        </button>
      </p>
      {open && (
        <Sheet
          title={gone ? t("Erased") : t("Erase {{name}} for good", { name: client.facts.name })}
          open
          onClose={gone ? leave : () => setOpen(false)}
        >
          {gone ? (
            <Gone gone={gone} leave={leave} />
          ) : (
            <form
              className="grid gap-3"
              onSubmit={(event) => {
                event.preventDefault();
                erase.mutate();
              }}
            >
              <p>
                {t(
                  "The file, health, programs, sessions, tests and home sheets go, and places where nobody else trains. It cannot be taken back. If the client only stops for now, “Trains here no more” keeps the file.",
                )}
              </p>
              <p className="text-soft">
                {t(
                  "Backups that are there hold this client until they expire. What was given away, on paper or as a file, is not reached from here.",
                )}
              </p>
              <TextField
                label={t("The whole name: {{name}}", { name: client.facts.name })}
                value={name}
                change={setName}
              />
              <p>
                <Button type="submit" tone="act" disabled={!name.trim() || erase.isPending}>
                  {erase.isPending ? t("Erasing …") : t("Erase for good")}
                </Button>
              </p>
              {erase.error instanceof Problem && <Message tone="stop">{erase.error.message}</Message>}
            </form>
          )}
        </Sheet>
      )}
    </>
  );
}

function Gone({ gone, leave }: { gone: Schemas["ErasedClient"]; leave: () => void }) {
  const { counted: of } = gone;
  return (
    <div className="grid gap-3">
      <Message tone="done">
        {t("Gone: {{programs}}, {{sets}}, {{tests}} and all else, {{rows}} in all.", {
          programs: count(of.program ?? 0, "program"),
          sets: count(of.performed_set ?? 0, "set"),
          tests: count(of.test_round ?? 0, "round of tests", "rounds of tests"),
          rows: count(gone.rows, "entry", "entries"),
        })}
      </Message>
      {gone.mentions.length > 0 && (
        <div>
          <p>{t("The name still stands in what is others’; look there:")}</p>
          <ul className="list-inside list-disc">
            {gone.mentions.map((where) => (
              <li key={where}>{where}</li>
            ))}
          </ul>
        </div>
      )}
      {!gone.swept && (
        <Message tone="caution">
          {t(
            "Somebody was writing just now, so the file was not written anew: traces may lie in it until the next erasure.",
          )}
        </Message>
      )}
      <p>
        <Button tone="act" onClick={leave}>
          {t("To the clients")}
        </Button>
      </p>
    </div>
  );
}
