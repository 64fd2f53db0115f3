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
