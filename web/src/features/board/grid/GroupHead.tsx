import { t } from "../../../ui/words";
import { GroupKind, Pairing, Section } from "../../../api/enums";
import { Picker } from "../../../ui/fields/Select";
import { Unlink } from "lucide-react";
import type { Schemas } from "../../../api/client";
import { useState } from "react";
import { KeptInput } from "./KeptInput";
import type { Edit, Save } from "../keeping/useBoard";

/** The section a stretch of groups belongs to; changing it changes the group it stands over. */
export function SectionSelect({
  group,
  compact = false,
  save,
}: {
  group: Schemas["GroupView"];
  /** As a word in the margin: its arrow comes with the pointer or the focus. */
  compact?: boolean;
  save: Save;
}) {
  return (
    <Picker
      quiet
      aria-label={t("Section of {{more}}", { more: group.lines[0]?.exercise ?? t("the group") })}
      value={group.section}
      className={
        compact
          ? "w-full appearance-none truncate px-1 text-xs! text-soft hover:appearance-auto focus-visible:appearance-auto"
          : "-ml-1 text-soft"
      }
      options={Section}
      choose={(section) =>
        section &&
        save(
          [{ op: "change_group", group: group.id, section }],
          `${group.lines.map((line) => line.exercise).join(", ")}: ${section}`,
        )
      }
    />
  );
}

type Change = Omit<Schemas["ChangeGroup"], "op" | "group">;
type Figure = "rest_inside" | "rest_after" | "break_after" | "every" | "time_cap" | "optional_rounds";

/** Over lines done together: what they are, their rounds and times, which side leads, and the way to part them. */
export function GroupHead({ group, save }: { group: Schemas["GroupView"]; save: Save }) {
  const [more, setMore] = useState(false);
  const names = group.lines.map((line) => line.exercise).join(" and ");
  const change = (fields: Change, what: string, refused?: () => void) =>
    save([{ op: "change_group", group: group.id, ...fields } as Edit], `${names}: ${what}`, refused);
  const figure = (which: Figure, label: string, usual: number | null, unit = "s") => (
    <Small
      key={which}
      label={label}
      name={`${label}, ${names}, ${unit === "s" ? t("seconds") : unit}`}
      value={group[which] || null}
      usual={usual === null ? "own" : String(usual)}
      unit={unit}
      keep={(value, refused) => change({ [which]: value }, `${label} ${value} ${unit}`, refused)}
    />
  );
  // What is said of it stays in sight.
  const said = Boolean(group.lead) || group.words.length > 0 || group.optional_rounds > 0;
  const rounds = group.rounds.filter((count) => count !== null);
  const [fewest, most] = [Math.min(...rounds), Math.max(...rounds)];
  return (
    <span className="grid gap-1 text-sm font-normal">
      <span className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <Picker
          quiet
          aria-label={t("How {{names}} are done", { names })}
          className="font-semibold"
          value={group.kind}
          options={kindsFor(group)}
          choose={(kind) => kind && change({ kind }, kind)}
        />
        {group.kind === "pair" && (
          <Picker
            quiet
            aria-label={t("What the pair {{names}} is for", { names })}
            value={group.pairing}
            options={Pairing.map((pairing) => [pairing, pairing || "for what?"] as const)}
            choose={(pairing) => change({ pairing }, pairing || t("a pair"))}
          />
        )}
        {rounds.length > 0 && group.kind !== "most rounds" && (
          <Small
            label={t("rounds")}
            name={t("Rounds, {{names}}", { names })}
            value={fewest === most ? most : null}
            usual={`${fewest}–${most}`}
            unit=""
            keep={(count, refused) =>
              change({ rounds: count }, t("{{number}} rounds", { number: count }), refused)
            }
          />
        )}
        {group.kind === "on the minute" && figure("every", "a start every", group.usual.every)}
        {group.kind === "most rounds" && figure("time_cap", "rounds in", group.usual.time_cap)}
        {group.kind !== "on the minute" && figure("rest_inside", "rest inside", group.usual.rest_inside)}
        {group.kind !== "most rounds" && figure("rest_after", "after a round", group.usual.rest_after)}
        {!said && (
          <button
            type="button"
            aria-expanded={more}
            className="min-h-6 text-soft underline hover:text-ink"
            onClick={() => setMore(!more)}
          >
            {more ? t("Less") : t("More")}
          </button>
        )}
        <button
          type="button"
          className="inline-flex min-h-6 items-center gap-1 text-soft underline hover:text-ink"
          onClick={() => save([{ op: "ungroup", group: group.id }], t("{{names}} parted", { names }))}
        >
          <Unlink size={14} aria-hidden /> {t("Part")}
        </button>
      </span>
      {(more || said) && (
        <span className="flex flex-wrap items-center gap-x-3 gap-y-1 text-soft">
          <Picker
            quiet
            aria-label={t("Which side leads, {{names}}", { names })}
            value={group.lead}
            empty={t("lead as each line says")}
            options={leads}
            choose={(lead) => change({ lead }, lead || "lead as each line says")}
          />
          {figure("break_after", "break behind it", null)}
          {figure("optional_rounds", "the last", 0, "rounds if there is time")}
          <label className="flex items-center gap-1">
            {t("a word a round")}
            <KeptInput
              value={group.words.join(", ")}
              place={`words ${group.id}`}
              placeholder={t("palms forward, slower")}
              aria-label={t("A word for each round, {{names}}", { names })}
              className="w-56 rounded border border-line-strong bg-raised px-1 placeholder:text-soft"
              keep={(text, refused) => {
                const words = text.split(",").map((word) => word.trim());
                const kept = words.join("") ? words : [];
                if (kept.join() === group.words.join()) refused();
                else change({ words: kept }, kept.join(", ") || t("no words"), refused);
              }}
            />
          </label>
        </span>
      )}
    </span>
  );
}

const leads = ["left first", "right first", "alternate lead"] as const;

/** What lines can be done as: a pair has two, a tri-set three, circuits any number. */
function kindsFor(group: Schemas["GroupView"]): Schemas["GroupKind"][] {
  const { length } = group.lines;
  return GroupKind.filter(
    (kind) =>
      kind !== "straight" && (kind !== "pair" || length === 2) && (kind !== "tri-set" || length === 3),
  );
}

/** A small figure in a heading, kept when it is left. */
function Small({
  label,
  name,
  value,
  usual,
  unit,
  keep,
}: {
  label: string;
  name: string;
  value: number | null;
  usual: string;
  unit: string;
  keep: (value: number, refused: () => void) => void;
}) {
  return (
    <label className="flex items-center gap-1 whitespace-nowrap">
      {label}
      <KeptInput
        value={value === null ? "" : String(value)}
        place={name}
        placeholder={usual}
        inputMode="numeric"
        aria-label={name}
        className="w-12 rounded border border-line-strong bg-raised px-1 text-right placeholder:text-soft"
        keep={(typed, refused) => {
          const figure = Number(typed);
          if (typed && Number.isInteger(figure) && figure >= 0 && figure !== value) keep(figure, refused);
          else refused();
        }}
      />
      {unit}
    </label>
  );
}
