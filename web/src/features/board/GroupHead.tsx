import { actionOf } from "../../app/shortcuts";
import { Pairing, Section } from "../../api/enums";
import { Picker } from "../../ui/Select";
import { Unlink } from "lucide-react";
import type { Schemas } from "../../api/client";
import type { Save } from "./useBoard";

/** The section a stretch of groups belongs to; changing it changes the group it stands over. */
export function SectionSelect({ group, save }: { group: Schemas["GroupView"]; save: Save }) {
  return (
    <Picker
      quiet
      aria-label={`Section of ${group.lines[0]?.exercise ?? "the group"}`}
      value={group.section}
      className="-ml-1 text-soft"
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
        onKeyDown={(event) => actionOf("field", event) === "next" && event.currentTarget.blur()}
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
        <Picker
          quiet
          aria-label={`What the pair ${names} is for`}
          value={group.pairing}
          options={Pairing.map((pairing) => [pairing, pairing || "for what?"] as const)}
          choose={(pairing) =>
            save([{ op: "change_group", group: group.id, pairing }], `${names}: ${pairing || "a pair"}`)
          }
        />
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
