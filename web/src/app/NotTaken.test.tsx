// @vitest-environment jsdom
import "fake-indexeddb/auto";
import { cleanup, render, screen, waitFor } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { Outbox, type Entry } from "../outbox/outbox";

const answers = vi.hoisted(() => ({ status: 422 }));
vi.mock("../outbox/theOutbox", () => ({
  outbox: new Outbox(
    () => Promise.resolve({ ok: answers.status < 300, status: answers.status, detail: "999 is too many." }),
    `not-taken-${Math.random()}`,
  ),
}));
const { outbox } = await import("../outbox/theOutbox");
const { NotTaken } = await import("./NotTaken");

const set: Entry = {
  session: "s1",
  id: "set-1",
  kind: "set",
  method: "POST",
  path: "/sets",
  body: { number: 2, reps: 999, seconds: null, load: { value: "60", unit: "kg" } },
  view: { name: "floor p1 w1 d1", path: "/floor" },
};
const at = (path: string) =>
  render(
    <MemoryRouter initialEntries={[path]}>
      <NotTaken />
    </MemoryRouter>,
  );
afterEach(cleanup);

describe("what was not taken", () => {
  it("is shown in words on any page, with the way to its session, until it was read", async () => {
    await outbox.put(set);
    at("/clients");
    const alert = await screen.findByRole("alert");
    expect(alert.textContent).toContain(
      "A set (number 2, 999 reps with 60 kg) was not taken: 999 is too many.",
    );
    expect(screen.getByRole("link", { name: "Open the session" }).getAttribute("href")).toBe(
      "/floor/p1/w1/d1",
    );
    screen.getByRole("button", { name: "I have read it" }).click();
    await waitFor(() => expect(screen.queryByRole("alert")).toBeNull());
    expect(outbox.waiting()).toEqual([]);
  });

  it("is left to the page that shows its own, and nothing is shown of what only waits", async () => {
    await outbox.put({ ...set, id: "result-1", session: "round-1", kind: "result" });
    await waitFor(() => expect(outbox.waiting()[0]?.refused).toBeDefined());
    at("/rounds/round-1");
    expect(screen.queryByRole("alert")).toBeNull();
    cleanup();
    answers.status = 503;
    await outbox.put({ ...set, id: "set-2", session: "s2" });
    await waitFor(() => expect(outbox.isAway()).toBe(true));
    at("/clients");
    expect(screen.getAllByRole("alert").map((one) => one.textContent)).toHaveLength(1);
  });
});
