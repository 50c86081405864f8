import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";
import { peopleApi } from "../../api/people";
import { Button } from "../../ui/Button";
import { fullDate, today } from "../../ui/format";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { t } from "../../ui/words";

/** What the client agreed to, in which words and since when; and taking it back. */
export function Consents({ client }: { client: Schemas["ClientView"] }) {
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const [text, setText] = useState("");
  const [on, setOn] = useState(today);
  const again = () => void queries.invalidateQueries({ queryKey: keys.client(client.id), exact: true });
  const add = useMutation({
    mutationFn: () => peopleApi.addConsent(client.id, text, on),
    onSuccess: () => {
      setOpen(false);
      setText("");
      again();
    },
  });
  const withdraw = useMutation({
    mutationFn: (id: string) => peopleApi.withdrawConsent(client.id, id, today()),
    onSuccess: again,
  });
  const problem = add.error ?? withdraw.error;
  return (
    <section aria-labelledby="consent" className="grid gap-2 border-t border-line pt-4">
      <h2 id="consent" className="font-semibold">
        {t("Consent")}
      </h2>
      {client.consents.length === 0 && <p className="text-soft">{t("None is noted yet.")}</p>}
      <ul>
        {client.consents.map((one) => (
          <li key={one.id} className="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1.5">
            <span className={one.withdrawn_on ? "text-soft line-through" : "font-medium"}>
              {fullDate(one.on)}
            </span>
            <span className="max-w-prose grow">{one.text || t("the words were not kept")}</span>
            {one.withdrawn_on ? (
              <span className="text-soft">
                {t("taken back on {{day}}", { day: fullDate(one.withdrawn_on) })}
              </span>
            ) : (
              <Button onClick={() => withdraw.mutate(one.id)}>{t("Taken back today")}</Button>
            )}
          </li>
        ))}
      </ul>
      {open ? (
        <form
          className="grid max-w-xl gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            add.mutate();
          }}
        >
          <TextField
            label={t("In which words")}
            hint={t("As the client was shown them, so that it can be read what was agreed.")}
            rows={4}
            value={text}
            change={setText}
          />
          <TextField sort="date" label={t("On")} value={on} change={setOn} />
          <p className="flex gap-2">
            <Button type="submit" tone="act" disabled={!on || add.isPending}>
              {t("Keep the consent")}
            </Button>
            <Button onClick={() => setOpen(false)}>{t("Not now")}</Button>
          </p>
        </form>
      ) : (
        <p>
          <Button onClick={() => setOpen(true)}>{t("Note a consent")}</Button>
        </p>
      )}
      {problem instanceof Problem && <Message tone="stop">{problem.message}</Message>}
    </section>
  );
}
