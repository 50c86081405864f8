import { useQuery } from "@tanstack/react-query";
import { api } from "../../api/client";
import { keys } from "../../api/keys";
import { clock, shortDate } from "../../ui/format";
import { Sheet } from "../../ui/Sheet";

/** What changed, when and why, newest first. */
export function HistorySheet({
  programId,
  open,
  onClose,
}: {
  programId: string;
  open: boolean;
  onClose: () => void;
}) {
  const history = useQuery({
    queryKey: keys.history(programId),
    queryFn: () => api.history(programId),
    enabled: open,
  });
  return (
    <Sheet title="Logbook of this program" open={open} onClose={onClose}>
      <ol className="grid gap-2">
        {history.data?.map((entry) => (
          <li key={entry.number} className="grid grid-cols-[2.5rem_8rem_1fr] gap-2 border-b border-line pb-2">
            <span className="text-soft">{entry.number}</span>
            <span className="text-soft">
              {shortDate(entry.at)} {clock(entry.at)}
            </span>
            <span>{entry.reason}</span>
          </li>
        ))}
      </ol>
    </Sheet>
  );
}
