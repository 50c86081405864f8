"""The published schemas are those of what is written."""

import json
from pathlib import Path
from unittest import TestCase

from pydantic import TypeAdapter

from upright_anvil.core.home.sheet import HomeSheet
from upright_anvil.formats.exchange.library_file import LibraryFile

SCHEMAS = Path(__file__).parents[2] / "docs" / "schemas"


class SchemasTest(TestCase):
    def test_the_published_ones_hold(self) -> None:
        for name, schema in (
            ("home-sheet", TypeAdapter(HomeSheet).json_schema()),
            ("library", LibraryFile.model_json_schema()),
        ):
            self.assertEqual(json.loads((SCHEMAS / f"{name}.json").read_text("utf-8")), schema, name)
