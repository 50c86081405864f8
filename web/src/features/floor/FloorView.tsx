import { query } from "../../api/query";
import { useAddress } from "../../app/useAddress";
import { useQuery } from "@tanstack/react-query";
import { type Schemas } from "../../api/client";
import type { DayId, ProgramId, WeekId } from "../../api/ids";
import { Waiting } from "../../ui/Waiting";
import { Floor } from "./Floor";
import { useFloor } from "./useFloor";

const OWN_CHOICE: Schemas["Settings"] = {
  rep_sensor: "off",
  heart_strap: "off",
  calls: "sounds",
  ask_readiness: true,
};

export interface FloorAddress {
  programId: ProgramId;
  weekId: WeekId;
  dayId: DayId;
}

/** The floor: one exercise at a time, one tap for a set as planned. */
export function FloorView() {
  const { programId, weekId, dayId } = useAddress();
  return <OneFloor programId={programId} weekId={weekId} dayId={dayId} />;
}

/** One session on the floor, alone or beside another. */
export function OneFloor({ programId, weekId, dayId }: FloorAddress) {
  const data = useFloor(programId, weekId, dayId);
  const settings = useQuery({ ...query.settings(), retry: 1 });
  if (!data.shown)
    return <Waiting shape="floor" error={data.floor.error} retry={() => void data.floor.refetch()} />;
  if (settings.isPending) return null;
  return (
    <Floor
      key={data.shown.session_id}
      shown={data.shown}
      data={data}
      settings={settings.data ?? OWN_CHOICE}
    />
  );
}
