"""A client's consents: in which words, since when, and since when not any more. They are never changed."""

from dataclasses import dataclass
from datetime import date, datetime

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId
from upright_anvil.services.ids import fresh_id
from upright_anvil.store.client import clients
from upright_anvil.store.client import consents as store
from upright_anvil.store.file.database import Scope


@dataclass(frozen=True, slots=True)
class ConsentView:
    """A consent; without ``withdrawn_on`` it holds. ``text`` is empty where only the day was noted."""

    id: str
    text: str
    on: date
    withdrawn_on: date | None


def consents(scope: Scope, client_id: ClientId) -> tuple[ConsentView, ...]:
    """Answer a client's consents, the newest first."""
    return tuple(
        ConsentView(row.id, row.text, row.on_date, row.withdrawn_on) for row in store.consents(scope, client_id)
    )


def add_consent(
    scope: Scope, client_id: ClientId, text: str, on: date, now: datetime, today: date
) -> tuple[ConsentView, ...]:
    """Keep that a client agreed to these words. Raises `NotFoundError`, `DomainError` for a day to come."""
    clients.client(scope, client_id)
    if on > today:
        raise DomainError("The consent is dated to a day that has not come yet.")
    store.add_consent(scope, client_id, fresh_id(), text, on, now)
    return consents(scope, client_id)


def withdraw_consent(
    scope: Scope, client_id: ClientId, consent_id: str, on: date, today: date
) -> tuple[ConsentView, ...]:
    """Keep that a client took a consent back. Raises `NotFoundError`, `DomainError` for a day that cannot be."""
    row = store.consent(scope, client_id, consent_id)
    if not row.on_date <= on <= today:
        raise DomainError(f"It was given on {row.on_date}: it can be taken back from then up to today.")
    row.withdrawn_on = on
    scope.db.flush()
    return consents(scope, client_id)


def consent_hint(scope: Scope, client_id: ClientId) -> str | None:
    """Answer a calm reminder where no consent holds, None where one does."""
    found = consents(scope, client_id)
    if any(one.withdrawn_on is None for one in found):
        return None
    if found:
        return (
            f"The consent was taken back on {found[0].withdrawn_on}: see what may still be kept, and what is to be "
            "erased."
        )
    return "No consent is noted yet."
