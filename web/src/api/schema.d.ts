// Written by ./brisk types.
import type { ChartId, VersionId } from "./ids";
export interface paths {
    "/api/archives": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Import Grow
         * @description Make the grow that an archive holds; who brings it in is its owner.
         */
        post: operations["import_grow"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Overview
         * @description What holds for a whole grow.
         */
        get: operations["overview"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/archive": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Export Grow
         * @description All of a grow in one zip: JSON with its schema, tables, pictures; sent as it is written.
         */
        get: operations["export_grow"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/archived-tanks": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Archived Tanks
         * @description Tanks that were put away, the last of them first.
         */
        get: operations["archived_tanks"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/blends": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Keep Blend
         * @description Keep a blend by a name; the answer is all that are kept.
         */
        post: operations["keep_blend"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/blends/{blend_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Drop Blend
         * @description Keep a blend no longer; its waters stay, and so does every mix that took it.
         */
        delete: operations["drop_blend"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/calendar": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Make Calendar Address
         * @description A new secret address for this person's tasks; the one before ends.
         */
        post: operations["make_calendar_address"];
        /**
         * Revoke Calendar Address
         * @description End the secret address of this person's calendar.
         */
        delete: operations["revoke_calendar_address"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/calendar.ics": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Calendar File
         * @description The tasks of a grow as a file.
         */
        get: operations["calendar_file"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/changes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Changes
         * @description Who changed what; of one tank, water or product where it is named.
         */
        get: operations["changes"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/chart-versions/{version_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Chart Version
         * @description One version of a chart, with its columns and bottles.
         */
        get: operations["chart_version"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/chart-versions/{version_id}/compared": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Compare Versions
         * @description What differs in a version from another one, of whichever chart of the grow.
         */
        get: operations["compare_versions"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/chart-versions/{version_id}/file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Chart File
         * @description A version as a file: our JSON, or a table that people can read and that comes back whole.
         */
        get: operations["chart_file"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/chart-versions/{version_id}/waters": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Waters In Chart
         * @description What every water does to a column of a chart at a strength.
         */
        get: operations["waters_in_chart"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/charts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Charts
         * @description Charts of a grow that are not put away, each in its newest version.
         */
        get: operations["charts"];
        put?: never;
        /**
         * Add Chart
         * @description Keep a chart in the open format; under a known name it becomes that chart's next version.
         */
        post: operations["add_chart"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/charts-in-use": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Charts In Use
         * @description The charts that tanks are fed by, whole; where no tank has one, the first of the grow.
         */
        get: operations["charts_in_use"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/charts/{chart_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        /**
         * Edit Chart
         * @description Rename a chart, put it away, or bring it back; its versions stay as they are.
         */
        patch: operations["edit_chart"];
        trace?: never;
    };
    "/api/grows/{grow_id}/charts/{chart_id}/copy": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Copy Chart
         * @description A copy of a chart's newest version, as a chart of its own; answers with its number.
         */
        post: operations["copy_chart"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/charts/{chart_id}/for-good": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Delete Chart
         * @description Remove a chart that was put away and that nothing was poured by, for good.
         */
        delete: operations["delete_chart"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/charts/{chart_id}/leaflet": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Leaflet
         * @description A chart as a leaflet; in its newest version where none is asked for.
         */
        get: operations["leaflet"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/for-good": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Delete Grow
         * @description Remove a grow and all that belongs to it, for good.
         */
        delete: operations["delete_grow"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/invitations": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Invite
         * @description Invite somebody by a link that is used once.
         */
        post: operations["invite"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/invitations/{invitation_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Take Invitation Back
         * @description Take an invitation back that nobody has used.
         */
        delete: operations["take_invitation_back"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/leaflet-meaning": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Leaflet Meaning
         * @description What a sheet means as it stands: amounts in a tank, a second look, and what it feeds.
         */
        post: operations["leaflet_meaning"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/leaflet-pictures": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Leaflet Picture
         * @description Keep a picture, drawn anew: without the place, the time and the camera it was taken with.
         */
        post: operations["add_leaflet_picture"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/leaflet-pictures/{picture_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Leaflet Picture
         * @description A picture, to members alone.
         */
        get: operations["leaflet_picture"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/leaflets": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Keep Leaflet
         * @description Keep a sheet as a version; mixes keep theirs. Nothing is kept while a cell is open.
         */
        post: operations["keep_leaflet"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/leave": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Leave Grow
         * @description Leave a grow; its last owner hands it over first.
         */
        post: operations["leave_grow"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/library": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Library
         * @description Charts by name or maker, each in its newest version; the archived ones where asked for.
         */
        get: operations["library"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/meters": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Meters
         * @description The meters of a grow.
         */
        get: operations["meters"];
        put?: never;
        /**
         * Add Meter
         * @description Add a meter that is read by hand.
         */
        post: operations["add_meter"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/meters/{meter_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Remove Meter
         * @description Remove a meter with its calibrations.
         */
        delete: operations["remove_meter"];
        options?: never;
        head?: never;
        /**
         * Edit Meter
         * @description Change how often a meter is calibrated.
         */
        patch: operations["edit_meter"];
        trace?: never;
    };
    "/api/grows/{grow_id}/meters/{meter_id}/calibrations": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Calibrate Meter
         * @description Keep what a meter read in its standards, and say how far it is off.
         */
        post: operations["calibrate_meter"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/mix": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Plan
         * @description Compute a mix; nothing is stored.
         *
         *     The answer is checked once, as it is made: this is what every key press asks for.
         */
        post: operations["plan_mix"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/mixes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Open Mixes
         * @description The mixes that are under way.
         */
        get: operations["open_mixes"];
        put?: never;
        /**
         * Start Mix
         * @description Take a mix to the bench; its stops must have been acknowledged by name.
         */
        post: operations["start_mix"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/mixes-done": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Mixes Done
         * @description Mixes that are over, the newest first.
         */
        get: operations["mixes_done"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/mixes/{mix_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Mix
         * @description Where a mix stands; 304 for who names in If-None-Match the state that it is still in.
         */
        get: operations["mix"];
        put?: never;
        post?: never;
        /**
         * Give Up Mix
         * @description Give a mix up: it ends without a record; what was poured is taken off the bottles.
         */
        delete: operations["give_up"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/mixes/{mix_id}/corrections": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Correct
         * @description Correct a mix that is over; stock, course and learned figures follow its record.
         */
        post: operations["correct_mix"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/mixes/{mix_id}/events": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Tell Events
         * @description Tell what happened; telling it twice has no second effect.
         */
        post: operations["tell_events"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/mixes/{mix_id}/pen": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Pen
         * @description What the pen shows; a grow without one is told so.
         */
        post: operations["read_pen"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/mixes/{mix_id}/record": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Mix Record
         * @description The record of a mix that is over, as JSON or CSV; with `first` as it was when it ended.
         */
        get: operations["mix_record"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/order-preferences": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Set Order Preferences
         * @description Keep the schools of mixing order of this grow.
         */
        put: operations["set_order_preferences"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/pace": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Set Pace
         * @description Keep how this person has the bench of this grow: the pace, and by day or night.
         */
        put: operations["set_pace"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/people": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * People
         * @description Who works in a grow; open invitations are shown to owners.
         */
        get: operations["people"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/people/{member_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Remove Person
         * @description Remove a member; what they did stays in the record.
         */
        delete: operations["remove_person"];
        options?: never;
        head?: never;
        /**
         * Set Role
         * @description Give a member another role; a grow is handed over by making another one its owner.
         */
        patch: operations["set_role"];
        trace?: never;
    };
    "/api/grows/{grow_id}/printed-grade": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Grade
         * @description The lines that the three figures of a label mean; nothing is stored.
         */
        post: operations["printed_grade"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/products": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Product
         * @description Put a product on the shelf.
         */
        post: operations["add_product"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/products/{product_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Set Product
         * @description Keep a product's label, what is left of it, and what it is the hard-water form of.
         */
        put: operations["set_product"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/products/{product_id}/bottles": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Receive
         * @description Put bottles that came on the shelf; full ones, unless said otherwise.
         */
        post: operations["receive_bottles"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/products/{product_id}/bottles/{bottle_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        /**
         * Edit Bottle
         * @description Change what is known of a bottle; only the fields that are given.
         */
        patch: operations["edit_bottle"];
        trace?: never;
    };
    "/api/grows/{grow_id}/products/{product_id}/bottles/{bottle_id}/discarded": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Discard
         * @description Take a bottle off the shelf, with the reason; an empty one, too.
         */
        post: operations["discard_bottle"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/products/{product_id}/made-up": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Made Up
         * @description Put the bottle that was made up on the shelf, dated today; what it was made of is drawn.
         */
        post: operations["made_up"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/products/{product_id}/make-up": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Make Up
         * @description How a bottle of it is made up, one thing at a time; nothing is stored.
         */
        post: operations["make_up"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/products/{product_id}/stock": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Product Stock
         * @description The bottles of a product, and the last that became of them.
         */
        get: operations["stock"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/ranges": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Set Ranges
         * @description Keep this grow's own ranges of elements.
         */
        put: operations["set_ranges"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/read-table": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Table
         * @description What a pasted table or a file is understood as. Nothing is stored.
         */
        post: operations["read_table"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/seasons/{season_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Take Season Back
         * @description Remove a season of which nothing was told yet; the one that it ended goes on.
         *
         *     What was mixed and read in its tank stays with the tank.
         */
        delete: operations["take_season_back"];
        options?: never;
        head?: never;
        /**
         * End Season
         * @description End a season on a day, or let it go on where no other has begun.
         */
        patch: operations["end_season"];
        trace?: never;
    };
    "/api/grows/{grow_id}/seasons/{season_id}/brew": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Brew
         * @description The steps of a task of the living programme.
         */
        get: operations["brew"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/seasons/{season_id}/plan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Season Plan
         * @description How a season goes: strengths, change-outs, rules of additives, what it waits for.
         */
        get: operations["season_plan"];
        /**
         * Edit Season Plan
         * @description Change how a season goes on; refused where somebody else changed it meanwhile.
         */
        put: operations["edit_season_plan"];
        /**
         * Preview Plan
         * @description What another plan would move; nothing is stored.
         */
        post: operations["preview_plan"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/seasons/{season_id}/preview": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Preview Decision
         * @description What a decision would move; nothing is stored.
         */
        post: operations["preview_decision"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/seasons/{season_id}/split": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Split Season
         * @description A tank goes on alone: with the plan and all that was told so far, and by itself from now on.
         *
         *     Where it is the one that keeps the plan for others, the first of those keeps it for the rest.
         */
        post: operations["split_season"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/seasons/{season_id}/tasks": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Tell Task
         * @description Tell what became of a task of a season.
         *
         *     A mix and a reading are never ticked: they are done by mixing and reading.
         */
        post: operations["tell_task"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/seasons/{season_id}/told": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Tell Season
         * @description Tell a season what plants showed or what was decided; the plan follows.
         */
        post: operations["tell_season"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/seasons/{season_id}/told/{entry_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Take Back
         * @description Take back something a season was told; both stay in its record.
         */
        delete: operations["take_back"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/share-of-water": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Share Of Water
         * @description How much of another water, such as RO, brings a source to a wanted figure.
         */
        post: operations["share_of_water"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/shelf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Shelf
         * @description Products of a grow, page by page, and its vessels.
         */
        get: operations["shelf"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/starter-charts/{key}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Copy Starter
         * @description Copy a starter chart into a grow.
         */
        post: operations["copy_starter"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/tank-drawing": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Measure
         * @description What vessels hold, and how they are drawn; nothing is stored.
         */
        post: operations["measure_tank"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/tank-order": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Order Tanks
         * @description Put the tanks of a grow in an order; each that is in use is named once.
         */
        put: operations["order_tanks"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/tanks": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Tanks
         * @description Tanks of a grow, with what was mixed in them last.
         */
        get: operations["tanks"];
        put?: never;
        /**
         * Add Tank
         * @description Add a tank, fed from a water source of the same grow.
         */
        post: operations["add_tank"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/tanks/{tank_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        /**
         * Edit Tank
         * @description Change a tank. While a mix is under way in it, nothing that the mix stands on is changed.
         */
        patch: operations["edit_tank"];
        trace?: never;
    };
    "/api/grows/{grow_id}/tanks/{tank_id}/archived": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Archive Tank
         * @description Put a tank away, or bring it back. What it was stays in its time line.
         */
        put: operations["archive_tank"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/tanks/{tank_id}/course": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Course
         * @description The course of the season that runs in a tank, or of the last that did; null without one.
         */
        get: operations["course"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/tanks/{tank_id}/drawing": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Drawing
         * @description How a tank is drawn, and what it is believed to hold.
         */
        get: operations["tank_drawing"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/tanks/{tank_id}/first-fill": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * First Fill
         * @description Whether a tank is watched for leaks.
         */
        get: operations["first_fill"];
        put?: never;
        /**
         * Fill First
         * @description It is filled with plain water to its line, and the line is marked.
         */
        post: operations["fill_first"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/tanks/{tank_id}/for-good": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Delete Tank
         * @description Remove a tank that was put away, with its mixes, its seasons and its time line, for good.
         */
        delete: operations["delete_tank"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/tanks/{tank_id}/joined-season": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Join Season
         * @description A tank joins a season of another; the one that runs in it ends on the day before.
         *
         *     What either is told holds for both from then on; each is filled, read and topped up for itself.
         */
        post: operations["join_season"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/tanks/{tank_id}/known-volume": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Known Volume
         * @description What a tank holds by what was counted or read; nothing is stored.
         */
        post: operations["known_volume"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/tanks/{tank_id}/leak-look": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Look For Leaks
         * @description What a look at every joint has shown; a leak may be told before its hour, tightness not.
         */
        post: operations["look_for_leaks"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/tanks/{tank_id}/readings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Tank
         * @description Keep what was read of a tank. An odd reading is kept only if the reader is `sure` of it.
         */
        post: operations["read_tank"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/tanks/{tank_id}/seasons": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Begin Season
         * @description Begin a season; the one that runs in the tank ends on the day before.
         */
        post: operations["begin_season"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/tanks/{tank_id}/usual": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        /**
         * Edit Usual
         * @description Change what a tank is usually fed with.
         */
        patch: operations["edit_usual"];
        trace?: never;
    };
    "/api/grows/{grow_id}/today": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Today
         * @description What every tank needs today and in the week, by its season.
         */
        get: operations["today"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/units": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Set Units
         * @description Keep the units of this person in this grow.
         */
        put: operations["set_units"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/vessels": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Set Vessels
         * @description Keep the vessels and scales of the bench, in place of those before.
         */
        put: operations["set_vessels"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/water-lines": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Water Lines
         * @description What every water of a grow has read in the last years.
         */
        get: operations["water_lines"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/waters": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Waters
         * @description Water sources of a grow, with what they last read.
         */
        get: operations["waters"];
        put?: never;
        /**
         * Add Water
         * @description Add a water source.
         */
        post: operations["add_water"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grows/{grow_id}/waters/{water_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        /**
         * Edit Water
         * @description Change what is known of a water; a new reading goes into its time line.
         */
        patch: operations["edit_water"];
        trace?: never;
    };
    "/api/grows/{grow_id}/waters/{water_id}/far-reading": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Explain
         * @description Tell why a reading is far off: the water has changed, or the pen was off.
         *
         *     Where the water has changed, what it read before no longer counts. Where the pen was off, nobody
         *     knows what the water reads until it is read again.
         */
        post: operations["explain_far_reading"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/invitations/{secret}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Look At Invitation
         * @description What an invitation is to.
         */
        get: operations["look_at_invitation"];
        put?: never;
        /**
         * Accept Invitation
         * @description Join a grow as who is signed in.
         */
        post: operations["accept_invitation"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/invitations/{secret}/account": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Join With Account
         * @description Make an account and join a grow with it, by an invitation alone.
         */
        post: operations["join_with_account"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Who Is Here
         * @description Who is signed in, if anybody.
         */
        get: operations["who_is_here"];
        put?: never;
        /**
         * Sign In
         * @description Sign in with a name and a password.
         */
        post: operations["sign_in"];
        /**
         * Sign Out
         * @description Sign out.
         */
        delete: operations["sign_out"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/demo": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Sign In To Demo
         * @description Sign in as the demo's grower; only while the demo is served.
         */
        post: operations["sign_in_to_demo"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/devices": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Devices
         * @description Where one is signed in.
         */
        get: operations["devices"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/devices/{device_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * End Device
         * @description Sign another device out.
         */
        delete: operations["end_device"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/password": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Change Password
         * @description Another password; every other device is signed out by it.
         *
         *     Wrong old ones count as wrong passwords at the door do, and lock as those.
         */
        put: operations["change_password"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/starter-charts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Starter Charts
         * @description Charts of invented makers that can be copied into a grow to try it.
         */
        get: operations["starter_charts"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
}
export type webhooks = Record<string, never>;
export interface components {
    schemas: {
        /**
         * AcidChoice
         * @description An acid on the shelf.
         */
        AcidChoice: {
            /** Key */
            key: string;
            /** Name */
            name: string;
        };
        /**
         * AcidDocument
         * @description The strength of an acid: percent by weight, or mol/L.
         */
        AcidDocument: {
            kind: components["schemas"]["AcidKind"];
            /** Molar */
            molar?: (string | number) | null;
            /** Percent */
            percent?: (string | number) | null;
        };
        /**
         * AcidKind
         * @description Acids that lower pH.
         * @enum {string}
         */
        AcidKind: "nitric" | "phosphoric" | "sulfuric" | "citric";
        /**
         * AcidPlanDocument
         * @description The acid that the tank is expected to take: dilute `amount` in `cup_water`, acid into water.
         *
         *     `why` says why this acid; `adds_ppm` and `ec` are what it brings.
         */
        AcidPlanDocument: {
            /** Adds Ppm */
            adds_ppm: {
                [key: string]: number;
            };
            amount: components["schemas"]["AmountDocument"];
            cup_water: components["schemas"]["AmountDocument"];
            diluted: components["schemas"]["AmountDocument"];
            /** Ec */
            ec: number;
            /** From Ph */
            from_ph: number;
            /** Key */
            key: string;
            kind: components["schemas"]["AcidKind"];
            measured: components["schemas"]["MeasuredDocument"];
            /** Name */
            name: string;
            /** To Ph */
            to_ph: number;
            /** Why */
            why: string;
        };
        /**
         * AddressOut
         * @description The secret address of a calendar; it is shown this once.
         */
        AddressOut: {
            /** Path */
            path: string;
        };
        /**
         * AmountDocument
         * @description How much, unrounded.
         */
        AmountDocument: {
            unit: components["schemas"]["AmountUnit"];
            /**
             * Value
             * @description An exact number as decimal text.
             */
            value: string;
        };
        /**
         * AmountOut
         * @description How much of a product goes into the tank on a day; `amount` is exact, `shown` for the eye.
         */
        AmountOut: {
            amount: components["schemas"]["Figure"];
            /** Product */
            product: string;
            /** Shown */
            shown: string;
        };
        /**
         * AmountRangeDocument
         * @description The amounts at both ends of a printed range.
         */
        AmountRangeDocument: {
            /**
             * High
             * @description An exact number as decimal text.
             */
            high: string;
            /**
             * Low
             * @description An exact number as decimal text.
             */
            low: string;
            unit: components["schemas"]["AmountUnit"];
        };
        /**
         * AmountUnit
         * @description What a pour is measured in.
         * @enum {string}
         */
        AmountUnit: "mL" | "g";
        /**
         * AnchorDocument
         * @description A day counted from the start, a stage, a sign or the harvest; below 0 before it.
         */
        AnchorDocument: {
            /**
             * Days
             * @default 0
             */
            days: number;
            /**
             * Name
             * @default
             */
            name: string;
            of: components["schemas"]["AnchorKind"];
        };
        /**
         * AnchorKind
         * @description What a rule's bound is counted from.
         * @enum {string}
         */
        AnchorKind: "start" | "stage" | "sign" | "harvest";
        /**
         * ApartDocument
         * @description Another product, or all of a role, and how many days lie between at least.
         */
        ApartDocument: {
            /**
             * Days
             * @default 1
             */
            days: number;
            /** Product */
            product?: string | null;
            role?: components["schemas"]["Role"] | null;
        };
        /**
         * ArchivedIn
         * @description Whether a tank is put away.
         */
        ArchivedIn: {
            /** Archived */
            archived: boolean;
        };
        /**
         * ArchivedTank
         * @description A tank that was put away.
         */
        ArchivedTank: {
            /** Id */
            id: number;
            /** Name */
            name: string;
        };
        /**
         * Asked
         * @description What a question is about.
         * @enum {string}
         */
        Asked: "gallon_unsaid" | "ppm_scale_unsaid" | "unit_unsaid" | "reading_unit_unsaid" | "cell_unclear" | "row_unclear" | "rows_unsure" | "implausible" | "tables_several" | "hidden_unsure" | "strength_unsaid" | "header_unclear";
        /**
         * AskedMixes
         * @description Which mixes: of a tank, by a chart, by a person; `before` is the last of the page before.
         */
        AskedMixes: {
            /** Before */
            before?: number | null;
            /** Chart Id */
            chart_id?: ChartId | null;
            /**
             * Person
             * @default
             */
            person: string;
            /** Tank */
            tank?: number | null;
        };
        /**
         * BandOut
         * @description The target band.
         */
        BandOut: {
            /** High */
            high: number;
            /** Low */
            low: number;
            /** Shown */
            shown: string;
        };
        /**
         * Basis
         * @description What a percentage counts: g in 100 g, or g in 100 mL.
         * @enum {string}
         */
        Basis: "w/w" | "w/v";
        /**
         * BesideReading
         * @description What a reading would be without the meter's own error, by whose calibration of which day.
         */
        BesideReading: {
            measures: components["schemas"]["Measures"];
            /** Meter */
            meter: string;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Shown */
            shown: string;
        };
        /**
         * BetweenIn
         * @description Another column to mix towards, and how far as typed; `version_id` where of another chart.
         */
        BetweenIn: {
            /** Column */
            column: string;
            /** Share */
            share: string | components["schemas"]["Figure"];
            /** Version Id */
            version_id?: VersionId | null;
        };
        /**
         * BlendIn
         * @description Another water in the tank, and its share as typed.
         */
        BlendIn: {
            /** Share */
            share: string | components["schemas"]["Figure"];
            /** Water */
            water: number;
        };
        /**
         * BlendPartIn
         * @description A water beside the first, and its share as typed.
         */
        BlendPartIn: {
            /** Share */
            share: string | components["schemas"]["Figure"];
            /** Water */
            water: number;
        };
        /**
         * BlendPartOut
         * @description A water beside the first, and its share as it would be typed.
         */
        BlendPartOut: {
            /** Share Shown */
            share_shown: string;
            /** Water */
            water: number;
        };
        /**
         * BottleEdit
         * @description What is to be otherwise; only fields that are given.
         *
         *     `reason` says why `left` is another, and `seen_left` what it was on the screen.
         */
        BottleEdit: {
            /** Batch */
            batch?: string | null;
            /** Best Before */
            best_before?: string | null;
            /** Keeps Days */
            keeps_days?: number | null;
            /** Left */
            left?: string | null;
            /** Note */
            note?: string | null;
            /** Opened On */
            opened_on?: string | null;
            /** Price */
            price?: string | null;
            /** Reason */
            reason?: string | null;
            /** Received On */
            received_on?: string | null;
            /** Seen Left */
            seen_left?: string | null;
            /** Size */
            size?: string | null;
        };
        /**
         * BottleEnding
         * @description A product that is used up within the week, at the pace at which it is used.
         */
        BottleEnding: {
            /** Lasts Days */
            lasts_days: number;
            /** Name */
            name: string;
            /** Product */
            product: number;
        };
        /**
         * BottleOut
         * @description A bottle to have at hand: what this mix takes of it, and what was left when it began.
         *
         *     `is_enough` is None where the shelf does not know what is left.
         */
        BottleOut: {
            /** Is Enough */
            is_enough: boolean | null;
            /** Left */
            left: string | null;
            /** Name */
            name: string;
            /** Tag */
            tag: string;
            /** Takes */
            takes: string | null;
        };
        /**
         * BottleState
         * @description Whether a bottle is to be used: off is past its last good day.
         * @enum {string}
         */
        BottleState: "good" | "soon_off" | "off" | "empty";
        /**
         * BrewAct
         * @description One act of the instructions; each is a press at the bench.
         * @enum {string}
         */
        BrewAct: "neutralise" | "water" | "molasses" | "air" | "smell" | "inoculant" | "fill" | "feed" | "no_oxidiser" | "pour" | "stir";
        /**
         * BrewDay
         * @description Which of the three days.
         * @enum {string}
         */
        BrewDay: "molasses" | "inoculant" | "pour";
        /**
         * BrewOut
         * @description A day of the brew: its steps, and whether the bucket is ready for it.
         *
         *     `ready_at` is when it has stood long enough, where the day before was told; `stands_h` and
         *     `stale_h` are the hours that it stands and those after which it is begun anew; `target_shown` is
         *     what the reservoir should read, with its unit.
         */
        BrewOut: {
            day: components["schemas"]["BrewDay"];
            /** Ready At */
            ready_at: string | null;
            /** Stale H */
            stale_h: number;
            /** Stands H */
            stands_h: number;
            state: components["schemas"]["BrewState"];
            /** Steps */
            steps: components["schemas"]["BrewStepOut"][];
            /** Target Shown */
            target_shown: string | null;
        };
        /**
         * BrewState
         * @description Whether the bucket is ready for a day, by when the day before was told.
         * @enum {string}
         */
        BrewState: "ready" | "standing" | "untold" | "stale";
        /**
         * BrewStepOut
         * @description One press; `shown` is its amount for the eye, `measured` how vessels measure it.
         *
         *     `above_source_shown` is what it brings the reading to above the source's, with its unit.
         */
        BrewStepOut: {
            /** Above Source Shown */
            above_source_shown: string | null;
            act: components["schemas"]["BrewAct"];
            measured: components["schemas"]["MeasuredDocument"] | null;
            /** Shown */
            shown: string | null;
        };
        /**
         * CalibrationIn
         * @description What a meter read; `degrees` of the standards, a bare number in the person's unit.
         */
        CalibrationIn: {
            /**
             * Degrees
             * @default 25 °C
             */
            degrees: string;
            measures: components["schemas"]["Measures"];
            /** Points */
            points: components["schemas"]["PointIn"][];
            typed_in?: components["schemas"]["TypedIn"] | null;
        };
        /**
         * CalibrationOut
         * @description How far a meter is off: `slope_shown` of a new one, `offset_shown` at pH 7.
         */
        CalibrationOut: {
            /**
             * At
             * Format: date-time
             */
            at: string;
            condition: components["schemas"]["Condition"];
            /** Offset Shown */
            offset_shown: string | null;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Slope Shown */
            slope_shown: string;
        };
        /**
         * CalmagPlace
         * @description Two schools of where cal-mag goes. The default keeps calcium apart from phosphate longest.
         * @enum {string}
         */
        CalmagPlace: "before_base" | "after_base";
        /**
         * CellKind
         * @description What a cell of the table was understood as.
         * @enum {string}
         */
        CellKind: "title" | "heading" | "name" | "unit" | "dose" | "no_dose" | "reading" | "note" | "question";
        /**
         * CellMeaning
         * @description What a cell comes to in the tank; rows and columns count from 0.
         */
        CellMeaning: {
            /** Column */
            column: number;
            /** Row */
            row: number;
            /** Shown */
            shown: string;
        };
        /**
         * CellOut
         * @description What a cell of the table was taken for.
         */
        CellOut: {
            /** Column */
            column: number;
            kind: components["schemas"]["CellKind"];
            /** Meaning */
            meaning: string;
            /** Row */
            row: number;
        };
        /**
         * ChangeDocument
         * @description One figure or name of a record that was corrected; figures as text, in their unit.
         */
        ChangeDocument: {
            /** After */
            after: string;
            /** Before */
            before: string;
            /**
             * Name
             * @default
             */
            name: string;
            /**
             * Of
             * @default
             */
            of: string;
            /**
             * Unit
             * @default
             */
            unit: string;
            what: components["schemas"]["Corrected"];
        };
        /**
         * ChangeIn
         * @description One figure or name of the record, as it really was.
         *
         *     `of` is the key of a product, the step of a reading, or the name of a person; empty for the
         *     volume. `name` is who it was, for a person; `figure` is typed for all else.
         */
        ChangeIn: {
            /**
             * Figure
             * @default
             */
            figure: string | components["schemas"]["Figure"];
            /**
             * Name
             * @default
             */
            name: string;
            /**
             * Of
             * @default
             */
            of: string;
            what: components["schemas"]["Corrected"];
        };
        /**
         * ChangeOut
         * @description One edit: whose, when, of what, and what it changed.
         */
        ChangeOut: {
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** By */
            by: string | null;
            /** Fields */
            fields: components["schemas"]["FieldChanged"][];
            /** Id */
            id: number;
            /** Kind */
            kind: string;
            /** Name */
            name: string;
            what: components["schemas"]["What"];
        };
        /**
         * ChangeOutDocument
         * @description When a tank is filled anew: by days, by what was topped up, with each column.
         */
        ChangeOutDocument: {
            after_topped_up?: components["schemas"]["VolumeDocument"] | null;
            /** Every Days */
            every_days?: number | null;
            /**
             * Plain Water Hours
             * @description An exact number of 0 or more as decimal text; JSON numbers too.
             * @default 0
             */
            plain_water_hours: string | number;
            /**
             * With Each Column
             * @default false
             */
            with_each_column: boolean;
        };
        /**
         * ChangedOut
         * @description One figure or name that was corrected.
         */
        ChangedOut: {
            /** After */
            after: string;
            /** Before */
            before: string;
            /** Name */
            name: string;
            what: components["schemas"]["Corrected"];
        };
        /**
         * ChangesOut
         * @description Edits, the newest first; `before` asks for those that are older, None where none is.
         */
        ChangesOut: {
            /** Before */
            before: number | null;
            /** Items */
            items: components["schemas"]["ChangeOut"][];
        };
        /**
         * ChartBrief
         * @description A chart in its newest version.
         */
        ChartBrief: {
            /**
             * Chart Id
             * Format: chart-id
             */
            chart_id: ChartId;
            /** Maker */
            maker: string;
            medium: components["schemas"]["Medium"];
            /** Name */
            name: string;
            /**
             * Version Id
             * Format: version-id
             */
            version_id: VersionId;
            /** Version Number */
            version_number: number;
        };
        /**
         * ChartCard
         * @description A chart as the library shows it.
         *
         *     `ink` is its picture: for each bottle one digit a column, 0 for nothing to 9 for its largest
         *     dose. `used_in` are the tanks that are fed by it.
         */
        ChartCard: {
            /** Archived */
            archived: boolean;
            /** Bottles */
            bottles: string[];
            /**
             * Chart Id
             * Format: chart-id
             */
            chart_id: ChartId;
            /** Columns */
            columns: number;
            /** Ink */
            ink: string[];
            /** Maker */
            maker: string;
            medium: components["schemas"]["Medium"];
            /** Name */
            name: string;
            /** Used In */
            used_in: string[];
            /**
             * Version Id
             * Format: version-id
             */
            version_id: VersionId;
            /** Versions */
            versions: number;
            /** Weeks */
            weeks: string;
        };
        /**
         * ChartCards
         * @description A page of the library; `after` asks for what follows, None where nothing does.
         */
        ChartCards: {
            /** After */
            after: number | null;
            /** Items */
            items: components["schemas"]["ChartCard"][];
        };
        /**
         * ChartEdit
         * @description What is to change of a chart's cover; what is left out stays.
         */
        ChartEdit: {
            /** Archived */
            archived?: boolean | null;
            /** Maker */
            maker?: string | null;
            /** Name */
            name?: string | null;
        };
        /**
         * ChartOut
         * @description A version of a chart, with what one chooses a mix from.
         */
        ChartOut: {
            /**
             * Chart Id
             * Format: chart-id
             */
            chart_id: ChartId;
            /** Columns */
            columns: components["schemas"]["ColumnOut"][];
            /** Maker */
            maker: string;
            medium: components["schemas"]["Medium"];
            /** Name */
            name: string;
            readings: components["schemas"]["Readings"];
            /** Rows */
            rows: components["schemas"]["RowOut"][];
            /** Rows Are Order */
            rows_are_order: boolean;
            /**
             * Version Id
             * Format: version-id
             */
            version_id: VersionId;
            /** Version Number */
            version_number: number;
        };
        /**
         * ChartPage
         * @description Charts in their newest version; `after` asks for those that follow, None where none does.
         */
        ChartPage: {
            /** After */
            after: number | null;
            /** Items */
            items: components["schemas"]["ChartBrief"][];
        };
        /**
         * ClimbOut
         * @description The mix as readings over minutes; `relative` if they count from unread water up.
         */
        ClimbOut: {
            /** End */
            end: number | null;
            /** End Shown */
            end_shown: string | null;
            /** Floor */
            floor: number;
            /** Floor Shown */
            floor_shown: string;
            /** Minutes */
            minutes: number;
            /** Read At */
            read_at: number;
            /** Relative */
            relative: boolean;
            /** Risers */
            risers: components["schemas"]["RiserOut"][];
            target: components["schemas"]["BandOut"] | null;
            /** Unit */
            unit: string;
        };
        /**
         * Clock
         * @description How a person writes the time of day.
         * @enum {string}
         */
        Clock: "24" | "12";
        /**
         * ColumnOut
         * @description A week or stage of a chart.
         */
        ColumnOut: {
            /** Key */
            key: string;
            /** Label */
            label: string;
            /** Stage */
            stage: string;
        };
        /**
         * ComparedOut
         * @description What differs between two versions; `beside` is what a table of the later cannot hold.
         */
        ComparedOut: {
            /** Beside */
            beside: string[];
            /** Differences */
            differences: components["schemas"]["DifferenceOut"][];
        };
        /**
         * Condition
         * @description What a calibration says of its meter.
         * @enum {string}
         */
        Condition: "fine" | "off" | "worn";
        /**
         * ConflictOut
         * @description Two devices told of one step; `both` is what is in if both poured, as it is shown
         *     and `exact`.
         */
        ConflictOut: {
            /** Both */
            both: string | null;
            /** Both Shown */
            both_shown: string | null;
            /** Counts */
            counts: string;
            /** Counts By */
            counts_by: string;
            /** Counts Shown */
            counts_shown: string | null;
            exact: components["schemas"]["Figure"] | null;
            /** Other */
            other: string;
            /** Other By */
            other_by: string;
            /** Other Shown */
            other_shown: string | null;
            /** Step */
            step: string;
        };
        /**
         * ConventionOut
         * @description The target by each convention, as the pen shows it.
         */
        ConventionOut: {
            /** All In */
            all_in: string | null;
            /**
             * Followed
             * @enum {string}
             */
            followed: "on_top" | "all_in" | "doses_only";
            /** On Top */
            on_top: string | null;
        };
        /**
         * Corrected
         * @description What of a record is corrected.
         * @enum {string}
         */
        Corrected: "volume" | "poured" | "reading" | "person";
        /**
         * CorrectedOut
         * @description A correction: who, when, why, and what of.
         */
        CorrectedOut: {
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** By */
            by: string;
            /** Changes */
            changes: components["schemas"]["ChangedOut"][];
            /** Why */
            why: string;
        };
        /**
         * CorrectionDocument
         * @description A correction of a mix that was over: when (seconds since the epoch), by whom, and why.
         */
        CorrectionDocument: {
            /** At */
            at: number;
            /** By */
            by: string;
            /** Changes */
            changes: components["schemas"]["ChangeDocument"][];
            /** Why */
            why: string;
        };
        /**
         * CorrectionIn
         * @description A correction of a mix that is over.
         *
         *     `seen` is how many corrections its screen showed; `sure` tells that an odd figure is right.
         */
        CorrectionIn: {
            /** Changes */
            changes: components["schemas"]["ChangeIn"][];
            /** Seen */
            seen: number;
            /**
             * Sure
             * @default false
             */
            sure: boolean;
            typed_in?: components["schemas"]["TypedIn"] | null;
            /** Why */
            why: string;
        };
        /**
         * CourseOut
         * @description The course of a tank: what came, and what comes. `floor` is the water, for drawing.
         *
         *     `joined_on` is the day on which the tank came to a season that had begun, or that others share;
         *     `together` are those others.
         */
        CourseOut: {
            /** Change Out Days */
            change_out_days: number | null;
            /** Chart Name */
            chart_name: string;
            /** Columns */
            columns: components["schemas"]["LaidColumnOut"][];
            /** Conflicts */
            conflicts: components["schemas"]["SeasonConflict"][];
            /** Ended On */
            ended_on: string | null;
            /** Floor */
            floor: number | null;
            /** Floor Shown */
            floor_shown: string | null;
            /** Happened */
            happened: components["schemas"]["HappenedOut"][];
            /** Joined On */
            joined_on: string | null;
            /** Moves */
            moves: components["schemas"]["MoveOut"][];
            /** Name */
            name: string;
            /** Planted */
            planted: string;
            /** Products */
            products: components["schemas"]["SeasonProduct"][];
            /** Programme */
            programme: string;
            /** Season */
            season: number;
            /**
             * Started On
             * Format: date
             */
            started_on: string;
            /** Strokes */
            strokes: components["schemas"]["StrokeOut"][];
            /** Tank */
            tank: number;
            /** Tasks */
            tasks: components["schemas"]["TaskOut"][];
            /**
             * Today
             * Format: date
             */
            today: string;
            /** Together */
            together: components["schemas"]["TankTogether"][];
            /** Told */
            told: components["schemas"]["SeasonTold"][];
            /** Treads */
            treads: components["schemas"]["TreadOut"][];
            /** Unit */
            unit: string;
            /**
             * Until
             * Format: date
             */
            until: string;
            /**
             * Version Id
             * Format: version-id
             */
            version_id: VersionId;
            /** Water */
            water: string;
        };
        /**
         * Crop
         * @description Kinds of crop that differ in what they want in the tank.
         * @enum {string}
         */
        Crop: "leafy" | "fruiting" | "flowers";
        /**
         * DateStyle
         * @description How a person writes dates.
         * @enum {string}
         */
        DateStyle: "day_first" | "month_first" | "iso";
        /**
         * DaysOut
         * @description The grow's days on which a mix that is over was mixed, and asks for something again.
         */
        DaysOut: {
            /**
             * Change Out On
             * Format: date
             */
            change_out_on: string;
            /**
             * Look Again On
             * Format: date
             */
            look_again_on: string;
            /**
             * Mixed On
             * Format: date
             */
            mixed_on: string;
            /**
             * Use By On
             * Format: date
             */
            use_by_on: string;
        };
        /**
         * DecimalMark
         * @description What a person writes between whole and part; requests and files have a point.
         * @enum {string}
         */
        DecimalMark: "." | ",";
        /**
         * DecisionIn
         * @description What a season is told; each kind with what it needs, as in brisk-measure/course-request.
         *
         *     `seen` is the number of the last thing it was told on the screen where that was decided, 0 for
         *     nothing.
         */
        DecisionIn: {
            /** Column */
            column?: string | null;
            /** Days */
            days?: number | null;
            kind: components["schemas"]["HappeningKind"];
            /**
             * On
             * Format: date
             */
            on: string;
            /**
             * Over Days
             * @default 0
             */
            over_days: number;
            /**
             * Reason
             * @default
             */
            reason: string;
            /** Seen */
            seen?: number | null;
            /** Sign */
            sign?: string | null;
            /** Version Id */
            version_id?: VersionId | null;
        };
        /**
         * DeviceOut
         * @description Where one is signed in; `here` is the device that asks.
         */
        DeviceOut: {
            /** Here */
            here: boolean;
            /** Id */
            id: number;
            /**
             * Since
             * Format: date-time
             */
            since: string;
            /** Words */
            words: string;
        };
        /**
         * DifferenceOut
         * @description One thing that differs between two versions, in words, with its bottle and column.
         */
        DifferenceOut: {
            /** Column */
            column: string | null;
            /** Product */
            product: string | null;
            /** Words */
            words: string;
        };
        /**
         * DiffersOut
         * @description A product of which the column and its rule say different things.
         */
        DiffersOut: {
            /** By Column */
            by_column: boolean;
            /** By Rule */
            by_rule: boolean;
            /** Product */
            product: string;
        };
        /**
         * DilutionDocument
         * @description What to mix in a cup first: `pour` of it holds the amount.
         */
        DilutionDocument: {
            pour: components["schemas"]["AmountDocument"];
            product: components["schemas"]["AmountDocument"];
            water: components["schemas"]["AmountDocument"];
        };
        /**
         * DiscardedIn
         * @description Why a bottle is thrown away.
         */
        DiscardedIn: {
            /** Reason */
            reason: string;
        };
        /**
         * Disinfectant
         * @description What keeps mains water free of germs, and harms live cultures and roots.
         * @enum {string}
         */
        Disinfectant: "none" | "chlorine" | "chloramine";
        /**
         * DoseUnit
         * @description Units in which charts print doses: a measure per volume of water.
         * @enum {string}
         */
        DoseUnit: "mL/L" | "mL/10L" | "mL/100L" | "mL/gal_us" | "mL/gal_uk" | "tsp/L" | "tsp/10L" | "tsp/gal_us" | "tsp/gal_uk" | "tbsp/10L" | "tbsp/gal_us" | "tbsp/gal_uk" | "fl_oz/gal_us" | "fl_oz/gal_uk" | "drop/L" | "drop/10L" | "drop/gal_us" | "drop/gal_uk" | "g/L" | "g/10L" | "g/100L" | "g/gal_us" | "g/gal_uk" | "oz/gal_us" | "oz/gal_uk";
        /**
         * Doubt
         * @description Why the contents are less sure than the label's own figures.
         * @enum {string}
         */
        Doubt: "density_estimated" | "nitrogen_not_split" | "closed_by_charge" | "acid_density_estimated";
        /**
         * DrawnDownOut
         * @description What to mix to while the pump rests: what stands, the water that follows, the readings.
         *
         *     `ph_mix_to` and `ph_stands_at` are there where labels and the water's report tell.
         */
        DrawnDownOut: {
            /** Mix To Shown */
            mix_to_shown: string;
            /** Ph Mix To */
            ph_mix_to: number | null;
            /** Ph Stands At */
            ph_stands_at: number | null;
            /** Standing Shown */
            standing_shown: string;
            /** Stands At Shown */
            stands_at_shown: string;
            /** Topped Up Shown */
            topped_up_shown: string;
        };
        /**
         * DrawnOut
         * @description How a tank is drawn; None where nobody drew it. `litres` is what it is believed to hold.
         */
        DrawnOut: {
            litres: components["schemas"]["Figure"];
            measured: components["schemas"]["MeasuredOut"] | null;
            /** Shown */
            shown: string;
        };
        /**
         * DrawnVessel
         * @description A vessel as it is drawn, in cm: its section, what of it is wet, and what it comes to.
         *
         *     `level` is in the unit of the tape, as it would be typed again.
         */
        DrawnVessel: {
            /** Freeboard Cm */
            freeboard_cm: number;
            /** Level */
            level: string;
            /** Outline */
            outline: number[][];
            /** Rim Shown */
            rim_shown: string;
            /** Shown */
            shown: string;
            /** Touches Plug */
            touches_plug: boolean | null;
            /** Water */
            water: number[][];
        };
        /**
         * Due
         * @description What is due, the most pressing first.
         * @enum {string}
         */
        Due: "use_by" | "change_out" | "look_again";
        /**
         * EcWindow
         * @description A range of EC in mS/cm.
         */
        EcWindow: {
            /**
             * High
             * @description An exact number as decimal text.
             */
            high: string;
            /**
             * Low
             * @description An exact number as decimal text.
             */
            low: string;
        };
        /**
         * Element
         * @description Elements that growers look at.
         * @enum {string}
         */
        Element: "N" | "P" | "K" | "Ca" | "Mg" | "S" | "Fe" | "Mn" | "Zn" | "Cu" | "B" | "Mo" | "Si" | "Na" | "Cl";
        /**
         * ElementDocument
         * @description ppm of an element in the finished tank, what water and acid bring of it, and its range.
         */
        ElementDocument: {
            element: components["schemas"]["Element"];
            /** From Acid */
            from_acid: number;
            /** From Water */
            from_water: number;
            /** High */
            high: string | null;
            /** Low */
            low: string | null;
            /** Own Range */
            own_range: boolean;
            /** Ppm */
            ppm: number;
        };
        /**
         * ElementRange
         * @description ppm of an element, and what the crop takes in that stage.
         */
        ElementRange: {
            element: components["schemas"]["Element"];
            /** High */
            high: number | null;
            /** Low */
            low: number | null;
            /** Ppm */
            ppm: number;
        };
        /**
         * End
         * @description Which end of a printed range to pour: seedlings take the low one, grown plants the high.
         * @enum {string}
         */
        End: "low" | "middle" | "high";
        /**
         * EndIn
         * @description The last day of a season; None lets it go on. `seen` is how that stood on the screen.
         */
        EndIn: {
            /** Ended On */
            ended_on: string | null;
            seen?: components["schemas"]["SeasonEndSeen"] | null;
        };
        /**
         * Ending
         * @description What ends a step.
         * @enum {string}
         */
        Ending: "press" | "with_next" | "itself" | "cut";
        /**
         * ErrorOut
         * @description Every error has this shape.
         */
        ErrorOut: {
            error: components["schemas"]["Problem"];
        };
        /**
         * EventIn
         * @description One thing that happened, as a device tells it; `sure` if asked again.
         *
         *     `figure` is a text as typed, with the units that the screen showed then in `typed_in`; or exact,
         *     where an amount was taken as it stands. `by` is who pressed, where that is another of the grow's
         *     people than who is signed in now. `at` is by the server's clock, which
         *     the header Told-At of an answer gives; nothing counts as later than it was told.
         */
        EventIn: {
            /** At */
            at: number;
            /**
             * By
             * @default
             */
            by: string;
            /**
             * Figure
             * @default
             */
            figure: string | components["schemas"]["Figure"];
            /** Id */
            id: string;
            kind: components["schemas"]["EventKind"];
            /**
             * Of
             * @default
             */
            of: string;
            /**
             * Step
             * @default
             */
            step: string;
            /**
             * Sure
             * @default false
             */
            sure: boolean;
            typed_in?: components["schemas"]["TypedIn"] | null;
        };
        /**
         * EventKind
         * @description Kinds of event.
         *
         *     `done`: a step without a figure is over. `poured`: so many mL or g went in, or litres were
         *     drained. `read`: a pen showed so much. `skipped`: the step was left out, knowingly.
         *     `corrected`: another event's figure was wrong. `undone`: another event is taken back.
         * @enum {string}
         */
        EventKind: "done" | "poured" | "read" | "skipped" | "corrected" | "undone";
        /**
         * EventsIn
         * @description Events in any order, new or told before.
         */
        EventsIn: {
            /** Events */
            events: components["schemas"]["EventIn"][];
        };
        /**
         * ExpectedReading
         * @description An expected reading in mS/cm, how far off it may be, and what this pour's part rests on.
         */
        ExpectedReading: {
            /**
             * Ec
             * @description An exact number as decimal text.
             */
            ec: string;
            estimate: components["schemas"]["RestsOn"];
            /** Unsure */
            unsure: number;
        };
        /**
         * FarIn
         * @description What a reading that is far from the others comes from.
         */
        FarIn: {
            /**
             * Because
             * @enum {string}
             */
            because: "water_changed" | "pen_off";
            /** Entry */
            entry: number;
        };
        /**
         * FarReading
         * @description The last reading, far from what was usual before; `entry` is what the answer is about.
         */
        FarReading: {
            /** Entry */
            entry: number;
            /** Shown */
            shown: string;
            /** Usual Shown */
            usual_shown: string;
        };
        /**
         * FedOut
         * @description What a column feeds: EC in mS/cm as printed and by the labels, elements, N : P : K.
         *
         *     `cost` is that of 100 L in the grower's own money, of the bottles whose price is known.
         */
        FedOut: {
            /** By Labels */
            by_labels: number | null;
            /** Cost */
            cost: string | null;
            /** Elements */
            elements: components["schemas"]["ElementRange"][];
            /** Printed High */
            printed_high: number | null;
            /** Printed Low */
            printed_low: number | null;
            /** Ratio */
            ratio: string;
            /** Shown */
            shown: string;
        };
        /**
         * FieldChanged
         * @description What stood in a field before, and what stands there now; empty for nothing.
         */
        FieldChanged: {
            /** After */
            after: string;
            /** Before */
            before: string;
            /** Field */
            field: string;
        };
        /**
         * Figure
         * @description An exact figure: decimal text, and its unit: L, gal_us, gal_uk, mS/cm, %, mL, g, °C or pH.
         */
        Figure: {
            /** Unit */
            unit: string;
            /** Value */
            value: string;
        };
        /**
         * FillDocument
         * @description A vessel filled to a level, so many times.
         *
         *     `display` is what a scale shows then, or how many teaspoons it is.
         */
        FillDocument: {
            /**
             * Capacity
             * @description An exact number as decimal text.
             */
            capacity: string;
            /** Display */
            display: string;
            /**
             * Level
             * @description An exact number as decimal text.
             */
            level: string;
            /**
             * Mark
             * @description An exact number as decimal text.
             */
            mark: string;
            shows: components["schemas"]["Shows"];
            /** Times */
            times: number;
            vessel: components["schemas"]["VesselKind"];
            /**
             * Words
             * @default
             */
            words: string;
        };
        /**
         * FillTo
         * @description One of the vessels, filled until all of that kind hold so much.
         */
        FillTo: {
            typed_in?: components["schemas"]["TypedIn"] | null;
            /** Vessel */
            vessel: number;
            /** Volume */
            volume: string | components["schemas"]["Figure"];
        };
        /**
         * FindingOut
         * @description Something to look at again on the chart as typed; `column` None is the whole chart.
         */
        FindingOut: {
            /**
             * Code
             * @enum {string}
             */
            code: "dose_implausible" | "dose_jumps" | "ec_falls_while_doses_rise" | "litre_or_gallon" | "no_days" | "pair_unequal_as_typed" | "part_missing" | "us_or_uk_gallon";
            /** Column */
            column: string | null;
            /** Message */
            message: string;
            /** Product */
            product: string | null;
        };
        /**
         * FirstFillOut
         * @description Plain water that is watched: since when, and when a look tells something.
         */
        FirstFillOut: {
            /** Due */
            due: boolean;
            /**
             * Filled At
             * Format: date-time
             */
            filled_at: string;
            /**
             * Look At
             * Format: date-time
             */
            look_at: string;
        };
        /**
         * Form
         * @description Liquids are measured in mL, dry products in g.
         * @enum {string}
         */
        Form: "liquid" | "dry";
        /**
         * FoundTableOut
         * @description One of several tables in a file, by its number, and how large it is.
         */
        FoundTableOut: {
            /** Columns */
            columns: number;
            /** Index */
            index: number;
            /** Rows */
            rows: number;
            /** Sheet */
            sheet: string;
            /** Title */
            title: string;
        };
        /**
         * GradeIn
         * @description The three figures of a label's front, as printed.
         */
        GradeIn: {
            /**
             * As Elements
             * @default false
             */
            as_elements: boolean;
            /** Grade */
            grade: string;
        };
        /**
         * GradeOut
         * @description What they are, in percent, by line.
         */
        GradeOut: {
            /** Analysis */
            analysis: {
                [key: string]: string;
            };
        };
        /**
         * GritDocument
         * @description What this product would form undiluted with an earlier one, and how many times saturated.
         */
        GritDocument: {
            mineral: components["schemas"]["Mineral"];
            /** Other */
            other: string;
            /** Times */
            times: number;
        };
        /**
         * GrowOut
         * @description A grow that one may enter.
         */
        GrowOut: {
            /** Id */
            id: number;
            /** Name */
            name: string;
        };
        /**
         * GrowOverview
         * @description What holds for a whole grow; `ranges` are its own, ppm as text, `blends` kept by name.
         */
        GrowOverview: {
            /** Blends */
            blends: components["schemas"]["KeptBlend"][];
            /** Bottles Ending */
            bottles_ending: components["schemas"]["BottleEnding"][];
            /** Id */
            id: number;
            /** Name */
            name: string;
            order_preferences: components["schemas"]["OrderPreferencesOut"];
            /** Person */
            person: string;
            /** Ranges */
            ranges: {
                [key: string]: {
                    [key: string]: string;
                };
            };
            /** Time Zone */
            time_zone: string;
            units: components["schemas"]["UnitsOut"];
        };
        /**
         * GuessOut
         * @description What was taken where the leaflet is silent; without a product, of the chart.
         */
        GuessOut: {
            /** Field */
            field: string;
            /** Product */
            product: string | null;
            /** Value */
            value: string;
            /** Why */
            why: string;
        };
        /**
         * GuidedOut
         * @description Where a guided mix stands.
         *
         *     `heard` counts the events behind it, `held` are the steps that have one, laid out now or not.
         *     When a step is `due`, and when an event happened, goes by the server's clock.
         *     `units` are those in which all of it is shown, and in which what is typed beside it is meant.
         *     `by_drops` tells that pH is read by drops, within half a pH. `beside` is what calibrations make
         *     of the last readings; advice goes by the readings as they were read.
         */
        GuidedOut: {
            /** Beside */
            beside: components["schemas"]["BesideReading"][];
            /** Bottles */
            bottles: components["schemas"]["BottleOut"][];
            /** By Drops */
            by_drops: boolean;
            /** Column */
            column: string;
            /** Conflicts */
            conflicts: components["schemas"]["ConflictOut"][];
            days: components["schemas"]["DaysOut"] | null;
            /** Ec Shown */
            ec_shown: string | null;
            /** Ended At */
            ended_at: string | null;
            /** Has Pen */
            has_pen: boolean;
            /** Heard */
            heard: number;
            /** Held */
            held: string[];
            /** Id */
            id: number;
            /** Night */
            night: boolean;
            /** Now */
            now: number | null;
            pace: components["schemas"]["Pace"];
            /** Ph High */
            ph_high: string;
            /** Ph Low */
            ph_low: string;
            /** Pours */
            pours: components["schemas"]["GuidedPourOut"][];
            record: components["schemas"]["MixRecordDocument"] | null;
            steering: components["schemas"]["SteeringOut"];
            /** Steps */
            steps: components["schemas"]["StepOut"][];
            summary: components["schemas"]["SummaryOut"] | null;
            /** Tank */
            tank: number;
            /** Tank Name */
            tank_name: string;
            /** Target */
            target: string | null;
            /** Time Zone */
            time_zone: string;
            /** Undoable */
            undoable: string | null;
            /** Unit */
            unit: string;
            units: components["schemas"]["UnitsOut"];
            /** Unplaced */
            unplaced: components["schemas"]["UnplacedOut"][];
            /** Vessels */
            vessels: string[];
            /** Volume */
            volume: string;
        };
        /**
         * GuidedPourOut
         * @description A pour of the plan, for its ticket; `rinse` names what is to be rinsed out first.
         */
        GuidedPourOut: {
            /** Bucket */
            bucket: string | null;
            /** Live */
            live: boolean;
            /** Name */
            name: string;
            /** Printed */
            printed: string;
            /** Product */
            product: string;
            /** Rinse */
            rinse: string;
            /** Tag */
            tag: string;
            turn: components["schemas"]["Pass"];
            /** Until */
            until: string | null;
        };
        /**
         * HappenedOut
         * @description What happened to the tank: a reading, a mix, a top-up, a change-out, a remark.
         *
         *     `day` counts from the start of the season by the grow's clock, for drawing.
         */
        HappenedOut: {
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** Day */
            day: number;
            /** Ec */
            ec: number | null;
            /** Ec Shown */
            ec_shown: string | null;
            /** Kind */
            kind: string;
            /** Litres Shown */
            litres_shown: string | null;
            /** Note */
            note: string;
            /** Ph */
            ph: number | null;
        };
        /**
         * HappeningKind
         * @description What may have happened to a season.
         * @enum {string}
         */
        HappeningKind: "sign" | "hold" | "advance" | "set_back" | "repeat" | "stretch" | "jump" | "switch" | "changed_out" | "added" | "topped_up";
        /**
         * InTankDocument
         * @description What is in the finished tank, as far as labels and the lab report tell.
         *
         *     `told` says how much of the feed labels tell: of a part, elements are at least so much; of
         *     nothing, they are the water's alone, and the labels of `unlabelled` would tell the rest.
         */
        InTankDocument: {
            acid: components["schemas"]["AcidPlanDocument"] | null;
            /** Elements */
            elements: components["schemas"]["ElementDocument"][];
            /** Nitrogen */
            nitrogen: {
                [key: string]: number;
            };
            /** Ph */
            ph: number | null;
            /** Ranges */
            ranges: string;
            /** Saturated */
            saturated: components["schemas"]["SaturationDocument"][];
            told: components["schemas"]["LabelCoverage"];
            /** Unlabelled */
            unlabelled: string[];
        };
        /**
         * InvitationOut
         * @description An invitation that nobody has used yet.
         */
        InvitationOut: {
            /** By */
            by: string;
            /**
             * Ends At
             * Format: date-time
             */
            ends_at: string;
            /** Id */
            id: number;
            role: components["schemas"]["MemberRole"];
        };
        /**
         * InvitationSeen
         * @description What an invitation is to.
         */
        InvitationSeen: {
            /** By */
            by: string;
            /** Grow */
            grow: string;
            /** Person */
            person: string | null;
            role: components["schemas"]["MemberRole"];
        };
        /**
         * InviteIn
         * @description What somebody is to be in this grow.
         */
        InviteIn: {
            role: components["schemas"]["MemberRole"];
        };
        /**
         * InvitedOut
         * @description The secret address of an invitation; it is shown this once.
         */
        InvitedOut: {
            /**
             * Ends At
             * Format: date-time
             */
            ends_at: string;
            /** Path */
            path: string;
        };
        /**
         * JoinIn
         * @description Which season a tank goes with, and from which day: that of its first filling.
         */
        JoinIn: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Season */
            season: number;
        };
        /**
         * JoinedDocument
         * @description The vessels that a tank is joined of, with the unit of their lengths.
         */
        JoinedDocument: {
            /** @default cm */
            unit: components["schemas"]["LengthUnit"];
            /** Vessels */
            vessels: components["schemas"]["JoinedVesselDocument"][];
        };
        /**
         * JoinedIn
         * @description Vessels that are joined, and perhaps to what one of them is filled.
         */
        JoinedIn: {
            fill?: components["schemas"]["FillTo"] | null;
            joined: components["schemas"]["JoinedDocument"];
        };
        /**
         * JoinedVesselDocument
         * @description Vessels of one shape; the lengths that their shape needs, and no other.
         */
        JoinedVesselDocument: {
            /**
             * Count
             * @default 1
             */
            count: number;
            /**
             * Film
             * @default false
             */
            film: boolean;
            /** Lengths */
            lengths: {
                [key: string]: string | number;
            };
            /**
             * Level
             * @description An exact number of 0 or more as decimal text; JSON numbers too.
             */
            level: string | number;
            /** Name */
            name: string;
            /** Plug */
            plug?: (string | number) | null;
            /**
             * Runs
             * @default false
             */
            runs: boolean;
            shape: components["schemas"]["ShapeName"];
        };
        /**
         * JudgedOut
         * @description What the reading says, the most pressing first; `before_shown` is what was read last.
         *
         *     `beside` is what calibrations say of it; it is shown, and the reading is kept as it was read.
         */
        JudgedOut: {
            /** Before Shown */
            before_shown: string | null;
            /** Beside */
            beside: components["schemas"]["BesideReading"][];
            /** Ec Shown */
            ec_shown: string | null;
            /** Kept */
            kept: boolean;
            /** Said */
            said: components["schemas"]["Said"][];
            /** Target Shown */
            target_shown: string | null;
        };
        /**
         * KeepIn
         * @description A sheet to keep: as the next version of a chart, or as a new one.
         *
         *     `seen` is the version that the edit was made from; `picture` what lies beside it.
         */
        KeepIn: {
            /** Chart Id */
            chart_id?: ChartId | null;
            leaflet: components["schemas"]["LeafletDocument"];
            /** Picture */
            picture?: number | null;
            /** Seen */
            seen?: VersionId | null;
        };
        /**
         * Kept
         * @description What was told is kept.
         */
        Kept: {
            /**
             * Kept
             * @default true
             * @constant
             */
            kept: true;
        };
        /**
         * KeptBlend
         * @description A blend that is kept by its name.
         */
        KeptBlend: {
            /** Id */
            id: number;
            /** Name */
            name: string;
            /** Parts */
            parts: components["schemas"]["BlendPartOut"][];
            /** Water */
            water: number;
        };
        /**
         * KeptChart
         * @description Where what was typed or brought in was kept.
         */
        KeptChart: {
            /**
             * Chart Id
             * Format: chart-id
             */
            chart_id: ChartId;
            /**
             * Version Id
             * Format: version-id
             */
            version_id: VersionId;
            /** Version Number */
            version_number: number;
        };
        /**
         * Kind
         * @enum {string}
         */
        Kind: "sign" | "hold" | "advance" | "set_back" | "repeat" | "stretch" | "jump" | "switch" | "done" | "skipped" | "taken_back";
        /**
         * KnownIn
         * @description What was counted, metered, timed or poured; each way with what it needs.
         *
         *     `buckets`: `count` of `volume`. `meter`: from `start` to `end`. `flow`: `volume` in `seconds`,
         *     and the tank in `minutes`. `dose`: `amount` in mL or g of a labelled `product` of the shelf, or
         *     of something of which one in a litre lifts a reading by `lifts` mS/cm; `before` and `after`.
         */
        KnownIn: {
            /**
             * After
             * @default
             */
            after: string | components["schemas"]["Figure"];
            /**
             * Amount
             * @default
             */
            amount: string;
            /**
             * Before
             * @default
             */
            before: string | components["schemas"]["Figure"];
            /**
             * Count
             * @default
             */
            count: string;
            /**
             * End
             * @default
             */
            end: string | components["schemas"]["Figure"];
            /**
             * Lifts
             * @default
             */
            lifts: string;
            /**
             * Minutes
             * @default
             */
            minutes: string;
            /** Product */
            product?: number | null;
            /**
             * Seconds
             * @default
             */
            seconds: string;
            /**
             * Start
             * @default
             */
            start: string | components["schemas"]["Figure"];
            typed_in?: components["schemas"]["TypedIn"] | null;
            /**
             * Volume
             * @default
             */
            volume: string | components["schemas"]["Figure"];
            /**
             * Way
             * @enum {string}
             */
            way: "buckets" | "meter" | "flow" | "dose";
        };
        /**
         * KnownOut
         * @description A volume, and the ends between which it lies in 95 of 100 cases.
         */
        KnownOut: {
            /** High Shown */
            high_shown: string;
            litres: components["schemas"]["Figure"];
            /** Low Shown */
            low_shown: string;
            /** Shown */
            shown: string;
        };
        /**
         * LabelCoverage
         * @description How much of the feed labels tell: all, a part, so that elements are at least so much, or
         *     nothing, so that only the water's are known.
         * @enum {string}
         */
        LabelCoverage: "all" | "part" | "nothing";
        /**
         * LabelDocument
         * @description A label: its guaranteed analysis as printed, a plain salt's name, or an acid's strength.
         *
         *     A label in g/L or mg/L is by volume, whatever `basis` says. `derived_from` is what it is made
         *     of in the maker's words; nothing is computed from it.
         */
        LabelDocument: {
            acid?: components["schemas"]["AcidDocument"] | null;
            /**
             * Analysis
             * @default {}
             */
            analysis: {
                [key: string]: string | number;
            };
            /** @default w/w */
            basis: components["schemas"]["Basis"];
            /** Density */
            density?: (string | number) | null;
            /**
             * Derived From
             * @default
             */
            derived_from: string;
            /** @default percent */
            printed_in: components["schemas"]["PrintedIn"];
            /**
             * Purity
             * @description An exact number of 0 or more as decimal text; JSON numbers too.
             * @default 100
             */
            purity: string | number;
            salt?: components["schemas"]["Salt"] | null;
        };
        /**
         * Lack
         * @description What a tank lacks, the most pressing first.
         * @enum {string}
         */
        Lack: "use_by" | "ph_low" | "ph_high" | "look_again";
        /**
         * LaidColumnOut
         * @description A column with its days, both of them its own; `ph` as text.
         */
        LaidColumnOut: {
            /** Chart Name */
            chart_name: string;
            /**
             * First
             * Format: date
             */
            first: string;
            /** Is Open */
            is_open: boolean;
            /** Key */
            key: string;
            /** Label */
            label: string;
            /**
             * Last
             * Format: date
             */
            last: string;
            /** Ph High */
            ph_high: string | null;
            /** Ph Low */
            ph_low: string | null;
            stage: components["schemas"]["Stage"] | null;
            /** Waits For */
            waits_for: string;
        };
        /**
         * LeafletColumn
         * @description A week or stage; days, EC and pH as typed.
         */
        LeafletColumn: {
            /**
             * Days
             * @default
             */
            days: string;
            /**
             * Ec
             * @default
             */
            ec: string;
            /** Key */
            key: string;
            /** Label */
            label: string;
            /**
             * Ph
             * @default
             */
            ph: string;
            stage?: components["schemas"]["Stage"] | null;
        };
        /**
         * LeafletDocument
         * @description A leaflet as it stands on screen; `reading_unit` is what its EC row is typed in.
         */
        LeafletDocument: {
            /**
             * Columns
             * @default []
             */
            columns: components["schemas"]["LeafletColumn"][];
            /**
             * Maker
             * @default
             */
            maker: string;
            /** @default water */
            medium: components["schemas"]["Medium"];
            /** Name */
            name: string;
            /**
             * Notes
             * @default []
             */
            notes: string[];
            /** Ppm Scale */
            ppm_scale?: (500 | 640 | 700) | null;
            /** @default mS/cm */
            reading_unit: components["schemas"]["ReadingUnit"];
            /** @default added */
            readings: components["schemas"]["Readings"];
            /**
             * Rows
             * @default []
             */
            rows: components["schemas"]["LeafletRow"][];
            /**
             * Rows Are Order
             * @default false
             */
            rows_are_order: boolean;
        };
        /**
         * LeafletOut
         * @description A chart as a leaflet to type on, in the version asked for, and all its versions.
         */
        LeafletOut: {
            /** Archived */
            archived: boolean;
            /**
             * Chart Id
             * Format: chart-id
             */
            chart_id: ChartId;
            leaflet: components["schemas"]["LeafletDocument"];
            /**
             * Version Id
             * Format: version-id
             */
            version_id: VersionId;
            /** Versions */
            versions: components["schemas"]["VersionOut"][];
        };
        /**
         * LeafletRow
         * @description A bottle: what is known of it, the unit of its figures, and its cells as typed.
         */
        LeafletRow: {
            /**
             * After
             * @default []
             */
            after: string[];
            /**
             * Cells
             * @default []
             */
            cells: string[];
            /** @default liquid */
            form: components["schemas"]["Form"];
            /**
             * Group
             * @default
             */
            group: string;
            /** Key */
            key: string;
            /** Name */
            name: string;
            /**
             * Oxidiser
             * @default false
             */
            oxidiser: boolean;
            /**
             * Rank
             * @default 0
             */
            rank: number;
            role: components["schemas"]["Role"];
            /** Scales */
            scales?: boolean | null;
            /**
             * Settles
             * @default false
             */
            settles: boolean;
            unit?: components["schemas"]["DoseUnit"] | null;
            /** Wait Min */
            wait_min?: number | null;
        };
        /**
         * LeftOutDocument
         * @description A dosed product that is not poured.
         */
        LeftOutDocument: {
            /** Name */
            name: string;
            /** Product */
            product: string;
            /** Why */
            why: string;
        };
        /**
         * LengthUnit
         * @description What a tape shows.
         * @enum {string}
         */
        LengthUnit: "cm" | "in";
        /**
         * LivePlace
         * @description Two schools of where live cultures go. The default, last, keeps them from the acid.
         * @enum {string}
         */
        LivePlace: "last" | "first";
        /**
         * LookedIn
         * @description What was seen: `leaks`, and where.
         */
        LookedIn: {
            /** Leaks */
            leaks: boolean;
            /**
             * Note
             * @default
             */
            note: string;
        };
        /**
         * Made
         * @description The number of what was made.
         */
        Made: {
            /** Id */
            id: number;
        };
        /**
         * MadeUpIn
         * @description What was made up: figures as typed, mL of the full bottle and mL or g of what went into it.
         *
         *     `from_product` is what was weighed or measured into it, where that stands on the shelf.
         */
        MadeUpIn: {
            /**
             * Amount
             * @default
             */
            amount: string;
            /**
             * Batch
             * @default
             */
            batch: string;
            /** From Product */
            from_product?: number | null;
            /** Keeps Days */
            keeps_days?: number | null;
            /** Size */
            size: string;
        };
        /**
         * MakeUpAct
         * @description One act of the instructions; each is a press at the bench.
         * @enum {string}
         */
        MakeUpAct: "protect" | "put_in" | "half" | "loose" | "shake" | "fill_up" | "cool" | "date";
        /**
         * MakeUpStepOut
         * @description One press; `shown` is what goes in or up to what it is filled, where anything is measured.
         */
        MakeUpStepOut: {
            act: components["schemas"]["MakeUpAct"];
            /** Shown */
            shown: string | null;
        };
        /**
         * MarginOut
         * @description What a second look at the sheet found.
         */
        MarginOut: {
            /**
             * Code
             * @enum {string}
             */
            code: "dose_implausible" | "dose_jumps" | "ec_falls_while_doses_rise" | "litre_or_gallon" | "no_days" | "pair_unequal_as_typed" | "part_missing" | "us_or_uk_gallon";
            /** Column */
            column: number | null;
            /** Message */
            message: string;
            remedy: components["schemas"]["RemedyOut"] | null;
            /** Row */
            row: number | null;
        };
        /**
         * MeaningIn
         * @description A sheet as it stands, and the tank it is shown for; `feeds` asks for what it feeds, too.
         *
         *     Without `water` it is that of the tank.
         */
        MeaningIn: {
            /**
             * Feeds
             * @default false
             */
            feeds: boolean;
            leaflet: components["schemas"]["LeafletDocument"];
            /**
             * Strength
             * @default 100 %
             */
            strength: string | components["schemas"]["Figure"];
            /** Tank */
            tank?: number | null;
            /** Water */
            water?: number | null;
        };
        /**
         * MeaningOut
         * @description What a sheet means. `litres` is the tank's volume in words; `water_ms_cm` its water's EC.
         */
        MeaningOut: {
            /** Cells */
            cells: components["schemas"]["CellMeaning"][];
            /** Fed */
            fed: components["schemas"]["FedOut"][];
            /** Guesses */
            guesses: components["schemas"]["RowGuess"][];
            /** Labelled */
            labelled: number;
            /** Margin */
            margin: components["schemas"]["MarginOut"][];
            /** Priced */
            priced: number;
            /** Problems */
            problems: components["schemas"]["ProblemOut"][];
            /** Volume */
            volume: string;
            /** Water Ms Cm */
            water_ms_cm: number | null;
        };
        /**
         * MeasuredDocument
         * @description How to measure the amount: what it rounds to, the vessels, and the error as a share.
         *
         *     With `dilute`, value and fills are those of the dilution.
         */
        MeasuredDocument: {
            dilute: components["schemas"]["DilutionDocument"] | null;
            /**
             * Error
             * @description A number as decimal text, with its sign.
             */
            error: string;
            /** Error Shows */
            error_shows: boolean;
            /** Fills */
            fills: components["schemas"]["FillDocument"][];
            unit: components["schemas"]["AmountUnit"];
            /**
             * Value
             * @description An exact number as decimal text.
             */
            value: string;
        };
        /**
         * MeasuredOut
         * @description A tank that was measured; `joined` is what it follows from, with the level that was asked.
         */
        MeasuredOut: {
            joined: components["schemas"]["JoinedDocument"];
            litres: components["schemas"]["Figure"];
            /** Shown */
            shown: string;
            /** Standing Shown */
            standing_shown: string | null;
            /** Vessels */
            vessels: components["schemas"]["DrawnVessel"][];
        };
        /**
         * Measures
         * @description What is calibrated.
         * @enum {string}
         */
        Measures: "ec" | "ph";
        /**
         * Medium
         * @description What plants grow in.
         * @enum {string}
         */
        Medium: "water" | "coir" | "soil";
        /**
         * MemberRole
         * @description What a member is in a grow.
         * @enum {string}
         */
        MemberRole: "owner" | "mixer" | "viewer";
        /**
         * MeterDays
         * @description How often a meter is calibrated from now on.
         */
        MeterDays: {
            /** Every Days */
            every_days: number;
        };
        /**
         * MeterDueDocument
         * @description A meter and when it is calibrated.
         */
        MeterDueDocument: {
            /** Every Days */
            every_days: number;
            /** Last */
            last?: string | null;
            /** Name */
            name: string;
        };
        /**
         * MeterIn
         * @description A meter that is read by hand, and how often it is calibrated.
         */
        MeterIn: {
            /**
             * Every Days
             * @default 30
             */
            every_days: number;
            /** @default pen */
            kind: components["schemas"]["MeterKind"];
            /** Name */
            name: string;
        };
        /**
         * MeterKind
         * @description What a meter tells.
         * @enum {string}
         */
        MeterKind: "pen" | "ec_wand" | "ph_pen" | "drops";
        /**
         * MeterOut
         * @description A meter with its last calibrations; `due_on` by the older of them, None where it has none.
         */
        MeterOut: {
            /** Connected */
            connected: boolean;
            /** Due On */
            due_on: string | null;
            ec: components["schemas"]["CalibrationOut"] | null;
            /** Every Days */
            every_days: number;
            /** Id */
            id: number;
            kind: components["schemas"]["MeterKind"];
            /** Measures */
            measures: components["schemas"]["Measures"][];
            /** Name */
            name: string;
            ph: components["schemas"]["CalibrationOut"] | null;
        };
        /**
         * MetersOut
         * @description All meters of a grow, and the standards that they are calibrated in, as they are named.
         */
        MetersOut: {
            /** Buffers */
            buffers: string[];
            /** Ec Standards */
            ec_standards: string[];
            /** Meters */
            meters: components["schemas"]["MeterOut"][];
            /**
             * Today
             * Format: date
             */
            today: string;
        };
        /**
         * Mineral
         * @description White grit that nutrients are lost to.
         * @enum {string}
         */
        Mineral: "gypsum" | "calcium_phosphate" | "calcite";
        /**
         * MixIn
         * @description A mix as typed; an empty `reading` means that the water was not read.
         *
         *     What is left out of the schools of mixing order is as this grow follows them. `typed_in` are the
         *     units in which volume and reading were typed; without it, those that this person has now.
         */
        MixIn: {
            /**
             * Acid
             * @default
             */
            acid: string;
            /**
             * Acknowledged
             * @default []
             */
            acknowledged: string[];
            between?: components["schemas"]["BetweenIn"] | null;
            /**
             * Blend
             * @default []
             */
            blend: components["schemas"]["BlendIn"][];
            /**
             * Bucket
             * @default
             */
            bucket: string | components["schemas"]["Figure"];
            calmag?: components["schemas"]["CalmagPlace"] | null;
            /** Column */
            column: string;
            convention?: components["schemas"]["TargetConvention"] | null;
            /** @default middle */
            end: components["schemas"]["End"];
            /**
             * Hard Forms
             * @default false
             */
            hard_forms: boolean;
            live?: components["schemas"]["LivePlace"] | null;
            /**
             * Overrides
             * @default []
             */
            overrides: components["schemas"]["OverrideIn"][];
            /**
             * Reading
             * @default
             */
            reading: string | components["schemas"]["Figure"];
            rows?: components["schemas"]["RowsPlace"] | null;
            silica?: components["schemas"]["SilicaPlace"] | null;
            /**
             * Split
             * @default false
             */
            split: boolean;
            /**
             * Stood
             * @default
             */
            stood: string;
            /** Strength */
            strength: string | components["schemas"]["Figure"];
            /** Tank */
            tank: number;
            /**
             * Temperature
             * @default
             */
            temperature: string;
            typed_in?: components["schemas"]["TypedIn"] | null;
            /**
             * Version Id
             * Format: version-id
             */
            version_id: VersionId;
            /** Volume */
            volume: string | components["schemas"]["Figure"];
            /** Water */
            water: number;
        };
        /**
         * MixLine
         * @description A mix that is over, with what the next one like it is asked for by.
         *
         *     `column` and `towards` are keys of its chart's version, `column` empty where there is none;
         *     `volume`, `ec` and `ph` as the record has them, None where it was given up or not read.
         */
        MixLine: {
            /** Chart Name */
            chart_name: string;
            /** Column */
            column: string;
            /** Ec */
            ec: string | null;
            /**
             * Ended At
             * Format: date-time
             */
            ended_at: string;
            /** Id */
            id: number;
            /** Is Given Up */
            is_given_up: boolean;
            /** Label */
            label: string;
            /** People */
            people: string[];
            /** Ph */
            ph: string | null;
            /** Strength */
            strength: string;
            /** Tank */
            tank: number;
            /** Tank Name */
            tank_name: string;
            /** Towards */
            towards: string;
            /** Towards Share */
            towards_share: string;
            /**
             * Version Id
             * Format: version-id
             */
            version_id: VersionId;
            /** Volume */
            volume: string | null;
        };
        /**
         * MixOut
         * @description The pour sheet, how to draw it, and what belongs beside it.
         *
         *     `litres` is what was understood of the typed volume, `volume_shown` the same in words,
         *     `water_shown` the water's reading as the pen shows it, `ready_at` when chlorine will have left
         *     the water, `findings` what the chart as typed makes one look at again. `drawn_down` is there
         *     where the pump draws the tank down. `tags` are the two letters on the bottles, by the key of
         *     the row, of one chart or of two. `usual_reading` is what the water last read, where the typed
         *     reading is far from it.
         */
        MixOut: {
            /** Acids */
            acids: components["schemas"]["AcidChoice"][];
            climb: components["schemas"]["ClimbOut"];
            conventions: components["schemas"]["ConventionOut"];
            drawn_down: components["schemas"]["DrawnDownOut"] | null;
            /** Findings */
            findings: components["schemas"]["FindingOut"][];
            /** Litres */
            litres: string;
            /** Ready At */
            ready_at: string | null;
            sheet: components["schemas"]["PourSheetDocument"];
            /** Tags */
            tags: {
                [key: string]: string;
            };
            /** Usual Reading */
            usual_reading: string | null;
            /** Volume Shown */
            volume_shown: string;
            /** Water Shown */
            water_shown: string | null;
        };
        /**
         * MixRecordDocument
         * @description What is kept of a mix: as it stands, with the corrections that led there.
         */
        MixRecordDocument: {
            /** Alkalinity Meq */
            alkalinity_meq?: string | null;
            /** Began */
            began: number;
            /** Change Out Days */
            change_out_days: number;
            /**
             * Corrections
             * @default []
             */
            corrections: components["schemas"]["CorrectionDocument"][];
            /** Ec */
            ec: string | null;
            /** Ended */
            ended: number;
            /**
             * Format
             * @default brisk-measure/mix-record
             * @constant
             */
            format: "brisk-measure/mix-record";
            /**
             * Litres
             * @description An exact number as decimal text.
             */
            litres: string;
            /** Look Again H */
            look_again_h: number;
            /** Minutes */
            minutes: number;
            /** People */
            people: string[];
            /** Ph */
            ph: string | null;
            /** Poured */
            poured: components["schemas"]["PouredLineDocument"][];
            /** Readings */
            readings: components["schemas"]["ReadLineDocument"][];
            /** Skipped */
            skipped: string[];
            /** Use By Days */
            use_by_days: number;
            /**
             * Version
             * @default 1
             * @constant
             */
            version: 1;
        };
        /**
         * MixesOut
         * @description A page of mixes; `before` asks for those that are older, None where none is.
         */
        MixesOut: {
            /** Before */
            before: number | null;
            /** Items */
            items: components["schemas"]["MixLine"][];
        };
        /**
         * MoveOut
         * @description Something that comes on another day than before; None where it is not planned.
         */
        MoveOut: {
            /** After */
            after: string | null;
            /** Before */
            before: string | null;
            /** What */
            what: string;
        };
        /**
         * NameTyped
         * @description The name of what is removed for good, typed by who wants that.
         */
        NameTyped: {
            /** Name */
            name: string;
        };
        /**
         * NewAccount
         * @description A name and a password for somebody who has no account yet.
         */
        NewAccount: {
            /** Password */
            password: string;
            /** Username */
            username: string;
        };
        /**
         * NewBlend
         * @description A blend by its name; its first water takes what the others leave.
         */
        NewBlend: {
            /** Name */
            name: string;
            /** Parts */
            parts: components["schemas"]["BlendPartIn"][];
            /** Water */
            water: number;
        };
        /**
         * NewProduct
         * @description A product to put on the shelf.
         */
        NewProduct: {
            /** @default liquid */
            form: components["schemas"]["Form"];
            /**
             * Maker
             * @default
             */
            maker: string;
            /** Name */
            name: string;
            role: components["schemas"]["Role"];
        };
        /**
         * Nutrient
         * @description Lines of a guaranteed analysis.
         * @enum {string}
         */
        Nutrient: "N" | "N_nitrate" | "N_ammonium" | "N_urea" | "P" | "P2O5" | "K" | "K2O" | "Ca" | "CaO" | "Mg" | "MgO" | "S" | "SO3" | "Fe" | "Mn" | "Zn" | "Cu" | "B" | "Mo" | "Si" | "SiO2" | "Na" | "Cl";
        /**
         * Occasion
         * @description On which days something is added: with a filling of the tank, between two, or on any.
         * @enum {string}
         */
        Occasion: "change_out" | "between" | "any";
        /**
         * OfferLineOut
         * @description More of one product, and the share of printed dose × strength at which it would stand.
         */
        OfferLineOut: {
            /** Add */
            add: string;
            /** Name */
            name: string;
            /** Of Dose */
            of_dose: string;
        };
        /**
         * OfferOut
         * @description More than printed dose × strength, and what the tank would read then.
         */
        OfferOut: {
            /** Lines */
            lines: components["schemas"]["OfferLineOut"][];
            /** Reading */
            reading: string;
        };
        /**
         * OfferedRule
         * @description A rule that the chart's leaflet prints in a note, as it is understood.
         */
        OfferedRule: {
            /** Note */
            note: string;
            rule: components["schemas"]["RuleDocument"];
        };
        /**
         * OpenMix
         * @description A mix that is under way.
         */
        OpenMix: {
            /** Column */
            column: string;
            /** Id */
            id: number;
            /**
             * Started At
             * Format: date-time
             */
            started_at: string;
            /** Tank */
            tank: number;
            /** Tank Name */
            tank_name: string;
        };
        /**
         * OrderIn
         * @description All tanks that are in use, in the order in which they are wanted.
         */
        OrderIn: {
            /** Tanks */
            tanks: number[];
        };
        /**
         * OrderPreferencesIn
         * @description The schools of mixing order to follow from now on.
         */
        OrderPreferencesIn: {
            calmag: components["schemas"]["CalmagPlace"];
            live: components["schemas"]["LivePlace"];
            rows: components["schemas"]["RowsPlace"];
            silica: components["schemas"]["SilicaPlace"];
        };
        /**
         * OrderPreferencesOut
         * @description The schools of mixing order that this grow follows.
         */
        OrderPreferencesOut: {
            calmag: components["schemas"]["CalmagPlace"];
            live: components["schemas"]["LivePlace"];
            rows: components["schemas"]["RowsPlace"];
            silica: components["schemas"]["SilicaPlace"];
        };
        /**
         * OtherWaterOut
         * @description The water reads otherwise than planned; `follows` tells whether the target goes with it.
         */
        OtherWaterOut: {
            /** Follows */
            follows: boolean;
            /** Planned */
            planned: string;
            /** Read */
            read: string;
        };
        /**
         * OverrideIn
         * @description What is wanted otherwise for one product.
         */
        OverrideIn: {
            /** Product */
            product: string;
            /** Strength */
            strength: string | components["schemas"]["Figure"];
        };
        /**
         * Pace
         * @description How much a person wants to press: every step, one press a product, only waits of need.
         * @enum {string}
         */
        Pace: "full" | "usual" | "brisk";
        /**
         * PaceIn
         * @description How much this person wants to press at the bench, and whether it is dark; or one of both.
         */
        PaceIn: {
            /** Night */
            night?: boolean | null;
            pace?: components["schemas"]["Pace"] | null;
        };
        /**
         * Pass
         * @description Whether a pour is all of a product, or the first or second pass of a split base.
         * @enum {string}
         */
        Pass: "whole" | "first" | "second";
        /**
         * PasswordIn
         * @description The password as it is, and as it is to be.
         *
         *     `end_calendars` ends the person's secret calendar addresses, too.
         */
        PasswordIn: {
            /**
             * End Calendars
             * @default false
             */
            end_calendars: boolean;
            /** New */
            new: string;
            /** Old */
            old: string;
        };
        /**
         * PenIn
         * @description For how many seconds the pen has been in the tank.
         */
        PenIn: {
            /** Seconds */
            seconds: number;
        };
        /**
         * PenOut
         * @description What the pen shows, in the person's units; once it stands still, the median.
         */
        PenOut: {
            /** Ec */
            ec: string;
            /** Ph */
            ph: string;
            /** Still */
            still: boolean;
            /** Temperature */
            temperature: string;
        };
        /**
         * PeopleOut
         * @description Who works in a grow, and who was invited; `role` is that of who asks.
         */
        PeopleOut: {
            /** Invitations */
            invitations: components["schemas"]["InvitationOut"][];
            /** People */
            people: components["schemas"]["PersonOut"][];
            role: components["schemas"]["MemberRole"];
        };
        /**
         * PersonOut
         * @description A member; `you` is who asks.
         */
        PersonOut: {
            /** Id */
            id: number;
            /** Name */
            name: string;
            role: components["schemas"]["MemberRole"];
            /** You */
            you: boolean;
        };
        /**
         * PhTarget
         * @description The pH window, and whether the chart prints it or it is common practice.
         */
        PhTarget: {
            /**
             * High
             * @description An exact number as decimal text.
             */
            high: string;
            /**
             * Low
             * @description An exact number as decimal text.
             */
            low: string;
            /**
             * Source
             * @enum {string}
             */
            source: "chart" | "common_practice";
        };
        /**
         * Phase
         * @description The part of the mixing in which a product goes in.
         * @enum {string}
         */
        Phase: "buffer" | "silica" | "calmag" | "base" | "magnesium" | "additive" | "booster" | "ph" | "live";
        /**
         * PictureOut
         * @description A picture that is kept, and its size in pixels.
         */
        PictureOut: {
            /** Height */
            height: number;
            /** Id */
            id: number;
            /** Width */
            width: number;
        };
        /**
         * PlainReading
         * @description A reading in mS/cm.
         */
        PlainReading: {
            /**
             * Ec
             * @description An exact number as decimal text.
             */
            ec: string;
        };
        /**
         * PlanIn
         * @description How a season goes on, whole, and how it went when the edit was begun.
         */
        PlanIn: {
            plan: components["schemas"]["SeasonDocument"];
            seen: components["schemas"]["SeasonDocument"];
        };
        /**
         * PlanLookedAt
         * @description Another plan than the one that is kept.
         */
        PlanLookedAt: {
            plan: components["schemas"]["SeasonDocument"];
        };
        /**
         * PlanOut
         * @description How a season goes; `offered` are rules of the leaflet of which the plan has none yet.
         */
        PlanOut: {
            /** Offered */
            offered: components["schemas"]["OfferedRule"][];
            plan: components["schemas"]["SeasonDocument"];
        };
        /**
         * PointIn
         * @description A standard by its name, such as 1.413 or 7, and what the meter read in it, as typed.
         */
        PointIn: {
            /** Read */
            read: string | components["schemas"]["Figure"];
            /** Standard */
            standard: string;
        };
        /**
         * PourDocument
         * @description One product going in. `why` says why here, `dose_why` why so much.
         */
        PourDocument: {
            above_water: components["schemas"]["ExpectedReading"] | null;
            amount: components["schemas"]["AmountDocument"] | null;
            /** Dose Why */
            dose_why: string[];
            /** Doubts */
            doubts: components["schemas"]["Doubt"][];
            estimate: components["schemas"]["AmountDocument"] | null;
            grit: components["schemas"]["GritDocument"] | null;
            /** Instead Of */
            instead_of: string | null;
            measured: components["schemas"]["MeasuredDocument"] | null;
            /** Name */
            name: string;
            /** Ph After */
            ph_after: number | null;
            phase: components["schemas"]["Phase"];
            /** Place */
            place: number;
            premix?: components["schemas"]["PremixDocument"] | null;
            /** Printed */
            printed: string;
            /** Product */
            product: string;
            range: components["schemas"]["AmountRangeDocument"] | null;
            /** Read Before */
            read_before: boolean;
            reading_after: components["schemas"]["ExpectedReading"] | null;
            reading_target: components["schemas"]["PlainReading"] | null;
            /** Rinse Into Tank */
            rinse_into_tank: boolean;
            /** Rinses */
            rinses: components["schemas"]["RinseDocument"][];
            /**
             * Share
             * @description An exact number as decimal text.
             */
            share: string;
            /** Stir S */
            stir_s: number;
            turn: components["schemas"]["Pass"];
            /** Wait Min */
            wait_min: number;
            /** Why */
            why: string[];
        };
        /**
         * PourSheetDocument
         * @description What to pour, in order. A mix is not to be started while a stop is unacknowledged.
         */
        PourSheetDocument: {
            /** Blend */
            blend: components["schemas"]["WaterPartDocument"][];
            /** Column */
            column: string;
            /**
             * Format
             * @default brisk-measure/pour-sheet
             * @constant
             */
            format: "brisk-measure/pour-sheet";
            in_tank: components["schemas"]["InTankDocument"] | null;
            /** Left Out */
            left_out: components["schemas"]["LeftOutDocument"][];
            /** Pours */
            pours: components["schemas"]["PourDocument"][];
            schools: components["schemas"]["SchoolsDocument"];
            source: components["schemas"]["PlainReading"] | null;
            target: components["schemas"]["TargetDocument"];
            /** Unacknowledged */
            unacknowledged: string[];
            /**
             * Version
             * @default 1
             * @constant
             */
            version: 1;
            /**
             * Volume L
             * @description An exact number as decimal text.
             */
            volume_l: string;
            /** Warnings */
            warnings: components["schemas"]["WarningDocument"][];
        };
        /**
         * PouredLineDocument
         * @description One product: planned and poured, in its unit; planned is null where a reading decided.
         */
        PouredLineDocument: {
            /** Name */
            name: string;
            /** Planned */
            planned: string | null;
            /**
             * Poured
             * @description An exact number as decimal text.
             */
            poured: string;
            /** Product */
            product: string;
            /** Unit */
            unit: string;
        };
        /**
         * PremixDocument
         * @description How a pour fares in the bucket: clear, or with what falls out, and litres that keep it clear.
         *
         *     `is_clear` is null where no label tells.
         */
        PremixDocument: {
            /** Is Clear */
            is_clear: boolean | null;
            /** Least L */
            least_l: number | null;
            mineral: components["schemas"]["Mineral"] | null;
        };
        /**
         * PrintedIn
         * @description What the lines of a label are printed in.
         * @enum {string}
         */
        PrintedIn: "percent" | "g/L" | "mg/L";
        /**
         * Problem
         * @description What is wrong, where, and what to do.
         */
        Problem: {
            /**
             * Code
             * @enum {string}
             */
            code: "above_the_rim" | "account_unclear" | "acid_strength_unclear" | "ambiguous_gallon" | "ambiguous_number" | "ambiguous_reading" | "ambiguous_strength" | "amount_odd" | "amount_out_of_range" | "analysis_does_not_add_up" | "analysis_names_twice" | "another_standard" | "apart_from_itself" | "apart_unclear" | "bad_request" | "before_start" | "blend_unclear" | "bucket_unclear" | "cannot_read" | "cell_is_a_date" | "changed_meanwhile" | "cone_too_high" | "contradicts_itself" | "correction_incomplete" | "cup_unclear" | "date_to_come" | "day_beyond_reason" | "day_unclear" | "days_out_of_range" | "days_unclear" | "demo" | "density_cannot_hold_it" | "density_out_of_range" | "disk_full" | "done_by_doing" | "dose_incomplete" | "empty" | "event_incomplete" | "factor_out_of_range" | "failed" | "figure_out_of_range" | "file_broken" | "file_has_macros" | "file_links_outside" | "file_locked_or_old" | "file_unsafe" | "form_unknown" | "fraction_unclear" | "gallon_unsaid" | "goes_with_it" | "hours_out_of_range" | "in_use" | "joined_already" | "kept_by_records" | "key_repeats" | "label_by_volume" | "last_owner" | "left_out_of_range" | "length_out_of_range" | "lifted_too_far" | "lifted_too_little" | "made_of_itself" | "made_up_is_liquid" | "member_already" | "missing" | "mix_is_over" | "mix_under_way" | "name_missing" | "name_taken" | "negative" | "never_hot" | "no_archive" | "no_brew" | "no_database" | "no_film" | "no_grade" | "no_label" | "no_pen" | "no_picture" | "no_record" | "no_standard" | "no_such_case" | "no_table" | "no_table_file" | "no_time" | "no_version" | "no_way_between" | "not_a_choice" | "not_a_hard_form" | "not_a_number" | "not_a_wish" | "not_allowed" | "not_enough" | "not_far" | "not_found" | "not_in_grow" | "not_in_record" | "not_json" | "not_measured" | "not_text" | "not_together" | "not_watched" | "not_yet" | "nothing_stands" | "nothing_to_pour" | "order_contradiction" | "order_incomplete" | "other_name" | "out_of_range" | "out_of_reach" | "page_outdated" | "password_weak" | "ph_out_of_range" | "ppm_without_scale" | "price_out_of_range" | "purity_out_of_range" | "ran_backwards" | "range_not_allowed" | "range_out_of_range" | "range_upside_down" | "reading_odd" | "reading_out_of_range" | "recovery_out_of_range" | "refused" | "report_out_of_range" | "report_unclear" | "rule_unclear" | "scale_without_ppm" | "season_ended" | "season_overlaps" | "season_told" | "share_out_of_range" | "sign_in_needed" | "size_out_of_range" | "stage_unclear" | "standard_twice" | "stops_open" | "strength_out_of_range" | "table_too_large" | "tank_archived" | "tank_beyond_model" | "task_settled" | "temperature_out_of_range" | "time_not_over" | "time_unclear" | "too_large" | "too_long" | "too_many_or_few" | "too_many_tries" | "too_soon" | "too_steep" | "two_doses_in_a_cell" | "unit_does_not_fit" | "unit_unknown" | "unit_unsaid" | "unknown_acid" | "unknown_column" | "unknown_field" | "unknown_length" | "unknown_number" | "unknown_product" | "unknown_sheet" | "unknown_step" | "unknown_time_zone" | "unknown_unit" | "unknown_value" | "until_before_start" | "vessel_unclear" | "volume_odd" | "volume_out_of_range" | "volume_unclear" | "water_impossible" | "water_unknown" | "which_bottle" | "words_unclear" | "wrong_fields" | "wrong_format" | "wrong_password" | "wrong_type" | "wrong_value";
            /** Message */
            message: string;
            /**
             * Where
             * @default
             */
            where: string;
        };
        /**
         * ProblemOut
         * @description What cannot be read: a cell, or the `part` of a row or column: name, days, ec, ph.
         */
        ProblemOut: {
            /**
             * Code
             * @enum {string}
             */
            code: "above_the_rim" | "account_unclear" | "acid_strength_unclear" | "ambiguous_gallon" | "ambiguous_number" | "ambiguous_reading" | "ambiguous_strength" | "amount_odd" | "amount_out_of_range" | "analysis_does_not_add_up" | "analysis_names_twice" | "another_standard" | "apart_from_itself" | "apart_unclear" | "before_start" | "blend_unclear" | "bucket_unclear" | "cannot_read" | "cell_is_a_date" | "changed_meanwhile" | "cone_too_high" | "contradicts_itself" | "correction_incomplete" | "cup_unclear" | "date_to_come" | "day_beyond_reason" | "day_unclear" | "days_out_of_range" | "days_unclear" | "demo" | "density_cannot_hold_it" | "density_out_of_range" | "done_by_doing" | "dose_incomplete" | "empty" | "event_incomplete" | "factor_out_of_range" | "figure_out_of_range" | "file_broken" | "file_has_macros" | "file_links_outside" | "file_locked_or_old" | "file_unsafe" | "form_unknown" | "fraction_unclear" | "gallon_unsaid" | "goes_with_it" | "hours_out_of_range" | "in_use" | "joined_already" | "kept_by_records" | "key_repeats" | "label_by_volume" | "last_owner" | "left_out_of_range" | "length_out_of_range" | "lifted_too_far" | "lifted_too_little" | "made_of_itself" | "made_up_is_liquid" | "member_already" | "missing" | "mix_is_over" | "mix_under_way" | "name_missing" | "name_taken" | "negative" | "never_hot" | "no_archive" | "no_brew" | "no_film" | "no_grade" | "no_label" | "no_pen" | "no_picture" | "no_record" | "no_standard" | "no_such_case" | "no_table" | "no_table_file" | "no_time" | "no_version" | "no_way_between" | "not_a_choice" | "not_a_hard_form" | "not_a_number" | "not_a_wish" | "not_enough" | "not_far" | "not_in_grow" | "not_in_record" | "not_json" | "not_measured" | "not_text" | "not_together" | "not_watched" | "not_yet" | "nothing_stands" | "nothing_to_pour" | "order_contradiction" | "order_incomplete" | "other_name" | "out_of_range" | "out_of_reach" | "password_weak" | "ph_out_of_range" | "ppm_without_scale" | "price_out_of_range" | "purity_out_of_range" | "ran_backwards" | "range_not_allowed" | "range_out_of_range" | "range_upside_down" | "reading_odd" | "reading_out_of_range" | "recovery_out_of_range" | "report_out_of_range" | "report_unclear" | "rule_unclear" | "scale_without_ppm" | "season_ended" | "season_overlaps" | "season_told" | "share_out_of_range" | "size_out_of_range" | "stage_unclear" | "standard_twice" | "stops_open" | "strength_out_of_range" | "table_too_large" | "tank_archived" | "tank_beyond_model" | "task_settled" | "temperature_out_of_range" | "time_not_over" | "time_unclear" | "too_large" | "too_long" | "too_many_or_few" | "too_soon" | "too_steep" | "two_doses_in_a_cell" | "unit_does_not_fit" | "unit_unknown" | "unit_unsaid" | "unknown_acid" | "unknown_column" | "unknown_field" | "unknown_length" | "unknown_number" | "unknown_product" | "unknown_sheet" | "unknown_step" | "unknown_time_zone" | "unknown_unit" | "unknown_value" | "until_before_start" | "vessel_unclear" | "volume_odd" | "volume_out_of_range" | "volume_unclear" | "water_impossible" | "water_unknown" | "which_bottle" | "words_unclear" | "wrong_fields" | "wrong_format" | "wrong_password" | "wrong_type" | "wrong_value";
            /** Column */
            column: number | null;
            /** Message */
            message: string;
            /** Part */
            part: string;
            /** Row */
            row: number | null;
        };
        /**
         * ProductIn
         * @description What is to be known of a product; `seen` is the state that the edit was made from.
         *
         *     Only what differs from it is written, and refused where it was changed meanwhile.
         */
        ProductIn: {
            /** Hard Form Of */
            hard_form_of?: number | null;
            label?: components["schemas"]["LabelDocument"] | null;
            /**
             * Left
             * @default
             */
            left: string;
            /**
             * Price
             * @default
             */
            price: string;
            seen?: components["schemas"]["ProductSeen"] | null;
            /**
             * Size
             * @default
             */
            size: string;
        };
        /**
         * ProductOut
         * @description A product on the shelf. `left` in mL or g as typed; `as_much` for an acid: what one mL of it
         *     does, in words, by each other acid of the shelf; `short` what was poured past what was left;
         *     `bottles` how many stand here, 0 where nobody told of bottles; `lasts_days` at the pace of use;
         *     `off` the worst that is to be minded of a bottle that is not empty; `may_be_made_up` whether a
         *     bottle of it can be made up with hot water, `may_be_put_in` whether it may be what goes in.
         */
        ProductOut: {
            /** As Much */
            as_much: string[];
            /** Bottles */
            bottles: number;
            form: components["schemas"]["Form"];
            /** Hard Form Of */
            hard_form_of: number | null;
            /** Id */
            id: number;
            label: components["schemas"]["LabelDocument"] | null;
            /** Lasts Days */
            lasts_days: number | null;
            /** Left */
            left: string;
            /** Maker */
            maker: string;
            /** May Be Made Up */
            may_be_made_up: boolean;
            /** May Be Put In */
            may_be_put_in: boolean;
            /** Name */
            name: string;
            off: components["schemas"]["BottleState"];
            /** Price */
            price: string;
            role: components["schemas"]["Role"];
            /** Short */
            short: string | null;
            /** Size */
            size: string;
            /** Tag */
            tag: string;
        };
        /**
         * ProductSeen
         * @description What is known of a product, as typed; empty for unknown. `price` buys `size` mL or g.
         */
        ProductSeen: {
            /** Hard Form Of */
            hard_form_of?: number | null;
            label?: components["schemas"]["LabelDocument"] | null;
            /**
             * Left
             * @default
             */
            left: string;
            /**
             * Price
             * @default
             */
            price: string;
            /**
             * Size
             * @default
             */
            size: string;
        };
        /**
         * Programme
         * @description Mineral feed that is changed out, or a living tank that is held for months.
         * @enum {string}
         */
        Programme: "mineral" | "living";
        /**
         * QuestionOut
         * @description What a table leaves open; row and column count from 1 as in what was read.
         *
         *     `rows` are those of which it asks what they are.
         */
        QuestionOut: {
            /** Choices */
            choices: string[];
            code: components["schemas"]["Asked"];
            /** Column */
            column: number;
            /** Message */
            message: string;
            /** Of Doses */
            of_doses: boolean;
            /** Row */
            row: number;
            /** Rows */
            rows: components["schemas"]["UnsureRowOut"][];
        };
        /**
         * RangeIn
         * @description An own range of an element as typed, ppm.
         */
        RangeIn: {
            /** High */
            high: string;
            /** Low */
            low: string;
        };
        /**
         * RangesIn
         * @description Own ranges; an element that is left out goes back to the general range.
         */
        RangesIn: {
            /** Ranges */
            ranges: {
                [key: string]: components["schemas"]["RangeIn"];
            };
        };
        /**
         * ReadForm
         * @description A pasted text, or a file beside it; and answers to what the leaflet leaves open.
         *
         *     `answers` are those that are no single word, as JSON: `rows`, `as_printed`, `strength`,
         *     `hidden`, `table`.
         */
        ReadForm: {
            /**
             * Answers
             * @default
             */
            answers: string;
            /**
             * Gallon
             * @default
             * @enum {string}
             */
            gallon: "" | "us" | "uk";
            /**
             * Name
             * @default
             */
            name: string;
            /**
             * Ppm Scale
             * @default
             * @enum {string}
             */
            ppm_scale: "" | "500" | "640" | "700";
            /**
             * Reading Unit
             * @default
             * @enum {string}
             */
            reading_unit: "" | "mS/cm" | "uS/cm" | "CF";
            /**
             * Sheet
             * @default
             */
            sheet: string;
            /**
             * Text
             * @default
             */
            text: string;
            /**
             * Unit
             * @default
             */
            unit: string;
        };
        /**
         * ReadLineDocument
         * @description One reading: EC in mS/cm or pH, seconds since the epoch.
         */
        ReadLineDocument: {
            /** At */
            at: number;
            /** By */
            by: string;
            /**
             * Figure
             * @description An exact number as decimal text.
             */
            figure: string;
            /** Step */
            step: string;
            /**
             * What
             * @enum {string}
             */
            what: "ec" | "ph";
        };
        /**
         * ReadOut
         * @description A table as it was found and as it was understood; nothing of it is kept.
         *
         *     `leaflet` is the sheet to go on with: what is open stands in its cells as printed. `tables` are
         *     all that the file has, where it has more than one.
         */
        ReadOut: {
            /** Cells */
            cells: components["schemas"]["CellOut"][];
            /** Guesses */
            guesses: components["schemas"]["GuessOut"][];
            /** Is Whole */
            is_whole: boolean;
            leaflet: components["schemas"]["LeafletDocument"];
            /** Questions */
            questions: components["schemas"]["QuestionOut"][];
            /** Rows */
            rows: string[][];
            /** Sheet */
            sheet: string;
            /** Sheets */
            sheets: string[];
            /** Tables */
            tables: components["schemas"]["FoundTableOut"][];
        };
        /**
         * ReadingUnit
         * @description Units of a reading; mS/cm is the same as dS/m and what growers call EC.
         * @enum {string}
         */
        ReadingUnit: "mS/cm" | "uS/cm" | "CF" | "ppm";
        /**
         * Readings
         * @description What a chart's EC means: added to neutral water, the total on the meter, or none printed.
         * @enum {string}
         */
        Readings: "added" | "total" | "none";
        /**
         * ReceivedIn
         * @description Bottles that came; several of the same kind at a time.
         */
        ReceivedIn: {
            /**
             * Batch
             * @default
             */
            batch: string;
            /** Best Before */
            best_before?: string | null;
            /**
             * Count
             * @default 1
             */
            count: number;
            /** Keeps Days */
            keeps_days?: number | null;
            /**
             * Left
             * @default
             */
            left: string;
            /**
             * Note
             * @default
             */
            note: string;
            /** Opened On */
            opened_on?: string | null;
            /**
             * Price
             * @default
             */
            price: string;
            /** Received On */
            received_on?: string | null;
            /**
             * Size
             * @default
             */
            size: string;
        };
        /**
         * RecordLineOut
         * @description A figure of a record: `of` is what a correction names it by, `typed` how it is typed again.
         *
         *     `shown` has its unit; `was` is what stood there when the mix ended, where it was corrected.
         */
        RecordLineOut: {
            /** At */
            at?: number | null;
            /**
             * By
             * @default
             */
            by: string;
            /** Name */
            name: string;
            /** Of */
            of: string;
            /** Planned */
            planned?: string | null;
            /** Shown */
            shown: string;
            /** Typed */
            typed: string;
            /** Unit */
            unit: string;
            /** Was */
            was?: string | null;
            what: components["schemas"]["Corrected"];
        };
        /**
         * RemedyOut
         * @description One edit that settles it: `text` into a cell; without a row into the days of every column.
         */
        RemedyOut: {
            /** Column */
            column: number | null;
            /** Row */
            row: number | null;
            /** Text */
            text: string;
            /** Words */
            words: string;
        };
        /**
         * RestsOn
         * @description What an expected reading rests on.
         * @enum {string}
         */
        RestsOn: "label" | "chart" | "rule" | "nothing";
        /**
         * RinseDocument
         * @description A vessel to rinse before this pour, because `other` was in it.
         */
        RinseDocument: {
            /** Other */
            other: string;
            vessel: components["schemas"]["UsedVessel"];
        };
        /**
         * RiserOut
         * @description One pour in the drawing; levels in the person's unit, `shown` as the pen shows it.
         *
         *     `low` and `high` are the edges of the band in which the reading may lie, `unsure_shown` half its
         *     width.
         */
        RiserOut: {
            basis: components["schemas"]["RestsOn"];
            /** High */
            high: number | null;
            /** Level */
            level: number | null;
            /** Low */
            low: number | null;
            /** Minute */
            minute: number;
            /** Ph */
            ph: number | null;
            /** Place */
            place: number;
            /** Shown */
            shown: string | null;
            /** Unsure Shown */
            unsure_shown: string | null;
            /** Wait Min */
            wait_min: number;
        };
        /**
         * Role
         * @description What a product is for; it decides its place in the order and whether strength scales it.
         * @enum {string}
         */
        Role: "buffer" | "silica" | "calmag" | "base" | "magnesium" | "additive_alkaline" | "enzyme" | "additive" | "booster" | "ph_adjuster" | "live";
        /**
         * RoleIn
         * @description What a member is from now on.
         */
        RoleIn: {
            role: components["schemas"]["MemberRole"];
        };
        /**
         * RowGuess
         * @description What a bottle is for by its name, and by which word of it.
         */
        RowGuess: {
            /** Group */
            group: string;
            /** Oxidiser */
            oxidiser: boolean;
            /** Rank */
            rank: number;
            role: components["schemas"]["Role"];
            /** Row */
            row: number;
            /** Sure */
            sure: boolean;
            /** Why */
            why: string;
        };
        /**
         * RowOut
         * @description A product of a chart, with the two letters on its label.
         */
        RowOut: {
            /** Key */
            key: string;
            /** Name */
            name: string;
            /** Tag */
            tag: string;
        };
        /**
         * RowsPlace
         * @description Whose order holds where a chart states its rows as the mixing order.
         *
         *     The default is the chart's: its maker knows the bottles. Hard rules hold either way.
         * @enum {string}
         */
        RowsPlace: "printed" | "chemistry";
        /**
         * RuleDocument
         * @description When a product is added.
         */
        RuleDocument: {
            /**
             * Apart From
             * @default []
             */
            apart_from: components["schemas"]["ApartDocument"][];
            begins?: components["schemas"]["AnchorDocument"] | null;
            ends?: components["schemas"]["AnchorDocument"] | null;
            /** Every Days */
            every_days?: number | null;
            /**
             * Foliar
             * @default false
             */
            foliar: boolean;
            /** For Days */
            for_days?: number | null;
            /**
             * From Day
             * @default 0
             */
            from_day: number;
            /**
             * Only Stages
             * @default []
             */
            only_stages: components["schemas"]["Stage"][];
            /** Product */
            product: string;
            /** Then Every Days */
            then_every_days?: number | null;
            /** Until Days Before Harvest */
            until_days_before_harvest?: number | null;
            /** @default any */
            with: components["schemas"]["Occasion"];
        };
        /**
         * Said
         * @description What one reading says.
         * @enum {string}
         */
        Said: "ec_odd" | "ph_odd" | "ec_right" | "ec_high" | "ec_low" | "water_over_target" | "top_up_plain" | "top_up_thins" | "top_up_weak" | "top_up_full" | "ph_right" | "ph_high" | "ph_low" | "oxygen_short" | "warm" | "cold";
        /**
         * Salt
         * @description Plain salts that are sold under their chemical names.
         * @enum {string}
         */
        Salt: "calcium_nitrate" | "calcium_nitrate_tetrahydrate" | "potassium_nitrate" | "magnesium_nitrate" | "ammonium_nitrate" | "monopotassium_phosphate" | "monoammonium_phosphate" | "potassium_sulfate" | "magnesium_sulfate" | "ammonium_sulfate" | "calcium_chloride" | "potassium_chloride" | "potassium_carbonate" | "potassium_hydroxide" | "urea";
        /**
         * SaturationDocument
         * @description A mineral that the finished tank is more than saturated with.
         */
        SaturationDocument: {
            mineral: components["schemas"]["Mineral"];
            /** Times */
            times: number;
        };
        /**
         * SchoolsDocument
         * @description The target by the school followed, and by each school for comparison.
         *
         *     `whole` is what of it strength does not scale; `not_counted` names what no label tells of that.
         */
        SchoolsDocument: {
            all_in: components["schemas"]["EcWindow"] | null;
            followed: components["schemas"]["TargetConvention"];
            /**
             * Not Counted
             * @default []
             */
            not_counted: string[];
            on_top: components["schemas"]["EcWindow"] | null;
            /**
             * Whole
             * @description An exact number as decimal text.
             * @default 0
             */
            whole: string;
        };
        /**
         * SeasonConflict
         * @description What cannot be as it was asked for.
         */
        SeasonConflict: {
            /**
             * Code
             * @enum {string}
             */
            code: "ends_before_it_begins" | "no_day" | "no_harvest" | "no_such_stage" | "nothing_to_stretch" | "oxidiser_in_living_tank" | "oxidiser_meets_cultures" | "season_over" | "shortened_too_far" | "too_late";
            /** Message */
            message: string;
            /** Rules */
            rules: string[];
        };
        /**
         * SeasonDocument
         * @description How a season goes, whatever happens in it; without what it is given in a course request.
         */
        SeasonDocument: {
            change_out?: components["schemas"]["ChangeOutDocument"] | null;
            /** First Column */
            first_column?: string | null;
            /** Flush Days */
            flush_days?: number | null;
            /** Harvest */
            harvest?: string | null;
            /**
             * Meters
             * @default []
             */
            meters: components["schemas"]["MeterDueDocument"][];
            /**
             * Mix At
             * @description A time of day, such as 09:00.
             * @default 09:00:00
             */
            mix_at: string;
            /** Most Additions A Day */
            most_additions_a_day?: number | null;
            /** @default mineral */
            programme: components["schemas"]["Programme"];
            /**
             * Read Every Days
             * @default 1
             */
            read_every_days: number | null;
            /**
             * Rules
             * @default []
             */
            rules: components["schemas"]["RuleDocument"][];
            /** Stock Hours */
            stock_hours?: (string | number) | null;
            /**
             * Strengths
             * @default []
             */
            strengths: components["schemas"]["StrengthDocument"][];
            /**
             * Waits For
             * @default []
             */
            waits_for: components["schemas"]["WaitDocument"][];
        };
        /**
         * SeasonEndSeen
         * @description When a season ended, as a screen had it.
         */
        SeasonEndSeen: {
            /** Ended On */
            ended_on: string | null;
        };
        /**
         * SeasonIn
         * @description The sentence that begins a season.
         *
         *     `rising_to` is reached by the column `rising_by`; without
         *     `change_out_days` the tank is only topped up.
         */
        SeasonIn: {
            /** Change Out Days */
            change_out_days?: number | null;
            /** First Column */
            first_column: string;
            /**
             * Planted
             * @default
             */
            planted: string;
            /** @default mineral */
            programme: components["schemas"]["Programme"];
            /**
             * Rising By
             * @default
             */
            rising_by: string;
            /**
             * Rising To
             * @default
             */
            rising_to: string | components["schemas"]["Figure"];
            /**
             * Started On
             * Format: date
             */
            started_on: string;
            /**
             * Strength
             * @default 100 %
             */
            strength: string | components["schemas"]["Figure"];
            /**
             * Version Id
             * Format: version-id
             */
            version_id: VersionId;
        };
        /**
         * SeasonProduct
         * @description A product of a season; `product` is its number on the shelf, where it is there.
         */
        SeasonProduct: {
            /** Key */
            key: string;
            /** Name */
            name: string;
            /** Product */
            product: number | null;
            /** Tag */
            tag: string;
        };
        /**
         * SeasonTold
         * @description What the season was told; `what` is the column, sign or task it is about.
         */
        SeasonTold: {
            /** By */
            by: string;
            /** Days */
            days: number | null;
            /** Id */
            id: number;
            kind: components["schemas"]["Kind"];
            /**
             * On
             * Format: date
             */
            on: string;
            /** Reason */
            reason: string;
            /** What */
            what: string;
        };
        /**
         * Severity
         * @description How much it matters: to be acknowledged before a mix starts, to act on, or good to know.
         * @enum {string}
         */
        Severity: "stop" | "mind" | "note";
        /**
         * ShapeName
         * @description What a vessel is shaped like; a gutter is a channel, a pipe lies.
         * @enum {string}
         */
        ShapeName: "box" | "upright_cylinder" | "lying_cylinder" | "cone_bottomed" | "bucket" | "channel" | "pipe" | "tray";
        /**
         * ShareIn
         * @description How much of another water brings a source to a figure: EC as typed, else ppm.
         *
         *     `volume` is what both fill together, `recovery` the share of its feed that a membrane lets by.
         */
        ShareIn: {
            /** Figure */
            figure: string;
            /** Other */
            other: number;
            /**
             * Recovery
             * @default
             */
            recovery: string | components["schemas"]["Figure"];
            /** Source */
            source: number;
            typed_in?: components["schemas"]["TypedIn"] | null;
            /**
             * Volume
             * @default
             */
            volume: string | components["schemas"]["Figure"];
            wanted: components["schemas"]["Wanted"];
        };
        /**
         * ShareOut
         * @description The share of the other water, of 1, and as whole percent.
         *
         *     Where a volume was given: how much that is; where the recovery of a membrane was given, too:
         *     what it draws and what it rejects.
         */
        ShareOut: {
            /** Drawn Shown */
            drawn_shown: string;
            /** Made Shown */
            made_shown: string;
            /** Percent */
            percent: string;
            /** Rejected Shown */
            rejected_shown: string;
            /** Share */
            share: string;
        };
        /**
         * ShelfOut
         * @description What stands on shelf and bench; `usual` while the grow has said nothing about its bench.
         *
         *     `after` asks for the products that follow, None where none does; `today` is the day at the grow.
         */
        ShelfOut: {
            /** After */
            after: number | null;
            /** Products */
            products: components["schemas"]["ProductOut"][];
            /**
             * Today
             * Format: date
             */
            today: string;
            /** Usual */
            usual: boolean;
            /** Vessels */
            vessels: components["schemas"]["VesselOut"][];
        };
        /**
         * Shows
         * @description How a scale shows a weight. 6 lb 4 oz is 6.25 lb: growers mix the two up.
         * @enum {string}
         */
        Shows: "g" | "lb" | "lb_oz";
        /**
         * SignIn
         * @description A name and a password.
         */
        SignIn: {
            /** Password */
            password: string;
            /** Username */
            username: string;
        };
        /**
         * SignedIn
         * @description Who is signed in; `demo` offers the demo's sign-in.
         */
        SignedIn: {
            /** Demo */
            demo: boolean;
            /** Grows */
            grows: components["schemas"]["GrowOut"][];
            /** Person */
            person: string | null;
        };
        /**
         * SilicaPlace
         * @description Makers differ on RO water. The default is the buffer first, so that it has settled.
         * @enum {string}
         */
        SilicaPlace: "after_buffer" | "before_buffer";
        /**
         * SpanOut
         * @description Days on which a product is poured as much; `share` is that of its largest dose, 0 to 1.
         */
        SpanOut: {
            /**
             * First
             * Format: date
             */
            first: string;
            /**
             * Last
             * Format: date
             */
            last: string;
            /** Share */
            share: number;
        };
        /**
         * Spoons
         * @description Which spoon and fluid ounce a chart means.
         * @enum {string}
         */
        Spoons: "metric" | "us";
        /**
         * Stage
         * @description Stages of growth.
         * @enum {string}
         */
        Stage: "seedling" | "leaf" | "transition" | "flower" | "ripen" | "flush";
        /**
         * StarterOut
         * @description A starter chart: its short name, what it is called, and what it is made of.
         */
        StarterOut: {
            /** Bottles */
            bottles: number;
            /** Columns */
            columns: number;
            /** Key */
            key: string;
            medium: components["schemas"]["Medium"];
            /** Name */
            name: string;
        };
        /**
         * SteeringOut
         * @description What readings call for, in words and codes that the bench shows.
         *
         *     `off_percent` is how far off the rise was that was last read, "12 % less", with `causes` where
         *     that is odd; `other_water` where the water is not the one planned with; `way_out` is what can be
         *     done where too much went in; `offer` is more than the printed dose, `estimate` the volume that a
         *     reading tells where it is asked for, `litres` the one that counts where that is not the plan's;
         *     `capped` tells that more than printed dose × strength would be wanted. `holds` is the same
         *     volume as it is kept, where the mix was planned for the whole tank: so it holds something else.
         */
        SteeringOut: {
            /** Acid Why */
            acid_why: string | null;
            /** Alkali Why */
            alkali_why: string | null;
            /** Capped */
            capped: boolean;
            /** Causes */
            causes: string[];
            estimate: components["schemas"]["VolumeOut"] | null;
            holds: components["schemas"]["Figure"] | null;
            /** Litres */
            litres: string | null;
            /** Look Again H */
            look_again_h: number | null;
            /** Off Percent */
            off_percent: string | null;
            offer: components["schemas"]["OfferOut"] | null;
            other_water: components["schemas"]["OtherWaterOut"] | null;
            verdict: components["schemas"]["Verdict"] | null;
            way_out: components["schemas"]["WayOutOut"] | null;
        };
        /**
         * StepKind
         * @description Kinds of step, one to a screen.
         * @enum {string}
         */
        StepKind: "fill" | "read_water" | "read_temperature" | "chlorine" | "bottles" | "gear" | "shake" | "pour" | "stir" | "wait" | "read_ec" | "volume" | "add" | "drain" | "read_ph" | "acid" | "alkali" | "advice" | "cover";
        /**
         * StepOut
         * @description One step; `amount` exact as text, `due` in epoch seconds.
         *
         *     `unit` is the person's own. `goes_in` is what is in when the vessels were filled to their
         *     marks, `exact` the same with its unit, whatever units are shown; that is told when poured.
         *     `why` is the reason of an advice, with its likely `causes`, the likeliest first; it `offers`
         *     where it is more than is right, for whoever takes it on purpose.
         *     `beyond` is what the reading asks for where printed dose × strength caps the amount; `of_dose`
         *     is the share of that, "126 %", at which a product stands after an addition; told of more than
         *     `odd_above`, one is asked whether it is so;
         *     `figure_shown` is what was poured or read, in the person's unit. `ends` tells what ends it at
         *     this person's pace, and `takes_s` about how many seconds it takes then.
         */
        StepOut: {
            /** Adds Ppm */
            adds_ppm: {
                [key: string]: number;
            };
            /** Amount */
            amount: string | null;
            /** Beyond */
            beyond: string | null;
            /** By */
            by: string;
            /** Causes */
            causes: string[];
            /** Cup Water */
            cup_water: string | null;
            /** Due */
            due: number | null;
            ends: components["schemas"]["Ending"];
            /** Event */
            event: string | null;
            exact: components["schemas"]["Figure"] | null;
            /** Figure Shown */
            figure_shown: string | null;
            /** Goes In */
            goes_in: string | null;
            /** Id */
            id: string;
            kind: components["schemas"]["StepKind"];
            measured: components["schemas"]["MeasuredDocument"] | null;
            /** Name */
            name: string | null;
            /** Odd Above */
            odd_above: string | null;
            /** Of Dose */
            of_dose: string | null;
            /** Offers */
            offers: boolean;
            /** Pour */
            pour: number | null;
            /** Product */
            product: string | null;
            /** Seconds */
            seconds: number | null;
            status: components["schemas"]["StepStatus"];
            /** Takes S */
            takes_s: number;
            /** Unit */
            unit: string;
            /** Why */
            why: string;
        };
        /**
         * StepStatus
         * @description Whether a step is over, on now, or still to come.
         * @enum {string}
         */
        StepStatus: "done" | "skipped" | "now" | "ahead";
        /**
         * StockBottle
         * @description A bottle; figures in mL or g. `level` is how full it is, 0 to 1, where that is known.
         */
        StockBottle: {
            /** Batch */
            batch: string;
            /** Best Before */
            best_before: string | null;
            /** Good Until */
            good_until: string | null;
            /** Id */
            id: number;
            /** Keeps Days */
            keeps_days: number | null;
            /** Left */
            left: string;
            /** Level */
            level: number | null;
            /** Note */
            note: string;
            /** Opened On */
            opened_on: string | null;
            /** Price */
            price: string;
            /** Received On */
            received_on: string | null;
            /** Size */
            size: string;
            state: components["schemas"]["BottleState"];
        };
        /**
         * StockChange
         * @description What may become of stock.
         * @enum {string}
         */
        StockChange: "received" | "used" | "corrected" | "discarded";
        /**
         * StockEntryOut
         * @description What became of stock, and when; `amount` with its sign, `left` of the product after it.
         */
        StockEntryOut: {
            /** Amount */
            amount: string;
            /** By */
            by: string | null;
            kind: components["schemas"]["StockChange"];
            /** Left */
            left: string;
            /** Mix */
            mix: number | null;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Reason */
            reason: string;
        };
        /**
         * StockOut
         * @description Bottles, the one to take first before the others, and what became of them, newest first.
         */
        StockOut: {
            /** Bottles */
            bottles: components["schemas"]["StockBottle"][];
            /** History */
            history: components["schemas"]["StockEntryOut"][];
            /** Lasts Days */
            lasts_days: number | null;
            /** Left */
            left: string;
            /**
             * Unit
             * @enum {string}
             */
            unit: "mL" | "g";
        };
        /**
         * StrengthDocument
         * @description A share of the printed dose, from a day or from a column on.
         */
        StrengthDocument: {
            /** Column */
            column?: string | null;
            /**
             * From Day
             * @default 0
             */
            from_day: number;
            /**
             * Strength
             * @description An exact number of 0 or more as decimal text; JSON numbers too.
             */
            strength: string | number;
        };
        /**
         * StrokeOut
         * @description A product over the season: spans by its columns, single days by its rule, if it has one.
         */
        StrokeOut: {
            /** Days */
            days: string[];
            /** Product */
            product: string;
            /** Rule */
            rule: number | null;
            /** Spans */
            spans: components["schemas"]["SpanOut"][];
        };
        /**
         * SummaryOut
         * @description A mix that is over, as it stands; `corrections` from the first to the last.
         */
        SummaryOut: {
            /** Corrections */
            corrections: components["schemas"]["CorrectedOut"][];
            /** Lines */
            lines: components["schemas"]["RecordLineOut"][];
            /** People */
            people: string[];
        };
        /**
         * System
         * @description Systems that differ in how hard a feed hits the roots.
         * @enum {string}
         */
        System: "film" | "deep_water" | "recirculating_deep_water" | "aeroponic" | "ebb_and_flow" | "drip" | "hand";
        /**
         * TakenAs
         * @description What a row may be taken as.
         * @enum {string}
         */
        TakenAs: "bottle" | "reading:ec" | "reading:ph" | "note";
        /**
         * TankEdit
         * @description What is to be changed of a tank; a field that is not named stays.
         *
         *     `joined` are its vessels: its volume follows from them. `volume` alone is one that is known in
         *     another way, and the drawing stays as it was.
         */
        TankEdit: {
            /**
             * Crop
             * @default
             */
            crop: string;
            crop_kind?: components["schemas"]["Crop"] | null;
            /** @default water */
            grown_in: components["schemas"]["Medium"];
            joined?: components["schemas"]["JoinedDocument"] | null;
            /** Name */
            name?: string | null;
            seen?: components["schemas"]["TankSeen"] | null;
            system_kind?: components["schemas"]["System"] | null;
            typed_in?: components["schemas"]["TypedIn"] | null;
            /**
             * Volume
             * @default
             */
            volume: string | components["schemas"]["Figure"];
            /** Water */
            water?: number | null;
        };
        /**
         * TankIn
         * @description A tank; the volume as typed, all the water that is joined.
         */
        TankIn: {
            /**
             * Crop
             * @default
             */
            crop: string;
            crop_kind?: components["schemas"]["Crop"] | null;
            /** @default water */
            grown_in: components["schemas"]["Medium"];
            /** Name */
            name: string;
            system_kind?: components["schemas"]["System"] | null;
            typed_in?: components["schemas"]["TypedIn"] | null;
            /** Volume */
            volume: string | components["schemas"]["Figure"];
            /** Water */
            water: number;
        };
        /**
         * TankOut
         * @description A tank, with what is usually fed from it.
         *
         *     `volume` and `strength_shown` are as this person would type them, `litres` and `strength` as
         *     they are kept. `due` is what it asks for by its last mix; the days are the grow's.
         */
        TankOut: {
            /** Change Out On */
            change_out_on: string | null;
            /** Chart Id */
            chart_id: ChartId | null;
            /** Column */
            column: string;
            /**
             * Crop
             * @default
             */
            crop: string;
            crop_kind: components["schemas"]["Crop"] | null;
            due: components["schemas"]["Due"] | null;
            /** @default water */
            grown_in: components["schemas"]["Medium"];
            /** Height Cm */
            height_cm: number;
            /** Held */
            held: boolean;
            /** Id */
            id: number;
            /** Is Drawn */
            is_drawn: boolean;
            /** Last Ec */
            last_ec: string | null;
            /** Last Ph */
            last_ph: string | null;
            litres: components["schemas"]["Figure"];
            /** Look Again On */
            look_again_on: string | null;
            /** Mix */
            mix: number | null;
            /** Mixed At */
            mixed_at: string | null;
            /** Name */
            name: string;
            /** Standing */
            standing: string | null;
            strength: components["schemas"]["Figure"];
            /** Strength Shown */
            strength_shown: string;
            /** System */
            system: string;
            system_kind: components["schemas"]["System"] | null;
            /** Use By On */
            use_by_on: string | null;
            /** Volume */
            volume: string;
            /** Water */
            water: number;
            /** Width Cm */
            width_cm: number;
        };
        /**
         * TankPage
         * @description Tanks in the grow's order; `after` asks for those that follow, None where none does.
         */
        TankPage: {
            /** After */
            after: number | null;
            /** Items */
            items: components["schemas"]["TankOut"][];
        };
        /**
         * TankReadingIn
         * @description What was read of a tank, and the plain water that went in; what was not is left blank.
         */
        TankReadingIn: {
            /**
             * Ec
             * @default
             */
            ec: string | components["schemas"]["Figure"];
            /**
             * Note
             * @default
             */
            note: string;
            /**
             * Ph
             * @default
             */
            ph: string;
            /**
             * Sure
             * @default false
             */
            sure: boolean;
            /**
             * Temperature
             * @default
             */
            temperature: string;
            /**
             * Topped Up
             * @default
             */
            topped_up: string | components["schemas"]["Figure"];
            typed_in?: components["schemas"]["TypedIn"] | null;
        };
        /**
         * TankSeen
         * @description A tank as it was when an edit was begun; only what is named is compared.
         */
        TankSeen: {
            /**
             * Crop
             * @default
             */
            crop: string;
            crop_kind?: components["schemas"]["Crop"] | null;
            /** @default water */
            grown_in: components["schemas"]["Medium"];
            litres?: components["schemas"]["Figure"] | null;
            /**
             * Name
             * @default
             */
            name: string;
            system_kind?: components["schemas"]["System"] | null;
            /** Water */
            water?: number | null;
        };
        /**
         * TankToday
         * @description A tank today: where its season stands, what it aims at, and what it needs in the week.
         *
         *     `version_id`, `column_key` and `strength_shown` are those of a mix today; `column` is its label.
         *     While the season goes over to another chart, they are those of the chart before. `watched` is
         *     plain water that stands in a new system, to be looked at for leaks. `lacks` is what it lacks by
         *     its last mix and readings, `last_ph` as it was read.
         */
        TankToday: {
            /** Chart Name */
            chart_name: string;
            /** Column */
            column: string;
            /** Column Key */
            column_key: string;
            /** Day */
            day: number | null;
            /** Lacks */
            lacks: components["schemas"]["Lack"][];
            /** Last Ph */
            last_ph: string | null;
            /** Name */
            name: string;
            /** Ph Shown */
            ph_shown: string | null;
            /** Products */
            products: components["schemas"]["SeasonProduct"][];
            programme: components["schemas"]["Programme"];
            /** Season */
            season: number | null;
            /** Strength Shown */
            strength_shown: string;
            /** Tank */
            tank: number;
            /** Target Shown */
            target_shown: string | null;
            /** Tasks */
            tasks: components["schemas"]["TaskOut"][];
            towards: components["schemas"]["TowardsToday"] | null;
            /** Version Id */
            version_id: VersionId | null;
            watched: components["schemas"]["FirstFillOut"] | null;
            /** Water */
            water: number;
        };
        /**
         * TankTogether
         * @description Another tank that goes through the season.
         */
        TankTogether: {
            /** Name */
            name: string;
            /** Tank */
            tank: number;
        };
        /**
         * TargetConvention
         * @description What the target reading means; growers disagree.
         *
         *     On top: the chart's EC is what the bottles add, so the plant food stays exact. All-in: it is the
         *     final reading, so the feed shrinks by what the water brings, which protects roots on salty
         *     water. Doses only: the reading is a check, not a target. The default is what the chart states.
         * @enum {string}
         */
        TargetConvention: "on_top" | "all_in" | "doses_only";
        /**
         * TargetDocument
         * @description What the meters should show in the end.
         */
        TargetDocument: {
            ec: components["schemas"]["EcWindow"] | null;
            ph: components["schemas"]["PhTarget"];
        };
        /**
         * TaskKind
         * @description What is done, in the order in which it is done on one day.
         * @enum {string}
         */
        TaskKind: "prepare" | "calibrate" | "mix" | "change_out" | "flush" | "add" | "inoculate" | "read";
        /**
         * TaskOut
         * @description One thing to do; `at` is the time of day where its hour matters, `moment` that very moment.
         *
         *     `amounts` are those of additions whose dose the column prints, times the strength of the day.
         *     `again_since` is when the same went in, where the tank was not filled since: doses add up.
         */
        TaskOut: {
            /** Again Since */
            again_since: string | null;
            /** Amounts */
            amounts: components["schemas"]["AmountOut"][];
            /** At */
            at: string | null;
            /** Column */
            column: string | null;
            /** Column Label */
            column_label: string;
            /** Differs */
            differs: components["schemas"]["DiffersOut"][];
            /** Key */
            key: string;
            kind: components["schemas"]["TaskKind"];
            /** Meter */
            meter: string | null;
            /** Moment */
            moment: string | null;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Products */
            products: string[];
            state: components["schemas"]["TaskState"];
            /** Strength Shown */
            strength_shown: string | null;
            /** Why */
            why: components["schemas"]["Why"][];
        };
        /**
         * TaskState
         * @description How a task stands.
         * @enum {string}
         */
        TaskState: "done" | "skipped" | "late" | "due" | "planned";
        /**
         * TaskTold
         * @description What became of a task: done where nothing else tells of it, or left out for a reason.
         *
         *     `amount` is what went in of an addition.
         */
        TaskTold: {
            amount?: components["schemas"]["Figure"] | null;
            /**
             * Reason
             * @default
             */
            reason: string;
            /**
             * State
             * @enum {string}
             */
            state: "done" | "skipped";
            /** Task */
            task: string;
        };
        /**
         * TemperatureUnit
         * @description A scale of temperature.
         * @enum {string}
         */
        TemperatureUnit: "C" | "F";
        /**
         * TodayOut
         * @description What a grow needs: tanks in the order of a walk that shares its preparations.
         */
        TodayOut: {
            /** Tanks */
            tanks: components["schemas"]["TankToday"][];
            /**
             * Today
             * Format: date
             */
            today: string;
        };
        /**
         * TowardsToday
         * @description The column of another chart that a season goes over to, and how far it is by today.
         */
        TowardsToday: {
            /** Column Key */
            column_key: string;
            /** Share Shown */
            share_shown: string;
            /**
             * Version Id
             * Format: version-id
             */
            version_id: VersionId;
        };
        /**
         * TreadOut
         * @description Days at one target; levels for drawing, in the person's unit, `shown` as the pen shows it.
         *
         *     `ro_least_shown` and `ro_shown` are there where the water alone reads as much as the target, so
         *     that no tank filled with it reads that: the shares of RO water that make room, and good room.
         */
        TreadOut: {
            /**
             * First
             * Format: date
             */
            first: string;
            /** High */
            high: number | null;
            /**
             * Last
             * Format: date
             */
            last: string;
            /** Low */
            low: number | null;
            /** Ro Least Shown */
            ro_least_shown: string | null;
            /** Ro Shown */
            ro_shown: string | null;
            /** Shown */
            shown: string | null;
            /** Strength Shown */
            strength_shown: string;
        };
        /**
         * Treatment
         * @description How chlorine is taken out of a source before it is used.
         * @enum {string}
         */
        Treatment: "carbon" | "neutraliser";
        /**
         * TypedIn
         * @description The units in which a text was typed, as its screen showed them.
         *
         *     `decimal` is the mark before decimals; not told, it is the person's own.
         */
        TypedIn: {
            /** Decimal */
            decimal?: ("." | ",") | null;
            /**
             * Gallon
             * @default
             * @enum {string}
             */
            gallon: "us" | "uk" | "";
            /** Ppm Scale */
            ppm_scale?: (500 | 640 | 700) | null;
            reading: components["schemas"]["ReadingUnit"];
            /** @default C */
            temperature: components["schemas"]["TemperatureUnit"];
            volume: components["schemas"]["VolumeUnit"];
        };
        /**
         * UnitsIn
         * @description What to use from now on; ppm with its scale. The gallon follows the volume, if it is one.
         *
         *     What is not told of temperatures, the decimal mark, the clock and dates stays.
         */
        UnitsIn: {
            clock?: components["schemas"]["Clock"] | null;
            dates?: components["schemas"]["DateStyle"] | null;
            decimal?: components["schemas"]["DecimalMark"] | null;
            /**
             * Reading
             * @enum {string}
             */
            reading: "mS/cm" | "uS/cm" | "CF" | "ppm 500" | "ppm 640" | "ppm 700";
            spoons: components["schemas"]["Spoons"];
            temperature?: components["schemas"]["TemperatureUnit"] | null;
            /**
             * Volume
             * @enum {string}
             */
            volume: "L" | "gal_us" | "gal_uk";
        };
        /**
         * UnitsOut
         * @description The units this person reads and pours in, and how numbers, times and dates are written.
         */
        UnitsOut: {
            clock: components["schemas"]["Clock"];
            dates: components["schemas"]["DateStyle"];
            decimal: components["schemas"]["DecimalMark"];
            /** Gallon */
            gallon: string;
            /** Ppm Scale */
            ppm_scale: number | null;
            reading: components["schemas"]["ReadingUnit"];
            /** Reading Words */
            reading_words: string;
            spoons: components["schemas"]["Spoons"];
            temperature: components["schemas"]["TemperatureUnit"];
            volume: components["schemas"]["VolumeUnit"];
        };
        /**
         * UnplacedOut
         * @description What went in at a step that is no longer laid out; it counts until somebody takes it back.
         */
        UnplacedOut: {
            /** By */
            by: string;
            /** Event */
            event: string;
            /** Name */
            name: string;
            /** Shown */
            shown: string;
        };
        /**
         * UnsureRowOut
         * @description A row that may be a bottle, by its number, and what it is likely to be.
         */
        UnsureRowOut: {
            likely: components["schemas"]["TakenAs"];
            /** Name */
            name: string;
            /** Row */
            row: number;
            /** Why */
            why: string;
        };
        /**
         * UsedVessel
         * @description A vessel or scale of the bench; mL, of a scale g; `words` what a marked cup is.
         */
        UsedVessel: {
            /**
             * Capacity
             * @description An exact number as decimal text.
             */
            capacity: string;
            /**
             * Mark
             * @description An exact number as decimal text.
             */
            mark: string;
            shows: components["schemas"]["Shows"];
            vessel: components["schemas"]["VesselKind"];
            /**
             * Words
             * @default
             */
            words: string;
        };
        /**
         * UsualEdit
         * @description What a tank is usually fed with, and how it is grown; a field that is not named stays.
         *
         *     A version comes with its column. `held` keeps the tank in
         *     that column. `seen` are the same fields as they were when the edit was begun.
         */
        UsualEdit: {
            /**
             * Column
             * @default
             */
            column: string;
            crop_kind?: components["schemas"]["Crop"] | null;
            /**
             * Held
             * @default false
             */
            held: boolean;
            seen?: components["schemas"]["UsualSeen"] | null;
            /**
             * Strength
             * @default
             */
            strength: string | components["schemas"]["Figure"];
            system_kind?: components["schemas"]["System"] | null;
            /** Version Id */
            version_id?: VersionId | null;
        };
        /**
         * UsualOut
         * @description What a tank is usually fed with, and how it is grown.
         */
        UsualOut: {
            /** Chart Id */
            chart_id: ChartId | null;
            /** Column */
            column: string;
            crop_kind: components["schemas"]["Crop"] | null;
            /** Held */
            held: boolean;
            strength: components["schemas"]["Figure"];
            /** Strength Shown */
            strength_shown: string;
            system_kind: components["schemas"]["System"] | null;
        };
        /**
         * UsualSeen
         * @description What a tank was usually fed with when an edit was begun; fields as in `TankOut`.
         */
        UsualSeen: {
            /** Chart Id */
            chart_id?: ChartId | null;
            /**
             * Column
             * @default
             */
            column: string;
            crop_kind?: components["schemas"]["Crop"] | null;
            /**
             * Held
             * @default false
             */
            held: boolean;
            strength?: components["schemas"]["Figure"] | null;
            system_kind?: components["schemas"]["System"] | null;
        };
        /**
         * Verdict
         * @description What a reading of EC says.
         *
         *     Unmoved: it hardly rose by what went in. Odd: it rose by much more or less than expected.
         *     Untold: it reads as if what was left out were in. Beyond the dose: it asks for more than printed
         *     dose × strength; beyond the usual, for more than the label, or such feed, takes. Water too
         *     strong: the water alone reads more than the target, so that no draining helps. Too many rounds:
         *     corrections end here.
         * @enum {string}
         */
        Verdict: "right" | "weak" | "strong" | "ec_unmoved" | "ec_odd" | "ec_untold" | "beyond_dose" | "beyond_usual" | "ratio_off" | "water_too_strong" | "water_stronger" | "water_weaker" | "too_many_rounds";
        /**
         * VersionOut
         * @description A version of a chart: its number, and when it was written.
         */
        VersionOut: {
            /** Picture */
            picture: number | null;
            /**
             * Version Id
             * Format: version-id
             */
            version_id: VersionId;
            /** Version Number */
            version_number: number;
            /** Written At */
            written_at: string;
        };
        /**
         * VesselIn
         * @description The same as typed.
         */
        VesselIn: {
            /**
             * Capacity
             * @description An exact number of 0 or more as decimal text; JSON numbers too.
             */
            capacity: string | number;
            /**
             * Mark
             * @description An exact number of 0 or more as decimal text; JSON numbers too.
             */
            mark: string | number;
            /** Product */
            product?: number | null;
            /** @default g */
            shows: components["schemas"]["Shows"];
            vessel: components["schemas"]["VesselKind"];
            /**
             * Words
             * @default
             */
            words: string;
        };
        /**
         * VesselKind
         * @description What a vessel is; it decides how it is drawn and read.
         * @enum {string}
         */
        VesselKind: "syringe" | "cylinder" | "jug" | "spoon" | "marked_cup" | "scale";
        /**
         * VesselOut
         * @description A vessel or scale; capacity and mark in mL, of a scale in g.
         *
         *     `product` is that for which a cup was marked, and `words` what that cup is.
         */
        VesselOut: {
            /** Capacity */
            capacity: string;
            /** Mark */
            mark: string;
            /** Product */
            product: number | null;
            shows: components["schemas"]["Shows"];
            vessel: components["schemas"]["VesselKind"];
            /** Words */
            words: string;
        };
        /**
         * VesselsIn
         * @description All vessels and scales of the bench; none goes back to the usual ones.
         */
        VesselsIn: {
            /** Vessels */
            vessels: components["schemas"]["VesselIn"][];
        };
        /**
         * VolumeDocument
         * @description A volume of water.
         */
        VolumeDocument: {
            unit: components["schemas"]["VolumeUnit"];
            /**
             * Value
             * @description An exact number of 0 or more as decimal text; JSON numbers too.
             */
            value: string | number;
        };
        /**
         * VolumeOut
         * @description The volume that a reading tells, and how low and high it may be.
         */
        VolumeOut: {
            /** About */
            about: string;
            /** High */
            high: string;
            /** Low */
            low: string;
        };
        /**
         * VolumeUnit
         * @description Units in which the water of a tank is given.
         * @enum {string}
         */
        VolumeUnit: "mL" | "L" | "gal_us" | "gal_uk";
        /**
         * WaitDocument
         * @description A column that ends by a sign.
         */
        WaitDocument: {
            /** Column */
            column: string;
            /** Sign */
            sign: string;
        };
        /**
         * Wanted
         * @description What a blend can aim at.
         * @enum {string}
         */
        Wanted: "ec" | "calcium" | "alkalinity";
        /**
         * WarningDocument
         * @description What to mind; figures in `values` are decimal text, EC in mS/cm, shares of 1.
         *
         *     `remedy` is what to set in the request for the way out, where a setting is all it takes.
         */
        WarningDocument: {
            /**
             * Code
             * @enum {string}
             */
            code: "water_not_read" | "water_too_strong" | "water_takes_half" | "water_too_salty" | "water_unlike_report" | "water_ph_unlikely" | "hard_water" | "salty_water" | "water_reads_high" | "soft_water_reads_high" | "hard_form_on_shelf" | "calmag_credit" | "no_buffer" | "chlorine_in_water" | "chloramine_in_water" | "chlorine_kills_live" | "water_cold" | "water_warm" | "soil_chart_in_water" | "soil_chart_lightened" | "strong_for_system" | "seedlings_low_end" | "strength_over_chart" | "volume_unlike_tank" | "held_elsewhere" | "no_ph_window" | "no_target_reading" | "base_part_missing" | "pair_unequal" | "pair_printed_unequal" | "printed_order_changed" | "live_before_acid" | "live_with_oxidiser" | "acid_into_water" | "sulfuric_heats" | "acid_and_alkali" | "acid_strength_unknown" | "ph_below_window" | "ph_above_window" | "dose_beyond_any_feed" | "dose_unlike_chart" | "tank_beyond_any_feed" | "below_finest_mark" | "bucket_clouds" | "rounding_shows" | "bottle_runs_out" | "bottle_past_its_date" | "bottle_nearly_empty" | "pounds_and_ounces" | "nitrate_salt" | "chart_and_labels_differ" | "tank_saturated" | "elements_out_of_range";
            /** Message */
            message: string;
            /** Products */
            products: string[];
            /** Remedy */
            remedy: {
                [key: string]: string;
            };
            severity: components["schemas"]["Severity"];
            /** Title */
            title: string;
            /** Values */
            values: {
                [key: string]: string;
            };
        };
        /**
         * WatchedOut
         * @description What is watched; nothing where no plain water stands in a new system.
         */
        WatchedOut: {
            watched: components["schemas"]["FirstFillOut"] | null;
        };
        /**
         * WaterEdit
         * @description What is to change of a water, `reading` its EC as typed; a field that is not named stays.
         */
        WaterEdit: {
            /**
             * Alkalinity
             * @default
             */
            alkalinity: string;
            /**
             * Calcium
             * @default
             */
            calcium: string;
            /**
             * Chloride
             * @default
             */
            chloride: string;
            disinfectant?: components["schemas"]["Disinfectant"] | null;
            kind?: components["schemas"]["WaterKind"] | null;
            /**
             * Magnesium
             * @default
             */
            magnesium: string;
            /**
             * Nitrate N
             * @default
             */
            nitrate_n: string;
            /**
             * Note
             * @default
             */
            note: string;
            /**
             * Ph
             * @default
             */
            ph: string;
            /**
             * Potassium
             * @default
             */
            potassium: string;
            /**
             * Reading
             * @default
             */
            reading: string | components["schemas"]["Figure"];
            /** Reported On */
            reported_on?: string | null;
            seen?: components["schemas"]["WaterSeen"] | null;
            /**
             * Sodium
             * @default
             */
            sodium: string;
            /**
             * Sulfur
             * @default
             */
            sulfur: string;
            /**
             * Temperature
             * @default
             */
            temperature: string;
            treated_by?: components["schemas"]["Treatment"] | null;
            typed_in?: components["schemas"]["TypedIn"] | null;
        };
        /**
         * WaterFindingOut
         * @description What a water is, the figure that says so, and what it is held against; both in mg/L.
         */
        WaterFindingOut: {
            /** Shown */
            shown: string;
            /** Threshold */
            threshold: string;
            what: components["schemas"]["WaterIs"];
        };
        /**
         * WaterIn
         * @description A water source; an empty reading means that nobody has read it yet.
         */
        WaterIn: {
            kind: components["schemas"]["WaterKind"];
            /** Name */
            name: string;
            /**
             * Reading
             * @default
             */
            reading: string | components["schemas"]["Figure"];
            typed_in?: components["schemas"]["TypedIn"] | null;
        };
        /**
         * WaterInChartOut
         * @description What one does, per 100 L; empty for what nobody knows.
         *
         *     `too_strong` tells that it takes half of the target or more.
         */
        WaterInChartOut: {
            /** Acid Name */
            acid_name: string;
            /** Acid Shown */
            acid_shown: string;
            /** Calcium Of Shown */
            calcium_of_shown: string;
            /** Calcium Shown */
            calcium_shown: string;
            /** Ph Shown */
            ph_shown: string;
            /** Share Shown */
            share_shown: string;
            /** Too Strong */
            too_strong: boolean;
            /** Water */
            water: number;
        };
        /**
         * WaterIs
         * @description What a water is, in a word.
         * @enum {string}
         */
        WaterIs: "soft" | "moderate" | "hard" | "very_hard" | "alkaline" | "salty_sodium" | "salty_chloride";
        /**
         * WaterKind
         * @description Where water comes from.
         * @enum {string}
         */
        WaterKind: "ro" | "rain" | "mains" | "well";
        /**
         * WaterLineOut
         * @description A water over time, the newest last, and how long ago its lab report was made.
         */
        WaterLineOut: {
            far: components["schemas"]["FarReading"] | null;
            /** Points */
            points: components["schemas"]["WaterPoint"][];
            /** Report Days Ago */
            report_days_ago: number | null;
            /** Water */
            water: number;
        };
        /**
         * WaterOut
         * @description A water source; `reading` as this person's pen shows it, `ec` as it is kept.
         *
         *     `ec`, `ph` and `temperature` are None or empty if never read, the last a bare number in the
         *     person's unit, and in °C as it is kept in `celsius`. The figures of its lab report are
         *     ppm as text, empty where nobody has measured. `findings` are what the report makes of it;
         *     `balance_shown` is by how much its cations outweigh its anions, `balance_off` whether that is to
         *     be doubted.
         */
        WaterOut: {
            /** Balance Off */
            balance_off: boolean;
            /** Balance Shown */
            balance_shown: string | null;
            /** Celsius */
            celsius: string;
            disinfectant: components["schemas"]["Disinfectant"] | null;
            ec: components["schemas"]["Figure"] | null;
            /** Findings */
            findings: components["schemas"]["WaterFindingOut"][];
            /** Id */
            id: number;
            kind: components["schemas"]["WaterKind"];
            /** Name */
            name: string;
            /** Note */
            note: string;
            /** Ph */
            ph: string;
            /** Reading */
            reading: string | null;
            /** Report */
            report: {
                [key: string]: string;
            };
            /** Reported On */
            reported_on: string | null;
            /** Temperature */
            temperature: string;
            treated_by: components["schemas"]["Treatment"] | null;
        };
        /**
         * WaterPage
         * @description Waters; `after` asks for those that follow, None where none does.
         */
        WaterPage: {
            /** After */
            after: number | null;
            /** Items */
            items: components["schemas"]["WaterOut"][];
        };
        /**
         * WaterPartDocument
         * @description One water of a blend, and its share.
         */
        WaterPartDocument: {
            /** Name */
            name: string;
            /**
             * Share
             * @description An exact number as decimal text.
             */
            share: string;
        };
        /**
         * WaterPoint
         * @description One reading; `ms_cm` is where it is drawn, `days_ago` how far back.
         */
        WaterPoint: {
            /** Days Ago */
            days_ago: number;
            /** Far */
            far: boolean;
            /** Ms Cm */
            ms_cm: number;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Ph Shown */
            ph_shown: string | null;
            /** Shown */
            shown: string;
        };
        /**
         * WaterSeen
         * @description Fields as they were when an edit was begun; only those that are named.
         *
         *     `ec` and `temperature` as they are kept, the latter in °C.
         */
        WaterSeen: {
            /**
             * Alkalinity
             * @default
             */
            alkalinity: string;
            /**
             * Calcium
             * @default
             */
            calcium: string;
            /**
             * Chloride
             * @default
             */
            chloride: string;
            disinfectant?: components["schemas"]["Disinfectant"] | null;
            ec?: components["schemas"]["Figure"] | null;
            kind?: components["schemas"]["WaterKind"] | null;
            /**
             * Magnesium
             * @default
             */
            magnesium: string;
            /**
             * Nitrate N
             * @default
             */
            nitrate_n: string;
            /**
             * Note
             * @default
             */
            note: string;
            /**
             * Ph
             * @default
             */
            ph: string;
            /**
             * Potassium
             * @default
             */
            potassium: string;
            /** Reported On */
            reported_on?: string | null;
            /**
             * Sodium
             * @default
             */
            sodium: string;
            /**
             * Sulfur
             * @default
             */
            sulfur: string;
            /**
             * Temperature
             * @default
             */
            temperature: string;
            treated_by?: components["schemas"]["Treatment"] | null;
        };
        /**
         * WayOutOut
         * @description Too much went in: what was poured and planned, and the ways out of it.
         */
        WayOutOut: {
            /** Accept At */
            accept_at: string | null;
            /** Behind */
            behind: string[];
            /** Dilute To */
            dilute_to: string | null;
            /** Drain */
            drain: string | null;
            /** Name */
            name: string;
            /** Planned */
            planned: string;
            /** Poured */
            poured: string;
        };
        /**
         * What
         * @enum {string}
         */
        What: "added" | "changed" | "removed";
        /**
         * Why
         * @description Reasons of a task and of its day.
         * @enum {string}
         */
        Why: "first_filling" | "so_many_days" | "drunk_once" | "new_column" | "flush_begins" | "by_column" | "by_rule" | "moved_to_occasion" | "moved_apart" | "moved_by_cap" | "on_leaves" | "rule_unlike_column" | "chlorine_gasses_off" | "chloramine_stays" | "plain_water_run" | "stock_made_up" | "molasses" | "inoculant" | "living_tank" | "meter_due" | "daily_reading";
    };
    responses: never;
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
    import_grow: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "multipart/form-data": {
                    /**
                     * File
                     * Format: binary
                     */
                    file: string;
                };
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GrowOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    overview: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GrowOverview"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Something in it cannot be used; `where` says what. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    export_grow: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Something in it cannot be used; `where` says what. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    archived_tanks: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ArchivedTank"][];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    keep_blend: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewBlend"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KeptBlend"][];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    drop_blend: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                blend_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    make_calendar_address: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AddressOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    revoke_calendar_address: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    calendar_file: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description There is no such thing in your grows. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Something in it cannot be used; `where` says what. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    changes: {
        parameters: {
            query?: {
                tank?: number | null;
                water?: number | null;
                product?: number | null;
                before?: number | null;
            };
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ChangesOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    chart_version: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                version_id: VersionId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ChartOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    compare_versions: {
        parameters: {
            query: {
                before: VersionId;
            };
            header?: never;
            path: {
                grow_id: number;
                version_id: VersionId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ComparedOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    chart_file: {
        parameters: {
            query: {
                kind: "json" | "csv" | "xlsx";
            };
            header?: never;
            path: {
                grow_id: number;
                version_id: VersionId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    waters_in_chart: {
        parameters: {
            query: {
                column: string;
                strength?: string;
            };
            header?: never;
            path: {
                grow_id: number;
                version_id: VersionId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WaterInChartOut"][];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    charts: {
        parameters: {
            query?: {
                after?: number;
            };
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ChartPage"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    add_chart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        /** @description A feed chart in the open format, see docs/formats. */
        requestBody: {
            content: {
                "application/json": Record<string, never>;
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KeptChart"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    charts_in_use: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ChartOut"][];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    edit_chart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                chart_id: ChartId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChartEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    copy_chart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                chart_id: ChartId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Made"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    delete_chart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                chart_id: ChartId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NameTyped"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    leaflet: {
        parameters: {
            query?: {
                version_id?: VersionId;
            };
            header?: never;
            path: {
                grow_id: number;
                chart_id: ChartId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LeafletOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    delete_grow: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NameTyped"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    invite: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["InviteIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["InvitedOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    take_invitation_back: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                invitation_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    leaflet_meaning: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MeaningIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MeaningOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    add_leaflet_picture: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "multipart/form-data": {
                    /**
                     * File
                     * Format: binary
                     */
                    file: string;
                };
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PictureOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    leaflet_picture: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                picture_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Something in it cannot be used; `where` says what. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    keep_leaflet: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["KeepIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KeptChart"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    leave_grow: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    library: {
        parameters: {
            query?: {
                after?: number;
                search?: string;
                archived?: boolean;
            };
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ChartCards"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    meters: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MetersOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    add_meter: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MeterIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Made"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    remove_meter: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                meter_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    edit_meter: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                meter_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MeterDays"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    calibrate_meter: {
        parameters: {
            query?: never;
            header?: {
                /** @description made by the device; the same act under the same key has no second effect */
                Once?: string | null;
            };
            path: {
                grow_id: number;
                meter_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CalibrationIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CalibrationOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    plan_mix: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MixIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MixOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    open_mixes: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OpenMix"][];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Something in it cannot be used; `where` says what. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    start_mix: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MixIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GuidedOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    mixes_done: {
        parameters: {
            query?: {
                tank?: number | null;
                chart_id?: ChartId | null;
                person?: string;
                before?: number | null;
            };
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MixesOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    mix: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                mix_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GuidedOut"];
                };
            };
            /** @description Not Modified */
            304: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    give_up: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                mix_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GuidedOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    correct_mix: {
        parameters: {
            query?: never;
            header?: {
                /** @description made by the device; the same act under the same key has no second effect */
                Once?: string | null;
            };
            path: {
                grow_id: number;
                mix_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CorrectionIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GuidedOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    tell_events: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                mix_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["EventsIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GuidedOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    read_pen: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                mix_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PenIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PenOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    mix_record: {
        parameters: {
            query?: {
                as_?: "json" | "csv";
                first?: boolean;
            };
            header?: never;
            path: {
                grow_id: number;
                mix_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MixRecordDocument"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    set_order_preferences: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OrderPreferencesIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    set_pace: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PaceIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    people: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PeopleOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    remove_person: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                member_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    set_role: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                member_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RoleIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    printed_grade: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["GradeIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GradeOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    add_product: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewProduct"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Made"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    set_product: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                product_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ProductIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    receive_bottles: {
        parameters: {
            query?: never;
            header?: {
                /** @description made by the device; the same act under the same key has no second effect */
                Once?: string | null;
            };
            path: {
                grow_id: number;
                product_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ReceivedIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StockOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    edit_bottle: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                product_id: number;
                bottle_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BottleEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StockOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    discard_bottle: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                product_id: number;
                bottle_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DiscardedIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StockOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    made_up: {
        parameters: {
            query?: never;
            header?: {
                /** @description made by the device; the same act under the same key has no second effect */
                Once?: string | null;
            };
            path: {
                grow_id: number;
                product_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MadeUpIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StockOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    make_up: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                product_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MadeUpIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MakeUpStepOut"][];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    stock: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                product_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StockOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    set_ranges: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RangesIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    read_table: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "multipart/form-data": {
                    /**
                     * Answers
                     * @default
                     */
                    answers?: string;
                    /** File */
                    file?: string | null;
                    /**
                     * Gallon
                     * @default
                     * @enum {string}
                     */
                    gallon?: "" | "us" | "uk";
                    /**
                     * Name
                     * @default
                     */
                    name?: string;
                    /**
                     * Ppm Scale
                     * @default
                     * @enum {string}
                     */
                    ppm_scale?: "" | "500" | "640" | "700";
                    /**
                     * Reading Unit
                     * @default
                     * @enum {string}
                     */
                    reading_unit?: "" | "mS/cm" | "uS/cm" | "CF";
                    /**
                     * Sheet
                     * @default
                     */
                    sheet?: string;
                    /**
                     * Text
                     * @default
                     */
                    text?: string;
                    /**
                     * Unit
                     * @default
                     */
                    unit?: string;
                };
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReadOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    take_season_back: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                season_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    end_season: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                season_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["EndIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CourseOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    brew: {
        parameters: {
            query: {
                task: string;
            };
            header?: never;
            path: {
                grow_id: number;
                season_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BrewOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    season_plan: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                season_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    edit_season_plan: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                season_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CourseOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    preview_plan: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                season_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanLookedAt"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CourseOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    preview_decision: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                season_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DecisionIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CourseOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    split_season: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                season_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CourseOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    tell_task: {
        parameters: {
            query?: never;
            header?: {
                /** @description made by the device; the same act under the same key has no second effect */
                Once?: string | null;
            };
            path: {
                grow_id: number;
                season_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TaskTold"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    tell_season: {
        parameters: {
            query?: never;
            header?: {
                /** @description made by the device; the same act under the same key has no second effect */
                Once?: string | null;
            };
            path: {
                grow_id: number;
                season_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DecisionIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CourseOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    take_back: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                season_id: number;
                entry_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CourseOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    share_of_water: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ShareIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShareOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    shelf: {
        parameters: {
            query?: {
                after?: number;
                find?: string;
            };
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShelfOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Something in it cannot be used; `where` says what. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    copy_starter: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                key: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KeptChart"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    measure_tank: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["JoinedIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MeasuredOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    order_tanks: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OrderIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    tanks: {
        parameters: {
            query?: {
                after?: number;
            };
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TankPage"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    add_tank: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TankIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Made"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    edit_tank: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                tank_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TankEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    archive_tank: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                tank_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ArchivedIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    course: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                tank_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CourseOut"] | null;
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    tank_drawing: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                tank_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DrawnOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    first_fill: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                tank_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WatchedOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    fill_first: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                tank_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WatchedOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    delete_tank: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                tank_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NameTyped"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    join_season: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                tank_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["JoinIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CourseOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    known_volume: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                tank_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["KnownIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KnownOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    look_for_leaks: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                tank_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LookedIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WatchedOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    read_tank: {
        parameters: {
            query?: never;
            header?: {
                /** @description made by the device; the same act under the same key has no second effect */
                Once?: string | null;
            };
            path: {
                grow_id: number;
                tank_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TankReadingIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JudgedOut"];
                };
            };
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JudgedOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    begin_season: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                tank_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SeasonIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Made"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    edit_usual: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                tank_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["UsualEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["UsualOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    today: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TodayOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    set_units: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["UnitsIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    set_vessels: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["VesselsIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    water_lines: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WaterLineOut"][];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Something in it cannot be used; `where` says what. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    waters: {
        parameters: {
            query?: {
                after?: number;
            };
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WaterPage"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    add_water: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["WaterIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Made"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    edit_water: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                water_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["WaterEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WaterOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    explain_far_reading: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                grow_id: number;
                water_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FarIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WaterLineOut"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    look_at_invitation: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                secret: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["InvitationSeen"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Something in it cannot be used; `where` says what. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    accept_invitation: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                secret: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignedIn"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    join_with_account: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                secret: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewAccount"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignedIn"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    who_is_here: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignedIn"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Something in it cannot be used; `where` says what. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    sign_in: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SignIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignedIn"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Something in it cannot be used; `where` says what. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    sign_out: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignedIn"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Something in it cannot be used; `where` says what. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    sign_in_to_demo: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignedIn"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Something in it cannot be used; `where` says what. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    devices: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DeviceOut"][];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    end_device: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                device_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    change_password: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PasswordIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kept"];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The page is out of date, or it is not for this member. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Over 2 MB. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The machine's disk is full. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    starter_charts: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StarterOut"][];
                };
            };
            /** @description The request cannot be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Nobody is signed in. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The address is too long; said by the web server, in its own words. */
            414: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Something in it cannot be used; `where` says what. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description The database does not answer. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
}
