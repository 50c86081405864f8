import { t } from "../../ui/words";
import { TextField } from "../../ui/fields/Input";
import type { ClientId } from "../../api/ids";
import { useState } from "react";
import { useKept } from "../../ui/fields/useKept";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/fields/Choice";
import { fullDate, today } from "../../ui/format";
import { Message } from "../../ui/Message";
import { useHealth } from "./useHealth";

const energies = [
  [1, "1, very low"],
  [2, "2"],
  [3, "3"],
  [4, "4"],
  [5, "5, full"],
] as const;

/** Her own report, for a client who opted in; it suggests nothing by itself. */
export function CycleReports({
  clientId,
  reports,
}: {
  clientId: ClientId;
  reports: Schemas["CycleReport"][];
}) {
  const [energy, setEnergy] = useState<number>(3);
  const [words, setWords, forget] = useKept(`cycle report ${clientId}`, "");
  const keep = useHealth(
    (words: string) => api.addCycleReport(clientId, { on: today(), energy, words }),
    forget,
  );
  return (
    <section aria-labelledby="cycle" className="grid gap-3">
      <h2 id="cycle" className="font-semibold">
        {t("Her own cycle report")}
      </h2>
      <Choice label={t("Energy today")} value={energy} options={energies} choose={setEnergy} />
      <TextField
        label={t("In her words")}
        hint={t("She decides what is written here and what follows from it.")}
        value={words}
        change={setWords}
      />
      {keep.error && <Message tone="stop">{keep.error.message}</Message>}
      <Button className="justify-self-start" disabled={keep.isPending} onClick={() => keep.mutate(words)}>
        {t("Keep the report")}
      </Button>
      <ul className="border-t border-line">
        {reports.map((report, index) => (
          <li key={index} className="border-b border-line py-1.5">
            {t("{{on}}: energy {{energy}} of 5{{more}}", {
              on: fullDate(report.on),
              energy: report.energy,
              more: report.words && `, “${report.words}”`,
            })}
          </li>
        ))}
      </ul>
    </section>
  );
}
