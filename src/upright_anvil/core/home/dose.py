"""What a line asks for, in words for who does it alone."""

from collections.abc import Sequence
from itertools import groupby

from upright_anvil.core.ledger.aim import Aim
from upright_anvil.core.phrases import ENGLISH, Phrases
from upright_anvil.core.prescription.model import Prescription, SideRule
from upright_anvil.core.prescription.schemes import Checkpoints, Density, EveryStart
from upright_anvil.core.prescription.schemes.base import SetPlan
from upright_anvil.core.prescription.targets import spoken

PHASES = ("{{seconds}} s down", "{{seconds}} s held below", "{{seconds}} s up", "{{seconds}} s held above")
"""The four phases of a tempo, in their fixed order."""


def dose_words(asked: Prescription, aims: Sequence[Aim], phrases: Phrases = ENGLISH) -> str:
    """Answer a prescription in plain words: ``3 × 8-10 reps, 20 kg, each side, 60 s rest``. House rule.

    ``aims`` are the sets as one tap logs them: their loads are what the words of the plan come to.
    """
    return ", ".join(said for said in (_sets(asked, aims, phrases), *_manner(asked, phrases)) if said)


def _sets(asked: Prescription, aims: Sequence[Aim], phrases: Phrases) -> str:
    if isinstance(asked.scheme, Density):
        what = phrases.say("{{what}} a round, as many rounds as fit", what=spoken(asked.target, phrases))
        return f"{what}: {asked.scheme.seconds // 60} min"
    said = [_one(plan, aim, phrases) for plan, aim in zip(asked.plans, aims, strict=False)]
    runs = [(words, len(list(alike))) for words, alike in groupby(said)]
    return "; ".join(f"{count} × {words}" for words, count in runs)


def _one(plan: SetPlan, aim: Aim, phrases: Phrases) -> str:
    amount = spoken(plan.target, phrases)
    return f"{amount}, {load_words(aim, phrases)}" if aim.load is not None and aim.load.value else amount


def load_words(aim: Aim, phrases: Phrases = ENGLISH) -> str:
    """Answer the load of a set in words, empty where there is none: ``20 kg``, ``10 kg of help``."""
    if aim.load is None or not aim.load.value:
        return ""
    load = phrases.load(aim.load)
    return phrases.say("{{load}} of help", load=load) if aim.assisted else load


def _manner(asked: Prescription, phrases: Phrases) -> list[str]:
    """How it is done: sides, tempo, marks to carry on to, rest, what is left at the end."""
    said = []
    if asked.side in (SideRule.LEFT_ONLY, SideRule.RIGHT_ONLY):
        said.append(phrases.say(str(asked.side)))
    elif asked.each_side:
        said.append(phrases.say("each side"))
    if asked.tempo is not None:
        for words, seconds in zip(PHASES, asked.tempo.phases, strict=True):
            if seconds is None:
                said.append(phrases.say("up as fast as you can"))
            elif seconds:
                said.append(phrases.say(words, seconds=seconds))
    if isinstance(asked.scheme, Checkpoints):
        marks = ", ".join(str(mark) for mark in asked.scheme.seconds)
        said.append(phrases.say("carry on to {{marks}} s if you can", marks=marks))
    if isinstance(asked.scheme, EveryStart):
        said.append(phrases.say("a start every {{seconds}} s", seconds=asked.scheme.seconds))
    elif asked.rest and len(asked.plans) > 1:
        said.append(phrases.say("{{seconds}} s rest", seconds=asked.rest))
    if asked.left is not None:
        said.append(phrases.say("stop with {{count}} left", count=asked.left))
    return said
