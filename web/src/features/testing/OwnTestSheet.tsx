import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Field } from "../../ui/Field";
import { Message } from "../../ui/Message";
import { Select } from "../../ui/Select";
import { Sheet } from "../../ui/Sheet";
import { Tick } from "../../ui/Tick";

const kinds: Schemas["TestKind"][] = [
  "good-form reps",
  "hold",
  "load for reps",
  "time over a distance",
  "distance in a time",
  "range",
  "quality grade",
  "girth",
];

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
  const [sides, setSides] = useState(false);
  const [text, setText] = useState({
    name: "",
    standard: "",
    error: "1",
    low: "0",
    high: "100",
    seconds: "",
  });
  const set = (field: keyof typeof text) => (event: { target: { value: string } }) =>
    setText({ ...text, [field]: event.target.value });
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
        sides,
        variants: [],
        seconds: text.seconds ? Number(text.seconds) : null,
        metres: null,
      }),
    onSuccess: onAdded,
  });
  return (
    <Sheet title="A test of your own" open onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          add.mutate();
        }}
      >
        {add.error && <Message tone="stop">{add.error.message}</Message>}
        <Field label="Name">
          {(box) => <input {...box} value={text.name} onChange={set("name")} autoFocus />}
        </Field>
        <Field label="Standard" hint="What counts as one, and what ends it">
          {(box) => <textarea {...box} rows={3} value={text.standard} onChange={set("standard")} />}
        </Field>
        <div className="grid grid-cols-2 gap-3">
          <Select label="Measures" value={kind} options={kinds} choose={(next) => next && setKind(next)} />
          <Select
            label="Progress is"
            value={better}
            options={["more", "less", "neither"] as const}
            choose={(next) => next && setBetter(next)}
          />
        </div>
        <div className="grid grid-cols-4 gap-3">
          <Field label="Typical error">
            {(box) => <input {...box} value={text.error} onChange={set("error")} />}
          </Field>
          <Field label="Plausible from">
            {(box) => <input {...box} value={text.low} onChange={set("low")} />}
          </Field>
          <Field label="to">{(box) => <input {...box} value={text.high} onChange={set("high")} />}</Field>
          <Field label="Time limit, s">
            {(box) => <input {...box} value={text.seconds} onChange={set("seconds")} />}
          </Field>
        </div>
        <Tick checked={sides} set={(checked) => setSides(checked)}>
          Left and right
        </Tick>
        <Button type="submit" tone="act" disabled={!text.name.trim() || add.isPending}>
          Add it
        </Button>
      </form>
    </Sheet>
  );
}
