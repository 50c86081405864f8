import asyncio
from unittest import IsolatedAsyncioTestCase
from unittest.mock import patch

from upright_anvil.api import news
from upright_anvil.api.news import News
from upright_anvil.core.ids import SessionId

MINE, OTHER = SessionId("mine"), SessionId("other")


class NewsTest(IsolatedAsyncioTestCase):
    async def test_each_watcher_of_the_session_is_told_and_nobody_else(self) -> None:
        told = News()
        first, second, elsewhere = told.of(MINE), told.of(MINE), told.of(OTHER)
        for watcher in (first, second, elsewhere):
            self.assertFalse(await anext(watcher), "a sign of life at once")
        nothing = asyncio.ensure_future(anext(elsewhere))
        told.tell(MINE)
        self.assertEqual([await anext(first), await anext(second)], [True, True])
        self.assertFalse(nothing.done())
        nothing.cancel()

    async def test_what_comes_while_nobody_looks_is_told_once_and_not_lost(self) -> None:
        told = News()
        watcher = told.of(MINE)
        await anext(watcher)
        told.tell(MINE)
        told.tell(MINE)
        self.assertTrue(await anext(watcher))
        with patch.object(news, "HEARTBEAT_SECONDS", 0.01):
            self.assertFalse(await anext(watcher), "then only a sign of life")

    async def test_who_leaves_is_forgotten(self) -> None:
        told = News()
        watcher = told.of(MINE)
        await anext(watcher)
        await watcher.aclose()  # type: ignore[attr-defined]
        self.assertEqual(vars(told), {"_watching": {}})
        told.tell(MINE)
