import { TextField } from "../../ui/Input";
import type { ClientId } from "../../api/ids";
import { useState } from "react";
import { useKept } from "../../ui/useKept";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
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
        Her own cycle report
      </h2>
      <Choice label="Energy today" value={energy} options={energies} choose={setEnergy} />
      <TextField
        label="In her words"
        hint="She decides what is written here and what follows from it."
        value={words}
        change={setWords}
      />
      {keep.error && <Message tone="stop">{keep.error.message}</Message>}
      <Button className="justify-self-start" disabled={keep.isPending} onClick={() => keep.mutate(words)}>
        Keep the report
      </Button>
      <ul className="border-t border-line">
        {reports.map((report, index) => (
          <li key={index} className="border-b border-line py-1.5">
            {fullDate(report.on)}: energy {report.energy} of 5{report.words && `, “${report.words}”`}
          </li>
        ))}
      </ul>
    </section>
  );
}
