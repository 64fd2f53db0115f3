-scale-choices = ppm 500, ppm 640 or ppm 700

above_the_rim = { $part } is { $height } cm high; the water stands at most there.

acid_strength_unclear =
    .twice = Give the acid's strength once: as % by weight, or as mol/L.
    .percent = An acid is above 0 and at most 100 %.
    .molar = Acids are sold up to some 24 mol/L; check the unit.

ambiguous_gallon = A US gallon is 3.785 L and a UK gallon 4.546 L: write gal US or gal UK.

ambiguous_number =
    .beside_commas = { $found } stands beside decimal commas: write { $whole } or { $decimal }.
    .thousands = { $text } could be { $many } or { $few }: write { $many } or { $few }.
    .typed = { $text } could be { $thousands } or { $decimals }: write { $thousands } or { $decimals }.
    .mark = { $found } could be { $many } or { $few }: write { $many } or { $few }.

ambiguous_reading = Two numbers: write { $ways }, the scale after ppm.

ambiguous_strength = { $text } could be { $text } % or { $percent } %: write the % sign.

amount_odd = That is far more than this tank takes: check the figure and its unit. If it is right, send it again.

amount_out_of_range = Type how much went in, more than 0.

analysis_does_not_add_up =
    .nitrogen = Nitrate, ammonium and urea nitrogen come to more than the label's total N.
    .whole = The analysis comes to more than 100 %.

analysis_names_twice =
    .salt = A plain salt is known by its name: leave the analysis empty.
    .element = The label gives { $pure } and { $oxide }, which are one thing: enter one of them.

another_standard = That is so far from this standard that it was another one, or another unit. Rinse the pen, take fresh solution, and read again.

apart_from_itself = { $product } cannot keep a distance from itself; say how often it is given.

apart_unclear = Name either a product or a role.

before_start =
    .end = A season ends on a day after its start.
    .join = That season began on { $started_on }; join it then or later.
    .tank = A tank joins a season on its start or later.
    .harvest = The harvest is before the start.
    .happened = This happened before the season started.

blend_unclear =
    .both = Give one water, or the parts of a blend, not both.
    .parts = A blend has 1 to { $most_waters } waters.
    .shares = The shares of a blend are above 0 and come to 100 %.
    .kept = The blend { $blend } does not add up.
    .rest = Nothing is left for { $water }: the others come to 100 %.
    .twice = This blend names one water twice.

bucket_unclear = A bucket is larger than 0 and smaller than the tank.

cannot_read = { $name }: { $reason }.
    .unsaid = { $name }: it cannot be read.

cell_is_a_date = The spreadsheet made a date of this cell ({ $plain }); the leaflet may say { $day }-{ $month } or { $month }-{ $day }. Type what it says.

changed_meanwhile =
    .correction = Somebody corrected this mix meanwhile: look at it again, and correct what is still wrong.
    .field = { $thing } was changed by somebody else meanwhile: { $change }. Open it again, and enter what is right.
    .version = Somebody saved version { $number } of { $chart } after you opened this sheet: compare it with yours, then save yours.
    .told = { $author } entered a decision for { $on } meanwhile: { $decision }. Look at the course again, and enter yours if it is still right.
    .season = This season was changed by somebody else meanwhile. Open it again, and enter what is right.
    .product = { $product } was changed by somebody else since this sheet was opened: open it again to see both.
    .left = { $product }: { $now ->
        [unknown] nobody knows what is
       *[other] { $now } are
    } left now, a mix or somebody else changed it since this sheet was opened; you typed { $typed }. Open it again, and enter what is right.
    .drawn = { $left } are in it now: a mix or somebody else changed it since this was opened. You typed { $typed }; open it again, and say what is right.
    .ended = Somebody else ended this season on { $on } meanwhile. Open it again, and enter what is right.
    .reopened = Somebody else reopened this season meanwhile. Open it again, and enter what is right.

cone_too_high = The cone cannot be higher than the tank, nor its hole wider.

contradicts_itself =
    .bottles = The bottles of { $product } hold something else.
    .changes = A change must give its text before and after.
    .grow = These do not fit: { $said }
    .file = The archive holds records that contradict each other.
    .count = There are not as many as the archive says.

correction_incomplete =
    .figure = A correction needs the figure, or for a person the name.
    .nothing = Nothing differs from the record: change a figure or a name first.
    .of = A correction names the product, the reading or the person; the volume needs no name.
    .why = Type why it is corrected: whoever reads the record later wants to know.

