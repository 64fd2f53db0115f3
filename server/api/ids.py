"""Numbers of things, each kind a type of its own, which the front end keeps apart by format."""

from typing import Annotated

from ninja import Field

ChartId = Annotated[int, Field(json_schema_extra={"format": "chart-id"})]
"""A chart, whatever its versions say."""

VersionId = Annotated[int, Field(json_schema_extra={"format": "version-id"})]
"""One version of a chart. Its place in the line of versions is its `version_number`."""
