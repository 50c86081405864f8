"""Signing in over HTTP: nothing is answered to nobody, wrong tries cost time, and every way in can be ended."""

from tests.api.people.support import OWNER, PASSPHRASES, TRAINER, SignInTest
from tests.api.support import app
from upright_anvil.core.people.sign_in_rules import PIN_GONE_AFTER
from upright_anvil.store.tables import DevicePersonRow, PersonRow, SignInRow


class SigningInTest(SignInTest):
    def test_nobody_signs_in_before_there_is_a_passphrase(self) -> None:
        state = self.ask(self.browser(), "GET", "/sign-in")
        self.assertEqual((state["demanded"], state["me"]["role"], state["storage_key"]), (False, "owner", ""))
        self.ask(self.browser(), "GET", "/clients")

    def test_from_the_first_passphrase_on_everybody_signs_in(self) -> None:
        owner, codes = self.begun()
        self.assertEqual(len(set(codes)), 8)
        self.ask(owner, "GET", "/clients")
        stranger = self.browser()
        self.ask(stranger, "GET", "/clients", status=401)
        self.ask(stranger, "POST", "/sign-in/begin", {"name": "Me", "passphrase": "four other words here"}, 422)
        state = self.ask(stranger, "GET", "/sign-in")
        self.assertEqual((state["demanded"], state["me"], state["people_here"]), (True, None, []))
        state = self.sign_in(stranger, OWNER)
        self.assertEqual((state["me"]["name"], state["me"]["role"]), (OWNER, "owner"))
        self.assertGreater(len(state["storage_key"]), 40)
        self.ask(stranger, "GET", "/clients")

    def test_cookies_are_unseen_by_scripts_and_for_this_site_only(self) -> None:
        self.begun()
        other = self.browser()
        answer = other.post("/api/sign-in", json={"name": OWNER, "passphrase": PASSPHRASES[OWNER]})
        lines = answer.headers.get_list("set-cookie")
        self.assertEqual(len(lines), 2)
        for line in lines:
            self.assertIn("HttpOnly", line)
            self.assertIn("SameSite=Strict", line)
        with self.studio.reading() as scope:
            kept = [row.token for row in scope.db.query(SignInRow)]
        self.assertFalse(any(cookie in kept for cookie in other.cookies.values()))

    def test_the_same_sentence_whether_name_or_passphrase_is_wrong(self) -> None:
        self.begun()
        browser = self.browser()
        said = {
            self.sign_in(browser, name, passphrase, 401)["detail"]
            for name, passphrase in ((OWNER, "not my passphrase"), ("Nobody There", PASSPHRASES[OWNER]))
        }
        self.assertEqual(len(said), 1)

    def test_wrong_passphrases_cost_time_but_not_on_a_browser_one_uses(self) -> None:
        owner, _ = self.begun()
        stranger = self.browser()
        for _ in range(5):
            self.sign_in(stranger, OWNER, "not my passphrase", 401)
        waiting = self.sign_in(stranger, OWNER, status=429)
        self.assertEqual(waiting["seconds"], 15)
        self.ask(owner, "POST", "/sign-in/out")
        self.sign_in(owner, OWNER)
        self.later(seconds=16)
        self.sign_in(stranger, OWNER)
        with self.studio.reading() as scope:
            self.assertEqual(scope.db.query(PersonRow).filter_by(name=OWNER).one().wrong, 0)

    def test_so_many_tries_from_one_address_in_a_minute(self) -> None:
        self.begun()
        stranger = self.browser()
        answers = [stranger.post("/api/sign-in/passkey/question").status_code for _ in range(31)]
        self.assertEqual((answers.count(200), answers[-1]), (30, 429))

    def test_forged_ended_and_foreign_cookies_are_nobodys(self) -> None:
        owner, _ = self.begun()
        token, device = owner.cookies["anvil"], owner.cookies["anvil-device"]
        for bad_token, bad_device in (
            ("", device), (token, ""), (token[:-1] + "x", device), (token, device[:-1] + "x"), ("a", "b.c"),
            (token, "no-such." + device.partition(".")[2]), ("\"; drop", "..."), (token * 40, device),
        ):  # fmt: skip
            with self.subTest(token=bad_token[:9], device=bad_device[:9]):
                other = self.browser()
                other.cookies.set("anvil", bad_token)
                other.cookies.set("anvil-device", bad_device)
                self.ask(other, "GET", "/clients", status=401)
        self.ask(owner, "POST", "/sign-in/out")
        other = self.browser()
        other.cookies.set("anvil", token)
        other.cookies.set("anvil-device", device)
        self.ask(other, "GET", "/clients", status=401)

    def test_cookies_of_others_do_no_harm(self) -> None:
        """On one machine all ports share their cookies, and some are oddly called."""
        owner, _ = self.begun()
        own = "; ".join(f"{name}={value}" for name, value in owner.cookies.items())
        for odd in ("a/b=1", "(=)", "=", ";;;", "path=/", "ä=ö", "x" * 4000, 'q="un', "expires=never; $Version=1"):
            for line in (f"{odd}; {own}", f"{own}; {odd}"):
                with self.subTest(line=line[:20]):
                    answer = self.browser().get("/api/clients", headers={"cookie": line.encode("latin-1", "replace")})
                    self.assertEqual(answer.status_code, 200, answer.text)
            self.assertEqual(self.browser().get("/api/clients", headers={"cookie": odd.encode()}).status_code, 401)

    def test_a_day_ends_and_an_idle_browser_locks(self) -> None:
        owner, _ = self.begun()
        self.later(minutes=30)
        self.ask(owner, "GET", "/clients")
        self.later(minutes=61)
        self.ask(owner, "GET", "/clients", status=401)
        self.assertTrue(self.ask(owner, "GET", "/sign-in")["locked"])
        self.sign_in(owner, OWNER)
        self.later(hours=12, minutes=1)
        state = self.ask(owner, "GET", "/sign-in")
        self.assertEqual((state["me"], state["locked"]), (None, False))

    def test_locking_answers_nothing_until_one_shows_who_one_is(self) -> None:
        owner, _ = self.begun()
        state = self.ask(owner, "POST", "/sign-in/lock")
        self.assertEqual((state["locked"], state["me"], state["storage_key"]), (True, None, ""))
        self.ask(owner, "GET", "/clients", status=401)
        self.ask(owner, "POST", "/sets", {}, 401)
        self.sign_in(owner, OWNER)
        self.ask(owner, "GET", "/clients")


