"""Clients and the places where they train."""
