import { t } from "../../ui/words";
import { Link, useSearchParams } from "react-router";
import type { Schemas } from "../../api/client";

/** A ladder laid on its side: easier left and low, harder right and high; the rung one stands on is filled. */
export function LadderPicture({ ladder }: { ladder: Schemas["ShownLadder"] }) {
  const [search] = useSearchParams();
  const rise = ladder.rungs.length > 1 ? 36 / (ladder.rungs.length - 1) : 0;
  return (
    <section aria-label={t("Ladder: {{name}}", { name: ladder.name })}>
      <h3 className="flex items-baseline justify-between text-sm font-medium text-soft">
        <span>{ladder.name}</span>
        <span>{t("easier ← → harder")}</span>
      </h3>
      <ol
        className="flex items-end gap-1 overflow-x-auto pt-1"
        tabIndex={0}
        aria-label={t("Rungs of {{name}}", { name: ladder.name })}
      >
        {ladder.rungs.map((rung, index) => (
          <li key={rung.id} className="flex min-w-24 flex-1 flex-col">
            <Link
              to={{ pathname: `/library/${rung.id}`, search: search.toString() }}
              aria-current={rung.here ? "true" : undefined}
              className="flex min-h-12 items-end px-2 pb-1 text-sm leading-tight hover:underline aria-[current=true]:font-semibold"
            >
              {rung.name}
            </Link>
            <span
              aria-hidden
              style={{ height: `${8 + index * rise}px` }}
              className={`border-t-4 ${rung.here ? "border-ink bg-ink/15" : "border-line-strong bg-sunk"}`}
            />
          </li>
        ))}
      </ol>
    </section>
  );
}
