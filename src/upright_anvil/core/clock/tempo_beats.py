"""The beats of a tempo, for a metronome: what is called in one repetition, and when."""

from dataclasses import dataclass

from upright_anvil.core.constants import EXPLOSIVE_SECONDS
from upright_anvil.core.exercises import Exercise, ExerciseKind
from upright_anvil.core.phrases import ENGLISH, Phrases
from upright_anvil.core.prescription.model import Prescription, TimedAs
from upright_anvil.core.prescription.targets import Distance
from upright_anvil.core.prescription.tempo import Tempo


@dataclass(frozen=True, slots=True)
class Beat:
    """The start of a phase: seconds into the repetition, its name, how long it lasts."""

    at: int
    say: str
    seconds: int


@dataclass(frozen=True, slots=True)
class Metronome:
    """One repetition: its seconds and its beats; ``own`` says that the line has a tempo of its own."""

    rep_seconds: int
    beats: tuple[Beat, ...]
    own: bool


_NAMES = ("lower", "hold", "lift", "hold")


_NOT_COUNTED = frozenset({ExerciseKind.CARDIO, ExerciseKind.HOLD, ExerciseKind.CARRY, ExerciseKind.STRETCH})


def metronome(asked: Prescription | None, exercise: Exercise, phrases: Phrases = ENGLISH) -> Metronome | None:
    """Answer the beats of a line: its tempo's phases, else the exercise's own seconds with one of them for the lift.

    None for what is not done in repetitions: runs and rides, distances, holds, carries, stretches.

    Phases of no seconds are left out; a phase as fast as possible counts one second. House rule.
    """
    if asked is not None and asked.tempo is not None:
        return Metronome(asked.tempo.rep_seconds, _beats(asked.tempo, phrases), own=True)
    held = asked is not None and asked.timed_as is TimedAs.HELD
    if exercise.kind in _NOT_COUNTED or held or (asked is not None and isinstance(asked.target, Distance)):
        return None
    seconds = max(exercise.rep_seconds, 2)
    return Metronome(seconds, _beats(Tempo(seconds - 1, 0, 1, 0), phrases), own=False)


def _beats(tempo: Tempo, phrases: Phrases) -> tuple[Beat, ...]:
    at, beats = 0, []
    for name, phase in zip(_NAMES, tempo.phases, strict=True):
        seconds = EXPLOSIVE_SECONDS if phase is None else phase
        if seconds:
            beats.append(Beat(at, phrases.say("drive" if phase is None else name), seconds))
        at += seconds
    return tuple(beats)
