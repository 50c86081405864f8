// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { freshLog, withSet, type DayLog } from "./dayLog";

const PLACE = "sheet:day";
const said = {
  done: true,
  reps: 8,
  seconds: null,
  load: null,
  reserve: null,
  hurt: false,
  byClock: false,
  at: 1,
};
const withOne = () => withSet(freshLog(), "0:1:0", said);

/** The day in a file that was just opened. */
async function opened(): Promise<void> {
  vi.resetModules();
  const { useDayLog } = await import("./useDayLog");
  function Day() {
    const [log, change] = useDayLog(PLACE);
    const tap = () => change((before) => withSet(before, `0:${Object.keys(before.rows).length + 1}:0`, said));
    return <button onClick={tap}>{Object.keys(log.rows).length} sets</button>;
  }
  render(<Day />);
}
const tap = () => fireEvent.click(screen.getByRole("button"));
const shown = () => screen.getByRole("button").textContent;

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe("a day's log on the phone", () => {
  it("is kept with every tap and there when the file is opened again", async () => {
    await opened();
    expect(localStorage.getItem(PLACE), "nothing was tapped").toBeNull();
    tap();
    tap();
    cleanup();
    await opened();
    expect(shown()).toBe("2 sets");
  });

  it("takes over what the browser brings late, or another tab said", async () => {
    await opened();
    act(() => void window.dispatchEvent(new StorageEvent("storage", { key: "another", newValue: "{}" })));
    act(() => void window.dispatchEvent(new StorageEvent("storage", { key: PLACE, newValue: null })));
    act(() => void window.dispatchEvent(new StorageEvent("storage", { key: PLACE, newValue: "half a l" })));
    expect(shown()).toBe("0 sets");
    act(
      () =>
        void window.dispatchEvent(
          new StorageEvent("storage", { key: PLACE, newValue: JSON.stringify(withOne()) }),
        ),
    );
    expect(shown()).toBe("1 sets");
    tap();
    expect(Object.keys((JSON.parse(localStorage.getItem(PLACE) ?? "") as DayLog).rows)).toHaveLength(2);
  });

  it("loses no tap that was made before the kept log came", async () => {
    await opened();
    tap();
    const kept = withSet(withSet(freshLog(), "1:1:0", said), "1:2:0", said);
    act(
      () =>
        void window.dispatchEvent(
          new StorageEvent("storage", { key: PLACE, newValue: JSON.stringify(kept) }),
        ),
    );
    expect(shown()).toBe("3 sets");
    const stored = JSON.parse(localStorage.getItem(PLACE) ?? "") as DayLog;
    expect([stored.run, Object.keys(stored.rows).length]).toEqual([kept.run, 3]);
  });

  it("is not lost in a browser that keeps nothing while the file stays open, left and entered again", async () => {
    vi.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
      throw new Error("full");
    });
    vi.spyOn(Storage.prototype, "getItem").mockImplementation(() => {
      throw new Error("forbidden");
    });
    await opened();
    tap();
    const { keptLog } = await import("./useDayLog");
    expect(Object.keys(keptLog(PLACE).rows)).toHaveLength(1);
  });
});
