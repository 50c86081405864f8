import { t } from "../../ui/words";
import { TextField } from "../../ui/fields/Input";
import { useState } from "react";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/fields/Choice";
import { Message } from "../../ui/Message";
import { SavedField } from "../../ui/fields/SavedField";
import { Select } from "../../ui/fields/Select";
import { SetBlocks, type Bar } from "../../ui/pictures/SetBlocks";
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
      <h1 className="text-2xl font-semibold">{t("Kit")}</h1>
      <div className="flex flex-wrap gap-2">
        <Button tone="act">{t("Act now")}</Button>
        <Button>{t("Plain")}</Button>
        <Button tone="quiet">{t("Quiet")}</Button>
        <Button tone="stop">{t("Stop")}</Button>
        <Button big>{t("Big")}</Button>
        <Button disabled>{t("Not now")}</Button>
      </div>
      {(["tiny", "small", "large"] as const).map((size) => (
        <SetBlocks key={size} size={size} blocks={blocks} label={t("{{size}} set blocks", { size: size })} />
      ))}
      {(["plain", "done", "caution", "stop"] as const).map((tone) => (
        <Message key={tone} tone={tone}>
          {t("A calm sentence that says what to change.")}
        </Message>
      ))}
      <TextField label={t("A field")} hint={t("What it is for")} />
      <TextField label={t("A field")} problem={t("Must be a whole number")} />
      <SavedField
        label={t("A field that keeps itself")}
        value={kept}
        save={setKept}
        hint={t("Kept: {{kept}}", { kept })}
      />
      <Select
        label={t("One of a list")}
        value={unit}
        options={["kg", "lb"] as const}
        empty={t("none")}
        choose={setUnit}
      />
      <Choice
        label={t("One of a few")}
        value={unit || null}
        options={[
          ["kg", t("kilograms")],
          ["lb", t("pounds")],
        ]}
        choose={setUnit}
      />
      <Tick checked={ticked} set={setTicked}>
        {t("A box to tick")}
      </Tick>
    </div>
  );
}
