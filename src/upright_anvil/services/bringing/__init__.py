"""Bringing in what a trainer has already: clients and past sessions, from rows of a spreadsheet."""
