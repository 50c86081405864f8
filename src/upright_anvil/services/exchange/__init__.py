"""What leaves the studio as a file, and programs that come in as one."""
