// The sheet's sentences: English is the key, another language comes with the sheet. One catalogue serves the server too.
import i18next from "i18next";
import type { Sheet } from "./data";

export const words = i18next.createInstance();

/** Sets the language of a sheet; what it lacks is said in English. */
export function speakLanguage({ language, sentences }: Pick<Sheet, "language" | "sentences">): void {
  void words.init({
    lng: language,
    fallbackLng: false,
    resources: { [language]: { translation: sentences } },
    keySeparator: false,
    nsSeparator: false,
    initAsync: false,
    interpolation: { escapeValue: false },
  });
}

/** A sentence in the sheet's language, with its values put in. */
export const t = (english: string, values: Record<string, string | number> = {}): string =>
  words.t(english, values);

/** A number with the language's own decimal mark. */
export const number = (value: string | number): string =>
  new Intl.NumberFormat(words.language || "en", { maximumFractionDigits: 4, useGrouping: false }).format(
    Number(value),
  );