class CodesTest(SignInTest):
    def test_a_code_is_good_once_and_however_it_is_typed(self) -> None:
        _, codes = self.begun()
        lost = self.browser()
        said = {"name": OWNER, "code": codes[2].upper().replace("-", " "), "passphrase": "another four words"}
        self.ask(lost, "POST", "/sign-in/code", said)
        self.ask(lost, "GET", "/clients")
        self.ask(self.browser(), "POST", "/sign-in/code", said, 401)
        self.sign_in(self.browser(), OWNER, status=401)
        self.sign_in(self.browser(), OWNER, "another four words")

    def test_a_code_of_another_or_a_weak_passphrase_lets_nobody_in(self) -> None:
        owner, codes = self.begun()
        invited = self.ask(owner, "POST", "/people", {"name": TRAINER, "role": "trainer"}, 201)
        said = {"name": TRAINER, "code": codes[0], "passphrase": "another four words"}
        self.ask(self.browser(), "POST", "/sign-in/code", said, 401)
        weak = {"name": TRAINER, "code": invited["code"], "passphrase": "password1234"}
        self.ask(self.browser(), "POST", "/sign-in/code", weak, 422)
        self.ask(self.browser(), "POST", "/sign-in/code", weak | {"passphrase": "another four words"})

    def test_an_invitation_ends_after_a_week_and_new_codes_replace_old_ones(self) -> None:
        owner, codes = self.begun()
        invited = self.ask(owner, "POST", "/people", {"name": TRAINER, "role": "trainer"}, 201)
        self.assertEqual(invited["days"], 7)
        fresh = self.ask(owner, "POST", "/me/codes", status=201)["codes"]
        self.later(days=7, minutes=1)
        said = {"name": TRAINER, "code": invited["code"], "passphrase": "another four words"}
        self.ask(self.browser(), "POST", "/sign-in/code", said, 401)
        old = {"name": OWNER, "code": codes[0], "passphrase": "another four words"}
        self.ask(self.browser(), "POST", "/sign-in/code", old, 401)
        self.ask(self.browser(), "POST", "/sign-in/code", old | {"code": fresh[0]})


