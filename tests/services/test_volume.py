from decimal import Decimal

from tests.support import TODAY, StudioTest
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.volume.bands import BEGINNING, SIZE
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.board.views import BoardView


class VolumeTest(StudioTest):
    def week(self, board: BoardView, week: int = 1) -> dict[Muscle, tuple[Decimal, Decimal]]:
        with self.studio.reading() as scope:
            volume = open_board(scope, board.program_id, TODAY).phases[0].volume[week - 1]
        return {m.muscle: (m.planned, m.done) for m in volume.muscles}

    def test_planned_sets_and_what_was_done_of_them(self) -> None:
        board = self.client_with_program(("back-squat", "3 x 6-8, 60 kg, leave 2"), ("plank", "2 x 10 s"))
        sid = self.session(board)
        self.log(sid, 1, 8)
        self.log(sid, 2, 8, reserve=7)
        self.assertEqual(self.week(board)[Muscle.QUADRICEPS], (Decimal(3), Decimal(1)))
        self.assertEqual(self.week(board, 2)[Muscle.QUADRICEPS], (Decimal(3), Decimal(0)))
        self.assertNotIn(Muscle.OBLIQUES, self.week(board))

    def test_a_line_nobody_can_read_counts_nothing(self) -> None:
        board = self.client_with_program(("back-squat", "3 x heavy"))
        self.assertEqual(self.week(board), {})

    def test_the_band_follows_goal_and_training_age(self) -> None:
        for age, band in [(TrainingAge.EXPERIENCED, SIZE), (TrainingAge.NEW, BEGINNING)]:
            with self.subTest(age=age):
                board = self.client_with_program(aim=GoalKind.SIZE, training_age=age, name=f"Ottoline {age}")
                self.assertEqual(board.phases[0].volume[0].band, band)
