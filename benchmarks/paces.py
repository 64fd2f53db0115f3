"""What a mix of each demo tank asks of a person at each pace: presses, readings, screens, time."""

from django.contrib.auth.models import User

from core.guided import Pace, guided_plan, replay
from core.guided.pace import effort
from core.planning import plan_mix
from server.charts.models import ChartVersion
from server.grows.demo_people import DEMO_PERSON
from server.grows.scope import Scope
from server.planning.asked import MixIn, basis_of, request_of
from server.tanks.models import Tank

SIX_PRODUCTS_PRESSES = 12
"""Presses besides readings that a mix of six products may take at the usual pace."""


def report() -> None:
    """Print them, tank by tank, as planned: a correction adds its own."""
    person = User.objects.get(username=DEMO_PERSON)
    print("at the bench, as planned     products   pace    presses  readings  screens  waiting")
    tanks = Tank.objects.filter(grow__is_demo=True).select_related("chart").order_by("position")
    for tank in tanks.exclude(chart=None):
        scope = Scope.enter(person, tank.grow_id)
        version = ChartVersion.objects.filter(chart=tank.chart_id).order_by("-number")[0]
        told = MixIn(
            tank=tank.pk, water=tank.water_id, version_id=version.pk, column=tank.column,
            volume=f"{tank.litres} L", strength=f"{tank.strength * 100} %", reading="0.52",
        )  # fmt: skip
        request = request_of(scope, told, basis_of(scope, told))
        plan = guided_plan(request, plan_mix(request))
        steps = replay(plan, ()).steps
        for pace in Pace:
            asks = effort(plan, steps, pace)
            print(
                f"  {tank.name:26} {len(plan.pours):8}   {pace:6} {asks.presses:8} "
                f"{asks.readings:9} {asks.screens:8} {asks.seconds / 60:6.1f} min"
            )
    print(f"  (to reach with six products at the usual pace: {SIX_PRODUCTS_PRESSES} presses)")
