import { t } from "../../ui/words";
import { Picture } from "../../ui/pictures/Picture";
import { max, min } from "d3-array";
import { scaleLinear, scaleUtc } from "d3-scale";
import { area, line } from "d3-shape";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";

type Lift = Schemas["Lift"];
const W = 180;
const H = 34;
const day = (iso: string) => new Date(`${iso}T12:00:00Z`);
const signed = (figure: number) => `${figure > 0 ? "+" : ""}${figure.toFixed(1)} %`;

/** Every lift with its estimated maximum, the way there and what is not known of it. */
export function LiftTable({ view }: { view: Schemas["OverviewView"] }) {
  return (
    <table className="mt-8 w-full text-left">
      <caption className="mb-1 text-left text-lg font-semibold">
        {t("Strength")}{" "}
        <span className="text-base font-normal text-soft">
          {t("estimated max in {{unit}}", { unit: view.unit })}
        </span>
      </caption>
      <thead>
        <tr className="border-b-2 border-ink text-sm">
          <th scope="col" className="py-1 font-medium">
            {t("Exercise")}
          </th>
          <th scope="col" className="font-medium max-md:hidden">
            {t("The way there")}
          </th>
          <th scope="col" className="text-right font-medium">
            {t("Now")}
          </th>
          <th scope="col" className="text-right font-medium max-md:hidden">
            {t("19 of 20 times")}
          </th>
          <th scope="col" className="text-right font-medium">
            {t("Since the third session")}
          </th>
          <th scope="col" className="text-right font-medium">
            {t("A week, lately")}
          </th>
        </tr>
      </thead>
      <tbody>
        {view.lifts.map((lift) => (
          <tr key={lift.exercise_id} className="border-b border-line">
            <th scope="row" className="py-1 pr-4 font-medium">
              <Link
                className="hover:underline"
                to={`/clients/${view.client_id}/progress?exercise=${lift.exercise_id}`}
              >
                {lift.exercise}
              </Link>
              {lift.with_body && (
                <span className="block text-sm font-normal text-soft">{t("with body weight")}</span>
              )}
            </th>
            <td className="max-md:hidden">
              <Way lift={lift} />
            </td>
            <td className="text-right font-semibold">{lift.value}</td>
            <td className="text-right whitespace-nowrap text-soft max-md:hidden">
              {t("{{low}} to {{high}}", { low: lift.low, high: lift.high })}
            </td>
            <td className="text-right">{lift.gain === null ? "–" : signed(lift.gain)}</td>
            <td className={`text-right ${tones[lift.way] ?? ""}`}>
              {lift.week === null ? "–" : `${signed(lift.week)}${lift.way && `, ${lift.way}`}`}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const tones: Record<string, string> = { rising: "text-done", falling: "text-caution" };

/** The estimate after each session, with its interval. */
function Way({ lift }: { lift: Lift }) {
  const { path } = lift;
  const x = scaleUtc()
    .domain([day(path[0]?.on ?? "2026-01-01"), day(path.at(-1)?.on ?? "2026-01-02")])
    .range([3, W - 4]);
  const y = scaleLinear()
    .domain([min(path, (p) => Number(p.low)) ?? 0, max(path, (p) => Number(p.high)) ?? 1])
    .range([H - 2, 2]);
  const band = area<(typeof path)[number]>()
    .x((p) => x(day(p.on)))
    .y0((p) => y(Number(p.low)))
    .y1((p) => y(Number(p.high)));
  const middle = line<(typeof path)[number]>()
    .x((p) => x(day(p.on)))
    .y((p) => y(Number(p.value)));
  const end = path.at(-1);
  return (
    <Picture says={null} width={W} height={H}>
      <path d={band(path) ?? ""} fill="var(--color-ink)" fillOpacity={0.1} />
      <path d={middle(path) ?? ""} fill="none" stroke="var(--color-ink)" strokeWidth={1.75} />
      {end && <circle cx={x(day(end.on))} cy={y(Number(end.value))} r={3} fill="var(--color-ink)" />}
    </Picture>
  );
}
