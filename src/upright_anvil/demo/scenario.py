"""The demo's history: six weeks of training made by a seeded generator, ending with a session that waits that day.

Everything goes through the same services as a trainer's own taps, on the dates it would have happened. The demo is made
for a moment it is given, and tells the same sessions in the same order whatever weekday that is.
"""

from collections.abc import Iterator
from datetime import date, datetime, time, timedelta
from random import Random

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import ClientId, ExerciseId, LineId, SessionId, StudioId
from upright_anvil.core.ledger.how import NOTHING_SEEN, How
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.document import Program, WeekKind
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.edits.cells import Carry, SetCell
from upright_anvil.core.plan.edits.days import AddDay, RemoveDay
from upright_anvil.core.plan.edits.groups import ChangeGroup, GroupLines
from upright_anvil.core.plan.edits.lines import AddLine
from upright_anvil.core.plan.edits.phases import AddPhase, ChangePhase
from upright_anvil.core.plan.edits.weeks import ChangeWeek
from upright_anvil.core.plan.next_cell import next_cell
from upright_anvil.core.prescription.coding import coded
from upright_anvil.core.prescription.load_targets import BodyweightLoad, Coded, moved_kg
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes.base import SetPlan
from upright_anvil.core.prescription.targets import Distance, Reps, Seconds, amount_of
from upright_anvil.core.prescription.text.shorthand import read, write
from upright_anvil.core.strength.estimate import house_factor
from upright_anvil.demo.meeting import meet
from upright_anvil.demo.people import PEOPLE
from upright_anvil.demo.person import Lift, Person, Together, lifts_of
from upright_anvil.demo.places import DEPOT
from upright_anvil.services.board import saving
from upright_anvil.services.board.empty_program import start_program
from upright_anvil.services.floor import logging
from upright_anvil.services.ids import session_id
from upright_anvil.services.review.decisions import Decision, decide
from upright_anvil.services.review.opening import open_review
from upright_anvil.services.review.views import Verdict
from upright_anvil.services.shelf import all_exercises
from upright_anvil.store import programs
from upright_anvil.store.file.database import Database, Scope

SEED = 20
WEEKS_BEHIND = 6
SECONDS_A_METRE = 0.39
"""The pace of the demo's runner as the story begins."""

HARDEST = 20
"""Reps beyond which the generator looks no further."""


def fill(database: Database, studio_id: StudioId, now: datetime) -> None:
    """Fill an empty database with the demo."""
    ids = meet(database, studio_id, now)
    for number, person in enumerate(PEOPLE):
        if not person.days:
            continue
        chance = Random(SEED + number)  # noqa: S311 - made-up data, the same every time
        story = _Story(database, studio_id, now, person, chance)
        story.tell(ids[person.facts.name])


