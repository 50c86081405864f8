"""How the sets of a line relate: each scheme one small module, all of them listed here."""

from upright_anvil.core.prescription.schemes.back_off import BackOff
from upright_anvil.core.prescription.schemes.checkpoints import Checkpoints
from upright_anvil.core.prescription.schemes.cluster import Cluster
from upright_anvil.core.prescription.schemes.density import Density
from upright_anvil.core.prescription.schemes.drops import Drops
from upright_anvil.core.prescription.schemes.every import EveryStart
from upright_anvil.core.prescription.schemes.last_most import LastMost
from upright_anvil.core.prescription.schemes.varied import Varied

__all__ = [
    "SCHEMES",
    "BackOff",
    "Checkpoints",
    "Cluster",
    "Density",
    "Drops",
    "EveryStart",
    "LastMost",
    "Scheme",
    "Varied",
]

Scheme = Varied | LastMost | Drops | BackOff | Cluster | EveryStart | Density | Checkpoints
"""Any scheme but the plain one; straight sets have none."""

SCHEMES: tuple[type[Scheme], ...] = (Varied, LastMost, Drops, BackOff, Cluster, EveryStart, Density, Checkpoints)
