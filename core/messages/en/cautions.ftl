acid_and_alkali = { $down } and { $up } undo each other, and heat and spit where they meet: one of them only, never both in one mix.
    .title = Acid and alkali

acid_into_water = { $adjusters }: goggles and gloves. Dilute 1 to 10 in a separate cup, acid into water and never the other way; never with bleach. The label comes before this sheet.
    .title = Acid into water

acid_strength_unknown = The strength of { $unknown } was never entered: the same bottle at another strength moves pH several times as far. Enter its percentage on the shelf.
    .title = Which strength of acid?

base_part_missing = { $there } goes in without { $missing }: half of the elements would be missing, and the reading would not tell. Pour both, or neither.
    .title = Half a base

below_finest_mark = { $product } is too little for the finest mark: mix { $amount } of it with { $water } of tank water in a cup, and pour { $pour } of that.
    .title = Too small to measure

bottle_nearly_empty = After this mix too little is left for another: { $bottles }.
    .bottle = { $product } { $left }
    .title = Nearly empty

bottle_past_its_date = { $bottles }. What is past its date may have fallen out or died: look, smell, and open another where in doubt.
    .bottle = { $product } was good until { $until }
    .title = Past its date

bottle_runs_out = { $bottles }. A mix that stops half way has the wrong ratio: fetch more first, or mix a smaller volume.
    .bottle = { $product } has { $left } left and is { $short } short
    .title = Not enough left

bucket_clouds = { $product } would cloud in a bucket of { $litres } L of this water, and what falls out is lost: pour it neat into the moving tank.
    .least = { $product } would cloud in a bucket of { $litres } L of this water, and what falls out is lost: pour it neat into the moving tank, or dilute it into { $least } L.
    .title = It clouds in the bucket

calmag_credit = { $product } at { $full } brings { $needs }: { $enough } of that dose is enough.
    .none = { $product } at { $full } brings { $needs }: leave the cal-mag out.
    .need = { $brings } ppm { $element }, and without it the tank has { $without } of the { $takes } that the crop takes
    .title = The water brings calcium

chart_and_labels_differ = By their labels these doses add { $labels }, by the chart { $printed }: { $off } { $which }. Check gallon or litre on the chart and the percentages on the labels, and trust the pen.
    .title = Chart and labels differ

chloramine_in_water = Chloramine harms roots and whatever lives on them. { $cure }
    .title = Chloramine in the water

chlorine_in_water = Chlorine harms young roots. { $cure }
    .title = Chlorine in the water

remove_chlorine = Let it stand open for another { $hours } h, less with an air stone; if the works use chloramine, it needs a carbon filter instead.

remove_chloramine = Chloramine does not gas off: run the water through active carbon or use a neutraliser.

chlorine_kills_live = Chlorine in this water kills { $live }, which is then money poured away. { $cure }
    .title = Chlorine kills cultures

dose_beyond_any_feed = { $doses }: no feed is dosed that high, and roots burn in it. Check the figure and its unit on the leaflet, litre or gallon, mL or g.
    .dose = { $product } at { $dose } per litre
    .title = Dose beyond any feed

dose_unlike_chart = { $doses }. A figure or its unit is probably wrong: compare the chart with the leaflet.
    .title = Dose unlike its chart

elements_out_of_range = In ppm: { $elements }. Ranges are wide and plants forgive much; look here first if the leaves show it too.
    .acid = In ppm: { $elements }. { $by_acid } Ranges are wide and plants forgive much; look here first if the leaves show it too.
    .below = { $element } { $ppm }, below { $edge }
    .above = { $element } { $ppm }, above { $edge }
    .title = Elements out of range

brought_by_acid = { $acid } brings { $ppm } of that { $element }; another acid would not.
    .other = { $acid } brings { $ppm } of that { $element }; { $other } does not.

hard_form_on_shelf = The shelf has { $instead }: it carries less calcium, which this water brings already.
    .form = { $form } in place of { $product }
    .title = A form for hard water

hard_water = It brings { $calcium } ppm calcium. Too much calcium locks out other food: { $way ->
        [base] use the maker's hard-water base if there is one.
        [calmag] cut the cal-mag by what the water brings.
        [base_calmag] use the maker's hard-water base if there is one, and cut the cal-mag by what the water brings.
       *[blend] blend it with RO water if leaves show that they lack magnesium or potassium.
    }
    .title = Hard water

held_elsewhere = This tank is held in { $label }, and { $column } is another stage: plants that stay leafy get too little nitrogen in a later one.
    .title = Held in another stage

live_before_acid = { $live } would meet the acid that is still to come, and much of it dies: pour it last, after pH, unless the chart insists.
    .title = Cultures before acid

live_with_oxidiser = { $oxidisers } kills { $live } in the same tank: give one of them now, and the cultures not before the oxidiser is used up; its label says how long.
    .title = Cultures with an oxidiser

nitrate_salt = { $nitrates }: nitrate salts make a fire burn fiercely. Keep them dry, shut, and away from fuels, sawdust and metal powder; sweep up what is spilt.
    .title = An oxidiser

no_buffer = This water has next to no buffer, so the pH of the feed will swing and a single drop of acid can be too much: add a stabiliser, a little mains water, or a little cal-mag first.
    .title = Nothing holds the pH

no_ph_window = The chart prints no pH window here; { $low } to { $high } is common practice in { $medium }.
    .title = pH window not printed

no_target_reading = The chart prints no EC for this column: pour the doses, and note what the meter shows.
    .title = No target printed

