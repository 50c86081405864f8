"""The one file of data: opening it, reading and writing it, copying it."""
