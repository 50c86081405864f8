// The names under which answers are kept.
export const keys = {
  today: ["today"] as const,
  clients: ["clients"] as const,
  client: (id: string) => ["clients", id] as const,
  board: (program: string) => ["board", program] as const,
  history: (program: string) => ["history", program] as const,
  floor: (program: string, week: string, day: string) => ["floor", program, week, day] as const,
  review: (session: string) => ["review", session] as const,
  progress: (client: string, exercise: string | null) => ["progress", client, exercise] as const,
  exercises: ["exercises"] as const,
};
