import asyncio
import sqlite3
import threading
from collections.abc import Callable
from typing import Any

from tests.support import NOW, StudioTest, facts
from upright_anvil.api.studio import THE_STUDIO
from upright_anvil.services.clients.clients import add_client
from upright_anvil.store.file.database import NOBODY, BusyError, Database, Scope
from upright_anvil.store.file.writer import Writer
from upright_anvil.store.tables import ClientRow


class WriterTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.database = Database(self.studio.database.path, lock_patience=0.05)
        self.addCleanup(self.database.close)

    def run_with(self, patience: float, work: Callable[[Writer], Any]) -> Any:
        writer = Writer(self.database, patience)
        self.addCleanup(writer.close)
        return asyncio.run(work(writer))

    def names(self) -> list[str]:
        with self.studio.reading() as scope:
            return [row.name for row in scope.db.query(ClientRow).order_by(ClientRow.created_at)]

    def test_writes_are_made_one_after_the_other_in_the_order_they_came(self) -> None:
        made: list[int] = []

        async def work(writer: Writer) -> None:
            def one(number: int) -> Callable[[Scope], None]:
                return lambda _: made.append(number)

            await asyncio.gather(*(writer.write(THE_STUDIO, NOBODY, one(number)) for number in range(20)))

        self.run_with(5, work)
        self.assertEqual(made, list(range(20)))

    def test_what_raises_leaves_nothing_and_the_next_is_made(self) -> None:
        def wrong(scope: Scope) -> None:
            add_client(scope, facts("Half Written"), NOW)
            raise ZeroDivisionError

        async def work(writer: Writer) -> None:
            with self.assertRaises(ZeroDivisionError):
                await writer.write(THE_STUDIO, NOBODY, wrong)
            await writer.write(THE_STUDIO, NOBODY, lambda scope: add_client(scope, facts("Whole"), NOW))

        self.run_with(5, work)
        self.assertEqual(self.names(), ["Whole"])

    def test_nothing_is_written_beside_work_on_the_whole_file(self) -> None:
        go = threading.Event()
        order: list[str] = []

        async def work(writer: Writer) -> None:
            loop, begun = asyncio.get_running_loop(), asyncio.Event()

            def whole() -> str:
                loop.call_soon_threadsafe(begun.set)
                go.wait(10)
                order.append("the whole file")
                return "done"

            alone = asyncio.create_task(asyncio.to_thread(writer.alone, whole))
            await begun.wait()
            write = asyncio.create_task(writer.write(THE_STUDIO, NOBODY, lambda _: order.append("a set")))
            await asyncio.sleep(0)
            self.assertEqual(order, [])
            go.set()
            self.assertEqual(await alone, "done")
            await write

        self.run_with(5, work)
        self.assertEqual(order, ["the whole file", "a set"])

    def test_a_write_whose_turn_does_not_come_is_never_made(self) -> None:
        go = threading.Event()

        async def work(writer: Writer) -> None:
            loop, begun = asyncio.get_running_loop(), asyncio.Event()

            def long(_: Scope) -> bool:
                loop.call_soon_threadsafe(begun.set)
                return go.wait(10)

            first = asyncio.create_task(writer.write(THE_STUDIO, NOBODY, long))
            await begun.wait()
            with self.assertRaises(BusyError):
                await writer.write(THE_STUDIO, NOBODY, lambda scope: add_client(scope, facts("Too Late"), NOW))
            go.set()
            self.assertTrue(await first, "what has begun is waited for past its patience")
            await writer.write(THE_STUDIO, NOBODY, lambda scope: add_client(scope, facts("Next"), NOW))

        self.run_with(0.05, work)
        self.assertEqual(self.names(), ["Next"])

    def test_a_write_whose_sender_has_gone_before_its_turn_is_never_made(self) -> None:
        go = threading.Event()
        made: list[str] = []

        async def work(writer: Writer) -> None:
            loop, begun = asyncio.get_running_loop(), asyncio.Event()

            def long(_: Scope) -> None:
                loop.call_soon_threadsafe(begun.set)
                go.wait(10)
                made.append("begun")

            first = asyncio.create_task(writer.write(THE_STUDIO, NOBODY, long))
            await begun.wait()
            gone = asyncio.create_task(writer.write(THE_STUDIO, NOBODY, lambda _: made.append("gone")))
            await asyncio.sleep(0)
            first.cancel()
            gone.cancel()
            await asyncio.gather(first, gone, return_exceptions=True)
            go.set()
            await writer.write(THE_STUDIO, NOBODY, lambda _: made.append("next"))

        self.run_with(5, work)
        self.assertEqual(made, ["begun", "next"])

    def test_what_waits_is_written_before_it_ends_and_nothing_after(self) -> None:
        made: list[int] = []

        async def work(writer: Writer) -> None:
            writes = [
                asyncio.create_task(writer.write(THE_STUDIO, NOBODY, lambda _, n=n: made.append(n))) for n in range(5)
            ]
            await asyncio.sleep(0)
            await asyncio.to_thread(writer.close)
            self.assertEqual(made, list(range(5)))
            await asyncio.gather(*writes)
            with self.assertRaisesRegex(RuntimeError, "ended"):
                await writer.write(THE_STUDIO, NOBODY, lambda _: made.append(5))

        self.run_with(5, work)

    def test_a_lock_of_another_process_is_waited_for_and_then_told(self) -> None:
        other = sqlite3.connect(self.studio.database.path, isolation_level=None)
        self.addCleanup(other.close)
        other.execute("BEGIN IMMEDIATE")

        async def work(writer: Writer) -> None:
            with self.assertRaises(BusyError):
                await writer.write(THE_STUDIO, NOBODY, lambda scope: add_client(scope, facts("Locked Out"), NOW))
            other.execute("COMMIT")
            await writer.write(THE_STUDIO, NOBODY, lambda scope: add_client(scope, facts("Next"), NOW))

        self.run_with(5, work)
        self.assertEqual(self.names(), ["Next"])
