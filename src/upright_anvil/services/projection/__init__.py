"""Where the plan leads."""
