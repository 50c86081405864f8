"""The routes, by part of the job."""
