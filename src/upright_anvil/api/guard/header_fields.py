"""What a request says in its head, read where it stands: most guards ask for a field or two of it."""

from starlette.types import Scope


def said(scope: Scope, name: bytes) -> list[str]:
    """Answer what is said under a header's name, which is given in small letters, once for each time it is said."""
    return [value.decode("latin-1") for key, value in scope["headers"] if key == name]


def first_said(scope: Scope, name: bytes, otherwise: str = "") -> str:
    """Answer what is said first under a name, in small letters; ``otherwise`` where nothing is."""
    for key, value in scope["headers"]:
        if key == name:
            found: str = value.decode("latin-1")
            return found
    return otherwise
