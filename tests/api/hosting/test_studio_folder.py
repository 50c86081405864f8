"""Studios of a folder in one process: each by its own name, apart from the others, open only while it is asked for."""

import asyncio
import contextlib
import io
import shutil
import tempfile
from datetime import timedelta
from functools import lru_cache
from pathlib import Path
from threading import Event, Thread
from unittest import TestCase
from unittest.mock import patch

from fastapi import FastAPI
from fastapi.testclient import TestClient

from tests.api.people.support import OWNER, PASSPHRASES
from tests.api.support import CLIENT, Json
from tests.support import NOW
from upright_anvil.api.app import create_app
from upright_anvil.api.backups.schedule import BackupSchedule
from upright_anvil.api.hosting import studio_folder
from upright_anvil.api.hosting.studio_folder import StudioFolder
from upright_anvil.api.studio import THE_OWNER, THE_STUDIO, Studio
from upright_anvil.cli import main, open_database
from upright_anvil.services.backups.folder import BackupFolder
from upright_anvil.services.people.secrets import hashed
from upright_anvil.store.file.database import Database
from upright_anvil.store.studio import people

KESTREL, PLOVER = "kestrel.example.org", "plover.example.org"
MANY = 50


def whose_owner_signs_in(file: Path) -> Path:
    """A studio's file of its own, with an owner's passphrase."""
    database = open_database(file)
    with database.writing(THE_STUDIO) as scope:
        row = people.person(scope, THE_OWNER)
        row.name, row.passphrase = OWNER, hashed(PASSPHRASES[OWNER])
    database.close()
    return file


class Lent:
    """The folder of the test that runs: one app serves them all, since putting it together takes long."""

    folder: StudioFolder

    def __contains__(self, name: object) -> bool:
        return name in self.folder

    def lent(self, name: str) -> contextlib.AbstractAsyncContextManager[Studio]:
        return self.folder.lent(name)


LENT = Lent()


@lru_cache(maxsize=1)
def app() -> FastAPI:
    return create_app(LENT, secure=True)


class FolderTest(TestCase):
    """Gives `folder` with two studios that are copies of one file, and browsers."""

    def setUp(self) -> None:
        holding = tempfile.TemporaryDirectory()
        self.addCleanup(holding.cleanup)
        self.folder, self.now = Path(holding.name), NOW
        whose_owner_signs_in(self.file(KESTREL))
        shutil.copy(self.file(KESTREL), self.file(PLOVER))
        self.studios = self.served()

    def served(self, **more: float) -> StudioFolder:
        """The folder as a process serves it."""
        made = StudioFolder(self.folder, open_database, lambda: self.now, **more)  # type: ignore[arg-type]
        self.addCleanup(made.close)
        LENT.folder = made
        return made

    def file(self, name: str) -> Path:
        return self.folder / f"{name}.sqlite3"

    def browser(self, name: str, *, signed_in: bool = True) -> TestClient:
        made = TestClient(app(), base_url=f"https://{name}", raise_server_exceptions=False)
        self.addCleanup(made.close)
        if signed_in:
            app().state.try_limit._tries.clear()
            said = made.post("/api/sign-in", json={"name": OWNER, "passphrase": PASSPHRASES[OWNER]})
            self.assertEqual(said.status_code, 200, said.text)
        return made

    def clients(self, browser: TestClient) -> list[str]:
        answer = browser.get("/api/clients")
        self.assertEqual(answer.status_code, 200, answer.text)
        return [one["name"] for one in answer.json()]

    def add(self, browser: TestClient, name: str) -> Json:
        answer = browser.post("/api/clients", json=CLIENT | {"name": name})
        self.assertEqual(answer.status_code, 201, answer.text)
        return dict(answer.json())


