// `node run.mjs <base> firefox|webkit`: one journey in one browser, as `make browsers` asks for it.
import puppeteer from "puppeteer-core";
import { Builder, Capabilities } from "selenium-webdriver";
import { journey } from "./journey.mjs";

const [base, which] = process.argv.slice(2);

/** Firefox speaks WebDriver BiDi by itself. */
async function firefox() {
  const browser = await puppeteer.launch({
    browser: "firefox",
    executablePath: "/usr/bin/firefox-esr",
    headless: true,
  });
  const page = await browser.newPage();
  return {
    open: (url) => page.goto(url),
    run: (ask, ...args) => page.evaluate(ask, ...args),
    close: () => browser.close(),
  };
}

/** WebKit through Debian's driver, which starts its own MiniBrowser. */
async function webkit() {
  const wanted = new Capabilities({
    browserName: "MiniBrowser",
    "webkitgtk:browserOptions": {
      binary: process.env.MINI_BROWSER,
      args: ["--automation"],
    },
  });
  const driver = await new Builder()
    .usingServer(process.env.WEBKIT_DRIVER)
    .withCapabilities(wanted)
    .build();
  return {
    open: (url) => driver.get(url),
    run: (ask, ...args) => driver.executeScript(`return (${ask}).apply(null, arguments)`, ...args),
    close: () => driver.quit(),
  };
}

const driver = await { firefox, webkit }[which]();
try {
  const done = await journey(driver, base);
  console.log(`${which}: ${done.length} steps, to “${done.at(-1)}”`);
} catch (trouble) {
  console.error(`${which}: ${trouble.message}`);
  process.exitCode = 1;
} finally {
  await driver.close();
}
