"""The one shape of everything that goes wrong: RFC 9457, with a sentence a trainer understands."""

from pydantic import BaseModel


class FieldProblem(BaseModel):
    """A field that was not right: what was expected, and what came."""

    field: str
    expected: str
    came: str


class DifferenceProblem(BaseModel):
    """What differs between the revision a save started from and the one that holds."""

    where: str
    before: str
    after: str


class ProblemDocument(BaseModel):
    """What went wrong. ``detail`` is the sentence; the members below it belong to some kinds of problems.

    ``fields`` are those of a request that was not right; ``base``, ``current`` and ``differences`` a save that came too
    late; ``seen`` and ``now`` a cell that was changed meanwhile; ``doubt`` asks whether a figure is right;
    ``position``, ``expected`` and ``nearest`` are of a line that cannot be read.
    """

    type: str
    title: str
    status: int
    detail: str
    fields: list[FieldProblem] = []
    base: int | None = None
    current: int | None = None
    differences: list[DifferenceProblem] = []
    seen: str | None = None
    now: str | None = None
    doubt: bool = False
    position: int | None = None
    expected: str | None = None
    nearest: str | None = None
