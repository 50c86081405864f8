"""Places and joints that the library's tests speak of."""

from datetime import date

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.health.history import Entry, JointStatus, State
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Unit

TODAY = date(2026, 3, 4)

NONE = Inventory()
PAIRS = read_equipment("dumbbells 4-24 by 2", Unit.KG).inventory
HOTEL = read_equipment("rucksack 10\nbands sand 6\nstairs", Unit.KG).inventory
CABLE = read_equipment("stack 5-80 by 5\nanchor, bench", Unit.KG).inventory
STUDIO = read_equipment(
    """bar 20, plates 4x1.25 4x2.5 4x5 4x10 4x20
    dumbbells 4-30 by 2
    kettlebells 8 12 16 24
    stack 5-90 by 5
    bands sand 6
    medicine balls 3
    belt 5 10
    rucksack 10
    bench, rack, box, pull-up bar, dip bars, anchor, straps, sliders, big ball, balance pad, stairs, rower, bike""",
    Unit.KG,
).inventory


def at(state: State, joint: Joint, side: Side = Side.LEFT) -> tuple[JointStatus, ...]:
    """One joint as it stands."""
    where = side if joint.paired else None
    return (JointStatus(joint, where, state, Entry("entry", TODAY, joint, state, where)),)


HURTS, SPARE, WATCH = State.HURTS, State.SPARE, State.WATCH
