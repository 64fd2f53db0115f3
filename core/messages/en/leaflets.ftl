ask_rows = Nothing says what these rows are: { $names }{ $more ->
        [0] .
       *[other] {" "}and { $more } more.
    } Say of each whether it is a bottle.

ask_doses = { $doses }{ $more ->
        [0] .
       *[other] ; and { $more } rows more.
    } Is that what the leaflet prints? Look at the figure and its unit.

ask_strength = { $printed }: are the doses printed for that strength already, or is each still to be multiplied by it?

ask_tables = Here are { $count } tables: { $tables }. Each is a chart of its own: which one?
    .named = { $number } { $names } ({ $rows } by { $columns })
    .nameless = { $number } ({ $rows } by { $columns })

ask_hidden = The file hides rows or columns in which something stands ({ $texts }): are they a part of the chart?

ask_column =
    .unnamed = There are figures in this column, and nothing stands above it: write its week or stage.
    .twice = “{ $label }” stands over two columns: say which is which, or delete one.
    .unclear = “{ $text }” is neither a week nor a stage, and there are figures below it: write its week or stage, or delete the column.
    .none = No row and no column reads as weeks or stages. Write headings such as “Week 1” or “Bloom” over the columns.
    .blank = There are figures in this column, and nothing stands above it: write its week or stage, or delete the column.

ask_row =
    .nameless = This row has figures and no name: write the bottle's name, or delete the row.
    .ticked = { $name }: the row has marks and no figures. Write how much it is, or delete the row.
    .double = { $name }: two bottles in one row. They never meet undiluted: write a row for each.
    .none = No row below the headings reads as a bottle with its doses.

ask_cell =
    .footnote = the note at the foot says “{ $text }”. Write the dose with its unit.
    .two_units = the note at the foot names another unit. Write the dose with the one that is right.
    .fit = the others of this row are dosed { $others ->
        [by_weight] by weight.
       *[by_volume] by volume.
    } Which is right?

ask_gallon = Doses are per gallon, and the leaflet does not say which: a US gallon is 3.785 L, a UK gallon 4.546 L.

ask_unit =
    .per = The doses are in { $measure }, and the leaflet does not say per how much water. Choose it.
    .measure = The doses are millilitres or grams: choose which.
    .none = The doses have no unit. Choose it.

rows = { $names }

cell_of = { $row }, “{ $text }”

noted = { $text }: { $meaning }

ask_reading =
    .too_strong = no water is so strong; look at its unit.
    .ph = a pH lies between 0 and 14.
    .misread = “{ $text }” is no reading: { $why }

ask_reading_unit = { $row }: { $text } would be too strong for any feed in mS/cm. Is the row in CF or in µS/cm?

ask_scale = { $row }: on which scale? The same water reads 500, 640 or 700 ppm for each mS/cm, and the leaflet does not say. Its EC is left out until then.

cell_meaning =
    .hidden = hidden in the file
    .another_table = in another table
    .another_ph = another pH stands above
    .which_week = in which week?
    .which_column = which column is this?
    .whose_dose = whose dose is it?
    .how_much = how much?
    .of_each = of each?
    .fit = the others are dosed { $others ->
        [by_weight] by weight
       *[by_volume] by volume
    }
    .which_gallon = of which gallon?
    .which_unit = in which unit?
    .which_scale = on which ppm scale?

guess =
    .readings = the leaflet does not say whether its EC is with the water's own
    .medium = the leaflet does not say what it is for
    .first_dose = its first dose is in that, and the others say nothing
    .until_ec = it is poured until the EC is reached
    .alike = { $score } of 100 alike with a bottle on the shelf
    .parts = parts of one base belong together
    .rank = as its name or its row says
    .name = its name says so
    .by_weight = it is dosed by weight
    .by_volume = it is dosed by volume
    .most = most bottles are
    .part = “{ $part }” names a part of a base
    .word = “{ $word }”
    .heading = the heading says “{ $word }”
    .no_word = no word of its name tells
    .beside = its other part stands beside it
    .mostly = no name says base, and it is dosed in most of the columns

row_is =
    .unsaid = nothing says what it is
    .holds = what water or feed holds
    .time = a time
    .light = light
    .temperature_or_of_the_air = a temperature, or of the air
    .reading_that_nobody_aims_at = a reading that nobody aims at
    .reading_of_ph = a reading of pH
    .ppm_of_something = ppm of something
    .reading_of_ec = a reading of EC
    .of_the_tank_its_water_or_the_watering = of the tank, its water or the watering
    .of_the_plants = of the plants
    .count_a_share_or_a_price = a count, a share or a price
    .remark = a remark
    .temperature = a temperature
    .share = a share
    .volume = a volume
    .length = a length
    .days_or_how_often = days, or how often
