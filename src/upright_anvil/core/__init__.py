"""The rules of the job: pure functions over values, with no I/O, clock or randomness."""
