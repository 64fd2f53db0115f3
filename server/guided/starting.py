"""Taking a planned mix to the bench: all that it stands on is frozen in its plan."""

from collections.abc import Mapping

from django.db import IntegrityError, transaction

from core.chemistry.source import source_water
from core.errors import InputError
from core.formats.guided_plan import plan_document
from core.guided import guided_plan
from core.meters import MeterKind, ph_step_of
from core.planning import plan_mix
from core.water import Water
from server.api.typed import exact_decimal
from server.grows.scope import Scope
from server.guided.models import Mix
from server.planning.asked import MixIn, basis_of, request_of
from server.shelf.models import Meter, Product
from server.tanks.timeline import last_mixes


def start(scope: Scope, body: MixIn) -> Mix:
    """Start a guided mix.

    Raises:
        InputError: a stop was not acknowledged, nothing is poured, or a mix is under way there.
    """
    basis = basis_of(scope, body)
    if basis.tank.archived_at is not None:
        raise InputError("tank_archived", "tank")
    asked = request_of(scope, body, basis)
    sheet = plan_mix(asked)
    if sheet.unacknowledged:
        raise InputError("stops_open", "acknowledged")
    if not sheet.pours:
        raise InputError("nothing_to_pour.mix", "column")
    before = last_mixes([basis.tank.pk]).get(basis.tank.pk)
    learned = before.values.get("alkalinity") if before else None
    try:
        with transaction.atomic():
            return Mix.objects.create(
                grow=scope.grow,
                tank=basis.tank,
                version_id=body.version_id,
                label=sheet.column.label,
                column=asked.column,
                towards=asked.between.column if asked.between else "",
                towards_share=exact_decimal(asked.between.share, 8) if asked.between else None,
                strength=exact_decimal(asked.strength, 8),
                plan=plan_document(
                    guided_plan(asked, sheet, learned=learned, ph_step=ph_step_of(_meters(scope)))
                ),
                products=_bottles(scope, basis.rows, hard_forms=body.hard_forms),
                simulated_water=_moles(asked.water),
            )
    except IntegrityError:
        raise InputError("mix_under_way.tank", "tank") from None


def _meters(scope: Scope) -> set[MeterKind]:
    return {MeterKind(kind) for kind in scope.all(Meter).values_list("kind", flat=True)}


def _moles(water: Water) -> dict[str, float]:
    return {part.value: mol for part, mol in source_water(water).moles.items()}


def _bottles(
    scope: Scope, rows: Mapping[str, int], *, hard_forms: bool
) -> dict[str, dict[str, object]]:
    """The bottle behind each row of a chart: the form for hard water where that is poured."""
    shelf = {product.pk: product for product in scope.all(Product)}
    forms = {form.hard_form_of_id: form for form in shelf.values() if form.hard_form_of_id}
    bottles = {key: shelf[number] for key, number in rows.items() if number in shelf}
    if hard_forms:
        bottles = {key: forms.get(product.pk, product) for key, product in bottles.items()}
    return {
        key: {
            "product": product.pk,
            "tag": product.tag,
            "left": None if product.left is None else str(product.left),
        }
        for key, product in bottles.items()
    }
