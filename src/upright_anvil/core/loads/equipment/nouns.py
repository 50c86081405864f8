"""What things of an equipment list are called, and the words around them that say nothing."""

import re
from typing import Final

COUNTS: Final = {"one": 1, "two": 2, "three": 3, "four": 4, "five": 5, "six": 6, "eight": 8, "ten": 10}
STEP_WORDS: Final = {"ones": 1, "twos": 2, "threes": 3, "fours": 4, "fives": 5, "tens": 10, "twenties": 20}

NOUNS_WRITTEN: Final[tuple[tuple[str, str], ...]] = (
    ("fixed barbells", r"(?:fixed(?: weight)?|preloaded|pre-loaded) (?:bar(?:bell)?s?|ez bars?)"),
    ("blocks", r"(?:dumbbell )?blocks?"),
    ("dumbbells", r"(?:adjustable |hex |rubber |loadable |neoprene )*(?:dumb*-? ?bel+s?|db(?:'?s)?|hand ?weights?)"),
    ("kettlebells", r"(?:competition |cast iron |adjustable )*(?:ket+(?:le|el|l)?-? ?bel+s?|kb(?:'?s)?|bells?)"),
    ("medicine balls", r"(?:med(?:icine|i)?|slam|wall|weighted)-? ?balls?"),
    ("trap bar", r"(?:trap|hex)-? ?bars?"),
    ("ez bar", r"(?:ez|e-z|sz)(?:-| )?(?:curl )?bars?|curl bars?"),
    (
        "bar",
        r"(?:(?:olympic|oly|straight|standard|women'?s|ladies'?|men'?s|technique|training|power|long|short|light|"
        r"heavy|full)(?: size)? )*(?:barbells?|bars?)",
    ),
    ("plates", r"(?:bumper |weight |olympic |rubber |iron |change |small |big |fractional )*(?:plates?|discs?|disks?)"),
    (
        "stack",
        r"(?:cable |weight |pin )*(?:stacks?|pulley(?: station)?|functional trainer)"
        r"|cables?(?: (?:machine|tower|station|column|cross-?over|pulley))?",
    ),
    ("bands", r"(?:resistance |loop |mini |long |power |rubber |exercise |pull-?up )*(?:bands?|tubes?|tubing)"),
    (
        "machine",
        r"(?:lat pull-?downs?|lat machine|chest press|shoulder press|(?:seated |low )?row machine|(?:seated|low) row|"
        r"pec dec?k|hack squat|belt squat|hip thrust|lateral raise|triceps|adductor|abductor|reverse hyper|crunch|"
        r"torso rotation|back extension|calf(?: raise)?)(?: machine)?",
    ),
    ("vest", r"(?:weight(?:ed)?|load) vests?|vests?"),
    ("belt", r"(?:dip(?:ping)?|weight(?:ed)?|loading) belts?|belts?"),
    ("assistance", r"assist(?:ance|ed)(?: (?:machine|pull-?up machine|dip machine))?"),
)
NOT_BARS: Final = re.compile(
    r"\b(?:pull|chin)-?\s?(?:up|ing)?-?\s?bars?\b|\bdip(?:ping)?-?\s?bars?\b|\b(?:parallel|wall|monkey) bars?\b"
)
NOUN: Final = re.compile("|".join(rf"(?P<n{n}>\b(?:{words})\b)" for n, (_, words) in enumerate(NOUNS_WRITTEN)))
FILLER: Final = re.compile(
    r"\b(?:a|an|the|my|our|some|few|of|set|sets|with|have|has|there|are|is|i|we|own|got|full|range|from|about|only|just|"
    r"weights?|weighing|each|per hand|per side|a side|total|pcs?|pieces?|available|one of|also|plus|maybe)\b"
)
OTHER_WORDS: Final = {
    "squat rack": "rack",
    "power rack": "rack",
    "half rack": "rack",
    "power cage": "rack",
    "cage": "rack",
    "squat stand": "rack",
    "squat stands": "rack",
    "flat bench": "bench",
    "adjustable bench": "bench",
    "incline bench": "bench",
    "weight bench": "bench",
    "chin up bar": "pull-up bar",
    "chin-up bar": "pull-up bar",
    "chinup bar": "pull-up bar",
    "pullup bar": "pull-up bar",
    "pull up bar": "pull-up bar",
    "door bar": "pull-up bar",
    "parallel bars": "dip bars",
    "dip station": "dip bars",
    "dipping bars": "dip bars",
    "dip bar": "dip bars",
    "plyo box": "box",
    "jump box": "box",
    "wooden box": "box",
    "aerobic step": "box",
    "swiss ball": "big ball",
    "stability ball": "big ball",
    "gym ball": "big ball",
    "fit ball": "big ball",
    "fitness ball": "big ball",
    "suspension trainer": "straps",
    "suspension straps": "straps",
    "sling trainer": "straps",
    "slings": "straps",
    "rowing machine": "rower",
    "row erg": "rower",
    "rowing ergometer": "rower",
    "spin bike": "bike",
    "exercise bike": "bike",
    "stationary bike": "bike",
    "indoor bike": "bike",
    "ergometer": "bike",
    "balance cushion": "balance pad",
    "foam pad": "balance pad",
    "staircase": "stairs",
    "steps outside": "stairs",
    "leg extension machine": "leg extension",
    "leg press machine": "leg press",
    "leg curl machine": "leg curl",
    "hamstring curl": "leg curl",
    "running machine": "treadmill",
    "cross trainer": "elliptical",
    "yoga mat": "mat",
    "gym mat": "mat",
    "exercise mat": "mat",
    "jump rope": "skipping rope",
    "gymnastic rings": "rings",
    "foam roll": "foam roller",
}
"""Other words for things without weight, and the one they are kept by."""

NOUN_SLIP: Final = 0.78
"""How alike a mistyped noun must be to be read as one, by the edits between, 0 to 1. House rule."""
