import { t } from "../../ui/words";
import { Picture } from "../../ui/pictures/Picture";

const W = 72;
const H = 10;

/** Done of planned as a filled bar in its outline, the figures beside it. */
export function PairOf({ done, planned }: { done: number; planned: number }) {
  const most = Math.max(done, planned, 1);
  return (
    <span className="inline-flex items-center gap-2">
      <Picture says={null} width={W} height={H}>
        <rect width={(done / most) * W} height={H} fill="var(--color-done)" />
        <rect
          x={0.5}
          y={0.5}
          width={Math.max((planned / most) * W - 1, 0)}
          height={H - 1}
          fill="none"
          stroke="var(--color-outline)"
        />
      </Picture>
      <span>{t("{{done}} of {{planned}}", { done, planned })}</span>
    </span>
  );
}