class ApartTest(FolderTest):
    def test_each_name_is_a_studio_of_its_own_though_the_files_were_copies(self) -> None:
        at_kestrel, at_plover = self.browser(KESTREL), self.browser(PLOVER)
        self.add(at_kestrel, "Ottoline Fisk")
        self.add(at_plover, "Edda Moor")
        self.assertEqual((self.clients(at_kestrel), self.clients(at_plover)), (["Ottoline Fisk"], ["Edda Moor"]))
        own: Json = {"pattern": "lunge", "movers": ["quadriceps"], "implements": ["bodyweight"]}
        for browser, name in ((at_kestrel, "Yard lunge"), (at_plover, "Hall lunge")):
            made = browser.post("/api/exercises", json=own | {"name": name})
            self.assertEqual(made.status_code, 201, made.text)
        # Both libraries stand at the same version by now; each answers with its own.
        for browser, there, not_there in ((at_kestrel, "Yard", "Hall"), (at_plover, "Hall", "Yard")):
            found = browser.get("/api/exercises", params={"q": "lunge", "limit": 80}).text
            self.assertIn(f"{there} lunge", found)
            self.assertNotIn(f"{not_there} lunge", found)

    def test_signed_in_to_one_is_not_signed_in_to_the_other(self) -> None:
        at_kestrel, at_plover = self.browser(KESTREL), self.browser(PLOVER, signed_in=False)
        for cookie in at_kestrel.cookies.jar:
            at_plover.cookies.set(cookie.name, cookie.value or "")
        self.assertEqual(at_plover.get("/api/clients").status_code, 401)
        self.assertEqual(at_kestrel.get("/api/clients").status_code, 200)

    def test_no_other_name_leads_anywhere(self) -> None:
        (self.folder / "notes.txt").write_text("", "utf-8")
        for name in ("gull.example.org", "localhost", "..", "notes", f"{KESTREL}.", "-", "%2e%2e", f"a/{KESTREL}"):
            answer = TestClient(app(), base_url=f"https://{KESTREL}").get("/api/health", headers={"Host": name})
            self.assertEqual(answer.status_code, 421, name)
        self.assertEqual(self.studios.open_names(), ())
        upper = TestClient(app(), base_url=f"https://{KESTREL}").get("/api/health", headers={"Host": KESTREL.upper()})
        self.assertEqual(upper.status_code, 200)

    def test_a_studio_that_cannot_be_used_says_so_and_the_others_go_on(self) -> None:
        self.file("gull.example.org").write_bytes(b"no data" * 1000)
        open_database(self.file("teal.example.org")).close()
        with self.assertLogs("upright_anvil", "ERROR"):
            for name, words in (
                ("gull.example.org", "not a studio's data"),
                ("teal.example.org", "owner's passphrase"),
            ):
                for _ in range(2):
                    answer = self.browser(name, signed_in=False).get("/api/sign-in")
                    self.assertEqual(answer.status_code, 503)
                    self.assertIn(words, answer.json()["detail"])
                    self.assertNotIn(str(self.folder), answer.text)
        self.assertEqual(self.clients(self.browser(KESTREL)), [])
        whose_owner_signs_in(self.file("teal.example.org"))
        with patch.object(studio_folder, "TRIED_AGAIN_AFTER", 0):
            self.browser("teal.example.org")