cup_unclear =
    .product = A marked cup has one mark, for one product: say which, and what it holds to it.
    .unmarked = Only a marked cup is kept for one product.
    .powder = A powder is weighed, not poured from a cup.

date_to_come = A lab report cannot be from a day in the future.

day_beyond_reason =
    .years = Give days between the years { $first } and { $last }.
    .before = Give a day before { $year }.
    .opened = Give a day between the years { $first } and { $last }.
    .season = Give a day of this season, at most a year ahead.

day_unclear = Give a day such as 2027-03-01.

days_out_of_range =
    .column = Column { $column }: a column lasts 1 to 366 days.
    .whole = A column lasts 1 to 366 whole days.
    .keeps_days = A bottle is good for 1 to { $most_shelf_life_days } days once it is opened.

days_unclear = A column is held for 1 day or more.

demo =
    .grow = The demo's yard stays: others look around in it.
    .password = The demo’s password is public and stays as it is.
    .people = The demo’s people stay as they are.

density_cannot_hold_it = The analysis comes to { $whole } g in 100 mL, which weigh { $known ->
        [exactly] { $heaviest }
       *[at_most] at most { $heaviest }
    } g: check its unit and the density.

density_out_of_range = A density is between 0.5 and 2.5 g/mL: weigh 100 mL and divide the g by 100.

done_by_doing = This is ticked when you mix or read.

dose_incomplete = a dose has a value and its unit, or a rule until which EC to pour.

empty = Type { $what }.

event_incomplete =
    .figure = That event needs its figure.
    .step = An event is about a step, or about another event.

factor_out_of_range = A factor is at most 1000.

figure_out_of_range = That figure is not possible: check it and its unit.

file_broken =
    .plain = The spreadsheet is broken.
    .save_anew = The spreadsheet is broken: open it, save it anew, and try again.
    .twice = The spreadsheet has one part twice.

file_has_macros =
    .named = The file holds macros: save it without them, as plain XLSX or ODS.
    .perhaps = The file may hold macros: save it as plain XLSX without them.

file_links_outside = The file has links to other files: copy the sheet as values into a new file.

file_locked_or_old =
    .locked = The file is locked: take its password off first.
    .old = This is an old or a locked spreadsheet: take its password off, and save it as XLSX.

file_unsafe =
    .archive = Reading this archive would take far more memory or time than any grow: export it again.
    .declarations = The file has declarations that no spreadsheet needs.
    .parts = The file has more parts than any spreadsheet has.
    .unpacks = The file unpacks to far more than a leaflet: it is not opened.
    .takes_too_much = Reading this file would take far more memory or time than any leaflet: keep the table alone in a new file.

form_unknown = This line comes as { $forms }.
    .element = This line comes as its own element alone.

fraction_unclear = { $over }/{ $under } could be a fraction, or { $over } to { $under }: write { $over }-{ $under }, or the decimal.

gallon_unsaid = Which gallon? Write gal US or gal UK.

goes_with_it = { $other } went through a season together with { $tank }, which keeps its plan: the record of both would be lost.

hours_out_of_range = Water that stood that long must be changed first.

in_use =
    .tank = { $tank } is in use: archive it first.
    .chart = { $chart } is in use: archive it first.

joined_already = This tank is in that season already.

kept_by_records = { $keepers } use { $chart }, and their record keeps it: it stays archived.
    .mixes = { $count } { $count ->
        [one] mix
       *[other] mixes
    }
    .seasons = { $count } { $count ->
        [one] season
       *[other] seasons
    }

key_repeats =
    .keys = The key “{ $key }” stands twice among the { $what } (also at { $what }[{ $seen }]); keys are unique.
    .field = The field “{ $name }” stands twice in one object.
    .overrides = There are two overrides for “{ $product }”.

label_by_volume = A powder has no litres: its label is in percent.

last_owner = A grow always has an owner: make somebody else its owner first.

left_out_of_range = A bottle cannot hold less than 0.
    .shelf = That is more than a shelf holds.

length_out_of_range = Give a length in cm, above 0 and at most { $longest_cm }.

lifted_too_far = No amount of this lifts a reading so far: look whether it was that bottle, and the pen.

lifted_too_little = It must lift the reading by { $least_lift } mS/cm or more to tell a volume. Stir and read again, or pour more.

made_of_itself = It is not made of itself: say what goes into it.

