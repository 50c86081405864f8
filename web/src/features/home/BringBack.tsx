// A result that comes back: pasted, opened as a file, or scanned from the client's phone; looked at, then logged.
import { t } from "../../ui/words";
import { FilePick } from "../../ui/fields/FilePick";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useState } from "react";
import { api, Problem } from "../../api/client";
import { changed } from "../../api/changed";
import type { ClientId } from "../../api/ids";
import { Button } from "../../ui/Button";
import { Input } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { Sheet } from "../../ui/Sheet";
import { ResultPreview } from "./ResultPreview";

const Scan = lazy(async () => ({ default: (await import("./Scan")).Scan }));
const LONGEST = 20_000;

export function BringBack({ client }: { client: ClientId }) {
  const queries = useQueryClient();
  const [text, setText] = useState("");
  const [scanning, setScanning] = useState(false);
  const [long, setLong] = useState(false);
  const look = useMutation({ mutationFn: (said: string) => api.lookAtHomeResult(said, client) });
  const take = useMutation({
    mutationFn: () => api.takeHomeResult(text, client),
    onSuccess: async () => {
      look.reset();
      setText("");
      await changed(queries, "log");
    },
  });
  const read = (said: string) => {
    take.reset();
    setText(said);
    if (said.trim()) look.mutate(said);
    else look.reset();
  };
  const open = async (file: File) => {
    setLong(file.size > LONGEST);
    if (file.size <= LONGEST) read(await file.text());
  };
  const problem = look.error ?? take.error;
  return (
    <section aria-labelledby="bring-back">
      <h2 id="bring-back" className="text-lg font-semibold">
        {t("Bring a result back")}
      </h2>
      <p className="text-soft">{t("Paste what the client sent, open the file, or scan the picture.")}</p>
      <Input
        aria-label={t("The result as text")}
        placeholder={t("UA1. …")}
        wide
        rows={3}
        className="mt-2 break-all"
        maxLength={LONGEST}
        value={text}
        change={read}
      />
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => setScanning(true)}>{t("Scan with the camera")}</Button>
        <FilePick accept=".txt,text/plain" choose={(file) => void open(file)}>
          {t("Open a result file")}
        </FilePick>
      </div>
      {long && <Message tone="stop">{t("That file is too long for a result.")}</Message>}
      {problem instanceof Problem && (
        <Message tone="stop" className="mt-2">
          {problem.message}
        </Message>
      )}
      {look.data && (
        <ResultPreview seen={look.data} client={client} busy={take.isPending} take={() => take.mutate()} />
      )}
      {take.data && (
        <Message tone="done" className="mt-2">
          {t("{{day}} is in the log as work done at home.", { day: take.data.day })}
        </Message>
      )}
      {scanning && (
        <Sheet
          title={t("Hold the client’s picture before the camera")}
          open
          onClose={() => setScanning(false)}
        >
          <Suspense fallback={<p>{t("Starting the camera …")}</p>}>
            <Scan
              found={(said) => {
                setScanning(false);
                read(said);
              }}
            />
          </Suspense>
        </Sheet>
      )}
    </section>
  );
}
