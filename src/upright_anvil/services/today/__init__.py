"""The day of the studio: sessions, dues, alerts."""
