"""The policies there are, in an explicit order; unknown and doubled ids are refused with a sentence."""

from collections.abc import Callable, Iterable
from dataclasses import dataclass, replace
from types import MappingProxyType

from upright_anvil.core.progression.model import Proposal, Situation
from upright_anvil.core.progression.policies import (
    control,
    density,
    double_progression,
    holds,
    linear,
    reserve_led,
    sets,
    skill,
    wave,
)
from upright_anvil.core.sentences import Refusal


@dataclass(frozen=True, slots=True)
class Policy:
    """One way to raise the work; ``fits`` answers why it cannot lead a line, in words, empty where it can."""

    id: str
    title: str
    propose: Callable[[Situation], Proposal]
    fits: Callable[[Situation], str] = lambda _: ""


def register(policies: Iterable[Policy]) -> MappingProxyType[str, Policy]:
    """Answer the policies by id. Raises `Refusal` when an id comes twice."""
    by_id: dict[str, Policy] = {}
    for policy in policies:
        if policy.id in by_id:
            raise Refusal(f"Two policies are called {policy.id}.")
        by_id[policy.id] = policy
    return MappingProxyType(by_id)


POLICIES = register(
    [
        Policy(double_progression.ID, double_progression.TITLE, double_progression.propose),
        *(
            Policy(module.ID, module.TITLE, module.propose, module.fits)
            for module in (linear, wave, reserve_led, sets, density, control, skill, holds)
        ),
    ]
)


def led_by(policy_id: str, situation: Situation) -> Proposal:
    """Answer what a policy proposes; one that does not fit the line says so and leaves it to double progression.

    Raises `Refusal` for an unknown policy.
    """
    wanted = policy(policy_id)
    misfit = wanted.fits(situation)
    if not misfit:
        return wanted.propose(situation)
    found = POLICIES[double_progression.ID].propose(situation)
    return replace(found, rule=f"{wanted.title} cannot lead this line. {misfit} {found.rule}")


def policy(policy_id: str) -> Policy:
    """Answer the policy with this id. Raises `Refusal` for an unknown one."""
    if policy_id not in POLICIES:
        raise Refusal(f"There is no policy {policy_id}; there are: {', '.join(POLICIES)}.")
    return POLICIES[policy_id]
