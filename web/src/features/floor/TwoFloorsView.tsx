import { t } from "../../ui/words";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { useAddress } from "../../app/useAddress";
import { OneFloor, type FloorAddress } from "./FloorView";
import { PaneContext } from "./pane";

interface Told {
  who: string;
  words: string;
  waits: boolean;
}
type Which = 0 | 1;

const NOBODY: Told = { who: "", words: "", waits: false };
/** For so long after a change of turns a tap is taken for the bounce of the one before. */
const BOUNCE = 600;

const pathOf = ({ programId, weekId, dayId }: FloorAddress) => `/floor/${programId}/${weekId}/${dayId}`;

/** Two sessions in one hour: side by side where there is room, else one at a time; turns go back and forth. */
export function TwoFloorsView() {
  const { programId, weekId, dayId, otherProgram, otherWeek, otherDay } = useAddress();
  const floors: readonly [FloorAddress, FloorAddress] = [
    { programId, weekId, dayId },
    { programId: otherProgram, weekId: otherWeek, dayId: otherDay },
  ];
  const [active, setActive] = useState<Which>(0);
  const [told, setTold] = useState<readonly [Told, Told]>([NOBODY, NOBODY]);
  const [turning, setTurning] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(timer.current), []);
  const turnTo = useCallback((which: Which) => {
    setActive(which);
    setTurning(true);
    clearTimeout(timer.current);
    timer.current = setTimeout(() => setTurning(false), BOUNCE);
  }, []);
  return (
    <main id="main" data-keys-by-turn className="flex h-dvh flex-col">
      <div role="group" aria-label={t("Whose turn it is")} className="grid grid-cols-2 border-b border-line">
        {([0, 1] as const).map((which) => (
          <button
            key={which}
            type="button"
            aria-pressed={which === active}
            onClick={() => setActive(which)}
            className="min-h-14 border-t-4 border-transparent px-3 text-left leading-tight first:border-r first:border-r-line aria-pressed:border-t-ember aria-pressed:bg-raised"
          >
            <span className="block truncate text-lg font-semibold">{told[which].who || "…"}</span>
            <span className="block truncate text-soft">{told[which].words}</span>
          </button>
        ))}
      </div>
      <div className="grid min-h-0 grow md:grid-cols-2">
        {([0, 1] as const).map((which) => (
          <FloorPane
            key={pathOf(floors[which])}
            who={told[which].who || t("The other client")}
            floor={floors[which]}
            other={floors[which === 0 ? 1 : 0]}
            active={which === active}
            still={turning && which === active}
            take={() => setActive(which)}
            turn={() => {
              const next = which === 0 ? 1 : 0;
              if (told[next].waits) turnTo(next);
            }}
            tell={(now) => setTold((before) => (which === 0 ? [now, before[1]] : [before[0], now]))}
          />
        ))}
      </div>
    </main>
  );
}

function FloorPane({
  who,
  floor,
  other,
  active,
  still,
  take,
  turn,
  tell,
}: {
  who: string;
  floor: FloorAddress;
  other: FloorAddress;
  active: boolean;
  /** Just became the one at hand: a tap now was meant for the other. */
  still: boolean;
  take: () => void;
  turn: () => void;
  tell: (told: Told) => void;
}) {
  const latest = useRef({ turn, tell });
  useEffect(() => {
    latest.current = { turn, tell };
  });
  const goes = pathOf(other);
  const pane = useMemo(
    () => ({
      active,
      beside: true,
      who,
      logged: () => latest.current.turn(),
      report: (who: string, words: string, waits: boolean) => latest.current.tell({ who, words, waits }),
      afterwards: () => goes,
    }),
    [active, goes, who],
  );
  return (
    <PaneContext value={pane}>
      <section
        aria-label={who}
        inert={still}
        onPointerDownCapture={take}
        onKeyUpCapture={take}
        className={`min-h-0 overflow-y-auto md:first:border-r md:first:border-line ${active ? "" : "max-md:hidden"}`}
      >
        <OneFloor {...floor} />
      </section>
    </PaneContext>
  );
}
