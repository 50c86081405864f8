"""What an exercise asks of the whole body beside its joints, where some clients are asked about first."""

from enum import StrEnum


class Demand(StrEnum):
    """Demands that pregnancy, the months after a birth, the heart or blood pressure may stand against."""

    SUPINE = "lying on the back"
    PRONE = "lying on the front"
    IMPACT = "impact"
    BREATH_HOLDING = "holding the breath"
    TRUNK_FLEXION = "bending the trunk under load"
    OVERHEAD = "overhead"
    BALANCE = "balance"
