"""What was done: sessions, sets, what was noted and measured, and what follows from it."""
