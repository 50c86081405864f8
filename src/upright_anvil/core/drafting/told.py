"""What a draft could not keep, in sentences that say which wish to relax."""

from upright_anvil.core.drafting.brief import Brief
from upright_anvil.core.drafting.slots import SlotWork
from upright_anvil.core.drafting.solve import Solved, Task
from upright_anvil.core.goals import TrainingAge
from upright_anvil.core.plan.document import Section


def unkept(task: Task, solved: Solved, brief: Brief) -> list[str]:
    """Answer what was wished and is not there: empty main slots, endurance, a liked exercise, sets below the band."""
    who = brief.who
    filled = {choice.slot.id for choice in solved.choices}
    said = []
    if who.training_age is TrainingAge.NOT_SAID:
        said.append("How long the client has trained is not written down: drafted as for the first months.")
    for day in task.days:
        empty = [s for s in day.slots if s.id not in filled and s.section is not Section.ACCESSORY and s.wanted >= 40]  # noqa: PLR2004
        none = list(dict.fromkeys(slot.role for slot in empty if not task.candidates[slot.id]))
        full = list(dict.fromkeys(slot.role for slot in empty if task.candidates[slot.id]))
        if none:
            said.append(
                f"{day.name}: nothing at the place trains {' and '.join(none)} without a joint in trouble "
                "or what has to be asked about first."
            )
        if full:
            said.append(f"{day.name}: {who.minutes} min hold no {' and no '.join(full)}; more minutes would.")
    work = {choice.slot.work for choice in solved.choices}
    if brief.endurance and SlotWork.ENDURANCE not in work:
        said.append(f"No endurance found room in {who.minutes} min at this place.")
    chosen = {choice.candidate.exercise.id for choice in solved.choices}
    missed = sorted(who.profile.exercise(name).name for name in brief.liked if name not in chosen)
    if missed and brief.liked and not brief.liked & chosen:
        said.append(
            f"Asked for and not there: {', '.join(missed[:3])}; the place, the joints or the practice speak against it."
        )
    short = [f"{muscle} {missing:.0f}" for muscle, missing in solved.short.items() if missing >= 1]
    if short:
        said.append(
            f"Sets a week below the band: {', '.join(short)}. "
            f"More than {who.days_a_week} days or {who.minutes} min, or fewer goals, would make room."
        )
    return said


def why_nothing(task: Task, brief: Brief) -> str:
    """Answer why not a single exercise could be chosen."""
    if not any(task.candidates.values()):
        return (
            "Nothing at the client's place leaves the joints in trouble alone; relax the place or look at the history."
        )
    return f"{brief.who.minutes} min hold not even one exercise after the warm-up; relax the minutes."
