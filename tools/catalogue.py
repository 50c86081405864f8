"""Write the interface's catalogue: every sentence that the screens say, by its English, as i18next reads it."""

import json
import re
from ast import literal_eval
from collections.abc import Iterator
from pathlib import Path

from upright_anvil.formats.shipped.languages import FOLDER

WEB = Path(__file__).parents[1] / "web" / "src"
CATALOGUE = FOLDER / "interface.en.json"

_QUOTED = r"""(?:"((?:[^"\\]|\\.)*)"|'((?:[^'\\]|\\.)*)'|`([^`$\\]*)`)"""
_SAID = re.compile(rf"\bt\(\s*{_QUOTED}")
_COUNTED = re.compile(rf"\s*,\s*{_QUOTED}(?:\s*,\s*{_QUOTED})?\s*\)")
_WORD = re.compile(r'"([A-Za-z][a-z][^"]*)"')


def sentences() -> dict[str, str]:
    """Answer what the screens say: sentences, numbers of things (one and many), and the server's words for kinds."""
    found: dict[str, str] = {}
    for path in sorted(WEB.rglob("*.ts*")):
        if "sheet" in path.parts or ".test." in path.name or path.name == "schema.d.ts":
            continue
        text = path.read_text("utf-8")
        found |= {said: said for said in map(_text, _SAID.finditer(text))}
        for one, many in _counted(text):
            found |= {
                f"{{{{count}}}} {one}_one": f"{{{{count}}}} {one}",
                f"{{{{count}}}} {one}_other": f"{{{{count}}}} {many}",
            }
        if path.name == "enums.ts":
            found |= {word: word for word in _WORD.findall(text) if word != "Schemas"}
    return dict(sorted(found.items()))


def _counted(text: str) -> Iterator[tuple[str, str]]:
    """The nouns of ``count(number, "noun", "nouns")``, whatever the number is."""
    for start in re.finditer(r"\bcount\(", text):
        depth, at = 1, start.end()
        while depth and at < len(text):
            noun = _COUNTED.match(text, at) if depth == 1 else None
            if noun:
                one = _text(noun)
                yield one, next((g for g in noun.groups()[3:] if g is not None), f"{one}s")
                break
            depth += (text[at] in "([{") - (text[at] in ")]}")
            at += 1


def _text(match: re.Match[str]) -> str:
    double, single, plain = match.groups()[:3]
    if double is not None:
        return str(literal_eval(f'"{double}"'))
    return str(literal_eval(f"'{single}'")) if single is not None else plain


def written() -> str:
    """Answer the catalogue as it is kept."""
    return json.dumps(sentences(), ensure_ascii=False, indent=1) + "\n"


if __name__ == "__main__":
    CATALOGUE.write_text(written(), "utf-8")
