// The names under which answers are kept.
export const keys = {
  today: ["today"] as const,
  clients: ["clients"] as const,
  client: (id: string) => ["clients", id] as const,
  board: (program: string) => ["board", program] as const,
  history: (program: string) => ["history", program] as const,
  findings: (program: string, phase: string, revision: number) =>
    ["findings", program, phase, revision] as const,
  hints: (program: string, exercise: string, at: { line: string; week: string }) =>
    ["hints", program, exercise, at.line, at.week] as const,
  fit: (program: string, week: string, day: string, minutes: number, revision: number) =>
    ["fit", program, week, day, minutes, revision] as const,
  ahead: (program: string, day: string) => ["ahead", program, day] as const,
  calendar: (program: string) => ["calendar", program] as const,
  waysOut: (program: string, week: string, day: string) => ["ways-out", program, week, day] as const,
  asItWas: (program: string, number: number) => ["as-it-was", program, number] as const,
  compare: (program: string, before: number, after: number) => ["compare", program, before, after] as const,
  templates: (client: string) => ["templates", client] as const,
  draft: (client: string, wish: unknown) => ["draft", client, wish] as const,
  floor: (program: string, week: string, day: string) => ["floor", program, week, day] as const,
  clocks: (program: string, week: string, day: string) => ["clocks", program, week, day] as const,
  preview: (program: string, week: string, day: string, wanted: unknown) =>
    ["preview", program, week, day, wanted] as const,
  instead: (session: string, line: string, pain: string | null, side: string | null) =>
    ["instead", session, line, pain, side] as const,
  onTheBar: (session: string, load: string, set: string) => ["bar", session, load, set] as const,
  summary: (session: string) => ["summary", session] as const,
  settings: ["settings"] as const,
  review: (session: string) => ["review", session] as const,
  overview: (client: string) => ["overview", client] as const,
  progress: (client: string, exercise: string | null) => ["progress", client, exercise] as const,
  found: (q: string, client: string | null, place: string | null) =>
    ["exercises", "found", q, client, place] as const,
  exercise: (id: string, client: string | null) => ["exercises", "one", id, client] as const,
  substitutes: (id: string, client: string | null, place: string | null) =>
    ["exercises", "instead", id, client, place] as const,
  ladders: ["ladders"] as const,
  policies: ["policies"] as const,
  places: ["places"] as const,
  batteries: ["batteries"] as const,
  round: (id: string) => ["rounds", id] as const,
  sideBySide: (client: string, earlier: string | null, later: string | null) =>
    ["side-by-side", client, earlier, later] as const,
  warningSigns: ["warning-signs"] as const,
};
