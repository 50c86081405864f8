import "fake-indexeddb/auto";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { Outbox, Stumbled, type Entry, type Send } from "./outbox";

let name = "";
beforeEach(() => {
  name = `outbox-${Math.random()}`;
});

const entry = (id: string): Entry => ({
  session: "s",
  id,
  kind: "set",
  method: "POST",
  path: `/${id}`,
  body: { id },
});
const yes = { ok: true, status: 200, detail: "" };

/** A server that can go away and come back; it keeps what it took, in order. */
function server() {
  const took: string[] = [];
  const state = { away: false, answer: yes };
  const send: Send = async (sent) => {
    if (state.away) throw new TypeError("failed to fetch");
    if (state.answer.ok) took.push(sent.id);
    return state.answer;
  };
  return { took, state, send };
}

const emptied = (outbox: Outbox) => vi.waitFor(() => expect(outbox.waiting()).toEqual([]), { timeout: 8000 });

describe("Outbox", () => {
  it("sends in the order of the taps", async () => {
    const { took, send } = server();
    const outbox = new Outbox(send, name);
    await Promise.all(["a", "b", "c", "d"].map((id) => outbox.put(entry(id))));
    await emptied(outbox);
    expect(took).toEqual(["a", "b", "c", "d"]);
  });

  it("knows of a tap before the disk has it, and lets nothing wait that is not on the disk", async () => {
    const { state, send } = server();
    state.away = true;
    const outbox = new Outbox(send, name);
    const kept = Promise.all([outbox.put(entry("a")), outbox.put(entry("b"))]);
    expect(outbox.tapped().map(({ id }) => id)).toEqual(["a", "b"]);
    expect(outbox.waiting()).toEqual([]);
    await kept;
    expect(outbox.tapped()).toEqual(outbox.waiting());
  });

  it("keeps what it cannot deliver, says so, and delivers it later", async () => {
    const { took, state, send } = server();
    state.away = true;
    const outbox = new Outbox(send, name);
    await outbox.put(entry("a"));
    await outbox.put(entry("b"));
    await vi.waitFor(() => expect(outbox.isAway()).toBe(true));
    expect(outbox.waiting().map((kept) => kept.id)).toEqual(["a", "b"]);
    state.away = false;
    await emptied(outbox);
    expect(outbox.isAway()).toBe(false);
    expect(took).toEqual(["a", "b"]);
  });

  it("says that it has read what an earlier page left, and not before", async () => {
    const { state, send } = server();
    state.away = true;
    const earlier = new Outbox(send, name);
    await earlier.put(entry("a"));
    const later = new Outbox(send, name);
    expect([later.isRead(), later.waiting()]).toEqual([false, []]);
    await vi.waitFor(() => expect(later.isRead()).toBe(true));
    expect(later.waiting().map((kept) => kept.id)).toEqual(["a"]);
  });

  it("keeps what the server doubts, and sends it confirmed once it was looked at", async () => {
    const sent: unknown[] = [];
    const send: Send = async ({ body }) => {
      sent.push(body);
      return (body as { confirmed?: boolean }).confirmed
        ? yes
        : { ok: false, status: 409, detail: "Is that right?", doubt: true };
    };
    const outbox = new Outbox(send, name);
    await outbox.put(entry("a"));
    await vi.waitFor(() => expect(outbox.waiting()[0]?.doubt).toBe(true));
    expect(outbox.waiting()[0]?.refused).toBe("Is that right?");
    const reopened = new Outbox(send, name);
    await vi.waitFor(() => expect(reopened.waiting()[0]?.doubt).toBe(true));
    await reopened.confirm(reopened.waiting()[0]?.key ?? -1);
    await emptied(reopened);
    expect(sent.at(-1)).toEqual({ id: "a", confirmed: true });
  });

  it("never sets an entry aside for a server that stumbles", async () => {
    for (const status of [500, 502, 503, 599]) {
      const { took, state, send } = server();
      state.answer = { ok: false, status, detail: "" };
      const outbox = new Outbox(send, `${name}-${status}`);
      await outbox.put(entry("a"));
      await vi.waitFor(() => expect(outbox.settled()).toBe(true));
      expect(outbox.waiting().map((kept) => [kept.id, kept.refused])).toEqual([["a", undefined]]);
      state.answer = yes;
      await emptied(outbox);
      expect(took).toEqual(["a"]);
    }
  });

  it("sends what an earlier page left before what is tapped now", async () => {
    const { took, state, send } = server();
    state.away = true;
    const earlier = new Outbox(send, name);
    await earlier.put(entry("a"));
    await earlier.put(entry("b"));
    await vi.waitFor(() => expect(earlier.isAway()).toBe(true));
    state.away = false;
    const later = new Outbox(send, name);
    await later.put(entry("c"));
    await emptied(later);
    expect(took.filter((id, at) => took.indexOf(id) === at)).toEqual(["a", "b", "c"]);
  });

  it("outlives the tab it was filled in", async () => {
    const { took, state, send } = server();
    state.away = true;
    const first = new Outbox(send, name);
    await first.put(entry("a"));
    await first.put(entry("b"));
    state.away = false;
    const second = new Outbox(send, name);
    // The first tab may deliver them too; each arrives, in order, and the server stores an id once.
    await vi.waitFor(() => expect([...new Set(took)]).toEqual(["a", "b"]));
    await emptied(second);
  });

  it("tries again when the server stumbles", async () => {
    const { took, state, send } = server();
    state.answer = { ok: false, status: 503, detail: "" };
    const outbox = new Outbox(send, name);
    await outbox.put(entry("a"));
    await vi.waitFor(() => expect(outbox.isAway()).toBe(true));
    state.answer = yes;
    await emptied(outbox);
    expect(took).toEqual(["a"]);
  });

  it("sets a refused entry aside with the reason and goes on with the others", async () => {
    const took: string[] = [];
    const send: Send = async (sent) => {
      if (sent.id === "bad")
        return { ok: false, status: 422, detail: "Repetitions must be 0 to 100, not 999." };
      took.push(sent.id);
      return yes;
    };
    const outbox = new Outbox(send, name);
    await outbox.put(entry("bad"));
    await outbox.put(entry("good"));
    await vi.waitFor(() =>
      expect(outbox.waiting().map((kept) => [kept.id, kept.refused])).toEqual([
        ["bad", "Repetitions must be 0 to 100, not 999."],
      ]),
    );
    expect(took).toEqual(["good"]);
    const again = new Outbox(send, name);
    await vi.waitFor(() => expect(again.waiting()).toHaveLength(1));
    await again.dismiss(again.waiting()[0]?.key ?? 0);
    expect(again.waiting()).toEqual([]);
  });

  it("shows an entry until the view has been told it is stored", async () => {
    const { send } = server();
    const outbox = new Outbox(send, name);
    const seen: number[] = [];
    outbox.onStored(() => seen.push(outbox.waiting().length));
    await outbox.put(entry("a"));
    await emptied(outbox);
    expect(seen).toEqual([1]);
  });

  it("keeps what the server knows of the entry's own view, whatever page is open", async () => {
    const { took, send } = server();
    const outbox = new Outbox(send, name, async (path) => [path, ...took]);
    const told: [string, unknown][] = [];
    outbox.onStored(({ id }, known) => told.push([id, known?.name]));
    await outbox.put({ ...entry("a"), view: { name: "floor", path: "/floor" } });
    await outbox.put({ ...entry("b"), session: "t", view: { name: "round", path: "/round" } });
    await outbox.put(entry("c"));
    await emptied(outbox);
    const later = new Outbox(send, name);
    expect(await later.view("floor")).toEqual(["/floor", "a"]);
    expect(await later.view("round")).toEqual(["/round", "a", "b"]);
    expect(await outbox.view("another")).toBeUndefined();
    expect(told).toEqual([
      ["a", "floor"],
      ["b", "round"],
      ["c", undefined],
    ]);
  });

  it("asks again for a view whose answer is from before a tap came on the disk", async () => {
    const { took, send } = server();
    const outbox = new Outbox(send, name, async () => [...took]);
    const answers: string[][] = [];
    const seen = outbox.lookAt("floor", async () => {
      const answer = [...took];
      answers.push(answer);
      if (answers.length === 1) {
        await outbox.put({ ...entry("a"), view: { name: "floor", path: "/floor" } });
        await emptied(outbox);
      }
      return answer;
    });
    expect(await seen).toEqual(["a"]);
    expect(answers).toEqual([[], ["a"]]);
    expect(await outbox.view("floor")).toEqual(["a"]);
  });

  it("is content with an answer while a tap came on the disk that another view shows", async () => {
    const { send } = server();
    const outbox = new Outbox(send, name, async () => "round");
    let asked = 0;
    const seen = outbox.lookAt("floor", async () => {
      asked += 1;
      await outbox.put({ ...entry("a"), view: { name: "round", path: "/round" } });
      await emptied(outbox);
      return "floor";
    });
    expect(await seen).toBe("floor");
    expect(asked).toBe(1);
  });

  it("lets an entry go whose view is there no more", async () => {
    const outbox = new Outbox(server().send, name, () => Promise.resolve(undefined));
    await outbox.put({ ...entry("a"), view: { name: "floor", path: "/floor" } });
    await emptied(outbox);
    expect(await outbox.view("floor")).toBeUndefined();
  });

  it("does not let an entry go while nobody can say what the server knows, and sends it again", async () => {
    const { took, send } = server();
    let away = true;
    const outbox = new Outbox(send, name, () =>
      away ? Promise.reject(new Error("gone")) : Promise.resolve("known"),
    );
    await outbox.put({ ...entry("a"), view: { name: "floor", path: "/floor" } });
    await vi.waitFor(() => expect(outbox.isAway()).toBe(true));
    expect(outbox.waiting()).toHaveLength(1);
    away = false;
    await emptied(outbox);
    expect(took).toEqual(["a", "a"]);
  });

  it("goes round an entry whose view the server stumbles over, and keeps it", async () => {
    const { took, send } = server();
    const outbox = new Outbox(send, name, () => Promise.reject(new Stumbled("500")));
    await outbox.put({ ...entry("a"), view: { name: "floor", path: "/floor" } });
    await outbox.put({ ...entry("b"), session: "t" });
    await vi.waitFor(() => expect(outbox.waiting().map((kept) => kept.id)).toEqual(["a"]));
    expect([took.includes("b"), outbox.isAway()]).toEqual([true, false]);
    outbox.close();
  });

  it("goes round an entry that the server stumbles over, and holds only what rests on it", async () => {
    const took: string[] = [];
    let mended = false;
    const send: Send = async (sent) => {
      if (!mended && (sent.id === "poison" || sent.kind === "start"))
        return { ok: false, status: 500, detail: "" };
      took.push(sent.id);
      return yes;
    };
    const outbox = new Outbox(send, name);
    await outbox.put({ ...entry("t"), session: "t", kind: "start" });
    await outbox.put({ ...entry("first set of t"), session: "t" });
    await outbox.put(entry("poison"));
    await outbox.put({ ...entry("its correction"), body: { replaces: "poison" } });
    await outbox.put(entry("behind"));
    await vi.waitFor(() => expect(took).toEqual(["behind"]));
    expect(outbox.waiting().map((kept) => kept.id)).toEqual([
      "t",
      "first set of t",
      "poison",
      "its correction",
    ]);
    mended = true;
    await emptied(outbox);
    expect(took).toEqual(["behind", "t", "first set of t", "poison", "its correction"]);
  });

  it("never drops what still waits", async () => {
    const { state, send } = server();
    state.away = true;
    const outbox = new Outbox(send, name);
    await outbox.put(entry("a"));
    await outbox.dismiss(outbox.waiting()[0]?.key ?? 0);
    expect(outbox.waiting().map((kept) => kept.id)).toEqual(["a"]);
    expect(await new Outbox(send, name).isRead()).toBe(false);
  });

  it("loses nothing whatever the server answers, over a reload; only a sentence sets an entry aside", async () => {
    const waits = new Set([401, 403, 408, 425, 429]);
    const tried = async (status: number) => {
      const place = `${name}-${status}`;
      const { took, state, send } = server();
      state.answer = { ok: false, status, detail: "" };
      const first = new Outbox(send, place);
      await first.put(entry("a"));
      await vi.waitFor(() => expect(first.settled()).toBe(true));
      first.close();
      const reloaded = new Outbox(send, place);
      await vi.waitFor(() => expect(reloaded.settled()).toBe(true));
      const aside = status < 500 && !waits.has(status);
      const kept = reloaded.waiting().map(({ id, refused }) => [id, refused !== undefined]);
      expect(kept, `${status}`).toEqual([["a", aside]]);
      state.answer = yes;
      await reloaded.flush();
      expect(took, `${status}`).toEqual(aside ? [] : ["a"]);
      reloaded.close();
    };
    await Promise.all(Array.from({ length: 200 }, (_, n) => tried(400 + n)));
  });

  it("forgets views nobody has opened for two weeks", async () => {
    const outbox = new Outbox(server().send, name);
    const later = vi.spyOn(Date, "now").mockReturnValue(0);
    await outbox.keepView({ name: "old", view: 1 });
    later.mockReturnValue(15 * 24 * 3600 * 1000);
    await outbox.keepView({ name: "new", view: 2 });
    later.mockRestore();
    expect([await outbox.view("old"), await outbox.view("new")]).toEqual([undefined, 2]);
  });

  it("tells its listeners, and stops when they leave", async () => {
    const { send } = server();
    const outbox = new Outbox(send, name);
    const told = vi.fn();
    const leave = outbox.subscribe(told);
    await outbox.put(entry("a"));
    await emptied(outbox);
    const calls = told.mock.calls.length;
    expect(calls).toBeGreaterThanOrEqual(2);
    leave();
    await outbox.put(entry("b"));
    await emptied(outbox);
    expect(told.mock.calls.length).toBe(calls);
  });

  it("says at once whether the server can be reached, whatever the line says", async () => {
    const reach = vi.fn<typeof fetch>();
    vi.stubGlobal("fetch", reach);
    const outbox = new Outbox(server().send, name);
    reach.mockRejectedValueOnce(new TypeError("gone"));
    await outbox.probe();
    expect(outbox.isAway()).toBe(true);
    reach.mockResolvedValueOnce(new Response("[]"));
    await outbox.probe();
    expect(outbox.isAway()).toBe(false);
    vi.unstubAllGlobals();
    outbox.close();
  });

  it("does not take having nothing to send for a sign of the server", async () => {
    const reach = vi.fn<typeof fetch>().mockRejectedValue(new TypeError("gone"));
    vi.stubGlobal("fetch", reach);
    const outbox = new Outbox(server().send, name);
    await vi.waitFor(() => expect(outbox.isRead()).toBe(true));
    await outbox.probe();
    await outbox.flush();
    expect(outbox.isAway()).toBe(true);
    reach.mockResolvedValue(new Response("[]"));
    await vi.waitFor(() => expect(outbox.isAway()).toBe(false), { timeout: 4000 });
    vi.unstubAllGlobals();
    outbox.close();
  });
});
