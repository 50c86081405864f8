"""What the studio has set for all its devices: when a screen locks, and how long a device keeps what it read."""

from dataclasses import asdict, dataclass

from upright_anvil.store.file.database import Scope
from upright_anvil.store.studio import settings as store


@dataclass(frozen=True, slots=True)
class AccessRules:
    """Minutes without a touch after which a screen locks; days after which a device forgets what it keeps."""

    lock_minutes: int = 10
    kept_days: int = 7


def access_rules(scope: Scope) -> AccessRules:
    """Answer the studio's rules, or the house's."""
    kept, own = store.settings(scope), asdict(AccessRules())
    return AccessRules(**{name: int(kept.get(name, value)) for name, value in own.items()})


def keep_access_rules(scope: Scope, rules: AccessRules) -> AccessRules:
    """Keep the studio's rules."""
    for name, value in asdict(rules).items():
        store.keep_setting(scope, name, str(value), of_all=True)
    return rules
