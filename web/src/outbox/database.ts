// The browser's database of the outbox: what was tapped and not sent yet, and the last view of each session.
import { openDB, type DBSchema, type IDBPDatabase } from "idb";

export interface OutboxShape extends DBSchema {
  /** Entries and views as their person's vault keeps them. */
  outbox: { key: number; value: unknown };
  views: { key: string; value: { view: unknown; at: number } };
}

const DAY = 86_400_000;

export const openOutboxDatabase = (name = "upright-anvil"): Promise<IDBPDatabase<OutboxShape>> =>
  openDB<OutboxShape>(name, 2, {
    upgrade: (db, from) => {
      if (from < 1) db.createObjectStore("outbox", { autoIncrement: true });
      if (from < 2) db.createObjectStore("views");
    },
  });

/** The name a view is kept by: everybody's own, or plain where nobody signs in. */
export const viewName = (whose: string, name: string): string => (whose ? `${whose} ${name}` : name);

/** Forgets the views kept for somebody, or for everybody who signs in; with `days` only those that are older. */
export async function forgetViews(whose?: string, days?: number, name?: string): Promise<void> {
  const open = await openOutboxDatabase(name);
  const before = days === undefined ? Infinity : Date.now() - days * DAY;
  for (const key of await open.getAllKeys("views")) {
    const theirs = whose === undefined || key.startsWith(viewName(whose, ""));
    const kept = theirs ? await open.get("views", key) : undefined;
    if (kept && kept.at < before) await open.delete("views", key);
  }
  open.close();
}
