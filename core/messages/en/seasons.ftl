season_over = On { $on } no column held any more, so nothing could { $kind }. Begin a season, or move its end first.

nothing_to_stretch = { $column } has no length of its own and goes on until it is ended, so it cannot be stretched on { $on }. Hold it, or go on to the next column.

shortened_too_far = { $column } had fewer days left on { $on } than it was shortened by; it ends on that day.

no_such_stage = { $product } is only for { $stages }, and no column of this season is that. Choose a stage that the chart has.

ends_before_it_begins = { $product } may begin only after its last day ({ $by }). Let it begin sooner or end later.

no_harvest = { $product } is timed by the harvest, and its day is not known. Enter the day of harvest, or another bound.

no_day = { $product } finds no day, because of { $others }. { -more-room }

too_late = { $product } comes later than its rule wants, because of { $others }. { -more-room }

-more-room = Give one of the two more room: fewer days apart, another occasion, or a longer time.

oxidiser_meets_cultures = { $oxidiser } and { $cultures } stand in one column ({ $on }): an oxidiser kills live cultures. Give one of them a rule that keeps them days apart.

oxidiser_in_living_tank = { $oxidiser } is an oxidiser: it would kill what lives in this tank. It is left out of every filling.
