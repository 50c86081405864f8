import { t } from "../../ui/words";
import { useKept } from "../../ui/fields/useKept";
import { TestKind } from "../../api/enums";
import { TextField } from "../../ui/fields/Input";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Message } from "../../ui/Message";
import { Select } from "../../ui/fields/Select";
import { Sheet } from "../../ui/Sheet";
import { NOWHERE } from "../../api/ids";
import { ExercisePick } from "../library/ExercisePick";
import { Tick } from "../../ui/Tick";

/** Body weight is measured, never tested. */
const kinds = TestKind.filter((kind) => kind !== "body weight");

/** A test of the trainer's own: what counts, how much is chance, what is plausible. */
export function OwnTestSheet({
  onClose,
  onAdded,
}: {
  onClose: () => void;
  onAdded: (test: Schemas["TestItem"]) => void;
}) {
  const [kind, setKind] = useState<Schemas["TestKind"]>("good-form reps");
  const [better, setBetter] = useState<Schemas["Better"]>("more");
  const [exercise, setExercise] = useState<Schemas["Exercise"] | null>(null);
  const [sides, setSides] = useState(false);
  const [text, setText, forget] = useKept("own test", {
    name: "",
    standard: "",
    error: "1",
    low: "0",
    high: "100",
    seconds: "",
  });
  const set = (field: keyof typeof text) => (typed: string) => setText({ ...text, [field]: typed });
  const add = useMutation({
    mutationFn: () =>
      api.addTest({
        name: text.name,
        kind,
        standard: text.standard,
        better,
        typical_error: text.error,
        error_is_share: false,
        low: text.low,
        high: text.high,
        exercise: exercise?.id ?? NOWHERE,
        sides,
        variants: [],
        seconds: text.seconds ? Number(text.seconds) : null,
        metres: null,
      }),
    onSuccess: (test) => {
      forget();
      onAdded(test);
    },
  });
  return (
    <Sheet title={t("A test of your own")} open onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          add.mutate();
        }}
      >
        {add.error && <Message tone="stop">{add.error.message}</Message>}
        <TextField label={t("Name")} value={text.name} change={set("name")} autoFocus />
        <TextField
          label={t("Standard")}
          hint={t("What counts as one, and what ends it")}
          rows={3}
          value={text.standard}
          change={set("standard")}
        />
        <ExercisePick label={t("Of the exercise")} chosen={exercise} choose={setExercise} />
        <div className="grid grid-cols-2 gap-3">
          <Select
            label={t("Measures")}
            value={kind}
            options={kinds}
            choose={(next) => next && setKind(next)}
          />
          <Select
            label={t("Progress is")}
            value={better}
            options={["more", "less", "neither"] as const}
            choose={(next) => next && setBetter(next)}
          />
        </div>
        <div className="grid grid-cols-4 gap-3">
          <TextField label={t("Typical error")} value={text.error} change={set("error")} />
          <TextField label={t("Plausible from")} value={text.low} change={set("low")} />
          <TextField label={t("to")} value={text.high} change={set("high")} />
          <TextField label={t("Time limit, s")} value={text.seconds} change={set("seconds")} />
        </div>
        <Tick checked={sides} set={(checked) => setSides(checked)}>
          {t("Left and right")}
        </Tick>
        <Button type="submit" tone="act" disabled={!text.name.trim() || add.isPending}>
          {t("Add it")}
        </Button>
      </form>
    </Sheet>
  );
}