class ClosedTest(FolderTest):
    def test_what_nobody_asks_for_is_closed_and_comes_back_as_it_was(self) -> None:
        studios = self.served(closed_after=0)
        browser = self.browser(KESTREL)
        self.add(browser, "Ottoline Fisk")
        self.assertEqual(studios.open_names(), (KESTREL,))
        self.assertEqual(studios.close_idle(), (KESTREL,))
        self.assertEqual(studios.open_names(), ())
        self.assertFalse(self.file(KESTREL).with_name(f"{KESTREL}.sqlite3-wal").exists())
        self.assertEqual(self.clients(browser), ["Ottoline Fisk"])

    def test_what_is_lent_stays_open_and_is_opened_once_though_many_ask_at_once(self) -> None:
        studios = self.served(closed_after=0)

        async def meanwhile() -> None:
            async with contextlib.AsyncExitStack() as stack:
                lent = await asyncio.gather(*(stack.enter_async_context(studios.lent(KESTREL)) for _ in range(8)))
                self.assertEqual(len({id(one) for one in lent}), 1)
                self.assertEqual(studios.close_idle(), ())
            self.assertEqual(studios.close_idle(), (KESTREL,))

        asyncio.run(meanwhile())

    def test_a_file_is_not_opened_while_it_is_being_closed(self) -> None:
        studios = self.served(closed_after=0)
        self.browser(KESTREL)
        closing, opened = Event(), Event()
        in_order: list[str] = []

        def close_slowly(studio: Studio) -> None:
            closing.set()
            opened.wait(0.3)  # comes only where somebody opens it meanwhile
            in_order.append("closed")
            closed(studio)

        def open_noticed(path: Path) -> Database:
            in_order.append("opened")
            opened.set()
            return open_database(path)

        closed = Studio.close
        with patch.object(Studio, "close", close_slowly), patch.object(studios, "_open_file", open_noticed):
            caretaker = Thread(target=studios.close_idle)
            caretaker.start()
            self.assertTrue(closing.wait(10))
            self.assertEqual(self.browser(KESTREL, signed_in=False).get("/api/sign-in").status_code, 200)
            caretaker.join()
        self.assertEqual(in_order, ["closed", "opened"])

    def test_of_more_than_may_be_open_the_one_asked_for_longest_ago_goes(self) -> None:
        studios = self.served(most_open=1)
        for name in (KESTREL, PLOVER):
            self.browser(name, signed_in=False).get("/api/sign-in")
        self.assertEqual(studios.close_idle(), (KESTREL,))
        self.assertEqual(studios.close_idle(), ())

    def test_who_was_away_too_long_is_locked_out_though_the_file_was_closed_meanwhile(self) -> None:
        studios = self.served(closed_after=0)
        browser = self.browser(KESTREL)
        self.assertEqual(browser.get("/api/clients").status_code, 200)
        studios.close_idle()
        self.now += timedelta(minutes=61)
        self.assertEqual(browser.get("/api/clients").status_code, 401)

    def test_backups_are_made_of_closed_studios_too_and_one_that_fails_stops_no_other(self) -> None:
        for name in (KESTREL, PLOVER):
            BackupFolder(self.file(name)).choose_passphrase("a tall ladder leans")
        schedule = BackupSchedule(self.studios.backed_up, lambda: self.now)
        self.file(KESTREL).write_bytes(b"no data" * 1000)
        with self.assertLogs("upright_anvil", "ERROR"):
            self.assertEqual(schedule.look(), 1)
        self.assertEqual(len(BackupFolder(self.file(PLOVER)).kept()), 1)
        self.assertEqual(self.studios.open_names(), ())


class ManyTest(FolderTest):
    def test_fifty_studios_in_one_process(self) -> None:
        studios = self.served(most_open=20)
        first = self.browser(KESTREL)
        with patch.object(studios, "_closed_after", 0):
            self.assertEqual(studios.close_idle(), (KESTREL,))
        names = [f"studio-{number}.example.org" for number in range(MANY)]
        for name in names:
            shutil.copy(self.file(KESTREL), self.file(name))
        browsers = {name: self.browser(name, signed_in=False) for name in names}
        for browser in browsers.values():
            # The copies know the browser that signed in to what they are copies of.
            for cookie in first.cookies.jar:
                browser.cookies.set(cookie.name, cookie.value or "")
        for name, browser in browsers.items():
            self.add(browser, f"Client of {name}")
        self.assertEqual(len(studios.open_names()), MANY)
        self.assertEqual(len(studios.close_idle()), MANY - 20)
        for name, browser in reversed(browsers.items()):
            self.assertEqual(self.clients(browser), [f"Client of {name}"])


class CommandTest(TestCase):
    def run_serve(self, *words: str) -> tuple[object, str]:
        said = io.StringIO()
        with patch("sys.argv", ["upright-anvil", "serve", *words]), contextlib.redirect_stderr(said):
            try:
                main()
            except SystemExit as end:
                return end.code, said.getvalue()
        return 0, said.getvalue()

    def test_what_does_not_fit_together_is_said(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            for words, expected in (
                (("--studios", folder, "--behind-proxy"), "There is no studio in"),
                (("--studios", folder, "--data", "a"), "not allowed with"),
                (("--behind-proxy",), "required"),
                (("--studios", folder, "--name", "a"), "leave --name out"),
            ):
                code, said = self.run_serve(*words)
                self.assertEqual(code, 2, words)
                self.assertIn(expected, said)
