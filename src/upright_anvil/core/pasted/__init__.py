"""What is pasted from a spreadsheet: its table, and the program, the clients or the past sessions that stand in it."""
