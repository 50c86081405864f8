"""Fitting a session into the time there is."""
