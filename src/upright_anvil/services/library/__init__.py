"""Finding exercises, own ones, and what to do instead."""
