import { t } from "../../../ui/words";
import { Tick } from "../../../ui/Tick";
import { Part } from "../../../ui/Waiting";
import { query } from "../../../api/query";
import type { ProgramId } from "../../../api/ids";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button } from "../../../ui/Button";
import { clock, shortDate } from "../../../ui/format";
import { Sheet } from "../../../ui/Sheet";

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
    <Sheet title={t("Logbook of this program")} open={open} onClose={onClose}>
      <p className="text-sm text-soft">{t("Tick two to see what differs between them.")}</p>
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
                  <span className="sr-only">
                    {t("Compare revision {{number}}", { number: entry.number })}
                  </span>
                </Tick>
                <span className="text-soft">{entry.number}</span>
                <span className="text-sm text-soft">
                  {shortDate(entry.at)} {clock(entry.at)}
                </span>
                <span>{entry.reason}</span>
                {entry.number !== newest && (
                  <Button
                    tone="quiet"
                    aria-label={t("Bring back revision {{number}}", { number: entry.number })}
                    onClick={() => {
                      restore(entry.number);
                      onClose();
                    }}
                  >
                    {t("Bring back")}
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
          aria-label={t("What differs")}
        >
          <table className="w-full text-left text-sm">
            <caption className="sr-only">
              {t("What differs between revisions {{before}} and {{after}}", { before, after })}
            </caption>
            <thead>
              <tr className="bg-sunk">
                <th scope="col" className="p-1.5 font-medium">
                  {t("Where")}
                </th>
                <th scope="col" className="p-1.5 font-medium">
                  {t("Revision {{before}}", { before })}
                </th>
                <th scope="col" className="p-1.5 font-medium">
                  {t("Revision {{after}}", { after })}
                </th>
              </tr>
            </thead>
            <tbody>
              {data.differences.map((one) => (
                <tr key={one.where + one.before + one.after} className="border-t border-line align-top">
                  <th scope="row" className="p-1.5 font-normal">
                    {one.where}
                  </th>
                  <td className="p-1.5 text-soft">{one.before || t("nothing")}</td>
                  <td className="p-1.5">{one.after || t("nothing")}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {data.differences.length === 0 && <p className="p-2">{t("The two say the same.")}</p>}
        </div>
      )}
    </Part>
  );
}
