// The language of the screens on this device: English, or a catalogue that somebody translated.
import { useState } from "react";
import { Button } from "../../ui/Button";
import { FilePick } from "../../ui/fields/FilePick";
import { Message } from "../../ui/Message";
import { keepCatalogue, language, readCatalogueFile, t } from "../../ui/words";

const names = new Intl.DisplayNames([language], { type: "language" });

export function ScreenLanguage() {
  const [refused, setRefused] = useState(false);
  const bring = async (file: File) => {
    const chosen = readCatalogueFile(file.name, await file.text());
    setRefused(!chosen);
    if (!chosen) return;
    keepCatalogue(chosen);
    window.location.reload();
  };
  return (
    <section className="mt-6 grid justify-items-start gap-3 border-t border-line pt-4">
      <h2 className="font-semibold">{t("Language of the screens")}</h2>
      <p className="flex flex-wrap items-center gap-3">
        {t("On this device: {{language}}.", { language: names.of(language) ?? language })}
        {language !== "en" && (
          <Button
            onClick={() => {
              keepCatalogue(null);
              window.location.reload();
            }}
          >
            {t("English again")}
          </Button>
        )}
      </p>
      <p className="text-soft">
        {t(
          "All sentences of the screens are one file. Translate it, name it by its language (interface.de.json), and bring it in; what it leaves out stays English.",
        )}
      </p>
      <p className="flex flex-wrap items-center gap-3">
        <a
          download
          href="/api/languages/interface.en.json"
          className="inline-flex min-h-9 items-center underline"
        >
          {t("The English sentences (.json)")}
        </a>
        <FilePick accept=".json,application/json" choose={(file) => void bring(file)}>
          {t("Bring in a translation")}
        </FilePick>
      </p>
      {refused && (
        <Message tone="stop">
          {t(
            "That is no translation: it wants a .json file of sentences, named by its language, such as interface.de.json.",
          )}
        </Message>
      )}
    </section>
  );
}
