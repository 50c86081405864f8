"""The people of a studio: who is there, how they sign in, their devices, and who did what."""
