"""Roles over HTTP: every route of the schema asked as each role and as nobody, and what people may do with people."""

import re

from tests.api.people.support import ASSISTANT, OWNER, PASSPHRASES, READER, ROLES, TRAINER, SignInTest
from tests.api.support import CLIENT, app
from tests.support import NOW
from upright_anvil.api.guard.permissions import LOG, LOOK, PERMITTED, PLAN, READS_THAT_NEED_MORE, RUN, needed
from upright_anvil.api.guard.sign_in import COMING_IN, OPEN
from upright_anvil.api.routers import all_routers, routes_of
from upright_anvil.api.routing import ViewRoute
from upright_anvil.core.people.roles import Permission, Role, may
from upright_anvil.services.people.audit import THINGS
from upright_anvil.store.tables import Table
from upright_anvil.store.tables.base import Signed

STREAMS = {"news"}
"""Answers that do not end; they are asked in `test_ending`."""


def operations() -> list[tuple[str, str, str]]:
    """Every route of the schema: its method, its address with ids of nothing, its name."""
    return [
        (method.upper(), re.sub(r"{[^}]*}", "nothing-here", path), operation["operationId"])
        for path, methods in app().openapi()["paths"].items()
        for method, operation in methods.items()
    ]


class MatrixTest(SignInTest):
    def test_every_route_that_changes_something_says_what_it_needs(self) -> None:
        named = LOOK | LOG | PLAN | RUN
        for method, path, name in operations():
            with self.subTest(method=method, path=path):
                if method != "GET":
                    self.assertIn(name, named)
        self.assertEqual(sum(map(len, (LOOK, LOG, PLAN, RUN))), len(named))
        known = {route.name for route in routes_of(all_routers())}  # type: ignore[attr-defined]
        self.assertEqual((named | READS_THAT_NEED_MORE.keys()) - known, set())
        self.assertIs(needed("a_new_route", "POST"), Permission.RUN)

    def test_every_route_as_every_role_and_as_nobody(self) -> None:
        people = self.everybody()
        nobody = self.browser()
        asked = 0
        for method, path, name in operations():
            if path.startswith(COMING_IN) or name in STREAMS:
                continue
            for who, browser in people.items():
                with self.subTest(method=method, path=path, role=ROLES[who]):
                    status = browser.request(method, path).status_code
                    self.assertEqual(status == 403, not may(ROLES[who], needed(name, method)), status)
                    self.assertNotIn(status, (401, 500))
                    asked += 1
            with self.subTest(method=method, path=path, role="nobody"):
                open_to_all = path in OPEN or path.startswith("/api/calendars/")
                self.assertEqual(nobody.request(method, path).status_code == 401, not open_to_all)
        self.assertGreater(asked, 500)

    def test_no_route_is_without_its_guard(self) -> None:
        for route in routes_of(all_routers()):
            with self.subTest(route=route.name):  # type: ignore[attr-defined]
                self.assertTrue(isinstance(route, ViewRoute) or PERMITTED in route.dependencies)  # type: ignore[attr-defined]


