import { t } from "../../ui/words";
import { Input } from "../../ui/fields/Input";
import type { ClientId } from "../../api/ids";
import { Scale } from "lucide-react";
import { useEffect } from "react";
import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/fields/Choice";
import { useScale } from "../clients/useScale";

const box = "min-h-14 text-3xl font-medium";

/** A load for a few reps with some left: the maximum is estimated. A single is a choice of its own. */
export function LoadAndReps(props: {
  unit: Schemas["Unit"];
  weight: string;
  reps: string;
  reserve: number | null;
  last: string;
  setWeight: (text: string) => void;
  setReps: (text: string) => void;
  setReserve: (left: number) => void;
  single: boolean;
  maySingle: boolean;
  setSingle: (single: boolean) => void;
}) {
  return (
    <div className="grid gap-4">
      <div className="grid grid-cols-2 gap-4">
        <label className="grid gap-1 text-lg">
          {t("Load, {{unit}}", { unit: props.unit })}
          <Input
            wide
            className={box}
            sort="decimal"
            value={props.weight}
            placeholder={props.last}
            change={(text) => props.setWeight(text)}
          />
        </label>
        <label className="grid gap-1 text-lg">
          {t("Reps")}
          <Input
            wide
            className={box}
            sort="numeric"
            value={props.reps}
            change={(text) => props.setReps(text)}
          />
        </label>
      </div>
      <Choice
        big
        label={t("Reps left")}
        value={props.reserve}
        options={[0, 1, 2, 3, 4].map((left) => [left, String(left)] as const)}
        choose={props.setReserve}
      />
      <label className={`flex min-h-12 items-center gap-3 ${props.maySingle ? "" : "text-soft"}`}>
        <input
          type="checkbox"
          className="size-6"
          disabled={!props.maySingle}
          checked={props.single}
          onChange={(event) => props.setSingle(event.target.checked)}
        />
        {props.maySingle
          ? t("Test a single to the limit, on purpose")
          : t("A single to the limit is closed: the health screen is not clear for it")}
      </label>
    </div>
  );
}

/** Body weight, typed or read off the scale. */
export function WeightBox({
  clientId,
  unit,
  weight,
  setWeight,
}: {
  clientId: ClientId;
  unit: Schemas["Unit"];
  weight: string;
  setWeight: (text: string, source: string) => void;
}) {
  const { reading, state, start } = useScale(clientId);
  const settled = reading?.settled?.value;
  useEffect(() => {
    if (settled) setWeight(settled, "scale");
    // The weight is taken over once, when it settles.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [settled]);
  return (
    <div className="grid gap-3">
      <div className="flex min-h-40 flex-col items-center justify-center rounded-lg border-2 border-line-strong bg-raised">
        <p className="text-[5rem] leading-none font-semibold sm:text-[7rem]">
          {state === "reading" && reading ? reading.figure.toFixed(1) : weight || "–"}
          <span className="ml-2 text-3xl font-normal text-soft">{unit}</span>
        </p>
        <p role="status" className={`mt-1 text-lg ${state === "settled" ? "text-done" : "text-soft"}`}>
          {state === "reading"
            ? t("settling …")
            : state === "settled"
              ? t("settled")
              : state === "failed"
                ? t("The scale does not answer; type the weight.")
                : t("Step on, then read the scale")}
        </p>
      </div>
      <div className="flex gap-3">
        <Button big className="flex-1" onClick={start} disabled={state === "reading"}>
          <Scale aria-hidden /> {t("Read the scale")}
        </Button>
        <label className="flex items-center gap-2">
          {t("or type")}
          <Input
            sort="decimal"
            aria-label={t("Body weight, {{unit}}", { unit })}
            value={weight}
            change={(text) => setWeight(text, "typed")}
            className="min-h-12 w-28 text-lg"
          />
        </label>
      </div>
    </div>
  );
}

/** One figure with its unit. */
export function FigureBox({
  label,
  unit,
  value,
  setValue,
}: {
  label: string;
  unit: string;
  value: string;
  setValue: (text: string) => void;
}) {
  return (
    <label className="grid max-w-sm gap-1 text-lg">
      {label}, {unit}
      <Input wide className={box} sort="decimal" value={value} change={setValue} />
    </label>
  );
}
