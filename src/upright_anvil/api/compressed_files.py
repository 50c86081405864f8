"""Files of the built front end, as the browser takes them best: brotli, gzip or as they are.

They were compressed once, when the app was built; nothing is compressed while somebody waits.
"""

import mimetypes
import re
from os import PathLike
from pathlib import Path
from typing import Final

from starlette.datastructures import Headers
from starlette.responses import FileResponse, Response
from starlette.staticfiles import StaticFiles
from starlette.types import Scope

ENCODINGS: Final = (("br", ".br"), ("gzip", ".gz"))
"""Encodings in the order they are preferred, with the ending of their files."""


class CompressedFiles(StaticFiles):
    """Static files, each answered by the smallest neighbour of its name that the browser takes."""

    async def get_response(self, path: str, scope: Scope) -> Response:
        """Answer a file, or what `StaticFiles` makes of a path that is none."""
        full, found = self.lookup_path(path)
        if found is None or scope["method"] not in ("GET", "HEAD"):
            return await super().get_response(path, scope)
        taken = _taken(Headers(scope=scope).get("accept-encoding", ""))
        for encoding, ending in ENCODINGS:
            neighbour = Path(f"{full}{ending}")
            if encoding in taken and neighbour.is_file():
                return _encoded(neighbour, full, encoding)
        answer = await super().get_response(path, scope)
        answer.headers.setdefault("Vary", "Accept-Encoding")
        return answer


def _taken(said: str) -> set[str]:
    """The encodings a browser takes; one with a weight of nought it does not."""
    parts = [[part.strip() for part in one.split(";")] for one in said.lower().split(",")]
    return {name for name, *more in parts if not any(re.fullmatch(r"q=0(\.0*)?", each) for each in more)}


def _encoded(file: Path, of: str | PathLike[str], encoding: str) -> Response:
    kind = mimetypes.guess_type(str(of))[0] or "application/octet-stream"
    return FileResponse(file, media_type=kind, headers={"Content-Encoding": encoding, "Vary": "Accept-Encoding"})
