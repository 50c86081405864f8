"""The people of a studio: what each may do, and the rules of signing in."""
