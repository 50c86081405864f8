"""What a client does between sessions: sheets out, results back."""
