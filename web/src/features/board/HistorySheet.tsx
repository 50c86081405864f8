import { Tick } from "../../ui/Tick";
import { Part } from "../../ui/Waiting";
import { query } from "../../api/query";
import type { ProgramId } from "../../api/ids";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button } from "../../ui/Button";
import { clock, shortDate } from "../../ui/format";
import { Sheet } from "../../ui/Sheet";

/** What changed, when and why, newest first; any two can be laid side by side, any one brought back. */
export function HistorySheet({
  programId,
  open,
  onClose,
  restore,
}: {
  programId: ProgramId;
  open: boolean;
  onClose: () => void;
  restore: (number: number) => void;
}) {
  const [picked, setPicked] = useState<number[]>([]);
  const history = useQuery({
    ...query.history(programId),

    enabled: open,
  });
  const pick = (number: number) =>
    setPicked(
      picked.includes(number) ? picked.filter((one) => one !== number) : [...picked.slice(-1), number],
    );
  const [before, after] = [...picked].sort((a, b) => a - b);
  const newest = history.data?.[0]?.number;
  return (
    <Sheet title="Logbook of this program" open={open} onClose={onClose}>
      <p className="text-sm text-soft">Tick two to see what differs between them.</p>
      {before !== undefined && after !== undefined && (
        <Compared programId={programId} before={before} after={after} />
      )}
      <Part of={history}>
        {(entries) => (
          <ol className="mt-2 grid">
            {entries.map((entry) => (
              <li
                key={entry.number}
                className="grid grid-cols-[1.5rem_2.5rem_7rem_1fr_auto] items-center gap-2 border-b border-line py-1"
              >
                <Tick checked={picked.includes(entry.number)} set={() => pick(entry.number)}>
                  <span className="sr-only">Compare revision {entry.number}</span>
                </Tick>
                <span className="text-soft">{entry.number}</span>
                <span className="text-sm text-soft">
                  {shortDate(entry.at)} {clock(entry.at)}
                </span>
                <span>{entry.reason}</span>
                {entry.number !== newest && (
                  <Button
                    tone="quiet"
                    aria-label={`Bring back revision ${entry.number}`}
                    onClick={() => {
                      restore(entry.number);
                      onClose();
                    }}
                  >
                    Bring back
                  </Button>
                )}
              </li>
            ))}
          </ol>
        )}
      </Part>
    </Sheet>
  );
}

function Compared({ programId, before, after }: { programId: ProgramId; before: number; after: number }) {
  const found = useQuery(query.compare(programId, before, after));
  return (
    <Part of={found}>
      {(data) => (
        <div
          className="my-2 max-h-72 overflow-auto rounded border border-line"
          tabIndex={0}
          role="region"
          aria-label="What differs"
        >
          <table className="w-full text-left text-sm">
            <caption className="sr-only">
              What differs between revisions {before} and {after}
            </caption>
            <thead>
              <tr className="bg-sunk">
                <th scope="col" className="p-1.5 font-medium">
                  Where
                </th>
                <th scope="col" className="p-1.5 font-medium">
                  Revision {before}
                </th>
                <th scope="col" className="p-1.5 font-medium">
                  Revision {after}
                </th>
              </tr>
            </thead>
            <tbody>
              {data.differences.map((one) => (
                <tr key={one.where + one.before + one.after} className="border-t border-line align-top">
                  <th scope="row" className="p-1.5 font-normal">
                    {one.where}
                  </th>
                  <td className="p-1.5 text-soft">{one.before || "nothing"}</td>
                  <td className="p-1.5">{one.after || "nothing"}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {data.differences.length === 0 && <p className="p-2">The two say the same.</p>}
        </div>
      )}
    </Part>
  );
}
