from tests.api.support import CLIENT, ApiTest


class ClientsTest(ApiTest):
    def test_a_client_is_added_changed_and_listed(self) -> None:
        made = self.post("/clients", CLIENT | {"body_weight": {"value": "70.5", "unit": "kg"}})
        self.assertEqual(made["body_weights"][0]["load"], {"value": "70.5", "unit": "kg"})
        changed = self.http.patch(f"/api/clients/{made['id']}", json={"name": "Ottoline", "unit": "lb"}).json()
        self.assertEqual((changed["facts"]["name"], changed["facts"]["unit"]), ("Ottoline", "lb"))
        self.assertEqual([c["id"] for c in self.get("/clients")], [made["id"]])
        self.assertEqual(self.get(f"/clients/{made['id']}"), changed)

    def test_a_name_is_enough(self) -> None:
        self.problem(self.http.post("/api/clients", json={"name": "Ottoline"}), 422)
        self.assertEqual(self.post("/clients", {"name": "Ottoline", "unit": "kg"})["facts"]["minutes"], 60)

    def test_bad_input_names_the_field_and_what_was_expected(self) -> None:
        for field, value in [
            ("name", ""),
            ("name", "   "),
            ("name", "x" * 81),
            ("name", 7),
            ("unit", "stone"),
            ("minutes", -5),
            ("minutes", 100000),
            ("minutes", "an hour"),
            ("minutes", 45.5),
            ("days_a_week", 8),
            ("days_a_week", None),
            ("body_weight", {"value": "-3", "unit": "kg"}),
            ("body_weight", {"value": "NaN", "unit": "kg"}),
            ("body_weight", {"value": 70.5, "unit": "kg"}),
            ("body_weight", {"value": "70"}),
            ("place", {"name": "Depot", "equipment": "x" * 5000}),
            ("weekdays", [7]),
            ("aim", "world peace"),
            ("birth_year", "MCMLXX"),
            ("nickname", "Otti"),
        ]:
            with self.subTest(field=field, value=str(value)[:20]):
                problem = self.problem(self.http.post("/api/clients", json=CLIENT | {field: value}), 422)
                self.assertTrue(problem["fields"][0]["field"].startswith(field))
                self.assertTrue(problem["fields"][0]["expected"])
        self.assertEqual(self.get("/clients"), [])

    def test_a_weight_nobody_has_is_refused(self) -> None:
        heavy = CLIENT | {"body_weight": {"value": "2500", "unit": "kg"}}
        self.assertIn("1000 kg", self.problem(self.http.post("/api/clients", json=heavy), 422)["detail"])

    def test_unknown_clients(self) -> None:
        self.problem(self.http.get("/api/clients/nobody"), 404)
        self.problem(self.http.patch("/api/clients/nobody", json={"minutes": 40}), 404)
        self.problem(self.http.post("/api/clients/nobody/program", json={}), 404)
        self.problem(self.http.get("/api/clients/nobody/progress"), 404)
        self.problem(self.http.get("/api/clients/nobody/progress/s1?exercise=back-squat"), 404)
        self.problem(self.http.get("/api/clients/nobody/progress/s1"), 422)

    def test_equipment_is_read_as_it_is_typed(self) -> None:
        view = self.post("/equipment/read", {"text": "dumbbells 10 12\nkettelbell", "unit": "lb"}, 200)
        self.assertEqual([k["kind"] for k in view["kinds"]], ["dumbbell"])
        self.assertEqual(view["problems"][0]["line"], 2)

    def test_a_client_is_erased_by_the_whole_name_and_is_gone(self) -> None:
        board = self.program()
        path = f"/clients/{board['client_id']}"
        self.problem(self.http.post(f"/api{path}/erase", json={"name": "Ottoline"}), 422)
        self.assertEqual(len(self.get("/clients")), 1)
        erased = self.post(f"{path}/erase", {"name": "Ottoline Fisk"}, 200)
        self.assertEqual((erased["counted"]["program"], erased["swept"]), (1, True))
        self.assertEqual(self.get("/clients"), [])
        self.problem(self.http.get(f"/api{path}"), 404)
        self.problem(self.http.get(f"/api/programs/{board['program_id']}"), 404)
        self.problem(self.http.post(f"/api{path}/erase", json={"name": "Ottoline Fisk"}), 404)
