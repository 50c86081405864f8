"""The trainer's settings, and what devices send while a session is on the floor."""

import asyncio
from contextlib import suppress
from typing import Annotated, Any, Literal

from fastapi import WebSocket, WebSocketDisconnect
from pydantic import Field, TypeAdapter, ValidationError

from upright_anvil.api.guard.permissions import PERMITTED
from upright_anvil.api.guard.socket_limit import LONGEST_MESSAGE
from upright_anvil.api.request_model import MadeId, RequestModel
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import LineId, SessionId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.prescription.bounds import MAX_REPS
from upright_anvil.core.prescription.text.shorthand import MAX_LENGTH
from upright_anvil.services import settings
from upright_anvil.services.acknowledged import Acknowledged
from upright_anvil.services.floor.devices import Figures, Watch, WatchedSet, keep_measure
from upright_anvil.services.settings import Calls, Device, Settings
from upright_anvil.simulators.rep_sensor import SAMPLES_A_SECOND

router = resource(tag="devices")

TICK = 0.2
"""Seconds between two messages to the floor."""


class SettingsRequest(RequestModel):
    """All settings."""

    rep_sensor: Device
    heart_strap: Device
    calls: Calls
    ask_readiness: bool


class MeasureRequest(RequestModel):
    """What a device measured of a set."""

    id: MadeId
    line: Annotated[LineId, Field(min_length=1, max_length=64)]
    number: Annotated[int, Field(ge=1, le=60)]
    reps: Annotated[int, Field(ge=0, le=1000)] | None = None
    partial: Annotated[int, Field(ge=0, le=1000)] | None = None
    slow_down: Annotated[float, Field(ge=-1, le=1)] | None = None
    heart_mean: Annotated[int, Field(ge=20, le=260)] | None = None
    heart_most: Annotated[int, Field(ge=20, le=260)] | None = None
    sentences: Annotated[list[Annotated[str, Field(max_length=200)]], Field(max_length=8)] = Field(default_factory=list)


class BeginMessage(RequestModel):
    """A set begins."""

    do: Literal["begin"]
    line: Annotated[LineId, Field(min_length=1, max_length=64)]
    number: Annotated[int, Field(ge=1, le=60)]
    reps: Annotated[int, Field(ge=1, le=MAX_REPS)]
    planned: Annotated[str, Field(max_length=MAX_LENGTH)] = ""


class EndMessage(RequestModel):
    """A set ends."""

    do: Literal["end"]


_MESSAGE: TypeAdapter[BeginMessage | EndMessage] = TypeAdapter(
    Annotated[BeginMessage | EndMessage, Field(discriminator="do")]
)


@router.get("/settings")
def open_settings(here: Here) -> Settings:
    """What the trainer has set."""
    with here.reading() as scope:
        return settings.settings(scope)


@router.put("/settings")
async def keep_settings(asked: SettingsRequest, here: Here) -> Settings:
    """Keep all settings."""
    return await here.write(lambda scope: settings.keep_settings(scope, asked.made(Settings)))


@router.post("/sessions/{session_id}/measures")
async def measure(session_id: SessionId, asked: MeasureRequest, here: Here) -> Acknowledged:
    """Keep what a device measured of a set."""
    figures = asked.made(Figures, sentences=tuple(asked.sentences))
    return await here.write(
        lambda scope: keep_measure(scope, session_id, asked.id, asked.line, asked.number, figures, here.now),
        about=session_id,
    )


@router.websocket("/sessions/{session_id}/devices", dependencies=[PERMITTED])
async def watch(socket: WebSocket, session_id: SessionId, here: Here) -> None:
    """Stream what the chosen devices see: the count and the heart as they come, the figures when a set ends.

    A message nobody understands is answered with a sentence and changes nothing.
    """
    with here.reading() as scope:
        chosen = settings.settings(scope)
    await socket.accept()
    seen = Watch(chosen, seed=sum(session_id.encode()))
    if not seen.anything:
        await socket.send_json({"problem": "No device is chosen; choose one in the settings."})
        await socket.close()
        return
    streaming = asyncio.create_task(_stream(socket, seen))
    try:
        while (received := await socket.receive())["type"] != "websocket.disconnect":
            await socket.send_json(_answered(seen, received.get("text") or ""))
    except WebSocketDisconnect:
        pass
    finally:
        streaming.cancel()
        with suppress(asyncio.CancelledError):
            await streaming


async def _stream(socket: WebSocket, seen: Watch) -> None:
    tick = 0
    with suppress(WebSocketDisconnect, RuntimeError):
        while True:
            for _ in range(round(SAMPLES_A_SECOND * TICK)):
                seen.sample()
            told: dict[str, Any] = {"reps": seen.reps()}
            if tick % round(1 / TICK) == 0:
                told["heart"] = seen.heart()
            if any(value is not None for value in told.values()):
                await socket.send_json(told)
            tick += 1
            await asyncio.sleep(TICK)


def _answered(seen: Watch, text: str) -> dict[str, Any]:
    """Answer a message of the floor."""
    if len(text) > LONGEST_MESSAGE:
        return {"problem": "That message is too long."}
    try:
        message = _MESSAGE.validate_json(text)
        if isinstance(message, EndMessage):
            figures = seen.end()
            if figures is None:
                return {"problem": "No set was begun."}
            return {"measured": _told(figures)}
        asked = prescription_or_none(message.planned, Unit.KG)
        seen.begin(WatchedSet(message.line, message.number, message.reps, asked.tempo if asked else None))
    except ValidationError:
        return {"problem": "That message is not understood: say begin with a line, a number and reps, or end."}
    except DomainError as refusal:
        return {"problem": str(refusal)}
    return {"watching": message.number}


def _told(figures: Figures) -> dict[str, Any]:
    return {
        "reps": figures.reps,
        "partial": figures.partial,
        "slow_down": figures.slow_down,
        "heart_mean": figures.heart_mean,
        "heart_most": figures.heart_most,
        "sentences": list(figures.sentences),
    }
