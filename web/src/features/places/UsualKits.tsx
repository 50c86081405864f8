// For those who will not type: a usual kit to start from, and single pieces to pick.
import { t } from "../../ui/words";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../../api/client";
import { query } from "../../api/query";
import { Select } from "../../ui/fields/Select";

export function UsualKits({
  text,
  unit,
  change,
}: {
  text: string;
  unit: Schemas["Unit"];
  change: (text: string) => void;
}) {
  const usual = useQuery(query.usualKits());
  if (!usual.data) return null;
  const lines = text.split("\n").filter((line) => line.trim());
  const add = (more: string) =>
    change([...lines, ...more.split("\n").filter((line) => !lines.includes(line))].join("\n"));
  // What a line is about: all of it before its first figure, or before the words for its sorts.
  const named = (piece: string) => piece.split(/ (?=\d)| up to| light/, 1)[0] ?? piece;
  return (
    <div className="grid gap-2">
      <Select
        label={lines.length ? t("Add what a usual kit has") : t("Start from a usual kit")}
        value=""
        empty={t("Choose …")}
        options={usual.data.kits.map((kit) => [kit.id, `${kit.name}: ${kit.about}`] as const)}
        choose={(id) => {
          const kit = usual.data.kits.find((one) => one.id === id);
          if (kit) add(kit[unit]);
        }}
      />
      <div role="group" aria-label={t("Pick what is there")} className="flex flex-wrap gap-1.5">
        {[...usual.data[unit], ...usual.data.things]
          .filter((piece) => !text.includes(named(piece)))
          .map((piece) => (
            <button
              key={piece}
              type="button"
              title={piece}
              className="rounded-full border border-line-strong px-2.5 py-0.5 text-sm hover:bg-sunk"
              onClick={() => add(piece)}
            >
              + {named(piece)}
            </button>
          ))}
      </div>
    </div>
  );
}
