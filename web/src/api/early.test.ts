import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { asked } from "./early";

const network = vi.fn(async () => new Response("asked now"));
const request = (path: string, method = "GET") => new Request(`http://localhost${path}`, { method });
const text = async (answer: Promise<Response>) => (await answer).text();

beforeEach(() => {
  vi.stubGlobal("fetch", network);
  vi.spyOn(performance, "now").mockReturnValue(800);
  globalThis.askedEarly = { "/api/today": Promise.resolve(new Response("asked early")) };
});

afterEach(() => {
  network.mockClear();
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
  globalThis.askedEarly = undefined;
});

test("an early answer is taken once", async () => {
  expect(await text(asked(request("/api/today")))).toBe("asked early");
  expect(await text(asked(request("/api/today")))).toBe("asked now");
});

test.each([
  ["another address", "/api/clients", "GET"],
  ["an address with a question", "/api/today?of=2026-03-04", "GET"],
  ["something that is done", "/api/today", "POST"],
])("%s is asked", async (_, path, method) => {
  expect(await text(asked(request(path, method)))).toBe("asked now");
});

test("an early answer that is old is asked for again: somebody else may sit here", async () => {
  vi.spyOn(performance, "now").mockReturnValue(11_000);
  expect(await text(asked(request("/api/today")))).toBe("asked now");
});

test("where nothing came early the network is asked", async () => {
  globalThis.askedEarly = { "/api/today": Promise.resolve(undefined) };
  expect(await text(asked(request("/api/today")))).toBe("asked now");
});
