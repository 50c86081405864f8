// The catalogue chosen on this device. What reads it comes only where there is one: most devices speak English.
import type { i18n } from "i18next";

export interface Catalogue {
  /** The language, as the browser writes it (`de`). */
  language: string;
  sentences: Record<string, string>;
}

export const KEPT = "upright-anvil.catalogue";

/** Null is English. */
export let catalogue: i18n | null = null;

/** Reads it; before the first sentence is asked for, and so before any view is loaded. */
export async function readCatalogue(): Promise<void> {
  try {
    const kept = localStorage.getItem(KEPT);
    if (kept === null) return;
    const { language, sentences } = JSON.parse(kept) as Catalogue;
    const made = (await import("i18next")).default.createInstance();
    await made.init({
      lng: language,
      fallbackLng: false,
      resources: { [language]: { translation: sentences } },
      keySeparator: false,
      nsSeparator: false,
      initAsync: false,
      interpolation: { escapeValue: false },
    });
    catalogue = made;
  } catch {
    // No store, or one that somebody else wrote to: English is always there.
  }
}
