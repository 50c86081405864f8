"""The words trainers type for an exercise, brought to one form: abbreviations, spellings, plurals, compounds."""

import re
import unicodedata
from functools import lru_cache
from typing import Final

ABBREVIATIONS: Final[dict[str, str]] = {
    "1": "single",
    "2": "two",
    "90": "ninety",
    "abd": "abduction",
    "add": "adduction",
    "alt": "alternating",
    "amrap": "",
    "bb": "barbell",
    "bn": "behind neck",
    "bnp": "behind neck press",
    "bo": "bent over",
    "bor": "bent over row",
    "bp": "bench press",
    "bpa": "band pull apart",
    "bss": "bulgarian split squat",
    "bw": "bodyweight",
    "cb": "cable",
    "cg": "close grip",
    "cgbp": "close grip bench press",
    "cs": "chest supported",
    "csr": "chest supported row",
    "db": "dumbbell",
    "dbs": "dumbbell",
    "dec": "decline",
    "dl": "deadlift",
    "du": "double under",
    "er": "external rotation",
    "ext": "extension",
    "ez": "ez bar",
    "ezb": "ez bar",
    "ffe": "front foot elevated",
    "ffess": "front foot elevated split squat",
    "fs": "front squat",
    "gb": "glute bridge",
    "ghd": "glute ham",
    "ghr": "glute ham raise",
    "gm": "good morning",
    "hs": "handstand",
    "hspu": "handstand push up",
    "hkr": "hanging knee raise",
    "hlr": "hanging leg raise",
    "ht": "hip thrust",
    "inc": "incline",
    "incl": "incline",
    "ir": "internal rotation",
    "k2e": "knee to elbow",
    "kb": "kettlebell",
    "kbs": "kettlebell swing",
    "lp": "leg press",
    "mb": "medicine ball",
    "mc": "mountain climber",
    "mu": "muscle up",
    "oh": "overhead",
    "ohp": "overhead press",
    "ohs": "overhead squat",
    "rdl": "romanian deadlift",
    "rev": "reverse",
    "rfe": "rear foot elevated",
    "rfess": "rear foot elevated split squat",
    "rot": "rotation",
    "sa": "single arm",
    "sb": "stability ball",
    "sdhp": "sumo deadlift high pull",
    "sl": "single leg",
    "sldl": "stiff leg deadlift",
    "ss": "split squat",
    "std": "standing",
    "t2b": "toe to bar",
    "tgu": "turkish get up",
    "tri": "triceps",
    "bi": "biceps",
    "uni": "single",
    "wg": "wide grip",
}
"""What an abbreviation stands for, word by word, in lower case."""

PHRASES: Final[tuple[tuple[str, str], ...]] = (
    ("stiff leg deadlift", "straight leg deadlift"),
    ("stiff legged", "straight leg"),
    ("stiff leg", "straight leg"),
    ("press up", "push up"),
    ("kettle bell", "kettlebell"),
    ("dumb bell", "dumbbell"),
    ("bar bell", "barbell"),
    ("swiss ball", "ball"),
    ("stability ball", "ball"),
    ("exercise ball", "ball"),
    ("gym ball", "ball"),
    ("fit ball", "ball"),
    ("big ball", "ball"),
    ("med ball", "medicine ball"),
    ("slam ball", "medicine ball"),
    ("resistance band", "band"),
    ("mini band", "band"),
    ("loop band", "band"),
    ("body weight", "bodyweight"),
    ("on the minute", ""),
    ("hex bar", "trap bar"),
    ("suspension strap", "strap"),
    ("suspension", "strap"),
    ("skull crusher", "skullcrusher"),
    ("skull crushers", "skullcrusher"),
)
"""Words that go together, and what says the same in the names of the library."""

WORDS: Final[dict[str, str]] = {
    "abducted": "abduction",
    "abductor": "abduction",
    "adductor": "adduction",
    "alternate": "alternating",
    "alternated": "alternating",
    "armed": "arm",
    "assist": "assisted",
    "banded": "band",
    "bicep": "biceps",
    "calve": "calf",
    "climb": "climber",
    "climbing": "climber",
    "crawling": "crawl",
    "curling": "curl",
    "declined": "decline",
    "delt": "shoulder",
    "dipping": "dip",
    "dumbell": "dumbbell",
    "feet": "foot",
    "flat": "",
    "flye": "fly",
    "flies": "fly",
    "handed": "hand",
    "heels": "heel",
    "inclined": "incline",
    "jogging": "jog",
    "jumping": "jump",
    "kneeled": "kneeling",
    "legged": "leg",
    "lunging": "lunge",
    "marching": "march",
    "one": "single",
    "pres": "press",
    "pressing": "press",
    "pushdown": "pressdown",
    "raised": "elevated",
    "rotational": "rotation",
    "running": "run",
    "sided": "side",
    "skipping": "skip",
    "squatting": "squat",
    "stepping": "step",
    "straps": "strap",
    "swimming": "swim",
    "tricep": "triceps",
    "twisting": "twist",
    "unilateral": "single",
    "ups": "up",
    "walking": "walk",
    "weighted": "loaded",
    "pec": "chest",
    "pecs": "chest",
    "quads": "quadriceps",
    "quad": "quadriceps",
    "ham": "hamstring",
    "hams": "hamstring",
    "abs": "trunk",
    "ab": "trunk",
    "core": "trunk",
    "tib": "tibialis",
}
"""Spellings and forms of one word, and the one that stands for them."""

