"""The clients that a pasted table names: a name each, and what of the rest can be read."""

import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from datetime import date
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.pasted.dates import DayOrder, date_of, day_order
from upright_anvil.core.pasted.table import HEADING_WITHIN, LeftRow, formula_in, role_of

MOST_LETTERS: Final = 80
"""Letters of a name."""

_ROLES: Final[Mapping[str, str]] = {
    "name": r"(?:client(?:'s)? |full )?names?|clients?|who",
    "first": r"(?:first|given) ?names?|forename",
    "last": r"(?:last|family) ?names?|surname",
    "born": r"born(?: on| in)?|birth ?year|year of birth|date of birth|dob|birth ?(?:day|date)",
    "age": r"age",
    "weight": r"(?:body ?)?weight(?: ?\(?(?:kg|lbs?)\)?)?|bw|kg|lbs?",
    "goal": r"(?:main |first )?(?:goals?|aims?|objective)|training for|wants",
    "second": r"(?:second|other) (?:goal|aim)",
    "minutes": r"minutes|mins?|session length|length|duration|minutes (?:a|per) session",
    "days": r"(?:days|sessions|times|x)(?: ?(?:a|per|/) ?week)?|frequency|days/week",
    "weekdays": r"weekdays|fixed days|which days|training days|schedule",
    "experience": r"level|experience|training (?:age|history)",
    "unit": r"units?",
    "consent": r"consent(?: (?:on|date|given))?",
    "emergency": r"emergency(?: contact)?|ice",
    "contact": r"contact|e-?mail(?: address)?|phone(?: number)?|mobile|tel(?:ephone)?",
    "health": r"injur(?:y|ies)|medical(?: history)?|health(?: notes)?|conditions?|limitations?",
    "about": r"about|notes?|comments?|remarks?|background",
}
_AIMS: Final = (
    (GoalKind.BODY_WEIGHT, r"\b(?:lose|fat|weight ?loss|slim|lean|body weight)"),
    (GoalKind.SIZE, r"\b(?:muscles?|size|hypertrophy|bigger|mass)\b"),
    (GoalKind.EVENT, r"\b(?:race|marathon|trek|hike|ski|match|season|event|sport|climb|run|trip)"),
    (GoalKind.JOINT, r"\b(?:knee|hip|back|shoulder|ankle|neck|wrist|elbow|joint|rehab)"),
    (GoalKind.POSTURE, r"\bposture"),
    (GoalKind.STRENGTH, r"\b(?:strength|strong|max|1 ?rm)"),
    (GoalKind.FITNESS, r"\b(?:fit|fitter|fitness|health|healthy|cardio|condition)"),
)
_EXPERIENCE: Final = (
    (TrainingAge.SEDENTARY, r"not active|sedentary|inactive|none"),
    (TrainingAge.RETURNING, r"return|back|break"),
    (TrainingAge.NEW, r"beginner|novice|new|less than"),
    (TrainingAge.EXPERIENCED, r"advanced|expert|experienced|more than|elite"),
    (TrainingAge.SOME, r"intermediate|some|medium"),
)
_DAYS: Final = ("mo", "tu", "we", "th", "fr", "sa", "su")
OLDEST: Final = 110
MINUTES: Final = range(10, 241)
WEEKDAYS: Final = range(1, 8)
HEAVIEST_KG: Final = 400
LIGHTEST_KG: Final = 20
"""Body weights outside are slips of the keyboard or of the unit. House rule."""


@dataclass(frozen=True, slots=True)
class ClientRowRead:
    """A client of the table: the row (from 1) and what of it was read; ``unread`` says of the rest why not.

    ``health_noted`` says that words about health stand in ``about``, where nothing heeds them yet.
    """

    row: int
    name: str
    unit: Unit
    aim: GoalKind = GoalKind.NOT_SAID
    goal: str = ""
    second_goal: str = ""
    about: str = ""
    minutes: int | None = None
    days_a_week: int | None = None
    weekdays: tuple[int, ...] = ()
    training_age: TrainingAge = TrainingAge.NOT_SAID
    birth_year: int | None = None
    contact: str = ""
    emergency_contact: str = ""
    consent_on: date | None = None
    body_weight: Load | None = None
    health_noted: bool = False
    unread: tuple[str, ...] = ()


