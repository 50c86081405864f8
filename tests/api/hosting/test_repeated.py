"""What is done now and then beside the requests: when it begins, and that it goes on."""

from threading import Event
from unittest import TestCase

from upright_anvil.api.hosting.repeated import Repeated


class RepeatedTest(TestCase):
    def test_it_is_done_at_once_and_again(self) -> None:
        times: list[int] = []
        twice = Event()

        def work() -> None:
            times.append(1)
            if len(times) > 1:
                twice.set()

        repeated = Repeated("twice", work, 0.001)
        repeated.start()
        self.assertTrue(twice.wait(10))
        repeated.end()

    def test_what_goes_wrong_is_logged_and_tried_again(self) -> None:
        again = Event()

        def work() -> None:
            if not failed.output:
                raise ValueError("not today")
            again.set()

        repeated = Repeated("failing", work, 0.001)
        with self.assertLogs("upright_anvil.api.hosting.repeated", "ERROR") as failed:
            repeated.start()
            self.assertTrue(again.wait(10))
        repeated.end()
        self.assertIn("failing: something went wrong", failed.output[0])

    def test_it_waits_for_its_time_and_one_that_ended_before_is_never_done(self) -> None:
        done = Event()
        repeated = Repeated("later", done.set, 60)
        repeated.start(after=60)
        repeated.end()
        self.assertFalse(done.is_set())
