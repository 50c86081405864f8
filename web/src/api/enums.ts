import type { Schemas } from "./client";

export const Activity: readonly Schemas["Activity"][] = ["mostly sitting", "light work or some training", "on the feet, or training most days", "heavy work or hard training daily", ""];

export const BandPosition: readonly Schemas["BandPosition"][] = ["below", "within", "above"];

export const Better: readonly Schemas["Better"][] = ["more", "less", "neither"];

export const Calls: readonly Schemas["Calls"][] = ["sounds", "sounds and speech", "silent"];

export const Carry: readonly Schemas["Carry"][] = ["none", "matching", "all"];

export const CautionGrade: readonly Schemas["CautionGrade"][] = ["stop", "caution", "note"];

export const ChangeVerdict: readonly Schemas["ChangeVerdict"][] = ["within the typical error", "more than the typical error", "clearly more than the typical error", "another variant"];

export const Condition: readonly Schemas["Condition"][] = ["heart or vessels", "blood pressure", "diabetes or metabolism", "kidneys", "lungs", "surgery", "medication", "pregnancy", "after birth", "eating", "other"];

export const Confidence: readonly Schemas["Confidence"][] = ["firm", "fair", "thin"];

export const Demand: readonly Schemas["Demand"][] = ["lying on the back", "lying on the front", "impact", "holding the breath", "bending the trunk under load", "overhead", "balance"];

export const Device: readonly Schemas["Device"][] = ["off", "simulated"];

export const Disease: readonly Schemas["Disease"][] = ["heart or blood vessels", "diabetes", "kidneys"];

export const DueKind: readonly Schemas["DueKind"][] = ["re-test", "program ends", "health screen", "clearance"];

export const EasierKind: readonly Schemas["EasierKind"][] = ["due", "earned"];

export const Ended: readonly Schemas["Ended"][] = ["form", "breath", "pain", "will", "time", "target"];

export const EnergyAim: readonly Schemas["EnergyAim"][] = ["slowly less", "as it is", "slowly more"];

export const ExerciseKind: readonly Schemas["ExerciseKind"][] = ["lift", "hold", "jump", "carry", "throw", "balance", "cardio", "mobility", "warm-up", "stretch"];

export const FactKind: readonly Schemas["FactKind"][] = ["best", "heaviest", "most reps at this load", "longest", "first time", "most even"];

export const Feature: readonly Schemas["Feature"][] = ["wall", "chair", "doorway", "table", "open ground", "bench", "rack", "box", "pull-up bar", "dip bars", "anchor", "straps", "sliders", "big ball", "balance pad", "stairs", "rower", "bike", "leg press", "leg curl", "leg extension"];

export const GoalKind: readonly Schemas["GoalKind"][] = ["muscle size", "maximal strength", "general fitness", "body weight", "sport or trip", "strong around a joint", "posture", "lagging muscles", "everyday strength", "enjoyment", ""];

export const GroupKind: readonly Schemas["GroupKind"][] = ["straight", "pair", "tri-set", "circuit", "by the clock", "on the minute", "most rounds"];

export const HomeNews: readonly Schemas["HomeNews"][] = ["to look at", "wants a word", "not back"];

export const HomeState: readonly Schemas["HomeState"][] = ["ahead", "came back", "done here", "not back"];

export const ImplementKind: readonly Schemas["ImplementKind"][] = ["barbell", "dumbbell", "kettlebell", "stack", "band", "improvised", "medicine ball", "assistance", "bodyweight"];

export const Intensity: readonly Schemas["Intensity"][] = ["light to moderate", "vigorous"];

export const Joint: readonly Schemas["Joint"][] = ["neck", "shoulder", "elbow", "wrist", "lower back", "hip", "knee", "ankle"];

export const Language: readonly Schemas["Language"][] = ["en", "de"];

export const Lever: readonly Schemas["Lever"][] = ["load", "reps", "hold seconds", "distance", "slower lowering", "sets", "one more round", "less rest", "checkpoint", "a pause", "harder variant", "weaker side first", "hold", "ease off"];

export const LineState: readonly Schemas["LineState"][] = ["done", "part done", "not done"];

export const Measure: readonly Schemas["Measure"][] = ["kg", "lb", "s", "reps"];

export const Muscle: readonly Schemas["Muscle"][] = ["quadriceps", "hamstrings", "glutes", "adductors", "hip abductors", "hip flexors", "calves", "shins", "ankle stabilisers", "chest", "front shoulder", "side shoulder", "rear shoulder", "upper back", "lats", "biceps", "triceps", "forearms", "trunk", "obliques", "spinal erectors"];

export const Outcome: readonly Schemas["Outcome"][] = ["done", "skipped", "cleared"];

export const Pairing: readonly Schemas["Pairing"][] = ["", "opposite muscles", "same muscle", "strength, then explosive"];

