"""Upright Anvil: plan, run and raise one-to-one strength training."""

__version__ = "0.5.0"
