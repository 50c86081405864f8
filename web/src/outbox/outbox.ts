// The floor's durable outbox: what was tapped is kept in the browser until the server says it is on disk.
// Entries go out one after the other, in the order they were tapped; an id made here lets each be sent twice safely.
import { PLAIN, type Vault } from "../access/vault";
import { signInFirst } from "../api/client";
import { t } from "../ui/words";
import type { IDBPDatabase } from "idb";
import { openOutboxDatabase, viewName, type OutboxShape } from "./database";

export interface Entry {
  session: string;
  id: string;
  kind:
    | "start"
    | "set"
    | "note"
    | "exercise-note"
    | "change"
    | "undo"
    | "measure"
    | "effort"
    | "finish"
    | "round"
    | "result"
    | "round-finish";
  method: "PUT" | "POST";
  path: string;
  body: unknown;
  /** The view that it changes: what is asked for once it is on the server's disk, and kept under its name. */
  view?: Viewed;
}

/** A view: the name it is kept by in the browser, and the address that answers it. */
export interface Viewed {
  name: string;
  path: string;
}

export interface Kept extends Entry {
  key: number;
  /** Why the server would not take it; such an entry stays until the trainer has read it. */
  refused?: string;
  /** The server asks whether it is right: it can be sent again, confirmed. */
  doubt?: boolean;
}

/** What the server knows after an entry, under the name it is kept by in the browser. */
export interface Known {
  name: string;
  view: unknown;
}

export type Send = (
  entry: Entry,
) => Promise<{ ok: boolean; status: number; detail: string; doubt?: boolean }>;

/** Sends over HTTP; throws when the server cannot be reached. */
export const sendByHttp: Send = async (entry) => {
  const response = await fetch(entry.path, {
    method: entry.method,
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify(entry.body),
    signal: AbortSignal.timeout(8000),
  });
  const told = (response.ok ? {} : await response.json().catch(() => ({}))) as {
    detail?: string;
    doubt?: boolean;
  };
  if (response.status === 401) signInFirst();
  return {
    ok: response.ok,
    status: response.status,
    detail: told.detail ?? "",
    doubt: told.doubt ?? false,
  };
};

/** The server is there, and has a fault with this one thing. */
export class Stumbled extends Error {}

/** Asks for a view; undefined where there is none any more. Throws while nobody can say, `Stumbled` where only this one is at fault. */
export type Look = (path: string) => Promise<unknown>;

export const lookByHttp: Look = async (path) => {
  const response = await fetch(path, { signal: AbortSignal.timeout(8000) });
  if (response.ok) return response.json();
  const becomes = whatBecomes(response.status);
  if (becomes === "refused") return undefined;
  throw new (becomes === "held" ? Stumbled : Error)(`the view could not be had (${response.status})`);
};

const COME_BACK = new Set([401, 403, 408, 425, 429, 502, 503, 504]);

/**
 * What becomes of an entry by the server's answer. Refused for good, with a sentence, is told from what only waits: until
 * somebody signs in, until there is a turn, until the server is back ("later" waits with all that follows, since the next
 * would meet the same), or until a fault of the server with this one entry is mended ("held" lets the others past).
 */
export function whatBecomes(status: number): "taken" | "refused" | "later" | "held" {
  if (status >= 200 && status < 300) return "taken";
  if (COME_BACK.has(status)) return "later";
  if (status >= 500) return "held";
  return status >= 400 ? "refused" : "later";
}

const FIRST_RETRY = 500;
const SLOWEST_RETRY = 5000;
const KEPT_FOR = 14 * 24 * 3600 * 1000;

/** An entry without what became of it. */
function asSent({ session, id, kind, method, path, body, view }: Kept): Entry {
  return { session, id, kind, method, path, body, ...(view ? { view } : {}) };
}

/** Whether an entry means nothing before another: all of a session before its start, a correction before what it corrects. */
function rests(entry: Entry, on: Entry): boolean {
  if (entry.session !== on.session) return false;
  return on.kind === "start" || on.kind === "round" || JSON.stringify(entry.body).includes(`"${on.id}"`);
}

/** A small answer that no cache gives in the server's place. */
const REACHABLE = "/api/policies";
/** Milliseconds. */
const PROBE_PATIENCE = 800;

export class Outbox {
  private readonly listeners = new Set<() => void>();
  private database: Promise<IDBPDatabase<OutboxShape>>;
  private entries: readonly Kept[] = [];
  private writing: readonly Entry[] = [];
  private sending = false;
  private retry = FIRST_RETRY;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private away = false;
  private read = false;
  private closed = false;
  /** Of each view the last entry that is on the server's disk. */
  private readonly newest = new Map<string, number>();
  private readonly viewers = new Set<(entry: Entry, known: Known | undefined) => void>();

