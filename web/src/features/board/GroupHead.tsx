import { Unlink } from "lucide-react";
import type { Schemas } from "../../api/client";
import type { Save } from "./useBoard";

const pairings: Schemas["Pairing"][] = ["", "opposite muscles", "same muscle", "strength, then explosive"];
const sections: Schemas["Section"][] = [
  "warm-up",
  "main",
  "accessory",
  "trunk",
  "finisher",
  "cardio",
  "cool-down",
];

/** The section a stretch of groups belongs to; changing it changes the group it stands over. */
export function SectionSelect({ group, save }: { group: Schemas["GroupView"]; save: Save }) {
  return (
    <select
      aria-label={`Section of ${group.lines[0]?.exercise ?? "the group"}`}
      value={group.section}
      className="-ml-1 bg-transparent text-sm text-soft"
      onChange={(event) =>
        save(
          [{ op: "change_group", group: group.id, section: event.target.value as Schemas["Section"] }],
          `${group.lines.map((line) => line.exercise).join(", ")}: ${event.target.value}`,
        )
      }
    >
      {sections.map((section) => (
        <option key={section}>{section}</option>
      ))}
    </select>
  );
}

/** Over lines done together: what they are, what for, the rests, and the way to part them. */
export function GroupHead({ group, save }: { group: Schemas["GroupView"]; save: Save }) {
  const names = group.lines.map((line) => line.exercise).join(" and ");
  const rest = (which: "rest_inside" | "rest_after", label: string, house: string) => (
    <label className="flex items-center gap-1">
      {label}
      <input
        key={group[which]}
        defaultValue={group[which] ?? ""}
        placeholder={house}
        inputMode="numeric"
        aria-label={`${label}, ${names}, seconds`}
        className="w-12 rounded border border-line-strong/60 bg-raised px-1 text-right"
        onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
        onBlur={(event) => {
          const seconds = Number(event.target.value);
          if (event.target.value.trim() && Number.isInteger(seconds) && seconds !== group[which])
            save(
              [{ op: "change_group", group: group.id, [which]: seconds }],
              `${names}: ${label} ${seconds} s`,
            );
        }}
      />
      s
    </label>
  );
  return (
    <span className="flex flex-wrap items-center gap-x-4 gap-y-1 text-sm font-normal">
      <span className="font-semibold">{group.kind}</span>
      {group.kind === "pair" && (
        <select
          aria-label={`What the pair ${names} is for`}
          value={group.pairing}
          className="bg-transparent"
          onChange={(event) =>
            save(
              [{ op: "change_group", group: group.id, pairing: event.target.value as Schemas["Pairing"] }],
              `${names}: ${event.target.value || "a pair"}`,
            )
          }
        >
          {pairings.map((pairing) => (
            <option key={pairing} value={pairing}>
              {pairing || "for what?"}
            </option>
          ))}
        </select>
      )}
      {rest("rest_inside", "rest inside", group.kind === "interval circuit" ? "own" : "15")}
      {rest("rest_after", "after a round", group.kind.includes("circuit") ? "60" : "own")}
      <button
        type="button"
        className="inline-flex items-center gap-1 text-soft underline hover:text-ink"
        onClick={() => save([{ op: "ungroup", group: group.id }], `${names} parted`)}
      >
        <Unlink size={14} aria-hidden /> Part
      </button>
    </span>
  );
}
