"""A backup is whole or is none; restoring changes all or nothing; what expires goes."""

import sqlite3
import stat
import threading
from collections.abc import Callable, Iterator
from datetime import timedelta
from pathlib import Path

from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.errors import DomainError
from upright_anvil.core.steps import Told, untold
from upright_anvil.formats.sealed import SealError, WrongPassphraseError
from upright_anvil.services.backups.backups import check_backup, make_backup, restore_backup
from upright_anvil.services.backups.folder import ENDING, BackupFolder
from upright_anvil.services.clients.clients import client_list
from upright_anvil.store.file.backup import rows_of

WORDS = "a chair, a wall, a floor"


class StopError(Exception):
    """Somebody cancels."""


class BackupsTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.data = self.studio.database.path
        self.folder = BackupFolder(self.data)
        self.folder.choose_passphrase(WORDS)

    def made(self, hours: float = 0) -> str:
        return make_backup(self.data, self.folder, NOW + timedelta(hours=hours), untold).name

    def names(self) -> list[str]:
        with self.studio.reading() as scope:
            return [client.name for client in client_list(scope, TODAY)]

    def restore(self, name: str, passphrase: str = WORDS, *, of_another: bool = False) -> None:
        restore_backup(self.studio.database, self.folder, name, passphrase, untold, of_another=of_another)

    def test_what_was_there_comes_back_and_what_came_after_goes(self) -> None:
        board = self.client_with_program(("back-squat", "3 x 8, 60 kg"))
        self.log(self.session(board), 1, 8)
        rows, names = rows_of(self.data), self.names()
        name = self.made()
        checked = check_backup(self.folder, name, WORDS, untold)
        self.assertEqual((checked.rows, checked.counted["performed_set"]), (sum(rows.values()), 1))
        self.client_with_program()
        self.assertNotEqual(self.names(), names)
        self.restore(name)
        self.assertEqual((self.names(), rows_of(self.data)), (names, rows))
        self.client_with_program()  # and it is written to as before
        self.assertEqual(len(self.names()), len(names) + 1)

    def test_nobody_else_reads_a_backup_and_nothing_open_is_left(self) -> None:
        self.client_with_program()
        check_backup(self.folder, self.made(), WORDS, untold)
        files = list(self.folder.path.iterdir())
        self.assertEqual(len(files), 2)
        self.assertEqual({stat.S_IMODE(file.stat().st_mode) for file in files}, {0o600})
        self.assertEqual(stat.S_IMODE(self.folder.path.stat().st_mode), 0o700)
        self.assertNotIn(b"SQLite format", b"".join(file.read_bytes() for file in files))

    def test_whoever_stops_at_any_step_leaves_all_as_it_was(self) -> None:
        self.client_with_program()
        name = self.made()
        self.client_with_program()
        before, kept = self.names(), {file.name for file in self.folder.path.iterdir()}

        works: tuple[tuple[int, Callable[[Told], object]], ...] = (
            (3, lambda told: make_backup(self.data, self.folder, NOW + timedelta(hours=2), told)),
            (2, lambda told: check_backup(self.folder, name, WORDS, told)),
            (3, lambda told: restore_backup(self.studio.database, self.folder, name, WORDS, told)),
        )
        for steps, work in works:
            for step in range(steps):
                left = iter(range(step))

                def told(_words: str, _share: float, left: Iterator[int] = left) -> None:
                    if next(left, None) is None:
                        raise StopError

                with self.subTest(step=step, steps=steps), self.assertRaises(StopError):
                    work(told)
                self.assertEqual(self.names(), before)
                self.assertEqual({file.name for file in self.folder.path.iterdir()}, kept)

    def test_a_backup_that_is_no_longer_whole_changes_nothing(self) -> None:
        self.client_with_program()
        name = self.made()
        before = self.names()
        file = self.folder.file(name)
        whole = file.read_bytes()
        for wrong in (whole[:-5], whole[: len(whole) // 2], b"", whole + b"x", b"x" + whole):
            file.write_bytes(wrong)
            with self.assertRaises(SealError):
                self.restore(name)
            with self.assertRaises(SealError):
                check_backup(self.folder, name, WORDS, untold)
        file.write_bytes(whole)
        with self.assertRaises(WrongPassphraseError):
            self.restore(name, "another passphrase")
        self.assertEqual(self.names(), before)

    def test_a_backup_of_another_key_is_asked_about(self) -> None:
        name = self.made()
        self.folder.choose_passphrase("now another passphrase")
        with self.assertRaisesRegex(DomainError, "another key"):
            self.restore(name)
        self.restore(name, of_another=True)
        self.assertEqual(check_backup(self.folder, self.made(1), "now another passphrase", untold).counted["client"], 0)

    def test_a_backup_of_a_newer_app_is_told_and_changes_nothing(self) -> None:
        with sqlite3.connect(self.data) as connection:
            connection.execute("UPDATE alembic_version SET version_num = '9999'")
        connection.close()
        name = self.made()
        with self.assertRaisesRegex(DomainError, "newer version"):
            self.restore(name)

    def test_it_is_made_while_sets_are_logged(self) -> None:
        board = self.client_with_program(("back-squat", "3 x 8, 60 kg"))
        sid = self.session(board)
        going = threading.Event()
        logged = 0

        def told(_words: str, _share: float) -> None:
            nonlocal logged
            if logged < 20:
                logged += 1
                self.log(sid, logged, 8)
            going.set()

        name = make_backup(self.data, self.folder, NOW, told).name
        self.assertTrue(going.is_set())
        checked = check_backup(self.folder, name, WORDS, untold)
        self.assertLessEqual(checked.counted["performed_set"], logged)
        self.assertEqual(rows_of(self.data)["performed_set"], logged)

    def test_the_newest_of_each_day_and_week_stay(self) -> None:
        for day in range(0, 100, 1):
            at = NOW - timedelta(days=day)
            for hour in (0, 3):
                (self.folder.path / f"studio-{at - timedelta(hours=hour):%Y%m%dT%H%M%S}Z{ENDING}").touch()
        self.folder.rotate(NOW)
        ages = sorted((NOW - one.made_at) / timedelta(days=1) for one in self.folder.kept())
        self.assertEqual(ages[:5], [0.0, 0.125, 1.0, 1.125, 2.0])
        self.assertEqual(ages[4:16], [float(day) for day in range(2, 14)])
        self.assertTrue(16 < len(ages) <= 16 + 11, ages)
        self.assertLess(max(ages), 84)
        # However old it is, the last one is never let go.
        self.folder.rotate(NOW + timedelta(days=999))
        self.assertEqual([one.made_at for one in self.folder.kept()], [NOW.replace(microsecond=0)])

    def test_what_is_about_to_be_restored_stays(self) -> None:
        old = (NOW - timedelta(days=40, hours=1)).strftime(f"studio-%Y%m%dT%H%M%SZ{ENDING}")
        newer = (NOW - timedelta(days=40)).strftime(f"studio-%Y%m%dT%H%M%SZ{ENDING}")
        for name in (old, newer):
            (self.folder.path / name).touch()
        make_backup(self.data, self.folder, NOW, untold, needed=old)
        self.assertEqual({one.name for one in self.folder.kept()} & {old, newer}, {old, newer})
        self.assertEqual(self.folder.rotate(NOW), (old,))

    def test_one_is_due_after_the_hours_and_not_before(self) -> None:
        self.assertTrue(self.folder.is_due(NOW))
        self.made()
        self.assertFalse(self.folder.is_due(NOW + timedelta(hours=23, minutes=59)))
        self.assertTrue(self.folder.is_due(NOW + timedelta(hours=24, seconds=1)))
        self.folder.change(every_hours=2, second_folder="")
        self.assertTrue(self.folder.is_due(NOW + timedelta(hours=2, seconds=1)))

    def test_the_second_folder_has_it_too_and_is_read_when_the_first_is_gone(self) -> None:
        second = self.data.parent / "other disk"
        with self.assertRaisesRegex(DomainError, "There is no folder"):
            self.folder.change(every_hours=24, second_folder=str(second))
        second.mkdir()
        self.folder.change(every_hours=24, second_folder=str(second))
        name = self.made()
        self.assertTrue(self.folder.kept()[0].twice)
        (self.folder.path / name).unlink()
        self.assertEqual(check_backup(self.folder, name, WORDS, untold).name, name)

    def test_no_name_leads_out_of_the_folder(self) -> None:
        for name in ("../studio.sqlite3", "backups.json", "", "studio-20260304T170000Z.uabackup/..", "/etc/passwd"):
            with self.subTest(name), self.assertRaisesRegex(DomainError, "no backup of that name"):
                self.folder.file(name)

    def test_nothing_is_made_before_a_passphrase(self) -> None:
        other = BackupFolder(Path(self.data.parent / "other.sqlite3"))
        self.assertFalse(other.is_due(NOW))
        with self.assertRaisesRegex(DomainError, "Choose a passphrase"):
            make_backup(self.data, other, NOW, untold)
