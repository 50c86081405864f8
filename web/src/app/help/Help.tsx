import { t } from "../../ui/words";
import { useState } from "react";
import { TextField } from "../../ui/fields/Input";
import { SingleKeys } from "../keys/SingleKeys";
import { ShortcutList } from "../keys/ShortcutList";
import { entryOf, look, type Entry } from "./glossary";
import { titleOf, type HelpKey } from "./titles";
import { helpOf } from "./views";

/** What one does in a view, its words and keys; while something is typed, every word of the app that fits. */
export function Help({ of }: { of: HelpKey }) {
  const view = helpOf[of];
  const [typed, setTyped] = useState("");
  const found = look(typed);
  return (
    <div className="grid gap-5">
      <TextField
        label={t("Look up a word")}
        sort="search"
        placeholder={t("tempo, reps left, drop set …")}
        value={typed}
        change={setTyped}
        autoFocus
      />
      {typed.trim() ? (
        found.length ? (
          <Words entries={found} />
        ) : (
          <p className="text-soft">{t("No such word here. Try another, or part of it.")}</p>
        )
      ) : (
        <>
          <section aria-labelledby="help-view">
            <h3 id="help-view" className="text-lg font-semibold">
              {titleOf[of]}
            </h3>
            <p>{view.does}</p>
          </section>
          <ShortcutList of={[...view.keys, "everywhere"]} />
          <SingleKeys />
          <section aria-labelledby="help-words">
            <h3 id="help-words" className="mb-1 font-semibold">
              {t("Words on this view")}
            </h3>
            <Words entries={view.words.map(entryOf)} />
          </section>
          <details>
            <summary className="cursor-pointer font-semibold">{t("All words")}</summary>
            <Words entries={look("")} />
          </details>
          <details>
            <summary className="cursor-pointer font-semibold">{t("The keys of all views")}</summary>
            <div className="mt-2">
              <ShortcutList />
            </div>
          </details>
        </>
      )}
    </div>
  );
}

function Words({ entries }: { entries: readonly Entry[] }) {
  return (
    <dl className="border-t border-line">
      {entries.map(({ term, means, typed }) => (
        <div key={term} className="border-b border-line py-1.5 sm:grid sm:grid-cols-[9rem_1fr] sm:gap-x-3">
          <dt className="font-medium">{term}</dt>
          <dd>
            {means}
            {typed && (
              <span className="block text-sm text-soft">
                {t("Typed:")} <code className="text-ink">{typed}</code>
              </span>
            )}
          </dd>
        </div>
      ))}
    </dl>
  );
}
