"""The pieces a line is made of, as patterns."""

import re

from upright_anvil.core.loads.implements import NOUNS, ImplementKind

NUMBER = r"(\d+(?:[.,]\d+)?)"
UNIT = r"(?:\s*(kg|kgs|kilos?|lbs?|%)(?!\w)(?:\s*of\s*max\b)?)?"
TIME = r"(?:(\d+):(\d\d)(?!\d)|(\d+)\s*(minutes?|mins?|m|seconds|secs|sec|s)?(?![\w:]))"

_ONE_WEIGHT = r"\d+(?:[.,]\d+)?(?:\s*(?:kg|kgs|kilos?|lbs?|%)(?!\w)(?:\s*of\s*max\b)?)?(?![\w:.,]*\d)"
_NOUN = rf"(?:{'|'.join(sorted(NOUNS, key=len, reverse=True))})s?\b"
_PER_HAND = [noun for noun, kind in NOUNS.items() if kind in (ImplementKind.DUMBBELL, ImplementKind.KETTLEBELL)]
_TWO = (
    r"(?:(?:2(?!\d)|two|a\s+pair\s+of)\s*[x×]?\s*"
    rf"(?=(?:{'|'.join(_PER_HAND)})s?\s*\d|\d+(?:[.,]\d+)?\s*(?:kg|kgs|kilos?|lbs?)\b))?"
)
"""Two of a kind weigh what one does in each hand: dumbbells and kettlebells are counted by the hand. House rule."""
_SHORTER = r"\d+\s*(?:partials?|half|halves)\b"
_NAME = r"(?!(?:bw|body|band|step|last|open|rest|tempo|leave|at|with|or|and|in|to)\b)[A-Za-z][A-Za-z'-]*"
_COLOUR = r"(?!(?:a|the|and|or|with|plus|at|in|same|rest|each|side|resistance|x|to|of)\b)[A-Za-z][A-Za-z-]*"
_ONE_BODY = (
    r"(?:bw|body\s*weight)\b"
    rf"(?:\s*[+-]\s*(?!{_SHORTER})(?:{_NOUN}\s*)?"
    rf"\d+(?:[.,]\d+)?(?:\s*(?:kg|kgs|kilos?|lbs?)(?!\w))?(?![\w:])(?:\s*{_NOUN})?)?"
)
_ONE_LAST = r"last\s*time\b(?:\s*\+\s*\d+(?:[.,]\d+)?(?:\s*(?:kg|kgs|kilos?|lbs?)(?!\w))?(?![\w:]))?"
_LABEL = r"[A-Za-z][\w-]*"
_NEXT_LABEL = rf"(?!(?:band|step|bw|body|last|open)\b|{_NOUN}\s*\d){_LABEL}(?![\w-]|\s*\d+(?:[.,]\d+)?\s*(?:kg|lbs?)\b)"
_ONE_CODE = rf"(?:(?:band|step)\s+{_LABEL}(?:\s*/\s*{_NEXT_LABEL})*|{_COLOUR}\s+band\b)"
_ONE_THING = rf"(?:{_NOUN}\s*{_ONE_WEIGHT}|{_ONE_WEIGHT}\s*{_NOUN})"
_PART = rf"(?:{_ONE_THING}|(?:{_NAME}\s+)?{_ONE_WEIGHT}|(?:band|step)\s+{_LABEL}|{_COLOUR}\s+band\b)"
_TOGETHER = rf"{_PART}(?:\s*(?:\+|&|\band\b)\s*(?!{_SHORTER}){_PART})+"
ONE_LOAD = rf"(?:{_TOGETHER}|{_ONE_THING}|{_ONE_BODY}|{_ONE_LAST}|{_ONE_CODE}|open\s*load\b|{_ONE_WEIGHT})"

_ONE_TARGET = (
    r"(?:(?:max|amrap)(?:\s*(?:up\s*)?to\s*\d+(?:\s*(?:seconds|secs|sec|s|minutes?|mins?)\b)?)?\b|\d+:\d\d(?!\d)"
    r"|\d+(?:\s*(?:-|–|to)\s*\d+)?\s*(?:seconds|secs|sec|s|min)\b|\d+(?:[.,]\d+)?\s*(?:km|m)\b"
    r"|\d+(?:\s*(?:-|–|to)\s*\d+)?(?:\s*(?:reps?|contacts?)\b)?)"
)
_S = r"(?:seconds|secs|sec|s)"
_TO = r"\s*(?:-|–|to)\s*"
_REPETITIONS = r"(?:\s*(?:reps?|repetitions?))?\b"

