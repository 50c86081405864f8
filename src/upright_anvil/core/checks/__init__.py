"""Checks on a plan: each one small module; `registry.CHECKS` lists them all in the order they are shown."""
