// @vitest-environment jsdom
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { keepFocus, recover } from "./focus";

let stop: () => void = () => undefined;
const rects = [{ width: 1 }] as unknown as DOMRectList;
beforeEach(() => {
  vi.spyOn(Element.prototype, "getClientRects").mockReturnValue(rects);
  document.body.innerHTML = `<main><h1>View</h1><ul>
    <li><button id="a">One</button></li><li><button id="b">Two</button></li><li><button id="c">Three</button></li>
  </ul><button data-main-action id="main">Go on</button></main>`;
  stop = keepFocus();
});
afterEach(() => {
  stop();
  vi.restoreAllMocks();
});

const at = (id: string) => document.getElementById(id) as HTMLElement;
const gone = (id: string) => {
  at(id).parentElement?.removeChild(at(id));
  recover();
  return document.activeElement;
};

test("what followed takes the focus of what was taken out, else what stood before it", () => {
  at("b").focus();
  expect(gone("b")).toBe(at("c"));
  expect(gone("c")).toBe(at("a"));
});

test("the same thing drawn anew takes it", () => {
  at("a").focus();
  const list = at("a").closest("ul") as HTMLElement;
  list.innerHTML = `<li><button id="z">Zero</button></li><li><button id="a2">One</button></li>`;
  recover();
  expect(document.activeElement).toBe(at("a2"));
});

test("what opened a sheet takes it back when the sheet is gone, else what followed that", () => {
  for (const before of ["b", "c"]) {
    at(before).focus();
    document.body.insertAdjacentHTML("beforeend", `<div role="dialog"><button id="in">Keep</button></div>`);
    at("in").focus();
    if (before === "c") at("c").remove();
    document.querySelector("[role=dialog]")?.remove();
    recover();
    expect(document.activeElement).toBe(at("b"));
  }
});

test("the main action comes before the heading, and what has the focus keeps it", () => {
  at("a").focus();
  (at("a").closest("ul") as HTMLElement).remove();
  recover();
  expect(document.activeElement).toBe(at("main"));
  at("main").remove();
  recover();
  expect(document.activeElement?.tagName).toBe("H1");
  document.body.insertAdjacentHTML("beforeend", `<button id="other">Other</button>`);
  at("other").focus();
  recover();
  expect(document.activeElement).toBe(at("other"));
});
