"""Refusals that carry a sentence for a person."""


class DomainError(ValueError):
    """Something the rules cannot accept; `str()` is a sentence a trainer understands."""