class PeopleTest(SignInTest):
    def test_roles_change_at_once_and_who_leaves_is_out_everywhere(self) -> None:
        people = self.everybody()
        owner = people[OWNER]
        ids = {p["name"]: p["id"] for p in self.ask(owner, "GET", "/people")}
        self.ask(people[ASSISTANT], "POST", "/clients", dict(CLIENT), 403)
        self.ask(owner, "PATCH", f"/people/{ids[ASSISTANT]}", {"role": "trainer"})
        self.ask(people[ASSISTANT], "POST", "/clients", dict(CLIENT), 201)
        self.ask(owner, "PATCH", f"/people/{ids[ASSISTANT]}", {"active": False})
        self.ask(people[ASSISTANT], "GET", "/clients", status=401)
        self.sign_in(people[ASSISTANT], ASSISTANT, status=401)
        self.ask(owner, "PATCH", f"/people/{ids[ASSISTANT]}", {"active": True})
        self.sign_in(people[ASSISTANT], ASSISTANT)

    def test_a_studio_keeps_an_owner_and_names_are_ones_own(self) -> None:
        people = self.everybody()
        owner = people[OWNER]
        ids = {p["name"]: p["id"] for p in self.ask(owner, "GET", "/people")}
        for change in ({"role": "trainer"}, {"active": False}, {"name": TRAINER.lower()}):
            self.ask(owner, "PATCH", f"/people/{ids[OWNER]}", change, 422)
        self.ask(owner, "POST", "/people", {"name": READER, "role": "owner"}, 422)
        self.ask(owner, "POST", "/people", {"name": "New", "role": "god"}, 422)
        self.ask(owner, "PATCH", "/people/nobody", {"name": "New"}, 404)
        self.ask(people[TRAINER], "PATCH", f"/people/{ids[TRAINER]}", {"role": "owner"}, 403)

    def test_who_lost_everything_is_let_in_again(self) -> None:
        people = self.everybody()
        ids = {p["name"]: p["id"] for p in self.ask(people[OWNER], "GET", "/people")}
        invited = self.ask(people[OWNER], "POST", f"/people/{ids[TRAINER]}/invitation")
        self.ask(people[TRAINER], "GET", "/clients", status=401)
        self.sign_in(self.browser(), TRAINER, status=401)
        said = {"name": TRAINER, "code": invited["code"], "passphrase": "some four new words"}
        self.ask(self.browser(), "POST", "/sign-in/code", said)

    def test_changing_the_passphrase_signs_out_elsewhere(self) -> None:
        people = self.everybody()
        desk = people[TRAINER]
        phone = self.browser()
        self.sign_in(phone, TRAINER)
        self.assertEqual(len(self.ask(desk, "GET", "/sign-ins")), 2)
        self.ask(desk, "PUT", "/me/passphrase", {"now": "not this one", "new": "some four new words"}, 401)
        self.ask(desk, "PUT", "/me/passphrase", {"now": PASSPHRASES[TRAINER], "new": "short"}, 422)
        left = self.ask(desk, "PUT", "/me/passphrase", {"now": PASSPHRASES[TRAINER], "new": "some four new words"})
        self.assertEqual([one["this_one"] for one in left], [True])
        self.ask(phone, "GET", "/clients", status=401)
        self.sign_in(phone, TRAINER, "some four new words")

    def test_one_signs_oneself_out_elsewhere_and_only_the_owner_others(self) -> None:
        people = self.everybody()
        everyone = self.ask(people[OWNER], "GET", "/sign-ins")
        self.assertEqual({one["person"] for one in everyone}, set(ROLES))
        self.assertEqual([one["person"] for one in self.ask(people[READER], "GET", "/sign-ins")], [READER])
        trainers = next(one for one in everyone if one["person"] == TRAINER)
        self.ask(people[READER], "DELETE", f"/sign-ins/{trainers['id']}", status=422)
        self.ask(people[OWNER], "DELETE", f"/sign-ins/{trainers['id']}", status=204)
        self.ask(people[TRAINER], "GET", "/clients", status=401)

    def test_settings_are_ones_own_beside_the_studios(self) -> None:
        people = self.everybody()
        loud = self.ask(people[OWNER], "GET", "/settings")
        self.ask(people[READER], "PUT", "/settings", loud | {"calls": "silent"})
        self.assertEqual(self.ask(people[READER], "GET", "/settings")["calls"], "silent")
        self.assertEqual(self.ask(people[TRAINER], "GET", "/settings")["calls"], loud["calls"])
        self.assertEqual(self.ask(people[READER], "GET", "/access-rules"), {"lock_minutes": 10, "kept_days": 7})
        self.ask(people[TRAINER], "PUT", "/access-rules", {"lock_minutes": 5, "kept_days": 2}, 403)
        self.ask(people[OWNER], "PUT", "/access-rules", {"lock_minutes": 0, "kept_days": 2}, 422)
        self.ask(people[OWNER], "PUT", "/access-rules", {"lock_minutes": 5, "kept_days": 2})
        self.assertEqual(self.ask(people[READER], "GET", "/sign-in")["rules"]["lock_minutes"], 5)


class HandingOverTest(SignInTest):
    def test_a_client_is_led_handed_over_and_covered(self) -> None:
        people = self.everybody()
        ids = {p["name"]: p["id"] for p in self.ask(people[OWNER], "GET", "/people")}
        client = self.ask(people[TRAINER], "POST", "/clients", dict(CLIENT), 201)
        self.assertEqual((client["leading"]["lead"], client["leading"]["mine"]), (TRAINER, True))
        path = f"/clients/{client['id']}"
        self.assertFalse(self.ask(people[OWNER], "GET", path)["leading"]["mine"])
        self.assertEqual(self.ask(people[OWNER], "GET", "/today")["mine"], [])
        cover = {"person_id": ids[OWNER], "until": "2026-03-06"}
        for bad, status in (
            ({"person_id": ids[READER], "until": "2026-03-06"}, 422),
            ({"person_id": ids[OWNER]}, 422),
            ({"person_id": ids[OWNER], "until": "2026-03-03"}, 422),
            ({"person_id": "nobody", "until": "2026-03-06"}, 404),
        ):
            self.ask(people[TRAINER], "PUT", f"{path}/cover", bad, status)
        self.assertEqual(self.ask(people[TRAINER], "PUT", f"{path}/cover", cover)["cover"], OWNER)
        self.assertEqual(self.ask(people[OWNER], "GET", "/today")["mine"], [client["id"]])
        self.later(days=3)
        for name in (OWNER, TRAINER):
            self.sign_in(people[name], name)
        self.assertEqual(self.ask(people[OWNER], "GET", path)["leading"]["cover"], "")
        handed = self.ask(people[TRAINER], "PUT", f"{path}/lead", {"person_id": ids[OWNER]})
        self.assertEqual((handed["lead"], handed["mine"]), (OWNER, False))
        self.assertEqual([c["lead"] for c in self.ask(people[OWNER], "GET", "/clients")], [OWNER])


