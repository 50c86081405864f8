import re
from tests.journeys.support import TABLET, JourneyTest

class Look(JourneyTest):
    def test_look(self):
        page = self.page()
        page.get_by_role("listitem").filter(has_text="Noor Vandermeer").get_by_role("link", name="Program").click()
        page.get_by_role("columnheader").first.wait_for()
        page.wait_for_timeout(1200)
        page.mouse.move(500, 500); page.mouse.wheel(0, 700); page.wait_for_timeout(400)
        page.screenshot(path="/tmp/w/noor.png")
        page.goto(self.server.url)
        page.get_by_role("listitem").filter(has_text="Casimir Holt").get_by_role("link", name="Program").click()
        page.get_by_role("columnheader").first.wait_for()
        page.wait_for_timeout(1500)
        page.screenshot(path="/tmp/w/casimir.png")
        page.get_by_role("link", name="Progress").first.click() if page.get_by_role("link", name="Progress").count() else None
        import json, urllib.request
        cl = json.load(urllib.request.urlopen(self.server.url+"/api/clients"))
        cid = next(c["id"] for c in cl if c["name"]=="Casimir Holt")
        page.goto(f"{self.server.url}/clients/{cid}/progress?exercise=easy-run"); page.wait_for_timeout(1500)
        page.screenshot(path="/tmp/w/pace.png")
        page.goto(self.server.url); page.wait_for_timeout(800)
        page.screenshot(path="/tmp/w/today2.png")
        t = self.page(TABLET)
        self.floor_of(t, "Saskia Brandvold")
        t.get_by_role("navigation", name="Exercises").get_by_role("button", name=re.compile("Band row")).click()
        t.wait_for_timeout(400); t.screenshot(path="/tmp/w/band.png")
