import { t } from "../../ui/words";
import { FilePick } from "../../ui/fields/FilePick";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, Problem, type Schemas } from "../../api/client";
import type { ClientId } from "../../api/ids";
import { Button } from "../../ui/Button";
import { count } from "../../ui/format";
import { Message } from "../../ui/Message";
import { base64 } from "../bringing/base64";

/** A program from a file, JSON or a spreadsheet that was written here: looked at first, then begun. */
export function FromFile({
  client,
  begins,
  start,
  busy,
}: {
  client: ClientId;
  begins: string;
  start: (make: () => Promise<Schemas["BoardView"]>) => void;
  busy: boolean;
}) {
  const [content, setContent] = useState("");
  const look = useMutation({
    mutationFn: async (file: File) => {
      const bytes = await base64(file);
      const seen = await api.lookAtFile(client, bytes);
      setContent(bytes);
      return seen;
    },
  });
  return (
    <section aria-labelledby="from-file">
      <h2 id="from-file" className="text-lg font-semibold">
        {t("From a file")}
      </h2>
      <p className="text-soft">
        {t(
          "A program file (.json) or a spreadsheet (.xlsx) that was written here, changed since or not. For another client the loads stay behind.",
        )}
      </p>
      <FilePick accept=".json,.xlsx" choose={(file) => look.mutate(file)}>
        {look.isPending ? t("Reading the file …") : t("Open a file")}
      </FilePick>
      {look.error instanceof Problem && <Message tone="stop">{look.error.message}</Message>}
      {look.data && !look.isPending && (
        <div className="mt-3 border-l-4 border-line-strong pl-3">
          <p className="font-medium">
            {look.data.name}, {count(look.data.weeks, "week")}
            {look.data.phases > 1 && ` ${t("in {{phases}} phases", { phases: look.data.phases })}`}
          </p>
          <ul className="text-sm">
            {look.data.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
            {look.data.changes.map((change) => (
              <li key={change} className="text-caution">
                {change}
              </li>
            ))}
          </ul>
          <Button
            className="mt-2"
            disabled={busy}
            onClick={() =>
              start(
                async () =>
                  (await api.startFromFile(client, { content, ...(begins ? { start: begins } : {}) })).board,
              )
            }
          >
            {t("Start with it")}
          </Button>
        </div>
      )}
    </section>
  );
}
