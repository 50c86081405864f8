"""What is kept on disk, and the only place that speaks to the database."""
