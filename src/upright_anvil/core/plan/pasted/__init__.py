"""A program pasted from a spreadsheet: its table, and the days, lines and weeks that stand in it."""
