import { listed } from "./shortcuts";

export function ShortcutList() {
  return (
    <div className="grid gap-4">
      {listed.map(([title, entries]) => (
        <section key={title}>
          <h3 className="mb-1 font-semibold">{title}</h3>
          <dl className="grid grid-cols-[14rem_1fr] gap-y-1">
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
