import { Picture } from "./Picture";

const percent = (share: number) => `${share * 100}%`;

/** A length against a limit: the line is the limit, amber says that it is passed. */
export function LimitBar({
  needs,
  limit,
  most,
  says,
}: {
  needs: number;
  limit: number;
  /** The length that fills the bar, the same for all that are compared. */
  most: number;
  says: string | null;
}) {
  return (
    <Picture says={says} width="100%" height={12}>
      <rect
        y="2"
        height="8"
        width={percent(needs / most)}
        fill={needs > limit ? "var(--color-caution)" : "var(--color-outline)"}
      />
      <line
        x1={percent(limit / most)}
        x2={percent(limit / most)}
        y1="0"
        y2="12"
        stroke="var(--color-ember)"
        strokeWidth="2"
      />
    </Picture>
  );
}

/** What was done as a filled bar under what was planned as an outline, inside a band where there is one. */
export function PlannedAndDone({
  planned,
  done,
  most,
  says,
  band,
  over = false,
}: {
  planned: number;
  done: number;
  most: number;
  says: string;
  band?: { low: number; high: number };
  over?: boolean;
}) {
  const x = (sets: number) => percent((sets / most) * 0.99);
  return (
    <Picture says={says} width="100%" height={18}>
      {band && (
        <rect x={x(band.low)} width={x(band.high - band.low)} y="0" height="18" fill="var(--color-line)" />
      )}
      <rect x="0" width={x(done)} y="4" height="10" fill="var(--color-done)" />
      <rect
        x="0.75"
        width={x(planned)}
        y="4"
        height="10"
        fill="none"
        stroke={over ? "var(--color-caution)" : "var(--color-outline)"}
        strokeWidth="1.5"
      />
    </Picture>
  );
}
