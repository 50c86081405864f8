"""Made-up demo data."""
