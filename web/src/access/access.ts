// Who is signed in, as this browser knows it: asked of the server, and remembered while it is away.
import { useSyncExternalStore } from "react";
import { onAsking, onUnauthorized, type Schemas } from "../api/client";
import { asked } from "../api/early";
import { signInApi } from "../api/signIn";
import { forgetStoredAnswers } from "../app/storedAnswers";
import { forgetViews } from "../outbox/database";
import { askedOrKept, forgetAnswers } from "./answers";
import { allWritten, forgetKept, keptNames, keptText, openKept } from "./kept";
import { dropKey, keepKey, keptKey } from "./keys";
import { importKey, PLAIN, sealedVault, type Vault } from "./vault";

export type State = Schemas["SignInState"];

/** `in`: the views may be shown. `out`: somebody has to sign in. `away`: nobody can say. */
type Phase = "asking" | "in" | "out" | "away";

interface Known {
  phase: Phase;
  state: State | null;
  /** The signing in ended while a clock runs: nothing is covered before it is done. */
  ending: boolean;
}

/** Set once a browser knows that nobody signs in: then the views need not wait for the server to say it again. */
const OPEN = "nobody signs in";
/** Set once somebody has to sign in here. */
const SIGNED = "people sign in";
const LOOK_AGAIN = 5000;
const COMING_IN = "/api/sign-in";

let known: Known = { phase: "asking", state: null, ending: false };
const listeners = new Set<() => void>();
let opened: (vault: Vault) => void = () => undefined;
let whose: string | null = null;

/** The vault, once it is known whose it is. */
export const vault: Promise<Vault> = new Promise((resolve) => {
  opened = resolve;
});

function tell(change: Partial<Known>): void {
  known = { ...known, ...change };
  for (const listener of listeners) listener();
}

export const useAccess = (): Known =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => known,
  );

/** What somebody may; all where nobody signs in or nothing is known. */
export const useMay = (what: "log" | "plan" | "run"): boolean => {
  const { state } = useAccess();
  return state?.me ? state.me.may.includes(what) : true;
};

async function letIn(person: string, key: CryptoKey | null): Promise<void> {
  if (whose !== null && whose !== person) {
    // Nothing of one person's page is left for another.
    if (whose === "") window.location.reload();
    else window.location.assign("/");
    return new Promise(() => undefined);
  }
  if (whose === null) {
    whose = person;
    const made = key ? sealedVault(person, key) : PLAIN;
    if (key) await openKept(made);
    opened(made);
  }
  tell({ phase: "in" });
}

/** Finds out who is signed in; the views are shown before the server has said it where that is known. */
export async function begin(): Promise<void> {
  onUnauthorized(() => void refused());
  // Who is signed in is asked before it is known whose answers are kept.
  onAsking(async (request) =>
    new URL(request.url).pathname.startsWith(COMING_IN) ? asked(request) : askedOrKept(request, await vault),
  );
  if (window.localStorage.getItem(OPEN)) await letIn("", null);
  else {
    const kept = await keptKey().catch(() => undefined);
    if (kept) await letIn(kept.whose, kept.key);
  }
  await askAgain();
}

/** Asks the server who is signed in. */
export async function askAgain(): Promise<void> {
  try {
    await take(await signInApi.state());
  } catch {
    if (known.phase === "in") return;
    // A browser in which nobody ever signed in holds nothing that is sealed: a killed one may have forgotten even that.
    if (window.localStorage.getItem(SIGNED)) tell({ phase: "away" });
    else await letIn("", null);
  }
}

/** Takes what the server says of who is signed in. */
export async function take(state: State): Promise<void> {
  if (!state.demanded) {
    window.localStorage.setItem(OPEN, "yes");
    tell({ state });
    await letIn("", null);
    return;
  }
  window.localStorage.removeItem(OPEN);
  window.localStorage.setItem(SIGNED, "yes");
  void forgetStoredAnswers();
  if (state.me && state.storage_key) {
    const key = await importKey(state.storage_key);
    await keepKey(state.me.id, key);
    await Promise.all([
      forgetAnswers(undefined, state.rules.kept_days),
      forgetViews(undefined, state.rules.kept_days),
    ]);
    tell({ state });
    await letIn(state.me.id, key);
    return;
  }
  await dropKey();
  // A browser the server does not know any more was revoked: what it keeps can be opened by nobody.
  if (!state.device) await forgetAll();
  tell({ state });
  if (known.phase !== "in") tell({ phase: "out" });
  else if (isClockRunning()) tell({ ending: true });
  else await again();
}

async function forgetAll(): Promise<void> {
  forgetKept();
  await Promise.all([forgetAnswers(), forgetViews()]);
}

/** The page anew at the same address: nothing of what it held stays in memory. */
export async function again(): Promise<void> {
  await allWritten();
  window.location.reload();
}

let asking = false;
async function refused(): Promise<void> {
  if (asking) return;
  asking = true;
  await askAgain();
  asking = false;
  if (known.ending) setTimeout(() => void refused(), LOOK_AGAIN);
}

/** Locks this browser until its person shows again who they are. */
export async function lock(): Promise<void> {
  await signInApi.lock();
  await dropKey();
  await again();
}

/** Signs out: what was read is forgotten here; what was tapped and not sent waits, sealed, for the same person. */
export async function signOut(): Promise<void> {
  const me = whose ?? "";
  await signInApi.out();
  await dropKey();
  await allWritten();
  forgetKept(me);
  await Promise.all([forgetAnswers(me), forgetViews(me)]);
  window.location.assign("/");
}

/** Whether a clock or a rest runs in this browser. */
export function isClockRunning(now = Date.now()): boolean {
  return keptNames().some((name) => {
    const text = name.startsWith("clock-") || name.startsWith("rest-") ? keptText(name) : null;
    if (!text) return false;
    if (name.startsWith("clock-"))
      return (JSON.parse(text) as { run: { paused: number | null } }).run.paused === null;
    return (JSON.parse(text) as { until: number }).until > now;
  });
}
