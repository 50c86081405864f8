"""Logs: one JSON object a line, without anything of a person: no bodies, no addresses' parts, no text of errors.

What an error says may hold what somebody typed, so only its kind and the places it passed through are written.
"""

import json
import logging
import traceback
from contextvars import ContextVar
from datetime import UTC, datetime

request_id: ContextVar[str] = ContextVar("request_id", default="")
"""The id of the request that is being answered; it stands in its answer's head too."""


class JsonLines(logging.Formatter):
    """Writes a record as one line: moment, level, logger, message, request, and of an error its kind and places."""

    def format(self, record: logging.LogRecord) -> str:
        """Answer the line."""
        said: dict[str, object] = {
            "at": datetime.fromtimestamp(record.created, UTC).isoformat(timespec="milliseconds"),
            "level": record.levelname.lower(),
            "from": record.name,
            "says": record.getMessage(),
        }
        if request_id.get():
            said["request"] = request_id.get()
        error = record.exc_info[1] if record.exc_info else None
        if error is not None:
            said["error"] = type(error).__name__
            said["through"] = [
                f"{frame.filename.rpartition('site-packages/')[2]}:{frame.lineno} {frame.name}"
                for frame in traceback.extract_tb(error.__traceback__)
            ]
        return json.dumps(said, ensure_ascii=False)


def log_as_json(level: str) -> None:
    """Write all logs of this process as JSON lines to standard error."""
    handler = logging.StreamHandler()
    handler.setFormatter(JsonLines())
    logging.basicConfig(level=level.upper(), handlers=[handler], force=True)
