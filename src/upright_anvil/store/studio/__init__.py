"""What is the studio's: its people, places, settings, and its own library."""
