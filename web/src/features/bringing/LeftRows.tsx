import { t } from "../../ui/words";
import type { Schemas } from "../../api/client";

/** The rows that were left, each with its reason. */
export function LeftRows({ rows }: { rows: readonly Schemas["LeftRow"][] }) {
  if (!rows.length) return null;
  return (
    <section aria-label={t("Left out")}>
      <h2 className="font-semibold">
        {t("Left out")} <span className="font-normal text-soft">({rows.length})</span>
      </h2>
      <ul className="mt-1 border-t border-line text-sm">
        {rows.map(({ row, words, why }) => (
          <li
            key={`${row} ${words} ${why}`}
            className="grid grid-cols-[3.5rem_1fr] gap-x-2 border-b border-line py-1"
          >
            <span className="text-soft">{t("Row {{row}}", { row })}</span>
            <span className="min-w-0 break-words">
              {words}
              <span className="block text-caution">{why}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
