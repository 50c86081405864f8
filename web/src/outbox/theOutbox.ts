// The one outbox of a browser tab; sending is tried again when the network or the page comes back.
import { Outbox } from "./outbox";

export const outbox = new Outbox();
window.addEventListener("online", () => void outbox.flush());
window.addEventListener("offline", () => void outbox.probe().then(outbox.flush));
document.addEventListener("visibilitychange", () => void outbox.flush());
