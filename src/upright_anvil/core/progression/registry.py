"""The policies there are, in an explicit order; unknown and doubled ids are refused with a sentence."""

from collections.abc import Callable, Iterable
from dataclasses import dataclass
from types import MappingProxyType

from upright_anvil.core.progression import double_progression
from upright_anvil.core.progression.model import Proposal, Situation
from upright_anvil.core.sentences import Refusal


@dataclass(frozen=True, slots=True)
class Policy:
    """One way to raise the work."""

    id: str
    title: str
    propose: Callable[[Situation], Proposal]


def register(policies: Iterable[Policy]) -> MappingProxyType[str, Policy]:
    """Answer the policies by id. Raises `Refusal` when an id comes twice."""
    by_id: dict[str, Policy] = {}
    for policy in policies:
        if policy.id in by_id:
            raise Refusal(f"Two policies are called {policy.id}.")
        by_id[policy.id] = policy
    return MappingProxyType(by_id)


POLICIES = register([Policy(double_progression.ID, double_progression.TITLE, double_progression.propose)])


def policy(policy_id: str) -> Policy:
    """Answer the policy with this id. Raises `Refusal` for an unknown one."""
    if policy_id not in POLICIES:
        raise Refusal(f"There is no policy {policy_id}; there are: {', '.join(POLICIES)}.")
    return POLICIES[policy_id]
