"""Open what is exported as spreadsheets with LibreOffice too, and compare it cell by cell with openpyxl.

Beside the test run: LibreOffice is a large package. `make spreadsheets` installs it from Debian's and runs this.
"""

import csv
import io
import subprocess
import sys
import tempfile
from pathlib import Path

from openpyxl import load_workbook
from tests.demo.filled import demo_copy

from upright_anvil.api.studio import THE_STUDIO
from upright_anvil.core.ids import ClientId
from upright_anvil.services.exchange.exporting import ProgramFormat, client_log, program_file
from upright_anvil.store.client.clients import all_clients
from upright_anvil.store.file.database import Database
from upright_anvil.store.programs import programs_of_client

EVERY_SHEET = "csv:Text - txt - csv (StarCalc):44,34,76,1,,0,false,true,false,false,false,-1"
"""Commas, double quotes, UTF-8, as shown, a file a sheet."""


def compared(folder: Path, name: str, content: bytes) -> list[str]:
    """Answer where LibreOffice reads a workbook differently, in words."""
    path = folder / f"{name}.xlsx"
    path.write_bytes(content)
    command = ["soffice", "--headless", "--convert-to", EVERY_SHEET, "--outdir", str(folder), str(path)]
    subprocess.run(command, check=True, capture_output=True, timeout=120)
    book, wrong = load_workbook(path), []
    for sheet in book.worksheets:
        if sheet.sheet_state != "visible":
            continue
        text = (folder / f"{name}-{sheet.title}.csv").read_text("utf-8")
        theirs = [[cell.strip() for cell in row] for row in csv.reader(io.StringIO(text))]
        ours = [
            ["" if cell is None else str(cell).strip() for cell in row] for row in sheet.iter_rows(values_only=True)
        ]
        for number, row in enumerate(ours, start=1):
            other = theirs[number - 1] if number <= len(theirs) else []
            if [cell for cell in row if cell] != [cell for cell in other if cell]:
                wrong.append(f"{name}, {sheet.title}, row {number}: {row} is read as {other}")
    return wrong


def main() -> int:
    """Compare the programs of all demo clients, and that a log as CSV opens."""
    with tempfile.TemporaryDirectory() as place:
        folder = Path(place)
        database = Database(demo_copy(folder))
        wrong, many = [], 0
        with database.reading(THE_STUDIO) as scope:
            for who in all_clients(scope):
                for row in programs_of_client(scope, who.id):
                    file = program_file(scope, row.id, ProgramFormat.XLSX)
                    wrong += compared(folder, f"program{many}", file.content)
                    many += 1
            log = folder / "log.csv"
            log.write_bytes(client_log(scope, ClientId(all_clients(scope)[0].id)).content)
        subprocess.run(
            ["soffice", "--headless", "--convert-to", "xlsx", "--outdir", str(folder), str(log)],
            check=True, capture_output=True, timeout=120,
        )  # fmt: skip
        opened = load_workbook(folder / "log.xlsx").active
        database.close()
        if opened is None or opened.max_row < 2:  # noqa: PLR2004 - a heading and a set
            wrong.append("the log has no rows in LibreOffice")
    for one in wrong[:20]:
        print(one)
    print(f"{many} programs compared, {len(wrong)} rows differ")
    return 1 if wrong else 0


if __name__ == "__main__":
    sys.exit(main())
