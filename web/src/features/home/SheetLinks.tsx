// The ways a sheet leaves the studio.
import { t } from "../../ui/words";
import { Of } from "../../ui/Of";

const WAYS = [
  ["sheet.html", t("For the phone")],
  ["sheet.pdf", t("Paper, A4")],
  ["sheet.pdf?size=letter", t("Letter")],
  ["sheet.pdf?large=true", t("Large print")],
  ["sheet.pdf?blank=true", t("Blank log")],
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
