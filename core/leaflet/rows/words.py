"""Words by which rows of a leaflet are no bottles, in English and six other languages.

A word decides nothing by itself: a row in which one stands is asked about, with what it is likely
to be. Common practice on leaflets; the other languages from memory.
"""

import re
from enum import StrEnum


class TakenAs(StrEnum):
    """What a row may be taken as."""

    BOTTLE = "bottle"
    EC = "reading:ec"
    PH = "reading:ph"
    NOTE = "note"


def _any(words: str) -> re.Pattern[str]:
    """Any of the words, whole; a star stands for any ending."""
    each = "|".join(words.split()).replace("*", r"\w*").replace("_", r"[ .-]*")
    return re.compile(rf"(?<![^\W\d_])(?:{each})(?![^\W_])")


OTHER_ROWS: tuple[tuple[TakenAs, str, re.Pattern[str]], ...] = (
    (TakenAs.NOTE, "time", _any("""
        days? weeks? wks? months? hours? hrs? mins? minutes? seconds? time* duration? lengths?
        dates? ages? photo_?periods? schedule cycles? starts? ends? until calendar tage?n? wochen?
        stunden? minuten? dauer datum zeit* alter* *stunden jours? semaines? heures? dur[ée]e
        d[ií]as? semanas? horas? duraci[oó]n fechas? tiempo dagen? weken? uren uur duur giorn[io]
        settiman[ae] or[ae] durata tempo dura[cç][aã]o dni tygod* godz*
    """)),
    (TakenAs.NOTE, "light", _any("""
        lights? lighting lamps? lux ppfd dli par watts? dark* on/off day_?light sun* spectrum dimm*
        led kelvin licht* beleucht* lampen? lumi[eè]re [ée]clairage luz ilumina* belichting* luce
        illuminazione luminos*
    """)),
    (TakenAs.NOTE, "temperature_or_of_the_air", _any("""
        temp* °_?[cf] celsius fahrenheit heat* cool* chill* rh r\\.h\\.? humid* vpd co2 air*
        climate fans? vent* wind dew* pressure bar psi d\\.?o\\.? oxygen orp redox luft* feucht*
        *feuchte* w[äa]rme klima humidit[éàa] humedad umidit[àa] luchtvochtigheid vocht* aire aria
        lucht sauerstoff oxyg[eè]ne ox[ií]geno zuurstof ossigeno umidade wilgotno*
    """)),
    (TakenAs.NOTE, "reading_that_nobody_aims_at", re.compile(
        r"(?<![a-z])(?:(?:e\.?c\.?|p\.?h\.?|ppm|tds|ce)[ -]*(?:of )?(?:in|out|drift|run-?off"
        r"|drain\w*|slab|medium|root\w*|start|end|tap|source|raw|water|input|before|base(?:line)?)"
        r"|(?:base(?:line)?|tap|source|raw|run-?off|drain\w*|slab|starting|water)[ -]+"
        r"(?:e\.?c\.?|p\.?h\.?|ppm|tds))(?![a-z])"
    )),
    (TakenAs.PH, "reading_of_ph", _any("""
        p\\.?h\\.? p\\.?h\\.?_wert* p\\.?h\\.?_waarde* s[äa]ure*wert acidit* acidez zuurgraad
    """)),
    (TakenAs.NOTE, "ppm_of_something", re.compile(
        r"(?<![a-z])(?:n|p|k|ca|mg|s|fe|mn|zn|cu|b|mo|na|cl|si|nitrogen|phosph\w+|potassium|calcium"
        r"|magnesium|sul(?:f|ph)ur|iron|no3|nh4|po4)[ -]*[(\[]?(?:ppm|mg ?/ ?l|%|meq\w*|mmol\w*)"
    )),
    (TakenAs.EC, "reading_of_ec", _any("""
        e\\.?c\\.? e\\.?c\\.?_wert* c\\.?f\\.? t\\.?d\\.?s\\.? ppms? conductiv* ms_?/_?cm ms
        [uµμ]s(?:_?/_?cm)? ds_?/_?m salinity c\\.?e\\.? leitwert* leitf[äa]hig* conductivit[ée]
        conductividad conducibilit[àa] geleid* condutividade electro-?conduct* przewodno*
    """)),
    (TakenAs.NOTE, "of_the_tank_its_water_or_the_watering", _any("""
        reservoirs? res tanks? vol volumes? lit(?:er|re)s? gal(?:lons?)? waters? watering* irrigat*
        flush* change* refills? top_?ups? drain* run_?off* level* flow* pump* drip* shots? flood*
        evapor* uptake consum* hardness wasser* beh[äa]lter* gie[ßs]+* bew[äa]sser* *wechsel* eau
        r[ée]servoir cuve arrosage* agua dep[oó]sito tanque riego* acqua serbatoio irrigazion*
        vasca bak vat gietbeurt* watergift* [áa]gua rega* woda zbiornik
    """)),
    (TakenAs.NOTE, "of_the_plants", _any("""
        plants? pots? sites? rows? heights? spacing leaves nodes? canopy yield* weights? harvest*
        stages? phases? density crop* seedlings clones? cuttings? trim* prun* pflanzen? h[öo]he*
        ernte* abstand phasen? plantes? hauteur r[ée]colte plantas? altura cosecha fase etapas?
        planten hoogte oogst piante? altezza raccolta stadi* stade colheita
    """)),
    (TakenAs.NOTE, "count_a_share_or_a_price", _any("""
        numbers? no\\. nr\\.? count* qty quantit* totals? sum price* cost* [$€£] % percent*
        frequenc* feedings? feeds ratio* npk n-p-k share strength* dilut* concentrat* factor
        multipl* average avg mean rate doses? dosage amounts? step index score anzahl summe gesamt*
        preis* kosten st[äa]rke nombre prix co[ûu]ts? n[uú]mero precio costos? coste aantal prijs
        totaal numero prezzo totale fr[ée]quence frecuencia frequenza frequentie h[äa]ufigkeit suma
        pre[cç]o ilo[sś][cć]
    """)),
    (TakenAs.NOTE, "remark", _any("""
        notes? remarks? comments? tips? page version rooms? zones? tents? shelf sensors? meters?
        probes? photo* check* tasks? notizen? hinweise? bemerkung* remarques? notas? opmerking*
        osservazion* raum zona chambre kamer sala
    """)),
)  # fmt: skip

