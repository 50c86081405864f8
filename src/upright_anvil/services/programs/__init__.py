"""The life of a client's programs: which runs, how one ends, what came of it, and what is carried over."""
