"""What requests ask, by part of the job."""