made_up_is_liquid = What is made up is a liquid: choose the product it becomes.

member_already = You are a member of this grow already.

missing =
    .figure = This needs its { $name }.
    .part = Measure its { $name }.
    .visible = A name needs at least one visible character.
    .stored = This cannot be empty.
    .ec = Type what the pen shows, or what went in.
    .reason = Say why it is left out; the record keeps it.
    .amount = Say how much went in, in mL or g.
    .portion = Say how much of it goes in.
    .size = Say what a full bottle holds.
    .left = Say what is in it; 0 for an empty one.
    .field = The field { $name } is missing.

mix_is_over = This mix is over and its record is kept; start a new one.

mix_under_way =
    .tank = A mix is under way in this tank: go on with it, or give it up.
    .edit = A mix is under way in { $tank }, and stands on what you would change. End it or give it up first.
    .archive = A mix is under way in { $tank }. End it or give it up first.
    .first_fill = A mix is under way in { $tank }: finish it or give it up first.

name_missing = Give the chart a name.
    .bottle = This bottle has no name.

name_taken =
    .username = That name is taken: choose another.
    .thing = There is a { $kind } called { $name } already: give another name.
    .chart = There is a chart called { $name } already.
    .product = { $name } is on the shelf already: give another name.
    .tank = There is a tank called { $name } already: give another name.

negative =
    .plain = { $text } is below zero; it must be 0 or more.
    .typed = { $text } is below zero; type { $what }.

never_hot =
    .adjuster = Acids and alkalis are never made up with hot water: they boil over. Buy them as they are poured.
    .product = Hot water spoils { $product }: make it up as its label says, cold.

no_archive =
    .no_zip = This is no zip that can be read.
    .holds = This is no archive of a grow. It holds “{ $name }”.
    .lacks = This is no archive of a grow. It holds no { $name }.

no_brew = No brew is planned for this day.

no_film = A film flows in a channel or a pipe; give a level instead.

no_grade = Type the three figures as they stand on the label, such as 4-2-6.

no_label = The label of { $product } is not entered. Enter it on the shelf, or say by how much one in a litre lifts the reading.

no_pen = No pen is connected: type what yours shows.

no_picture =
    .not_kept = This is no picture that was kept with a leaflet.
    .unreadable = This is no picture that can be read: JPEG, PNG or WebP.

no_record = This mix is not over, or was given up.

no_standard =
    .ph = Calibrate in pH { $buffers }.
    .ec = Calibrate in { $standards } mS/cm.

no_such_case = Hardly any drawn case is like that.

no_table =
    .no_rows = There is no table here: a leaflet has bottles down, and weeks across.
    .empty_file = The file is empty.
    .empty_sheet = The sheet is empty.

no_table_file =
    .other_kind = This file is { $kind ->
        [pdf] a PDF; copy its table and paste it, or photograph it.
        [picture] a picture; lay it beside the sheet and type what it says.
        [riff] a picture or a sound.
        [packed] packed; unpack it first.
       *[program] a program.
    }
    .packed = This is a packed file, and no spreadsheet.
    .no_sheet = This file has no sheet with a table.

no_time = Give both times, above 0.

no_version =
    .leaflet = This chart has no saved version yet.
    .copy = This chart has nothing to copy yet.

no_way_between = { $name } is poured until a reading in one of these columns and by dose in the other: there is nothing half way; choose one of the columns.

not_a_choice =
    .gallon = A gallon is us or uk.
    .ppm_scale = A ppm scale is 500, 640 or 700.
    .reading_unit = A row of EC is in { $units }.
    .unit = A unit of doses is one of { $choices }.
    .table = There are { $found } tables here.
    .number = A table is chosen by its number, such as 2.
    .tables = There are { $tables } tables here.
    .kind = That follows from the tank's own time line.
    .vessel = There is no such vessel.
    .field = { $name } must be one of: { $choices }.

not_a_hard_form = A hard-water form stands for another product of the same kind, not for itself or for another such form.

not_a_number =
    .digits = A number has at most 12 digits on either side of its point.
    .signed = That must be a number.
    .value = “{ $value }” is not a number.
    .constant = { $name } is not a number that can be measured.
    .text = Expected a number such as 2.5, as a string.
    .plain = “{ $shown }” is not a plain decimal number; write digits with a point, such as 2.5.
    .point = { $text } is not a number; use one decimal point.
    .start = “{ $text }” does not start with a number; type { $what }.
    .by_zero = { $text } divides by zero.

