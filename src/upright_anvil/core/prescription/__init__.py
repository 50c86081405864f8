"""What a line asks for: target, load, tempo, rest and reserve, and its shorthand."""
