"""Every query finds the rows of its own studio only: the condition is put to a query once, whoever asks it later."""

from collections.abc import MutableMapping
from contextvars import ContextVar
from weakref import WeakKeyDictionary

from sqlalchemy import BindParameter, bindparam
from sqlalchemy.orm import with_loader_criteria
from sqlalchemy.sql.base import Executable

from upright_anvil.core.ids import StudioId
from upright_anvil.store.tables.base import Owned

_ASKING: ContextVar[StudioId] = ContextVar("asking")
"""Whose rows are asked for; said anew before each query, which is carried out where it was said."""

ASKING = "asking_studio"
"""The name of the parameter that says it."""

_STUDIO: BindParameter[StudioId] = bindparam(ASKING, callable_=_ASKING.get)
_ONLY_OWN = with_loader_criteria(
    Owned, lambda kind: kind.studio_id == _STUDIO, include_aliases=True, track_closure_variables=False
)

_asked: MutableMapping[Executable, Executable] = WeakKeyDictionary()
"""Queries with the condition. To put it to one costs as much as to ask it, and most are asked again and again."""


def of_studio(query: Executable, studio_id: StudioId) -> Executable:
    """Answer a query that finds a studio's rows only; it has to be carried out next, in the same thread."""
    _ASKING.set(studio_id)
    found = _asked.get(query)
    if found is None:
        found = _asked[query] = only_own(query)
    return found


def only_own(query: Executable) -> Executable:
    """Answer a query that finds the rows of the studio only that is named as `ASKING`."""
    return query.options(_ONLY_OWN)