COMPOUNDS: Final[dict[str, str]] = {
    "backsquat": "back squat",
    "benchpress": "bench press",
    "crossover": "cross over",
    "deadlift": "dead lift",
    "downdog": "down dog",
    "frogger": "frog",
    "getup": "get up",
    "kickback": "kick back",
    "legpress": "leg press",
    "pressdown": "press down",
    "pressup": "push up",
    "pulldown": "pull down",
    "pullover": "pull over",
    "pullup": "pull up",
    "pushup": "push up",
    "chinup": "chin up",
    "rollout": "roll out",
    "rollback": "roll back",
    "rollup": "roll up",
    "situp": "sit up",
    "stepdown": "step down",
    "stepup": "step up",
    "muscleup": "muscle up",
    "vup": "v up",
    "walkout": "walk out",
    "warmup": "warm up",
    "clapback": "clap back",
    "tbar": "t bar",
    "thrusters": "thruster",
    "airbike": "air bike",
    "farmerswalk": "farmer walk",
    "wallsit": "wall sit",
    "wallball": "wall ball",
    "birddog": "bird dog",
    "deadbug": "dead bug",
    "swissball": "ball",
}
"""Words that are written as one or as two."""

FILLERS: Final = frozenset({
    "a", "an", "and", "at", "by", "exercise", "exercises", "for", "from", "in", "of", "on", "onto", "some", "the", "to",
    "w", "with", "your",
})  # fmt: skip
"""Words that name nothing."""

_SPLIT = re.compile(r"[^a-z0-9']+")

DIFFERENT: Final = 16_384
"""Words and names whose one form is kept: three times those of the library, which is read anew after each change."""


def plain(text: str) -> str:
    """Answer a text in lower case without accents and marks: ``Pullovér (DB)`` is ``pullover db``."""
    bare = text.lower()
    if not bare.isascii():
        bare = unicodedata.normalize("NFKD", bare)
        bare = "".join(c for c in bare if not unicodedata.combining(c)).replace("’", "'")
    bare = re.sub(r"'s\b|s'(?=\s|$)|'", "", bare.replace("w/", " "))
    return " ".join(word for word in _SPLIT.split(bare) if word)


@lru_cache(DIFFERENT)
def singular(word: str) -> str:
    """Answer a word without its plural: ``lunges``, ``presses``, ``flies``; ``triceps`` and ``press`` stay."""
    if len(word) < MIN_PLURAL or word in _NO_PLURAL or word.endswith(("ss", "us", "is")):
        return word
    if word.endswith("ies"):
        return word[:-3] + "y"
    if word.endswith(("sses", "ches", "shes", "xes")):
        return word[:-2]
    return word[:-1] if word.endswith("s") else word


MIN_PLURAL: Final = 4
_NO_PLURAL: Final = frozenset({"triceps", "biceps", "quadriceps", "abs", "pallof", "kbs", "dbs"})


def expanded(text: str) -> str:
    """Answer what was typed with its abbreviations written out: ``sl rdl`` is single leg romanian deadlift.

    The same text comes back where nothing was short.
    """
    words = []
    for word in plain(text).split():
        short = word if word in ABBREVIATIONS else singular(word)
        words.append(ABBREVIATIONS.get(short, word))
    return " ".join(" ".join(words).split())


@lru_cache(DIFFERENT)
def tokens(text: str) -> tuple[str, ...]:
    """Answer the words of a name or of what was typed in the one form in which they are compared."""
    words = " ".join(WORDS.get(word, WORDS.get(singular(word), singular(word))) for word in expanded(text).split())
    padded = f" {words} "
    for said, meant in PHRASES:
        padded = padded.replace(f" {said} ", f" {meant} ")
    parts = " ".join(COMPOUNDS.get(word, word) for word in padded.split())
    return tuple(word for word in parts.split() if word not in FILLERS)
