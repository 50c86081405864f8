import "fake-indexeddb/auto";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { forgetViews, openOutboxDatabase } from "../outbox/database";
import { Outbox, type Entry, type Send } from "../outbox/outbox";
import { asText, fromText, importKey, PLAIN, sealedVault, type Vault } from "./vault";
import { isTimeToLock } from "./useAutoLock";

const KEY = "kq7p3mQ0c2Vb9s1XyZ4tR6uN8wE5aJfHgLdKoPiMnQU";
const OTHER = "AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA";
const MARK = "MARKED-knee-hurts";

const of = async (whose: string, key = KEY): Promise<Vault> => sealedVault(whose, await importKey(key));

describe("a vault", () => {
  it("opens what it sealed, and nobody else does", async () => {
    const ida = await of("ida");
    const sealed = await ida.seal({ note: MARK, list: [1, null, "ß"] });
    expect(await ida.open(sealed)).toEqual({ note: MARK, list: [1, null, "ß"] });
    expect(await (await of("jorun", OTHER)).open(sealed)).toBeUndefined();
    expect(await (await of("jorun")).open(sealed)).toBeUndefined();
    expect(await (await of("ida", OTHER)).open(sealed)).toBeUndefined();
    expect(await PLAIN.open(sealed)).toBeUndefined();
  });

  it("seals the same differently each time, and shows nothing of it", async () => {
    const ida = await of("ida");
    const [one, two] = [asText(await ida.seal(MARK)), asText(await ida.seal(MARK))];
    expect(one).not.toBe(two);
    expect(atob((JSON.parse(one) as { data: string }).data)).not.toContain("MARKED");
    expect(await ida.open(fromText(one))).toBe(MARK);
  });

  it("opens nothing that was changed or cut", async () => {
    const ida = await of("ida");
    const text = asText(await ida.seal(MARK));
    const said = JSON.parse(text) as { data: string };
    const flipped = { ...said, data: `${said.data[0] === "A" ? "B" : "A"}${said.data.slice(1)}` };
    expect(await ida.open(fromText(JSON.stringify(flipped)))).toBeUndefined();
    expect(fromText(text.slice(0, 20))).toBeNull();
  });

  it("reads what was kept before anybody signed in", async () => {
    expect(await (await of("ida")).open({ id: "a" })).toEqual({ id: "a" });
  });
});

describe("an outbox in a vault", () => {
  let name = "";
  beforeEach(() => {
    name = `outbox-${Math.random()}`;
  });
  const entry = (id: string): Entry => ({
    session: "s",
    id,
    kind: "note",
    method: "POST",
    path: `/${id}`,
    body: { text: MARK },
  });
  const away: Send = () => Promise.reject(new TypeError("failed to fetch"));

  it("keeps unsent taps for their own trainer through another's day, and shows nothing on the disk", async () => {
    const ida = new Outbox(away, name, undefined, of("ida"));
    await ida.put(entry("a"));
    await ida.keepView({ name: "floor", view: { note: MARK } });
    ida.close();

    const jorunTook: string[] = [];
    const took: Send = async (sent) => {
      jorunTook.push(sent.id);
      return { ok: true, status: 200, detail: "" };
    };
    const jorun = new Outbox(took, name, undefined, of("jorun", OTHER));
    await jorun.put(entry("b"));
    await vi.waitFor(() => expect(jorun.waiting()).toEqual([]));
    expect(jorunTook).toEqual(["b"]);
    expect(await jorun.view("floor")).toBeUndefined();
    jorun.close();

    const idaTook: string[] = [];
    const again = new Outbox(
      async (sent) => {
        idaTook.push(`${sent.id} ${JSON.stringify(sent.body)}`);
        return { ok: true, status: 200, detail: "" };
      },
      name,
      undefined,
      of("ida"),
    );
    expect(await again.view("floor")).toEqual({ note: MARK });
    await vi.waitFor(() => expect(idaTook).toEqual([`a {"text":"${MARK}"}`]));
    again.close();

    const raw = await new Promise<unknown[]>((resolve) => {
      const opening = indexedDB.open(name);
      opening.onsuccess = () => {
        const all = opening.result.transaction("views").objectStore("views").getAll();
        all.onsuccess = () => resolve(all.result as unknown[]);
      };
    });
    expect(raw).toHaveLength(1);
    expect(JSON.stringify(raw)).not.toContain("MARKED");
  });

  it("forgets the views of who signs out and those that are too old; what is not sent stays", async () => {
    const held = new Outbox(away, name, undefined, of("ida"));
    await held.put(entry("a"));
    await held.keepView({ name: "floor", view: 1 });
    held.close();
    const kept = async () => {
      const open = await openOutboxDatabase(name);
      const found = [await open.count("views"), await open.count("outbox")];
      open.close();
      return found;
    };
    await forgetViews("jorun", undefined, name);
    await forgetViews(undefined, 1, name);
    expect(await kept()).toEqual([1, 1]);
    await forgetViews(undefined, -1, name);
    expect(await kept()).toEqual([0, 1]);
    await held.keepView({ name: "floor", view: 1 });
    await forgetViews("ida", undefined, name);
    expect(await kept()).toEqual([0, 1]);
  });
});

describe("the lock", () => {
  it("comes after so many minutes without a touch, and never while a clock runs", () => {
    expect(isTimeToLock(10, 0, 599_999, false)).toBe(false);
    expect(isTimeToLock(10, 0, 600_000, false)).toBe(true);
    expect(isTimeToLock(10, 0, 6_000_000, true)).toBe(false);
  });
});
