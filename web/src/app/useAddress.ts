import { useParams } from "react-router";
import type { ClientId, DayId, ExerciseId, ProgramId, SessionId, WeekId } from "../api/ids";

interface Address {
  clientId: ClientId;
  programId: ProgramId;
  sessionId: SessionId;
  weekId: WeekId;
  dayId: DayId;
  exerciseId?: ExerciseId;
  roundId: string;
  /** The session beside another on the floor. */
  otherProgram: ProgramId;
  otherWeek: WeekId;
  otherDay: DayId;
}

/** What a view's address names; the one place where plain text from there becomes an identifier. */
export function useAddress(): Address {
  return useParams<keyof Address>() as Address;
}
