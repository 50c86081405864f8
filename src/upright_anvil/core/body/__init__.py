"""Muscles, joints and sides: the body as the rules name it."""
