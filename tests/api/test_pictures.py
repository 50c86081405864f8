import io
from base64 import b64encode

from PIL import Image

from tests.api.support import ApiTest, Json


def sent(colour: str) -> Json:
    made = io.BytesIO()
    Image.new("RGB", (1200, 900), colour).save(made, "PNG")
    return {"content": b64encode(made.getvalue()).decode()}


class PicturesTest(ApiTest):
    def put(self, colour: str, exercise: str = "back-squat") -> str:
        answer = self.http.put(f"/api/exercises/{exercise}/picture", json=sent(colour))
        self.assertEqual(answer.status_code, 200, answer.text)
        return str(answer.json()["mark"])

    def test_a_picture_stands_on_the_page_and_on_the_floor(self) -> None:
        mark = self.put("orange")
        self.assertEqual(self.get("/exercises/back-squat")["picture"], mark)
        board = self.program("3 x 8, 60 kg")
        self.assertEqual(self.floor(board)["lines"][0]["picture"], mark)
        shown = self.http.get(f"/api/exercises/back-squat/picture/{mark}")
        self.assertEqual(
            (shown.headers["content-type"], Image.open(io.BytesIO(shown.content)).size), ("image/webp", (960, 720))
        )

    def test_a_new_one_takes_its_place_and_it_can_be_taken_away(self) -> None:
        first, second = self.put("orange"), self.put("navy")
        self.assertNotEqual(first, second)
        self.problem(self.http.get(f"/api/exercises/back-squat/picture/{first}"), 404)
        self.assertEqual(self.http.delete("/api/exercises/back-squat/picture").status_code, 204)
        self.assertEqual(self.get("/exercises/back-squat")["picture"], "")
        self.problem(self.http.delete("/api/exercises/back-squat/picture"), 404)

    def test_bad_input_is_told(self) -> None:
        self.problem(self.http.put("/api/exercises/nothing/picture", json=sent("red")), 404)
        for content in ("", "!!!", b64encode(b"hello").decode()):
            with self.subTest(content):
                self.problem(self.http.put("/api/exercises/back-squat/picture", json={"content": content}), 422)
