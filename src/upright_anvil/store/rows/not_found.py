"""What the store raises when a row is not there, or belongs to another trainer."""


class NotFoundError(LookupError):
    """There is no such row for this trainer; `str()` is a sentence."""

    def __init__(self, what: str) -> None:
        super().__init__(f"There is no such {what}. It may have been removed.")
