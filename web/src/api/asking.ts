// How the server is asked: every call answers its data or throws a Problem with a sentence to show.
import { t } from "../ui/words";
import createClient from "openapi-fetch";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];

/** Asks the network; where somebody signs in, what they read last answers while it is away. */
let ask: (request: Request) => Promise<Response> = (request) => fetch(request);
export const onAsking = (how: typeof ask): void => {
  ask = how;
};

let unauthorized = (): void => undefined;
/** Told when the server says that somebody has to sign in. */
export const onUnauthorized = (listener: () => void): void => {
  unauthorized = listener;
};

/** Says that the server answered 401, for who asks it past this file. */
export const signInFirst = (): void => unauthorized();

export const http = createClient<paths>({ baseUrl: "/", fetch: (request) => ask(request) });

type ProblemMembers = Partial<Schemas["ProblemDocument"]>;

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

export async function told<T>(call: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await call;
  } catch {
    throw unreached();
  }
  if (answer.response.ok) return answer.data as T;
  throw refusal(answer.response.status, answer.error);
}

export const unreached = () =>
  new Problem(0, t("The server cannot be reached. What you typed is still here; try again in a moment."));

function refusal(status: number, error: unknown): Problem {
  const body = (error ?? {}) as ProblemMembers;
  if (status === 401) unauthorized();
  return new Problem(status, body.detail ?? t("The server answered in a way nobody expected."), body);
}

/** Takes what is being done, and the share that is done. */
export type Step = (doing: string, share: number) => void;

/** Reads an answer that comes line by line: what is being done, last the answer itself. */
export async function stepByStep<S extends { doing: string; share: number; refused: string }>(
  path: string,
  body: unknown,
  signal: AbortSignal,
  step: Step,
): Promise<S> {
  const file = body instanceof Blob;
  const asked = {
    method: "POST",
    headers: { "Content-Type": file ? "application/zip" : "application/json" },
    body: file ? body : JSON.stringify(body),
    signal,
  };
  const answer = await fetch(path, asked).catch((error: unknown) => {
    if (signal.aborted) throw error;
    throw unreached();
  });
  if (!answer.ok || !answer.body) throw refusal(answer.status, await answer.json().catch(() => null));
  const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader();
  let text = "";
  let last: S | undefined;
  for (let part = await reader.read(); !part.done; part = await reader.read()) {
    text += part.value;
    const lines = text.split("\n");
    text = lines.pop() ?? "";
    for (const line of lines) {
      last = JSON.parse(line) as S;
      if (last.refused) throw new Problem(422, last.refused);
      step(last.doing, last.share);
    }
  }
  if (!last) throw unreached();
  return last;
}

/** Sends a file as it is. */
export async function sendFile<T>(path: string, file: File): Promise<T> {
  const asked = { method: "POST", headers: { "Content-Type": "application/zip" }, body: file };
  const answer = await fetch(path, asked).catch(() => {
    throw unreached();
  });
  const said: unknown = await answer.json().catch(() => null);
  if (!answer.ok) throw refusal(answer.status, said);
  return said as T;
}
