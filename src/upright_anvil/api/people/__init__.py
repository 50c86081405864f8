"""The people of the studio, signing in, their devices, and who did what."""
