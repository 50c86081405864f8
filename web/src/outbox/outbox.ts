// The floor's durable outbox: what was tapped is kept in the browser until the server says it is on disk.
// Entries go out one after the other, in the order they were tapped; an id made here lets each be sent twice safely.
import { openDB, type DBSchema, type IDBPDatabase } from "idb";

export interface Entry {
  session: string;
  id: string;
  kind:
    | "start"
    | "set"
    | "note"
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
}

export interface Kept extends Entry {
  key: number;
  /** Why the server would not take it; such an entry stays until the trainer has read it. */
  refused?: string;
  /** The server asks whether it is right: it can be sent again, confirmed. */
  doubt?: boolean;
}

interface Shape extends DBSchema {
  outbox: { key: number; value: Entry & { refused?: string; doubt?: boolean } };
  views: { key: string; value: { view: unknown; at: number } };
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
  return {
    ok: response.ok,
    status: response.status,
    detail: told.detail ?? "",
    doubt: told.doubt ?? false,
  };
};

const SLOWEST_RETRY = 5000;
const KEPT_FOR = 14 * 24 * 3600 * 1000;

export class Outbox {
  private readonly listeners = new Set<() => void>();
  private database: Promise<IDBPDatabase<Shape>>;
  private entries: readonly Kept[] = [];
  private sending = false;
  private retry = 500;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private away = false;
  private read = false;
  /**
   * Called after each entry that is on the server's disk; answers what the server knows now. The entry leaves the browser
   * with the same stroke that keeps this answer, so that a page loaded while the server is away shows it either way. Where
   * no answer can be had, the entry stays and is sent again; its id lets the server store it once.
   */
  onStored: (entry: Entry) => Promise<Known | undefined> | undefined = () => undefined;

  constructor(
    private readonly send: Send = sendByHttp,
    name = "upright-anvil",
  ) {
    this.database = openDB<Shape>(name, 2, {
      upgrade: (db, from) => {
        if (from < 1) db.createObjectStore("outbox", { autoIncrement: true });
        if (from < 2) db.createObjectStore("views");
      },
    });
    void this.load();
  }

  /** What waits, oldest first. The same array until something changes. */
  waiting = (): readonly Kept[] => this.entries;

  /** Whether what an earlier page left in the browser has been read: before that nobody knows what waits. */
  isRead = (): boolean => this.read;

  /** Whether the server could not be reached when it was last tried. */
  isAway = (): boolean => this.away;

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Keeps an entry in the browser, then sends it as soon as it can be sent. Resolves once it is kept. */
  async put(entry: Entry): Promise<void> {
    const key = await this.keep(entry);
    // Loading at the start may have come across it already.
    if (!this.entries.some((kept) => kept.key === key)) this.entries = [...this.entries, { ...entry, key }];
    this.changed();
    void this.flush();
  }

  /** Writes an entry down for good: "strict" waits for the disk, so that an empty battery takes nothing along. */
  private async keep(entry: Entry): Promise<number> {
    const writing = (await this.database).transaction("outbox", "readwrite", { durability: "strict" });
    const [key] = await Promise.all([writing.store.add(entry), writing.done]);
    return key;
  }

  /** Keeps what the server last said of a view, and forgets views nobody has opened for long. */
  async keepView({ name, view }: Known): Promise<void> {
    const database = await this.database;
    const now = Date.now();
    await database.put("views", { view, at: now }, name);
    for (const other of await database.getAllKeys("views")) {
      const kept = await database.get("views", other);
      if (kept && kept.at < now - KEPT_FOR) await database.delete("views", other);
    }
  }

  /** What the server last said of a view; undefined where nothing is kept. */
  async view(name: string): Promise<unknown> {
    return (await (await this.database).get("views", name))?.view;
  }

  /** Drops a refused entry once the trainer has read why. */
  async dismiss(key: number): Promise<void> {
    await (await this.database).delete("outbox", key);
    this.forget(key);
  }

  /** Sends a doubted entry again, as it was but confirmed. */
  async confirm(key: number): Promise<void> {
    const entry = this.entries.find((kept) => kept.key === key);
    if (!entry) return;
    const again: Entry = {
      session: entry.session,
      id: entry.id,
      kind: entry.kind,
      method: entry.method,
      path: entry.path,
      body: { ...(entry.body as object), confirmed: true },
    };
    await (await this.database).put("outbox", again, key);
    this.entries = this.entries.map((kept) => (kept.key === key ? { ...again, key } : kept));
    this.changed();
    void this.flush();
  }

  /** Sends what waits. Stops at the first that cannot be delivered and tries again later. */
  flush = async (): Promise<void> => {
    if (this.sending) return;
    this.sending = true;
    clearTimeout(this.timer);
    try {
      for (let next = this.next(); next; next = this.next()) await this.deliver(next);
      this.setAway(false);
      this.retry = 500;
    } catch {
      this.setAway(true);
      this.timer = setTimeout(() => void this.flush(), this.retry);
      this.retry = Math.min(this.retry * 2, SLOWEST_RETRY);
    } finally {
      this.sending = false;
    }
  };

  private next(): Kept | undefined {
    return this.entries.find((entry) => entry.refused === undefined);
  }

  private async deliver(entry: Kept): Promise<void> {
    const answer = await this.send(entry);
    if (answer.status >= 500) throw new Error(answer.detail);
    const database = await this.database;
    if (answer.ok) {
      const known = await this.onStored(entry);
      const leaving = database.transaction(["outbox", "views"], "readwrite", { durability: "strict" });
      if (known) void leaving.objectStore("views").put({ view: known.view, at: Date.now() }, known.name);
      void leaving.objectStore("outbox").delete(entry.key);
      await leaving.done;
      this.forget(entry.key);
      return;
    }
    const { key, ...rest } = entry;
    const refused = answer.detail || `The server would not take it (${answer.status}).`;
    const doubt = answer.doubt ?? false;
    await database.put("outbox", { ...rest, refused, doubt }, key);
    this.entries = this.entries.map((kept) => (kept.key === key ? { ...kept, refused, doubt } : kept));
    this.changed();
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
    const [keys, values] = await Promise.all([database.getAllKeys("outbox"), database.getAll("outbox")]);
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