  constructor(
    private readonly send: Send = sendByHttp,
    name = "upright-anvil",
    private readonly look: Look = lookByHttp,
    private readonly vault: Promise<Vault> = Promise.resolve(PLAIN),
  ) {
    this.database = openOutboxDatabase(name);
    void this.load();
  }

  /** What waits, oldest first. The same array until something changes. */
  waiting = (): readonly Kept[] => this.entries;

  /** What waits and what is being written down this moment: what the next tap must know of. */
  tapped = (): readonly Entry[] => [...this.entries, ...this.writing];

  /** Whether what an earlier page left in the browser has been read: before that nobody knows what waits. */
  isRead = (): boolean => this.read;

  /** Whether the server could not be reached when it was last tried. */
  isAway = (): boolean => this.away;

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Told of each entry that is on the server's disk, with its view as the server knows it now. */
  onStored = (viewer: (entry: Entry, known: Known | undefined) => void): (() => void) => {
    this.viewers.add(viewer);
    return () => this.viewers.delete(viewer);
  };

  /** Keeps an entry in the browser, then sends it as soon as it can be sent. Resolves once it is kept. */
  async put(entry: Entry): Promise<void> {
    this.writing = [...this.writing, entry];
    const key = await this.keep(entry).finally(() => {
      this.writing = this.writing.filter((other) => other !== entry);
    });
    // Loading at the start may have come across it already.
    if (!this.entries.some((kept) => kept.key === key)) this.entries = [...this.entries, { ...entry, key }];
    this.changed();
    this.retry = FIRST_RETRY;
    void this.flush();
  }

  /** Writes an entry down for good: "strict" waits for the disk, so that an empty battery takes nothing along. */
  private async keep(entry: Entry): Promise<number> {
    const sealed = await (await this.vault).seal(entry);
    const writing = (await this.database).transaction("outbox", "readwrite", { durability: "strict" });
    const [key] = await Promise.all([writing.store.add(sealed), writing.done]);
    return key;
  }

  /**
   * Asks for a view and keeps what the server says. Where a tap came on its disk meanwhile it is asked again: an answer from
   * before would take the tap off the screen, and whoever trusts the screen would log it a second time.
   */
  async lookAt<View>(name: string, ask: () => Promise<View>): Promise<View> {
    for (;;) {
      const before = this.newest.get(name);
      const holds = () => this.newest.get(name) === before;
      const view = await ask();
      await this.keepView({ name, view }, holds);
      if (holds()) return view;
    }
  }

  /** Keeps what the server said of a view while that still holds, and forgets views nobody has opened for long. */
  async keepView({ name, view }: Known, holds = () => true): Promise<void> {
    const database = await this.database;
    const now = Date.now();
    const vault = await this.vault;
    const sealed = await vault.seal(view);
    if (!holds()) return;
    await database.put("views", { view: sealed, at: now }, viewName(vault.whose, name));
    for (const other of await database.getAllKeys("views")) {
      const kept = await database.get("views", other);
      if (kept && kept.at < now - KEPT_FOR) await database.delete("views", other);
    }
  }

  /** What the server last said of a view; undefined where nothing is kept. */
  async view(name: string): Promise<unknown> {
    const vault = await this.vault;
    return vault.open((await (await this.database).get("views", viewName(vault.whose, name)))?.view);
  }

  /** Drops a refused entry once the trainer has read why; what still waits is never dropped. */
  async dismiss(key: number): Promise<void> {
    if (this.entries.find((kept) => kept.key === key)?.refused === undefined) return;
    await (await this.database).delete("outbox", key);
    this.forget(key);
  }

  /** Sends a doubted entry again, as it was but confirmed. */
  async confirm(key: number): Promise<void> {
    const entry = this.entries.find((kept) => kept.key === key);
    if (!entry) return;
    const again: Entry = { ...asSent(entry), body: { ...(entry.body as object), confirmed: true } };
    await (await this.database).put("outbox", await (await this.vault).seal(again), key);
    this.entries = this.entries.map((kept) => (kept.key === key ? { ...again, key } : kept));
    this.changed();
    void this.flush();
  }

  /** Whether everything that can be tried has been tried for now. */
  settled = (): boolean =>
    this.read && !this.sending && (this.timer !== undefined || this.next([]) === undefined);

  /** Stops trying, as a closed page does. */
  close(): void {
    clearTimeout(this.timer);
    this.closed = true;
  }

