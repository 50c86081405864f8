// @vitest-environment jsdom
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import { Input } from "./Input";

afterEach(cleanup);

function View({ late }: { late: boolean }) {
  return (
    <>
      {late && <Input aria-label="Rows" rows={3} autoFocus />}
      <div role="dialog">
        <Input aria-label="Go to" autoFocus />
      </div>
    </>
  );
}

it("takes the focus as it comes", () => {
  render(<Input aria-label="Name" autoFocus />);
  expect(document.activeElement).toBe(screen.getByLabelText("Name"));
});

it("takes nothing from who types in a box that lies over its view, however late it comes", () => {
  const { rerender } = render(<View late={false} />);
  expect(document.activeElement).toBe(screen.getByLabelText("Go to"));
  rerender(<View late />);
  expect(screen.getByLabelText("Rows")).toBeTruthy();
  expect(document.activeElement).toBe(screen.getByLabelText("Go to"));
});
