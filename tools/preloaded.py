"""What a server reads in, read before it is forked: also what the app itself reads when it is first used."""

import gc

import alembic.command
import icalendar
import openpyxl

import upright_anvil.cli
import upright_anvil.formats.home_paper
import upright_anvil.formats.report_file
from upright_anvil.services.shelf import shipped_library

__all__ = ["alembic", "icalendar", "openpyxl", "upright_anvil"]

shipped_library()
gc.collect()
gc.freeze()
