import { listed, type View } from "./shortcuts";

/** The keys of some views, of all where none are named. */
export function ShortcutList({ of }: { of?: readonly View[] }) {
  return (
    <div className="grid gap-4">
      {listed
        .filter(([view]) => !of || of.includes(view))
        .map(([, title, entries]) => (
          <section key={title}>
            <h3 className="mb-1 font-semibold">{title}</h3>
            <dl className="grid grid-cols-[9rem_1fr] sm:grid-cols-[14rem_1fr] gap-y-1">
              {entries.map(([key, what]) => (
                <div key={key} className="contents">
                  <dt className="font-medium">{key}</dt>
                  <dd className="text-soft">{what}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
    </div>
  );
}
