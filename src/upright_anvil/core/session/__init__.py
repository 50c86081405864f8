"""One session on the day: how the client came, what is changed for it, in which order its sets are run."""
