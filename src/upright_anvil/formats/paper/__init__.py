"""What is printed: home sheets, blank logs, reports."""
