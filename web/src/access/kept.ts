// Small texts that this browser keeps: what is half typed, a clock that runs. Where somebody is signed in they are sealed for
// them, and read into memory when they come in, so that views have them at once.
import { asText, fromText, type Vault } from "./vault";

const PREFIX = "sealed ";
const memory = new Map<string, string>();
let vault: Vault | null = null;
let writing: Promise<void> = Promise.resolve();

const place = (whose: string, name: string): string => `${PREFIX}${whose}/${name}`;

/** The text kept under a name; null where there is none. */
export const keptText = (name: string): string | null =>
  vault ? (memory.get(name) ?? null) : window.localStorage.getItem(name);

/** Keeps a text under a name; null forgets it. A browser without room keeps it on screen only. */
export function keepText(name: string, text: string | null): void {
  const sealing = vault;
  try {
    if (!sealing) {
      if (text === null) window.localStorage.removeItem(name);
      else window.localStorage.setItem(name, text);
      return;
    }
    if (text === null) memory.delete(name);
    else memory.set(name, text);
  } catch {
    return;
  }
  writing = writing.then(async () => {
    try {
      if (text === null) window.localStorage.removeItem(place(sealing.whose, name));
      else window.localStorage.setItem(place(sealing.whose, name), asText(await sealing.seal(text)));
    } catch {
      // No room.
    }
  });
}

/** The names of what is kept. */
export const keptNames = (): string[] =>
  vault
    ? [...memory.keys()]
    : Array.from({ length: window.localStorage.length }, (_, at) => window.localStorage.key(at) ?? "");

/** Resolves once all that was kept is written. */
export const allWritten = (): Promise<void> => writing;

/** Reads what is kept for somebody; from now on what is kept is sealed for them. */
export async function openKept(opened: Vault): Promise<void> {
  const own = place(opened.whose, "");
  const names = Array.from(
    { length: window.localStorage.length },
    (_, at) => window.localStorage.key(at) ?? "",
  );
  for (const name of names.filter((one) => one.startsWith(own))) {
    const text = await opened.open(fromText(window.localStorage.getItem(name) ?? ""));
    if (typeof text === "string") memory.set(name.slice(own.length), text);
    else window.localStorage.removeItem(name);
  }
  vault = opened;
}

/** Forgets what is kept for somebody, or for everybody who signs in. */
export function forgetKept(whose?: string): void {
  const own = whose === undefined ? PREFIX : place(whose, "");
  const names = Array.from(
    { length: window.localStorage.length },
    (_, at) => window.localStorage.key(at) ?? "",
  );
  for (const name of names) if (name.startsWith(own)) window.localStorage.removeItem(name);
}
