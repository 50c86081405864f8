// All that is asked of the server, by name and typed.
import type { ClientId, DayId, ExerciseId, LineId, PlaceId, ProgramId, SessionId, WeekId } from "./ids";
import { http, stepByStep, told, unreached, type Schemas, type Step } from "./asking";

export {
  http,
  onAsking,
  onUnauthorized,
  Problem,
  signInFirst,
  told,
  type Schemas,
  type Step,
} from "./asking";

/** On which terms a session is fitted into its time. */
export interface FitTerms {
  minutes: number;
  all_weeks: boolean;
  without: Schemas["TimeLever"][];
}

export const api = {
  today: () => told(http.GET("/api/today")),
  clients: () => told(http.GET("/api/clients")),
  client: (client_id: ClientId) =>
    told(http.GET("/api/clients/{client_id}", { params: { path: { client_id } } })),
  addClient: (body: Schemas["ClientRequest"]) => told(http.POST("/api/clients", { body })),
  changeClient: (client_id: ClientId, body: Schemas["ClientChangeRequest"]) =>
    told(http.PATCH("/api/clients/{client_id}", { params: { path: { client_id } }, body })),
  eraseClient: (client_id: ClientId, name: string) =>
    told(http.POST("/api/clients/{client_id}/erase", { params: { path: { client_id } }, body: { name } })),
  setPlaces: (client_id: ClientId, places: PlaceId[]) =>
    told(http.PUT("/api/clients/{client_id}/places", { params: { path: { client_id } }, body: { places } })),
  energy: (client_id: ClientId, aim: Schemas["EnergyAim"]) =>
    told(http.GET("/api/clients/{client_id}/energy", { params: { path: { client_id }, query: { aim } } })),
  report: (client_id: ClientId, start: string, until: string) =>
    told(
      http.GET("/api/clients/{client_id}/report", {
        params: { path: { client_id }, query: { start, until } },
      }),
    ),
  writeReport: (client_id: ClientId, body: Schemas["ReportRequest"]): Promise<Blob> =>
    told(
      http.POST("/api/clients/{client_id}/report", {
        params: { path: { client_id } },
        body,
        parseAs: "blob",
      }),
    ) as Promise<Blob>,
  backups: () => told(http.GET("/api/backups")),
  calendarFeed: () => told(http.GET("/api/calendar-feed")),
  home: (client_id: ClientId) =>
    told(http.GET("/api/clients/{client_id}/home", { params: { path: { client_id } } })),
  makeHomeSheet: (client_id: ClientId, body: Schemas["SheetRequest"]) =>
    told(http.POST("/api/clients/{client_id}/home-sheets", { params: { path: { client_id } }, body })),
  sendCode: (sheet_id: string) =>
    told(http.POST("/api/home-sheets/{sheet_id}/code", { params: { path: { sheet_id } } })),
  lookAtHomeResult: (text: string, client_id: ClientId) =>
    told(http.POST("/api/home-results/look", { body: { text, client_id } })),
  takeHomeResult: (text: string, client_id: ClientId) =>
    told(http.POST("/api/home-results", { body: { text, client_id } })),
  homeResult: (result_id: string) =>
    told(http.GET("/api/home-results/{result_id}", { params: { path: { result_id } } })),
  takeKeptResult: (result_id: string) =>
    told(http.POST("/api/home-results/{result_id}/take", { params: { path: { result_id } } })),
  setResultAside: (result_id: string) =>
    told(http.POST("/api/home-results/{result_id}/set-aside", { params: { path: { result_id } } })),
  hadAWord: (result_id: string) =>
    told(http.POST("/api/home-results/{result_id}/word", { params: { path: { result_id } } })),
  places: () => told(http.GET("/api/places")),
  readPasted: (program_id: ProgramId, text: string) =>
    told(
      http.POST("/api/programs/{program_id}/pasted/read", {
        params: { path: { program_id } },
        body: { text },
      }),
    ),
  readPastedClients: (text: string, unit: Schemas["Unit"]) =>
    told(http.POST("/api/bringing/clients/read", { body: { text, unit } })),
  readPastedSessions: (text: string, client: ClientId) =>
    told(http.POST("/api/bringing/sessions/read", { body: { text, client } })),
  keepPicture: (exercise_id: ExerciseId, content: string) =>
    told(
      http.PUT("/api/exercises/{exercise_id}/picture", {
        params: { path: { exercise_id } },
        body: { content },
      }),
    ),
  dropPicture: (exercise_id: ExerciseId) =>
    told(http.DELETE("/api/exercises/{exercise_id}/picture", { params: { path: { exercise_id } } })),
  usualKits: () => told(http.GET("/api/usual-kits")),
  addPlace: (body: Schemas["PlaceRequest"]) => told(http.POST("/api/places", { body })),
  changePlace: (place_id: PlaceId, body: Schemas["PlaceRequest"]) =>
    told(http.PUT("/api/places/{place_id}", { params: { path: { place_id } }, body })),
  readEquipment: (body: Schemas["EquipmentRequest"]) => told(http.POST("/api/equipment/read", { body })),
  warningSigns: () => told(http.GET("/api/warning-signs")),
  addEntry: (client_id: ClientId, body: Schemas["EntryRequest"]) =>
    told(http.POST("/api/clients/{client_id}/history", { params: { path: { client_id } }, body })),
  withdrawEntry: (client_id: ClientId, entry_id: string) =>
    told(
      http.DELETE("/api/clients/{client_id}/history/{entry_id}", {
        params: { path: { client_id, entry_id } },
      }),
    ),
  restoreEntry: (client_id: ClientId, entry_id: string) =>
    told(
      http.PUT("/api/clients/{client_id}/history/{entry_id}", {
        params: { path: { client_id, entry_id } },
      }),
    ),
  addScreen: (client_id: ClientId, body: Schemas["ScreenRequest"]) =>
    told(http.POST("/api/clients/{client_id}/screens", { params: { path: { client_id } }, body })),
  addClearance: (client_id: ClientId, body: Schemas["ClearanceRequest"]) =>
    told(http.POST("/api/clients/{client_id}/clearances", { params: { path: { client_id } }, body })),
  addCycleReport: (client_id: ClientId, body: Schemas["CycleReportRequest"]) =>
    told(http.POST("/api/clients/{client_id}/cycle-reports", { params: { path: { client_id } }, body })),
  batteries: () => told(http.GET("/api/batteries")),
  addBattery: (body: Schemas["BatteryRequest"]) => told(http.POST("/api/batteries", { body })),
  changeBattery: (battery_id: string, body: Schemas["BatteryRequest"]) =>
    told(http.PUT("/api/batteries/{battery_id}", { params: { path: { battery_id } }, body })),
  removeBattery: (battery_id: string) =>
    told(http.DELETE("/api/batteries/{battery_id}", { params: { path: { battery_id } } })),
  addTest: (body: Schemas["TestRequest"]) => told(http.POST("/api/tests", { body })),
  startRound: (client_id: ClientId, round_id: string, body: Schemas["RoundRequest"]) =>
    told(
      http.PUT("/api/clients/{client_id}/rounds/{round_id}", {
        params: { path: { client_id, round_id } },
        body,
      }),
    ),
  round: (round_id: string) => told(http.GET("/api/rounds/{round_id}", { params: { path: { round_id } } })),
  keepResult: (client_id: ClientId, body: Schemas["ResultRequest"]) =>
    told(http.POST("/api/clients/{client_id}/results", { params: { path: { client_id } }, body })),
  sideBySide: (client_id: ClientId, earlier: string | null, later: string | null) =>
    told(
      http.GET("/api/clients/{client_id}/side-by-side", {
        params: { path: { client_id }, query: { earlier, later } },
      }),
    ),
  startProgram: (client_id: ClientId, body: Schemas["ProgramRequest"]) =>
    told(http.POST("/api/clients/{client_id}/program", { params: { path: { client_id } }, body })),
  progress: (client_id: ClientId, exercise: ExerciseId | null, whole = false) =>
    told(
      http.GET("/api/clients/{client_id}/progress", {
        params: { path: { client_id }, query: exercise ? { exercise, whole } : {} },
      }),
    ),
  sessionDetail: (client_id: ClientId, exercise: ExerciseId, session_id: SessionId) =>
    told(
      http.GET("/api/clients/{client_id}/progress/{session_id}", {
        params: { path: { client_id, session_id }, query: { exercise } },
      }),
    ),
  board: (program_id: ProgramId) =>
    told(http.GET("/api/programs/{program_id}", { params: { path: { program_id } } })),
  saveEdits: (
    program_id: ProgramId,
    { look = [], ...edits }: Omit<Schemas["EditsRequest"], "look"> & { look?: string[] },
  ) =>
    told(
      http.POST("/api/programs/{program_id}/revisions", {
        params: { path: { program_id } },
        body: { ...edits, look },
      }),
    ),
  history: (program_id: ProgramId) =>
    told(http.GET("/api/programs/{program_id}/revisions", { params: { path: { program_id } } })),
  undo: (program_id: ProgramId, base: number) =>
    told(http.POST("/api/programs/{program_id}/undo", { params: { path: { program_id } }, body: { base } })),
  redo: (program_id: ProgramId, base: number) =>
    told(http.POST("/api/programs/{program_id}/redo", { params: { path: { program_id } }, body: { base } })),
  readLine: (program_id: ProgramId, body: Schemas["ReadingRequest"]) =>
    told(http.POST("/api/programs/{program_id}/read", { params: { path: { program_id } }, body })),
  findings: (program_id: ProgramId, phase_id: string) =>
    told(
      http.GET("/api/programs/{program_id}/phases/{phase_id}/findings", {
        params: { path: { program_id, phase_id } },
      }),
    ),
  tryEdits: (program_id: ProgramId, edits: Schemas["TrialRequest"]["edits"]) =>
    told(http.POST("/api/programs/{program_id}/try", { params: { path: { program_id } }, body: { edits } })),
  hints: (program_id: ProgramId, exercise: ExerciseId, at: { line: LineId; week: WeekId }) =>
    told(
      http.GET("/api/programs/{program_id}/hints", {
        params: { path: { program_id }, query: { exercise, ...at } },
      }),
    ),
  fill: (program_id: ProgramId, body: Schemas["PathRequest"]) =>
    told(http.POST("/api/programs/{program_id}/fill", { params: { path: { program_id } }, body })),
  fit: (program_id: ProgramId, week_id: WeekId, day_id: DayId, terms: FitTerms) =>
    told(
      http.GET("/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/fit", {
        params: { path: { program_id, week_id, day_id }, query: terms },
      }),
    ),
  overview: (client_id: ClientId) =>
    told(http.GET("/api/clients/{client_id}/overview", { params: { path: { client_id } } })),
  ahead: (program_id: ProgramId, day: DayId, outlook: Schemas["Scenario"]) =>
    told(
      http.GET("/api/programs/{program_id}/ahead", {
        params: { path: { program_id }, query: { day, outlook } },
      }),
    ),
  calendar: (program_id: ProgramId) =>
    told(http.GET("/api/programs/{program_id}/calendar", { params: { path: { program_id } } })),
  waysOut: (program_id: ProgramId, week_id: WeekId, day_id: DayId) =>
    told(
      http.GET("/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/ways-out", {
        params: { path: { program_id, week_id, day_id } },
      }),
    ),
  addTemplatePhase: (program_id: ProgramId, body: Schemas["SourcePhaseRequest"]) =>
    told(http.POST("/api/programs/{program_id}/phases", { params: { path: { program_id } }, body })),
  addTemplateDay: (program_id: ProgramId, body: Schemas["SourceDayRequest"]) =>
    told(http.POST("/api/programs/{program_id}/days", { params: { path: { program_id } }, body })),
  tryDecisions: (session_id: SessionId, decisions: Schemas["DecisionRequest"][]) =>
    told(
      http.POST("/api/sessions/{session_id}/decisions/try", {
        params: { path: { session_id } },
        body: { decisions },
      }),
    ),
  tryPhase: (program_id: ProgramId, body: Schemas["SourceRequest"]) =>
    told(http.POST("/api/programs/{program_id}/phases/try", { params: { path: { program_id } }, body })),
  tryDay: (program_id: ProgramId, body: Schemas["SourceDayRequest"]) =>
    told(http.POST("/api/programs/{program_id}/days/try", { params: { path: { program_id } }, body })),
  replaceAll: (program_id: ProgramId, body: Schemas["ReplaceRequest"]) =>
    told(http.POST("/api/programs/{program_id}/replace", { params: { path: { program_id } }, body })),
  tryReplace: (program_id: ProgramId, body: Schemas["ReplaceRequest"]) =>
    told(http.POST("/api/programs/{program_id}/replace/try", { params: { path: { program_id } }, body })),
  tryFill: (program_id: ProgramId, body: Schemas["PathRequest"]) =>
    told(http.POST("/api/programs/{program_id}/fill/try", { params: { path: { program_id } }, body })),
  programs: (client_id: ClientId) =>
    told(http.GET("/api/clients/{client_id}/programs", { params: { path: { client_id } } })),
  lookAtSource: (client_id: ClientId, body: Schemas["SourceRequest"]) =>
    told(http.POST("/api/clients/{client_id}/program/look", { params: { path: { client_id } }, body })),
  lookAtFile: (client_id: ClientId, content: string) =>
    told(
      http.POST("/api/clients/{client_id}/program/from-file/look", {
        params: { path: { client_id } },
        body: { content },
      }),
    ),
  startFromFile: (client_id: ClientId, body: Schemas["ProgramFileRequest"]) =>
    told(http.POST("/api/clients/{client_id}/program/from-file", { params: { path: { client_id } }, body })),
  carryOn: (client_id: ClientId, body: Schemas["CarryOnRequest"]) =>
    told(http.POST("/api/clients/{client_id}/program/carried-on", { params: { path: { client_id } }, body })),
  outcome: (program_id: ProgramId) =>
    told(http.GET("/api/programs/{program_id}/outcome", { params: { path: { program_id } } })),
  endProgram: (program_id: ProgramId, on: string | null) =>
    told(http.PUT("/api/programs/{program_id}/ended", { params: { path: { program_id } }, body: { on } })),
  keepTemplate: (body: Schemas["OwnTemplateRequest"]) => told(http.POST("/api/templates", { body })),
  removeTemplate: (template_id: string, removed: boolean) =>
    told(
      http.PUT("/api/templates/{template_id}/removed", {
        params: { path: { template_id } },
        body: { removed },
      }),
    ),
  compare: (program_id: ProgramId, before: number, after: number) =>
    told(
      http.GET("/api/programs/{program_id}/compare", {
        params: { path: { program_id }, query: { before, after } },
      }),
    ),
  asItWas: (program_id: ProgramId, number: number) =>
    told(
      http.GET("/api/programs/{program_id}/revisions/{number}", {
        params: { path: { program_id, number } },
      }),
    ),
  restore: (program_id: ProgramId, base: number, number: number) =>
    told(
      http.POST("/api/programs/{program_id}/restore", {
        params: { path: { program_id } },
        body: { base, number },
      }),
    ),
  templates: (client_id: ClientId) =>
    told(http.GET("/api/clients/{client_id}/templates", { params: { path: { client_id } } })),
  startFromTemplate: (client_id: ClientId, body: Schemas["FromSourceRequest"]) =>
    told(
      http.POST("/api/clients/{client_id}/program/from-template", {
        params: { path: { client_id } },
        body,
      }),
    ),
  draft: async (client_id: ClientId, body: Schemas["DraftRequest"], signal: AbortSignal, step: Step) => {
    const path = `/api/clients/${encodeURIComponent(client_id)}/draft`;
    const { draft } = await stepByStep<Schemas["DraftStep"]>(path, body, signal, step);
    if (!draft) throw unreached();
    return draft;
  },
  startFromDraft: (client_id: ClientId, body: Schemas["DraftRequest"]) =>
    told(http.POST("/api/clients/{client_id}/program/from-draft", { params: { path: { client_id } }, body })),
  noteExercise: (client_id: ClientId, exercise_id: ExerciseId, body: Schemas["ExerciseNoteRequest"]) =>
    told(
      http.POST("/api/clients/{client_id}/exercises/{exercise_id}/note", {
        params: { path: { client_id, exercise_id } },
        body,
      }),
    ),
  floor: (program_id: ProgramId, week_id: WeekId, day_id: DayId) =>
    told(
      http.GET("/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/floor", {
        params: { path: { program_id, week_id, day_id } },
      }),
    ),
  preview: (
    program_id: ProgramId,
    week_id: WeekId,
    day_id: DayId,
    body: Schemas["ChangeRequest"]["wanted"],
  ) =>
    told(
      http.POST("/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/floor/preview", {
        params: { path: { program_id, week_id, day_id } },
        body,
      }),
    ),
  clocks: (program_id: ProgramId, week_id: WeekId, day_id: DayId) =>
    told(
      http.GET("/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/floor/clocks", {
        params: { path: { program_id, week_id, day_id } },
      }),
    ),
  insteadOf: (
    program_id: ProgramId,
    week_id: WeekId,
    day_id: DayId,
    line_id: LineId,
    pain: Schemas["Joint"] | null,
    side: Schemas["Side"] | null,
  ) =>
    told(
      http.GET("/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/floor/lines/{line_id}/instead", {
        params: { path: { program_id, week_id, day_id, line_id }, query: { pain, side } },
      }),
    ),
  onTheBar: (program_id: ProgramId, week_id: WeekId, day_id: DayId, load: Schemas["Load"]) =>
    told(
      http.GET("/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/floor/bar", {
        params: {
          path: { program_id, week_id, day_id },
          query: { load: load.value, unit: load.unit },
        },
      }),
    ),
  summary: (session_id: SessionId) =>
    told(http.GET("/api/sessions/{session_id}/summary", { params: { path: { session_id } } })),
  settings: () => told(http.GET("/api/settings")),
  keepSettings: (body: Schemas["SettingsRequest"]) => told(http.PUT("/api/settings", { body })),
  logAfterwards: (session_id: SessionId, body: Schemas["AfterwardsRequest"]) =>
    told(http.POST("/api/sessions/{session_id}/afterwards", { params: { path: { session_id } }, body })),
  review: (session_id: SessionId) =>
    told(http.GET("/api/sessions/{session_id}/review", { params: { path: { session_id } } })),
  decide: (session_id: SessionId, decisions: Schemas["DecisionRequest"][]) =>
    told(
      http.POST("/api/sessions/{session_id}/decisions", {
        params: { path: { session_id } },
        body: { decisions },
      }),
    ),
  makeEasier: (session_id: SessionId) =>
    told(http.POST("/api/sessions/{session_id}/easier-week", { params: { path: { session_id } } })),
  addNextWeek: (session_id: SessionId, week_id: WeekId) =>
    told(
      http.POST("/api/sessions/{session_id}/next-week", {
        params: { path: { session_id } },
        body: { week_id },
      }),
    ),
  findExercises: (q: string, client: ClientId | null, place: PlaceId | null, limit = 40) =>
    told(http.GET("/api/exercises", { params: { query: { q, client, place, limit } } })),
  exercise: (exercise_id: ExerciseId, client: ClientId | null) =>
    told(http.GET("/api/exercises/{exercise_id}", { params: { path: { exercise_id }, query: { client } } })),
  substitutes: (exercise_id: ExerciseId, client: ClientId | null, place: PlaceId | null) =>
    told(
      http.GET("/api/exercises/{exercise_id}/substitutes", {
        params: { path: { exercise_id }, query: { client, place } },
      }),
    ),
  policies: () => told(http.GET("/api/policies")),
  ladders: () => told(http.GET("/api/ladders")),
  addExercise: (body: Schemas["ExerciseRequest"]) => told(http.POST("/api/exercises", { body })),
  addExerciseLike: (name: string, like: ExerciseId) =>
    told(http.POST("/api/exercises/like", { body: { name, like } })),
  changeExercise: (exercise_id: ExerciseId, body: Schemas["ExerciseRequest"]) =>
    told(http.PUT("/api/exercises/{exercise_id}", { params: { path: { exercise_id } }, body })),
  removeExercise: (exercise_id: ExerciseId) =>
    told(http.DELETE("/api/exercises/{exercise_id}", { params: { path: { exercise_id } } })),
};
