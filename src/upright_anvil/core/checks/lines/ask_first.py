"""Work to ask about first: what a pregnancy, a birth, the heart or blood pressure may stand against.

By what the exercise demands of the whole body, from its data, and by how hard it is meant to be.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.health.asking import ask_first


def _look(asked: StudiedLine, day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    if not asked.prescription:
        return
    for sentence in ask_first(asked.exercise, asked.prescription, asked.profile.standing, day.on):
        yield Violation(f"{asked.exercise.name}: {sentence}", line=asked.line.id, swap=True)


CHECK = Check(
    id="ask-first",
    level="line",
    severity=Severity.QUESTION,
    title="Ask first",
    why="Some work is asked about before it is planned; the word belongs to those licensed for it.",
    source="House rule, after common guidance on exercise in pregnancy, after birth and with heart conditions",
    look=_look,
)
