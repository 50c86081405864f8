"""Loads, what can be lifted at a place, and how to put it on the bar."""