@dataclass(frozen=True, slots=True)
class PastedClients:
    """What a pasted table of clients says, with the columns nobody asked for and the rows that were left."""

    clients: tuple[ClientRowRead, ...]
    columns_left: tuple[str, ...]
    left: tuple[LeftRow, ...]


def client_rows(table: Sequence[Sequence[str]], unit: Unit, today: date) -> PastedClients:
    """Answer the clients of a table; ``unit`` is theirs where no column says it.

    Without a heading the first cell of each row is the name. A row without a name, or with one that stood before, is
    left; a cell that cannot be read is told, and the rest of its row holds. Raises `DomainError` where no name stands.
    """
    start, columns, unknown = _heading(table)
    order = day_order(cell for row in table for cell in row)
    found: dict[str, ClientRowRead] = {}
    left = []
    for number, row in enumerate(table[start:], start + 1):
        if not any(row):
            continue
        said: dict[str, list[str]] = {}
        for at, role in columns.items():
            if at < len(row) and row[at]:
                said.setdefault(role, []).append(row[at])
        name = " ".join([*said.pop("name", []), *said.pop("first", []), *said.pop("last", [])])
        words = " ".join(filter(None, row))
        if told := formula_in(number, row):
            left.append(told)
        elif not re.search(r"[^\W\d_]", name):
            left.append(LeftRow(number, words, "No name stands in this row."))
        elif len(name) > MOST_LETTERS:
            left.append(LeftRow(number, words[:MOST_LETTERS], f"A name has at most {MOST_LETTERS} letters."))
        elif name.casefold() in found:
            left.append(LeftRow(number, words, f"The same name as in row {found[name.casefold()].row}."))
        else:
            in_pounds = [at for at, role in columns.items() if role == "weight" and _pounds(table, start, at)]
            client = _Client(number, name, unit, weighed_in=Unit.LB if in_pounds else None)
            client.read(said, today, order)
            found[name.casefold()] = client.made()
    if not found:
        raise DomainError("No row names a client. Copy the rows with their names, best with the heading row.")
    return PastedClients(tuple(found.values()), unknown, tuple(left))


def _heading(table: Sequence[Sequence[str]]) -> tuple[int, dict[int, str], tuple[str, ...]]:
    """The row below the heading, what each column holds, and the headings of the columns that are not kept."""
    for at, row in enumerate(table[:HEADING_WITHIN]):
        columns = {column: role for column, cell in enumerate(row) if (role := role_of(cell, _ROLES))}
        if {"name", "first", "last"} & set(columns.values()):
            return at + 1, columns, tuple(cell for column, cell in enumerate(row) if cell and column not in columns)
    return 0, {0: "name"}, ()


def _pounds(table: Sequence[Sequence[str]], start: int, at: int) -> bool:
    return start > 0 and "lb" in table[start - 1][at].lower()


