"""The sentences of the screens, for somebody who translates them."""

from fastapi import Response

from upright_anvil.api.routing import resource
from upright_anvil.formats.shipped.languages import interface_catalogue

router = resource("/languages", tag="languages")


@router.get("/interface.en.json", response_class=Response)
def interface_sentences() -> Response:
    """All sentences of the screens by their English, as i18next reads them."""
    head = {"Content-Disposition": 'attachment; filename="interface.en.json"'}
    return Response(interface_catalogue(), media_type="application/json", headers=head)