  /** Asks whether the server can be reached now: the line may be gone, and the server in this room all the same. */
  probe = async (): Promise<void> => {
    try {
      await fetch(REACHABLE, { cache: "no-store", signal: AbortSignal.timeout(PROBE_PATIENCE) });
      this.setAway(false);
    } catch {
      this.setAway(true);
    }
  };

  /** Sends what waits, in order. Stops where the server is away, goes round what it stumbles over; both come again. */
  flush = async (): Promise<void> => {
    // What an earlier page left goes first: nothing is sent before that is read.
    if (this.sending || this.closed || !this.read) return;
    this.sending = true;
    clearTimeout(this.timer);
    this.timer = undefined;
    const held: Kept[] = [];
    let away: boolean | undefined;
    try {
      for (let next = this.next(held); next; next = this.next(held)) {
        if ((await this.tried(next)) === "held") held.push(next);
        away = false;
      }
    } catch {
      away = true;
    } finally {
      this.sending = false;
    }
    // With nothing to send nothing was learnt of the server: what was last known of it holds until it is asked.
    if (away !== undefined) this.setAway(away);
    else if (this.away) await this.probe();
    if (!this.away && held.length === 0) {
      this.retry = FIRST_RETRY;
      return;
    }
    this.timer = setTimeout(() => void this.flush(), this.retry);
    this.retry = Math.min(this.retry * 2, SLOWEST_RETRY);
  };

  private next(held: readonly Kept[]): Kept | undefined {
    return this.entries.find(
      (entry) =>
        entry.refused === undefined && !held.some((stuck) => stuck.key === entry.key || rests(entry, stuck)),
    );
  }

  private async tried(entry: Kept): Promise<"taken" | "refused" | "held"> {
    return this.deliver(entry).catch((fault: unknown) => {
      if (fault instanceof Stumbled) return "held";
      throw fault;
    });
  }

  /** Throws while the server is away: then nothing that follows is tried either. */
  private async deliver(entry: Kept): Promise<"taken" | "refused" | "held"> {
    const answer = await this.send(entry);
    const becomes = whatBecomes(answer.status);
    if (becomes === "later") throw new Error(answer.detail);
    if (becomes === "held") return "held";
    const database = await this.database;
    if (becomes === "taken") {
      const [known, vault] = [await this.known(entry), await this.vault];
      const seen = known && (await vault.seal(known.view));
      // The entry leaves with the same stroke that keeps the answer, so that a page loaded while the server is away shows
      // it either way. Where no answer can be had it stays and is sent again; its id lets the server store it once.
      if (known) this.newest.set(known.name, entry.key);
      const leaving = database.transaction(["outbox", "views"], "readwrite", { durability: "strict" });
      if (known)
        void leaving
          .objectStore("views")
          .put({ view: seen, at: Date.now() }, viewName(vault.whose, known.name));
      void leaving.objectStore("outbox").delete(entry.key);
      await leaving.done;
      for (const viewer of this.viewers) viewer(entry, known);
      this.forget(entry.key);
      return "taken";
    }
    const { key, ...rest } = entry;
    const refused =
      answer.detail || t("The server would not take it ({{status}}).", { status: answer.status });
    const doubt = answer.doubt ?? false;
    await database.put("outbox", await (await this.vault).seal({ ...rest, refused, doubt }), key);
    this.entries = this.entries.map((kept) => (kept.key === key ? { ...kept, refused, doubt } : kept));
    this.changed();
    return "refused";
  }

  private async known(entry: Entry): Promise<Known | undefined> {
    if (!entry.view) return undefined;
    const view = await this.look(entry.view.path);
    return view === undefined ? undefined : { name: entry.view.name, view };
  }

  private async load(): Promise<void> {
    try {
      await this.readKept();
    } finally {
      this.read = true;
      this.changed();
    }
    void this.flush();
  }

  private async readKept(): Promise<void> {
    const database = await this.database;
    const vault = await this.vault;
    const [keys, sealed] = await Promise.all([database.getAllKeys("outbox"), database.getAll("outbox")]);
    // What another tapped on this device stays sealed, and waits for them.
    const values = (await Promise.all(sealed.map(vault.open))) as (Entry | undefined)[];
    const known = new Set(this.entries.map((entry) => entry.key));
    const kept = keys.flatMap((key, index) => {
      const value = values[index];
      return value && !known.has(key) ? [{ ...value, key }] : [];
    });
    this.entries = [...kept, ...this.entries];
  }

  private forget(key: number): void {
    this.entries = this.entries.filter((entry) => entry.key !== key);
    this.changed();
  }

  private setAway(away: boolean): void {
    if (this.away === away) return;
    this.away = away;
    this.changed();
  }

  private changed(): void {
    for (const listener of this.listeners) listener();
  }
}
