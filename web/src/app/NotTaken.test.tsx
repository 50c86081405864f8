// @vitest-environment jsdom
import "fake-indexeddb/auto";
import { cleanup, render, screen, waitFor } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { Outbox, type Entry } from "../outbox/outbox";

const answers = vi.hoisted(() => ({ status: 422, doubt: false }));
vi.mock("../outbox/theOutbox", () => ({
  outbox: new Outbox(
    () => Promise.resolve({ ok: false, ...answers, detail: "999 is too many." }),
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

  it("is shown on the session's own review too, and what only waits is not", async () => {
    await outbox.put(set);
    await waitFor(() => expect(outbox.waiting()[0]?.refused).toBeDefined());
    at("/sessions/s1");
    expect(screen.getAllByRole("alert")).toHaveLength(1);
    cleanup();
    answers.status = 503;
    await outbox.put({ ...set, id: "set-2", session: "s2" });
    await waitFor(() => expect(outbox.isAway()).toBe(true));
    at("/clients");
    expect(screen.getAllByRole("alert")).toHaveLength(1);
  });

  it("leads to its round where a result is asked about, and does not drop it here", async () => {
    answers.status = 409;
    answers.doubt = true;
    await outbox.put({
      ...set,
      id: "result-1",
      session: "round-1",
      kind: "result",
      view: { name: "round round-1", path: "/rounds/round-1" },
    });
    await waitFor(() => expect(outbox.waiting().some((entry) => entry.doubt)).toBe(true));
    at("/clients");
    const asked = await screen.findByText(/A test result is asked about/);
    expect(asked.querySelector("a")?.getAttribute("href")).toBe("/testing/round-1");
    expect(asked.querySelector("button")).toBeNull();
  });
});
