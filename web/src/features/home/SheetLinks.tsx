// The ways a sheet leaves the studio.
import { Of } from "../../ui/Of";

const WAYS = [
  ["sheet.html", "For the phone"],
  ["sheet.pdf", "Paper, A4"],
  ["sheet.pdf?size=letter", "Letter"],
  ["sheet.pdf?large=true", "Large print"],
  ["sheet.pdf?blank=true", "Blank log"],
] as const;

export function SheetLinks({ id, of }: { id: string; of: string }) {
  return (
    <p className="flex flex-wrap gap-x-4">
      {WAYS.map(([file, words]) => (
        <a
          key={file}
          download
          href={`/api/home-sheets/${id}/${file}`}
          className="inline-flex min-h-9 items-center text-ink underline"
        >
          {words}
          <Of what={of} />
        </a>
      ))}
    </p>
  );
}
