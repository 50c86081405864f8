// What this browser keeps belongs to whoever is signed in: sealed with a key that signing in gives, and opened by nobody else.
// Where nobody signs in it is kept as it is.

/** Seals and opens what is kept for one person; `whose` is empty where nobody signs in. */
export interface Vault {
  whose: string;
  seal: (value: unknown) => Promise<unknown>;
  /** What was kept; undefined where it is another's, or cannot be opened. */
  open: (kept: unknown) => Promise<unknown>;
}

interface Sealed {
  whose: string;
  iv: Uint8Array<ArrayBuffer>;
  data: ArrayBuffer;
}

const ALGORITHM = "AES-GCM";
const IV_BYTES = 12;

const isSealed = (kept: unknown): kept is Sealed =>
  typeof kept === "object" && kept !== null && "iv" in kept && "data" in kept && "whose" in kept;

/** Keeps as it is; what somebody sealed stays theirs. */
export const PLAIN: Vault = {
  whose: "",
  seal: (value) => Promise.resolve(value),
  open: (kept) => Promise.resolve(isSealed(kept) ? undefined : kept),
};

/** Answers the key that the server gave, in a shape that scripts cannot read out again. */
export function importKey(text: string): Promise<CryptoKey> {
  const raw = Uint8Array.from(atob(text.replace(/-/g, "+").replace(/_/g, "/")), (letter) =>
    letter.charCodeAt(0),
  );
  return crypto.subtle.importKey("raw", raw, ALGORITHM, false, ["encrypt", "decrypt"]);
}

/** Answers the vault of somebody; what was kept as it is, before anybody signed in, is open to all. */
export function sealedVault(whose: string, key: CryptoKey): Vault {
  return {
    whose,
    seal: async (value): Promise<Sealed> => {
      const iv = crypto.getRandomValues(new Uint8Array(IV_BYTES));
      const text = new TextEncoder().encode(JSON.stringify(value));
      return { whose, iv, data: await crypto.subtle.encrypt({ name: ALGORITHM, iv }, key, text) };
    },
    open: async (kept) => {
      if (!isSealed(kept)) return kept;
      if (kept.whose !== whose) return undefined;
      try {
        const text = await crypto.subtle.decrypt({ name: ALGORITHM, iv: kept.iv }, key, kept.data);
        return JSON.parse(new TextDecoder().decode(text)) as unknown;
      } catch {
        return undefined;
      }
    },
  };
}

/** A sealed thing as text, for where only text can be kept. */
export function asText(sealed: unknown): string {
  if (!isSealed(sealed)) return JSON.stringify(sealed);
  return JSON.stringify({ whose: sealed.whose, iv: letters(sealed.iv), data: letters(sealed.data) });
}

/** A sealed thing out of its text; null where it is none. */
export function fromText(text: string): unknown {
  try {
    const said = JSON.parse(text) as { whose: string; iv: string; data: string };
    return { whose: said.whose, iv: bytes(said.iv), data: bytes(said.data).buffer };
  } catch {
    return null;
  }
}

const letters = (raw: ArrayBuffer | Uint8Array<ArrayBuffer>): string => {
  const view = new Uint8Array(raw);
  let text = "";
  for (const byte of view) text += String.fromCharCode(byte);
  return btoa(text);
};
const bytes = (text: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));
