import { t } from "../../ui/words";
import { useKept } from "../../ui/fields/useKept";
import { TextField } from "../../ui/fields/Input";
import { asTyped } from "../../ui/fields/asTyped";
import { changed } from "../../api/changed";
import { query } from "../../api/query";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Message } from "../../ui/Message";
import { Select } from "../../ui/fields/Select";
import { Sheet } from "../../ui/Sheet";
import { Tick } from "../../ui/Tick";
import { JointTicks } from "./JointTicks";
import { Ticks } from "./Ticks";
import { ExerciseKind, Feature, ImplementKind, Muscle, Pattern } from "../../api/enums";
import { draftOf, kitName, type Draft } from "./words";

const parted = (text: string) =>
  text
    .split(",")
    .map((one) => one.trim())
    .filter(Boolean);

/** An exercise of the trainer's own, or an edit kept apart from the one that ships. */
export function ExerciseSheet({
  exercise,
  name,
  onClose,
  onSaved,
}: {
  exercise: Schemas["Exercise"] | null;
  name: string;
  onClose: () => void;
  onSaved: (exercise: Schemas["Exercise"]) => void;
}) {
  const place = `exercise ${exercise?.id ?? `new ${name}`}`;
  const [draft, setDraft, forget] = useKept<Draft>(place, () => draftOf(exercise, name));
  const [share, setShare, forgetShare] = useKept(t("{{place}} share", { place }), () =>
    String(Math.round(Number(draft.bodyweight_share) * 100)),
  );
  const [seconds, setSeconds, forgetSeconds] = useKept(t("{{place}} seconds", { place }), () =>
    String(draft.rep_seconds),
  );
  const queries = useQueryClient();
  const ladders = useQuery(query.ladders());
  const save = useMutation({
    mutationFn: () => {
      const { pattern } = draft;
      if (!pattern) throw new Error("Say how it moves.");
      const asked = {
        ...draft,
        pattern,
        bodyweight_share: String(Number(share || 0) / 100),
        rep_seconds: asTyped(seconds),
      };
      return exercise ? api.changeExercise(exercise.id, asked) : api.addExercise(asked);
    },
    onSuccess: async (saved) => {
      for (const drop of [forget, forgetShare, forgetSeconds]) drop();
      await changed(queries, "library");
      onSaved(saved);
    },
  });
  const set = (change: Partial<Draft>) => setDraft({ ...draft, ...change });
  const ladder = ladders.data?.find((entry) => entry.id === draft.ladder);
  const lines = (text: string) =>
    text
      .split("\n")
      .map((line) => line.trim())
      .filter(Boolean);
  return (
    <Sheet
      title={exercise ? t("Change {{name}}", { name: exercise.name }) : t("An exercise of your own")}
      open
      onClose={onClose}
    >
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        {save.error && <Message tone="stop">{save.error.message}</Message>}
        <div className="grid grid-cols-2 gap-3">
          <TextField label={t("Name")} value={draft.name} autoFocus change={(name) => set({ name })} />
          <Select
            label={t("Sort")}
            value={draft.kind}
            options={ExerciseKind}
            choose={(kind) => kind && set({ kind })}
          />
          <Select
            label={t("Movement")}
            value={draft.pattern ?? ""}
            empty={t("choose one")}
            options={Pattern}
            choose={(pattern) => set({ pattern: pattern || null })}
          />
          <div className="grid grid-cols-2 gap-3">
            <TextField label={t("Seconds a rep")} value={seconds} change={setSeconds} />
            <TextField label={t("% body weight")} value={share} change={setShare} />
          </div>
        </div>
        <Ticks
          label={t("Trains")}
          options={Muscle}
          chosen={draft.movers}
          change={(movers) => set({ movers })}
        />
        <Ticks
          label={t("Helped by")}
          options={Muscle}
          chosen={draft.helpers}
          change={(helpers) => set({ helpers })}
        />
        <Ticks
          label={t("Loaded with, first choice first")}
          options={ImplementKind}
          name={kitName}
          chosen={draft.implements}
          change={(chosen) => set({ implements: chosen })}
        />
        <Ticks label={t("Needs")} options={Feature} chosen={draft.needs} change={(needs) => set({ needs })} />
        <TextField
          label={t("Other kit it needs, parted by commas")}
          placeholder={t("rope, wobble board")}
          defaultValue={(draft.kit ?? []).join(", ")}
          change={(text) => set({ kit: parted(text) })}
        />
        <TextField
          label={t("Also called, parted by commas")}
          placeholder={t("press-up, PU")}
          defaultValue={draft.also.join(", ")}
          change={(text) => set({ also: parted(text) })}
        />
        <JointTicks joints={draft.joints} change={(joints) => set({ joints })} />
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label={t("Cues, one a line")}
            rows={3}
            defaultValue={draft.cues.join("\n")}
            change={(text) => set({ cues: lines(text) })}
          />
          <TextField
            label={t("Faults that end a set, one a line")}
            rows={3}
            defaultValue={draft.faults.join("\n")}
            change={(text) => set({ faults: lines(text) })}
          />
          {(!exercise || exercise.own) && (
            <>
              <Select
                label={t("Ladder")}
                value={draft.ladder}
                empty={t("none")}
                options={(ladders.data ?? []).map((entry) => [entry.id, entry.name] as const)}
                choose={(id) => set({ ladder: id, after: "" })}
              />
              {ladder && (
                <Select
                  label={t("Next harder than")}
                  value={draft.after}
                  empty={t("the easiest of all")}
                  options={ladder.rungs
                    .filter((rung) => rung !== exercise?.id)
                    .map((rung) => [rung, rung.replaceAll("-", " ")] as const)}
                  choose={(after) => set({ after })}
                />
              )}
            </>
          )}
        </div>
        <div className="flex gap-6">
          <Tick checked={draft.one_sided} set={(checked) => set({ one_sided: checked })}>
            {t("One side at a time")}
          </Tick>
          <Tick checked={draft.stable} set={(checked) => set({ stable: checked })}>
            {t("On stable ground")}
          </Tick>
        </div>
        <Button tone="act" type="submit" disabled={!draft.name.trim() || !draft.pattern || save.isPending}>
          {exercise ? t("Keep the change") : t("Add it")}
        </Button>
      </form>
    </Sheet>
  );
}
