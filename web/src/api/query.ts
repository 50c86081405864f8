// Every question to the server with the name its answer is kept under: a key and its fetcher stand together, once.
import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { api, type FitTerms, type Schemas, type Step } from "./client";
import type { ClientId, DayId, ExerciseId, LineId, PlaceId, ProgramId, SessionId, WeekId } from "./ids";
import { keys } from "./keys";

const A_WHILE = 60_000;
const A_MOMENT = 5_000;
const JUST_NOW = 1_000;

type Cell = { line: LineId; week: WeekId };
type Wanted = Schemas["ChangeRequest"]["wanted"];

export const query = {
  // What was asked for as the page opened is not asked for again as its view is drawn.
  today: () => queryOptions({ queryKey: keys.today, queryFn: api.today, staleTime: JUST_NOW }),
  settings: () => queryOptions({ queryKey: keys.settings, queryFn: api.settings }),
  warningSigns: () =>
    queryOptions({ queryKey: keys.warningSigns, queryFn: api.warningSigns, staleTime: Infinity }),

  clients: () => queryOptions({ queryKey: keys.clients, queryFn: api.clients }),
  client: (id: ClientId) => queryOptions({ queryKey: keys.client(id), queryFn: () => api.client(id) }),
  overview: (id: ClientId) => queryOptions({ queryKey: keys.overview(id), queryFn: () => api.overview(id) }),
  progress: (id: ClientId, exercise: ExerciseId | null, whole = false) =>
    queryOptions({
      queryKey: keys.progress(id, exercise, whole),
      queryFn: () => api.progress(id, exercise, whole),
      // Another exercise of the same client: what one chose from stays until it is there, and the focus on it.
      placeholderData: (before) => (before?.client_id === id ? before : undefined),
    }),
  sessionDetail: (id: ClientId, exercise: ExerciseId, session: SessionId) =>
    queryOptions({
      queryKey: keys.sessionDetail(id, exercise, session),
      queryFn: () => api.sessionDetail(id, exercise, session),
    }),
  templates: (id: ClientId) =>
    queryOptions({ queryKey: keys.templates(id), queryFn: () => api.templates(id) }),
  programs: (id: ClientId) => queryOptions({ queryKey: keys.programs(id), queryFn: () => api.programs(id) }),
  energy: (id: ClientId, aim: Schemas["EnergyAim"], facts: unknown) =>
    queryOptions({
      queryKey: keys.energy(id, aim, facts),
      queryFn: () => api.energy(id, aim),
      placeholderData: keepPreviousData,
    }),
  report: (id: ClientId, start: string, until: string) =>
    queryOptions({
      queryKey: keys.report(id, start, until),
      queryFn: () => api.report(id, start, until),
      staleTime: Infinity,
      retry: false,
    }),
  backups: () => queryOptions({ queryKey: keys.backups, queryFn: api.backups }),
  calendarFeed: () => queryOptions({ queryKey: keys.calendarFeed, queryFn: api.calendarFeed }),
  home: (id: ClientId) => queryOptions({ queryKey: keys.home(id), queryFn: () => api.home(id) }),
  homeResult: (id: string) =>
    queryOptions({ queryKey: keys.homeResult(id), queryFn: () => api.homeResult(id), gcTime: 0 }),
  source: (id: ClientId, source: Schemas["SourceRequest"]) =>
    queryOptions({
      queryKey: keys.source(id, source),
      queryFn: () => api.lookAtSource(id, source),
      retry: false,
    }),
  lookAtDecisions: (session: SessionId, decisions: Schemas["DecisionRequest"][]) =>
    queryOptions({
      queryKey: keys.lookedDecisions(
        session,
        decisions.map((one) => one.line),
      ),
      queryFn: () => api.tryDecisions(session, decisions),
      gcTime: 0,
      retry: false,
    }),
  lookAtPhase: (program: ProgramId, source: Schemas["SourceRequest"], revision: number) =>
    queryOptions({
      queryKey: keys.looked(program, ["phase", source, revision]),
      queryFn: () => api.tryPhase(program, source),
      retry: false,
    }),
  lookAtDay: (program: ProgramId, day: Schemas["SourceDayRequest"]) =>
    queryOptions({
      queryKey: keys.looked(program, ["day", day]),
      queryFn: () => api.tryDay(program, day),
      retry: false,
    }),
  lookAtReplace: (program: ProgramId, wish: Schemas["ReplaceRequest"]) =>
    queryOptions({
      queryKey: keys.looked(program, ["replace", wish]),
      queryFn: () => api.tryReplace(program, wish),
      placeholderData: keepPreviousData,
      gcTime: 0,
      retry: false,
    }),
  lookAtFill: (program: ProgramId, path: Omit<Schemas["PathRequest"], "base">) =>
    queryOptions({
      queryKey: keys.looked(program, ["fill", path]),
      queryFn: () => api.tryFill(program, { base: 1, ...path }),
      placeholderData: keepPreviousData,
      gcTime: 0,
      retry: false,
    }),
  lookAtEdits: (program: ProgramId, edits: Schemas["TrialRequest"]["edits"]) =>
    queryOptions({
      queryKey: keys.looked(program, ["edits", edits]),
      queryFn: () => api.tryEdits(program, edits),
      placeholderData: keepPreviousData,
      gcTime: 0,
      retry: false,
    }),
  outcome: (program: ProgramId) =>
    queryOptions({ queryKey: keys.outcome(program), queryFn: () => api.outcome(program) }),
  draft: (id: ClientId, wish: Schemas["DraftRequest"] | null, step: Step) =>
    queryOptions({
      queryKey: keys.draft(id, wish),
      queryFn: ({ signal }) =>
        api.draft(id, wish ?? { seed: 1, away: [], pins: {}, avoid: {} }, signal, step),
      enabled: wish !== null,
      placeholderData: keepPreviousData,
      retry: false,
    }),

  places: () => queryOptions({ queryKey: keys.places, queryFn: api.places }),
  pasted: (program: ProgramId, text: string) =>
    queryOptions({ queryKey: keys.pasted(program, text), queryFn: () => api.readPasted(program, text) }),
  pastedClients: (text: string, unit: Schemas["Unit"]) =>
    queryOptions({
      queryKey: keys.pastedClients(text, unit),
      queryFn: () => api.readPastedClients(text, unit),
      gcTime: 0,
    }),
  pastedSessions: (text: string, client: ClientId) =>
    queryOptions({
      queryKey: keys.pastedSessions(text, client),
      queryFn: () => api.readPastedSessions(text, client),
      gcTime: 0,
    }),
  usualKits: () => queryOptions({ queryKey: keys.usualKits, queryFn: api.usualKits, staleTime: Infinity }),
  equipment: (unit: Schemas["Unit"], text: string) =>
    queryOptions({
      queryKey: keys.equipment(unit, text),
      queryFn: () => api.readEquipment({ text, unit }),
      placeholderData: keepPreviousData,
      staleTime: Infinity,
    }),

  found: (q: string, client: ClientId | null, place: PlaceId | null, most?: number) =>
    queryOptions({
      queryKey: keys.found(q, client, place, most),
      queryFn: () => api.findExercises(q, client, place, most),
      placeholderData: keepPreviousData,
      staleTime: A_WHILE,
    }),
  exercise: (id: ExerciseId, client: ClientId | null) =>
    queryOptions({ queryKey: keys.exercise(id, client), queryFn: () => api.exercise(id, client) }),
  substitutes: (id: ExerciseId, client: ClientId | null, place: PlaceId | null) =>
    queryOptions({
      queryKey: keys.substitutes(id, client, place),
      queryFn: () => api.substitutes(id, client, place),
    }),
  ladders: () => queryOptions({ queryKey: keys.ladders, queryFn: api.ladders }),
  policies: () => queryOptions({ queryKey: keys.policies, queryFn: api.policies, staleTime: Infinity }),

  board: (program: ProgramId) =>
    queryOptions({ queryKey: keys.board(program), queryFn: () => api.board(program) }),
  history: (program: ProgramId) =>
    queryOptions({ queryKey: keys.history(program), queryFn: () => api.history(program) }),
  compare: (program: ProgramId, before: number, after: number) =>
    queryOptions({
      queryKey: keys.compare(program, before, after),
      queryFn: () => api.compare(program, before, after),
    }),
  asItWas: (program: ProgramId, number: number) =>
    queryOptions({
      queryKey: keys.asItWas(program, number),
      queryFn: () => api.asItWas(program, number),
      staleTime: Infinity,
    }),
  findings: (program: ProgramId, phase: string, revision: number) =>
    queryOptions({
      queryKey: keys.findings(program, phase, revision),
      queryFn: () => api.findings(program, phase),
      placeholderData: keepPreviousData,
      staleTime: 30_000,
    }),
  trial: (program: ProgramId, one: Schemas["Finding"]) =>
    queryOptions({
      queryKey: keys.trial(program, one.check, one.where, one.message),
      queryFn: () => api.tryEdits(program, one.fix?.edits ?? []),
    }),
  read: (program: ProgramId, exercise: ExerciseId, at: Cell, text: string) =>
    queryOptions({
      queryKey: keys.read(program, exercise, at, text),
      queryFn: () => api.readLine(program, { text, exercise, ...at }),
      placeholderData: keepPreviousData,
      staleTime: A_WHILE,
      // One a keystroke.
      gcTime: A_MOMENT,
    }),
  hints: (program: ProgramId, exercise: ExerciseId, at: Cell) =>
    queryOptions({
      queryKey: keys.hints(program, exercise, at),
      queryFn: () => api.hints(program, exercise, at),
      staleTime: A_WHILE,
    }),
  fit: (program: ProgramId, week: WeekId, day: DayId, terms: FitTerms, revision: number) =>
    queryOptions({
      queryKey: keys.fit(program, week, day, terms, revision),
      queryFn: () => api.fit(program, week, day, terms),
      placeholderData: keepPreviousData,
    }),
  ahead: (program: ProgramId, day: DayId, outlook: Schemas["Scenario"]) =>
    queryOptions({
      queryKey: keys.ahead(program, day, outlook),
      queryFn: () => api.ahead(program, day, outlook),
      placeholderData: keepPreviousData,
    }),
  calendar: (program: ProgramId) =>
    queryOptions({ queryKey: keys.calendar(program), queryFn: () => api.calendar(program) }),
  waysOut: (program: ProgramId, week: WeekId, day: DayId) =>
    queryOptions({
      queryKey: keys.waysOut(program, week, day),
      queryFn: () => api.waysOut(program, week, day),
    }),

  clocks: (program: ProgramId, week: WeekId, day: DayId) =>
    queryOptions({
      queryKey: keys.clocks(program, week, day),
      queryFn: () => api.clocks(program, week, day),
    }),
  preview: (program: ProgramId, week: WeekId, day: DayId, wanted: Wanted | null) =>
    queryOptions({
      queryKey: keys.preview(program, week, day, wanted),
      queryFn: () => api.preview(program, week, day, wanted as Wanted),
      enabled: wanted !== null,
      retry: 1,
    }),
  insteadOf: (
    shown: { session_id: SessionId; program_id: ProgramId; week_id: WeekId; day_id: DayId },
    line: { line: LineId; exercise_id: ExerciseId },
    pain: Schemas["Joint"] | null,
    side: Schemas["Side"] | null,
  ) =>
    queryOptions({
      queryKey: keys.instead(shown.session_id, line.line, line.exercise_id, pain, side),
      queryFn: () => api.insteadOf(shown.program_id, shown.week_id, shown.day_id, line.line, pain, side),
      retry: 1,
    }),
  onTheBar: (
    shown: { session_id: SessionId; program_id: ProgramId; week_id: WeekId; day_id: DayId },
    load: Schemas["Load"] | null,
    set: number,
  ) =>
    queryOptions({
      queryKey: keys.onTheBar(shown.session_id, `${load?.value} ${load?.unit}`, `${set}`),
      queryFn: () => api.onTheBar(shown.program_id, shown.week_id, shown.day_id, load as Schemas["Load"]),
      staleTime: Infinity,
      retry: false,
    }),

  summary: (session: SessionId) =>
    queryOptions({ queryKey: keys.summary(session), queryFn: () => api.summary(session) }),
  review: (session: SessionId) =>
    queryOptions({ queryKey: keys.review(session), queryFn: () => api.review(session) }),

  batteries: () => queryOptions({ queryKey: keys.batteries, queryFn: api.batteries }),
  round: (id: string) => queryOptions({ queryKey: keys.round(id), queryFn: () => api.round(id) }),
  sideBySide: (client: ClientId, earlier: string | null, later: string | null) =>
    queryOptions({
      queryKey: keys.sideBySide(client, earlier, later),
      queryFn: () => api.sideBySide(client, earlier, later),
    }),
};
