import { named, t } from "../../ui/words";
import { Picture } from "../../ui/pictures/Picture";
import type { Schemas } from "../../api/client";
import { fullDate } from "../../ui/format";
import { entered, figure, sideName, signed, unitOf } from "./results";

type Pair = Schemas["Pair"];

/** Every test of two rounds: both figures, the change drawn against the typical error, and what it means. */
export function PairTable({ view }: { view: Schemas["SideBySide"] }) {
  const better = view.pairs.filter((pair) => pair.change?.way === "better" && isMore(pair)).length;
  const worse = view.pairs.filter((pair) => pair.change?.way === "worse" && isMore(pair)).length;
  const compared = view.pairs.filter((pair) => pair.change).length;
  return (
    <>
      {compared > 0 && (
        <p className="mb-3 text-lg">
          <span className="font-semibold text-done">{t("{{better}} better", { better })}</span>
          {worse > 0 && (
            <span className="font-semibold text-stop">{t(", {{worse}} worse", { worse })}</span>
          )}{" "}
          {t("by more than the typical error, of {{compared}} compared.", { compared })}
        </p>
      )}
      <table className="w-full border-collapse">
        <caption className="sr-only">{t("Tests then and now")}</caption>
        <thead>
          <tr className="border-b border-line-strong text-left text-sm">
            <th scope="col" className="py-1.5 font-medium">
              {t("Test")}
            </th>
            <th scope="col" className="py-1.5 text-right font-medium">
              {view.earlier ? fullDate(view.earlier.on) : t("Then")}
            </th>
            <th scope="col" className="py-1.5 pl-4 text-right font-medium">
              {view.later ? fullDate(view.later.on) : t("Now")}
            </th>
            <th scope="col" className="py-1.5 pl-4 text-right font-medium">
              {t("Change")}
            </th>
            <th scope="col" className="w-56 py-1.5 pl-6 font-medium max-md:hidden">
              {t("Then and now, typical error shaded")}
            </th>
            <th scope="col" className="py-1.5 pl-6 font-medium">
              {t("What it says")}
            </th>
          </tr>
        </thead>
        <tbody>
          {view.pairs.map((pair) => (
            <Row key={`${pair.item.id}${pair.side ?? ""}`} pair={pair} />
          ))}
        </tbody>
      </table>
    </>
  );
}

const isMore = (pair: Pair) => pair.change?.verdict !== "within the typical error";

function Row({ pair }: { pair: Pair }) {
  const { item, change } = pair;
  const tone =
    change && isMore(pair)
      ? change.way === "better"
        ? "text-done"
        : change.way === "worse"
          ? "text-stop"
          : ""
      : "text-soft";
  return (
    <tr className="border-b border-line align-middle">
      <th scope="row" className="py-2 text-left font-medium">
        {item.name}
        {sideName(pair.side)}
      </th>
      <Cell item={item} view={pair.earlier} />
      <Cell item={item} view={pair.later} />
      <td className={`py-2 pl-4 text-right text-lg font-semibold whitespace-nowrap ${tone}`}>
        {change && (
          <>
            {signed(change.difference)} <span className="text-sm font-normal">{unitOf(item)}</span>
            {change.share !== null && (
              <span className="block text-sm font-normal">{signed(Number(change.share) * 100)} %</span>
            )}
          </>
        )}
      </td>
      <td className="py-2 pl-6 max-md:hidden">{change && <ChangePicture pair={pair} change={change} />}</td>
      <td className={`py-2 pl-6 text-sm ${tone}`}>
        {change?.words ?? t("Only one of the two was measured.")}
      </td>
    </tr>
  );
}

function Cell({ item, view }: { item: Schemas["TestItem"]; view: Schemas["ResultView"] | null }) {
  if (!view) return <td className="py-2 pl-4 text-right text-soft">–</td>;
  const { result } = view;
  const before = view.earlier.at(-1);
  return (
    <td className="max-w-44 py-2 pl-4 text-right">
      <span className="font-medium">
        {item.kind === "load for reps"
          ? t("{{figure}} kg", { figure: figure(view.figure) })
          : entered(item, result)}
      </span>
      <span className="block text-sm text-soft">
        {[
          item.kind === "load for reps" && t("from {{item}}", { item: entered(item, result) }),
          result.variant,
          result.ended && t("to {{ended}}", { ended: named(result.ended) }),
          before && t("first typed {{item}}", { item: entered(item, before) }),
        ]
          .filter(Boolean)
          .join(" · ")}
      </span>
    </td>
  );
}

const WIDTH = 210;

/** Measured from zero, or (weights, girths, ranges) on a scale of their own. */
const fromZero = (kind: Schemas["TestKind"]) =>
  kind !== "body weight" && kind !== "girth" && kind !== "range";

/**
 * Then as an outline, now filled, the shade around then is the typical error: bars where a figure counts from zero,
 * points on a line where it does not.
 */
function ChangePicture({ pair, change }: { pair: Pair; change: Schemas["TestChange"] }) {
  const [then, now, error] = [Number(change.earlier), Number(change.later), Number(change.error)];
  const bars = fromZero(pair.item.kind);
  const low = bars ? 0 : Math.min(then, now) - 2 * error;
  const high = bars ? Math.max(now, then + error, 0.001) : Math.max(then, now) + 2 * error;
  const x = (value: number) => (Math.max(value - low, 0) / (high - low)) * WIDTH;
  const fill =
    change.way === "better" && isMore(pair)
      ? "var(--color-done)"
      : change.way === "worse" && isMore(pair)
        ? "var(--color-stop)"
        : "var(--color-outline)";
  return (
    <Picture
      width={WIDTH + 4}
      height={30}
      says={t("then {{then}}, now {{now}} {{item}}, typical error {{error}}", {
        then: figure(then),
        now: figure(now),
        item: unitOf(pair.item),
        error: figure(error),
      })}
    >
      <rect
        x={x(then - error)}
        width={Math.max(x(then + error) - x(then - error), 1)}
        y="1"
        height="28"
        fill="var(--color-caution-wash)"
      />
      {bars ? (
        <>
          <rect
            x="0.75"
            width={Math.max(x(then), 1.5)}
            y="4"
            height="9"
            fill="none"
            stroke="var(--color-outline)"
            strokeWidth="1.5"
          />
          <rect x="0" width={Math.max(x(now), 1.5)} y="17" height="9" fill={fill} />
          <line x1="0.5" x2="0.5" y1="0" y2="30" stroke="var(--color-line-strong)" />
        </>
      ) : (
        <>
          <line x1="0" x2={WIDTH} y1="15" y2="15" stroke="var(--color-line-strong)" />
          <line x1={x(then)} x2={x(now)} y1="15" y2="15" stroke={fill} strokeWidth="3" />
          <circle
            cx={x(then)}
            cy="15"
            r="5"
            fill="var(--color-ground)"
            stroke="var(--color-outline)"
            strokeWidth="1.5"
          />
          <circle cx={x(now)} cy="15" r="5.5" fill={fill} />
        </>
      )}
    </Picture>
  );
}
