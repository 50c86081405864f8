"""Migrations, from the first table on."""
