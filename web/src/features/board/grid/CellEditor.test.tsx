// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../../../api/client";
import type { ExerciseId, LineId, ProgramId, WeekId } from "../../../api/ids";
import { CellEditor } from "./CellEditor";

const hands = { onType: vi.fn(), onKeep: vi.fn(), onLeave: vi.fn() };

function open(start = "") {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <CellEditor
        programId={"p" as ProgramId}
        exercise={"back-squat" as ExerciseId}
        at={{ line: "l" as LineId, week: "w" as WeekId }}
        start={start}
        label="Back squat, week 1"
        late={false}
        compact={false}
        {...hands}
      />
    </QueryClientProvider>,
  );
  return screen.getByRole("textbox", { name: "Back squat, week 1" });
}
const type = (box: HTMLElement, text: string) => fireEvent.change(box, { target: { value: text } });

beforeEach(() => {
  vi.clearAllMocks();
  vi.spyOn(api, "hints").mockResolvedValue({
    loads: [40, 50, 60, 70, 80, 90, 100, 110].map((kg) => ({ value: String(kg), unit: "kg" as const })),
    last: null,
    fitting: null,
    around: { value: "80", unit: "kg" },
  });
  vi.spyOn(api, "readLine").mockImplementation((_, { text }) =>
    Promise.resolve(
      (text === "3 x heavy"
        ? {
            state: "unreadable",
            unreadable: { position: 4, expected: "repetitions", nearest: "3 x 8", because: "" },
          }
        : { state: text ? "read" : "empty", text, sets: 3, bar: null, bars: [] }) as never,
    ),
  );
});
afterEach(cleanup);

describe("typing into a cell", () => {
  it("shows what was read, and Enter keeps it and goes down", async () => {
    const box = open();
    type(box, "3 x 8");
    expect(await screen.findByText("3 x 8")).toBeTruthy();
    expect(hands.onType).toHaveBeenLastCalledWith("3 x 8");
    fireEvent.keyDown(box, { key: "Enter" });
    expect(hands.onKeep).toHaveBeenCalledExactlyOnceWith("3 x 8", { far: false, move: [1, 0] });
    fireEvent.blur(box);
    expect(hands.onKeep).toHaveBeenCalledOnce();
  });

  it.each([
    [
      { key: "Enter", shiftKey: true },
      { far: true, move: [0, 0] },
    ],
    [{ key: "Tab" }, { far: false, move: [0, 1] }],
    [
      { key: "Tab", shiftKey: true },
      { far: false, move: [0, -1] },
    ],
  ])("knows where %o goes on", (key, how) => {
    fireEvent.keyDown(open("5 x 5"), key);
    expect(hands.onKeep).toHaveBeenCalledExactlyOnceWith("5 x 5", how);
  });

  it("leaves without keeping on Escape, and keeps when it loses the focus", () => {
    fireEvent.keyDown(open("5 x 5"), { key: "Escape" });
    expect([hands.onLeave.mock.calls.length, hands.onKeep.mock.calls.length]).toEqual([1, 0]);
    cleanup();
    fireEvent.blur(open("5 x 5"));
    expect(hands.onKeep).toHaveBeenCalledExactlyOnceWith("5 x 5", { far: false, move: [0, 0] });
  });

  it("says where it stops understanding, and takes the nearest line with one tap", async () => {
    const box = open();
    type(box, "3 x heavy");
    expect(await screen.findByText("At character 5: expected repetitions.")).toBeTruthy();
    expect(box.getAttribute("aria-invalid")).toBe("true");
    fireEvent.mouseDown(screen.getByRole("button", { name: "3 x 8" }));
    expect((box as HTMLInputElement).value).toBe("3 x 8");
  });

  it("offers the loads of the place around the one to look at first", async () => {
    const box = open("3 x 8,");
    const loads = await screen.findAllByRole("button", { name: /kg$/ });
    expect(loads.map((one) => one.textContent)).toEqual([
      "50 kg",
      "60 kg",
      "70 kg",
      "80 kg",
      "90 kg",
      "100 kg",
    ]);
    fireEvent.mouseDown(loads[3] as HTMLElement);
    expect((box as HTMLInputElement).value).toBe("3 x 8, 80 kg");
  });
});
