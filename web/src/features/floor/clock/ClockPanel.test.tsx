// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { LineId } from "../../../api/ids";
import type { ShownFloor } from "../floorState";
import { ClockPanel, ClockStart } from "./ClockPanel";
import { begun, paused, type Step, type Timeline } from "./player";
import type { SessionClock } from "./useSessionClock";

const step = (more: Partial<Step>): Step => ({
  kind: "work",
  seconds: 30,
  title: "Plank",
  detail: "hold still",
  line: "l1" as LineId,
  number: 1,
  round: 1,
  side: null,
  closes: true,
  marks: [],
  calls: [],
  opens: false,
  fills: null,
  stations: [],
  ...more,
});
const rest = step({ kind: "rest", seconds: 15, title: "Rest", detail: "", closes: false });
const timeline = (...steps: Step[]) =>
  ({
    group: "g",
    steps,
    seconds: steps.reduce((sum, one) => sum + (one.seconds ?? 0), 0),
    hands_free: steps.every((one) => one.seconds !== null),
  }) as Timeline;

const controls = {
  tap: vi.fn(),
  count: vi.fn(),
  skip: vi.fn(),
  back: vi.fn(),
  pause: vi.fn(),
  resume: vi.fn(),
  longer: vi.fn(),
  end: vi.fn(),
};

/** The clock some seconds into a step. */
function clock(steps: Step[], at: number, after: number, hold = false): void {
  const run = begun(timeline(...steps), "r", 0, at);
  const now = after * 1000;
  const running = { timeline: timeline(...steps), run: hold ? paused(run, now) : run };
  const session = { controls: { ...controls, running, now }, counted: null, sayCounted: vi.fn() };
  render(
    <ClockPanel shown={{ lines: [] } as never as ShownFloor} session={session as never as SessionClock} />,
  );
}
const tap = (name: string) => fireEvent.click(screen.getByRole("button", { name }));

beforeEach(() => vi.clearAllMocks());
afterEach(cleanup);

describe("the clock's panel", () => {
  it("says how long, what comes and that it logs by itself, and starts with one tap", () => {
    const hands = { begin: vi.fn(), byHand: vi.fn(), change: vi.fn() };
    render(<ClockStart timeline={timeline(step({}), rest, step({ round: 2 }))} {...hands} />);
    expect(screen.getByText("1:15 min")).toBeTruthy();
    expect(screen.getByText(/2 rounds/)).toBeTruthy();
    expect(screen.getByText(/runs by itself/)).toBeTruthy();
    tap("Start the clock");
    expect(hands.begin).toHaveBeenCalledOnce();
  });

  it("shows what is on, how long still, and what comes then", () => {
    clock([step({}), rest], 0, 12);
    expect(screen.getByRole("heading", { name: "Plank" })).toBeTruthy();
    expect(screen.getByTestId("clock").textContent).toBe("0:18");
    expect(screen.getByText("Then Rest, 0:15")).toBeTruthy();
    tap("Stop now");
    expect(controls.tap).toHaveBeenCalledOnce();
  });

  it("carries on to a mark once the work's own time is over, not before", () => {
    const marked = step({ seconds: 60, marks: [30, 35, 40] });
    clock([marked], 0, 29);
    expect(screen.queryByRole("button", { name: /^Carries on/ })).toBeNull();
    cleanup();
    clock([marked], 0, 31);
    tap("Carries on to 35 s");
    expect([controls.count.mock.calls.length, controls.tap.mock.calls.length]).toEqual([1, 0]);
  });

  it("goes on from a rest by a tap, and holds still while it is paused", () => {
    clock([rest, step({})], 0, 3);
    tap("Go now");
    expect(controls.skip).toHaveBeenCalledOnce();
    cleanup();
    clock([step({})], 0, 5, true);
    expect(screen.getByText("Paused")).toBeTruthy();
    expect(screen.getByTestId("clock").textContent).toBe("0:25");
  });
});
