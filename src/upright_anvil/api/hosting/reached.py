"""From where the server is reached: this machine alone, or elsewhere, which needs TLS and signing in."""

from collections.abc import Sequence
from dataclasses import dataclass
from ipaddress import ip_address
from pathlib import Path
from typing import Final

ON_THIS_MACHINE: Final = "127.0.0.1"


class WrongArgumentError(ValueError):
    """What was asked does not fit together; says what to change."""


class NobodySignsInError(Exception):
    """The app would be reached from elsewhere, and nobody has a passphrase; says what to do."""

    def __init__(self, data: Path) -> None:
        super().__init__(
            "From elsewhere one has to sign in, and nobody has a passphrase yet. Choose the owner's first: "
            f"python -m upright_anvil.cli people owner --person NAME --data {data}"
        )


@dataclass(frozen=True, slots=True)
class Reached:
    """The address that is answered on, the certificate and key for it, and the names the app is called by.

    ``behind_proxy`` where a proxy on this machine gives TLS.
    """

    bind: str = ON_THIS_MACHINE
    certificate: Path | None = None
    key: Path | None = None
    names: Sequence[str] = ()
    behind_proxy: bool = False

    @property
    def _beyond(self) -> bool:
        try:
            return not ip_address(self.bind).is_loopback
        except ValueError:
            return self.bind != "localhost"

    @property
    def from_elsewhere(self) -> bool:
        """Whether others than this machine's user may come: by the address, by a name, or through a proxy."""
        return self._beyond or self.behind_proxy or bool(self.names) or self.certificate is not None

    def check(self, *, demo: bool) -> None:
        """See that what is asked fits together. Raises `WrongArgumentError` with what to change."""
        if (self.certificate is None) != (self.key is None):
            raise WrongArgumentError("A certificate and its key go together: --certificate FILE --key FILE.")
        for file in (self.certificate, self.key):
            if file is not None and not file.is_file():
                raise WrongArgumentError(f"There is no file {file}.")
        if demo and self.from_elsewhere:
            raise WrongArgumentError("The made-up data are for this machine only: nobody signs in there.")
        if self._beyond and self.certificate is None:
            raise WrongArgumentError(
                "Beyond this machine the app is reached by TLS only: give --certificate and --key, or leave --bind out "
                "and let a proxy on this machine give TLS (--behind-proxy); docs/running.md says how."
            )
        if self.from_elsewhere and not self.names:
            raise WrongArgumentError("Say the name browsers call it by: --name studio.home.arpa. Any other is refused.")

    def address(self, port: int) -> str:
        """Answer where a browser finds it."""
        if self.certificate is not None:
            return f"https://{self.names[0]}:{port}"
        return f"https://{self.names[0]}" if self.names else f"http://{ON_THIS_MACHINE}:{port}"
