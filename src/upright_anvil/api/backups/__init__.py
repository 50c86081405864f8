"""Backups of the studio's file."""
