"""The pieces a line is made of, as patterns."""

import re

NUMBER = r"(\d+(?:[.,]\d+)?)"
UNIT = r"(?:\s*(kg|kgs|kilos?|lbs?|%)(?!\w)(?:\s*of\s*max\b)?)?"
TIME = r"(?:(\d+):(\d\d)(?!\d)|(\d+)\s*(min|m|seconds|secs|sec|s)?(?![\w:]))"

_ONE_WEIGHT = r"\d+(?:[.,]\d+)?(?:\s*(?:kg|kgs|kilos?|lbs?|%)(?!\w)(?:\s*of\s*max\b)?)?(?![\w:.,]*\d)"
_ONE_BODY = r"(?:bw|body\s*weight)\b(?:\s*[+-]\s*\d+(?:[.,]\d+)?(?:\s*(?:kg|kgs|kilos?|lbs?)(?!\w))?(?![\w:]))?"
_ONE_LAST = r"last\s*time\b(?:\s*\+\s*\d+(?:[.,]\d+)?(?:\s*(?:kg|kgs|kilos?|lbs?)(?!\w))?(?![\w:]))?"
_ONE_CODE = r"(?:band|step)\s+[A-Za-z][\w-]*"
ONE_LOAD = rf"(?:{_ONE_BODY}|{_ONE_LAST}|{_ONE_CODE}|open\s*load\b|{_ONE_WEIGHT})"

_ONE_TARGET = (
    r"(?:max(?:\s*(?:up\s*)?to\s*\d+)?\b|\d+:\d\d(?!\d)|\d+(?:\.\d+)?\s*(?:seconds|secs|sec|s|min|km|m)\b"
    r"|\d+(?:\s*(?:-|–|to)\s*\d+)?(?:\s*reps?\b)?)"
)

HEAD = re.compile(r"\s*(\d+)\s*(?:sets?\s*(?:of|x)?|[x×*])\s*", re.I)
MOST_HEAD = re.compile(r"\s*most\s*[x×*]\s*", re.I)
TARGET_LIST = re.compile(rf"\s*({_ONE_TARGET}(?:\s*/\s*{_ONE_TARGET})+)(?:\s*reps?\b)?", re.I)
PARTS = re.compile(r"(\d+(?:\s*\+\s*\d+)+)(?![\w+])", re.I)
MAX = re.compile(r"(?:max|as\s*many\s*as\s*possible)\b(?:\s*(?:up\s*)?to\s*(\d+)(?!\w))?", re.I)
HOLD = re.compile(r"(?:(\d+):(\d\d)(?!\d)|(\d+)\s*(seconds|secs|sec|s|min)(?![a-z]))", re.I)
METRES = re.compile(r"(\d+(?:\.\d+)?)\s*(km|m)(?![a-z])", re.I)
REPS = re.compile(r"(\d+)(?:\s*(?:-|–|to)\s*(\d+))?(?:\s*reps?\b)?", re.I)
GAP = re.compile(r"[\s,;]*")

EACH = re.compile(r"(?:each|per)\s*(?:side|arm|leg)\b|e/s\b", re.I)
SIDE = re.compile(r"(left\s+first|right\s+first|alternate\s+lead|left\s+only|right\s+only)\b", re.I)
LOADS = re.compile(rf"(?:@\s*)?({ONE_LOAD}(?:\s*/\s*{ONE_LOAD})*)(?![\w:])", re.I)
TEMPO = re.compile(r"tempo\s*([\dx]+\s*-\s*[\dx]+\s*-\s*[\dx]+\s*-\s*[\dx]+(?!\w)|[\dx]{4}(?!\w))", re.I)
REST = re.compile(rf"rest\s*{TIME}(?:\s*with\s+([^\W\d_][\w '-]*))?", re.I)
LEAVE = re.compile(r"leave\s*(\d+)(?!\w)", re.I)
RPE = re.compile(r"rpe\s*(\d+(?:[.,]\d+)?)(?!\w)", re.I)
RAMP = re.compile(r"ramp(?:[\s-]*up)?\b", re.I)
OTHER = re.compile(rf"or\s+{NUMBER}{UNIT}\s*[x×*:]\s*({_ONE_TARGET})", re.I)

LAST_MOST = re.compile(r"last\s*(?:set\s*)?max\b(?:\s*(?:up\s*)?to\s*(\d+)(?!\w))?", re.I)
DROPS = re.compile(rf"drop(?:\s*to)?\s*({_ONE_WEIGHT}(?:\s*/\s*{_ONE_WEIGHT})*)", re.I)
BACK_OFF = re.compile(
    rf"back[\s-]*off\s*(\d+)\s*[x×*]\s*(\d+)(?:\s*(?:-|–|to)\s*(\d+))?\s*at\s*(-?)\s*{NUMBER}{UNIT}", re.I
)
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
    return int(number or 0) * (60 if (unit or "s").lower() in ("min", "m") else 1)
