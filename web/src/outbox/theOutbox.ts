// The one outbox of a browser tab; sending is tried again when the network or the page comes back.
import { vault } from "../access/access";
import { lookByHttp, Outbox, sendByHttp } from "./outbox";

/** Milliseconds between two looks while the browser says there is no line but the server was still reached. */
const LOOK_AGAIN = 2000;

export const outbox = new Outbox(sendByHttp, "upright-anvil", lookByHttp, vault);
window.addEventListener("online", () => void outbox.flush());
window.addEventListener("offline", () => void watch());
document.addEventListener("visibilitychange", () => void outbox.flush());

/** A line that has just gone may still have answered once: asked until the server is away or the line is back. */
async function watch(): Promise<void> {
  await outbox.probe();
  await outbox.flush();
  if (!navigator.onLine && !outbox.isAway()) setTimeout(() => void watch(), LOOK_AGAIN);
}
