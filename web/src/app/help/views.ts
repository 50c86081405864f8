// What each view is for, its words, and the keys that hold on it.
import { t } from "../../ui/words";
import type { View } from "../keys/shortcuts";
import type { Term } from "./glossary";
import type { HelpKey } from "./titles";

interface ViewHelp {
  /** What one does here, in a sentence or two. */
  does: string;
  words: readonly Term[];
  keys: readonly View[];
}

export const helpOf = {
  today: {
    does: t(
      "Who comes, what waits for a decision, what is due. Open the floor from a session, the review from what waits.",
    ),
    words: ["floor", "review", "proposal", "re-test", "health screen", "plateau"],
    keys: [],
  },
  clients: {
    does: t("All clients. A new one needs a name and no more; a list can be brought in from a spreadsheet."),
    words: ["program", "record"],
    keys: [],
  },
  "new client": {
    does: t("A name is enough. The file opens and keeps what you write as you go."),
    words: ["load"],
    keys: ["field"],
  },
  "bring in": {
    does: t(
      "Paste rows or open a file, read what was understood line by line, then bring it in. Nothing is written before, and one undo takes it back.",
    ),
    words: ["record", "estimated max", "last time"],
    keys: [],
  },
  client: {
    does: t("Who the client is and what for. Every field keeps itself when you leave it."),
    words: ["method", "band", "health screen", "caution"],
    keys: ["field"],
  },
  health: {
    does: t(
      "The screen, clearances, and how each joint stands. What is written here is heeded by drafts, checks, floor and proposals.",
    ),
    words: ["health screen", "clearance", "sore", "caution", "stop", "warning signs"],
    keys: ["field"],
  },
  places: {
    does: t(
      "Where the client trains and what can be lifted there. Write it as you would say it, start from a usual kit, or pick.",
    ),
    words: ["kit", "usual kit", "band, elastic", "load"],
    keys: [],
  },
  start: {
    does: t("Let it be drafted from the file, take a template, or begin empty and type or paste."),
    words: ["template", "phase", "band", "method", "health screen", "record"],
    keys: [],
  },
  "client tests": {
    does: t("Batteries that were done, and what changed between them beyond the error of the test."),
    words: ["re-test", "side by side"],
    keys: [],
  },
  library: {
    does: t(
      "Every exercise by any name it goes by, with muscles, joints, kit, cues and its ladder. Make your own from one that is like it.",
    ),
    words: ["ladder", "rung", "cues", "kit"],
    keys: ["library"],
  },
  batteries: {
    does: t("Which tests belong together, and after how many weeks they are done again."),
    words: ["re-test"],
    keys: [],
  },
  progress: {
    does: t(
      "Planned against done week by week, strength with its range, tests, body weight, pain. Choose an exercise on the left.",
    ),
    words: [
      "estimated max",
      "confidence",
      "planned and done",
      "set blocks",
      "plateau",
      "sum of sets",
      "record",
    ],
    keys: [],
  },
  board: {
    does: t(
      "Weeks across, days and exercises down. Type in a cell; the dock beside it shows minutes, sets by muscle and findings.",
    ),
    words: [
      "shorthand",
      "tempo",
      "reps left",
      "rest",
      "each side",
      "range",
      "group",
      "circuit",
      "back-off sets",
      "drop set",
      "on the minute",
      "most rounds",
      "findings",
      "fit to time",
      "band",
      "phase",
      "easier week",
      "B weeks",
      "revision",
    ],
    keys: ["cell", "head", "typing", "add", "board"],
  },
  ahead: {
    does: t(
      "Where the lines lead if it goes well, as lately, or through a bad patch, and what to know before it comes.",
    ),
    words: ["proposal", "method", "plateau", "easier week"],
    keys: [],
  },
  programs: {
    does: t(
      "A client’s programs over the years: the one that runs, what is prepared, what is over. One is ended here, and the next prepared.",
    ),
    words: ["program", "phase"],
    keys: [],
  },
  report: {
    does: t(
      "What a client did over a span and where it led, in words you can change, as a page or on paper to hand over.",
    ),
    words: ["estimated max", "planned and done"],
    keys: [],
  },
  home: {
    does: t(
      "Sheets for what a client does alone, and what came back from them. A result is looked at before it goes into the log.",
    ),
    words: ["program", "reps left"],
    keys: [],
  },
  outcome: {
    does: t(
      "A program against its plan: sessions, sets, strength, tests. What carries over begins the next one.",
    ),
    words: ["estimated max", "phase", "planned and done"],
    keys: [],
  },
  calendar: {
    does: t(
      "Sessions by date. A missed one is moved, merged or dropped here; weeks off let all that follows come later.",
    ),
    words: ["phase", "top-up day", "easier week"],
    keys: [],
  },
  people: {
    does: t(
      "Who is in the studio and may do what; how you sign in; which devices are the studio’s. Nobody signs in until the owner chooses a passphrase.",
    ),
    words: ["backup"],
    keys: [],
  },
  records: {
    does: t(
      "Whose files are kept longer than the studio means to, and who did what that concerns no client.",
    ),
    words: ["backup"],
    keys: [],
  },
  backups: {
    does: t(
      "Copies of all data, sealed with your passphrase. One is made on its own while the app runs; check one now and then, and restore one when it is needed.",
    ),
    words: ["backup"],
    keys: [],
  },
  settings: {
    does: t("How the floor calls, which devices there are, what is asked before a session."),
    words: ["readiness", "floor"],
    keys: [],
  },
  review: {
    does: t(
      "Each line with what was done, and what next time may ask for. Accept, change or decline; the evidence stands under it.",
    ),
    words: [
      "proposal",
      "planned and done",
      "reps left",
      "estimated max",
      "confidence",
      "trust",
      "house rule",
    ],
    keys: [],
  },
  summary: {
    does: t("The session at a glance, to be said to the client: what was done, what was more than before."),
    words: ["effort", "pace", "planned and done"],
    keys: [],
  },
  testing: {
    does: t("One test after another, with what was measured last time beside it."),
    words: ["re-test", "stop"],
    keys: ["testing", "field"],
  },
  floor: {
    does: t(
      "One exercise at a time. One tap logs the set as planned; change reps or load first where it went otherwise. Pain and warning signs are one tap away.",
    ),
    words: [
      "reps left",
      "ramp-up sets",
      "rest",
      "last time",
      "left out",
      "readiness",
      "caution",
      "stop",
      "warning signs",
      "circuit",
      "rung",
      "effort",
    ],
    keys: ["set", "floor", "panel"],
  },
} as const satisfies Record<HelpKey, ViewHelp>;