class PinTest(SignInTest):
    def enrolled(self) -> tuple[object, str]:
        owner, _ = self.begun()
        self.ask(owner, "PUT", "/me/pin", {"pin": "4711"}, 422)
        self.ask(owner, "POST", "/devices/enrol", {"name": "Tablet by the rack"})
        self.ask(owner, "PUT", "/me/pin", {"pin": "4711"}, 204)
        me = self.ask(owner, "GET", "/sign-in")["me"]["id"]
        self.ask(owner, "POST", "/sign-in/lock")
        return owner, me

    def test_a_pin_lets_in_on_its_own_device_only(self) -> None:
        tablet, me = self.enrolled()
        state = self.ask(tablet, "GET", "/sign-in")
        self.assertEqual((state["enrolled"], state["device"]), (True, "Tablet by the rack"))
        self.assertEqual([(p["name"], p["has_pin"]) for p in state["people_here"]], [(OWNER, True)])
        self.ask(self.browser(), "POST", "/sign-in/pin", {"person_id": me, "pin": "4711"}, 401)
        self.ask(tablet, "POST", "/sign-in/pin", {"person_id": me, "pin": "4712"}, 401)
        state = self.ask(tablet, "POST", "/sign-in/pin", {"person_id": me, "pin": "4711"})
        self.assertEqual(state["me"]["name"], OWNER)
        self.ask(tablet, "GET", "/clients")

    def test_a_thousand_wrong_pins_never_come_in(self) -> None:
        """The waits hold, and after a few the PIN is gone; not even the right one helps then."""
        tablet, me = self.enrolled()
        seen: dict[int, int] = {}
        for number in range(1000):
            if number % 20 == 0:
                app().state.try_limit._tries.clear()
            if number % 50 == 49:
                self.later(hours=2)
            pin = f"{number:04d}"
            if pin == "4711":
                continue
            answer = tablet.post("/api/sign-in/pin", json={"person_id": me, "pin": pin})
            seen[answer.status_code] = seen.get(answer.status_code, 0) + 1
        self.assertEqual(set(seen), {401, 429})
        app().state.try_limit._tries.clear()
        self.ask(tablet, "POST", "/sign-in/pin", {"person_id": me, "pin": "4711"}, 401)
        with self.studio.reading() as scope:
            self.assertIsNone(scope.db.query(DevicePersonRow).one().pin)
        self.sign_in(tablet, OWNER)

    def test_waits_count_for_the_right_pin_too(self) -> None:
        tablet, me = self.enrolled()
        for pin in ("0001", "0002", "0003", "0005", "0006"):
            self.ask(tablet, "POST", "/sign-in/pin", {"person_id": me, "pin": pin}, 401)
        self.ask(tablet, "POST", "/sign-in/pin", {"person_id": me, "pin": "4711"}, 429)
        self.later(seconds=15)
        self.ask(tablet, "POST", "/sign-in/pin", {"person_id": me, "pin": "4711"})
        self.assertGreater(PIN_GONE_AFTER, 5)

    def test_a_revoked_device_replayed_is_a_stranger(self) -> None:
        owner, _ = self.begun()
        tablet = self.browser()
        self.sign_in(tablet, OWNER)
        self.ask(tablet, "POST", "/devices/enrol", {"name": "Lost tablet"})
        self.ask(tablet, "PUT", "/me/pin", {"pin": "4711"}, 204)
        me = self.ask(tablet, "GET", "/sign-in")
        lost = next(d for d in self.ask(owner, "GET", "/devices") if d["name"] == "Lost tablet")
        cookies = dict(tablet.cookies)
        self.ask(owner, "DELETE", f"/devices/{lost['id']}", status=204)
        self.ask(tablet, "GET", "/clients", status=401)
        self.ask(tablet, "POST", "/sign-in/pin", {"person_id": me["me"]["id"], "pin": "4711"}, 401)
        replayed = self.browser()
        replayed.cookies.update(cookies)
        state = self.ask(replayed, "GET", "/sign-in")
        self.assertEqual((state["enrolled"], state["people_here"], state["storage_key"]), (False, [], ""))
        again = self.sign_in(tablet, OWNER)
        self.assertNotEqual(again["storage_key"], me["storage_key"])
