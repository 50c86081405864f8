import { named, t } from "../../ui/words";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { query } from "../../api/query";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/fields/Input";
import { testsFor } from "./testsFor";

const NEAR = 12;

/** A test for the battery by any word of it, or by any name its exercise goes by. */
export function AddTest({
  tests,
  add,
}: {
  tests: readonly Schemas["TestItem"][];
  add: (test: Schemas["TestItem"]) => void;
}) {
  const [text, setText] = useState("");
  const typed = text.trim();
  const found = useQuery({ ...query.found(typed, null, null, NEAR), enabled: typed !== "" });
  const hits = testsFor(typed, tests, found.data?.hits.map(({ exercise }) => exercise.id) ?? []);
  return (
    <div className="grow">
      <TextField
        label={t("Add a test")}
        sort="search"
        placeholder={t("push up, plank, walk …")}
        value={text}
        change={setText}
      />
      {typed && (
        <ul aria-label={t("Tests found")} className="mt-1 border-t border-line">
          {hits.map((test) => (
            <li key={test.id} className="flex items-center gap-3 border-b border-line py-1">
              <span className="mr-auto">
                {test.name} <span className="text-sm text-soft">{named(test.kind)}</span>
              </span>
              <Button
                aria-label={t("Add the test {{name}}", { name: test.name })}
                onClick={() => {
                  add(test);
                  setText("");
                }}
              >
                {t("Add")}
              </Button>
            </li>
          ))}
          {hits.length === 0 && (
            <li className="py-1 text-soft">
              {found.isFetching ? t("Looking …") : t("No test by that name; make one of your own.")}
            </li>
          )}
        </ul>
      )}
    </div>
  );
}