class _Story:
    """One client's weeks."""

    def __init__(self, database: Database, studio_id: StudioId, now: datetime, person: Person, chance: Random) -> None:
        self.database, self.studio_id, self.now, self.person, self.chance = database, studio_id, now, person, chance
        self.start = now.date() - timedelta(days=now.weekday(), weeks=WEEKS_BEHIND)
        self.lifts = {lift.exercise: lift for _, entries in person.days for lift in lifts_of(entries)}
        self.kit = read_equipment(DEPOT, Unit.KG).inventory
        self.made = 0

    def tell(self, client_id: ClientId) -> None:
        """Write the first program, then live through the weeks."""
        with self.database.writing(self.studio_id) as scope:
            board = start_program(scope, client_id, self.person.program, self._at(self.start), self.start)
            self.program_id, self.body = board.program_id, self.person.body_weight
            self._save(scope, self._first_phase(), "First phase written", self.start)
            self._save(scope, self._easing(scope), "Week 4 eases off: a set less", self.start)
        past = list(self._past_sessions())
        for number, (week, day, on) in enumerate(past):
            with self.database.writing(self.studio_id) as scope:
                if on >= self.start + timedelta(weeks=2) and len(self._program(scope).phases) == 1:
                    self._second_phase(scope, on)
                if number in self.person.missed:
                    continue
                self._session(scope, number, week, day, on, decided=number < len(past) - self.person.leaves_open)

    def _past_sessions(self) -> Iterator[tuple[int, int, date]]:
        """The sessions before the demo's day, from that weekday six weeks before it on: the same on every weekday."""
        for week in range(WEEKS_BEHIND + 1):
            for day, weekday in enumerate(sorted(self._weekdays())):
                on = self.start + timedelta(weeks=week, days=weekday)
                if self.now.date() - timedelta(weeks=WEEKS_BEHIND) <= on < self.now.date():
                    yield week, day, on

    def _weekdays(self) -> list[int]:
        """The weekday of each day: the first is the demo's, so that it waits, the others two and four days later.

        Late in the week they come round to the beginning of the next.
        """
        return [(self.now.weekday() + shift) % 7 for shift in (0, 2, 4)[: len(self.person.days)]]

    def _first_phase(self) -> list[Edit]:
        edits: list[Edit] = [ChangePhase(phase="p1", name="Groundwork", purpose="Learn the lifts, build a base")]
        edits += [RemoveDay(day=f"p1-d{n}") for n in range(1, self.person.facts.days_a_week + 1)]
        for n, (weekday, (name, entries)) in enumerate(zip(self._weekdays(), self.person.days, strict=True), start=1):
            day = f"p1-day{n}"
            edits.append(AddDay(phase="p1", day=day, name=name, weekday=weekday))
            lines: dict[str, LineId] = {}
            for k, lift in enumerate(lifts_of(entries), start=1):
                line = lines[lift.exercise] = LineId(f"{day}-l{k}")
                edits.append(AddLine(day=day, line=line, exercise=lift.exercise))
                edits.append(SetCell(line=line, week="p1-w1", text=write(self._typed(lift)), carry=Carry.ALL))
            for k, group in enumerate((one for one in entries if isinstance(one, Together)), start=1):
                ids = tuple(lines[lift.exercise] for lift in group.lifts)
                edits.append(GroupLines(lines=ids, group=f"{day}-g{k}", kind=group.kind))
                rests = ChangeGroup(group=f"{day}-g{k}", rest_inside=group.rest_inside, rest_after=group.rest_after)
                edits.append(rests)
        edits.append(ChangeWeek(phase="p1", week="p1-w4", kind=WeekKind.EASE_OFF))
        return edits

    def _typed(self, lift: Lift) -> Prescription:
        return read(lift.text, self.person.facts.unit)

    def _easing(self, scope: Scope) -> list[Edit]:
        edits: list[Edit] = []
        for day in self._program(scope).phases[0].days:
            for line in day.lines:
                typed = self._typed(self.lifts[line.exercise])
                if typed.sets > 2:  # noqa: PLR2004 - two sets stay two
                    lighter = write(typed).replace(f"{typed.sets} x", f"{typed.sets - 1} x", 1)
                    edits.append(SetCell(line=line.id, week="p1-w4", text=lighter))
        return edits

    def _second_phase(self, scope: Scope, on: date) -> None:
        new: list[Edit] = [
            AddPhase(phase="p2", name="Build"),
            ChangePhase(phase="p2", name="Build", purpose="Raise load inside the same rep ranges"),
        ]
        self._save(scope, new, "Second phase begun where the first built to", on)

    def _program(self, scope: Scope) -> Program:
        return programs.current(scope, self.program_id).program

    def _save(self, scope: Scope, edits: list[Edit], reason: str, on: date) -> None:
        base = programs.current(scope, self.program_id).number
        saving.save_edits(scope, self.program_id, base, edits, reason, self._at(on))

    def _session(self, scope: Scope, number: int, week: int, day: int, on: date, *, decided: bool) -> None:
        program = self._program(scope)
        phase = program.phases[week // 4]
        index, today = week % 4, sorted(phase.days, key=lambda d: d.weekday)[day]
        sid = session_id(self.program_id, phase.weeks[index].id, today.id)
        begun = self._at(on)
        logging.start_session(scope, sid, self.program_id, phase.weeks[index].id, today.id, begun, begun)
        exercises = all_exercises(scope)
        form = self.chance.gauss(1.0, 0.02)
        sore = self.person.sore is not None and self.person.sore[0] == number
        rows: list[PerformedSet] = []
        for position, line in enumerate(today.lines):
            text = line.cells[index].text
            if text and not (sore and position == 0):
                lift = self.lifts.get(line.exercise)
                gain = self.person.gain if lift is None or lift.gain is None else lift.gain
                strong = form * (1 + gain) ** week
                how = self._hurt(number, line.exercise)
                rows += self._line(line.id, exercises[line.exercise], text, strong, begun, how)
            elif text:
                rows.append(self._skip(line.id, line.exercise, text, begun))
        logging.log_sets(scope, sid, rows, begun)
        if sore and self.person.sore:
            logging.add_note(scope, sid, self._id(), "", self.person.sore[1], begun)
        estimated = logging.session_estimate(scope, sid)
        lasted = timedelta(seconds=estimated * self.chance.uniform(1.0, 1.2))
        logging.finish_session(scope, sid, begun + lasted, begun + lasted)
        if decided:
            self._decide(scope, sid, begun + lasted)

    def _hurt(self, number: int, exercise: str) -> How:
        found = (h for h in self.person.hurts if number in h.sessions and h.exercise == exercise)
        return next((How(pain=h.joint, pain_side=h.side) for h in found), NOTHING_SEEN)

    def _line(
        self, line: LineId, exercise: Exercise, text: str, form: float, at: datetime, how: How
    ) -> Iterator[PerformedSet]:
        plan = read(text, Unit(self.person.facts.unit))
        for number, one in enumerate(plan.plans, start=1):
            reps, seconds, reserve = self._performed(plan, one, exercise, form * (1 - 0.012 * (number - 1)))
            yield PerformedSet(
                id=self._id(),
                slot=SetPosition(line, number),
                exercise=exercise.id,
                outcome=Outcome.DONE,
                reps=reps,
                seconds=seconds,
                load=self._hung(one),
                metres=one.target.metres if isinstance(one.target, Distance) else None,
                assisted=isinstance(plan.load, BodyweightLoad) and plan.load.assisted,
                reserve=reserve,
                planned=text,
                logged_at=at + timedelta(minutes=3 * number),
                how=how if number == len(plan.plans) else NOTHING_SEEN,
            )

    def _performed(
        self, plan: Prescription, one: SetPlan, exercise: Exercise, form: float
    ) -> tuple[int | None, int | None, int | None]:
        """Reps, seconds and reserve of one set by a client who stops where the plan says."""
        if isinstance(one.target, Distance):
            return None, round(one.target.metres * SECONDS_A_METRE / form), None
        if isinstance(one.target, Seconds):
            return None, one.target.seconds - (5 if self.chance.random() < 0.1 else 0), None  # noqa: PLR2004 - one in ten
        load = one.load if isinstance(one.load, BodyweightLoad) else self._hung(one)
        moved = moved_kg(load, exercise.bodyweight_share, self.body.kg if self.body else None)
        asked = amount_of(one.target)
        limit = asked + 3
        if moved:
            strength = self.lifts[exercise.id].true_max_kg * form
            able = (r for r in range(HARDEST, 0, -1) if float(moved) * (house_factor(r) or 9) <= strength)
            limit = next(able, 1)
        high, low = asked, one.target.low if isinstance(one.target, Reps) else 1
        reps = max(1, min(high, limit - (plan.left or 0)))
        if reps < low:
            reps = max(1, min(low, limit))
        said = self.chance.random() < 0.85  # noqa: PLR2004 - now and then nobody says
        return reps, None, min(max(limit - reps, 0), 5) if said else None

    def _hung(self, one: SetPlan) -> Load | None:
        """The load that is logged for a set: added to the body, or what a band comes to at the depot."""
        match one.load:
            case BodyweightLoad(added=added):
                return added
            case Coded() as code:
                made = coded(code, self.kit)
                return made.load if made else None
            case Load() as load:
                return load
            case _:
                return None

    def _skip(self, line: LineId, exercise: ExerciseId, text: str, at: datetime) -> PerformedSet:
        return PerformedSet(self._id(), SetPosition(line, 1), exercise, Outcome.SKIPPED, planned=text, logged_at=at)

    def _decide(self, scope: Scope, sid: SessionId, at: datetime) -> None:
        taken = []
        opened = open_review(scope, sid, at.date())
        for one in opened.lines:
            line, proposal = one.judged.line.id, one.proposal
            cell = next_cell(opened.program, line, opened.found.week)
            if proposal is None or cell is None:
                continue
            declined = self.chance.random() < 0.05  # noqa: PLR2004 - one in twenty
            verdict = Verdict.DECLINED if declined else Verdict.ACCEPTED
            reason = "Looked less steady than the figures" if declined else ""
            others = {part.line: next_cell(opened.program, part.line, opened.found.week) for part in proposal.stations}
            stations = {station: other.text if other else "" for station, other in others.items()}
            taken.append(Decision(self._id(), line, verdict, "", cell.text, reason, stations))
        decide(scope, opened, taken, at)

    def _at(self, on: date) -> datetime:
        return datetime.combine(on, time(17, 30), self.now.tzinfo)

    def _id(self) -> str:
        self.made += 1
        return f"demo-{self.chance.getrandbits(64):016x}"
