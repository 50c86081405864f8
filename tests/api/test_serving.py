import json
import subprocess
import tempfile
from pathlib import Path

from fastapi.testclient import TestClient

from tests.api.support import one
from tests.support import StudioTest
from upright_anvil.api.app import create_app

ROOT = Path(__file__).parents[2]


class ServingTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.web = web = Path(folder.name) / "dist"
        (web / "assets").mkdir(parents=True)
        (web / "index.html").write_text("the app", "utf-8")
        (web / "mark.svg").write_text("the mark", "utf-8")
        (web / "assets" / "a.js").write_text("a script", "utf-8")
        (Path(folder.name) / "secret.txt").write_text("secret", "utf-8")
        self.http = TestClient(create_app(one(self.studio), web))
        self.addCleanup(self.http.close)

    def test_every_address_of_a_view_is_the_app(self) -> None:
        for path, text in [
            ("/", "the app"),
            ("/clients/abc/progress", "the app"),
            ("/floor/a/b/c", "the app"),
            ("/mark.svg", "the mark"),
            ("/assets/a.js", "a script"),
        ]:
            with self.subTest(path=path):
                self.assertEqual(self.http.get(path).text, text)

    def test_a_script_comes_as_the_browser_takes_it_best(self) -> None:
        assets = self.web / "assets"
        (assets / "a.js.br").write_bytes(b"brotli")
        (assets / "a.js.gz").write_bytes(b"gzip")
        for taken, encoding in (
            ("gzip, deflate, br", "br"),
            ("gzip;q=1.0, br; q=0.0", "gzip"),
            ("identity", None),
            ("brx", None),
        ):
            with (
                self.subTest(taken),
                self.http.stream("GET", "/assets/a.js", headers={"accept-encoding": taken}) as got,
            ):
                self.assertEqual(got.headers.get("content-encoding"), encoding)
                self.assertEqual(got.headers["vary"].lower(), "accept-encoding")
                self.assertIn("javascript", got.headers["content-type"])
                self.assertIn("immutable", got.headers["cache-control"])
                self.assertEqual(b"".join(got.iter_raw()), (encoding or "a script").replace("br", "brotli").encode())
        self.assertEqual(self.http.get("/assets/gone.js", headers={"accept-encoding": "br"}).status_code, 404)

    def test_nothing_outside_is_served(self) -> None:
        for path in ["/..%2fsecret.txt", "/%2e%2e/secret.txt", "/assets/..%2f..%2fsecret.txt"]:
            with self.subTest(path=path):
                self.assertNotIn("secret", self.http.get(path).text)

    def test_an_unknown_address_of_the_api_is_a_problem(self) -> None:
        self.assertEqual(self.http.get("/api/nowhere").headers["content-type"], "application/problem+json")


class SchemaTest(StudioTest):
    def test_every_way_to_fail_is_in_the_schema_and_names_are_short(self) -> None:
        schema = create_app().openapi()
        names = []
        for path, operations in schema["paths"].items():
            for method, operation in operations.items():
                with self.subTest(path=path, method=method):
                    told = operation["responses"]["422"]["content"]["application/problem+json"]["schema"]["$ref"]
                    self.assertTrue(told.endswith("/ProblemDocument"))
                    self.assertEqual("409" in operation["responses"], method != "get")
                    self.assertLessEqual({"401", "403", "421", "429", "503"}, operation["responses"].keys())
                    names.append(operation["operationId"])
        self.assertEqual(len(names), len(set(names)))
        self.assertNotIn("HTTPValidationError", schema["components"]["schemas"])

    def test_identifiers_say_of_what(self) -> None:
        """In an address, in a body with an optional one, in a list of them, and not in a name beside them."""
        schema = create_app().openapi()
        address = schema["paths"]["/api/clients/{client_id}/progress"]["get"]["parameters"]
        self.assertEqual(address[0]["schema"]["format"], "ClientId")
        self.assertEqual(address[1]["schema"]["anyOf"][0]["format"], "ExerciseId")
        models = schema["components"]["schemas"]
        self.assertEqual(models["PathRequest"]["properties"]["lines"]["items"]["format"], "LineId")
        self.assertEqual(models["ClientView"]["properties"]["program_id"]["anyOf"][0]["format"], "ProgramId")
        self.assertNotIn("format", models["TodaySession"]["properties"]["client"])

    def test_the_interfaces_types_are_the_servers(self) -> None:
        """The committed types and lists are generated anew and compared."""
        with tempfile.TemporaryDirectory() as folder:
            schema, types = Path(folder) / "openapi.json", Path(folder) / "schema.d.ts"
            schema.write_text(json.dumps(create_app().openapi()), "utf-8")
            command = ["node", "types.js", str(schema), str(types)]
            subprocess.run(command, cwd=ROOT / "web", check=True, capture_output=True)
            for file in types, Path(folder) / "enums.ts":
                committed = (ROOT / "web/src/api" / file.name).read_text("utf-8")
                self.assertEqual(file.read_text("utf-8"), committed)
