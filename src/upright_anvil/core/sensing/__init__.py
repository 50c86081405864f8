"""Reading what sensors on the floor send: repetitions and phases from a moving load, and a heart's rate."""
