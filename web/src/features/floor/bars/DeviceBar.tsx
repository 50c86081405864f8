import { t } from "../../../ui/words";
import { useNamed } from "../pane";
import { HeartPulse, Radio } from "lucide-react";
import { Small } from "../pad/Row";
import type { Devices } from "./useDevices";

/** What the devices see: the heart, and a count while a set is watched. The trainer's word stays the set's. */
export function DeviceBar({
  devices,
  measured,
  begin,
}: {
  devices: Devices;
  /** What was measured of the set before, in sentences. */
  measured: string[];
  begin: () => void;
}) {
  const named = useNamed();
  if (!devices.wanted) return null;
  const { watching, reps, heart, away } = devices;
  return (
    <section
      aria-label={named(t("Devices"))}
      className="mt-1 flex min-h-12 items-center gap-3 border-y border-line @floor:mt-2 @floor:py-1"
    >
      {away ? (
        <p className="text-caution">{t("Devices do not answer; logging goes on without them.")}</p>
      ) : (
        <>
          {heart !== null && (
            <p className="flex items-center gap-1.5 whitespace-nowrap">
              <HeartPulse size={20} aria-hidden />
              <span className="text-xl font-semibold">{heart}</span>{" "}
              <span className="text-soft">{t("/min")}</span>
            </p>
          )}
          {devices.counts && watching && (
            <p className="flex items-center gap-1.5 whitespace-nowrap" data-testid="counted">
              <Radio size={20} aria-hidden />
              <span className="text-xl font-semibold">{reps ?? 0}</span>{" "}
              <span className="text-soft">{t("counted")}</span>
            </p>
          )}
          <p className="line-clamp-2 min-w-0 flex-1 text-sm leading-tight text-soft @floor:line-clamp-none">
            {watching ? "" : measured.join(" ")}
          </p>
          <div className="flex w-32 shrink-0">
            {watching ? (
              <Small onClick={devices.end}>{t("Stop watching")}</Small>
            ) : (
              <Small onClick={begin}>{t("Watch this set")}</Small>
            )}
          </div>
        </>
      )}
    </section>
  );
}
