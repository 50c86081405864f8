import { expect, test } from "vitest";
import type { Schemas } from "../../api/client";
import { grouped } from "./grouped";

const client = (name: string, goal = "") =>
  ({ id: name, name, goal, place: "Depot" }) as unknown as Schemas["ClientEntry"];
const clients = ["Agnes", "Berthold", "Casimir", "Dell"].map((name) => client(name, `${name} climbs`));
const today = {
  on: "2026-03-04",
  sessions: [{ client_id: "Casimir" }],
  clients: [
    { client_id: "Casimir", next_on: "2026-03-06" },
    { client_id: "Agnes", next_on: "2026-03-10" },
    { client_id: "Dell", next_on: "2026-03-12" },
  ],
} as unknown as Schemas["TodayView"];
const told = (typed: string, many = clients) =>
  grouped(many, today, typed).map(({ title, clients, folded }) => [
    title,
    clients.map((one) => one.name).join(" "),
    folded,
  ]);

test("who comes today stands first, then who comes this week, then the others", () => {
  expect(told("")).toEqual([
    ["Today", "Casimir", false],
    ["This week", "Agnes", false],
    ["Nothing planned this week", "Berthold Dell", false],
  ]);
});

test("words of the name, the goal or the place find, in any order", () => {
  expect(told("climbs dell")).toEqual([["Found", "Dell", false]]);
  expect(told("depot")[0]?.[1]).toBe("Agnes Berthold Casimir Dell");
  expect(told("zorp")).toEqual([]);
});

test("a long list of others is folded away; before Today is known all stand together", () => {
  const many = [...clients, ...Array.from({ length: 20 }, (_, n) => client(`Client ${n}`))];
  expect(told("", many).at(-1)?.[2]).toBe(true);
  expect(grouped(many, undefined, "").map((group) => [group.title, group.folded])).toEqual([["All", false]]);
});

test("who trains here no more stands last, folded, and is found all the same", () => {
  const left = { ...client("Berthold"), former: true } as Schemas["ClientEntry"];
  const many = clients.map((one) => (one.name === "Berthold" ? left : one));
  expect(told("", many).slice(2)).toEqual([
    ["Nothing planned this week", "Dell", false],
    ["Former", "Berthold", true],
  ]);
  expect(told("berthold", many)).toEqual([["Found", "Berthold", false]]);
});
