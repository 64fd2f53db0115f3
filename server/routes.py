"""Which capability answers under which addresses of the API."""

from server.api.openapi import OPERATIONS, api
from server.archive.api import router as archive
from server.charts.api import router as charts
from server.charts.files import router as chart_files
from server.grows.account import router as account
from server.grows.invited import router as invited
from server.grows.order_preferences import router as order_preferences
from server.grows.people import router as people
from server.grows.roles import MemberAuth
from server.grows.sign_in import router as sign_in
from server.grows.units import router as units
from server.guided.api import router as guided
from server.guided.mixes import router as mixes
from server.leaflets.api import router as leaflets
from server.leaflets.library import router as library
from server.leaflets.pictures import router as pictures
from server.overview.api import router as overview
from server.overview.changes import router as changes
from server.planning.api import router as planning
from server.planning.waters import router as waters_in_chart
from server.seasons.api import router as seasons
from server.seasons.brewing import router as brewing
from server.seasons.calendar import router as calendar
from server.seasons.deciding import router as deciding
from server.seasons.ending import router as ending
from server.seasons.joining import router as joining
from server.seasons.round import router as daily_round
from server.seasons.today import router as today
from server.shelf.api import router as shelf
from server.shelf.making_up import router as making_up
from server.shelf.meters import router as meters
from server.shelf.stock import router as stock
from server.shelf.vessels import router as vessels
from server.tanks.api import router as tanks
from server.tanks.blends import router as blends
from server.tanks.drawing import router as tank_drawing
from server.tanks.editing import router as tank_editing
from server.tanks.first_fill import router as first_fill
from server.tanks.known_volume import router as tank_known_volume
from server.tanks.water_line import router as water_lines
from server.tanks.waters import router as waters

for router in (
    overview, changes, planning, waters_in_chart, units, tanks, charts, library, chart_files,
    leaflets, pictures, guided, mixes, order_preferences, shelf, stock, making_up, meters, vessels,
    waters, water_lines, blends, tank_drawing, tank_editing, tank_known_volume, first_fill, people,
    invited, seasons, deciding, joining, ending, today, daily_round, brewing, calendar,
    archive,
):  # fmt: skip
    api.add_router("", router)
for router in (sign_in, account):
    api.add_router("/session", router)
api.auth = [MemberAuth(OPERATIONS)]
for prefix, router in api._routers:
    for path, view in router.path_operations.items():
        route = f"api{prefix}{path}".replace("{", "<").replace("}", ">").rstrip("/")
        for operation in view.operations:
            OPERATIONS.update(
                {(method, route): str(operation.operation_id) for method in operation.methods}
            )

__all__ = ["api"]
