// What is opened beside the board.
import type { DayId, WeekId } from "../../../api/ids";

export interface Opened {
  line?: string;
  day?: string;
  week?: string;
  group?: string;
  fit?: { week: WeekId; day: DayId };
}
