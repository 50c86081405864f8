"""The written form of a prescription: reading shorthand, writing it, and what was meant where it cannot be read."""
