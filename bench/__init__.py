"""Every timed claim, measured as ratios within one run."""
