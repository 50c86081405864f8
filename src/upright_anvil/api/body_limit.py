"""Bodies beyond a size are refused before they are read whole."""

from http import HTTPStatus

from starlette.types import ASGIApp, Message, Receive, Scope, Send

from upright_anvil.api.problems import problem

MAX_BODY_BYTES = 1_000_000


class _TooLargeError(Exception):
    pass


class BodyLimit:
    """ASGI middleware that refuses a request body of more than a million bytes, announced or not."""

    def __init__(self, app: ASGIApp) -> None:
        self.app = app

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        """Pass the request on, counting its body."""
        if scope["type"] != "http":
            await self.app(scope, receive, send)
            return
        announced = dict(scope["headers"]).get(b"content-length", b"0")
        if not announced.isdigit() or int(announced) > MAX_BODY_BYTES:
            await self._refuse(scope, receive, send)
            return
        taken = 0
        answered = False

        async def counted() -> Message:
            nonlocal taken
            message = await receive()
            taken += len(message.get("body", b""))
            if taken > MAX_BODY_BYTES:
                raise _TooLargeError
            return message

        async def watched(message: Message) -> None:
            nonlocal answered
            answered = True
            await send(message)

        try:
            await self.app(scope, counted, watched)
        except _TooLargeError:
            if not answered:
                await self._refuse(scope, receive, send)

    @staticmethod
    async def _refuse(scope: Scope, receive: Receive, send: Send) -> None:
        refusal = problem(HTTPStatus.REQUEST_ENTITY_TOO_LARGE, "That is more than one megabyte; nothing was read.")
        await refusal(scope, receive, send)
