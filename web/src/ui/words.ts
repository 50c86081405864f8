// The interface's sentences: English is the key, as in the catalogue of sheets and papers; what a language lacks is said in English.
import { catalogue, KEPT, type Catalogue } from "./catalogue";

type Values = Record<string, string | number>;

/** Keeps a catalogue for this device, null for English; it is spoken from the next start on. */
export function keepCatalogue(chosen: Catalogue | null): void {
  if (chosen) localStorage.setItem(KEPT, JSON.stringify(chosen));
  else localStorage.removeItem(KEPT);
}

/** What a translator's file holds, named by its language (`interface.de.json`); null where it is no such file. */
export function readCatalogueFile(name: string, text: string): Catalogue | null {
  const code = /(?:^|\.)([a-z]{2,3}(?:-[A-Z]{2})?)\.json$/.exec(name)?.[1];
  try {
    const read: unknown = JSON.parse(text);
    if (!code || typeof read !== "object" || read === null || Array.isArray(read)) return null;
    const sentences = Object.entries(read).filter(
      (one): one is [string, string] => typeof one[1] === "string",
    );
    if (!sentences.length || sentences.length !== Object.keys(read).length) return null;
    return { language: Intl.getCanonicalLocales(code)[0] ?? code, sentences: Object.fromEntries(sentences) };
  } catch {
    return null;
  }
}

/** The language of the screens: `en` where none was chosen. */
export const language = catalogue?.language ?? "en";

/** What dates and numbers are written by. */
export const locale = catalogue?.language ?? "en-GB";

const GAP = /\{\{(\w+)\}\}/g;

/** A sentence in the language of the screens, with its values put in. */
export const t = (english: string, values?: Values): string =>
  catalogue
    ? catalogue.t(english, values ?? {})
    : values
      ? english.replace(GAP, (gap, name: string) => (name in values ? String(values[name]) : gap))
      : english;

/** A word of the server's as the screens say it; one that the catalogue lacks stays as it is. */
export const named = (word: string): string => (catalogue?.exists(word) ? catalogue.t(word) : word);

/** A number of things, by the language's own rule for one and many. */
export function count(n: number, one: string, many = `${one}s`): string {
  const key = `{{count}} ${one}`;
  if (catalogue?.exists(key, { count: n })) return catalogue.t(key, { count: n });
  return `${n} ${n === 1 ? one : many}`;
}

const figures = catalogue && new Intl.NumberFormat(locale, { maximumFractionDigits: 4, useGrouping: false });

/** A figure with the language's own decimal mark. */
export const figure = (value: number | string): string =>
  figures?.format(Number(value)) ?? String(Number(value));
