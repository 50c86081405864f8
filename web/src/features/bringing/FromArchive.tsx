// A whole client from another studio's archive: looked at, then brought in step by step; cancelled, it leaves nothing.
import { t } from "../../ui/words";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link } from "react-router";
import { Problem } from "../../api/client";
import { files } from "../../api/files";
import { changed } from "../../api/changed";
import { Button } from "../../ui/Button";
import { FilePick } from "../../ui/fields/FilePick";
import { count, fullDate } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Progress } from "../../ui/pictures/Progress";

const LARGEST = 40_000_000;

export function FromArchive() {
  const queries = useQueryClient();
  const [file, setFile] = useState<File>();
  const [step, setStep] = useState({ doing: t("Sending the archive"), share: 0 });
  const stopping = useRef<AbortController>(undefined);
  const look = useMutation({ mutationFn: (chosen: File) => files.lookAtArchive(chosen) });
  const bring = useMutation({
    mutationFn: (chosen: File) => {
      stopping.current = new AbortController();
      return files.bringInArchive(chosen, stopping.current.signal, (doing, share) =>
        setStep({ doing, share }),
      );
    },
    onSuccess: async () => {
      look.reset();
      await changed(queries, "client");
      await changed(queries, "library");
    },
  });
  const choose = (chosen: File) => {
    bring.reset();
    setFile(chosen);
    if (chosen.size <= LARGEST) look.mutate(chosen);
    else look.reset();
  };
  const problem = look.error ?? bring.error;
  const seen = look.data;
  return (
    <section aria-labelledby="from-archive" className="mt-8 border-t border-line pt-4">
      <h2 id="from-archive" className="text-lg font-semibold">
        {t("One client from another studio")}
      </h2>
      <p className="mb-2 text-soft">
        {t(
          "An archive (.zip) of a client with programs, sessions, tests and health file, as the other studio wrote it.",
        )}
      </p>
      <FilePick accept=".zip,application/zip" choose={choose}>
        {look.isPending ? t("Looking at it …") : t("Open an archive")}
      </FilePick>
      {file && file.size > LARGEST && (
        <Message tone="stop">{t("That file is too large for an archive.")}</Message>
      )}
      {problem instanceof Problem && <Message tone="stop">{problem.message}</Message>}
      {seen && !bring.isPending && (
        <div className="mt-3 border-l-4 border-line-strong pl-3">
          <p className="font-medium">
            {seen.client}
            {seen.made_on && (
              <span className="font-normal text-soft">
                {t(", as of {{made_on}}", { made_on: fullDate(seen.made_on) })}
              </span>
            )}
          </p>
          <p>
            {count(seen.programs, "program")}, {count(seen.sessions, "session")}, {count(seen.sets, "set")},{" "}
            {count(seen.tests, "test result")}
          </p>
          {seen.said.map((said) => (
            <Message key={said} tone="caution" className="mt-1">
              {said}
            </Message>
          ))}
          <Button tone="act" className="mt-2" onClick={() => file && bring.mutate(file)}>
            {t("Bring in {{client}}", { client: seen.client })}
          </Button>
        </div>
      )}
      {bring.isPending && <Progress {...step} cancel={() => stopping.current?.abort()} />}
      {bring.data && (
        <Message tone="done" className="mt-3">
          {t("{{client}} is here, with {{sessions}}.", {
            client: bring.data.client,
            sessions: count(bring.data.sessions, "session"),
          })}{" "}
          <Link className="underline" to={`/clients/${bring.data.client_id}`}>
            {t("Open the file")}
          </Link>
          {bring.data.said.map((said) => (
            <p key={said}>{said}</p>
          ))}
        </Message>
      )}
    </section>
  );
}
