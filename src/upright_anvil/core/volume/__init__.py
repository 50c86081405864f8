"""How much work a week holds: hard sets by muscle and pattern, against the band for the goal."""