pair_printed_unequal = { $pair } The chart prints them so: check the leaflet once more.
    .title = The chart's pair is unequal

pair_unequal = { $pair } Parts of a pair belong together, or the feed lacks half its elements: let { $follower } follow.
    .title = The pair is unequal

unequal_pair = { $first } gets { $first_gets } and { $second } { $second_gets }; such a pair is usually poured one to one.

ph_above_window = The tank may end near pH { $ph }, above the window up to { $high }, where iron and phosphate fall out of reach. Enter your pH down on the shelf, with its strength.
    .title = No acid at hand

ph_below_window = The tank may end near pH { $ph }, below the window from { $low }. Read it before adding anything: feeds with organic acids come back by themselves within a day or two.
    .title = pH may end too low

pounds_and_ounces = This scale shows pounds and ounces: 6 lb 4 oz is { 6.25 } lb, not { 6.4 }. Weigh to what the ticket shows, both figures.
    .typed = “{ $text }”: with ounces beside them, pounds are whole and ounces below 16 (6 lb 4 oz is 6.25 lb).
    .title = Pounds and ounces

printed_order_changed = { $moved }: moved from the printed place, because the printed order would let products spoil each other; the reason stands at the pour.
    .title = Order changed

rounding_shows = The nearest these vessels show to { $wanted } of { $product } is { $amount }, { $error } too { $too }: a finer syringe or cylinder on the bench would do better.
    .title = The vessels cannot show it

salty_water = It { $brings }: salts that plants hardly use take the place of feed, and build up in a tank that is topped up. Blend it with RO water.
    .sodium = brings { $ppm } ppm sodium
    .chloride = brings { $ppm } ppm chloride
    .reads = reads { $reading }, far more than its lime makes
    .title = Salty water

seedlings_low_end = Seedlings take the low end of printed ranges, since young roots burn first. Above it: { $ranged }.
    .title = Seedlings take the low end

soft_water_reads_high = { $kind ->
        [ro] RO
       *[rain] Rain
    } water reads below { 0.1 } mS/cm, and this reads { $reading }. Check the membrane and the barrel, and rinse the pen: another water needs another plan.
    .title = RO or rain that reads too much

soil_chart_in_water = { -soil-chart-burns }: start at { $start }; one can always add.
    .title = A chart for soil

soil_chart_lightened = { -soil-chart-burns }: { $strength } is a careful start, so watch the leaf tips before adding.
    .title = A chart for soil

-soil-chart-burns = This chart was written for soil, which holds food back; bare roots in water get all of it at once and burn

strength_over_chart = { $strength } is more than the chart prints. Burnt plants do not come back: step up by 10 % at a time, and only while the tips stay green.
    .title = Above the chart

strong_for_system = In { $system } roots take up feed as fast as it comes, so printed charts start at 50 % there: one can always add, and burnt plants do not come back.
    .title = Strong for this system

sulfuric_heats = Sulfuric acid of this strength heats violently when diluted: add it to cold water in a thin stream, never water to acid, with goggles, gloves and running water at hand. Large amounts are work for trained people.
    .title = It heats when diluted

tank_beyond_any_feed = This tank is expected to read { $last }. No plant stands in so much: check doses, units and labels.
    .title = Too strong for any plant

tank_saturated = The finished tank is { $times } times saturated with { $mineral }: it may turn milky, and feed falls out as grit. Mix it weaker, with softer water, or bring pH down soon.
    .title = The tank may turn milky

volume_unlike_tank = { $volume } is { $which } than the { $whole } of water joined to this tank: doses for a part of the water leave the whole at another strength. Count tank, pots and pipes, and what is topped up.
    .title = Not the tank's volume

water_cold = At { $degrees } products dissolve slowly and roots hardly grow: let the water come to { $coldest } to { $warmest }, and stir longer until then.
    .title = Cold water

water_not_read = The source water has not been read. Its EC counts towards the final reading and differs by season: read it before the first bottle. Until then doses are as for neutral water.
    .title = Read the water first

water_ph_unlikely = No water with so little alkalinity holds pH { $ph }; pens show such figures in water without a buffer. Expected pH and acid are computed from an ordinary pH.
    .title = pH and alkalinity do not go together

water_reads_high = It reads { $reading }, and no report tells whether lime or other salts make it. Have calcium, magnesium and alkalinity analysed: they change doses and acid.
    .title = What makes the water read so much?

water_takes_half = Of a target of { $middle } the water alone takes { $source }, salts the plants have little use for. With { $share } RO in the tank it takes a third.
    .title = Half the target is water

water_too_salty = The water alone reads { $reading }, more than any feed should. No feed on top of it is safe. Use RO or rain, or blend until it reads below 1 mS/cm.
    .title = Water too salty for any feed

water_too_strong = The water at { $source } leaves no room under a total of { $total }, so no base is poured. Check the target.
    .ro = The water at { $source } leaves no room under a total of { $total }, so no base is poured. With { $ro } RO water in the tank the water takes a third of the target and two thirds are left for feed.
    .title = No room for feed

water_unlike_report = The water reads { $reading }, but what its lab report lists conducts about { $by_report }. It may have changed with the season: have it analysed again before trusting calcium and alkalinity.
    .title = The water has changed

water_warm = At { $degrees } water holds less oxygen and root rot comes easily: cool it to { $coldest } to { $warmest } before plants get it, and aerate.
    .title = Warm water
