"""The rules of the job: from a printed feed chart to exact pours. Pure, exact, without a clock.

One entrance per capability: `core.planning.plan_mix`, `core.order.put_in_order`,
`core.water.target_for`, `core.planning.climb.draw_climb`, `core.quantities` for what people type.
"""
