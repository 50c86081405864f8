// The floor in browsers that are not Chromium: a set logged and still there after a reload, and one clock run.
// A driver opens an address and runs a function in the page; everything else is the same for all of them.

const PATIENCE = 20_000;
const STEP = 200;

/** Runs the journey with a driver; answers the steps that were done, throws at the first that was not. */
export async function journey({ open, run }, base) {
  const done = [];
  const until = async (what, ask, ...args) => {
    for (let waited = 0; waited < PATIENCE; waited += STEP) {
      if (await run(ask, ...args)) return done.push(what);
      await new Promise((wake) => setTimeout(wake, STEP));
    }
    throw new Error(`${what}: not within ${PATIENCE / 1000} s, after ${done.join(", ") || "nothing"}`);
  };
  const press = (name) => until(`press ${name}`, pressed, name);
  const see = (name) => until(`see ${name}`, seen, name);

  await open(base);
  await until("Today lists a session", found, 'a[href^="/floor/"]');
  const floor = await run(addressOf, "Casimir Holt");
  await open(base + floor);
  await press("^Begin as planned$");
  await press("^Straight to the work$|^Set 1: planned");
  await press("^Done: ");
  await see("^Set 1: .*done .*saved");
  await open(base + floor);
  await see("^Set 1: .*done .*saved");
  await press("^Plank");
  await press("^Start the clock$");
  await press("^Ready now$");
  const began = await run(clock);
  await until("the clock counts down", later, began);
  await press("^Stop now$");
  await press("^Plank");
  await see("^Set 1: .*done \\d+ s.*saved");
  return done;
}

// What follows runs in the page.

function pressed(name) {
  const says = (node) => (node.getAttribute("aria-label") ?? node.textContent).trim().replace(/\s+/g, " ");
  const button = [...document.querySelectorAll("button")].find((one) => new RegExp(name).test(says(one)));
  button?.click();
  return button !== undefined;
}

function seen(name) {
  const says = (node) => (node.getAttribute("aria-label") ?? node.textContent).trim().replace(/\s+/g, " ");
  return [...document.querySelectorAll("button")].some((one) => new RegExp(name).test(says(one)));
}

function found(selector) {
  return document.querySelector(selector) !== null;
}

function addressOf(client) {
  const row = [...document.querySelectorAll("li")].find((one) => one.textContent.includes(client));
  return new URL(row.querySelector('a[href^="/floor/"]').href).pathname;
}

function clock() {
  return document.querySelector('[data-testid="clock"]')?.textContent ?? "";
}

function later(began) {
  const now = document.querySelector('[data-testid="clock"]')?.textContent;
  return now !== undefined && now !== began;
}
