import { TextField } from "../../ui/Input";
import { useState } from "react";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
import { Message } from "../../ui/Message";
import { SavedField } from "../../ui/SavedField";
import { Select } from "../../ui/Select";
import { SetBlocks, type Bar } from "../../ui/SetBlocks";
import { Tick } from "../../ui/Tick";

const bar = (width: number, height: number): Bar => ({ width, height, label: "" });
const blocks = [
  { planned: bar(10, 0.7), done: bar(10, 0.7) },
  { planned: bar(10, 0.7), done: bar(8, 0.75) },
  { planned: bar(10, 0.7), done: bar(10, 0.7), waiting: true },
  { planned: bar(10, 0.7), done: null, current: true },
];

/** Every part of the interface on one page, in development only. */
export function KitView() {
  const [kept, setKept] = useState("Ottoline Fisk");
  const [unit, setUnit] = useState<"kg" | "lb" | "">("");
  const [ticked, setTicked] = useState(false);
  return (
    <div className="grid max-w-3xl gap-6 p-6">
      <h1 className="text-2xl font-semibold">Kit</h1>
      <div className="flex flex-wrap gap-2">
        <Button tone="act">Act now</Button>
        <Button>Plain</Button>
        <Button tone="quiet">Quiet</Button>
        <Button tone="stop">Stop</Button>
        <Button big>Big</Button>
        <Button disabled>Not now</Button>
      </div>
      {(["tiny", "small", "large"] as const).map((size) => (
        <SetBlocks key={size} size={size} blocks={blocks} label={`${size} set blocks`} />
      ))}
      {(["plain", "done", "caution", "stop"] as const).map((tone) => (
        <Message key={tone} tone={tone}>
          A calm sentence that says what to change.
        </Message>
      ))}
      <TextField label="A field" hint="What it is for" />
      <TextField label="A field" problem="Must be a whole number" />
      <SavedField label="A field that keeps itself" value={kept} save={setKept} hint={`Kept: ${kept}`} />
      <Select
        label="One of a list"
        value={unit}
        options={["kg", "lb"] as const}
        empty="none"
        choose={setUnit}
      />
      <Choice
        label="One of a few"
        value={unit || null}
        options={[
          ["kg", "kilograms"],
          ["lb", "pounds"],
        ]}
        choose={setUnit}
      />
      <Tick checked={ticked} set={setTicked}>
        A box to tick
      </Tick>
    </div>
  );
}
