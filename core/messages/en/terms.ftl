# Things that sentences of several files name.

product = { $name }

cell = Row { $row }, column { $column }

amount = { $amount } { $unit }

element =
    .Ca = calcium
    .Mg = magnesium

mineral =
    .gypsum = gypsum
    .calcium_phosphate = calcium phosphate
    .calcite = lime

medium =
    .water = water culture
    .coir = coir
    .soil = soil

system =
    .film = nutrient film
    .deep_water = deep water
    .recirculating_deep_water = recirculating deep water
    .aeroponic = aeroponics
    .ebb_and_flow = ebb and flow
    .drip = drip
    .hand = watering by hand

implausible_dose =
    .ceiling = { $amount } per litre, and no { $form ->
        [dry] dry feed
       *[liquid] liquid
    } is dosed above { $ceiling }
    .base = { $amount } per litre, { $times } times { $other }
    .spike = { $amount } per litre; the columns beside it have { $before } and { $after }

order_rule =
    .silica_before_concentrate = silica goes in before any mineral, additive or acid, or it gels
    .ph_after_feed = pH is adjusted last, in the diluted feed: nutrients move it, neat acid spoils them

none = none

typed =
    .volume = a volume such as 425 L or 20 gal US
    .dose = a dose such as 1.5 mL/L or 2-3 tsp/gal US
    .bare_dose = a dose such as 4 or 2-3
    .cell_dose = a dose such as 4, 1/2, 2-3 or 4 mL/L
    .reading = a reading such as 0.6 EC or 350 ppm 500
    .cell_reading = a reading such as 1.4 or 1.2-1.6
    .weight = a weight such as 200 g or 7 lb 14 oz
    .strength = a strength such as 80 %
    .temperature = a temperature such as 20
    .days = days, such as 7
    .ph = a pH such as 5.8 or 5.6-6.2

changed_field = { $field } is { $now } now, you said { $wanted }
    .choice = another { $field } was chosen
    .unknown = not known

somebody = Somebody

# What differs between two versions of a chart.

difference =
    .name = name: { $before } → { $after }
    .medium = written for: { $before } → { $after }
    .readings = EC: { $before } → { $after }
    .rows_are_order = its rows are the mixing order
    .rows_are_no_order = its rows are not the mixing order
    .deleted = { $name } deleted
    .added = { $name } added
    .changed = { $name }: { $changes }
    .field = { $field } { $before } → { $after }
    .after = what goes in before it
    .dose = { $column }, { $product } { $before } → { $after }
    .dose_in = { $column }, { $product } { $before } → { $after } { $unit }
    .ec = { $span } mS/cm
    .none = none
    .yes = yes
    .no = no
    .called = called
    .days = days
    .stage = stage
    .column_ec = EC
    .column_ph = pH

course_bound =
    .change_out = its change-outs
    .most_additions_a_day = what one day may take
    .stages = the stages that it is for
    .first_day = its first and last day

as_much = 1 mL does what { $times } mL of { $other } do

to_do =
    .calibrate = Calibrate { $meter }
    .mix = Mix, { $column }
    .change_out = Change out, { $column }
    .flush = Flush, { $column }
    .read = Read, { $column }
    .add = Add { $products }
    .inoculate = Inoculate { $products }
    .chlorine_gasses_off = Draw water and let it stand
    .chloramine_stays = Filter the water or neutralise its chloramine
    .plain_water_run = Drain and run plain water
    .stock_made_up = Make up stock
    .molasses = Start the brew: molasses
    .inoculant = Go on with the brew: inoculant
