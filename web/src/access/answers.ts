// Answers of the server that a session reads beside itself, kept sealed for whoever is signed in, so that a reload while the
// server is away still has them. Where nobody signs in the service worker keeps them.
import { openDB, type DBSchema } from "idb";
import { asked } from "../api/early";
import type { Vault } from "./vault";

interface Shape extends DBSchema {
  answers: { key: string; value: { kept: unknown; at: number } };
}

const KEPT = /\/api\/(settings|today|warning-signs|programs\/.*\/floor\/clocks)$/;

const database = () =>
  openDB<Shape>("upright-anvil-answers", 1, { upgrade: (db) => void db.createObjectStore("answers") });

/** Asks the network; what is kept answers where nobody can be reached. */
export async function askedOrKept(request: Request, vault: Vault): Promise<Response> {
  const path = new URL(request.url).pathname;
  if (!vault.whose || request.method !== "GET" || !KEPT.test(path)) return asked(request);
  const name = `${vault.whose} ${path}`;
  try {
    const answer = await asked(request);
    if (answer.ok) await keep(name, await vault.seal(await answer.clone().text()));
    return answer;
  } catch (away) {
    const open = await database();
    const text = await vault.open((await open.get("answers", name))?.kept);
    open.close();
    if (typeof text !== "string") throw away;
    return new Response(text, { headers: { "Content-Type": "application/json" } });
  }
}

async function keep(name: string, kept: unknown): Promise<void> {
  const open = await database();
  await open.put("answers", { kept, at: Date.now() }, name);
  open.close();
}

/** Forgets the answers kept for somebody, for everybody, or those older than some days. */
export async function forgetAnswers(whose?: string, days?: number): Promise<void> {
  const open = await database();
  const before = days === undefined ? Infinity : Date.now() - days * 86_400_000;
  for (const name of await open.getAllKeys("answers")) {
    const kept = await open.get("answers", name);
    const theirs = whose === undefined || name.startsWith(`${whose} `);
    if (theirs && kept && kept.at < before) await open.delete("answers", name);
  }
  open.close();
}