not_a_wish = Wishes are written key=value, as in chart=rule.

not_enough = Of { $source } { $left } are left: make up a smaller bottle, or correct what is left.

not_far = Another reading has come meanwhile: look again.

not_in_grow = Nobody of that name works in this grow.

not_in_record = The record of this mix has no such line.

not_json =
    .request = The request is not JSON.
    .not_utf8 = The input is not UTF-8 text.
    .syntax = The input is not JSON: { $msg }.
    .nesting = The input holds numbers or nesting beyond reason.

not_measured = { $meter } does not measure that.

not_text = The file is neither a spreadsheet (XLSX, ODS) nor text such as CSV.

not_together = This season has no other tank.

not_watched = Fill it with plain water first.

not_yet = This is planned for { $on }: it cannot be done yet.

nothing_stands = At least one vessel must hold water while the pump is off: that is where you mix.

nothing_to_pour =
    .drawn = This drawn mix pours nothing.
    .mix = This mix pours nothing.

order_contradiction = No mixing order can keep these rules together: { $rules }. Check the labels, and change what is entered.
    .label = the label of { $later } puts it after { $earlier }
    .rule = { $earlier } before { $later } ({ $code }: { $reason })

order_incomplete = Name each tank in use once.

other_name = Type { $name } to remove it for good.

out_of_range =
    .fault = Give at most { $largest_fault } above or below.
    .carbonate = It is at most 1.
    .vessel = That is more than any vessel holds.

out_of_reach = A blend of these two has { $figure ->
        [ec] EC
        [calcium] calcium
       *[alkalinity] alkalinity
    } between theirs: choose a figure between, or another water.

ph_out_of_range =
    .high = A pH lies between 0 and 14.
    .ph = pH lies between 0 and 14; check the pen.

ppm_without_scale =
    .pen = A ppm reading means different strengths on different pens; say which scale: { -scale-choices }.
    .typed = { $text } means different strengths on different pens; say which scale: { -scale-choices }.

purity_out_of_range = A purity is above 0 and at most 100 %.

ran_backwards = The end must be above the start: check both.

range_not_allowed = “{ $text }” is a range; type { $what } as one number.

range_out_of_range = That is more than sea water holds; give ppm.

range_upside_down =
    .ph = The low end of the pH window is above its high end.
    .dose = the low end of the range is above its high end.
    .reading = The low end of the range is above its high end.
    .typed = The range “{ $text }” runs downwards; write the low end first.

reading_odd = No plant feed reads that: check the unit and the pen. If it is right, send it again.

reading_out_of_range =
    .ec = No feed reads { $text } { $scale }.
    .value = That water would be saltier than the sea; check the unit: 1 mS/cm is 1000 µS/cm.
    .figures_ec = Saltier than the sea: check the unit.

recovery_out_of_range = A membrane lets 2 to 99 % through; most of them a quarter to a half.

report_out_of_range = That is more than sea water holds; check the unit: mg/L is ppm.

report_unclear = Type a figure, perhaps with its unit: mg/L, mmol/L, meq/L; hardness and alkalinity in °dH, °fH or gpg too; or mg/L as SO4, NO3 or HCO3.

rule_unclear =
    .rule = That rule is not understood: write it as “until EC +1.0”.
    .above = Is { $found } above the water, or what the pen shows in all? Write it as “until EC +{ $found }” if it is above the water.

scale_without_ppm = A reading in { $unit } has no ppm scale.

season_ended = That season has ended; choose one that runs.

season_overlaps =
    .begin = A season has run here since { $filled_on }; begin this one later, or end that one first.
    .another = Another season runs in this tank.

season_told = Decisions were entered for this season, or another tank goes with it: end it instead.

share_out_of_range =
    .share = The share between two columns is 0 to 100 %.
    .water = A share of a blend is above 0 and below 100 %.
    .parts = Shares of a blend are above 0 and leave some of the first.

size_out_of_range =
    .size = Make it up in bottles of at most 5 L: more hot water is not shaken safely.
    .bottle = A bottle holds more than nothing.
    .shelf = That is more than a shelf holds.

stage_unclear = Name a stage: { $stages }.

standard_twice = Name each standard once, one at least.

stops_open = A stop of this mix was not acknowledged yet: read it in the margin first.

