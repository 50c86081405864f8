"""Devices on the floor: which ones there are, a set they watch, and keeping what they measured beside the set."""

from collections.abc import Iterator
from dataclasses import dataclass
from datetime import datetime
from statistics import mean

from upright_anvil.core.ids import LineId, SessionId
from upright_anvil.core.prescription.tempo import Tempo
from upright_anvil.core.sensing.live import LiveCount
from upright_anvil.core.sensing.strokes import Sample
from upright_anvil.core.sensing.tempo_kept import tempo_sentences
from upright_anvil.services.acknowledged import Acknowledged
from upright_anvil.services.settings import Device, Settings
from upright_anvil.simulators.heart_strap import HeartStrap, SimulatedHeartStrap
from upright_anvil.simulators.rep_sensor import Moves, RepSensor, SimulatedRepSensor
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import floor as store
from upright_anvil.store.log import training_sessions
from upright_anvil.store.rows.once import stored
from upright_anvil.store.tables import MeasureRow


@dataclass(frozen=True, slots=True)
class WatchedSet:
    """A set that the devices are told of: how many repetitions are meant, at which tempo."""

    line: LineId
    number: int
    reps: int
    tempo: Tempo | None = None


@dataclass(frozen=True, slots=True)
class Figures:
    """What was measured of a set: full and partial repetitions, mean and highest heart rate, all of it said."""

    reps: int | None
    partial: int | None
    slow_down: float | None
    heart_mean: int | None
    heart_most: int | None
    sentences: tuple[str, ...]


class Watch:
    """What the chosen devices see while a session is on the floor."""

    def __init__(self, chosen: Settings, seed: int) -> None:
        self._chosen, self._seed = chosen, seed
        self._strap: HeartStrap | None = SimulatedHeartStrap(seed) if chosen.heart_strap is Device.SIMULATED else None
        self._beats = self._strap.beats() if self._strap else None
        self._set: WatchedSet | None = None
        self._count = LiveCount()
        self._rates: list[int] = []
        self._samples: Iterator[Sample] = iter(())

    @property
    def anything(self) -> bool:
        """Whether any device is chosen."""
        return self._strap is not None or self._chosen.rep_sensor is not Device.OFF

    def begin(self, watched: WatchedSet) -> None:
        """A set begins."""
        self._seed += 1
        self._set, self._count, self._rates = watched, LiveCount(), []
        if self._strap:
            self._strap.working(at_work=True)
        if self._chosen.rep_sensor is Device.SIMULATED:
            self._samples = _sensor(watched, self._seed).samples()

    def sample(self) -> bool:
        """Take the sensor's next sample; False when there is none."""
        found = next(self._samples, None)
        if found is not None:
            self._count.add(found)
        return found is not None

    def reps(self) -> int | None:
        """Answer the repetitions so far; None without a sensor or a set."""
        if self._set is None or self._chosen.rep_sensor is Device.OFF:
            return None
        return self._count.so_far().reps

    def heart(self) -> int | None:
        """Answer the heart rate of this second, beats a minute; None without a strap."""
        if self._beats is None:
            return None
        rate = next(self._beats)
        if self._set is not None:
            self._rates.append(rate)
        return rate

    def end(self) -> Figures | None:
        """A set ends: answer what was measured of it; None where none was begun."""
        watched, self._set = self._set, None
        if self._strap:
            self._strap.working(at_work=False)
        if watched is None:
            return None
        counted = self._count.so_far() if self._chosen.rep_sensor is not Device.OFF else None
        said = list(tempo_sentences(counted, watched.tempo)) if counted else []
        average = round(mean(self._rates)) if self._rates else None
        most = max(self._rates, default=None)
        if average is not None:
            said.append(f"Heart {average} beats a minute on average, {most} at most.")
        return Figures(
            counted.reps if counted else None,
            counted.partial if counted else None,
            counted.slow_down if counted else None,
            average,
            most,
            tuple(said),
        )


def _sensor(watched: WatchedSet, seed: int) -> RepSensor:
    phases = (2.0, 0.0, 1.0, 0.0)
    if watched.tempo is not None:
        lowering, bottom, lifting, top = (0.7 if phase is None else float(phase) for phase in watched.tempo.phases)
        phases = (max(lowering, 0.4), bottom, max(lifting, 0.4), top)
    return SimulatedRepSensor(Moves(reps=watched.reps, phases=phases, partial=0.05), seed)


def keep_measure(
    scope: Scope, sid: SessionId, row_id: str, line: LineId, number: int, figures: Figures, now: datetime
) -> Acknowledged:
    """Keep what was measured of a set, beside what the trainer says of it; sent twice, it is kept once.

    Raises `NotFoundError` before the session was started.
    """
    session = training_sessions.session(scope, sid)
    said = {
        "reps": figures.reps,
        "partial": figures.partial,
        "slow_down": figures.slow_down,
        "heart_mean": figures.heart_mean,
        "heart_most": figures.heart_most,
        "sentences": list(figures.sentences),
    }
    if stored(scope, MeasureRow, row_id, session_id=sid, line=line, number=number, figures=said):
        return Acknowledged(row_id, again=True)
    row = MeasureRow(
        id=row_id,
        client_id=session.client_id,
        session_id=sid,
        line=line,
        number=number,
        sort="set",
        figures=said,
        at=now,
    )
    scope.db.add(row)
    scope.db.flush()
    return Acknowledged(row_id, again=False)


def measured_by_set(scope: Scope, sid: SessionId) -> dict[str, dict[int, tuple[str, ...]]]:
    """Answer what devices saw of a session's sets, in sentences, by line and number of the set."""
    found: dict[str, dict[int, tuple[str, ...]]] = {}
    for row in store.measures_of_session(scope, sid):
        found.setdefault(row.line, {})[row.number] = tuple(row.figures.get("sentences", ()))
    return found