ELEMENTS = re.compile(
    r"(?:(?:total |free )?(?:n|p|k|ca|mg|s|fe|mn|zn|cu|b|mo|na|cl|si|nitrogen|phosph\w+|potassium"
    r"|calcium|magnesium|sul(?:f|ph)ur|iron|mangan\w+|zinc|copper|boron|molybden\w+|sodium"
    r"|chlor\w+|nitrates?|ammonium|sul(?:f|ph)ates?|(?:bi)?carbonates?|alkalinity)[ ,/+-]*)+"
)
"""An element alone is as well what water or feed holds."""

OTHER_UNITS: tuple[tuple[TakenAs, str, re.Pattern[str]], ...] = tuple(
    (kind, why, re.compile(words))
    for kind, why, words in (
        (TakenAs.NOTE, "temperature", r"^[\d., \-–/]*(?:deg)? ?[cf]$|°"),
        (TakenAs.NOTE, "time", r"^[\d., \-–/]*(?:h|hrs?|hours?|std|min|minutes?)$"),
        (TakenAs.NOTE, "share", r"%$"),
        (TakenAs.EC, "reading_of_ec", r"(?:ms|ds|us|µs)(?: ?/ ?c?m)?$"),
        (TakenAs.NOTE, "ppm_of_something", r"ppm"),
        (TakenAs.NOTE, "volume", r"^[\d., \-–/]*(?:l|lit(?:er|re)s?|gal(?:lons?)?)$"),
        (TakenAs.NOTE, "length", r"^[\d., \-–/]*(?:cm|mm|m|in|inch(?:es)?|ft)$"),
        (TakenAs.NOTE, "days_or_how_often", r"^[\d., \-–/]*(?:d|days?|weeks?|wks?|x|times)$"),
    )
)
"""Units of cells that are no doses."""