HEAD = re.compile(rf"\s*(\d+)(?:{_TO}(\d+))?\s*(?:(?:sets?|rounds?)\s*(?:of|[x×*])?|[x×*])\s*", re.I)
MOST_HEAD = re.compile(r"\s*most\s*[x×*]\s*", re.I)
ON_THE_MINUTE = re.compile(
    r"\s*(?:emom|e(\d)mom|every\s+minute(?:\s+on\s+the\s+minute)?)\s*(?:for\s*)?(\d+)\s*(?:minutes|mins?|rounds?)?\s*[:,x×*]?\s*",
    re.I,
)
TARGET_LIST = re.compile(rf"\s*({_ONE_TARGET}(?:\s*/\s*{_ONE_TARGET})+)(?:\s*reps?\b)?", re.I)
BARE = re.compile(
    rf"\s*(?={_ONE_TARGET})(?!\d+(?:{_TO}\d+)?\s*(?:reps?\s*)?"
    r"(?:$|[^\W\d_]*\s*[x×*+]|/(?!\s*(?:side|arm|leg|hand))))",
    re.I,
)
PARTS = re.compile(r"(\d+(?:\s*\+\s*\d+)+)(?![\w+]|\s*(?:partial|half|halves))", re.I)
WORK_AND_REST = re.compile(r"(\d{2,3})\s*/\s*(\d{1,3})(?!\s*(?:/|reps?|side|leg|arm))(?![\w.])", re.I)
ON_AND_OFF = re.compile(rf"(\d+)\s*{_S}?\s*(?:on|work)\b[\s,/]*(\d+)\s*{_S}?\s*(?:off|rest)\b", re.I)
_M = r"(?:minutes?|mins?)"
MAX_SECONDS = re.compile(
    rf"(?:max|as\s*long\s*as\s*possible)\b\s*(?:up\s*)?(?:to\s*)?(\d+)\s*({_S}|{_M})(?![a-z])", re.I
)
MAX = re.compile(
    r"(?:max|amrap|as\s*many\s*as\s*possible)\b(?:\s*(?:(?:up\s*)?to\s*)?(\d+)(?:\s*reps?\b)?"
    r"(?!\s*(?:kg|kgs|kilos?|lbs?|%|seconds|secs|sec|s\b|minutes?|mins?)|[\w.,:]*\d))?",
    re.I,
)
HOLD_RANGE = re.compile(rf"(\d+)\s*(?:{_S}|{_M})?{_TO}(\d+)\s*({_S}|{_M})(?![a-z])", re.I)
HOLD = re.compile(r"(?:(\d+):(\d\d)(?!\d)|(\d+)\s*(seconds|secs|sec|s|min(?:ute)?s?)(?![a-z]))", re.I)
METRES = re.compile(r"(\d+(?:[.,]\d+)?)\s*(km|kilometres?|kilometers?|metres?|meters?|m)(?![a-z])", re.I)
REPS = re.compile(rf"(\d+)(?:{_TO}(\d+))?(?:\s*(?:reps?|contacts?|jumps|hops|throws)\b)?", re.I)
GAP = re.compile(r"[\s,;]*")

