"""What an addition to a tank brings it, element by element."""

from core.chart import Form, Role
from core.chemistry import Element, contents_of
from core.chemistry.elements import ELEMENT_OF, weight_of
from core.formats import LabelDocument
from core.session import BenchPlan, State, StepKind
from server.charts.models import Product
from server.mixes.models import Mix


def ppm_of_additions(mix: Mix, plan: BenchPlan, state: State) -> dict[str, dict[Element, float]]:
    """ppm that each step of adding brings, by step; nothing is asked where nothing is added."""
    steps = [step for step in state.steps if step.kind is StepKind.ADD and step.pour is not None]
    if not steps:
        return {}
    numbers = {step.id: mix.product(plan.pours[step.pour or 0].key) for step in steps}
    products = {one.pk: one for one in Product.objects.filter(pk__in=set(numbers.values()))}
    found = {}
    for step in steps:
        product = products.get(numbers[step.id] or 0)
        if product is not None and product.label and step.amount is not None:
            found[step.id] = _ppm(product, float(step.amount / plan.litres))
    return found


def _ppm(product: Product, per_litre: float) -> dict[Element, float]:
    label = LabelDocument.model_validate(product.label).label()
    ppm: dict[Element, float] = {}
    for part, mol in contents_of(label, Form(product.form), Role(product.role)).moles.items():
        if element := ELEMENT_OF.get(part):
            brought = mol * per_litre * weight_of(part) * 1000
            ppm[element] = round(ppm.get(element, 0.0) + brought, 1)
    return {element: value for element, value in ppm.items() if value >= 0.5}
