// The key of whoever is signed in, in this browser's own store of keys while they are: a reload without the server still opens
// what is kept. Scripts cannot read it out; locking and signing out remove it.
import { openDB, type DBSchema } from "idb";

interface Shape extends DBSchema {
  keys: { key: string; value: { whose: string; key: CryptoKey; until: number } };
}

const NAME = "now";
/** As long as a signing in lasts. */
const HOURS = 12;

const database = () =>
  openDB<Shape>("upright-anvil-keys", 1, { upgrade: (db) => void db.createObjectStore("keys") });

/** Keeps the key of whoever signed in now. */
export async function keepKey(whose: string, key: CryptoKey): Promise<void> {
  const open = await database();
  await open.put("keys", { whose, key, until: Date.now() + HOURS * 3_600_000 }, NAME);
  open.close();
}

/** Whoever is signed in, and the key; undefined where nobody is, or not any more. */
export async function keptKey(): Promise<{ whose: string; key: CryptoKey } | undefined> {
  const open = await database();
  const kept = await open.get("keys", NAME);
  open.close();
  return kept && kept.until > Date.now() ? kept : undefined;
}

/** Removes the key. */
export async function dropKey(): Promise<void> {
  const open = await database();
  await open.clear("keys");
  open.close();
}
