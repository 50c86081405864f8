"""Every number the rules rest on, named, with its unit and source.

A value marked "house rule" is ours and open to a trainer's own choice; the others follow a publication.
"""

from decimal import Decimal
from typing import Final

KG_PER_LB: Final = Decimal("0.45359237")
"""Kilograms in one pound, exact by definition (international avoirdupois pound, 1959)."""

MAX_LOAD_KG: Final = Decimal(1000)
"""Heaviest load accepted as a plausible entry, kg. House rule."""

STEP_CAP: Final = Decimal("0.10")
"""Largest single rise in load, as a share of the load now. ACSM 2009 (MSSE 41:687): 2-10 %."""

BRIDGE_SLOWER_SECONDS: Final = 2
"""Seconds added to the lowering phase when reps alone no longer bridge to the next load. House rule."""

DEFAULT_RESERVE: Final = 2
"""Repetitions in reserve assumed when a set's reserve was not logged (rules, strength). House rule."""

MAX_ESTIMATE_REPS: Final = 20
"""Repetitions to failure above which no maximum is estimated. House rule."""

BRZYCKI_LIMIT: Final = 37
"""Brzycki (1993) has a pole here: the formula holds only below it."""

BLEND_FROM: Final = 10
"""Repetitions to failure up to which the house estimate is the mean of Epley and Brzycki. House rule."""

BLEND_TO: Final = 15
"""Repetitions to failure from which the house estimate is Epley alone. House rule."""

DEFAULT_REP_SECONDS: Final = 3
"""Seconds a repetition takes when neither the line nor the exercise says. House rule."""

EXPLOSIVE_SECONDS: Final = 1
"""Seconds counted for a tempo phase written X. House rule."""

SLOW_LOWERING_SECONDS: Final = 3
"""Seconds of lowering beyond which a set shows less than the client can. House rule."""

SLOW_PAUSE_SECONDS: Final = 2
"""Seconds of a pause from which on the same holds. House rule."""

CHANGE_SIDES_SECONDS: Final = 5
"""Seconds to change sides inside one set. House rule."""

TRANSITION_SECONDS: Final = 20
"""Seconds from the last set of one exercise to the first of the next, same implement. House rule."""

TRANSITION_CHANGE_SECONDS: Final = 60
"""The same when the implement changes. House rule."""

DEFAULT_REST_SECONDS: Final = 90
"""Rest between sets assumed in the time estimate when the line does not say. House rule."""

WALKING_PACE: Final = 1.0
"""Metres a second reckoned with for carries, crawls and walks. House rule."""

RUNNING_PACE: Final = 2.5
"""Metres a second reckoned with for endurance work. House rule."""

CHANGE_PLACE_SECONDS: Final = 5
"""Seconds from one counted station to the next where no rest lies between them. House rule."""

ON_THE_MINUTE_SECONDS: Final = 60
"""From the start of one station to the start of the next where the group does not say. House rule."""

TIME_CAP_SECONDS: Final = 600
"""The time for most rounds where the group does not say. House rule."""

USUAL_REPS: Final = 10
"""Repetitions of a set where nobody says how many: an exercise added on the floor, no figure typed. House rule."""

REST_INSIDE_SECONDS: Final = 15
"""Rest between the lines of a round where the group does not say. House rule."""

CIRCUIT_REST_AFTER: Final = 60
"""Rest after a round of a circuit where the group does not say. House rule."""

PACE_MIN: Final = 0.7
PACE_MAX: Final = 1.6
"""Bounds of a client's pace factor (actual / estimated minutes). House rule."""

PACE_SESSIONS: Final = 10
"""Sessions the pace factor looks back on. House rule."""

PACE_NEEDS: Final = 3
"""Sessions needed before the pace factor leaves 1.0. House rule."""

CARRY_OVER_CAUTION: Final = Decimal("0.10")
"""Share held back when a load is carried over to an exercise the client has not done. House rule."""

SCREEN_REPEAT_DAYS: Final = 365
"""Days after which a health screen is asked again; a clearance counts as long (Riebe et al., MSSE 2015;47:2473)."""

BEGINS_CALMLY_DAYS: Final = 28
"""Days after a clear screen for which a client who was not active begins light to moderate. House rule."""

SURE_ERRORS: Final = 2.77
"""Typical errors a change must exceed to be beyond chance at 95 %: 1.96 x sqrt 2 (Hopkins 2000, Sports Med 30:1)."""