EACH = re.compile(r"(?:(?:each|per|ea|/)\s*(?:side|arm|leg|hand)s?\b|e/s\b|(?:each|ea)\b(?!\s*\w))", re.I)
SIDE = re.compile(
    r"((?:left|right)\s+first|alternate\s+lead|alternating|(?:left|right)\s+only)\b(?:\s*(?:sides|arms|legs))?", re.I
)
SPAN = re.compile(rf"(half|top\s+half|bottom\s+half|partial){_REPETITIONS}", re.I)
TIMED_AS = re.compile(r"(?:(?:as\s+a\s+)?(hold|held)|(for\s+reps|counted|count\s+(?:the\s+)?reps))\b", re.I)
PARTIALS = re.compile(rf"(?:plus|\+|then)\s*(\d+)\s*(?:partials?|halves|half){_REPETITIONS}", re.I)
LOADS = re.compile(
    rf"(?:(?:@|at\b|with\b|[x×*](?=\s*\d))\s*)?{_TWO}({ONE_LOAD}(?:\s*/\s*{ONE_LOAD})*)(?![\w:])"
    rf"(?:(?<=[gsb])\s*(?:(?:in\s+)?each|per|/)\s*hands?\b)?",
    re.I,
)
TEMPO = re.compile(
    r"(?:tempo|t|@)\s*([\dx]+\s*-\s*[\dx]+\s*-\s*[\dx]+\s*-\s*[\dx]+)(?!\w)|(?:tempo|t)\s*([\dx]{4})(?!\w)"
    r"|@\s*(\d\d[\dx]\d)(?!\w)|(?<!\w)(\d\dx\d)(?!\w)",
    re.I,
)
PHASES = (
    re.compile(rf"(\d+)\s*{_S}?\s*(?:down|lowering|eccentric|negatives?)\b", re.I),
    re.compile(rf"(\d+)\s*{_S}\s*(?:pause|hold)(?:\s*at\s*the\s*bottom|\s*below)?\b", re.I),
    re.compile(rf"(\d+)\s*{_S}?\s*(?:up|lifting|concentric)\b", re.I),
    re.compile(rf"(\d+)\s*{_S}?\s*(?:squeeze|(?:pause\s*|hold\s*)?at\s*the\s*top)\b", re.I),
)
REST_RANGE = re.compile(
    rf"rest\s*(?:(\d+):(\d\d)|(\d+))\s*{_S}?{_TO}(?:(\d+):(\d\d)|(\d+)\s*(min|m|seconds|secs|sec|s)?)(?![\w:])"
    r"(?:\s*with\s+([^\W\d_][\w '-]*))?",
    re.I,
)
REST = re.compile(rf"rest\s*{TIME}(?:\s*with\s+([^\W\d_][\w '-]*))?", re.I)
REST_LAST = re.compile(r"(?:(\d+):(\d\d)(?!\d)|(\d+)\s*(minutes?|mins?|seconds|secs|sec|s))\s*(?:of\s+)?rest\b", re.I)
LEAVE = re.compile(
    r"(?:leave|@?\s*rir)\s*(\d+)(?!\w)|to\s+(failure)\b"
    r"|(10|\d)\s*(?:rir\b|(?:reps?\s*)?(?:left\s*)?in\s*(?:reserve|the\s*tank)\b)",
    re.I,
)
RPE = re.compile(r"@?\s*rpe\s*(\d+(?:[.,]\d+)?)(?!\w)", re.I)
CUFFS = re.compile(
    r"(?:with\s+)?(?:cuffs?(?:\s+on)?|bfr|occlusion|(?:restricted\s+)?blood[\s-]*flow(?:\s*restrict(?:ed|ion))?"
    r"|(?:restricted\s+flow|flow\s*restrict(?:ed|ion)))\b",
    re.I,
)
RAMP = re.compile(r"ramp(?:[\s-]*up)?\b", re.I)
THING = re.compile(rf"(?:({_NOUN})\s*({_ONE_WEIGHT})|({_ONE_WEIGHT})\s*({_NOUN}))", re.I)
OTHER = re.compile(rf"or\s+({_ONE_THING}|{_ONE_BODY}|{_ONE_CODE}|{_ONE_WEIGHT})\s*[x×*:]\s*({_ONE_TARGET})", re.I)

LAST_MOST = re.compile(r"last\s*(?:set\s*)?(?:max|amrap)\b(?:\s*(?:up\s*)?to\s*(\d+)(?!\w))?", re.I)
DROPS = re.compile(rf"drop(?:\s*to)?\s*({_ONE_WEIGHT}(?:\s*/\s*{_ONE_WEIGHT})*)", re.I)
BACK_OFF = re.compile(rf"back[\s-]*off\s*(\d+)\s*[x×*]\s*(\d+)(?:{_TO}(\d+))?\s*at\s*(-?)\s*{NUMBER}{UNIT}", re.I)
PAUSE = re.compile(rf"pause\s*{TIME}", re.I)
EVERY = re.compile(rf"every\s*{TIME}", re.I)
IN_TIME = re.compile(rf"in\s*{TIME}", re.I)
CHECKPOINTS = re.compile(
    r"checkpoints?\s*(\d+(?:\s*s)?(?:\s*/\s*\d+(?:\s*s)?)*)(?![\w/])(?:\s*(?:seconds|sec|s)\b)?", re.I
)


def seconds_of(minutes: str | None, seconds: str | None, number: str | None, unit: str | None) -> int:
    """Answer the seconds of a matched `TIME`; a bare number counts seconds."""
    if minutes:
        return 60 * int(minutes) + int(seconds or 0)
    return int(number or 0) * (60 if (unit or "s").lower().startswith("m") else 1)