strength_out_of_range =
    .strength = More than { $highest_strength } times the printed dose is a slip; 0.8 is 80 %.
    .meq = Give more than 0 and at most { $strongest_alkali_meq } meq.
    .product = A product's strength must be 0 to { $highest_strength } %.
    .whole = The strength must be above 0 and at most { $highest_strength } %.

table_too_large =
    .table = The table has { $rows } rows and { $columns } columns; at most { $most_rows } and { $most_columns } are read. Keep the leaflet's table alone.
    .sheet = The sheet reaches to row { $rows } and column { $columns }; at most { $most_table_rows } and { $most_table_columns } are read. Keep the leaflet's table alone.
    .text = The table has { $rows } rows; at most { $most_rows } and { $most_columns } are read. Keep the leaflet's table alone.

tank_archived = This tank is archived: restore it first.

tank_beyond_model = This tank is too concentrated: its EC cannot be predicted.

task_settled = This is done already, or not planned any more. Look again.

temperature_out_of_range =
    .calibration = Calibrate between 0 and 40 °C (32 and 104 °F); check the unit.
    .water = Water is between { $low } and { $high }; check the unit.

time_not_over = Its time is not over: { $due } s are left. Wait, or leave it out on purpose.

time_unclear = Give a time of day such as 09:00.

too_large =
    .request = That is over 2 MB: is it the right file?
    .input = The input is over { $largest } MB.
    .table_file = The file is over { $largest_bytes } MB.
    .grow = The archive holds more than a grow can.
    .head = The head of this archive is too long.
    .record = A record of this archive is too long.
    .pictures = The grow's pictures come to { $largest_pictures_bytes } MB: remove charts that you no longer need for good, and their pictures go with them.
    .picture = The picture is over 10 MB.
    .pixels = The picture has too many pixels.
    .archive = The archive is over { $megabytes } MB: ./brisk import brings it in on the machine itself.

too_long =
    .days = At most { $most_days } days are planned at once; give a sooner day.
    .dose = That is a sentence, and no dose: write the dose alone.
    .reading = That is a sentence, and no reading.
    .typed = That is too long for { $what }.

too_many_or_few =
    .products = A chart has 1 to { $most_products } products.
    .columns = A chart has 1 to { $most_columns } columns.
    .table = That table has { $bottles } bottles and { $heads } columns; a chart has at most { $most_products } and { $most_columns }.
    .bench = A bench has at most { $most_vessels } vessels.
    .parts = A tank has 1 to { $most_parts } vessels.
    .joined = There are 1 to { $most_joined } of a vessel.
    .grows = One person owns at most { $most_grows } grows.
    .people = A grow has at most { $most_people } people.
    .events = That is more steps than a mix can have.
    .leaflet = A chart has at least one bottle and one column.
    .season = A season keeps at most { $most_happened } decisions.
    .shelf = A shelf has at most { $most_products } products.
    .meters = A grow has at most { $most_meters } meters.
    .bottles = Of one product at most { $most_bottles } bottles stand here.
    .letters = This shelf has no letters left for another label.
    .tanks = A grow has at most { $most_tanks } tanks.
    .blends = At most { $most_blends } blends are kept.
    .tanks_in_use = A grow has at most { $most_tanks } tanks in use.

too_soon = A slow drip does not show yet: look again after the hour.

too_steep = A channel cannot fall by more than its own length.

two_doses_in_a_cell = there are two doses for one cell (the other is doses[{ $seen }]).

unit_does_not_fit =
    .chart = { $unit } does not fit; { $row } is { $form ->
        [dry] dry, so its dose is by weight.
       *[liquid] liquid, not by weight.
    }
    .cell = { $product } is { $form ->
        [dry] dry, and dosed by weight
       *[liquid] liquid, and dosed by volume
    }: change unit or form.

unit_unknown =
    .degrees = Only hardness and alkalinity come in degrees.
    .figure = “{ $unit }” is no unit of this figure.

unit_unsaid = In which unit? Choose one for the bottle, or write it.

unknown_acid = The shelf has no such acid.

unknown_column =
    .listed = The chart has no column “{ $key }”; it has { $keys }.
    .dose = A dose of { $product } names the column “{ $column }”, which the chart does not list.
    .named = The chart has no column “{ $column }”.
    .chosen = The chart has no such column.

unknown_length = A vessel of this shape has no “{ $name }”; it has { $needed }.

unknown_number = There is no such one in { $listed }.

