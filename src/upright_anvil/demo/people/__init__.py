"""The invented people of the demo, one file each: who trains in a small studio in a disused tram depot."""

from upright_anvil.demo.people import (
    agnes_thornby,
    casimir_holt,
    dell_ostrander,
    ilse_marwick,
    marek_tolliver,
    noor_vandermeer,
    oona_feldt,
    rufus_kettleman,
    saskia_brandvold,
    tobiah_renn,
)

PEOPLE = (
    ilse_marwick.PERSON,
    tobiah_renn.PERSON,
    noor_vandermeer.PERSON,
    casimir_holt.PERSON,
    dell_ostrander.PERSON,
    saskia_brandvold.PERSON,
    oona_feldt.PERSON,
    marek_tolliver.PERSON,
    agnes_thornby.PERSON,
    rufus_kettleman.PERSON,
)
