import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { showAnswer } from "../../api/changed";
import { Problem } from "../../api/client";
import { files } from "../../api/files";
import { keys } from "../../api/keys";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { t } from "../../ui/words";

/** The passphrase of backups to come, typed twice; the first one begins them. */
export function Passphrase({ first = false }: { first?: boolean }) {
  const queries = useQueryClient();
  const [one, setOne] = useState("");
  const [again, setAgain] = useState("");
  const choose = useMutation({
    mutationFn: () => files.choosePassphrase(one),
    onSuccess: (view) => {
      void showAnswer(queries, keys.backups, view);
      setOne("");
      setAgain("");
    },
  });
  const differs = again !== "" && one !== again;
  const form = (
    <form
      className="mt-3 grid max-w-md gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        choose.mutate();
      }}
    >
      <TextField
        sort="password"
        autoComplete="new-password"
        label={t("Passphrase")}
        hint={t("Twelve characters or more; four words are good.")}
        value={one}
        change={setOne}
      />
      <TextField
        sort="password"
        autoComplete="new-password"
        label={t("The same again")}
        problem={differs ? t("Not the same yet.") : undefined}
        value={again}
        change={setAgain}
      />
      <p>
        <Button
          type="submit"
          tone={first ? "act" : "plain"}
          disabled={!one || one !== again || choose.isPending}
        >
          {first ? t("Begin backups with it") : t("Use it from now on")}
        </Button>
      </p>
      {choose.error instanceof Problem && <Message tone="stop">{choose.error.message}</Message>}
      {choose.isSuccess && !first && (
        <Message tone="done">{t("Backups to come are sealed with it.")}</Message>
      )}
    </form>
  );
  if (first)
    return (
      <section aria-label={t("Begin")} className="mt-3">
        <p>
          {t(
            "A disk can fail and a tablet can be lost. Choose a passphrase, and a sealed copy of all data is made every day while the app runs.",
          )}
        </p>
        <p className="mt-1 text-soft">
          {t("Write it down and keep it away from this machine: whoever loses it cannot read the copies.")}
        </p>
        {form}
      </section>
    );
  return (
    <details className="mt-6 border-t border-line pt-4">
      <summary className="min-h-9 cursor-pointer font-semibold">{t("Another passphrase")}</summary>
      <p className="text-soft">{t("Copies that are there keep opening with the one of their time.")}</p>
      {form}
    </details>
  );
}
