"""Backups of the studio's file: made, kept in rotation, checked and restored."""
