"""Every query that a module of the store keeps, by the module and its name there."""

import pkgutil
from importlib import import_module
from typing import Any

import upright_anvil.store
from upright_anvil.store.rows.query import Query


def kept_queries() -> dict[str, Query[Any]]:
    """Answer them; migrations keep none."""
    names = (found.name for found in pkgutil.walk_packages(upright_anvil.store.__path__, "upright_anvil.store."))
    modules = [import_module(name) for name in names if ".migrations" not in name]
    return {
        f"{module.__name__.removeprefix('upright_anvil.store.')}.{name}": value
        for module in modules
        for name, value in vars(module).items()
        if isinstance(value, Query)
    }
