"""The shorthand that the columns of a pasted row come to."""

import re
from collections.abc import Mapping
from typing import Final


def row_text(said: Mapping[str, str]) -> str:
    """Answer the shorthand of a row by its columns' roles: ``3 x 8-10, 60 kg, rest 1:30, leave 2``. House rule."""
    if "text" in said:
        head = said["text"]
    elif "reps" in said and "x" in said["reps"].lower():
        head = said["reps"]
    elif "reps" in said or "sets" in said:
        reps = re.sub(r"\s*reps?\b\.?", "", said.get("reps", ""), flags=re.I) or "max"
        head = f"{_whole(said.get('sets', '1'))} x {_whole(reps)}"
    else:
        head = ""
    parts = [head, _load(said.get("load", "")), _percent(said.get("percent", ""))]
    if tempo := re.sub(r"[\s.:/-]", "", said.get("tempo", "")):
        parts.append(f"tempo {'-'.join(tempo.upper())}" if len(tempo) == len("3010") else f"tempo {said['tempo']}")
    parts += [_rest(said.get("rest", ""))]
    if reserve := said.get("reserve", ""):
        parts.append(f"leave {_whole(reserve)}")
    if rpe := said.get("rpe", ""):
        parts.append(f"@ RPE {_whole(rpe)}")
    return ", ".join(part for part in parts if part)


def _whole(figure: str) -> str:
    """A figure as a spreadsheet shows it: ``3.0`` is 3."""
    return re.sub(r"(?<=\d)[.,]0+\b", "", figure.strip())


def _load(cell: str) -> str:
    if cell.lower() in ("", "-", "–", "n/a", "none"):
        return ""
    return "bw" if re.fullmatch(r"bw|body\s?weight", cell, re.I) else cell.replace(",", ".")


def _percent(cell: str) -> str:
    if not cell:
        return ""
    figure = cell.rstrip("% ").replace(",", ".")
    share = re.fullmatch(r"0?\.\d+", figure)
    return f"{float(figure) * 100:g} %" if share else f"{figure} %" if re.fullmatch(r"\d+(?:\.\d+)?", figure) else cell


def _rest(cell: str) -> str:
    cell = cell.strip().lower().rstrip(".")
    if not cell or cell in ("-", "–"):
        return ""
    figure = re.fullmatch(r"(\d+(?:\.\d+)?)\s*(s|sec|secs|seconds|\"|m|min|mins|minutes|')?", cell)
    if not figure:
        return f"rest {cell}"
    number, unit = float(figure.group(1)), figure.group(2) or ""
    minutes = unit.startswith(("m", "'")) or (not unit and number <= MOST_MINUTES)
    seconds = round(number * 60 if minutes else number)
    return f"rest {seconds // 60}:{seconds % 60:02d}"


MOST_MINUTES: Final = 10
"""A rest without a unit up to this is minutes, above it seconds. House rule."""
