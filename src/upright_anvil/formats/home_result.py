"""What comes back from a home sheet, as a short text: it fits a message, a QR picture or a file.

``UA1.<what>.<mark>``: *what* is JSON in URL-safe base64 without padding, *mark* the first nine bytes of its HMAC of
SHA-256 with the sheet's own key, the same way. Fields are in docs/formats.md.
"""

import hashlib
import hmac
import re
from base64 import urlsafe_b64decode, urlsafe_b64encode
from datetime import UTC, datetime
from decimal import Decimal
from typing import Annotated

from pydantic import BaseModel, ConfigDict, Field, TypeAdapter, ValidationError

from upright_anvil.core.errors import DomainError
from upright_anvil.core.home.result import HomeResult, HomeRow
from upright_anvil.core.ids import DayId, WeekId
from upright_anvil.core.prescription.bounds import MAX_REPS, MAX_RESERVE, MAX_WORK_SECONDS

LONGEST = 20_000
"""Characters of a pasted text; a day of eighty sets takes four thousand."""

MARK_BYTES = 9
MOST_ROWS = 240
_TEXT = re.compile(r"UA1\.([A-Za-z0-9_-]{8,})\.([A-Za-z0-9_-]{12})(?![A-Za-z0-9_-])")
_SPACE = re.compile(r"\s+")
_EARLIEST = 1_500_000_000
_LATEST = 7_000_000_000


class _Strict(BaseModel):
    model_config = ConfigDict(extra="forbid", frozen=True)


_Id = Annotated[str, Field(min_length=1, max_length=64, pattern=r"^[A-Za-z0-9_-]+$")]
_Moment = Annotated[int, Field(ge=_EARLIEST, le=_LATEST)]
_Reps = Annotated[int, Field(ge=0, le=MAX_REPS)] | None
_Seconds = Annotated[int, Field(ge=0, le=MAX_WORK_SECONDS)] | None
_Weight = Annotated[Decimal, Field(ge=0, le=3000, max_digits=8, decimal_places=4)] | None
_Left = Annotated[int, Field(ge=0, le=MAX_RESERVE)] | None
_ROW = TypeAdapter(
    tuple[
        Annotated[int, Field(ge=0, le=99)],
        Annotated[int, Field(ge=1, le=99)],
        Annotated[int, Field(ge=0, le=15)],
        _Reps,
        _Seconds,
        _Weight,
        _Left,
        Annotated[int, Field(ge=0, le=MAX_WORK_SECONDS)],
    ]
)
"""Move, set, marks (1 ramp-up, 2 done, 4 hurt, 8 by the clock), repetitions, seconds, load, left, seconds so far."""

RAMP, DONE, HURT, BY_CLOCK = 1, 2, 4, 8


class _What(_Strict):
    s: _Id
    r: Annotated[str, Field(min_length=8, max_length=24, pattern=r"^[A-Za-z0-9_-]+$")]
    w: _Id
    d: _Id
    b: _Moment
    e: _Moment
    f: Annotated[int, Field(ge=0, le=10)] | None = None
    t: Annotated[str, Field(max_length=500)] = ""
    x: Annotated[str, Field(max_length=12_000, pattern=r"^[0-9.,;]*$")]

    @property
    def rows(self) -> tuple[HomeRow, ...]:
        """Its sets: fields by commas, sets by semicolons. Raises `DomainError` where they cannot be read."""
        pieces = [piece.split(",") for piece in self.x.split(";")] if self.x else []
        if len(pieces) > MOST_ROWS:
            raise DomainError(f"A day has at most {MOST_ROWS} sets.")
        try:
            return tuple(_row(_ROW.validate_python(tuple(field or None for field in piece))) for piece in pieces)
        except ValidationError as wrong:
            raise DomainError(CHANGED) from wrong


def _row(said: tuple[int, int, int, int | None, int | None, Decimal | None, int | None, int]) -> HomeRow:
    move, number, marks, reps, seconds, load, left, at = said
    return HomeRow(
        move=move,
        number=number,
        ramp=bool(marks & RAMP),
        done=bool(marks & DONE),
        reps=reps,
        seconds=seconds,
        load=load,
        reserve=left,
        hurt=bool(marks & HURT),
        at=at,
        by_clock=bool(marks & BY_CLOCK),
    )


NOT_ONE = "No result of a home sheet is in this text. It begins with UA1. and is copied from the sheet as a whole."
CHANGED = "This result is not whole, or was changed on its way. Ask for it again."


def sheet_of(text: str) -> str:
    """Answer the id of the sheet a text says it is from. Raises `DomainError` where it is none."""
    return _read(_parts(text)[0]).s


def read_result(text: str, key: str) -> HomeResult:
    """Answer what came back, from a text that may stand in a message. Raises `DomainError` where the mark is wrong."""
    what, mark = _parts(text)
    if not hmac.compare_digest(mark, _mark(what, key)):
        raise DomainError(CHANGED)
    said = _read(what)
    return HomeResult(
        sheet=said.s,
        run=said.r,
        week_id=WeekId(said.w),
        day_id=DayId(said.d),
        begun=datetime.fromtimestamp(said.b, UTC),
        ended=datetime.fromtimestamp(said.e, UTC),
        effort=said.f,
        note=said.t.strip(),
        rows=said.rows,
    )


def write_result(said: dict[str, object], key: str) -> str:
    """Answer the text for fields as a sheet sends them. Raises `DomainError` for what it cannot hold."""
    try:
        what = urlsafe_b64encode(_What.model_validate(said).model_dump_json().encode()).decode().rstrip("=")
    except ValidationError as wrong:
        raise DomainError(f"Not a result: {wrong.errors()[0]['msg']}.") from wrong
    return f"UA1.{what}.{_mark(what, key)}"


def _parts(text: str) -> tuple[str, str]:
    if len(text) > LONGEST:
        raise DomainError(f"This text is too long for a result: at most {LONGEST} characters.")
    found = list(_TEXT.finditer(text)) or list(_TEXT.finditer(_SPACE.sub("", text)))
    if not found:
        raise DomainError(NOT_ONE)
    if len({one[0] for one in found}) > 1:
        raise DomainError("There is more than one result in this text. Bring them in one after the other.")
    return found[0][1], found[0][2]


def _mark(what: str, key: str) -> str:
    whole = hmac.new(bytes.fromhex(key), f"UA1.{what}".encode(), hashlib.sha256).digest()
    return urlsafe_b64encode(whole[:MARK_BYTES]).decode().rstrip("=")


def _read(what: str) -> _What:
    try:
        return _What.model_validate_json(urlsafe_b64decode(what + "=" * (-len(what) % 4)))
    except ValueError as wrong:
        raise DomainError(CHANGED) from wrong