class AuditTest(SignInTest):
    def test_who_did_what_is_told_in_words_and_never_what_was_typed(self) -> None:
        people = self.everybody()
        client = self.ask(people[TRAINER], "POST", "/clients", dict(CLIENT), 201)
        path = f"/clients/{client['id']}"
        self.ask(people[OWNER], "PATCH", path, {"goal": "MARKED goal", "minutes": 45})
        self.ask(people[READER], "GET", path)
        self.ask(people[READER], "GET", path)
        told = self.ask(people[TRAINER], "GET", f"{path}/audit")["deeds"]
        said = [(deed["person"], deed["words"]) for deed in told]
        self.assertIn((OWNER, "changed the client: goal, minutes"), said)
        self.assertEqual(said.count((READER, "opened the health file")), 1)
        self.assertTrue(any(who == TRAINER and "added the client" in words for who, words in said))
        self.assertNotIn("MARKED", str(told))
        self.assertTrue(all(deed["device"] == "A browser" for deed in told), told)
        self.later(minutes=31)
        self.ask(people[READER], "GET", path)
        again = self.ask(people[TRAINER], "GET", f"{path}/audit")["deeds"]
        self.assertEqual([d["words"] for d in again].count("opened the health file"), 2)
        self.ask(people[READER], "GET", f"{path}/audit", status=403)
        studio = [d["words"] for d in self.ask(people[OWNER], "GET", "/audit")["deeds"]]
        self.assertIn(f"added a person: {TRAINER}, trainer", studio)
        self.assertTrue(any(words == "signed in with a code" for words in studio))
        self.ask(people[TRAINER], "GET", "/clients/nobody/audit", status=404)

    def test_sets_say_who_logged_them(self) -> None:
        people = self.everybody()
        board = self.client_with_program(("back-squat", "3 x 8, 60 kg"))
        sid = self.session(board)
        body = {
            "id": "set-00000001", "line": "l1", "number": 1, "exercise": "back-squat", "outcome": "done", "reps": 8,
            "load": {"value": 60, "unit": "kg"}, "planned": "3 x 8, 60 kg", "logged_at": NOW.isoformat(),
        }  # fmt: skip
        self.ask(people[ASSISTANT], "POST", f"/sessions/{sid}/sets", body)
        self.ask(people[READER], "POST", f"/sessions/{sid}/sets", body | {"id": "set-00000002", "number": 2}, 403)
        told = self.ask(people[OWNER], "GET", f"/clients/{board.client_id}/audit")["deeds"]
        self.assertIn((ASSISTANT, "logged 1 set"), [(d["person"], d["words"]) for d in told])

    def test_every_table_of_peoples_rows_has_a_word(self) -> None:
        signed = {m.class_.__tablename__ for m in Table.registry.mappers if issubclass(m.class_, Signed)}
        self.assertEqual(signed - THINGS.keys(), set())

    def test_a_template_is_the_studios_or_ones_own(self) -> None:
        people = self.everybody()
        board = self.client_with_program(("back-squat", "3 x 8, 60 kg"))
        for name, mine in (("Shared", False), ("My own", True)):
            body = {"program": board.program_id, "of_phase": "p1", "name": name, "mine": mine}
            self.ask(people[TRAINER], "POST", "/templates", body, 201)
        seen = {}
        for who in (TRAINER, OWNER):
            told = self.ask(people[who], "GET", f"/clients/{board.client_id}/templates")
            seen[who] = {one["name"] for one in told} & {"Shared", "My own"}
        self.assertEqual(seen, {TRAINER: {"Shared", "My own"}, OWNER: {"Shared"}})


class RoleTest(SignInTest):
    def test_me_says_what_i_may(self) -> None:
        people = self.everybody()
        for name, browser in people.items():
            me = self.ask(browser, "GET", "/sign-in")["me"]
            self.assertEqual(me["may"], [p.name.lower() for p in Permission if may(Role(me["role"]), p)], name)
