// Another exercise for a line, in every week or in B weeks: what comes near, or any by its name.
import { t } from "../../../ui/words";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../../api/client";
import { NOWHERE, type ClientId } from "../../../api/ids";
import { query } from "../../../api/query";
import { Button } from "../../../ui/Button";
import { TextField } from "../../../ui/fields/Input";
import { Picker } from "../../../ui/fields/Select";
import { Part } from "../../../ui/Waiting";
import type { Edit, Save } from "../keeping/useBoard";

const OFFERED = 6;

interface Offer {
  exercise: Schemas["Exercise"];
  said: string;
}

export function DoInstead({
  client,
  line,
  save,
  onClose,
}: {
  client: ClientId;
  line: Schemas["LineView"];
  save: Save;
  onClose: () => void;
}) {
  const [weeks, setWeeks] = useState<"" | "B">("");
  const [text, setText] = useState("");
  const typed = text.trim();
  const near = useQuery(query.substitutes(line.exercise_id, client, null));
  const found = useQuery({ ...query.found(typed, client, null, OFFERED), enabled: typed !== "" });
  const take = (exercise: Schemas["Exercise"]) => {
    save(
      [{ op: "change_exercise", line: line.id, exercise: exercise.id, variant: weeks }],
      t("{{name}} instead of {{exercise}}{{more}}", {
        name: exercise.name,
        exercise: line.exercise,
        more: weeks ? ` ${t("in B weeks")}` : "",
      }),
    );
    onClose();
  };
  return (
    <section aria-labelledby="swap" className="mt-4">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h3 id="swap" className="font-semibold">
          {t("Do instead")}
        </h3>
        <Picker
          aria-label={t("In which weeks to do it instead")}
          className="text-sm"
          value={weeks}
          empty={t("in every week")}
          options={[["B", t("in B weeks")]] as const}
          choose={setWeeks}
        />
      </div>
      {line.variant_b && (
        <p className="flex items-center justify-between text-sm">
          {t("B weeks train {{name}}.", { name: line.variant_b.name })}
          <Button
            tone="quiet"
            onClick={() =>
              save(
                [{ op: "change_line", line: line.id, exercise_b: NOWHERE } as Edit],
                t("{{exercise}}: the same in every week", { exercise: line.exercise }),
              )
            }
          >
            {t("The same in every week")}
          </Button>
        </p>
      )}
      <TextField
        label={t("Any exercise, by its name")}
        sort="search"
        placeholder={t("what comes near stands below")}
        value={text}
        change={setText}
      />
      {typed ? (
        <Part of={found}>
          {(data) => (
            <Offers
              of={data.hits.map(({ exercise }) => ({ exercise, said: exercise.pattern }))}
              take={take}
            />
          )}
        </Part>
      ) : (
        <Part of={near}>
          {(list) => (
            <Offers of={list.map((one) => ({ ...one, said: one.reasons.join(" · ") }))} take={take} />
          )}
        </Part>
      )}
    </section>
  );
}

function Offers({ of, take }: { of: readonly Offer[]; take: (exercise: Schemas["Exercise"]) => void }) {
  if (!of.length) return <p className="py-2 text-soft">{t("Nothing fits.")}</p>;
  return (
    <ol className="mt-1 border-t border-line">
      {of.slice(0, OFFERED).map(({ exercise, said }) => (
        <li key={exercise.id} className="flex items-center gap-3 border-b border-line py-1.5">
          <span className="mr-auto">
            <span className="font-medium">{exercise.name}</span>
            <span className="block text-sm text-soft">{said}</span>
          </span>
          <Button aria-label={t("Take it: {{name}}", { name: exercise.name })} onClick={() => take(exercise)}>
            {t("Take it")}
          </Button>
        </li>
      ))}
    </ol>
  );
}
