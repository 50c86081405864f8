// The words of the screens, each once, in plain language. A view's help names those that stand on it.
import { t } from "../../ui/words";

interface Word {
  /** What it means, in one or two sentences. */
  means: string;
  /** Other words it is looked for by. */
  also?: string;
  /** How it is typed in a cell. */
  typed?: string;
}

export const glossary = {
  "all-round program": {
    means: t("A program for a client without one goal above the others: every movement, moderate loads."),
    also: t("general fitness"),
  },
  band: {
    means: t(
      "How many hard sets a week a muscle should get for this goal and this experience: below it little happens, above it recovery is short.",
    ),
    also: t("volume landmark weekly sets range"),
  },
  "band, elastic": {
    means: t("Elastic resistance. A band by its colour or name has no weight; its order by strength counts."),
    also: t("resistance band tube loop"),
    typed: "3x12 red band",
  },
  "body weight": { means: t("No load but the client’s own body."), also: "bw", typed: "3x8 bw, 3x8 bw+10" },
  backup: {
    means: t(
      "All data of one moment in one sealed file. Without its passphrase nobody reads it; with it, it can be restored on any machine.",
    ),
    also: t("copy restore safe data loss"),
  },
  "back-off sets": {
    means: t("Lighter sets after the heaviest one."),
    also: t("top set down set"),
    typed: "1x5 100 back off 3x8 at -15%",
  },
  "B weeks": {
    means: t("Every other week with other exercises or numbers, where a line says so."),
    also: t("alternate weeks A B"),
  },
  caution: {
    means: t(
      "Something to have in mind before the set, such as a sore joint. It informs; it does not lock anything.",
    ),
    also: t("warning amber"),
  },
  checks: {
    means: t(
      "Rules that read the whole program and ask where something is unusual. Answer with a reason, or take the fix; the question does not come back.",
    ),
    also: t("findings questions"),
  },
  circuit: {
    means: t("Stations done one after another, round by round, by repetitions or by the clock."),
    also: t("stations rounds"),
  },
  clearance: {
    means: t(
      "A clinician’s word on what may be done. What the screen asks for is written down as a clearance.",
    ),
    also: t("doctor medical permission"),
  },
  cluster: {
    means: t("A set in parts with a short pause between them, so that a heavy load stays clean."),
    also: t("rest pause"),
    typed: "4x2+2+2 100 pause 20",
  },
  confidence: {
    means: t(
      "How sure an estimate is. The range beside it is where the truth most likely lies; few or old sets make it wide.",
    ),
    also: t("uncertainty band range error"),
  },
  cues: {
    means: t("Short words for the client during the set. Each line shows those chosen for this client."),
  },
  cuffs: {
    means: t("Work with restricted blood flow: light loads, taught and cleared beforehand."),
    also: t("bfr occlusion"),
    typed: "4x20 8 cuffs",
  },
  "drop set": {
    means: t("At the end of the last set the load is taken down at once and the set goes on."),
    typed: "3x10 20 drop to 15/10",
  },
  "each side": {
    means: t("Left and right are worked one after the other; the numbers hold for each side."),
    also: t("unilateral per leg single"),
    typed: "3x8 each side left first",
  },
  "easier week": {
    means: t("A week with less work, so that the weeks before can take effect."),
    also: t("deload ease off"),
  },
  effort: {
    means: t(
      "How hard the whole session was, 0 to 10, asked at its end. Effort times minutes is the load of the session.",
    ),
    also: t("session rpe"),
  },
  "estimated max": {
    means: t(
      "What the client could most likely lift once, worked out from sets that were done, not tried. It moves slowly, and one odd set is left out.",
    ),
    also: "1rm one repetition maximum e1rm",
  },
  findings: {
    means: t("What the checks ask about this program, with the reason and, where there is one, a fix."),
    also: t("checks warnings questions"),
  },
  "fit to time": {
    means: t(
      "Changes that bring the day into its minutes, those that cost its purpose least first. You see each before it is taken.",
    ),
    also: t("shorten minutes"),
  },
  floor: {
    means: t("Where a session is run and logged: one exercise at a time, one tap for a set as planned."),
  },
  "for reps": {
    means: t("Work by the clock in which repetitions are counted."),
    typed: "3x45s for reps",
  },
  group: {
    means: t(
      "Lines done together, round by round: a pair, a tri-set, a circuit. Choose lines with Space, then group them.",
    ),
    also: t("superset giant set"),
  },
  "health screen": {
    means: t(
      "A few questions on activity, disease and signs. It says whether a clinician is asked first and how hard one may begin. It diagnoses nothing.",
    ),
    also: t("screening questionnaire"),
  },
  hold: {
    means: t("A position kept still by the clock."),
    also: t("isometric plank"),
    typed: "3x40s hold",
  },
  "house rule": {
    means: t("A figure of ours where practice and research leave room. Each number’s reason says so."),
  },
  kit: {
    means: t(
      "What there is to lift at a place. It is written as you would say it; every line answers with the loads it was understood as.",
    ),
    also: t("equipment inventory"),
  },
  ladder: {
    means: t("Exercises of one kind from easiest to hardest. Each of them is a rung."),
    also: t("progression regression rungs"),
  },
  "last time": {
    means: t("What was done of this exercise in the client’s last session with it."),
    typed: "3x8 last time + 2.5",
  },
  "left out": { means: t("Not done today, on purpose. It stays in the program and counts as skipped.") },
  load: {
    means: t(
      "The weight in the hand, in the unit it was entered in. Dumbbells and kettlebells count by the piece, a barbell with its bar.",
    ),
    also: t("weight kg lb"),
    typed: "3x8 60, 3x8 25lb",
  },
  method: {
    means: "How a line is raised from session to session: reps first, load first, skill, density, time.",
    also: "school policy progression",
  },
  "most rounds": {
    means: t("As many rounds as fit into a time, without a rush that costs form."),
    also: "amrap",
    typed: "most x 5 24 in 12:00",
  },
  "on the minute": {
    means: t("A set begins at every full minute (or every so many seconds); what is left of it is rest."),
    also: t("emom interval"),
    typed: t("emom 10: 5"),
  },
  pace: {
    means: t(
      "How long this client takes against the estimate. 1.1 is a tenth longer; the minutes of a day reckon with it.",
    ),
  },
  phase: {
    means: t("Some weeks with one purpose. A program is its phases one after another."),
    also: t("block mesocycle"),
  },
  plateau: {
    means: t("A lift that has truly stood still for some weeks, more than its usual ups and downs explain."),
    also: "stall",
  },
  "planned and done": {
    means: t(
      "An outline is what was planned, a filled block what was done. Width is repetitions or time, height is load.",
    ),
    also: t("set blocks picture"),
  },
  program: { means: t("What a client trains over the weeks: phases, days, lines and their cells.") },
  proposal: {
    means: t(
      "What the app would change for next time, with its evidence. You accept, change or decline; nothing is raised without you.",
    ),
    also: t("suggestion progression"),
  },
  "ramp-up sets": {
    means: t("Light sets that lead up to the work. They do not count as work."),
    also: "warm-up sets",
    typed: "3x8 40 ramp",
  },
  range: {
    means: t("From so many to so many repetitions: once all sets reach the upper end, the load goes up."),
    also: t("double progression"),
    typed: "3x8-10",
  },
  readiness: {
    means: t(
      "How the client comes in today: sleep, energy, stress, soreness. On a poor day the work is eased, if you agree.",
    ),
  },
  record: {
    means: t("Sessions that were brought in from a spreadsheet. They count like those logged here."),
    also: t("history import past sessions"),
  },
  "re-test": { means: t("The same tests again after some weeks, side by side with the last time.") },
  "reps left": {
    means: t("How many more clean repetitions the client could have done. 0 is none, 2 is the usual."),
    also: t("rir reserve rpe effort"),
    typed: "3x8 leave 2, 3x5 @ RPE 8",
  },
  rest: { means: t("Time between sets."), also: t("pause break"), typed: "3x8 rest 2:00" },
  review: {
    means: t("After a session: what was done against what was planned, and what next time may ask for."),
  },
  revision: {
    means: t("Every change of a program is kept. The logbook shows them, compares two, and brings one back."),
    also: t("history undo logbook version"),
  },
  rung: {
    means: t("One exercise of a ladder. The easier and harder rung of a line are named in advance."),
    also: "progression",
  },
  section: { means: t("Part of a session: warm-up, main, accessory, trunk, finisher, cardio, cool-down.") },
  "set blocks": {
    means: t(
      "Each set is drawn as a block: wider is more repetitions or time, taller is heavier. The area is the work.",
    ),
    also: t("picture drawing"),
  },
  shorthand: {
    means: t(
      "How a line is typed: sets x reps, then load, tempo, rest, reps left, in any order. What cannot be read is kept as typed and marked.",
    ),
    also: t("typing cell format"),
    typed: "4x8-10 62.5 tempo 31x0 rest 2:00 leave 2",
  },
  "side by side": { means: t("Two tests, two clients on the floor, or two revisions, next to each other.") },
  sore: {
    means: t("A joint or muscle that complains now. Loads through it are not raised."),
    also: t("pain injury"),
  },
  stop: {
    means: t("End the set, or do not begin it. Warning signs end the session and ask for help."),
    also: t("red warning signs"),
  },
  "sum of sets": {
    means: t("Hard sets a week for each muscle, main movers counted whole, helpers half."),
    also: "volume",
  },
  template: {
    means: t("A program of ours that is fitted to the client’s place, joints and minutes when you take it."),
  },
  tempo: {
    means: t("Seconds of lowering, pause, lifting, pause. X is as fast as possible."),
    typed: "3x8 tempo 31x0",
  },
  "top-up day": { means: t("A day that is done if there is time; missing it is not missing.") },
  trust: {
    means: t("How much a set says of strength: sets with pain, poor form or a stopped clock say little."),
  },
  "usual kit": {
    means: t("A ready list of what such a place has, to start from."),
    also: t("equipment preset"),
  },
  "warning signs": {
    means: t(
      "Signs on which training stops at once: chest pain, faintness, sudden breathlessness and others.",
    ),
    also: "emergency",
  },
} as const satisfies Record<string, Word>;

export type Term = keyof typeof glossary;

const entries = Object.entries<Word>(glossary).map(([term, word]) => ({ term, ...word }));

export type Entry = (typeof entries)[number];

/** The words that some typed words are found in, those whose name begins with them first; all of them for none. */
export function look(typed: string): readonly Entry[] {
  const asked = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const found = entries.filter(({ term, means, also, typed: written }) => {
    const text = `${term} ${also ?? ""} ${means} ${written ?? ""}`.toLowerCase();
    return asked.every((word) => text.includes(word));
  });
  const rank = ({ term, also }: Entry) =>
    term.startsWith(asked[0] ?? "") ? 0 : (also ?? "").includes(asked[0] ?? "") ? 1 : 2;
  return asked.length ? [...found].sort((one, other) => rank(one) - rank(other)) : found;
}

export const entryOf = (term: Term): Entry => ({ term, ...(glossary[term] as Word) });
