// The names under which answers are kept.
import type { FitTerms, Schemas } from "./client";
import type { ClientId, DayId, ExerciseId, LineId, PlaceId, ProgramId, SessionId, WeekId } from "./ids";
export const keys = {
  today: ["today"] as const,
  clients: ["clients"] as const,
  client: (id: ClientId) => ["clients", id] as const,
  board: (program: ProgramId) => ["board", program] as const,
  history: (program: ProgramId) => ["history", program] as const,
  findings: (program: ProgramId, phase: string, revision: number) =>
    ["findings", program, phase, revision] as const,
  hints: (program: ProgramId, exercise: ExerciseId, at: { line: LineId; week: WeekId }) =>
    ["hints", program, exercise, at.line, at.week] as const,
  fit: (program: ProgramId, week: WeekId, day: DayId, terms: FitTerms, revision: number) =>
    ["fit", program, week, day, terms, revision] as const,
  ahead: (program: ProgramId, day: DayId, outlook: Schemas["Scenario"]) =>
    ["ahead", program, day, outlook] as const,
  calendar: (program: ProgramId) => ["calendar", program] as const,
  waysOut: (program: ProgramId, week: WeekId, day: DayId) => ["ways-out", program, week, day] as const,
  asItWas: (program: ProgramId, number: number) => ["as-it-was", program, number] as const,
  compare: (program: ProgramId, before: number, after: number) =>
    ["compare", program, before, after] as const,
  templates: (client: ClientId) => ["templates", client] as const,
  programs: (client: ClientId) => ["clients", client, "programs"] as const,
  source: (client: ClientId, source: unknown) => ["templates", client, "source", source] as const,
  energy: (client: ClientId, aim: string, facts: unknown) =>
    ["clients", client, "energy", aim, facts] as const,
  report: (client: ClientId, start: string, until: string) =>
    ["clients", client, "report", start, until] as const,
  home: (client: ClientId) => ["clients", client, "home"] as const,
  homeResult: (id: string) => ["home result", id] as const,
  outcome: (program: ProgramId) => ["outcome", program] as const,
  lookedDecisions: (session: SessionId, lines: readonly string[]) =>
    ["review", session, "looked at", lines] as const,
  looked: (program: ProgramId, at: unknown) => ["board", program, "looked at", at] as const,
  draft: (client: ClientId, wish: unknown) => ["draft", client, wish] as const,
  floor: (program: ProgramId, week: WeekId, day: DayId) => ["floor", program, week, day] as const,
  clocks: (program: ProgramId, week: WeekId, day: DayId) => ["clocks", program, week, day] as const,
  preview: (program: ProgramId, week: WeekId, day: DayId, wanted: unknown) =>
    ["preview", program, week, day, wanted] as const,
  instead: (
    session: SessionId,
    line: LineId,
    exercise: ExerciseId,
    pain: string | null,
    side: string | null,
  ) => ["instead", session, line, exercise, pain, side] as const,
  onTheBar: (session: SessionId, load: string, set: string) => ["bar", session, load, set] as const,
  summary: (session: SessionId) => ["summary", session] as const,
  settings: ["settings"] as const,
  backups: ["backups"] as const,
  people: ["people"] as const,
  signIns: ["sign-ins"] as const,
  devices: ["devices"] as const,
  retention: ["retention"] as const,
  audit: ["audit"] as const,
  clientAudit: (client: ClientId) => ["clients", client, "audit"] as const,
  calendarFeed: ["calendar feed"] as const,
  review: (session: SessionId) => ["review", session] as const,
  overview: (client: ClientId) => ["overview", client] as const,
  progress: (client: ClientId, exercise: ExerciseId | null, whole: boolean) =>
    ["progress", client, exercise, whole] as const,
  sessionDetail: (client: ClientId, exercise: ExerciseId, session: SessionId) =>
    ["progress", client, exercise, "session", session] as const,
  found: (q: string, client: ClientId | null, place: PlaceId | null, most?: number) =>
    ["exercises", "found", q, client, place, most] as const,
  exercise: (id: ExerciseId, client: ClientId | null) => ["exercises", "one", id, client] as const,
  substitutes: (id: ExerciseId, client: ClientId | null, place: PlaceId | null) =>
    ["exercises", "instead", id, client, place] as const,
  ladders: ["ladders"] as const,
  policies: ["policies"] as const,
  places: ["places"] as const,
  usualKits: ["usual kits"] as const,
  pastedClients: (text: string, unit: string) => ["pasted clients", text, unit] as const,
  pastedSessions: (text: string, client: ClientId) => ["pasted sessions", text, client] as const,
  pasted: (program: ProgramId, text: string) => ["pasted", program, text] as const,
  batteries: ["batteries"] as const,
  round: (id: string) => ["rounds", id] as const,
  sideBySide: (client: ClientId, earlier: string | null, later: string | null) =>
    ["side-by-side", client, earlier, later] as const,
  equipment: (unit: string, text: string) => ["equipment", unit, text] as const,
  read: (program: ProgramId, exercise: ExerciseId, at: { line: LineId; week: WeekId }, text: string) =>
    ["read", program, exercise, at.line, at.week, text] as const,
  trial: (program: ProgramId, check: string, where: string, message: string) =>
    ["try", program, check, where, message] as const,
  warningSigns: ["warning-signs"] as const,
};
