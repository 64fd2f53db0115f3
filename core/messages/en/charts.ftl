# What a second look at a chart finds.

dose_implausible = { $product }: { $why }. Compare the figure and its unit with the leaflet.

part_missing = { $product } is blank in { $column }, where { $other } has a dose: a part left out leaves its elements out. Compare the leaflet.

pair_unequal_as_typed = { $first } and { $second } have different doses in { $column }; two parts are usually printed equal. Compare the leaflet.

dose_jumps =
    .up = { $product } rises { $times } times from { $before } to { $column }: { -a-slip }
    .down = { $product } falls { $times } times from { $before } to { $column }: { -a-slip }

-a-slip = a digit or a decimal point may have slipped.

ec_falls_while_doses_rise = From { $before } to { $column } the printed EC falls while the base doses rise: one of the two was read from another line.

no_days = No column has { -a-length }
    .column = { $column } lacks { -a-length }

-a-length = a length in days: without it no season can be laid out.

litre_or_gallon = In { $column } doses and printed EC differ { $times } times from the other columns: { -gallon-for-litre }
    .labels = By their labels the doses in { $column } come to { $times } times the printed EC: { -gallon-for-litre }

-gallon-for-litre = a dose per gallon may stand as one per litre, or the other way round.

us_or_uk_gallon = By their labels all columns come to { $times } times the printed EC: that is a US gallon taken for a UK one, or the other way round.
