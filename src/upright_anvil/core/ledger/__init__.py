"""What was done: rows that are only ever added, and which of them stand."""
