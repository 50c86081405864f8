// The typed way to the server: every call answers its data or throws a Problem with a sentence to show.
import createClient from "openapi-fetch";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];

const http = createClient<paths>({ baseUrl: "/" });

export interface Difference {
  where: string;
  before: string;
  after: string;
}

interface ProblemMembers {
  detail?: string;
  differences?: Difference[];
  current?: number;
  fields?: { field: string; expected: string }[];
}

export class Problem extends Error {
  constructor(
    readonly status: number,
    detail: string,
    readonly more: ProblemMembers = {},
  ) {
    super(detail);
  }
}

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

async function told<T>(call: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await call;
  } catch {
    throw new Problem(
      0,
      "The server cannot be reached. What you typed is still here; try again in a moment.",
    );
  }
  if (answer.response.ok) return answer.data as T;
  const body = (answer.error ?? {}) as ProblemMembers;
  throw new Problem(
    answer.response.status,
    body.detail ?? "The server answered in a way nobody expected.",
    body,
  );
}

export const api = {
  today: () => told(http.GET("/api/today")),
  clients: () => told(http.GET("/api/clients")),
  client: (client_id: string) =>
    told(http.GET("/api/clients/{client_id}", { params: { path: { client_id } } })),
  addClient: (body: Schemas["AskedClient"]) => told(http.POST("/api/clients", { body })),
  changeClient: (client_id: string, body: Schemas["AskedClient"]) =>
    told(http.PUT("/api/clients/{client_id}", { params: { path: { client_id } }, body })),
  readEquipment: (body: Schemas["AskedEquipment"]) => told(http.POST("/api/equipment/read", { body })),
  startProgram: (client_id: string, body: Schemas["AskedProgram"]) =>
    told(http.POST("/api/clients/{client_id}/program", { params: { path: { client_id } }, body })),
  progress: (client_id: string, exercise: string | null) =>
    told(
      http.GET("/api/clients/{client_id}/progress", {
        params: { path: { client_id }, query: exercise ? { exercise } : {} },
      }),
    ),
  board: (program_id: string) =>
    told(http.GET("/api/programs/{program_id}", { params: { path: { program_id } } })),
  saveEdits: (program_id: string, body: Schemas["AskedEdits"]) =>
    told(http.POST("/api/programs/{program_id}/revisions", { params: { path: { program_id } }, body })),
  history: (program_id: string) =>
    told(http.GET("/api/programs/{program_id}/revisions", { params: { path: { program_id } } })),
  undo: (program_id: string, base: number) =>
    told(http.POST("/api/programs/{program_id}/undo", { params: { path: { program_id } }, body: { base } })),
  redo: (program_id: string, base: number) =>
    told(http.POST("/api/programs/{program_id}/redo", { params: { path: { program_id } }, body: { base } })),
  readLine: (program_id: string, body: Schemas["AskedReading"]) =>
    told(http.POST("/api/programs/{program_id}/read", { params: { path: { program_id } }, body })),
  floor: (program_id: string, week_id: string, day_id: string) =>
    told(
      http.GET("/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/floor", {
        params: { path: { program_id, week_id, day_id } },
      }),
    ),
  review: (session_id: string) =>
    told(http.GET("/api/sessions/{session_id}/review", { params: { path: { session_id } } })),
  decide: (session_id: string, decisions: Schemas["AskedDecision"][]) =>
    told(
      http.POST("/api/sessions/{session_id}/decisions", {
        params: { path: { session_id } },
        body: { decisions },
      }),
    ),
  addNextWeek: (session_id: string, week_id: string) =>
    told(
      http.POST("/api/sessions/{session_id}/next-week", {
        params: { path: { session_id } },
        body: { week_id },
      }),
    ),
  exercises: () => told(http.GET("/api/exercises")),
  addExercise: (body: Schemas["AskedExercise"]) => told(http.POST("/api/exercises", { body })),
  removeExercise: (exercise_id: string) =>
    told(http.DELETE("/api/exercises/{exercise_id}", { params: { path: { exercise_id } } })),
};