@dataclass(slots=True)
class _Client:
    """A row while it is read."""

    row: int
    name: str
    unit: Unit
    weighed_in: Unit | None
    facts: dict[str, object] = field(default_factory=dict)
    about: list[str] = field(default_factory=list)
    unread: list[str] = field(default_factory=list)

    def made(self) -> ClientRowRead:
        about = " ".join(self.about)[:2000]
        return ClientRowRead(self.row, self.name, self.unit, about=about, unread=tuple(self.unread), **self.facts)  # type: ignore[arg-type]

    def read(self, said: Mapping[str, Sequence[str]], today: date, order: DayOrder) -> None:
        cells = {role: ", ".join(words) for role, words in said.items()}
        if "unit" in cells:
            self.unit = Unit.LB if re.search(r"lb|pound|us|imperial", cells["unit"], re.I) else Unit.KG
        self._words(cells)
        self._born(cells, today, order)
        self._figures(cells)
        if "consent" in cells:
            given = date_of(cells["consent"], order, today)
            if given and given <= today:
                self.facts["consent_on"] = given
            else:
                self.unread.append(f"consent “{cells['consent']}”: no day up to today")

    def _words(self, cells: Mapping[str, str]) -> None:
        for role, fact in (("contact", "contact"), ("emergency", "emergency_contact"), ("second", "second_goal")):
            if role in cells:
                self.facts[fact] = cells[role][:200]
        if goal := cells.get("goal", ""):
            self.facts["goal"] = goal[:200]
            self.facts["aim"] = next((aim for aim, words in _AIMS if re.search(words, goal, re.I)), GoalKind.NOT_SAID)
        if "about" in cells:
            self.about.append(cells["about"])
        if "health" in cells:
            self.about.append(f"Health, as noted before: {cells['health']}.")
            self.facts["health_noted"] = True
        if level := cells.get("experience", ""):
            known = next((age for age, words in _EXPERIENCE if re.search(words, level, re.I)), None)
            years = re.search(r"(\d+(?:[.,]\d+)?)\s*(?:y|$)", level, re.I)
            if known is None and years:
                many = float(years.group(1).replace(",", "."))
                known = TrainingAge.EXPERIENCED if many > 2 else TrainingAge.SOME if many >= 0.5 else TrainingAge.NEW  # noqa: PLR2004 - the bounds are the kinds' own words
            if known is None:
                self.unread.append(f"experience “{level}”")
            else:
                self.facts["training_age"] = known

    def _born(self, cells: Mapping[str, str], today: date, order: DayOrder) -> None:
        year = None
        if born := cells.get("born", ""):
            on = date_of(born, order, today)
            year = on.year if on else int(born) if re.fullmatch(r"(?:19|20)\d\d", born) else None
        elif re.fullmatch(r"\d{1,3}", age := cells.get("age", "")):
            year = today.year - int(age)
        written = cells.get("born") or cells.get("age")
        if year is not None and today.year - OLDEST <= year <= today.year:
            self.facts["birth_year"] = year
        elif written:
            self.unread.append(f"born “{written}”: no year of the last {OLDEST}")

    def _figures(self, cells: Mapping[str, str]) -> None:
        for role, fact, bounds, words in (
            ("minutes", "minutes", MINUTES, "minutes of a session"),
            ("days", "days_a_week", WEEKDAYS, "days a week"),
        ):
            if role in cells:
                figure = re.search(r"\d+", cells[role])
                if figure and int(figure.group()) in bounds:
                    self.facts[fact] = int(figure.group())
                else:
                    self.unread.append(f"{words} “{cells[role]}”: {bounds.start} to {bounds.stop - 1}")
        if "weekdays" in cells:
            days = [day[:2].lower() for day in re.findall(r"[A-Za-z]{2,}", cells["weekdays"])]
            if days and all(day in _DAYS for day in days):
                self.facts["weekdays"] = tuple(sorted({_DAYS.index(day) for day in days}))
                self.facts.setdefault("days_a_week", len(set(days)))
            else:
                self.unread.append(f"fixed days “{cells['weekdays']}”")
        if "weight" in cells:
            self._weight(cells["weight"])

    def _weight(self, cell: str) -> None:
        said = re.fullmatch(r"(\d{1,3}(?:[.,]\d+)?)\s*(kg|kgs|kilos?|lbs?|pounds?)?\.?", cell, re.I)
        unit = self.weighed_in or self.unit
        if said and said.group(2):
            unit = Unit.KG if said.group(2).lower().startswith("k") else Unit.LB
        load = Load.of(said.group(1).replace(",", "."), unit) if said else None
        if load and LIGHTEST_KG <= load.kg <= HEAVIEST_KG:
            self.facts["body_weight"] = load
        else:
            self.unread.append(f"body weight “{cell}”: {LIGHTEST_KG} to {HEAVIEST_KG} kg")
