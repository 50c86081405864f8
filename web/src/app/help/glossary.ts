// The words of the screens, each once, in plain language. A view's help names those that stand on it.

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
    means: "A program for a client without one goal above the others: every movement, moderate loads.",
    also: "general fitness",
  },
  band: {
    means:
      "How many hard sets a week a muscle should get for this goal and this experience: below it little happens, above it recovery is short.",
    also: "volume landmark weekly sets range",
  },
  "band, elastic": {
    means: "Elastic resistance. A band by its colour or name has no weight; its order by strength counts.",
    also: "resistance band tube loop",
    typed: "3x12 red band",
  },
  "body weight": { means: "No load but the client’s own body.", also: "bw", typed: "3x8 bw, 3x8 bw+10" },
  "back-off sets": {
    means: "Lighter sets after the heaviest one.",
    also: "top set down set",
    typed: "1x5 100 back off 3x8 at -15%",
  },
  "B weeks": {
    means: "Every other week with other exercises or numbers, where a line says so.",
    also: "alternate weeks A B",
  },
  caution: {
    means:
      "Something to have in mind before the set, such as a sore joint. It informs; it does not lock anything.",
    also: "warning amber",
  },
  checks: {
    means:
      "Rules that read the whole program and ask where something is unusual. Answer with a reason, or take the fix; the question does not come back.",
    also: "findings questions",
  },
  circuit: {
    means: "Stations done one after another, round by round, by repetitions or by the clock.",
    also: "stations rounds",
  },
  clearance: {
    means: "A clinician’s word on what may be done. What the screen asks for is written down as a clearance.",
    also: "doctor medical permission",
  },
  cluster: {
    means: "A set in parts with a short pause between them, so that a heavy load stays clean.",
    also: "rest pause",
    typed: "4x2+2+2 100 pause 20",
  },
  confidence: {
    means:
      "How sure an estimate is. The range beside it is where the truth most likely lies; few or old sets make it wide.",
    also: "uncertainty band range error",
  },
  cues: { means: "Short words for the client during the set. Each line shows those chosen for this client." },
  cuffs: {
    means: "Work with restricted blood flow: light loads, taught and cleared beforehand.",
    also: "bfr occlusion",
    typed: "4x20 8 cuffs",
  },
  "drop set": {
    means: "At the end of the last set the load is taken down at once and the set goes on.",
    typed: "3x10 20 drop to 15/10",
  },
  "each side": {
    means: "Left and right are worked one after the other; the numbers hold for each side.",
    also: "unilateral per leg single",
    typed: "3x8 each side left first",
  },
  "easier week": {
    means: "A week with less work, so that the weeks before can take effect.",
    also: "deload ease off",
  },
  effort: {
    means:
      "How hard the whole session was, 0 to 10, asked at its end. Effort times minutes is the load of the session.",
    also: "session rpe",
  },
  "estimated max": {
    means:
      "What the client could most likely lift once, worked out from sets that were done, not tried. It moves slowly, and one odd set is left out.",
    also: "1rm one repetition maximum e1rm",
  },
  findings: {
    means: "What the checks ask about this program, with the reason and, where there is one, a fix.",
    also: "checks warnings questions",
  },
  "fit to time": {
    means:
      "Changes that bring the day into its minutes, those that cost its purpose least first. You see each before it is taken.",
    also: "shorten minutes",
  },
  floor: {
    means: "Where a session is run and logged: one exercise at a time, one tap for a set as planned.",
  },
  "for reps": {
    means: "Work by the clock in which repetitions are counted.",
    typed: "3x45s for reps",
  },
  group: {
    means:
      "Lines done together, round by round: a pair, a tri-set, a circuit. Choose lines with Space, then group them.",
    also: "superset giant set",
  },
  "health screen": {
    means:
      "A few questions on activity, disease and signs. It says whether a clinician is asked first and how hard one may begin. It diagnoses nothing.",
    also: "screening questionnaire",
  },
  hold: {
    means: "A position kept still by the clock.",
    also: "isometric plank",
    typed: "3x40s hold",
  },
  "house rule": {
    means: "A figure of ours where practice and research leave room. Each number’s reason says so.",
  },
  kit: {
    means:
      "What there is to lift at a place. It is written as you would say it; every line answers with the loads it was understood as.",
    also: "equipment inventory",
  },
  ladder: {
    means: "Exercises of one kind from easiest to hardest. Each of them is a rung.",
    also: "progression regression rungs",
  },
  "last time": {
    means: "What was done of this exercise in the client’s last session with it.",
    typed: "3x8 last time + 2.5",
  },
  "left out": { means: "Not done today, on purpose. It stays in the program and counts as skipped." },
  load: {
    means:
      "The weight in the hand, in the unit it was entered in. Dumbbells and kettlebells count by the piece, a barbell with its bar.",
    also: "weight kg lb",
    typed: "3x8 60, 3x8 25lb",
  },
  method: {
    means: "How a line is raised from session to session: reps first, load first, skill, density, time.",
    also: "school policy progression",
  },
  "most rounds": {
    means: "As many rounds as fit into a time, without a rush that costs form.",
    also: "amrap",
    typed: "most x 5 24 in 12:00",
  },
  "on the minute": {
    means: "A set begins at every full minute (or every so many seconds); what is left of it is rest.",
    also: "emom interval",
    typed: "emom 10: 5",
  },
  pace: {
    means:
      "How long this client takes against the estimate. 1.1 is a tenth longer; the minutes of a day reckon with it.",
  },
  phase: {
    means: "Some weeks with one purpose. A program is its phases one after another.",
    also: "block mesocycle",
  },
  plateau: {
    means: "A lift that has truly stood still for some weeks, more than its usual ups and downs explain.",
    also: "stall",
  },
  "planned and done": {
    means:
      "An outline is what was planned, a filled block what was done. Width is repetitions or time, height is load.",
    also: "set blocks picture",
  },
  program: { means: "What a client trains over the weeks: phases, days, lines and their cells." },
  proposal: {
    means:
      "What the app would change for next time, with its evidence. You accept, change or decline; nothing is raised without you.",
    also: "suggestion progression",
  },
  "ramp-up sets": {
    means: "Light sets that lead up to the work. They do not count as work.",
    also: "warm-up sets",
    typed: "3x8 40 ramp",
  },
  range: {
    means: "From so many to so many repetitions: once all sets reach the upper end, the load goes up.",
    also: "double progression",
    typed: "3x8-10",
  },
  readiness: {
    means:
      "How the client comes in today: sleep, energy, stress, soreness. On a poor day the work is eased, if you agree.",
  },
  record: {
    means: "Sessions that were brought in from a spreadsheet. They count like those logged here.",
    also: "history import past sessions",
  },
  "re-test": { means: "The same tests again after some weeks, side by side with the last time." },
  "reps left": {
    means: "How many more clean repetitions the client could have done. 0 is none, 2 is the usual.",
    also: "rir reserve rpe effort",
    typed: "3x8 leave 2, 3x5 @ RPE 8",
  },
  rest: { means: "Time between sets.", also: "pause break", typed: "3x8 rest 2:00" },
  review: {
    means: "After a session: what was done against what was planned, and what next time may ask for.",
  },
  revision: {
    means: "Every change of a program is kept. The logbook shows them, compares two, and brings one back.",
    also: "history undo logbook version",
  },
  rung: {
    means: "One exercise of a ladder. The easier and harder rung of a line are named in advance.",
    also: "progression",
  },
  section: { means: "Part of a session: warm-up, main, accessory, trunk, finisher, cardio, cool-down." },
  "set blocks": {
    means:
      "Each set is drawn as a block: wider is more repetitions or time, taller is heavier. The area is the work.",
    also: "picture drawing",
  },
  shorthand: {
    means:
      "How a line is typed: sets x reps, then load, tempo, rest, reps left, in any order. What cannot be read is kept as typed and marked.",
    also: "typing cell format",
    typed: "4x8-10 62.5 tempo 31x0 rest 2:00 leave 2",
  },
  "side by side": { means: "Two tests, two clients on the floor, or two revisions, next to each other." },
  sore: {
    means: "A joint or muscle that complains now. Loads through it are not raised.",
    also: "pain injury",
  },
  stop: {
    means: "End the set, or do not begin it. Warning signs end the session and ask for help.",
    also: "red warning signs",
  },
  "sum of sets": {
    means: "Hard sets a week for each muscle, main movers counted whole, helpers half.",
    also: "volume",
  },
  template: {
    means: "A program of ours that is fitted to the client’s place, joints and minutes when you take it.",
  },
  tempo: {
    means: "Seconds of lowering, pause, lifting, pause. X is as fast as possible.",
    typed: "3x8 tempo 31x0",
  },
  "top-up day": { means: "A day that is done if there is time; missing it is not missing." },
  trust: {
    means: "How much a set says of strength: sets with pain, poor form or a stopped clock say little.",
  },
  "usual kit": { means: "A ready list of what such a place has, to start from.", also: "equipment preset" },
  "warning signs": {
    means: "Signs on which training stops at once: chest pain, faintness, sudden breathlessness and others.",
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