unknown_product =
    .dose = A dose names the product “{ $product }”, which the chart does not list.
    .after = { $product } is to go in after “{ $other }”, which is not another product of this chart.
    .override = The chart has no product “{ $product }”.
    .named = The chart has no product “{ $key }”.

unknown_sheet =
    .text = A text file has no sheets.
    .chosen = The file has no sheet “{ $sheet }”; it has { $names }.
    .no_table = { $name } is no sheet with a table.

unknown_step = This mix has no such step.

unknown_time_zone =
    .time_zone = There is no time zone “{ $time_zone }”; give one such as Europe/Paris.
    .grow = There is no such zone.

unknown_unit =
    .temperature = “{ $text }”: give °C or °F.
    .dose = “{ $text }” has no dose unit that charts use; write one of { $units }.
    .reading = “{ $text }”: give the unit: EC, mS/cm, uS/cm, CF, { -scale-choices }.
    .weight = “{ $text }”: give a unit: g, kg, oz, lb or lb and oz.
    .volume = “{ $text }”: give a unit: mL, L, gal US or gal UK.
    .strength = “{ $text }”: a strength is in per cent, as 80 %.
    .bare_reading = { $text } of what? Write { $text } EC, CF, uS or { -scale-choices }.
    .ppm_scale = ppm { $named } is no scale: { -scale-choices }.

unknown_value = “{ $value }” is no { $field }.

until_before_start = The last day is before the start; give a later one.

vessel_unclear =
    .mark = A vessel's marks are above 0 and not above what it holds.
    .most_marks = A vessel has at most { $most } marks; check them.

volume_odd = That differs more than tenfold from this tank's volume: check the unit. If it is right, send it again.

volume_out_of_range =
    .plain = The volume must be above 0 and at most 1 000 000 L.
    .standing = What stands in the tank is at most all of it.
    .tank = That comes to no volume of a tank; it must be above 0 and at most { $largest_volume_l } L.
    .parts = All of it must hold more than 0 and at most { $largest_volume_l } L.

volume_unclear =
    .added = “{ $text }” is water added to what is in the tank: type { $added } to dose only that, or the whole volume to dose all of it.
    .bare = “{ $text }” may be a share or a volume: type “{ $text } of the tank” or “{ $text } { $unit }”.
    .beyond = “{ $text }” is not a part of this tank: type its litres or gallons.
    .joined = Several vessels are joined in this tank, so one mark does not tell its volume: type litres or gallons.
    .no_shape = “{ $text }” says no volume while the tank's shape is not known: draw it under Tank, or type litres or gallons.
    .no_tank = “{ $text }” is a share of a tank whose volume is not known yet: type litres or gallons.
    .small = “{ $text }” is less than 1 { $unit }: type “{ $text } { $unit }” if that is right.

water_impossible = No water has alkalinity at such a pH: it is used up above pH 4.3. Read the pH again, or look at the report's unit.

water_unknown = The { $figure ->
        [ec] EC
        [calcium] calcium
       *[alkalinity] alkalinity
    } of that water is not known: read it, or enter its lab report.

which_bottle = { $product } stands here in { $bottles } bottles: say what is in which.

words_unclear =
    .dose = It is a limit and a range in one: write one of them.
    .dose_unit = “{ $rest }” is no unit of a dose: write the dose alone, or a note.
    .reading_unit = “{ $rest }” is no unit of a reading.
    .surplus = “{ $rest }” does not belong here: type { $what }.

wrong_fields =
    .lacking = The field “{ $name }” is missing.
    .missing = The field “{ $name }” is missing.
    .unknown = The field “{ $name }” is not known.

wrong_format = This is no { $format }.
    .version = This is a { $format } of another version than 1 to { $last }.

wrong_password = That is not your password.
    .name = That name and password do not go together.

wrong_type =
    .value = This is no value of { $field }.
    .object = This is no object.
    .count = This is no number of records.
    .list = This is no list.
    .field = { $name } must be an object.
    .other = { $name }: { $said }.

wrong_value =
    .told = This is no { $name } of a record: { $said }
    .line = A text is one line of plain characters.
    .characters = A text holds a character that no text has.
    .value = This is no value of { $field }: { $said }
    .number = This is no number.
    .time = A time needs its distance from UTC.
    .year = A grow has no data from that year.
    .author = “{ $value }” is no name of a person.

unknown_field = There is no field { $name }; check its spelling.

password_weak = { $reasons }

account_unclear = { $reasons }

price_out_of_range =
    .shelf = That is more than a shelf holds.
