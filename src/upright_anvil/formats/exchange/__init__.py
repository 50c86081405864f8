"""What goes out of the app and comes in: open formats, without loss where they say so."""
