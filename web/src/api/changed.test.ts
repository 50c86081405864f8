import { QueryClient } from "@tanstack/react-query";
import { expect, test } from "vitest";
import { showAnswer } from "./changed";

test("an answer that was on its way before a change does not take the change back", async () => {
  const queries = new QueryClient();
  const key = ["review", "s1"];
  queries.setQueryData(key, "one is open");
  let answer: (view: string) => void = () => undefined;
  const asked = queries
    .fetchQuery({ queryKey: key, queryFn: () => new Promise<string>((done) => (answer = done)) })
    .catch(() => undefined);
  await showAnswer(queries, key, "all is decided");
  answer("one is open");
  await asked;
  expect(queries.getQueryData(key)).toBe("all is decided");
});

test("what else is asked of the same thing is answered still", async () => {
  const queries = new QueryClient();
  let answer: (view: string) => void = () => undefined;
  const asked = queries.fetchQuery({
    queryKey: ["clients", "c1", "energy"],
    queryFn: () => new Promise<string>((done) => (answer = done)),
  });
  await showAnswer(queries, ["clients", "c1"], "the file");
  answer("2400 kcal");
  expect(await asked).toBe("2400 kcal");
});
