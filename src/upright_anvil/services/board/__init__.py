"""Writing a program: opening, typing, checking, saving, revisions."""
