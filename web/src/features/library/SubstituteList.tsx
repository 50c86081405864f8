import { t } from "../../ui/words";
import { Part } from "../../ui/Waiting";
import { query } from "../../api/query";
import type { ClientId, ExerciseId, PlaceId } from "../../api/ids";
import { useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import { type Schemas } from "../../api/client";
import { load } from "../../ui/format";

/** What to do instead, best first, each with its reasons and, where one can be worked out, a load to begin with. */
export function SubstituteList({
  id,
  client,
  place,
}: {
  id: ExerciseId;
  client: ClientId | null;
  place: PlaceId | null;
}) {
  const [search] = useSearchParams();
  const found = useQuery(query.substitutes(id, client, place));
  return (
    <Part of={found}>
      {(data) => (
        <section aria-labelledby="instead">
          <h3 id="instead" className="font-semibold">
            {t("Instead of it")}
          </h3>
          <p className="text-sm text-soft">
            {client || place
              ? t("With what is there, and leaving alone what hurts.")
              : t("Choose a client or a place to see what can be done there.")}
          </p>
          <ol className="mt-1 border-t border-line">
            {data.map((entry, index) => (
              <li
                key={entry.exercise.id}
                className="grid grid-cols-[1.5rem_minmax(0,1fr)_auto] gap-x-3 border-b border-line py-2"
              >
                <span className="text-soft">{index + 1}</span>
                <span>
                  <Link
                    to={{ pathname: `/library/${entry.exercise.id}`, search: search.toString() }}
                    className="font-medium hover:underline"
                  >
                    {entry.exercise.name}
                  </Link>
                  <span className="block text-sm text-soft">{entry.reasons.join(" · ")}</span>
                  {entry.cautions.map((caution) => (
                    <span key={caution.about} className="block text-sm text-caution">
                      {caution.text}
                    </span>
                  ))}
                </span>
                {entry.start && (
                  <details className="max-w-56 text-right">
                    <summary className="cursor-pointer font-medium">
                      {t("start {{start}}, estimated", { start: startWords(entry.start) })}
                    </summary>
                    <p className="text-left text-sm text-soft">{entry.start.why}</p>
                  </details>
                )}
              </li>
            ))}
          </ol>
          {data.length === 0 && (
            <p className="py-2">
              {t("Nothing here trains the same with this kit and these joints. Look at the ladders.")}
            </p>
          )}
        </section>
      )}
    </Part>
  );
}

function startWords(start: Schemas["StartingLoad"]): string {
  const { load: begin } = start;
  if ("unit" in begin) return load(begin);
  return begin.added ? t("body weight + {{added}}", { added: load(begin.added) }) : t("body weight");
}
