import { t } from "../../../ui/words";
import { Picture } from "../../../ui/pictures/Picture";
import { query } from "../../../api/query";
import { useQuery } from "@tanstack/react-query";
import { type Schemas } from "../../../api/client";
import type { ShownFloor, FloorSet } from "../floorState";
import { sameLoad } from "./said";

/** One end of the bar with its plates, and what to change from what is on it now. */
export function OnTheBar({
  shown,
  set,
  load,
}: {
  shown: ShownFloor;
  set: FloorSet;
  load: Schemas["Load"] | null;
}) {
  const aimed = set.on_bar;
  const other = load !== null && aimed !== null && !sameLoad(aimed.load, load);
  const asked = useQuery({
    ...query.onTheBar(shown, load, set.number),

    enabled: other,
  });
  const bar = other ? asked.data : aimed;
  if (!aimed || load === null) return null;
  return (
    <div
      className="mb-1 flex min-h-9 items-center gap-3 @floor:mb-2 @floor:min-h-10"
      aria-label={t("On the bar")}
      role="group"
    >
      {bar ? (
        <>
          <BarEnd plates={bar.plates.end} />
          <p className="leading-tight">
            <span className="font-medium">
              {bar.plates.end.length
                ? t("Each end {{end}} {{unit}}", {
                    end: bar.plates.end.map((plate) => plate.value).join(" + "),
                    unit: bar.load.unit,
                  })
                : t("The bare bar")}
            </span>
            <span className="text-soft"> {change(bar.plates, bar.load.unit)}</span>
          </p>
        </>
      ) : other && !asked.data ? (
        <p className="text-soft">{asked.error ? asked.error.message : t("Plates …")}</p>
      ) : (
        <p className="text-soft">
          {t("No plates here make {{value}}  {{unit}}.", { value: load.value, unit: load.unit })}
        </p>
      )}
    </div>
  );
}

function change(plates: Schemas["PlateChange"], unit: string): string {
  const said = (verb: string, list: Schemas["Load"][]) =>
    list.length ? [`${verb} ${list.map((plate) => plate.value).join(" + ")} ${unit}`] : [];
  const steps = [...said("take off", plates.take_off), ...said("put on", plates.put_on)];
  return steps.length ? `· ${steps.join(", ")}` : "· stays as it is";
}

const HEIGHT = 36;
const SLEEVE = 96;

/** Heavier plates are drawn taller and thicker; the collar stands where the sleeve begins. */
function BarEnd({ plates }: { plates: Schemas["Load"][] }) {
  const most = Math.max(...plates.map((plate) => Number(plate.value)), 1);
  const drawn = plates.map((plate) => {
    const share = Math.sqrt(Number(plate.value) / most);
    return { width: 5 + 7 * share, height: HEIGHT * (0.35 + 0.65 * share) };
  });
  const starts = drawn.map((_, index) => drawn.slice(0, index).reduce((x, one) => x + one.width + 2, 18));
  return (
    <Picture says={null} width={SLEEVE} height={HEIGHT} box={[SLEEVE, HEIGHT]} className="shrink-0">
      <rect x={0} y={HEIGHT / 2 - 2} width={SLEEVE} height={4} fill="var(--color-line-strong)" />
      <rect x={12} y={HEIGHT / 2 - 7} width={4} height={14} fill="var(--color-ink)" />
      {drawn.map((plate, index) => (
        <rect
          key={index}
          x={starts[index]}
          y={(HEIGHT - plate.height) / 2}
          width={plate.width}
          height={plate.height}
          fill="var(--color-ink)"
        />
      ))}
    </Picture>
  );
}