export const PaperSize: readonly Schemas["PaperSize"][] = ["a4", "letter"];

export const PathKind: readonly Schemas["PathKind"][] = ["the same", "load", "reps", "seconds", "rest", "sets", "reps left", "three up, one easy", "wave of the max"];

export const Pattern: readonly Schemas["Pattern"][] = ["squat", "hinge", "lunge", "push horizontal", "push vertical", "pull horizontal", "pull vertical", "carry", "trunk", "rotation", "locomotion", "balance", "single joint", "mobility"];

export const ProgramFormat: readonly Schemas["ProgramFormat"][] = ["json", "csv", "xlsx"];

export const ProgramStanding: readonly Schemas["ProgramStanding"][] = ["runs", "prepared", "over"];

export const Quality: readonly Schemas["Quality"][] = ["clean", "slipping", "broke down"];

export const Replaced: readonly Schemas["Replaced"][] = ["exercise", "load", "rest"];

export const ReportKind: readonly Schemas["ReportKind"][] = ["html", "pdf"];

export const Role: readonly Schemas["Role"][] = ["reader", "assistant", "trainer", "owner"];

export const Scenario: readonly Schemas["Scenario"][] = ["all goes well", "as lately", "a bad patch"];

export const School: readonly Schemas["School"][] = ["reps in a range", "load", "reserve", "sets", "control", "density", "skill"];

export const ScreenOutcome: readonly Schemas["ScreenOutcome"][] = ["clear", "light to moderate now, clearance before vigorous", "clearance first"];

export const Section: readonly Schemas["Section"][] = ["warm-up", "main", "accessory", "trunk", "finisher", "cardio", "cool-down"];

export const SessionState: readonly Schemas["SessionState"][] = ["planned", "running", "not logged", "finished"];

export const SetEnd: readonly Schemas["SetEnd"][] = ["as planned", "form", "breath", "pain", "will", "kit", "time"];

export const Severity: readonly Schemas["Severity"][] = ["error", "caution", "question", "note"];

export const Sex: readonly Schemas["Sex"][] = ["female", "male", ""];

export const Side: readonly Schemas["Side"][] = ["left", "right", "both"];

export const SideRule: readonly Schemas["SideRule"][] = ["left first", "right first", "alternate lead", "alternating", "left only", "right only"];

export const Sign: readonly Schemas["Sign"][] = ["discomfort in chest, neck, jaw or arms, at rest or with effort", "breathless at rest or with little effort", "dizzy or fainting", "breathless lying down or waking breathless at night", "swollen ankles", "racing or uneven heartbeat", "calf pain when walking that stops with rest", "a heart murmur somebody heard", "unusual tiredness or breathlessness with everyday things"];

export const Skill: readonly Schemas["Skill"][] = ["anyone", "some practice", "much practice"];

export const Sort: readonly Schemas["Sort"][] = ["away", "readiness", "late", "place", "swap", "load", "drop", "add", "move", "round"];

export const Sound: readonly Schemas["Sound"][] = ["none", "tick", "go", "stop", "mark"];

export const Source: readonly Schemas["Source"][] = ["tap", "clock", "home"];

export const Span: readonly Schemas["Span"][] = ["half reps", "top half", "bottom half"];

export const State: readonly Schemas["State"][] = ["hurts now", "spare it", "watch it", "over"];

export const StepKind: readonly Schemas["StepKind"][] = ["get ready", "work", "rounds", "change sides", "pause", "rest"];

export const Stress: readonly Schemas["Stress"][] = ["light", "moderate", "much"];

export const Suits: readonly Schemas["Suits"][] = ["after birth", "pregnancy", "unsteady"];

export const TellingKind: readonly Schemas["TellingKind"][] = ["test", "strength", "reps at a load", "pain", "coming"];

export const TestKind: readonly Schemas["TestKind"][] = ["good-form reps", "hold", "load for reps", "time over a distance", "distance in a time", "range", "quality grade", "body weight", "girth"];

export const TimeLever: readonly Schemas["TimeLever"][] = ["shorter rests", "pairs", "moves to another day", "fewer small sets", "fewer main sets", "exercises left out"];

export const TimedAs: readonly Schemas["TimedAs"][] = ["hold", "for reps"];

export const TrainingAge: readonly Schemas["TrainingAge"][] = ["not active so far", "less than six months", "coming back after a break", "six months to two years", "more than two years", ""];

export const Trouble: readonly Schemas["Trouble"][] = ["falling behind", "falling", "stalling"];

export const Unit: readonly Schemas["Unit"][] = ["kg", "lb"];

export const Verdict: readonly Schemas["Verdict"][] = ["accepted", "changed", "declined"];

export const Way: readonly Schemas["Way"][] = ["better", "worse", "same", "other"];

export const WeekKind: readonly Schemas["WeekKind"][] = ["build", "hold", "ease off"];
