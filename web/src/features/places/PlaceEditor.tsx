import { t } from "../../ui/words";
import { useKept } from "../../ui/fields/useKept";
import { TextField } from "../../ui/fields/Input";
import { changed } from "../../api/changed";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/fields/Choice";
import { Message } from "../../ui/Message";
import { EquipmentPicture } from "./EquipmentPicture";
import { UsualKits } from "./UsualKits";

/** One place: its name, its equipment as a trainer writes it, and live beside it what can be lifted. */
export function PlaceEditor({
  place,
  usual,
  makeUsual,
  leave,
  others,
}: {
  place: Schemas["PlaceView"];
  usual: boolean;
  makeUsual: () => void;
  leave: () => void;
  others: string[];
}) {
  const [draft, setDraft, forget] = useKept(`place ${place.id}`, place.facts);
  const queries = useQueryClient();
  const save = useMutation({
    mutationFn: (facts: Schemas["PlaceFacts"]) => api.changePlace(place.id, facts),
    scope: { id: `place-${place.id}` },
    onSuccess: () => changed(queries, "place"),
  });
  const keep = (facts: Schemas["PlaceFacts"]) => {
    if (facts.name.trim() && JSON.stringify(facts) !== JSON.stringify(place.facts)) save.mutate(facts);
  };
  const saved = JSON.stringify(draft) === JSON.stringify(place.facts);
  useEffect(() => {
    if (saved) forget();
  }, [saved, forget]);
  // What a page left behind that went before it could be kept.
  const left = useRef(saved ? null : () => keep(draft));
  useEffect(() => {
    left.current?.();
    left.current = null;
  }, []);
  return (
    <section
      aria-label={place.facts.name}
      className="grid content-start gap-x-8 gap-y-4 xl:grid-cols-[1fr_1fr]"
    >
      <div className="grid content-start gap-3">
        <div className="grid grid-cols-[1fr_auto] gap-3">
          <TextField
            label={t("Place")}
            value={draft.name}
            change={(text) => setDraft({ ...draft, name: text })}
            onBlur={() => keep(draft)}
          />
          <Choice
            label={t("Numbers are")}
            value={draft.unit}
            options={[
              ["kg", t("kg")],
              ["lb", t("lb")],
            ]}
            choose={(unit) => {
              setDraft({ ...draft, unit });
              keep({ ...draft, unit });
            }}
          />
        </div>
        <TextField
          label={t("Equipment there")}
          hint={t("One thing a line. Saved when you leave the box.")}
          rows={10}
          spellCheck={false}
          placeholder={t("dumbbells 4-24 by 2")}
          value={draft.equipment}
          change={(text) => setDraft({ ...draft, equipment: text })}
          onBlur={() => keep(draft)}
        />
        <UsualKits
          text={draft.equipment}
          unit={draft.unit}
          change={(equipment) => {
            setDraft({ ...draft, equipment });
            keep({ ...draft, equipment });
          }}
        />
        <TextField
          label={t("To know of it")}
          placeholder={t("carpet, low ceiling")}
          value={draft.note ?? ""}
          change={(text) => setDraft({ ...draft, note: text })}
          onBlur={() => keep(draft)}
        />
        {others.length > 0 && (
          <Message>
            {t("Shared: a change here is a change for {{others}} too.", { others: others.join(", ") })}
          </Message>
        )}
        {save.error && <Message tone="stop">{save.error.message}</Message>}
        <div className="flex flex-wrap items-center gap-2">
          {!usual && <Button onClick={makeUsual}>{t("Make it the usual place")}</Button>}
          <Button tone="quiet" onClick={leave}>
            {t("Does not train here")}
          </Button>
          <p role="status" className="text-sm text-done">
            {save.isPending ? t("Saving …") : save.isSuccess ? t("Saved") : ""}
          </p>
        </div>
        <details className="text-sm">
          <summary className="cursor-pointer font-medium">{t("How to write it")}</summary>
          <pre className="mt-1 overflow-x-auto rounded-md bg-sunk p-3 font-sans leading-relaxed">
            {EXAMPLES}
          </pre>
        </details>
      </div>
      <EquipmentPicture text={draft.equipment} unit={draft.unit} />
    </section>
  );
}

const EXAMPLES = `bar 20, plates 2x1.25 2x2.5 4x5 4x10
dumbbells 4-24 by 2
blocks 5-50 lb by 5: 5 white, 10 sand, 15 rust
kettlebells 8 12 16
stack 5-80 by 5, add-on 2.5
bands sand 6, rust 12          (kg at working stretch)
medicine balls 3 5
rucksack 10                    (anything with a weight)
belt 2.5 5 10   or   vest 5    (added to body weight)
assistance 5-40 by 5           (taken off body weight)
leg press 20-200 by 10         (a machine; beside a stack the usual ones)
bench, rack, pull-up bar, box  (things without a weight)
rope, stick, wobble board      (by any name)
no doorway                     (what is missing)`;
