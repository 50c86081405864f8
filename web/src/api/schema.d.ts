import type { ClientId, DayId, DeviceId, ExerciseId, LineId, PersonId, PlaceId, ProgramId, SessionId, WeekId } from "./ids";

export interface paths {
    "/api/sessions/{session_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Start Session
         * @description Open a session in the ledger.
         */
        put: operations["start_session"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/afterwards": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Log Afterwards
         * @description Write down a session on the day it was held.
         */
        post: operations["log_afterwards"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/sets": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Log Set
         * @description Store a performed set; answered only when it is on disk. Sent twice, it is stored once.
         */
        post: operations["log_set"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/notes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Note
         * @description Store a note.
         */
        post: operations["add_note"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/changes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Make Change
         * @description Make a change of the day; sent twice, it is made once.
         */
        post: operations["make_change"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/changes/undo": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Undo Change
         * @description Take back a change of the day, or one part of it.
         */
        post: operations["undo_change"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/effort": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Say Effort
         * @description Keep how hard the whole session was.
         */
        post: operations["say_effort"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/finish": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Finish Session
         * @description Close a session.
         */
        post: operations["finish_session"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/news": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * News
         * @description Server-sent events: one each time something of the session was written, from whatever device.
         */
        get: operations["news"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/summary": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Session Summary
         * @description A session once it was run: planned against done, what to praise, what is left.
         */
        get: operations["session_summary"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/review": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Review Session
         * @description A session after it was run, with a proposal for each line.
         */
        get: operations["review_session"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/decisions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Decide
         * @description Keep decisions; each accepted or changed one writes next week's cell.
         */
        post: operations["decide"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/decisions/try": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Try Decisions
         * @description What decisions would do to the plan; nothing is kept.
         */
        post: operations["try_decisions"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/next-week": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Next Week
         * @description Lengthen the session's phase by a week.
         */
        post: operations["add_next_week"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/easier-week": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Make Easier
         * @description Make the week after the session an easing-off week, where one is due or earned.
         */
        post: operations["make_easier"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/floor": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Open Session
         * @description One session: what is planned, what was done last time, what is done so far.
         */
        get: operations["open_session"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/floor/preview": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Preview Change
         * @description What a change of the day would do; nothing is kept.
         */
        post: operations["preview_change"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/floor/clocks": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Session Clocks
         * @description The timelines of the session's timed groups.
         */
        get: operations["session_clocks"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/floor/lines/{line_id}/instead": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Instead
         * @description What a line could train today instead, sparing what hurts.
         */
        get: operations["instead"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/floor/bar": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * On The Bar
         * @description The bar for a load at today's place, and what to change from what was lifted last.
         */
        get: operations["on_the_bar"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/settings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Open Settings
         * @description What the trainer has set.
         */
        get: operations["open_settings"];
        /**
         * Keep Settings
         * @description Keep all settings.
         */
        put: operations["keep_settings"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{session_id}/measures": {
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
         * @description Keep what a device measured of a set.
         */
        post: operations["measure"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Open Board
         * @description The program as it stands, read out against the client.
         */
        get: operations["open_board"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/revisions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * History
         * @description The newest hundred revisions, newest first.
         */
        get: operations["history"];
        put?: never;
        /**
         * Save Edits
         * @description Save edits as a new revision and answer what changed; a stale save is refused with the difference.
         */
        post: operations["save_edits"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/pasted/read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Pasted
         * @description What pasted rows are understood as, line by line; nothing is written.
         */
        post: operations["read_pasted"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/pasted": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Bring In Pasted
         * @description Write pasted rows into a phase as days of its own: one revision, one undo.
         */
        post: operations["bring_in_pasted"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/undo": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Undo
         * @description Undo the last change, as a new revision.
         */
        post: operations["undo"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/redo": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Redo
         * @description Redo what was undone, as a new revision.
         */
        post: operations["redo"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Line
         * @description Read a line as it is typed; nothing is kept.
         */
        post: operations["read_line"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/replace": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Replace All
         * @description Find an exercise, a load or a rest all over the program and put another in its place: one revision.
         */
        post: operations["replace_all"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/replace/try": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Try Replace
         * @description How many places would be replaced, and what that would do; nothing is kept.
         */
        post: operations["try_replace"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/ahead": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Look Ahead
         * @description A day, or the one trained next, through the weeks to come: what the proposals would come to.
         */
        get: operations["look_ahead"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/phases/{phase_id}/findings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Findings Of
         * @description What the checks find in a phase.
         */
        get: operations["findings_of"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/try": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Try Edits
         * @description What edits would change; nothing is kept.
         */
        post: operations["try_edits"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/hints": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Hints
         * @description What may be typed for an exercise in a cell: loads of the place of that week, last time's numbers.
         */
        get: operations["hints"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/fill": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Fill
         * @description Fill lines from a week on along a path, as a new revision.
         */
        post: operations["fill"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/fill/try": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Try Fill
         * @description What filling lines along a path would change; nothing is kept.
         */
        post: operations["try_fill"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/fit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Fit Session
         * @description Ranked changes that fit a session into some minutes; in all weeks from this one on, without some ways.
         */
        get: operations["fit_session"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/calendar": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Calendar Of
         * @description Every session with its date and what became of it.
         */
        get: operations["calendar_of"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/weeks/{week_id}/days/{day_id}/ways-out": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Ways Out
         * @description What can become of a session that cannot be held, best first.
         */
        get: operations["ways_out"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/phases": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Template Phase
         * @description Add a template as the next phase.
         */
        post: operations["add_template_phase"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/phases/try": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Try Template Phase
         * @description What a template or somebody's phase would change as the next one; nothing is kept.
         */
        post: operations["try_template_phase"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/days": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Template Day
         * @description Add a day of a template to a phase, as an optional one.
         */
        post: operations["add_template_day"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/days/try": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Try Template Day
         * @description What a day of a template would change in a phase; nothing is kept.
         */
        post: operations["try_template_day"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/ended": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * End Program
         * @description End a program on a day, or take that back.
         */
        put: operations["end_program"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/outcome": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Outcome Of
         * @description What came of a program, and what would carry over to the next.
         */
        get: operations["outcome_of"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/compare": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Compare Revisions
         * @description What differs between two revisions.
         */
        get: operations["compare_revisions"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/revisions/{number}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * As It Was
         * @description The program as it stood at a revision.
         */
        get: operations["as_it_was"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/restore": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Restore
         * @description Bring a revision back, as a new one.
         */
        post: operations["restore"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/today": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Open Today
         * @description Today's sessions and the decisions waiting.
         */
        get: operations["open_today"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * List Clients
         * @description All clients by name.
         */
        get: operations["list_clients"];
        put?: never;
        /**
         * Add Client
         * @description Add a client; the name is enough.
         */
        post: operations["add_client"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Client File
         * @description One client. That the health file was opened is kept.
         */
        get: operations["client_file"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        /**
         * Change Client
         * @description Change some facts of a client.
         */
        patch: operations["change_client"];
        trace?: never;
    };
    "/api/clients/{client_id}/erase": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Erase Client
         * @description Erase a client for good, with all that hangs on it; backups that are there hold it until they expire.
         */
        post: operations["erase_client"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/places": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Set Places
         * @description Say where a client trains, the usual place first.
         */
        put: operations["set_places"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/exercises/{exercise_id}/note": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Note Exercise
         * @description Keep what always goes for a client with an exercise.
         */
        post: operations["note_exercise"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/program": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Start Program
         * @description Start a client's program.
         */
        post: operations["start_program"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/progress": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Client Progress
         * @description Progress with one exercise, or with the one done most.
         */
        get: operations["client_progress"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/overview": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Client Overview
         * @description Progress as a whole: weeks, strength, tests, body, pain, and the three things worth telling.
         */
        get: operations["client_overview"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/energy": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Client Energy
         * @description How much energy a client needs in a day, as an estimate, or why there is none.
         */
        get: operations["client_energy"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/consents": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Consent
         * @description Keep that a client agreed.
         */
        post: operations["add_consent"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/consents/{consent_id}/withdrawn": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Withdraw Consent
         * @description Keep that a client took a consent back.
         */
        put: operations["withdraw_consent"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/retention": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Retention List
         * @description How long files are kept, and whose are due.
         */
        get: operations["retention_list"];
        /**
         * Change Retention
         * @description Change how long files are kept.
         */
        put: operations["change_retention"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/bringing/file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Table File
         * @description The rows of a file as copying them would give; nothing is kept.
         */
        post: operations["read_table_file"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/bringing/clients/read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Pasted Clients
         * @description What pasted clients are understood as; nothing is written.
         */
        post: operations["read_pasted_clients"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/bringing/clients": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Bring In Clients
         * @description Add the clients of pasted rows who are not in the studio yet: one undo.
         */
        post: operations["bring_in_clients"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/bringing/sessions/read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Pasted Sessions
         * @description What pasted past sessions are understood as; nothing is written.
         */
        post: operations["read_pasted_sessions"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/bringing/sessions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Bring In Sessions
         * @description Write past sessions into the log: one undo.
         */
        post: operations["bring_in_sessions"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/bringing/{batch}/undo": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Take Back
         * @description Take back all that was brought in at once, while nothing rests on it.
         */
        post: operations["take_back"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/templates": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Templates
         * @description All templates as they would become for a client.
         */
        get: operations["templates"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/programs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Programs Of
         * @description A client's programs over the years, the last to begin first.
         */
        get: operations["programs_of"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/program/look": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Look At Source
         * @description What a template or somebody's program would become for a client; nothing is kept.
         */
        post: operations["look_at_source"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/program/from-template": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Start From Template
         * @description Start a client's program from a template, or from somebody's program.
         */
        post: operations["start_from_template"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/program/carried-on": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Carry On
         * @description Start the next program of a client from where the last one built to.
         */
        post: operations["carry_on"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/draft": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Draft
         * @description A draft from the client file, step by step, each a line of JSON; nothing is kept.
         */
        post: operations["draft"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/program/from-draft": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Start From Draft
         * @description Start a client's program from a draft.
         */
        post: operations["start_from_draft"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/templates": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Keep Template
         * @description Keep a phase as a template of the trainer's own, for every client.
         */
        post: operations["keep_template"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/templates/{template_id}/removed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Remove Template
         * @description Take a template of the trainer's own out, or bring it back.
         */
        put: operations["remove_template"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/programs/{program_id}/file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Program File
         * @description A program as a file: JSON and a spreadsheet have all of it, CSV a phase.
         */
        get: operations["program_file"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/log.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Client Log
         * @description All sets a client has done, as CSV.
         */
        get: operations["client_log"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/calendar.ics": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Client Calendar
         * @description A client's sessions as iCalendar.
         */
        get: operations["client_calendar"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/program/from-file/look": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Look At File
         * @description What a file's program would become for a client; nothing is kept.
         */
        post: operations["look_at_file"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/program/from-file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Start From File
         * @description Start a client's program from a file.
         */
        post: operations["start_from_file"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/archive.zip": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Client Archive
         * @description A client with all that hangs on it, as one archive that another studio can bring in.
         */
        get: operations["client_archive"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/client-archives/look": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Look At Archive
         * @description What an archive holds; nothing is kept.
         */
        post: operations["look_at_archive"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/client-archives": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Bring In Archive
         * @description Bring a client in from an archive, step by step, each a line of JSON; who hangs up early leaves nothing.
         */
        post: operations["bring_in_archive"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/library/file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Library File
         * @description Own exercises and templates as a file.
         */
        get: operations["library_file"];
        put?: never;
        /**
         * Bring In Library
         * @description Add what a library file has and this studio has not.
         */
        post: operations["bring_in_library"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/library/file/look": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Look At Library
         * @description What a library file would add; nothing is kept.
         */
        post: operations["look_at_library"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calendar-feed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Calendar Feed
         * @description Where the calendar of all clients is fed from.
         */
        get: operations["calendar_feed"];
        put?: never;
        /**
         * New Calendar Feed
         * @description Feed the calendar from a new secret address; the one before answers no more.
         */
        post: operations["new_calendar_feed"];
        /**
         * End Calendar Feed
         * @description End the feed.
         */
        delete: operations["end_calendar_feed"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calendars/{key}.ics": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Fed Calendar
         * @description The sessions of all clients, for a calendar that knows the secret.
         */
        get: operations["fed_calendar"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/home": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Home
         * @description What a client can do at home, was given and has sent back.
         */
        get: operations["home"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/home-sheets": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Make Home Sheet
         * @description Make a sheet of some days, in the client's language.
         */
        post: operations["make_home_sheet"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/home-sheets/{sheet_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Home Sheet
         * @description A sheet as it was made, as JSON.
         */
        get: operations["home_sheet"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/home-sheets/{sheet_id}/sheet.html": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Home Sheet File
         * @description A sheet as one file that runs by itself.
         */
        get: operations["home_sheet_file"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/home-sheets/{sheet_id}/sheet.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Home Sheet Paper
         * @description A sheet on paper: a page a day, in large print, or as a log to tick.
         */
        get: operations["home_sheet_paper"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/home-sheets/{sheet_id}/code": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Give Code
         * @description A code with which this sheet can send one result to the studio.
         */
        post: operations["give_code"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/home-results/look": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Look At Result
         * @description What a text that came back would put into the log; nothing is kept.
         */
        post: operations["look_at_result"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/home-results": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Take Result
         * @description Put a result into the log as work done at home.
         */
        post: operations["take_result"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/home-results/{result_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Home Result
         * @description A result that was kept.
         */
        get: operations["home_result"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/home-results/{result_id}/take": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Take Kept Result
         * @description Put a result that was sent into the log.
         */
        post: operations["take_kept_result"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/home-results/{result_id}/set-aside": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Set Result Aside
         * @description Leave a result out of the log.
         */
        post: operations["set_result_aside"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/home-results/{result_id}/word": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Had A Word
         * @description Note that what came back has been spoken about.
         */
        post: operations["had_a_word"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/home-results/send": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Send Result
         * @description What a client's phone sends with a code (form fields ``text`` and ``code``); the trainer looks at it later.
         */
        post: operations["send_result"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/report": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Client Report
         * @description What a report over a span would say.
         */
        get: operations["client_report"];
        put?: never;
        /**
         * Write Report
         * @description A report as a file, with the trainer's words; nothing of it is kept.
         */
        post: operations["write_report"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/places": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * List Places
         * @description All places by name.
         */
        get: operations["list_places"];
        put?: never;
        /**
         * Add Place
         * @description Add a place.
         */
        post: operations["add_place"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/places/{place_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Change Place
         * @description Change a place, for everybody who trains there.
         */
        put: operations["change_place"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/usual-kits": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * List Usual Kits
         * @description Usual kits to start a place from, and pieces to pick.
         */
        get: operations["list_usual_kits"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/equipment/read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Equipment
         * @description Read an equipment text out; nothing is kept.
         */
        post: operations["read_equipment"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/warning-signs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Warning Signs
         * @description The signs that end a session, and what to do then.
         */
        get: operations["warning_signs"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/history": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Entry
         * @description Add an entry to a client's history.
         */
        post: operations["add_entry"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/history/{entry_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Restore Entry
         * @description Undo a withdrawal.
         */
        put: operations["restore_entry"];
        post?: never;
        /**
         * Withdraw Entry
         * @description Withdraw an entry made by mistake.
         */
        delete: operations["withdraw_entry"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/screens": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Screen
         * @description Keep a health screen.
         */
        post: operations["add_screen"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/clearances": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Clearance
         * @description Record what a clinician allowed.
         */
        post: operations["add_clearance"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/cycle-reports": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Cycle Report
         * @description Keep a cycle report of a client who opted in.
         */
        post: operations["add_cycle_report"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/exercises": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Find Exercises
         * @description The exercises that fit the name that was typed, best first; shorthand behind it is answered as the line.
         */
        get: operations["find_exercises"];
        put?: never;
        /**
         * Add Exercise
         * @description Add an exercise of the trainer's own.
         */
        post: operations["add_exercise"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/exercises/like": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Exercise Like
         * @description Add an exercise of the trainer's own by its name and one that it is like.
         */
        post: operations["add_exercise_like"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/exercises/{exercise_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Exercise Page
         * @description One exercise with its ladders.
         */
        get: operations["exercise_page"];
        /**
         * Change Exercise
         * @description Change an own exercise, or keep an edit of a shipped one apart from it.
         */
        put: operations["change_exercise"];
        post?: never;
        /**
         * Remove Exercise
         * @description Remove an own exercise, or an edit; plans and history keep it.
         */
        delete: operations["remove_exercise"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/exercises/{exercise_id}/picture": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Keep Picture
         * @description Keep a photo or drawing beside an exercise, shrunk, in place of the one before.
         */
        put: operations["keep_picture"];
        post?: never;
        /**
         * Drop Picture
         * @description Take the picture of an exercise away.
         */
        delete: operations["drop_picture"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/exercises/{exercise_id}/picture/{mark}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Picture
         * @description A picture by its mark; it never changes under it.
         */
        get: operations["picture"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/exercises/{exercise_id}/substitutes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Exercise Substitutes
         * @description What to do instead, best first.
         */
        get: operations["exercise_substitutes"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/ladders": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Ladders
         * @description All ladders.
         */
        get: operations["ladders"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/policies": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Policies
         * @description The ways to raise a line, in their order.
         */
        get: operations["policies"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batteries": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Battery Shelf
         * @description All batteries and tests.
         */
        get: operations["battery_shelf"];
        put?: never;
        /**
         * Add Battery
         * @description Add a battery of the trainer's own.
         */
        post: operations["add_battery"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batteries/{battery_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Change Battery
         * @description Change an own battery, or keep an edit of a shipped one apart from it.
         */
        put: operations["change_battery"];
        post?: never;
        /**
         * Remove Battery
         * @description Remove an own battery, or an edit.
         */
        delete: operations["remove_battery"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tests": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Test
         * @description Add a test of the trainer's own.
         */
        post: operations["add_test"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/rounds/{round_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Start Round
         * @description Start a round.
         */
        put: operations["start_round"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/rounds/{round_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Open Round
         * @description One round with what was measured the time before.
         */
        get: operations["open_round"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/rounds/{round_id}/finish": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Finish Round
         * @description Close a round.
         */
        post: operations["finish_round"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/results": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Keep Result
         * @description Keep a result; answered only when it is on disk. An implausible one is asked about first.
         */
        post: operations["keep_result"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/side-by-side": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Side By Side
         * @description Two rounds side by side.
         */
        get: operations["side_by_side"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/scale": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Scale
         * @description The scale's readings as server-sent events, until the weight has settled.
         */
        get: operations["scale"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/languages/interface.en.json": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Interface Sentences
         * @description All sentences of the screens by their English, as i18next reads them.
         */
        get: operations["interface_sentences"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/health": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Health
         * @description Answer that the server is well; 503 where its data cannot be read.
         */
        get: operations["health"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/backups": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Backups
         * @description What backups there are.
         */
        get: operations["backups"];
        put?: never;
        /**
         * Back Up
         * @description Make a backup now, step by step; who hangs up early leaves none.
         */
        post: operations["back_up"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/backups/passphrase": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Choose Passphrase
         * @description Choose the passphrase of backups to come. Whoever loses it cannot read them.
         */
        post: operations["choose_passphrase"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/backups/schedule": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Change Schedule
         * @description Change how often a backup is made and where else it goes.
         */
        put: operations["change_schedule"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/backups/{name}/check": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Check A Backup
         * @description Open a backup beside the data and look at all of it, step by step; the data stay as they are.
         */
        post: operations["check_a_backup"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/backups/{name}/restore": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Restore From Backup
         * @description Make the data what they were in a backup, step by step; a backup of now is made before.
         */
        post: operations["restore_from_backup"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sign-in": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Sign In State
         * @description Whether one signs in here, who is signed in, and who can come in how.
         */
        get: operations["sign_in_state"];
        put?: never;
        /**
         * Sign In
         * @description Sign in with a name and a passphrase.
         */
        post: operations["sign_in"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sign-in/pin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Sign In By Pin
         * @description Sign in with a PIN, on a device of the studio.
         */
        post: operations["sign_in_by_pin"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sign-in/code": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Sign In By Code
         * @description Come in with a code, for the first time or after everything was lost, and choose a passphrase.
         */
        post: operations["sign_in_by_code"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sign-in/begin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Begin Sign In
         * @description Choose the owner's passphrase: from now on everybody signs in. Only at the machine itself, and only once.
         */
        post: operations["begin_sign_in"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sign-in/passkey/question": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Passkey Question
         * @description What the browser needs to sign in with a passkey, as the WebAuthn standard writes it.
         */
        post: operations["passkey_question"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sign-in/passkey": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Sign In By Passkey
         * @description Sign in with a passkey.
         */
        post: operations["sign_in_by_passkey"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sign-in/lock": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Lock Browser
         * @description Lock this browser: nothing is answered until its person shows again who it is.
         */
        post: operations["lock_browser"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sign-in/out": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Sign Out
         * @description Sign out: what this browser keeps stays locked until the same person signs in again.
         */
        post: operations["sign_out"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/people": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * List People
         * @description Everybody of the studio by name, those who left last.
         */
        get: operations["list_people"];
        put?: never;
        /**
         * Add Person
         * @description Add somebody; they come in with the code and choose a passphrase.
         */
        post: operations["add_person"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/people/{person_id}": {
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
         * Change Person
         * @description Change a name, a role, or whether somebody belongs to the studio.
         */
        patch: operations["change_person"];
        trace?: never;
    };
    "/api/people/{person_id}/invitation": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Invite Again
         * @description Let somebody in again who lost passphrase and codes.
         */
        post: operations["invite_again"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me/passphrase": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Change Passphrase
         * @description Choose another passphrase; every other browser of one's own is signed out.
         */
        put: operations["change_passphrase"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me/pin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Choose Pin
         * @description Choose a PIN for this device, which has to be the studio's.
         */
        put: operations["choose_pin"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me/codes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Make Codes
         * @description Recovery codes in place of those of before.
         */
        post: operations["make_codes"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me/passkeys/question": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * New Passkey Question
         * @description What the browser needs to make a passkey, as the WebAuthn standard writes it.
         */
        post: operations["new_passkey_question"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me/passkeys": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Keep Passkey
         * @description Keep a passkey that the browser made.
         */
        post: operations["keep_passkey"];
        /**
         * Drop Passkeys
         * @description Remove all passkeys of one's own.
         */
        delete: operations["drop_passkeys"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/devices": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * List Devices
         * @description The browsers people signed in with, the last one first.
         */
        get: operations["list_devices"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/devices/enrol": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Enrol Device
         * @description Make this browser one of the studio's: people sign in with a PIN here.
         */
        post: operations["enrol_device"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/devices/{device_id}": {
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
         * Revoke Device
         * @description End a device: everybody is signed out there, and what it keeps can never be read again.
         */
        delete: operations["revoke_device"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sign-ins": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * List Sign Ins
         * @description Where one is signed in; the owner sees everybody.
         */
        get: operations["list_sign_ins"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sign-ins/{sign_in_id}": {
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
         * End Sign In
         * @description Sign out elsewhere.
         */
        delete: operations["end_sign_in"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/access-rules": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Open Access Rules
         * @description When a screen locks, and how long a device keeps what it read.
         */
        get: operations["open_access_rules"];
        /**
         * Change Access Rules
         * @description Change when a screen locks, and how long a device keeps what it read.
         */
        put: operations["change_access_rules"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/lead": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Hand Over Client
         * @description Give a client to another trainer.
         */
        put: operations["hand_over_client"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/cover": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Cover Client
         * @description Let somebody stand in for a client's trainer, or end that.
         */
        put: operations["cover_client"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{client_id}/audit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Client Audit
         * @description Who did what to a client, newest first.
         */
        get: operations["client_audit"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/audit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Studio Audit
         * @description Who did what that concerns no client, newest first.
         */
        get: operations["studio_audit"];
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
         * AccessRules
         * @description Minutes without a touch after which a screen locks; days after which a device forgets what it keeps.
         */
        AccessRules: {
            /**
             * Lock Minutes
             * @default 10
             */
            lock_minutes: number;
            /**
             * Kept Days
             * @default 7
             */
            kept_days: number;
        };
        /**
         * AccessRulesRequest
         * @description Minutes without a touch after which a screen locks; days after which a device forgets what it keeps.
         */
        AccessRulesRequest: {
            /** Lock Minutes */
            lock_minutes: number;
            /** Kept Days */
            kept_days: number;
        };
        /**
         * Achievable
         * @description One load that can be made: how it is set up, and whether the figure is only an estimate (bands, rucksacks).
         */
        Achievable: {
            load: components["schemas"]["Load"];
            /** How */
            how: string;
            /**
             * Estimated
             * @default false
             */
            estimated: boolean;
        };
        /**
         * Acknowledged
         * @description A row is on disk; ``again`` says it was there before.
         */
        Acknowledged: {
            /** Id */
            id: string;
            /** Again */
            again: boolean;
        };
        /**
         * Activity
         * @description How a client's week goes, work and training together.
         * @enum {string}
         */
        Activity: "mostly sitting" | "light work or some training" | "on the feet, or training most days" | "heavy work or hard training daily" | "";
        /**
         * AddDay
         * @description Add a training day to a phase; the id is made by the caller, so that sending twice adds once.
         */
        AddDay: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "add_day";
            /** Phase */
            phase: string;
            /**
             * Day
             * Format: DayId
             */
            day: DayId;
            /** Name */
            name: string;
            /** Weekday */
            weekday: number;
        };
        /**
         * AddLine
         * @description Add an exercise to a day; the id is made by the caller, so that sending twice adds once.
         *
         *     ``text`` is put into every week. With a section it goes behind the last line of it, else to its position; at the
         *     end it goes behind what was typed before, in its section; only a cool-down stays last. ``usual`` is the section that
         *     its exercise usually belongs to: with it a day begins.
         */
        AddLine: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "add_line";
            /**
             * Day
             * Format: DayId
             */
            day: DayId;
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /**
             * Exercise
             * Format: ExerciseId
             */
            exercise: ExerciseId;
            /**
             * Position
             * @default 100
             */
            position: number;
            section?: components["schemas"]["Section"] | null;
            usual?: components["schemas"]["Section"] | null;
            /**
             * Text
             * @default
             */
            text: string;
        };
        /**
         * AddPhase
         * @description Add a phase after the last: as many weeks, the same days and lines, begun where the last one built to.
         */
        AddPhase: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "add_phase";
            /** Phase */
            phase: string;
            /** Name */
            name: string;
        };
        /**
         * AddRequest
         * @description One more exercise; the line's id was made by the app.
         */
        AddRequest: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            sort: "add";
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /**
             * Exercise
             * Format: ExerciseId
             */
            exercise: ExerciseId;
            /**
             * Text
             * @default
             */
            text: string;
        };
        /**
         * AddWeek
         * @description Add a week after the last, with the last week's cells copied into it.
         */
        AddWeek: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "add_week";
            /** Phase */
            phase: string;
            /**
             * Week
             * Format: WeekId
             */
            week: WeekId;
        };
        /**
         * AfterwardsRequest
         * @description A session held on a day and written down afterwards; without text all of it went as planned.
         */
        AfterwardsRequest: {
            /**
             * Program Id
             * Format: ProgramId
             */
            program_id: ProgramId;
            /**
             * Week Id
             * Format: WeekId
             */
            week_id: WeekId;
            /**
             * Day Id
             * Format: DayId
             */
            day_id: DayId;
            /**
             * On
             * Format: date
             */
            on: string;
            /**
             * Place
             * Format: PlaceId
             * @default
             */
            place: PlaceId;
            /**
             * Text
             * @default
             */
            text: string;
        };
        /**
         * AheadCourse
         * @description A line under one outlook.
         */
        AheadCourse: {
            outlook: components["schemas"]["Scenario"];
            /** Points */
            points: components["schemas"]["AheadPoint"][];
            /** Events */
            events: components["schemas"]["AheadEvent"][];
        };
        /**
         * AheadDay
         * @description A day one may look at.
         */
        AheadDay: {
            /**
             * Id
             * Format: DayId
             */
            id: DayId;
            /** Name */
            name: string;
        };
        /**
         * AheadEvent
         * @description Something to know of a week (position from 0).
         */
        AheadEvent: {
            /** Week */
            week: number;
            /** Text */
            text: string;
        };
        /**
         * AheadLine
         * @description A line of the day; ``why_not`` says why it is not looked ahead of, with no courses then.
         */
        AheadLine: {
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /**
             * Exercise Id
             * Format: ExerciseId
             */
            exercise_id: ExerciseId;
            /** Exercise */
            exercise: string;
            /** Policy */
            policy: string;
            measure: components["schemas"]["Measure"];
            /** Why Not */
            why_not: string;
            /** Courses */
            courses: components["schemas"]["AheadCourse"][];
        };
        /**
         * AheadMinutes
         * @description The estimated minutes of each week under one outlook, and where they run over in one sentence, else empty.
         */
        AheadMinutes: {
            outlook: components["schemas"]["Scenario"];
            /** Minutes */
            minutes: number[];
            /** Over */
            over: string;
        };
        /**
         * AheadPoint
         * @description A week of a line: the shorthand asked for, and the figure drawn with the band eight of ten stay inside.
         *
         *     ``sets`` is what is asked of it in short: 4 x 5-7. The figures are in the line's measure; None where the week is not
         *     trained or asks for nothing.
         */
        AheadPoint: {
            /** Text */
            text: string;
            /** Sets */
            sets: string;
            /** Trained */
            trained: boolean;
            /** Value */
            value: string | null;
            /** Low */
            low: string | null;
            /** High */
            high: string | null;
        };
        /**
         * AheadView
         * @description A day of a phase through the weeks to come.
         */
        AheadView: {
            /**
             * Program Id
             * Format: ProgramId
             */
            program_id: ProgramId;
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            unit: components["schemas"]["Unit"];
            /** Phase */
            phase: string;
            /**
             * Day Id
             * Format: DayId
             */
            day_id: DayId;
            /** Day */
            day: string;
            /** Days */
            days: components["schemas"]["AheadDay"][];
            /** Limit */
            limit: number;
            /** Weeks */
            weeks: components["schemas"]["AheadWeek"][];
            /** Lines */
            lines: components["schemas"]["AheadLine"][];
            /** Minutes */
            minutes: components["schemas"]["AheadMinutes"][];
        };
        /**
         * AheadWeek
         * @description A week to come: its number in the program, the day's date, whether it eases off, whether the phase is over.
         */
        AheadWeek: {
            /** Number */
            number: number;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Easing Off */
            easing_off: boolean;
            /** Beyond */
            beyond: boolean;
        };
        /**
         * Aim
         * @description One set as it would be logged by one tap: its figure, load as added weight or assistance, reps left.
         *
         *     Repetitions, or seconds, or ``metres`` with the seconds they take where that is known.
         */
        Aim: {
            /** Reps */
            reps: number | null;
            /** Seconds */
            seconds: number | null;
            load: components["schemas"]["Load"] | null;
            /**
             * Assisted
             * @default false
             */
            assisted: boolean;
            /** Reserve */
            reserve?: number | null;
            /** Metres */
            metres?: number | null;
        };
        /**
         * Alternative
         * @description Something else the trainer may take: a few words, and its shorthand.
         */
        Alternative: {
            /** Label */
            label: string;
            /** Text */
            text: string;
        };
        /**
         * AnswerFinding
         * @description Keep the trainer's reason to a finding; an empty reason takes an earlier one back.
         */
        AnswerFinding: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "answer_finding";
            /** Check */
            check: string;
            /** Where */
            where: string;
            /** Message */
            message: string;
            /**
             * Reason
             * @default
             */
            reason: string;
        };
        /**
         * Answers
         * @description What the client answered.
         *
         *     ``active`` is planned activity of at least moderate intensity, 30 minutes on three or more days a week, for the last
         *     three months or longer.
         */
        Answers: {
            /** Active */
            active: boolean;
            /**
             * Diseases
             * @default []
             */
            diseases: components["schemas"]["Disease"][];
            /**
             * Signs
             * @default []
             */
            signs: components["schemas"]["Sign"][];
            /** @default light to moderate */
            intends: components["schemas"]["Intensity"];
        };
        /**
         * ArchiveLook
         * @description What an archive holds, before it is brought in.
         */
        ArchiveLook: {
            /** Client */
            client: string;
            /** Made On */
            made_on: string | null;
            /** Programs */
            programs: number;
            /** Sessions */
            sessions: number;
            /** Sets */
            sets: number;
            /** Tests */
            tests: number;
            /** Said */
            said: string[];
        };
        /**
         * ArchiveStep
         * @description A line of the answer: what is being done and its share (0 to 1), last the client, or why there is none.
         */
        ArchiveStep: {
            /**
             * Doing
             * @default
             */
            doing: string;
            /**
             * Share
             * @default 0
             */
            share: number;
            /**
             * Refused
             * @default
             */
            refused: string;
            client?: components["schemas"]["BroughtInClient"] | null;
        };
        /**
         * AuditView
         * @description What was done, newest first; ``before`` asks for what came earlier, None where there is no more.
         */
        AuditView: {
            /** Deeds */
            deeds: components["schemas"]["Deed"][];
            /** Before */
            before: number | null;
        };
        /**
         * AwayRequest
         * @description A week (from 1) at another place of the client.
         */
        AwayRequest: {
            /** Week */
            week: number;
            /**
             * Place
             * Format: PlaceId
             */
            place: PlaceId;
        };
        /**
         * BackOff
         * @description The lighter sets: how many, of what, at which load or how much lighter.
         */
        BackOff: {
            /** Sets */
            sets: number;
            target: components["schemas"]["Reps"];
            /** Load */
            load: components["schemas"]["Load"] | components["schemas"]["Cut"];
        };
        /**
         * BackupStep
         * @description A line of the answer: what is being done and its share (0 to 1), last what came of it, or why nothing did.
         */
        BackupStep: {
            /**
             * Doing
             * @default
             */
            doing: string;
            /**
             * Share
             * @default 0
             */
            share: number;
            /**
             * Refused
             * @default
             */
            refused: string;
            made?: components["schemas"]["KeptBackup"] | null;
            checked?: components["schemas"]["CheckedBackup"] | null;
        };
        /**
         * BackupsView
         * @description The backups, newest first, where they are, how often they are made, and for how long they are kept.
         *
         *     ``ready`` says that a passphrase was chosen, ``fingerprint`` which key is used now.
         */
        BackupsView: {
            /** Ready */
            ready: boolean;
            /** Fingerprint */
            fingerprint: string;
            /** Folder */
            folder: string;
            /** Second Folder */
            second_folder: string;
            /** Every Hours */
            every_hours: number;
            /** Days */
            days: number;
            /** Weeks */
            weeks: number;
            /** Backups */
            backups: components["schemas"]["KeptBackup"][];
            /** Due */
            due: boolean;
            /**
             * Today
             * Format: date-time
             */
            today: string;
        };
        /**
         * Band
         * @description The sets a muscle is usually given in a week, fractional, and what the figures rest on.
         */
        Band: {
            /** Low */
            low: number;
            /** High */
            high: number;
            /** Source */
            source: string;
        };
        /**
         * BandPosition
         * @description Where a week's sets lie against the band.
         * @enum {string}
         */
        BandPosition: "below" | "within" | "above";
        /**
         * Bar
         * @description One outline or fill: width in repetitions, height as a share of the maximum (0 to 1), and what it says.
         */
        Bar: {
            /** Width */
            width: number;
            /** Height */
            height: number;
            /** Label */
            label: string;
        };
        /**
         * BarPicture
         * @description A loaded bar: the total, the bar itself, and one end's plates with the change from what was on it.
         */
        BarPicture: {
            load: components["schemas"]["Load"];
            bar: components["schemas"]["Load"];
            plates: components["schemas"]["PlateChange"];
        };
        /**
         * Battery
         * @description An ordered list of tests, repeated every so many weeks.
         */
        Battery: {
            /** Id */
            id: string;
            /** Name */
            name: string;
            /** Purpose */
            purpose: string;
            /** Tests */
            tests: string[];
            /** Repeat Weeks */
            repeat_weeks: number;
            /**
             * Own
             * @default false
             */
            own: boolean;
            /**
             * Edited
             * @default false
             */
            edited: boolean;
        };
        /**
         * BatteryRequest
         * @description A battery: its list of tests, and the weeks until it is due again.
         */
        BatteryRequest: {
            /** Name */
            name: string;
            /**
             * Purpose
             * @default
             */
            purpose: string;
            /** Tests */
            tests: string[];
            /** Repeat Weeks */
            repeat_weeks: number;
        };
        /**
         * BatteryShelf
         * @description All batteries, and all tests by name.
         */
        BatteryShelf: {
            /** Batteries */
            batteries: components["schemas"]["Battery"][];
            /** Tests */
            tests: components["schemas"]["TestItem"][];
        };
        /**
         * Beat
         * @description The start of a phase: seconds into the repetition, its name, how long it lasts.
         */
        Beat: {
            /** At */
            at: number;
            /** Say */
            say: string;
            /** Seconds */
            seconds: number;
        };
        /**
         * Best
         * @description The client's best set of an exercise before today: by estimated maximum (kg), else by seconds or repetitions.
         */
        Best: {
            /**
             * On
             * Format: date
             */
            on: string;
            set: components["schemas"]["LoggedSet"];
            /** Kg */
            kg: string | null;
        };
        /**
         * Better
         * @description Which way is progress.
         * @enum {string}
         */
        Better: "more" | "less" | "neither";
        /**
         * BoardChange
         * @description What a save made of the board of revision ``base``: its changed days, or all of it where more changed.
         */
        BoardChange: {
            /**
             * Program Id
             * Format: ProgramId
             */
            program_id: ProgramId;
            /** Base */
            base: number;
            revision: components["schemas"]["RevisionView"];
            /** Phases */
            phases: components["schemas"]["PhaseChange"][];
            board: components["schemas"]["BoardView"] | null;
        };
        /**
         * BoardView
         * @description A program as the board shows it, and where it stands beside the client's others.
         *
         *     ``always`` is what goes for the client with an exercise in every program.
         */
        BoardView: {
            /**
             * Program Id
             * Format: ProgramId
             */
            program_id: ProgramId;
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            unit: components["schemas"]["Unit"];
            /** Minutes */
            minutes: number;
            /** Pace */
            pace: number;
            /** Name */
            name: string;
            /**
             * Start
             * Format: date
             */
            start: string;
            /**
             * End
             * Format: date
             */
            end: string;
            standing: components["schemas"]["ProgramStanding"];
            /** Ended On */
            ended_on: string | null;
            revision: components["schemas"]["RevisionView"];
            /** Phases */
            phases: components["schemas"]["PhaseView"][];
            /** Places */
            places: components["schemas"]["PlaceHead"][];
            /** Always */
            always: {
                [key: string]: string;
            };
        };
        /**
         * BodyPoint
         * @description A body weight, in the client's unit.
         */
        BodyPoint: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Value */
            value: string;
        };
        /**
         * BodyweightLoad
         * @description Body weight, with something added (a vest, a held plate) or taken off (assistance).
         */
        BodyweightLoad: {
            added?: components["schemas"]["Load"] | null;
            /**
             * Assisted
             * @default false
             */
            assisted: boolean;
        };
        /**
         * BringInRequest
         * @description The same to be written into a phase; ``chosen`` names exercises by row where the name does not.
         */
        BringInRequest: {
            /** Text */
            text: string;
            /** Base */
            base: number;
            /** Phase */
            phase: string;
            /** Chosen */
            chosen?: {
                [key: string]: string;
            };
        };
        /**
         * BringInSessionsRequest
         * @description The same to be written; ``chosen`` names exercises by the name as typed, empty to leave it out.
         */
        BringInSessionsRequest: {
            /** Text */
            text: string;
            /** Client */
            client?: ClientId | null;
            /** Chosen */
            chosen?: {
                [key: string]: string;
            };
        };
        /**
         * BroughtIn
         * @description What was brought in: its id for the undo, how many clients or sessions, and of sessions how many sets.
         */
        BroughtIn: {
            /** Id */
            id: string;
            /** Many */
            many: number;
            /** Sets */
            sets: number;
        };
        /**
         * BroughtInClient
         * @description A client that was brought in.
         */
        BroughtInClient: {
            /** Client Id */
            client_id: string;
            /** Client */
            client: string;
            /** Sessions */
            sessions: number;
            /** Sets */
            sets: number;
            /** Said */
            said: string[];
        };
        /**
         * CalendarFeed
         * @description Where the calendar is fed from, below this app's own address; empty where it is off.
         */
        CalendarFeed: {
            /** Path */
            path: string;
        };
        /**
         * CalendarRow
         * @description Seven dates, Monday to Sunday, that hold a session of the program: of its own week or moved there.
         */
        CalendarRow: {
            /** Dates */
            dates: string[];
        };
        /**
         * CalendarSession
         * @description One session on its date.
         *
         *     ``state`` is planned, optional, done, missed, before it began, moved, merged or dropped.
         */
        CalendarSession: {
            /**
             * Session Id
             * Format: SessionId
             */
            session_id: SessionId;
            /**
             * Week Id
             * Format: WeekId
             */
            week_id: WeekId;
            /**
             * Day Id
             * Format: DayId
             */
            day_id: DayId;
            /** Day */
            day: string;
            /** Week */
            week: number;
            /** Phase */
            phase: string;
            /**
             * On
             * Format: date
             */
            on: string;
            /**
             * Planned For
             * Format: date
             */
            planned_for: string;
            /** State */
            state: string;
            /** Place */
            place: string;
            /** Reason */
            reason: string;
        };
        /**
         * CalendarView
         * @description A program's sessions by date, its weeks, and the Sunday of the last.
         */
        CalendarView: {
            /**
             * Program Id
             * Format: ProgramId
             */
            program_id: ProgramId;
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            /** Name */
            name: string;
            /** Revision */
            revision: number;
            /**
             * Today
             * Format: date
             */
            today: string;
            /**
             * End
             * Format: date
             */
            end: string;
            /** Weeks */
            weeks: components["schemas"]["CalendarWeek"][];
            /** Sessions */
            sessions: components["schemas"]["CalendarSession"][];
            /** Rows */
            rows: components["schemas"]["CalendarRow"][];
        };
        /**
         * CalendarWeek
         * @description A week of the program: its Monday, the weeks off before it and the day they begin, and whether it has begun.
         */
        CalendarWeek: {
            /**
             * Id
             * Format: WeekId
             */
            id: WeekId;
            /** Number */
            number: number;
            /**
             * Monday
             * Format: date
             */
            monday: string;
            /** Begun */
            begun: boolean;
            /** Pause */
            pause: number;
            /**
             * Pause From
             * Format: date
             */
            pause_from: string;
            /** Pause Reason */
            pause_reason: string;
        };
        /**
         * Call
         * @description Something called: ``at`` seconds into the step, or before its end where ``from_end`` says so.
         */
        Call: {
            /** At */
            at: number;
            /** Say */
            say: string;
            /** @default none */
            sound: components["schemas"]["Sound"];
            /**
             * From End
             * @default false
             */
            from_end: boolean;
        };
        /**
         * Calls
         * @description How the floor calls: sounds, sounds and speech, or nothing but the screen.
         * @enum {string}
         */
        Calls: "sounds" | "sounds and speech" | "silent";
        /**
         * CameBack
         * @description A result that came back; ``waits`` to be looked at, ``wants_word`` where something hurt or was written.
         */
        CameBack: {
            /** Id */
            id: string;
            /** Day */
            day: string;
            /**
             * Received At
             * Format: date-time
             */
            received_at: string;
            /** Session Id */
            session_id: SessionId | null;
            /** Note */
            note: string;
            /** Hurt */
            hurt: boolean;
            /** Waits */
            waits: boolean;
            /** Wants Word */
            wants_word: boolean;
            /** Set Aside */
            set_aside: boolean;
        };
        /**
         * CarriedLine
         * @description A line of the last phase: what it came to, and whether it would go on in the next program, else why not.
         */
        CarriedLine: {
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /** Day */
            day: string;
            /** Exercise */
            exercise: string;
            /** Text */
            text: string;
            /** Last Done */
            last_done: string;
            /** On */
            on: boolean;
            /** Why */
            why: string;
        };
        /**
         * Carry
         * @description How far a typed cell carries on to the following weeks.
         *
         *     ``matching`` fills the following weeks that said the same as this cell did before (empty ones, where it was empty);
         *     ``all`` fills every following week; ``none`` changes this week alone. Where B weeks train another exercise, what is
         *     typed for one goes on in its own weeks.
         * @enum {string}
         */
        Carry: "none" | "matching" | "all";
        /**
         * CarryOnRequest
         * @description The next program from a last one; ``without`` are lines that stay behind.
         */
        CarryOnRequest: {
            /**
             * Program
             * Format: ProgramId
             */
            program: ProgramId;
            /**
             * Name
             * @default Strength
             */
            name: string;
            /** Without */
            without?: LineId[];
            /** Start */
            start?: string | null;
        };
        /**
         * Caution
         * @description One caution: how serious, what it is about, and the sentence.
         */
        Caution: {
            grade: components["schemas"]["CautionGrade"];
            /** About */
            about: string;
            /** Text */
            text: string;
        };
        /**
         * CautionGrade
         * @description How serious a caution is.
         * @enum {string}
         */
        CautionGrade: "stop" | "caution" | "note";
        /**
         * CellView
         * @description A cell with what was done in it.
         */
        CellView: {
            plan: components["schemas"]["ReadCell"];
            /** Done */
            done: components["schemas"]["Bar"][];
        };
        /**
         * ChangeDay
         * @description Rename a day or move it to another weekday.
         */
        ChangeDay: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "change_day";
            /**
             * Day
             * Format: DayId
             */
            day: DayId;
            /** Name */
            name: string;
            /** Weekday */
            weekday: number;
        };
        /**
         * ChangeExercise
         * @description Swap the exercise of a line; its cells stay. In B weeks only where ``variant`` says so.
         */
        ChangeExercise: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "change_exercise";
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /**
             * Exercise
             * Format: ExerciseId
             */
            exercise: ExerciseId;
            /**
             * Variant
             * @default
             * @enum {string}
             */
            variant: "" | "B";
        };
        /**
         * ChangeGroup
         * @description Say what a group is: its section, kind and pairing, its rests and times (seconds). What is left out stays.
         *
         *     ``rounds`` is a figure of the group: every station is done so often, in one week or, where none is named, in all.
         */
        ChangeGroup: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "change_group";
            /** Group */
            group: string;
            section?: components["schemas"]["Section"] | null;
            kind?: components["schemas"]["GroupKind"] | null;
            pairing?: components["schemas"]["Pairing"] | null;
            /** Rest Inside */
            rest_inside?: number | null;
            /** Rest After */
            rest_after?: number | null;
            /** Break After */
            break_after?: number | null;
            /** Every */
            every?: number | null;
            /** Time Cap */
            time_cap?: number | null;
            /** Lead */
            lead?: ("" | "left first" | "right first" | "alternate lead") | null;
            /** Words */
            words?: string[] | null;
            /** Optional Rounds */
            optional_rounds?: number | null;
            /** Rounds */
            rounds?: number | null;
            /** Week */
            week?: WeekId | null;
        };
        /**
         * ChangeLine
         * @description Say more of a line: what it is for, its cues, the rungs named in advance. What is left out stays.
         */
        ChangeLine: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "change_line";
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /** Reason */
            reason?: string | null;
            /** Cues */
            cues?: string[] | null;
            /** Easier */
            easier?: ExerciseId | null;
            /** Harder */
            harder?: ExerciseId | null;
            /** Exercise B */
            exercise_b?: ExerciseId | null;
            /** Policy */
            policy?: string | null;
        };
        /**
         * ChangePhase
         * @description Rename a phase, say what it is for and by which method.
         */
        ChangePhase: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "change_phase";
            /** Phase */
            phase: string;
            /** Name */
            name: string;
            /**
             * Purpose
             * @default
             */
            purpose: string;
            /**
             * Method
             * @default
             */
            method: string;
        };
        /**
         * ChangeProgram
         * @description Rename the program or let it begin in the week of another day.
         */
        ChangeProgram: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "change_program";
            /** Name */
            name: string;
            /**
             * Start
             * Format: date
             */
            start: string;
        };
        /**
         * ChangeRequest
         * @description A change of the day to make; ``left_out`` names the parts of it that were not wanted.
         */
        ChangeRequest: {
            /** Id */
            id: string;
            /** Wanted */
            wanted: components["schemas"]["ReadinessRequest"] | components["schemas"]["TimeRequest"] | components["schemas"]["OtherPlaceRequest"] | components["schemas"]["SwapRequest"] | components["schemas"]["LoadChangeRequest"] | components["schemas"]["DropRequest"] | components["schemas"]["AddRequest"] | components["schemas"]["MoveRequest"] | components["schemas"]["MoreRoundRequest"];
            /** Left Out */
            left_out?: string[];
        };
        /**
         * ChangeVerdict
         * @description How a change stands against the typical error.
         * @enum {string}
         */
        ChangeVerdict: "within the typical error" | "more than the typical error" | "clearly more than the typical error" | "another variant";
        /**
         * ChangeWeek
         * @description Say whether a week builds, holds or eases off, which variants it trains, and where. What is left out stays.
         */
        ChangeWeek: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "change_week";
            /** Phase */
            phase: string;
            /**
             * Week
             * Format: WeekId
             */
            week: WeekId;
            kind?: components["schemas"]["WeekKind"] | null;
            /** Variant */
            variant?: ("" | "A" | "B") | null;
            /** Place */
            place?: PlaceId | null;
        };
        /**
         * CheckedBackup
         * @description A backup that opened whole: its name, rows in all, and rows of what a person counts in.
         */
        CheckedBackup: {
            /** Name */
            name: string;
            /** Rows */
            rows: number;
            /** Counted */
            counted: {
                [key: string]: number;
            };
        };
        /**
         * Checkpoints
         * @description Seconds of the later marks, climbing, one to four.
         */
        Checkpoints: {
            /** Seconds */
            seconds: number[];
        };
        /**
         * ChosenCues
         * @description Cues, the school they are from (empty for the plain ones), and why they were taken.
         */
        ChosenCues: {
            /** School */
            school: string;
            /** Cues */
            cues: string[];
            /**
             * Why
             * @default
             */
            why: string;
        };
        /**
         * Clearance
         * @description What a clinician allowed, on a day; ``at`` is when it was written down, where that is known.
         */
        Clearance: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** By */
            by: string;
            up_to: components["schemas"]["Intensity"];
            /**
             * Limits
             * @default
             */
            limits: string;
            /** At */
            at?: string | null;
        };
        /**
         * ClearanceRequest
         * @description What a clinician allowed.
         */
        ClearanceRequest: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** By */
            by: string;
            up_to: components["schemas"]["Intensity"];
            /**
             * Limits
             * @default
             */
            limits: string;
        };
        /**
         * ClientChangeRequest
         * @description Some facts of a client; what is left out stays as it is.
         */
        ClientChangeRequest: {
            /** Name */
            name?: string | null;
            unit?: components["schemas"]["Unit"] | null;
            aim?: components["schemas"]["GoalKind"] | null;
            /** Goal */
            goal?: string | null;
            second_aim?: components["schemas"]["GoalKind"] | null;
            /** Second Goal */
            second_goal?: string | null;
            /** About */
            about?: string | null;
            /** Minutes */
            minutes?: number | null;
            /** Days A Week */
            days_a_week?: number | null;
            /** Weekdays */
            weekdays?: number[] | null;
            training_age?: components["schemas"]["TrainingAge"] | null;
            school?: components["schemas"]["School"] | null;
            /** Birth Year */
            birth_year?: number | null;
            /** Contact */
            contact?: string | null;
            /** Emergency Contact */
            emergency_contact?: string | null;
            /** Cycle Reports */
            cycle_reports?: boolean | null;
            /** Former */
            former?: boolean | null;
            /** Likes */
            likes?: string | null;
            /** Dislikes */
            dislikes?: string | null;
            /** Ready By */
            ready_by?: string | null;
            language?: components["schemas"]["Language"] | null;
            sex?: components["schemas"]["Sex"] | null;
            /** Height Cm */
            height_cm?: number | null;
            activity?: components["schemas"]["Activity"] | null;
        };
        /**
         * ClientEntry
         * @description A client on the list.
         */
        ClientEntry: {
            /**
             * Id
             * Format: ClientId
             */
            id: ClientId;
            /** Name */
            name: string;
            /** Goal */
            goal: string;
            /** Minutes */
            minutes: number;
            /** Days A Week */
            days_a_week: number;
            unit: components["schemas"]["Unit"];
            /** Place */
            place: string;
            /** Program Id */
            program_id: ProgramId | null;
            /** Former */
            former: boolean;
            /** Lead */
            lead: string;
            /** Mine */
            mine: boolean;
        };
        /**
         * ClientFacts
         * @description What the trainer enters of a client; name and unit are needed. ``weekdays`` are fixed days, Monday = 0.
         *
         *     ``likes`` and ``dislikes`` are exercises and kinds of work in words; ``ready_by`` is the day of a trip or race.
         *     ``language`` is that of home sheets and calls; ``sex``, ``height_cm`` and ``activity`` are for estimating energy.
         *     A ``former`` client trains here no more: the file stays to read, nothing is due and nobody is asked after them.
         */
        ClientFacts: {
            /** Name */
            name: string;
            unit: components["schemas"]["Unit"];
            /** @default  */
            aim: components["schemas"]["GoalKind"];
            /**
             * Goal
             * @default
             */
            goal: string;
            /** @default  */
            second_aim: components["schemas"]["GoalKind"];
            /**
             * Second Goal
             * @default
             */
            second_goal: string;
            /**
             * About
             * @default
             */
            about: string;
            /**
             * Minutes
             * @default 60
             */
            minutes: number;
            /**
             * Days A Week
             * @default 3
             */
            days_a_week: number;
            /**
             * Weekdays
             * @default []
             */
            weekdays: number[];
            /** @default  */
            training_age: components["schemas"]["TrainingAge"];
            /** @default reps in a range */
            school: components["schemas"]["School"];
            /** Birth Year */
            birth_year?: number | null;
            /**
             * Contact
             * @default
             */
            contact: string;
            /**
             * Emergency Contact
             * @default
             */
            emergency_contact: string;
            /**
             * Cycle Reports
             * @default false
             */
            cycle_reports: boolean;
            /**
             * Former
             * @default false
             */
            former: boolean;
            /**
             * Likes
             * @default
             */
            likes: string;
            /**
             * Dislikes
             * @default
             */
            dislikes: string;
            /** Ready By */
            ready_by?: string | null;
            /** @default en */
            language: components["schemas"]["Language"];
            /** @default  */
            sex: components["schemas"]["Sex"];
            /** Height Cm */
            height_cm?: number | null;
            /** @default  */
            activity: components["schemas"]["Activity"];
        };
        /**
         * ClientNotice
         * @description A client who wants a look: what, one line of evidence, the exercise it is about, the program (None: none).
         */
        ClientNotice: {
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            trouble: components["schemas"]["Trouble"];
            /** Text */
            text: string;
            /** Exercise */
            exercise: string;
            /** Program Id */
            program_id: ProgramId | null;
        };
        /**
         * ClientReport
         * @description All that a report is made of.
         */
        ClientReport: {
            /** Client */
            client: string;
            /**
             * Start
             * Format: date
             */
            start: string;
            /**
             * Until
             * Format: date
             */
            until: string;
            /** Unit */
            unit: string;
            /** Weeks */
            weeks: components["schemas"]["ReportWeek"][];
            /** Lifts */
            lifts: components["schemas"]["ReportLift"][];
            /** Tests */
            tests: components["schemas"]["ReportTest"][];
            texts: components["schemas"]["ReportTexts"];
        };
        /**
         * ClientRequest
         * @description A new client; name and unit are enough. Without a place it is the one most clients share.
         */
        ClientRequest: {
            /** Name */
            name: string;
            unit: components["schemas"]["Unit"];
            aim?: components["schemas"]["GoalKind"] | null;
            /** Goal */
            goal?: string | null;
            second_aim?: components["schemas"]["GoalKind"] | null;
            /** Second Goal */
            second_goal?: string | null;
            /** About */
            about?: string | null;
            /** Minutes */
            minutes?: number | null;
            /** Days A Week */
            days_a_week?: number | null;
            /** Weekdays */
            weekdays?: number[] | null;
            training_age?: components["schemas"]["TrainingAge"] | null;
            school?: components["schemas"]["School"] | null;
            /** Birth Year */
            birth_year?: number | null;
            /** Contact */
            contact?: string | null;
            /** Emergency Contact */
            emergency_contact?: string | null;
            /** Cycle Reports */
            cycle_reports?: boolean | null;
            /** Former */
            former?: boolean | null;
            /** Likes */
            likes?: string | null;
            /** Dislikes */
            dislikes?: string | null;
            /** Ready By */
            ready_by?: string | null;
            language?: components["schemas"]["Language"] | null;
            sex?: components["schemas"]["Sex"] | null;
            /** Height Cm */
            height_cm?: number | null;
            activity?: components["schemas"]["Activity"] | null;
            place?: components["schemas"]["PlaceRequest"] | null;
            body_weight?: components["schemas"]["LoadRequest"] | null;
        };
        /**
         * ClientRowRead
         * @description A client of the table: the row (from 1) and what of it was read; ``unread`` says of the rest why not.
         *
         *     ``health_noted`` says that words about health stand in ``about``, where nothing heeds them yet.
         */
        ClientRowRead: {
            /** Row */
            row: number;
            /** Name */
            name: string;
            unit: components["schemas"]["Unit"];
            /** @default  */
            aim: components["schemas"]["GoalKind"];
            /**
             * Goal
             * @default
             */
            goal: string;
            /**
             * Second Goal
             * @default
             */
            second_goal: string;
            /**
             * About
             * @default
             */
            about: string;
            /** Minutes */
            minutes?: number | null;
            /** Days A Week */
            days_a_week?: number | null;
            /**
             * Weekdays
             * @default []
             */
            weekdays: number[];
            /** @default  */
            training_age: components["schemas"]["TrainingAge"];
            /** Birth Year */
            birth_year?: number | null;
            /**
             * Contact
             * @default
             */
            contact: string;
            /**
             * Emergency Contact
             * @default
             */
            emergency_contact: string;
            /** Consent On */
            consent_on?: string | null;
            body_weight?: components["schemas"]["Load"] | null;
            /**
             * Health Noted
             * @default false
             */
            health_noted: boolean;
            /**
             * Unread
             * @default []
             */
            unread: string[];
        };
        /**
         * ClientToday
         * @description A client on the list: the next planned day, if there is one.
         */
        ClientToday: {
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            /** Goal */
            goal: string;
            /** Program Id */
            program_id: ProgramId | null;
            /** Next Day */
            next_day: string;
            /** Next On */
            next_on: string | null;
        };
        /**
         * ClientView
         * @description A client as the file shows it. ``hints`` are calm reminders about what was entered.
         *
         *     ``program_id`` is the program that runs, ``programs`` how many there are over the years.
         */
        ClientView: {
            /**
             * Id
             * Format: ClientId
             */
            id: ClientId;
            facts: components["schemas"]["ClientFacts"];
            /** Age */
            age: number | null;
            /** Hints */
            hints: string[];
            /** Places */
            places: components["schemas"]["PlaceView"][];
            health: components["schemas"]["HealthView"];
            /** Body Weights */
            body_weights: components["schemas"]["Weighed"][];
            /** Due */
            due: components["schemas"]["DueBattery"][];
            /** Program Id */
            program_id: ProgramId | null;
            /** Programs */
            programs: number;
            leading: components["schemas"]["Leading"];
            /** Consents */
            consents: components["schemas"]["ConsentView"][];
        };
        /**
         * Clock
         * @description The timeline of one group: its steps, its length in seconds (what lasts until a tap is reckoned), its lines.
         *
         *     The seconds are those of the plan, from the first start on: getting ready comes before.
         *
         *     ``hands_free`` says that it runs from start to end without a tap.
         */
        Clock: {
            /** Group */
            group: string;
            /** Title */
            title: string;
            /** Lines */
            lines: string[];
            /** Steps */
            steps: components["schemas"]["ClockStep"][];
            /** Seconds */
            seconds: number;
            /** Hands Free */
            hands_free: boolean;
        };
        /**
         * ClockStep
         * @description One step of a timeline.
         *
         *     ``seconds`` is None where it lasts until somebody taps. ``line`` and ``number`` name the set that is worked or comes
         *     next. ``closes`` says that the set is done with the end of this step. ``marks`` are seconds at which a fitter client
         *     carries on; the first is the work that was asked for. ``opens`` begins a station that owns its time; ``fills`` says
         *     that a rest ends so many seconds after that began, whatever of it was work. ``stations`` are the lines of a round.
         */
        ClockStep: {
            kind: components["schemas"]["StepKind"];
            /** Seconds */
            seconds: number | null;
            /** Title */
            title: string;
            /** Detail */
            detail: string;
            /**
             * Line
             * Format: LineId
             * @default
             */
            line: LineId;
            /**
             * Number
             * @default 0
             */
            number: number;
            /**
             * Round
             * @default 1
             */
            round: number;
            side?: components["schemas"]["Side"] | null;
            /**
             * Closes
             * @default false
             */
            closes: boolean;
            /**
             * Marks
             * @default []
             */
            marks: number[];
            /**
             * Calls
             * @default []
             */
            calls: components["schemas"]["Call"][];
            /**
             * Opens
             * @default false
             */
            opens: boolean;
            /** Fills */
            fills?: number | null;
            /**
             * Stations
             * @default []
             */
            stations: LineId[];
        };
        /**
         * Cluster
         * @description Repetitions part by part, and the pause between parts, seconds (1 to 120).
         */
        Cluster: {
            /** Parts */
            parts: number[];
            /**
             * Pause
             * @default 20
             */
            pause: number;
        };
        /**
         * CodeRequest
         * @description A code that comes in place of a passphrase, and the passphrase that is chosen now.
         */
        CodeRequest: {
            /** Name */
            name: string;
            /** Code */
            code: string;
            /** Passphrase */
            passphrase: string;
        };
        /**
         * Coded
         * @description A band by its label, or the step of an adjustable set by its code.
         */
        Coded: {
            /**
             * Sort
             * @enum {string}
             */
            sort: "band" | "step";
            /** Label */
            label: string;
        };
        /**
         * Codes
         * @description Recovery codes, shown once.
         */
        Codes: {
            /** Codes */
            codes: string[];
        };
        /**
         * Comparison
         * @description Two revisions and what differs between them.
         */
        Comparison: {
            before: components["schemas"]["RevisionHead"];
            after: components["schemas"]["RevisionHead"];
            /** Differences */
            differences: components["schemas"]["Difference"][];
        };
        /**
         * Condition
         * @description What is not a joint.
         * @enum {string}
         */
        Condition: "heart or vessels" | "blood pressure" | "diabetes or metabolism" | "kidneys" | "lungs" | "surgery" | "medication" | "pregnancy" | "after birth" | "eating" | "other";
        /**
         * Confidence
         * @description How far the evidence carries: every set with its reserve, some without, or little to go by.
         * @enum {string}
         */
        Confidence: "firm" | "fair" | "thin";
        /**
         * ConsentRequest
         * @description What a client agreed to, in the words they were shown, and on which day.
         */
        ConsentRequest: {
            /** Text */
            text: string;
            /**
             * On
             * Format: date
             */
            on: string;
        };
        /**
         * ConsentView
         * @description A consent; without ``withdrawn_on`` it holds. ``text`` is empty where only the day was noted.
         */
        ConsentView: {
            /** Id */
            id: string;
            /** Text */
            text: string;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Withdrawn On */
            withdrawn_on: string | null;
        };
        /**
         * CoverRequest
         * @description Who stands in for a client's trainer, through which day; nobody ends it.
         */
        CoverRequest: {
            /** Person Id */
            person_id?: PersonId | null;
            /** Until */
            until?: string | null;
        };
        /**
         * CueSet
         * @description Cues of one school: ``spare knee`` for a joint that complains, ``bias glutes`` for one muscle's sake.
         */
        CueSet: {
            /** School */
            school: string;
            /** Cues */
            cues: string[];
        };
        /**
         * CueSetRequest
         * @description Cues of one school.
         */
        CueSetRequest: {
            /** School */
            school: string;
            /** Cues */
            cues: string[];
        };
        /**
         * Cut
         * @description A load lighter by per cent, 1 to 60.
         */
        Cut: {
            /** Per Cent */
            per_cent: number;
        };
        /**
         * CycleReport
         * @description One report of a client who opted in.
         */
        CycleReport: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Energy */
            energy: number;
            /** Words */
            words: string;
        };
        /**
         * CycleReportRequest
         * @description What a client who opted in reports.
         */
        CycleReportRequest: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Energy */
            energy: number;
            /**
             * Words
             * @default
             */
            words: string;
        };
        /**
         * DayChange
         * @description One change to a session. ``key`` names it within what was asked, ``line`` the line it is about, if one.
         *
         *     A change without edits is only said: something that was looked at and left as it is.
         */
        DayChange: {
            /** Key */
            key: string;
            /** Label */
            label: string;
            /** Why */
            why: string;
            /**
             * Edits
             * @default []
             */
            edits: (components["schemas"]["SetCell"] | components["schemas"]["AddLine"] | components["schemas"]["MoveLine"] | components["schemas"]["MoveGroup"] | components["schemas"]["MoveWithin"] | components["schemas"]["RemoveLine"] | components["schemas"]["ChangeExercise"] | components["schemas"]["ChangeLine"] | components["schemas"]["RestrictFlow"] | components["schemas"]["GroupLines"] | components["schemas"]["Ungroup"] | components["schemas"]["ChangeGroup"] | components["schemas"]["AddDay"] | components["schemas"]["RepeatDay"] | components["schemas"]["ChangeDay"] | components["schemas"]["SetDay"] | components["schemas"]["RemoveDay"] | components["schemas"]["AddWeek"] | components["schemas"]["ChangeWeek"] | components["schemas"]["RemoveWeek"] | components["schemas"]["AddPhase"] | components["schemas"]["ChangePhase"] | components["schemas"]["RemovePhase"] | components["schemas"]["ChangeProgram"] | components["schemas"]["MoveSession"] | components["schemas"]["HoldSession"] | components["schemas"]["PauseProgram"] | components["schemas"]["AnswerFinding"])[];
            /**
             * Line
             * Format: LineId
             * @default
             */
            line: LineId;
        };
        /**
         * DayOrder
         * @description Whether the day stands before the month in dates such as 3/4/2026; ``said`` that one of them tells so.
         */
        DayOrder: {
            /** Day First */
            day_first: boolean;
            /** Said */
            said: boolean;
        };
        /**
         * DayView
         * @description A day of the board; ``seconds`` is its estimated time, ``sessions`` the started session, week by week.
         */
        DayView: {
            /**
             * Id
             * Format: DayId
             */
            id: DayId;
            /** Name */
            name: string;
            /** Weekday */
            weekday: number;
            /** Seconds */
            seconds: number[];
            /** Sessions */
            sessions: (components["schemas"]["StartedSession"] | null)[];
            /** Groups */
            groups: components["schemas"]["GroupView"][];
            /**
             * Place
             * Format: PlaceId
             */
            place: PlaceId;
            /** Minutes */
            minutes: number | null;
            /** Top Up */
            top_up: boolean;
            /** Alone */
            alone: boolean;
            /** Moved */
            moved: (components["schemas"]["MovedView"] | null)[];
        };
        /**
         * DecisionMark
         * @description A decision on the exercise: the day of its session, the verdict, what went into the plan, and why.
         */
        DecisionMark: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Verdict */
            verdict: string;
            /** Taken */
            taken: string;
            /** Rule */
            rule: string;
        };
        /**
         * DecisionRequest
         * @description A decision on a proposal; the id was made by the app.
         */
        DecisionRequest: {
            /** Id */
            id: string;
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            verdict: components["schemas"]["Verdict"];
            /**
             * Text
             * @default
             */
            text: string;
            /**
             * Seen
             * @default
             */
            seen: string;
            /**
             * Reason
             * @default
             */
            reason: string;
            /** Stations */
            stations?: components["schemas"]["StationRequest"][];
        };
        /**
         * DecisionView
         * @description A decision as it was taken; ``taken`` is the shorthand that went into the plan, empty when declined.
         */
        DecisionView: {
            verdict: components["schemas"]["Verdict"];
            /** Taken */
            taken: string;
            /** Revision */
            revision: number | null;
            /**
             * At
             * Format: date-time
             */
            at: string;
        };
        /**
         * DecisionsRequest
         * @description Decisions taken together: all are kept, or none.
         */
        DecisionsRequest: {
            /** Decisions */
            decisions: components["schemas"]["DecisionRequest"][];
        };
        /**
         * Deed
         * @description One thing somebody did: who, where, when, and what in words.
         */
        Deed: {
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** Person */
            person: string;
            /** Device */
            device: string;
            /** Words */
            words: string;
        };
        /**
         * Demand
         * @description Demands that pregnancy, the months after a birth, the heart or blood pressure may stand against.
         * @enum {string}
         */
        Demand: "lying on the back" | "lying on the front" | "impact" | "holding the breath" | "bending the trunk under load" | "overhead" | "balance";
        /**
         * Density
         * @description The time, seconds, 60 to 3600; the rounds are what comes of it.
         */
        Density: {
            /** Seconds */
            seconds: number;
        };
        /**
         * Device
         * @description Which device is used: none, or the simulated one that ships with the app.
         * @enum {string}
         */
        Device: "off" | "simulated";
        /**
         * DeviceFigure
         * @description What a device measured of a set, in sentences.
         */
        DeviceFigure: {
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /** Number */
            number: number;
            /** Sort */
            sort: string;
            /** Sentences */
            sentences: string[];
        };
        /**
         * DeviceView
         * @description A browser somebody signed in with; the studio's own once it is ``enrolled``.
         */
        DeviceView: {
            /**
             * Id
             * Format: DeviceId
             */
            id: DeviceId;
            /** Name */
            name: string;
            /** Enrolled */
            enrolled: boolean;
            /**
             * Seen At
             * Format: date-time
             */
            seen_at: string;
            /** People */
            people: string[];
            /** This One */
            this_one: boolean;
        };
        /**
         * Difference
         * @description One place that differs: where (in words), and the text before and after; empty where there was nothing.
         */
        Difference: {
            /** Where */
            where: string;
            /** Before */
            before: string;
            /** After */
            after: string;
        };
        /**
         * Disease
         * @description Known diseases the screen asks for.
         * @enum {string}
         */
        Disease: "heart or blood vessels" | "diabetes" | "kidneys";
        /**
         * Distance
         * @description A distance, metres, 1 to 50,000.
         */
        Distance: {
            /** Metres */
            metres: number;
            /**
             * Kind
             * @default distance
             * @constant
             */
            kind: "distance";
        };
        /**
         * DoneLine
         * @description One exercise: planned and done as set blocks, how many sets of how many, what hurt, what was written down.
         */
        DoneLine: {
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /** Exercise */
            exercise: string;
            /** Planned */
            planned: string;
            state: components["schemas"]["LineState"];
            /** Done */
            done: number;
            /** Planned Sets */
            planned_sets: number;
            /** Skipped */
            skipped: number;
            /** Ramp Sets */
            ramp_sets: number;
            /** Blocks */
            blocks: components["schemas"]["SetBlock"][];
            /** Pains */
            pains: string[];
            /** Notes */
            notes: string[];
        };
        /**
         * DraftDay
         * @description A day of a draft; ``minutes`` is the longest of its weeks.
         */
        DraftDay: {
            /** Name */
            name: string;
            /** Weekday */
            weekday: number;
            /** Minutes */
            minutes: number;
            /** Lines */
            lines: components["schemas"]["DraftLine"][];
        };
        /**
         * DraftLine
         * @description A line of a draft: its slot, its exercise, the first week's prescription and why it was chosen.
         */
        DraftLine: {
            /** Slot */
            slot: string;
            /** Exercise Id */
            exercise_id: string;
            /** Exercise */
            exercise: string;
            /** Text */
            text: string;
            /** Reason */
            reason: string;
        };
        /**
         * DraftRequest
         * @description What is wanted of a draft: weeks, the seed, exercises pinned to slots and exercises rolled away from them.
         *
         *     Without ``weeks`` as many as there are to the day to be ready by, else eight; it begins in the week of ``start``.
         */
        DraftRequest: {
            /** Weeks */
            weeks?: number | null;
            /** Start */
            start?: string | null;
            /** Away */
            away?: components["schemas"]["AwayRequest"][];
            /**
             * Seed
             * @default 1
             */
            seed: number;
            /** Pins */
            pins?: {
                [key: string]: string;
            };
            /** Avoid */
            avoid?: {
                [key: string]: string[];
            };
        };
        /**
         * DraftStep
         * @description A line of the answer: what is being done and its share (0 to 1), last the draft, or why there is none.
         */
        DraftStep: {
            /**
             * Doing
             * @default
             */
            doing: string;
            /**
             * Share
             * @default 0
             */
            share: number;
            draft?: components["schemas"]["DraftView"] | null;
            /**
             * Refused
             * @default
             */
            refused: string;
        };
        /**
         * DraftView
         * @description A draft before it is kept: its first phase day by day, the phases by name, and the wishes it could not keep.
         */
        DraftView: {
            /** Days */
            days: components["schemas"]["DraftDay"][];
            /** Phases */
            phases: string[];
            /** Weeks */
            weeks: number;
            /**
             * Start
             * Format: date
             */
            start: string;
            /** Relax */
            relax: string[];
        };
        /**
         * DropRequest
         * @description A line left out.
         */
        DropRequest: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            sort: "drop";
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /**
             * Why
             * @default
             */
            why: string;
        };
        /**
         * Drops
         * @description The lighter loads in order, one to four.
         */
        Drops: {
            /** Loads */
            loads: components["schemas"]["Load"][];
        };
        /**
         * Due
         * @description The day something is due, and how many days late it is (negative: still to come).
         */
        Due: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Late */
            late: number;
        };
        /**
         * DueBattery
         * @description A battery a client did, and when it is due again.
         */
        DueBattery: {
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Battery */
            battery: string;
            /** Name */
            name: string;
            /**
             * Last
             * Format: date
             */
            last: string;
            due: components["schemas"]["Due"];
        };
        /**
         * DueFile
         * @description A file that is kept longer than the studio means to: when the client was there last, and whether they left.
         */
        DueFile: {
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            /**
             * Last On
             * Format: date
             */
            last_on: string;
            /** Former */
            former: boolean;
        };
        /**
         * DueKind
         * @description What is due.
         * @enum {string}
         */
        DueKind: "re-test" | "program ends" | "health screen" | "clearance";
        /**
         * DueToday
         * @description Something due for a client: what, its name, the day, the days it is late (negative: to come), one sentence.
         *
         *     ``program_id`` is the program it is about, None for the others.
         */
        DueToday: {
            kind: components["schemas"]["DueKind"];
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            /** Name */
            name: string;
            /** On */
            on: string | null;
            /** Late */
            late: number;
            /** Text */
            text: string;
            /** Program Id */
            program_id?: ProgramId | null;
        };
        /**
         * EasierKind
         * @description Whether the work asks for it, or the weeks do.
         * @enum {string}
         */
        EasierKind: "due" | "earned";
        /**
         * EasierNext
         * @description That an easier week is due or earned and why, and the week that can be made one.
         */
        EasierNext: {
            kind: components["schemas"]["EasierKind"];
            /** Why */
            why: string;
            /** Phase Id */
            phase_id: string;
            /**
             * Week Id
             * Format: WeekId
             */
            week_id: WeekId;
            /** Week */
            week: number;
        };
        /**
         * EditsRequest
         * @description Edits, and the revision they started from.
         */
        EditsRequest: {
            /** Base */
            base: number;
            /** Edits */
            edits: (components["schemas"]["SetCell"] | components["schemas"]["AddLine"] | components["schemas"]["MoveLine"] | components["schemas"]["MoveGroup"] | components["schemas"]["MoveWithin"] | components["schemas"]["RemoveLine"] | components["schemas"]["ChangeExercise"] | components["schemas"]["ChangeLine"] | components["schemas"]["RestrictFlow"] | components["schemas"]["GroupLines"] | components["schemas"]["Ungroup"] | components["schemas"]["ChangeGroup"] | components["schemas"]["AddDay"] | components["schemas"]["RepeatDay"] | components["schemas"]["ChangeDay"] | components["schemas"]["SetDay"] | components["schemas"]["RemoveDay"] | components["schemas"]["AddWeek"] | components["schemas"]["ChangeWeek"] | components["schemas"]["RemoveWeek"] | components["schemas"]["AddPhase"] | components["schemas"]["ChangePhase"] | components["schemas"]["RemovePhase"] | components["schemas"]["ChangeProgram"] | components["schemas"]["MoveSession"] | components["schemas"]["HoldSession"] | components["schemas"]["PauseProgram"] | components["schemas"]["AnswerFinding"])[];
            /** Reason */
            reason: string;
        };
        /**
         * EffortRequest
         * @description How hard the whole session was, 0 to 10 (Foster et al. 2001, session RPE).
         */
        EffortRequest: {
            /** Effort */
            effort: number;
        };
        /**
         * EndRequest
         * @description The day a program is ended; none takes that back.
         */
        EndRequest: {
            /** On */
            on?: string | null;
        };
        /**
         * Ended
         * @description Why a test ended.
         * @enum {string}
         */
        Ended: "form" | "breath" | "pain" | "will" | "time" | "target";
        /**
         * EnergyAim
         * @description What the trainer and the client want of the body weight.
         * @enum {string}
         */
        EnergyAim: "slowly less" | "as it is" | "slowly more";
        /**
         * EnergyEstimate
         * @description Kilocalories a day: to keep the weight (``low`` to ``high`` with the error), and for the aim.
         *
         *     ``resting`` is without any activity; ``floor`` says that the target was held at the published floor. ``kg_a_week``
         *     is what the aim would be expected to change.
         */
        EnergyEstimate: {
            /** Resting */
            resting: number;
            /** Factor */
            factor: number;
            /** Maintenance */
            maintenance: number;
            /** Low */
            low: number;
            /** High */
            high: number;
            aim: components["schemas"]["EnergyAim"];
            /** Target */
            target: number;
            /** Floor */
            floor: boolean;
            /** Kg A Week */
            kg_a_week: number;
        };
        /**
         * EnergyView
         * @description What the card shows.
         *
         *     ``barred`` says why no figure is given, ``missing`` what is still to be said; ``error`` is the share by which the
         *     estimate may be off, ``floor`` the published floor, kilocalories a day; ``weight`` is the trend in a sentence.
         */
        EnergyView: {
            aim: components["schemas"]["EnergyAim"];
            /** Barred */
            barred: string;
            /** Missing */
            missing: string[];
            estimate: components["schemas"]["EnergyEstimate"] | null;
            /** Error */
            error: number;
            /** Floor */
            floor: number | null;
            /** Weight */
            weight: string;
            /** Note */
            note: string;
        };
        /**
         * EnrolRequest
         * @description What the studio calls this device.
         */
        EnrolRequest: {
            /** Name */
            name: string;
        };
        /**
         * Entry
         * @description One dated entry. ``words`` are the trainer's; ``due_on`` is the expected date of a birth.
         *
         *     ``clinician`` says that a clinician knows of it. Entries stand in the order they were written.
         */
        Entry: {
            /** Id */
            id: string;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Topic */
            topic: components["schemas"]["Joint"] | components["schemas"]["Condition"];
            state: components["schemas"]["State"];
            side?: components["schemas"]["Side"] | null;
            /**
             * Words
             * @default
             */
            words: string;
            /**
             * Clinician
             * @default false
             */
            clinician: boolean;
            /** Due On */
            due_on?: string | null;
        };
        /**
         * EntryRequest
         * @description An entry on a joint or condition; the id was made by the app.
         */
        EntryRequest: {
            /** Id */
            id: string;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Topic */
            topic: components["schemas"]["Joint"] | components["schemas"]["Condition"];
            side?: components["schemas"]["Side"] | null;
            state: components["schemas"]["State"];
            /**
             * Words
             * @default
             */
            words: string;
            /**
             * Clinician
             * @default false
             */
            clinician: boolean;
            /** Due On */
            due_on?: string | null;
        };
        /**
         * EquipmentProblem
         * @description What could not be read: its line (from 1), the text, and what was expected there.
         */
        EquipmentProblem: {
            /** Line */
            line: number;
            /** Text */
            text: string;
            /** Expected */
            expected: string;
        };
        /**
         * EquipmentRequest
         * @description An equipment text to be read out.
         */
        EquipmentRequest: {
            /** Text */
            text: string;
            unit: components["schemas"]["Unit"];
        };
        /**
         * EquipmentView
         * @description An equipment text read out; ``features`` are the things without a weight that the text names;
         *     ``understood`` says line by line what it was taken for.
         */
        EquipmentView: {
            /** Kinds */
            kinds: components["schemas"]["LoadsOfKind"][];
            /** Features */
            features: components["schemas"]["Feature"][];
            /** Things */
            things: string[];
            /** Absent */
            absent: components["schemas"]["Feature"][];
            /** Problems */
            problems: components["schemas"]["EquipmentProblem"][];
            /** Understood */
            understood: components["schemas"]["UnderstoodLine"][];
        };
        /**
         * EraseRequest
         * @description The whole name of a client who is to be erased for good.
         */
        EraseRequest: {
            /** Name */
            name: string;
        };
        /**
         * ErasedClient
         * @description What went: rows in all and of what a person counts in; ``mentions`` are places where the name still stands.
         *
         *     ``swept`` says whether the file was written anew; where not, it is done at the next erasure.
         */
        ErasedClient: {
            /** Rows */
            rows: number;
            /** Counted */
            counted: {
                [key: string]: number;
            };
            /** Mentions */
            mentions: string[];
            /** Swept */
            swept: boolean;
        };
        /**
         * EveryStart
         * @description Seconds from one start to the next, 10 to 900.
         */
        EveryStart: {
            /** Seconds */
            seconds: number;
        };
        /**
         * Exercise
         * @description What the rules need of an exercise.
         *
         *     ``implements`` are in order of preference; ``needs`` are things the place must have; ``bodyweight_share`` is the
         *     share of body weight moved (0 to 1); ``rep_seconds`` holds where a line has no tempo; ``one_sided`` moves are
         *     prescribed each side. ``family`` and ``strength`` say how heavy it is lifted beside its kin: with each implement,
         *     the share of the family's reference lift one can do once (loads counted by the convention; house estimates).
         *     ``ladder`` and ``after`` place an own exercise on a ladder, right above that rung. ``asks`` names demands on the
         *     whole body that some clients are asked about first; see ``demands``. ``kit`` are things named freely that it needs.
         *     ``also`` are its other names, as people call and shorten it. ``on_request`` marks what asks for a skill, a risk or
         *     a reason that the trainer weighs: it is found by its name, but never drafted or offered in place of another, but
         *     for those whom it ``suits``. ``skill`` is the practice it wants.
         */
        Exercise: {
            /**
             * Id
             * Format: ExerciseId
             */
            id: ExerciseId;
            /** Name */
            name: string;
            pattern: components["schemas"]["Pattern"];
            /** Movers */
            movers: components["schemas"]["Muscle"][];
            /**
             * Helpers
             * @default []
             */
            helpers: components["schemas"]["Muscle"][];
            /**
             * Implements
             * @default [
             *       "bodyweight"
             *     ]
             */
            implements: components["schemas"]["ImplementKind"][];
            /**
             * Bodyweight Share
             * @default 0
             */
            bodyweight_share: string;
            /**
             * Rep Seconds
             * @default 3
             */
            rep_seconds: number;
            /**
             * One Sided
             * @default false
             */
            one_sided: boolean;
            /**
             * Cues
             * @default []
             */
            cues: string[];
            /** @default lift */
            kind: components["schemas"]["ExerciseKind"];
            /**
             * Needs
             * @default []
             */
            needs: components["schemas"]["Feature"][];
            /**
             * Stable
             * @default true
             */
            stable: boolean;
            /**
             * Joints
             * @default []
             */
            joints: components["schemas"]["JointLoad"][];
            /**
             * Family
             * @default
             */
            family: string;
            /**
             * Strength
             * @default []
             */
            strength: components["schemas"]["KinShare"][];
            /**
             * Cue Sets
             * @default []
             */
            cue_sets: components["schemas"]["CueSet"][];
            /**
             * Faults
             * @default []
             */
            faults: string[];
            /**
             * Ladder
             * @default
             */
            ladder: string;
            /**
             * After
             * Format: ExerciseId
             * @default
             */
            after: ExerciseId;
            /**
             * Own
             * @default false
             */
            own: boolean;
            /**
             * Edited
             * @default false
             */
            edited: boolean;
            /**
             * Removed
             * @default false
             */
            removed: boolean;
            /**
             * Asks
             * @default []
             */
            asks: components["schemas"]["Demand"][];
            /**
             * Kit
             * @default []
             */
            kit: string[];
            /**
             * Also
             * @default []
             */
            also: string[];
            /**
             * On Request
             * @default false
             */
            on_request: boolean;
            /** @default anyone */
            skill: components["schemas"]["Skill"];
            /**
             * Suits
             * @default []
             */
            suits: components["schemas"]["Suits"][];
        };
        /**
         * ExerciseChoice
         * @description An exercise the client has done, and in how many sessions.
         */
        ExerciseChoice: {
            /**
             * Id
             * Format: ExerciseId
             */
            id: ExerciseId;
            /** Name */
            name: string;
            /** Sessions */
            sessions: number;
        };
        /**
         * ExerciseHead
         * @description An exercise by id and name.
         */
        ExerciseHead: {
            /**
             * Id
             * Format: ExerciseId
             */
            id: ExerciseId;
            /** Name */
            name: string;
        };
        /**
         * ExerciseKind
         * @description What sort of exercise it is: counted, held, jumped, carried, thrown, or there to get ready or wind down.
         * @enum {string}
         */
        ExerciseKind: "lift" | "hold" | "jump" | "carry" | "throw" | "balance" | "cardio" | "mobility" | "warm-up" | "stretch";
        /**
         * ExerciseLikeRequest
         * @description An exercise of the trainer's own that is like another.
         */
        ExerciseLikeRequest: {
            /** Name */
            name: string;
            /**
             * Like
             * Format: ExerciseId
             */
            like: ExerciseId;
        };
        /**
         * ExerciseNoteRequest
         * @description What always goes for a client with an exercise; empty where it goes no more. The id was made by the app.
         */
        ExerciseNoteRequest: {
            /** Id */
            id: string;
            /**
             * Text
             * @default
             */
            text: string;
        };
        /**
         * ExerciseRequest
         * @description An exercise of the trainer's own, or an edit of one that ships.
         */
        ExerciseRequest: {
            /** Name */
            name: string;
            pattern: components["schemas"]["Pattern"];
            /** @default lift */
            kind: components["schemas"]["ExerciseKind"];
            /**
             * Movers
             * @default []
             */
            movers: components["schemas"]["Muscle"][];
            /**
             * Helpers
             * @default []
             */
            helpers: components["schemas"]["Muscle"][];
            /** Implements */
            implements: components["schemas"]["ImplementKind"][];
            /**
             * Needs
             * @default []
             */
            needs: components["schemas"]["Feature"][];
            /**
             * Kit
             * @default []
             */
            kit: string[];
            /**
             * Bodyweight Share
             * @default 0
             */
            bodyweight_share: number | string;
            /**
             * Rep Seconds
             * @default 3
             */
            rep_seconds: number;
            /**
             * One Sided
             * @default false
             */
            one_sided: boolean;
            /**
             * Stable
             * @default true
             */
            stable: boolean;
            /**
             * Joints
             * @default []
             */
            joints: components["schemas"]["JointLoadRequest"][];
            /**
             * Cues
             * @default []
             */
            cues: string[];
            /**
             * Cue Sets
             * @default []
             */
            cue_sets: components["schemas"]["CueSetRequest"][];
            /**
             * Faults
             * @default []
             */
            faults: string[];
            /**
             * Ladder
             * @default
             */
            ladder: string;
            /**
             * After
             * @default
             */
            after: string;
            /**
             * Also
             * @default []
             */
            also: string[];
        };
        /**
         * ExerciseView
         * @description An exercise with its ladders; with a client, the cues she hears and what her joints say of it.
         *
         *     ``picture`` is the mark of the trainer's own picture, empty where there is none.
         */
        ExerciseView: {
            exercise: components["schemas"]["Exercise"];
            /** Ladders */
            ladders: components["schemas"]["ShownLadder"][];
            cues: components["schemas"]["ChosenCues"];
            /** Cautions */
            cautions: components["schemas"]["Caution"][];
            /** Picture */
            picture: string;
        };
        /**
         * Fact
         * @description One fact: its kind, the exercise, one sentence with its numbers.
         */
        Fact: {
            kind: components["schemas"]["FactKind"];
            /** Exercise */
            exercise: string;
            /** Text */
            text: string;
        };
        /**
         * FactKind
         * @description What sort of fact, most telling first.
         * @enum {string}
         */
        FactKind: "best" | "heaviest" | "most reps at this load" | "longest" | "first time" | "most even";
        /**
         * Feature
         * @description Things an exercise may need that nobody lifts.
         * @enum {string}
         */
        Feature: "wall" | "chair" | "doorway" | "table" | "open ground" | "bench" | "rack" | "box" | "pull-up bar" | "dip bars" | "anchor" | "straps" | "sliders" | "big ball" | "balance pad" | "stairs" | "rower" | "bike" | "leg press" | "leg curl" | "leg extension";
        /**
         * Finding
         * @description A hit with everything the board needs: the check, the weeks (numbers in the program), and the trainer's reason.
         *
         *     ``where`` names the place in words and, with the check, tells findings apart.
         */
        Finding: {
            /** Check */
            check: string;
            severity: components["schemas"]["Severity"];
            /** Title */
            title: string;
            /** Message */
            message: string;
            /** Why */
            why: string;
            /** Source */
            source: string;
            /** Phase */
            phase: string;
            /** Day */
            day: string;
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /** Where */
            where: string;
            /** Weeks */
            weeks: number[];
            fix: components["schemas"]["Fix"] | null;
            /**
             * Answered
             * @default
             */
            answered: string;
        };
        /**
         * FindingsView
         * @description The findings of one phase, at one revision.
         */
        FindingsView: {
            /** Revision */
            revision: number;
            /** Findings */
            findings: components["schemas"]["Finding"][];
        };
        /**
         * FinishRequest
         * @description The end of a session.
         */
        FinishRequest: {
            /**
             * Finished At
             * Format: date-time
             */
            finished_at: string;
        };
        /**
         * FirstSignIn
         * @description The owner's recovery codes, shown once.
         */
        FirstSignIn: {
            /** Codes */
            codes: string[];
        };
        /**
         * Fit
         * @description A session against its time: seconds now, seconds there are, what can be changed, what all chosen come to.
         *
         *     ``fits`` says whether the chosen changes are enough; ``left`` are the exercises that stay, each with what it then
         *     asks for.
         */
        Fit: {
            /** Seconds */
            seconds: number;
            /** Limit */
            limit: number;
            /** Savings */
            savings: components["schemas"]["Saving"][];
            /** After */
            after: number;
            /** Fits */
            fits: boolean;
            /**
             * Left
             * @default []
             */
            left: string[];
        };
        /**
         * Fix
         * @description A ready fix: what it does in words, and the edits that do it.
         */
        Fix: {
            /** Label */
            label: string;
            /** Edits */
            edits: (components["schemas"]["SetCell"] | components["schemas"]["AddLine"] | components["schemas"]["MoveLine"] | components["schemas"]["MoveGroup"] | components["schemas"]["MoveWithin"] | components["schemas"]["RemoveLine"] | components["schemas"]["ChangeExercise"] | components["schemas"]["ChangeLine"] | components["schemas"]["RestrictFlow"] | components["schemas"]["GroupLines"] | components["schemas"]["Ungroup"] | components["schemas"]["ChangeGroup"] | components["schemas"]["AddDay"] | components["schemas"]["RepeatDay"] | components["schemas"]["ChangeDay"] | components["schemas"]["SetDay"] | components["schemas"]["RemoveDay"] | components["schemas"]["AddWeek"] | components["schemas"]["ChangeWeek"] | components["schemas"]["RemoveWeek"] | components["schemas"]["AddPhase"] | components["schemas"]["ChangePhase"] | components["schemas"]["RemovePhase"] | components["schemas"]["ChangeProgram"] | components["schemas"]["MoveSession"] | components["schemas"]["HoldSession"] | components["schemas"]["PauseProgram"] | components["schemas"]["AnswerFinding"])[];
        };
        /**
         * FloorLine
         * @description One exercise of the session; ``loads`` are those that can be made here, lightest first, with their ``codes``.
         *
         *     ``bodyweight`` says that loads are added to body weight, ``counts`` that reps are counted beside the seconds,
         *     ``restricted`` how the blood flow is restricted, ``together`` with what it is done round by round, ``group`` names
         *     its group and ``clock`` that the group is run by one. ``ramp_up`` are the sets that lead up, with ``ramp_why`` in
         *     words. ``always`` is what goes for the client with this exercise in every program, ``picture`` the mark of the
         *     trainer's own picture of it. ``usual_reps`` are what a set that nothing is
         *     asked of begins with. ``beside_plan`` says that sets were logged for a line the plan no longer has.
         */
        FloorLine: {
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /**
             * Exercise Id
             * Format: ExerciseId
             */
            exercise_id: ExerciseId;
            /** Exercise */
            exercise: string;
            /** Group */
            group: string;
            /** Clock */
            clock: boolean;
            cues: components["schemas"]["ChosenCues"];
            /** Together */
            together: string;
            /** Reason */
            reason: string;
            /** Faults */
            faults: string[];
            /** Planned */
            planned: string;
            /** Caution */
            caution: string | null;
            /** Joints */
            joints: components["schemas"]["Caution"][];
            /** Instead */
            instead: string[];
            /** Rest */
            rest: number;
            /** Each Side */
            each_side: boolean;
            /** Bodyweight */
            bodyweight: boolean;
            /** Counts */
            counts: boolean;
            /** Restricted */
            restricted: string;
            /** Sets */
            sets: components["schemas"]["FloorSet"][];
            /** Ramp Up */
            ramp_up: components["schemas"]["FloorSet"][];
            /** Ramp Why */
            ramp_why: string;
            /** Usual Reps */
            usual_reps: number;
            metronome: components["schemas"]["Metronome"] | null;
            last_time: components["schemas"]["PreviousPerformance"] | null;
            best: components["schemas"]["Best"] | null;
            /** Loads */
            loads: components["schemas"]["Load"][];
            /** Codes */
            codes: string[];
            /** Set To */
            set_to: string;
            /** Notes */
            notes: string[];
            /** Always */
            always: string;
            /** Picture */
            picture: string;
            /**
             * Beside Plan
             * @default false
             */
            beside_plan: boolean;
        };
        /**
         * FloorSet
         * @description One set: what one tap logs, what stands, earlier values, and rows of another device beside it.
         *
         *     ``stands`` is the id of the row that stands, a cleared one included: what the next row of this slot replaces.
         *     ``sides`` are the sides in their order where each is worked, ``on_bar`` the loaded bar for the load aimed at,
         *     ``measured`` what devices saw of it, in sentences, ``doubt`` what is asked about an implausible figure. ``ranges``
         *     say what is asked: first at the planned load, then at each other one that the line names.
         */
        FloorSet: {
            /** Number */
            number: number;
            /** Ramp */
            ramp: boolean;
            /** Stands */
            stands: string | null;
            planned: components["schemas"]["Bar"] | null;
            aim: components["schemas"]["Aim"];
            /** Sides */
            sides: components["schemas"]["Side"][];
            on_bar: components["schemas"]["BarPicture"] | null;
            logged: components["schemas"]["LoggedSet"] | null;
            /** Earlier */
            earlier: components["schemas"]["LoggedSet"][];
            /** Beside */
            beside: components["schemas"]["LoggedSet"][];
            /**
             * Measured
             * @default []
             */
            measured: string[];
            /**
             * Doubt
             * @default
             */
            doubt: string;
            /**
             * Ranges
             * @default []
             */
            ranges: components["schemas"]["TargetRange"][];
        };
        /**
         * FloorView
         * @description A session as the floor shows it.
         *
         *     ``language`` is that of its calls; ``call_words`` are those the device makes itself, by their English.
         *     ``order`` is the order its sets are run in, ``changes`` what was changed for the day, ``asked_readiness`` whether
         *     the client was asked, ``for_today`` what was noted last time for this one.
         */
        FloorView: {
            /**
             * Session Id
             * Format: SessionId
             */
            session_id: SessionId;
            /**
             * Program Id
             * Format: ProgramId
             */
            program_id: ProgramId;
            /**
             * Week Id
             * Format: WeekId
             */
            week_id: WeekId;
            /**
             * Day Id
             * Format: DayId
             */
            day_id: DayId;
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            unit: components["schemas"]["Unit"];
            /** Minutes */
            minutes: number;
            /** Day */
            day: string;
            /** Week */
            week: number;
            /** Phase */
            phase: string;
            /**
             * Planned For
             * Format: date
             */
            planned_for: string;
            /** Estimated Seconds */
            estimated_seconds: number;
            /** Started At */
            started_at: string | null;
            /** Finished At */
            finished_at: string | null;
            /** Effort */
            effort: number | null;
            /** Reminder */
            reminder: string | null;
            /** Awaited */
            awaited: boolean;
            /** Cautions */
            cautions: components["schemas"]["Caution"][];
            /** Lines */
            lines: components["schemas"]["FloorLine"][];
            /** Order */
            order: components["schemas"]["Turn"][];
            /** Changes */
            changes: components["schemas"]["MadeChange"][];
            /** Asked Readiness */
            asked_readiness: boolean;
            /** Places */
            places: components["schemas"]["PlaceChoice"][];
            /** Notes */
            notes: string[];
            /** For Today */
            for_today: string[];
            language: components["schemas"]["Language"];
            /** Call Words */
            call_words: {
                [key: string]: string;
            };
        };
        /**
         * FormulaEstimate
         * @description One published formula's estimated maximum, in the client's unit.
         */
        FormulaEstimate: {
            /** Formula */
            formula: string;
            /** Value */
            value: string | null;
        };
        /**
         * Found
         * @description What was found, best first, how many there are to choose from in all, and what was typed behind the name.
         *
         *     ``understood`` is the name with its abbreviations written out; empty where there were none.
         */
        Found: {
            /** Hits */
            hits: components["schemas"]["SearchHit"][];
            /** Of */
            of: number;
            /** Name */
            name: string;
            /** Line */
            line: string;
            /**
             * Understood
             * @default
             */
            understood: string;
        };
        /**
         * FromSourceRequest
         * @description The same to begin a program with, in the week of ``start``.
         */
        FromSourceRequest: {
            /**
             * Template
             * @default
             */
            template: string;
            /**
             * Program
             * Format: ProgramId
             * @default
             */
            program: ProgramId;
            /**
             * Of Phase
             * @default
             */
            of_phase: string;
            /** Start */
            start?: string | null;
        };
        /**
         * GivenSheet
         * @description A sheet that was made.
         */
        GivenSheet: {
            /** Id */
            id: string;
            /**
             * Made At
             * Format: date-time
             */
            made_at: string;
            /** Days */
            days: string[];
        };
        /**
         * GoalKind
         * @description What a goal comes down to; the client's own words stand beside it.
         * @enum {string}
         */
        GoalKind: "muscle size" | "maximal strength" | "general fitness" | "body weight" | "sport or trip" | "strong around a joint" | "posture" | "lagging muscles" | "everyday strength" | "enjoyment" | "";
        /**
         * GroupKind
         * @description How the lines of a group are done together.
         * @enum {string}
         */
        GroupKind: "straight" | "pair" | "tri-set" | "circuit" | "by the clock" | "on the minute" | "most rounds";
        /**
         * GroupLines
         * @description Put lines of a day together where the first of them stands; the id is made by the caller.
         *
         *     A pair has two lines, a tri-set three, circuits any number. What was left of other groups stays where it was; the
         *     section is the one that most of the lines stood in, never one that an exercise brings.
         */
        GroupLines: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "group_lines";
            /** Lines */
            lines: LineId[];
            /** Group */
            group: string;
            kind: components["schemas"]["GroupKind"];
            /** @default  */
            pairing: components["schemas"]["Pairing"];
        };
        /**
         * GroupUsual
         * @description The figures that hold where a group says none, seconds; None where its lines say it.
         */
        GroupUsual: {
            /** Rest Inside */
            rest_inside: number | null;
            /** Rest After */
            rest_after: number | null;
            /** Every */
            every: number;
            /** Time Cap */
            time_cap: number;
        };
        /**
         * GroupView
         * @description Lines of a day done together; a line on its own is a group of one.
         *
         *     ``rounds`` are the most sets of any of its lines, week by week. What holds where the group says nothing stands in
         *     ``usual``.
         */
        GroupView: {
            /** Id */
            id: string;
            kind: components["schemas"]["GroupKind"];
            pairing: components["schemas"]["Pairing"];
            section: components["schemas"]["Section"];
            /** Rest Inside */
            rest_inside: number | null;
            /** Rest After */
            rest_after: number | null;
            /** Break After */
            break_after: number | null;
            /** Every */
            every: number | null;
            /** Time Cap */
            time_cap: number | null;
            /**
             * Lead
             * @enum {string}
             */
            lead: "" | "left first" | "right first" | "alternate lead";
            /** Words */
            words: string[];
            /** Optional Rounds */
            optional_rounds: number;
            /** Rounds */
            rounds: (number | null)[];
            usual: components["schemas"]["GroupUsual"];
            /** Lines */
            lines: components["schemas"]["LineView"][];
        };
        /**
         * Health
         * @description That the server answers, reads its data, and which version it is.
         */
        Health: {
            /**
             * Status
             * @constant
             */
            status: "well";
            /** Version */
            version: string;
        };
        /**
         * HealthStanding
         * @description Where a client stands today.
         *
         *     ``allowed`` is the hardest intensity open to the client now, None where clearance comes first; ``reminder`` is what
         *     the floor says until it is settled; ``repeat_on`` when the screen is due again; ``awaited`` whether a clearance is
         *     still to be recorded.
         */
        HealthStanding: {
            outcome: components["schemas"]["ScreenOutcome"] | null;
            allowed: components["schemas"]["Intensity"] | null;
            /** Reason */
            reason: string;
            /** Repeat On */
            repeat_on: string | null;
            /** Reminder */
            reminder: string | null;
            /** Due */
            due: boolean;
            /**
             * Awaited
             * @default false
             */
            awaited: boolean;
        };
        /**
         * HealthView
         * @description All that is known of a client's health: the timeline newest first, how things stand, screens, clearances.
         */
        HealthView: {
            /** Timeline */
            timeline: components["schemas"]["Entry"][];
            /** Standing */
            standing: components["schemas"]["JointStatus"][];
            /** Overlaps */
            overlaps: string[];
            /** Cautions */
            cautions: components["schemas"]["Caution"][];
            screening: components["schemas"]["HealthStanding"];
            /** Screens */
            screens: components["schemas"]["ScreenView"][];
            /** Clearances */
            clearances: components["schemas"]["Clearance"][];
            /** Cycle Reports */
            cycle_reports: components["schemas"]["CycleReport"][];
        };
        /**
         * Hints
         * @description What may be typed for an exercise: loads of the place, lightest first, last time's numbers, a load that fits.
         *
         *     ``fitting`` is the load the estimate allows for eight repetitions with two left, None without an estimate;
         *     ``around`` the load to look around first: that one, else last time's.
         */
        Hints: {
            /** Loads */
            loads: components["schemas"]["Load"][];
            last: components["schemas"]["LastNumbers"] | null;
            fitting: components["schemas"]["Load"] | null;
            around: components["schemas"]["Load"] | null;
        };
        /**
         * HoldSession
         * @description Hold a session as planned after all.
         */
        HoldSession: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "hold_session";
            /**
             * Week
             * Format: WeekId
             */
            week: WeekId;
            /**
             * Day
             * Format: DayId
             */
            day: DayId;
        };
        /**
         * HomeChoice
         * @description A day that can go on a sheet; ``alone`` says that the program has it done alone, ``sheets`` on how many it is.
         */
        HomeChoice: {
            /**
             * Week Id
             * Format: WeekId
             */
            week_id: WeekId;
            /**
             * Day Id
             * Format: DayId
             */
            day_id: DayId;
            /** Day */
            day: string;
            /** Week */
            week: number;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Alone */
            alone: boolean;
            /** Exercises */
            exercises: number;
            state: components["schemas"]["HomeState"];
            /**
             * Session Id
             * Format: SessionId
             */
            session_id: SessionId;
            /** Sheets */
            sheets: number;
        };
        /**
         * HomeDay
         * @description One day of a sheet: its moves, the clocks of its timed groups, and the order the sets are done in.
         */
        HomeDay: {
            /**
             * Week Id
             * Format: WeekId
             */
            week_id: WeekId;
            /**
             * Day Id
             * Format: DayId
             */
            day_id: DayId;
            /** Name */
            name: string;
            /**
             * On
             * Format: date
             */
            on: string;
            /** On Words */
            on_words: string;
            /** Week */
            week: number;
            /** Minutes */
            minutes: number;
            /** Moves */
            moves: components["schemas"]["HomeMove"][];
            /** Clocks */
            clocks: components["schemas"]["Clock"][];
            /** Order */
            order: components["schemas"]["Turn"][];
        };
        /**
         * HomeMove
         * @description One exercise of a day.
         *
         *     ``dose`` is what is asked in words, ``always`` what the trainer wrote for this client with it, ``cautions`` what a
         *     joint needs minding, ``loads`` those at hand (lightest first), ``picture`` an address that holds the picture itself.
         *     ``clock`` says that its group is run by one; ``rest`` is seconds between sets.
         */
        HomeMove: {
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /**
             * Exercise
             * Format: ExerciseId
             */
            exercise: ExerciseId;
            /** Name */
            name: string;
            /** Planned */
            planned: string;
            /** Dose */
            dose: string;
            /** Cues */
            cues: string[];
            /** Always */
            always: string;
            /** Together */
            together: string;
            /** Cautions */
            cautions: string[];
            easier: components["schemas"]["HomeRung"] | null;
            harder: components["schemas"]["HomeRung"] | null;
            /** Sets */
            sets: components["schemas"]["HomeSet"][];
            /** Rest */
            rest: number;
            /** Group */
            group: string;
            /** Clock */
            clock: boolean;
            /** Loads */
            loads: components["schemas"]["Load"][];
            metronome: components["schemas"]["Metronome"] | null;
            /**
             * Picture
             * @default
             */
            picture: string;
        };
        /**
         * HomeNews
         * @description What there is to do about it.
         * @enum {string}
         */
        HomeNews: "to look at" | "wants a word" | "not back";
        /**
         * HomeResultLine
         * @description One move of a day that came back: what was asked and what was done, in words; ``hurt`` that something hurt.
         */
        HomeResultLine: {
            /** Exercise */
            exercise: string;
            /** Asked */
            asked: string;
            /** Done */
            done: string[];
            /** Hurt */
            hurt: boolean;
            /** Gone */
            gone: boolean;
        };
        /**
         * HomeResultRequest
         * @description A text that came back, and in whose file it is brought in, where that is known.
         */
        HomeResultRequest: {
            /** Text */
            text: string;
            /** Client Id */
            client_id?: ClientId | null;
        };
        /**
         * HomeResultView
         * @description A result before it goes into the log.
         *
         *     ``again`` says that it came back before, ``taken`` that it is in the log, ``open_to_log`` that it can go in.
         *     ``said`` are sentences to read first.
         */
        HomeResultView: {
            /** Id */
            id: string;
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            /** Day */
            day: string;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Minutes */
            minutes: number;
            /** Effort */
            effort: number | null;
            /** Note */
            note: string;
            /** Lines */
            lines: components["schemas"]["HomeResultLine"][];
            /** Said */
            said: string[];
            /** Again */
            again: boolean;
            /** Taken */
            taken: boolean;
            /** Open To Log */
            open_to_log: boolean;
            /** Session Id */
            session_id: SessionId | null;
        };
        /**
         * HomeRung
         * @description The rung beside an exercise, for a day it is too much or too little.
         */
        HomeRung: {
            /** Name */
            name: string;
            /** Cues */
            cues: string[];
        };
        /**
         * HomeSet
         * @description One set: what one tap logs, and the figure in words; ``low`` to ``high`` repetitions where there is a range.
         */
        HomeSet: {
            /** Number */
            number: number;
            /** Ramp */
            ramp: boolean;
            /** Words */
            words: string;
            aim: components["schemas"]["Aim"];
            /** Sides */
            sides: components["schemas"]["Side"][];
            /** Low */
            low?: number | null;
            /** High */
            high?: number | null;
        };
        /**
         * HomeSheet
         * @description A sheet: for whom, from which revision of which program, its days, and what to stop for.
         *
         *     ``key`` signs what comes back. ``sentences`` are those of the client's language by their English, ``address`` the
         *     studio's on its own network, for sending from there.
         */
        HomeSheet: {
            /** Id */
            id: string;
            /** Key */
            key: string;
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            /**
             * Program Id
             * Format: ProgramId
             */
            program_id: ProgramId;
            /** Revision */
            revision: number;
            /** Program */
            program: string;
            /**
             * Made On
             * Format: date
             */
            made_on: string;
            unit: components["schemas"]["Unit"];
            language: components["schemas"]["Language"];
            /** Sentences */
            sentences: {
                [key: string]: string;
            };
            /** Days */
            days: components["schemas"]["HomeDay"][];
            /** Stop Rules */
            stop_rules: string[];
            /** Signs */
            signs: string[];
            /** What To Do */
            what_to_do: string;
            /**
             * Address
             * @default
             */
            address: string;
        };
        /**
         * HomeState
         * @description How a day stands.
         * @enum {string}
         */
        HomeState: "ahead" | "came back" | "done here" | "not back";
        /**
         * HomeToday
         * @description A day done alone that came back, or did not; ``note`` is the client's word or what hurt.
         */
        HomeToday: {
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            /** Day */
            day: string;
            /**
             * On
             * Format: date
             */
            on: string;
            news: components["schemas"]["HomeNews"];
            /** Note */
            note: string;
        };
        /**
         * HomeView
         * @description A client's work at home.
         */
        HomeView: {
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            language: components["schemas"]["Language"];
            /** Program Id */
            program_id: ProgramId | null;
            /** Days */
            days: components["schemas"]["HomeChoice"][];
            /** Sheets */
            sheets: components["schemas"]["GivenSheet"][];
            /** Results */
            results: components["schemas"]["CameBack"][];
        };
        /**
         * How
         * @description What was seen of a set.
         *
         *     ``left`` and ``right`` are repetitions or seconds of each side, where they were told apart; ``lead`` is the side
         *     that went first. ``pain`` is the region that complained, with its side where there are two. ``checkpoints`` is how
         *     many of the later marks of timed work were passed. ``confirmed`` says that the figure was asked about and is right.
         *     ``counted`` are repetitions counted in work by the clock.
         */
        How: {
            /** Left */
            left?: number | null;
            /** Right */
            right?: number | null;
            lead?: components["schemas"]["Side"] | null;
            quality?: components["schemas"]["Quality"] | null;
            ended?: components["schemas"]["SetEnd"] | null;
            pain?: components["schemas"]["Joint"] | null;
            pain_side?: components["schemas"]["Side"] | null;
            /** Checkpoints */
            checkpoints?: number | null;
            /** @default tap */
            source: components["schemas"]["Source"];
            /**
             * Confirmed
             * @default false
             */
            confirmed: boolean;
            /** Counted */
            counted?: number | null;
        };
        /**
         * HowRequest
         * @description What was seen of a set beside its figures.
         */
        HowRequest: {
            /** Left */
            left?: number | null;
            /** Right */
            right?: number | null;
            lead?: components["schemas"]["Side"] | null;
            quality?: components["schemas"]["Quality"] | null;
            ended?: components["schemas"]["SetEnd"] | null;
            pain?: components["schemas"]["Joint"] | null;
            pain_side?: components["schemas"]["Side"] | null;
            /** Checkpoints */
            checkpoints?: number | null;
            /** @default tap */
            source: components["schemas"]["Source"];
            /**
             * Confirmed
             * @default false
             */
            confirmed: boolean;
            /** Counted */
            counted?: number | null;
        };
        /**
         * ImplementKind
         * @description What an exercise can be loaded with.
         * @enum {string}
         */
        ImplementKind: "barbell" | "dumbbell" | "kettlebell" | "stack" | "band" | "improvised" | "medicine ball" | "assistance" | "bodyweight";
        /**
         * Instead
         * @description One exercise to do instead: why, its shorthand for today, and where its load comes from.
         */
        Instead: {
            /**
             * Exercise
             * Format: ExerciseId
             */
            exercise: ExerciseId;
            /** Name */
            name: string;
            /** Reasons */
            reasons: string[];
            /** Text */
            text: string;
            /** Load From */
            load_from: string;
            /** Rungs */
            rungs: number | null;
        };
        /**
         * Intensity
         * @description How hard it is meant to be.
         * @enum {string}
         */
        Intensity: "light to moderate" | "vigorous";
        /**
         * Invitation
         * @description Somebody new, or somebody let in again, and the code that is shown once.
         */
        Invitation: {
            person: components["schemas"]["PersonView"];
            /** Code */
            code: string;
            /** Days */
            days: number;
        };
        /**
         * Joint
         * @description The joints and regions a client complains of.
         * @enum {string}
         */
        Joint: "neck" | "shoulder" | "elbow" | "wrist" | "lower back" | "hip" | "knee" | "ankle";
        /**
         * JointLoad
         * @description What an exercise asks of one joint, and how: ``knee, moderate, bends under load``.
         */
        JointLoad: {
            joint: components["schemas"]["Joint"];
            stress: components["schemas"]["Stress"];
            /** How */
            how: string;
        };
        /**
         * JointLoadRequest
         * @description What an exercise asks of a joint.
         */
        JointLoadRequest: {
            joint: components["schemas"]["Joint"];
            stress: components["schemas"]["Stress"];
            /**
             * How
             * @default
             */
            how: string;
        };
        /**
         * JointStatus
         * @description How one topic and side stands today, by the entry that says so.
         */
        JointStatus: {
            /** Topic */
            topic: components["schemas"]["Joint"] | components["schemas"]["Condition"];
            side: components["schemas"]["Side"] | null;
            state: components["schemas"]["State"];
            entry: components["schemas"]["Entry"];
        };
        /**
         * KeptBackup
         * @description A backup by name, the moment it was made, its size in bytes, and whether the second folder has it too.
         */
        KeptBackup: {
            /** Name */
            name: string;
            /**
             * Made At
             * Format: date-time
             */
            made_at: string;
            /** Size */
            size: number;
            /** Before Update */
            before_update: boolean;
            /** Twice */
            twice: boolean;
        };
        /**
         * KeptResult
         * @description What is stored of a result; ``new`` is false when it was stored before.
         */
        KeptResult: {
            /** Id */
            id: string;
            /** New */
            new: boolean;
        };
        /**
         * KinShare
         * @description How heavy an exercise is lifted with one implement, as a share of its family's reference lift.
         */
        KinShare: {
            implement: components["schemas"]["ImplementKind"];
            /** Share */
            share: string;
        };
        /**
         * Ladder
         * @description A named ladder; ``rungs`` are exercise ids, easiest first.
         */
        Ladder: {
            /** Id */
            id: string;
            /** Name */
            name: string;
            /** Rungs */
            rungs: ExerciseId[];
        };
        /**
         * Language
         * @description The languages of sheets and calls.
         * @enum {string}
         */
        Language: "en" | "de";
        /**
         * LastMost
         * @description The last set is as many as possible, up to a cap where there is one.
         */
        LastMost: {
            /** Cap */
            cap?: number | null;
        };
        /**
         * LastNumbers
         * @description What was done last of an exercise: the date, what was planned, and the sets in words.
         */
        LastNumbers: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Planned */
            planned: string;
            /** Done */
            done: string;
        };
        /**
         * LeadRequest
         * @description Who leads a client from now on.
         */
        LeadRequest: {
            /**
             * Person Id
             * Format: PersonId
             */
            person_id: PersonId;
        };
        /**
         * Leading
         * @description Who leads a client, and who covers through which day; empty and None where nobody does.
         */
        Leading: {
            /** Lead Id */
            lead_id: PersonId | null;
            /** Lead */
            lead: string;
            /** Cover Id */
            cover_id: PersonId | null;
            /** Cover */
            cover: string;
            /** Cover Until */
            cover_until: string | null;
            /** Mine */
            mine: boolean;
        };
        /**
         * LeftRow
         * @description A row, or a part of it, that was left: its number (from 1), its words, and why.
         */
        LeftRow: {
            /** Row */
            row: number;
            /** Words */
            words: string;
            /** Why */
            why: string;
        };
        /**
         * Lever
         * @description What a proposal changes.
         * @enum {string}
         */
        Lever: "load" | "reps" | "hold seconds" | "distance" | "slower lowering" | "sets" | "one more round" | "less rest" | "checkpoint" | "a pause" | "harder variant" | "weaker side first" | "hold" | "ease off";
        /**
         * LibraryFileRequest
         * @description A library file (.json), its bytes in base64.
         */
        LibraryFileRequest: {
            /**
             * Content
             * Format: base64
             */
            content: string;
        };
        /**
         * LibraryLook
         * @description What a library file would add, what is here already by its name, and what cannot come in, in words.
         */
        LibraryLook: {
            /** Exercises */
            exercises: string[];
            /** Templates */
            templates: string[];
            /** Here */
            here: string[];
            /** Refused */
            refused: string[];
        };
        /**
         * Lift
         * @description One exercise: the estimated maximum now with its interval, in the client's unit, and how it has changed.
         *
         *     ``gain`` is since the third session, per cent, None with fewer; ``week`` the change a week over the last weeks, per
         *     cent, with ``week_low`` and ``week_high`` four to one against less and more, ``way`` what that says: rising, falling
         *     or nothing; ``with_body`` says that body weight is included.
         */
        Lift: {
            /**
             * Exercise Id
             * Format: ExerciseId
             */
            exercise_id: ExerciseId;
            /** Exercise */
            exercise: string;
            /** Sessions */
            sessions: number;
            /** Value */
            value: string;
            /** Low */
            low: string;
            /** High */
            high: string;
            /** Gain */
            gain: number | null;
            /** Week */
            week: number | null;
            /** Week Low */
            week_low: number | null;
            /** Week High */
            week_high: number | null;
            /** Way */
            way: string;
            /** With Body */
            with_body: boolean;
            /** Path */
            path: components["schemas"]["LiftPoint"][];
        };
        /**
         * LiftOutcome
         * @description The estimated maximum of a lift at the beginning and the end of a program, in the client's unit.
         *
         *     ``change`` is in per cent; ``clear`` says that the two 95 % intervals lie apart. ``held`` is how often it was done.
         */
        LiftOutcome: {
            /**
             * Exercise Id
             * Format: ExerciseId
             */
            exercise_id: ExerciseId;
            /** Exercise */
            exercise: string;
            /** Held */
            held: number;
            /** Before */
            before: string;
            /** After */
            after: string;
            /** Low */
            low: string;
            /** High */
            high: string;
            /** Change */
            change: number;
            /** Clear */
            clear: boolean;
        };
        /**
         * LiftPoint
         * @description The estimate after a session, in the client's unit, with its 95 % interval.
         */
        LiftPoint: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Value */
            value: string;
            /** Low */
            low: string;
            /** High */
            high: string;
        };
        /**
         * LineState
         * @description How far a line came.
         * @enum {string}
         */
        LineState: "done" | "part done" | "not done";
        /**
         * LineView
         * @description A line of the board; ``variant_b``, ``easier`` and ``harder`` are other exercises, None where none is named.
         */
        LineView: {
            /**
             * Id
             * Format: LineId
             */
            id: LineId;
            /**
             * Exercise Id
             * Format: ExerciseId
             */
            exercise_id: ExerciseId;
            /** Exercise */
            exercise: string;
            /** Removed */
            removed: boolean;
            /** Joints */
            joints: components["schemas"]["Caution"][];
            /** Cells */
            cells: components["schemas"]["CellView"][];
            /** Reason */
            reason: string;
            /** Cues */
            cues: string[];
            variant_b: components["schemas"]["ExerciseHead"] | null;
            easier: components["schemas"]["ExerciseHead"] | null;
            harder: components["schemas"]["ExerciseHead"] | null;
            /**
             * Policy
             * @default
             */
            policy: string;
            restricted?: components["schemas"]["RestrictedFlow"] | null;
            /**
             * Restricted Words
             * @default
             */
            restricted_words: string;
        };
        /**
         * Load
         * @description A mass in the unit it was entered in.
         *
         *     ``value`` is finite and not negative. Dumbbells count per hand, a barbell includes its bar, a kettlebell counts per
         *     bell (rules, loads). Loads of different units compare by their exact kilograms with the methods below; ``==`` asks
         *     for the same number in the same unit.
         */
        Load: {
            /** Value */
            value: string;
            unit: components["schemas"]["Unit"];
        };
        /**
         * LoadChangeRequest
         * @description Another load for the sets of a line that are left.
         */
        LoadChangeRequest: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            sort: "load";
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            load: components["schemas"]["LoadRequest"];
            /**
             * Assisted
             * @default false
             */
            assisted: boolean;
        };
        /**
         * LoadRequest
         * @description A load with its unit.
         */
        LoadRequest: {
            /** Value */
            value: number | string;
            unit: components["schemas"]["Unit"];
        };
        /**
         * LoadsOfKind
         * @description What can be lifted of one kind, lightest first; ``gaps`` marks the loads that come after a step over the cap.
         *
         *     ``other_unit`` is each load in the other unit, rounded to 0.1 for reading only; ``kilograms`` are for drawing.
         */
        LoadsOfKind: {
            kind: components["schemas"]["ImplementKind"];
            /** Loads */
            loads: components["schemas"]["Achievable"][];
            /** Gaps */
            gaps: boolean[];
            /** Other Unit */
            other_unit: components["schemas"]["Load"][];
            /** Kilograms */
            kilograms: number[];
        };
        /**
         * LoggedSet
         * @description A stored set as the floor shows it.
         */
        LoggedSet: {
            /** Id */
            id: string;
            outcome: components["schemas"]["Outcome"];
            /** Reps */
            reps: number | null;
            /** Seconds */
            seconds: number | null;
            load: components["schemas"]["Load"] | null;
            /** Assisted */
            assisted: boolean;
            /** Reserve */
            reserve: number | null;
            /** Note */
            note: string;
            how: components["schemas"]["How"];
            bar: components["schemas"]["Bar"] | null;
            /** Logged At */
            logged_at: string | null;
            /** Metres */
            metres?: number | null;
        };
        /**
         * MadeChange
         * @description A change of the day as the floor lists it; ``id`` is what undoing it names, ``undone`` that it was taken back.
         */
        MadeChange: {
            /** Id */
            id: string;
            sort: components["schemas"]["Sort"];
            /** Label */
            label: string;
            /** Why */
            why: string;
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /** Undone */
            undone: boolean;
        };
        /**
         * MadeSheet
         * @description A sheet that was made: its id, for whom, what is on it, and what to know of it.
         */
        MadeSheet: {
            /** Id */
            id: string;
            /** Client */
            client: string;
            /** Days */
            days: string[];
            /** Said */
            said: string[];
        };
        /**
         * Me
         * @description Who is signed in, and what they may.
         */
        Me: {
            /**
             * Id
             * Format: PersonId
             */
            id: PersonId;
            /** Name */
            name: string;
            role: components["schemas"]["Role"];
            /** May */
            may: string[];
            /** Codes Left */
            codes_left: number;
            /** Has Pin */
            has_pin: boolean;
            /** Passkeys */
            passkeys: number;
        };
        /**
         * MeantExercise
         * @description The exercise that a typed name really names, None where it names none; the nearest ones, best first.
         */
        MeantExercise: {
            exercise: components["schemas"]["NearExercise"] | null;
            /** Nearest */
            nearest: components["schemas"]["NearExercise"][];
        };
        /**
         * Measure
         * @description The figure drawn, by its unit.
         * @enum {string}
         */
        Measure: "kg" | "lb" | "s" | "reps";
        /**
         * MeasureRequest
         * @description What a device measured of a set.
         */
        MeasureRequest: {
            /** Id */
            id: string;
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /** Number */
            number: number;
            /** Reps */
            reps?: number | null;
            /** Partial */
            partial?: number | null;
            /** Slow Down */
            slow_down?: number | null;
            /** Heart Mean */
            heart_mean?: number | null;
            /** Heart Most */
            heart_most?: number | null;
            /** Sentences */
            sentences?: string[];
        };
        /**
         * Metronome
         * @description One repetition: its seconds and its beats; ``own`` says that the line has a tempo of its own.
         */
        Metronome: {
            /** Rep Seconds */
            rep_seconds: number;
            /** Beats */
            beats: components["schemas"]["Beat"][];
            /** Own */
            own: boolean;
        };
        /**
         * MinutesChange
         * @description What a change does to the minutes of a session; 0 where there is none before or after. ``week`` counts from 1.
         */
        MinutesChange: {
            /** Day */
            day: string;
            /** Week */
            week: number;
            /** Before */
            before: number;
            /** After */
            after: number;
        };
        /**
         * MoreRoundRequest
         * @description One more round of the group that a line stands in.
         */
        MoreRoundRequest: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            sort: "round";
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
        };
        /**
         * Most
         * @description As many repetitions as possible, up to a cap where there is one; how many stay in reserve stands beside it.
         */
        Most: {
            /** Cap */
            cap?: number | null;
            /**
             * Kind
             * @default most
             * @constant
             */
            kind: "most";
        };
        /**
         * MoveGroup
         * @description Move a whole group to a position of its own or another day of the phase.
         */
        MoveGroup: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "move_group";
            /** Group */
            group: string;
            /**
             * Day
             * Format: DayId
             */
            day: DayId;
            /** Position */
            position: number;
        };
        /**
         * MoveLine
         * @description Move a line to a position of its own or another day of the phase; it leaves its group.
         *
         *     ``position`` counts the day's groups. The line takes the section of the group it comes to stand before.
         */
        MoveLine: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "move_line";
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /**
             * Day
             * Format: DayId
             */
            day: DayId;
            /** Position */
            position: number;
        };
        /**
         * MoveRequest
         * @description A line with its group at another place of the order, from 0.
         */
        MoveRequest: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            sort: "move";
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /** Position */
            position: number;
        };
        /**
         * MoveSession
         * @description Move one session to a date, merge it into another day of its week, or drop it (neither).
         */
        MoveSession: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "move_session";
            /**
             * Week
             * Format: WeekId
             */
            week: WeekId;
            /**
             * Day
             * Format: DayId
             */
            day: DayId;
            /** To */
            to?: string | null;
            /**
             * Into
             * Format: DayId
             * @default
             */
            into: DayId;
            /**
             * Reason
             * @default
             */
            reason: string;
        };
        /**
         * MoveWithin
         * @description Move a line inside its group, which it does not leave; ``position`` counts the lines of the group.
         */
        MoveWithin: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "move_within";
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /** Position */
            position: number;
        };
        /**
         * MovedView
         * @description A session that is not held as planned: on another date, merged into a day (by name), or dropped (neither).
         */
        MovedView: {
            /** To */
            to: string | null;
            /** Into */
            into: string;
            /** Reason */
            reason: string;
        };
        /**
         * Muscle
         * @description Muscle groups, as a trainer names them. House rule: twenty-one, fine enough to count sets by.
         * @enum {string}
         */
        Muscle: "quadriceps" | "hamstrings" | "glutes" | "adductors" | "hip abductors" | "hip flexors" | "calves" | "shins" | "ankle stabilisers" | "chest" | "front shoulder" | "side shoulder" | "rear shoulder" | "upper back" | "lats" | "biceps" | "triceps" | "forearms" | "trunk" | "obliques" | "spinal erectors";
        /**
         * MuscleChange
         * @description The hard sets a week of a muscle before and after, the mean of the weeks of a phase, to 0.1.
         */
        MuscleChange: {
            /** Phase */
            phase: string;
            /** Muscle */
            muscle: string;
            /** Before */
            before: string;
            /** After */
            after: string;
        };
        /**
         * MuscleWeek
         * @description One muscle in one week: fractional sets planned and done, where the plan lies, and what they come from.
         *
         *     ``lines`` name the exercises with the sets each gives, most first.
         */
        MuscleWeek: {
            muscle: components["schemas"]["Muscle"];
            /** Planned */
            planned: string;
            /** Done */
            done: string;
            standing: components["schemas"]["BandPosition"];
            /** Lines */
            lines: string[];
        };
        /**
         * NamedLoad
         * @description A thing and what it is called; of several taken at once the name may be left out.
         */
        NamedLoad: {
            /** Name */
            name: string;
            /** Load */
            load: components["schemas"]["Load"] | components["schemas"]["Coded"];
        };
        /**
         * NearExercise
         * @description An exercise that a typed name may mean.
         */
        NearExercise: {
            /**
             * Id
             * Format: ExerciseId
             */
            id: ExerciseId;
            /** Name */
            name: string;
        };
        /**
         * NewPassphraseRequest
         * @description The passphrase that holds, and the one that is to.
         */
        NewPassphraseRequest: {
            /** Now */
            now: string;
            /** New */
            new: string;
        };
        /**
         * NewPersonRequest
         * @description Somebody new.
         */
        NewPersonRequest: {
            /** Name */
            name: string;
            role: components["schemas"]["Role"];
        };
        /**
         * NewPinRequest
         * @description A PIN for this device.
         */
        NewPinRequest: {
            /** Pin */
            pin: string;
        };
        /**
         * NextCell
         * @description The cell a decision writes: its line, its week's id and number in the program, and what it says now.
         */
        NextCell: {
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /**
             * Week Id
             * Format: WeekId
             */
            week_id: WeekId;
            /** Week */
            week: number;
            /** Text */
            text: string;
        };
        /**
         * NextMinutes
         * @description The estimated minutes of the day in the next week as it stands, and with all that is open accepted.
         *
         *     ``limit`` is what the day may take, None where only the client's usual minutes hold (``ReviewView.minutes_limit``).
         */
        NextMinutes: {
            /** Week */
            week: number;
            /** Now */
            now: number;
            /** Then */
            then: number;
            /** Limit */
            limit: number | null;
        };
        /**
         * NoteRequest
         * @description A note on the session, or on one of its lines.
         */
        NoteRequest: {
            /** Id */
            id: string;
            /**
             * Line
             * Format: LineId
             * @default
             */
            line: LineId;
            /** Text */
            text: string;
            /**
             * For Next
             * @default false
             */
            for_next: boolean;
        };
        /**
         * OpenLoad
         * @description Left open on purpose: found on the day.
         */
        OpenLoad: Record<string, never>;
        /**
         * OtherKit
         * @description What to do with another load than the planned one: ``or 8 kg x 15``, ``or bw x 12``, ``or band red x 15``.
         */
        OtherKit: {
            /** Load */
            load: components["schemas"]["Load"] | components["schemas"]["BodyweightLoad"] | components["schemas"]["Coded"];
            /** Target */
            target: components["schemas"]["Reps"] | components["schemas"]["Most"] | components["schemas"]["Seconds"] | components["schemas"]["Distance"];
        };
        /**
         * OtherPlaceRequest
         * @description Trained at another place today.
         */
        OtherPlaceRequest: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            sort: "place";
            /**
             * Place
             * Format: PlaceId
             */
            place: PlaceId;
        };
        /**
         * Outcome
         * @description What became of a set: done, skipped on purpose, or taken back (the row that cleared it is kept too).
         * @enum {string}
         */
        Outcome: "done" | "skipped" | "cleared";
        /**
         * OutcomeView
         * @description What came of a program; ``told`` are sentences, the weightiest first; ``carried`` are lines of its last phase.
         */
        OutcomeView: {
            /**
             * Program Id
             * Format: ProgramId
             */
            program_id: ProgramId;
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            /** Name */
            name: string;
            unit: components["schemas"]["Unit"];
            /**
             * Start
             * Format: date
             */
            start: string;
            /**
             * End
             * Format: date
             */
            end: string;
            standing: components["schemas"]["ProgramStanding"];
            /** Ended On */
            ended_on: string | null;
            /** Held */
            held: number;
            /** Planned */
            planned: number;
            /** Raised */
            raised: number;
            /** Declined */
            declined: number;
            /** Phases */
            phases: components["schemas"]["PhaseOutcome"][];
            /** Lifts */
            lifts: components["schemas"]["LiftOutcome"][];
            /** Tests */
            tests: components["schemas"]["TestedTwice"][];
            /** Body */
            body: components["schemas"]["BodyPoint"][];
            /** Hurt */
            hurt: string[];
            /** Told */
            told: string[];
            /** Carried */
            carried: components["schemas"]["CarriedLine"][];
        };
        /**
         * OverviewView
         * @description A client's progress over the last year at most; ``telling`` are the three things worth telling.
         */
        OverviewView: {
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            unit: components["schemas"]["Unit"];
            /** Program Id */
            program_id: ProgramId | null;
            /** Telling */
            telling: components["schemas"]["Telling"][];
            /** Weeks */
            weeks: components["schemas"]["OverviewWeek"][];
            /** Lifts */
            lifts: components["schemas"]["Lift"][];
            /** Tests */
            tests: components["schemas"]["TestedTwice"][];
            /** Body */
            body: components["schemas"]["BodyPoint"][];
            /** Pain */
            pain: components["schemas"]["PainRow"][];
        };
        /**
         * OverviewWeek
         * @description One calendar week: sessions planned (up to today) and held, hard sets planned and done, what hurt, decisions.
         *
         *     ``phase`` is empty where no program ran; ``raised`` are proposals that were accepted or changed, ``declined`` those
         *     that were not.
         */
        OverviewWeek: {
            /**
             * Monday
             * Format: date
             */
            monday: string;
            /** Phase */
            phase: string;
            /** Number */
            number: number;
            /** Easing Off */
            easing_off: boolean;
            /** Planned */
            planned: number;
            /** Held */
            held: number;
            /** Sets Planned */
            sets_planned: number;
            /** Sets Done */
            sets_done: number;
            /** Hurt */
            hurt: string[];
            /** Raised */
            raised: number;
            /** Declined */
            declined: number;
        };
        /**
         * OwnTemplateRequest
         * @description A phase to keep as a template of one's own; ``suits`` says whom it is for.
         */
        OwnTemplateRequest: {
            /**
             * Template
             * @default
             */
            template: string;
            /**
             * Program
             * Format: ProgramId
             * @default
             */
            program: ProgramId;
            /**
             * Of Phase
             * @default
             */
            of_phase: string;
            /** Name */
            name: string;
            /**
             * Suits
             * @default
             */
            suits: string;
        };
        /**
         * PainRequest
         * @description What hurts, with its side where there are two.
         */
        PainRequest: {
            joint: components["schemas"]["Joint"];
            side?: components["schemas"]["Side"] | null;
        };
        /**
         * PainRow
         * @description A joint that hurt: the training days on which it did, how it stands in the client's file, and since when.
         */
        PainRow: {
            /** Joint */
            joint: string;
            /** Days */
            days: string[];
            /** State */
            state: string;
        };
        /**
         * Pair
         * @description One test and side, earlier and later, with the change between them where both have a figure.
         */
        Pair: {
            item: components["schemas"]["TestItem"];
            side: components["schemas"]["Side"] | null;
            earlier: components["schemas"]["ResultView"] | null;
            later: components["schemas"]["ResultView"] | null;
            change: components["schemas"]["TestChange"] | null;
        };
        /**
         * Pairing
         * @description What a pair is for.
         * @enum {string}
         */
        Pairing: "" | "opposite muscles" | "same muscle" | "strength, then explosive";
        /**
         * PaperSize
         * @description The sizes that printers have.
         * @enum {string}
         */
        PaperSize: "a4" | "letter";
        /**
         * PasskeyRequest
         * @description What the browser says of a passkey, as the WebAuthn standard writes it.
         */
        PasskeyRequest: {
            /** Credential */
            credential: {
                [key: string]: unknown;
            };
        };
        /**
         * PastSessionsView
         * @description What a pasted log comes to, before anything is written; names that mean an exercise come before the others.
         *
         *     ``order`` is how dates such as 3/4/2026 were read.
         */
        PastSessionsView: {
            /** Names */
            names: components["schemas"]["PastedName"][];
            /** Sessions */
            sessions: components["schemas"]["PastedSession"][];
            /** Sets */
            sets: number;
            /** Left */
            left: components["schemas"]["LeftRow"][];
            order: components["schemas"]["DayOrder"];
        };
        /**
         * PastedClient
         * @description A client as the row was understood; ``there`` where a client of that name is in the studio already.
         */
        PastedClient: {
            read: components["schemas"]["ClientRowRead"];
            /** There */
            there: boolean;
        };
        /**
         * PastedClientsRequest
         * @description Clients as rows; ``unit`` is theirs where no column says it.
         */
        PastedClientsRequest: {
            /** Text */
            text: string;
            /** @default kg */
            unit: components["schemas"]["Unit"];
        };
        /**
         * PastedClientsView
         * @description What pasted clients come to, before anything is written; ``columns_left`` are headings not read.
         */
        PastedClientsView: {
            /** Clients */
            clients: components["schemas"]["PastedClient"][];
            /** Columns Left */
            columns_left: string[];
            /** Left */
            left: components["schemas"]["LeftRow"][];
        };
        /**
         * PastedDay
         * @description A day: its name, and its weekday from Monday = 0; None where the table does not say it.
         */
        PastedDay: {
            /** Name */
            name: string;
            /** Weekday */
            weekday: number | null;
        };
        /**
         * PastedName
         * @description A name of the log as typed, in how many sessions it stands, and what it means.
         */
        PastedName: {
            /** Typed */
            typed: string;
            /** Sessions */
            sessions: number;
            meant: components["schemas"]["MeantExercise"];
        };
        /**
         * PastedRequest
         * @description A program as rows, pasted from a spreadsheet.
         */
        PastedRequest: {
            /** Text */
            text: string;
        };
        /**
         * PastedSession
         * @description A session of the log: its day, its client, and its exercises as typed with what was done.
         */
        PastedSession: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Client */
            client: string;
            /** Lines */
            lines: string[];
        };
        /**
         * PastedSessionsRequest
         * @description Past sessions as rows, of one client or of those that a column names.
         */
        PastedSessionsRequest: {
            /** Text */
            text: string;
            /** Client */
            client?: ClientId | null;
        };
        /**
         * PastedView
         * @description What a pasted program comes to, before anything is written: days, weeks, lines, and rows left with the reason.
         */
        PastedView: {
            /** Days */
            days: components["schemas"]["PastedDay"][];
            /** Weeks */
            weeks: number;
            /** Lines */
            lines: components["schemas"]["UnderstoodRow"][];
            /** Left */
            left: components["schemas"]["LeftRow"][];
        };
        /**
         * PathKind
         * @description What a path changes from week to week.
         * @enum {string}
         */
        PathKind: "the same" | "load" | "reps" | "seconds" | "rest" | "sets" | "reps left" | "three up, one easy" | "wave of the max";
        /**
         * PathRequest
         * @description A path to fill lines along from a week on; ``step`` is in the path's own unit, ``per_cents`` are a wave's.
         */
        PathRequest: {
            /** Base */
            base: number;
            /** Lines */
            lines: LineId[];
            /**
             * Week
             * Format: WeekId
             */
            week: WeekId;
            /**
             * Until
             * Format: WeekId
             * @default
             */
            until: WeekId;
            kind: components["schemas"]["PathKind"];
            /**
             * Step
             * @default 0
             */
            step: number | string;
            /** Per Cents */
            per_cents?: (number | string)[];
        };
        /**
         * Pattern
         * @description Movement patterns (rules, volume and balance), and two for what belongs to none of them.
         * @enum {string}
         */
        Pattern: "squat" | "hinge" | "lunge" | "push horizontal" | "push vertical" | "pull horizontal" | "pull vertical" | "carry" | "trunk" | "rotation" | "locomotion" | "balance" | "single joint" | "mobility";
        /**
         * PatternWeek
         * @description Hard sets of one pattern in one week, planned and done.
         */
        PatternWeek: {
            pattern: components["schemas"]["Pattern"];
            /** Planned */
            planned: number;
            /** Done */
            done: number;
        };
        /**
         * PauseProgram
         * @description Let a week and all that follow come some weeks later: a holiday, an illness; 0 takes the pause back.
         */
        PauseProgram: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "pause";
            /**
             * Week
             * Format: WeekId
             */
            week: WeekId;
            /** Weeks */
            weeks: number;
            /**
             * Reason
             * @default
             */
            reason: string;
        };
        /**
         * PersonChangeRequest
         * @description What changes of somebody.
         */
        PersonChangeRequest: {
            /** Name */
            name?: string | null;
            role?: components["schemas"]["Role"] | null;
            /** Active */
            active?: boolean | null;
        };
        /**
         * PersonHere
         * @description Somebody who can come in on an enrolled device, and whether by a PIN.
         */
        PersonHere: {
            /**
             * Id
             * Format: PersonId
             */
            id: PersonId;
            /** Name */
            name: string;
            /** Has Pin */
            has_pin: boolean;
        };
        /**
         * PersonView
         * @description Somebody of the studio. ``can_sign_in`` once they have chosen a passphrase.
         */
        PersonView: {
            /**
             * Id
             * Format: PersonId
             */
            id: PersonId;
            /** Name */
            name: string;
            role: components["schemas"]["Role"];
            /** Active */
            active: boolean;
            /** Can Sign In */
            can_sign_in: boolean;
            /** Passkeys */
            passkeys: number;
            /** Codes Left */
            codes_left: number;
            /** Me */
            me: boolean;
        };
        /**
         * PhaseChange
         * @description The days of a phase that a save changed, and the phase's volume as it is now, week by week.
         */
        PhaseChange: {
            /** Id */
            id: string;
            /** Days */
            days: components["schemas"]["DayView"][];
            /** Volume */
            volume: components["schemas"]["WeekVolume"][];
        };
        /**
         * PhaseEntry
         * @description A phase of a program, and its days by name.
         */
        PhaseEntry: {
            /** Id */
            id: string;
            /** Name */
            name: string;
            /** Weeks */
            weeks: number;
            /** Days */
            days: string[];
        };
        /**
         * PhaseOutcome
         * @description A phase: sessions held of those planned up to today, hard sets done of those planned.
         */
        PhaseOutcome: {
            /** Name */
            name: string;
            /** Purpose */
            purpose: string;
            /** Weeks */
            weeks: number;
            /** Held */
            held: number;
            /** Planned */
            planned: number;
            /** Sets Done */
            sets_done: number;
            /** Sets Planned */
            sets_planned: number;
        };
        /**
         * PhaseSpan
         * @description A phase on the calendar, first and last day.
         */
        PhaseSpan: {
            /** Name */
            name: string;
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
        };
        /**
         * PhaseView
         * @description A phase of the board; ``volume`` is told week by week.
         */
        PhaseView: {
            /** Id */
            id: string;
            /** Name */
            name: string;
            /** Purpose */
            purpose: string;
            /** Method */
            method: string;
            restricted: components["schemas"]["RestrictedFlow"] | null;
            /** Weeks */
            weeks: components["schemas"]["WeekView"][];
            /** Days */
            days: components["schemas"]["DayView"][];
            /** Volume */
            volume: components["schemas"]["WeekVolume"][];
        };
        /**
         * PictureMark
         * @description The mark of a picture that is kept: new with each one.
         */
        PictureMark: {
            /** Mark */
            mark: string;
        };
        /**
         * PictureRequest
         * @description A photo or drawing, its bytes in base64.
         */
        PictureRequest: {
            /**
             * Content
             * Format: base64
             */
            content: string;
        };
        /**
         * PinRequest
         * @description A PIN of somebody who used this device.
         */
        PinRequest: {
            /**
             * Person Id
             * Format: PersonId
             */
            person_id: PersonId;
            /** Pin */
            pin: string;
        };
        /**
         * PlaceChoice
         * @description A place of the client with what to know of it; ``here`` is the one trained at today.
         */
        PlaceChoice: {
            /**
             * Id
             * Format: PlaceId
             */
            id: PlaceId;
            /** Name */
            name: string;
            /** Here */
            here: boolean;
            /** Note */
            note: string;
        };
        /**
         * PlaceFacts
         * @description What the trainer enters of a place; numbers in ``equipment`` that name no unit are in ``unit``.
         *
         *     ``note`` is what to know of it: carpet, a low ceiling, the key.
         */
        PlaceFacts: {
            /** Name */
            name: string;
            unit: components["schemas"]["Unit"];
            /**
             * Equipment
             * @default
             */
            equipment: string;
            /**
             * Note
             * @default
             */
            note: string;
        };
        /**
         * PlaceHead
         * @description One of the client's places, the usual one first.
         */
        PlaceHead: {
            /**
             * Id
             * Format: PlaceId
             */
            id: PlaceId;
            /** Name */
            name: string;
        };
        /**
         * PlaceRequest
         * @description A place with its equipment.
         */
        PlaceRequest: {
            /** Name */
            name: string;
            unit: components["schemas"]["Unit"];
            /**
             * Equipment
             * @default
             */
            equipment: string;
            /**
             * Note
             * @default
             */
            note: string;
        };
        /**
         * PlaceView
         * @description A place with what can be lifted there, and the names of those who train there.
         */
        PlaceView: {
            /**
             * Id
             * Format: PlaceId
             */
            id: PlaceId;
            facts: components["schemas"]["PlaceFacts"];
            equipment: components["schemas"]["EquipmentView"];
            /** Clients */
            clients: string[];
        };
        /**
         * PlacesRequest
         * @description Where a client trains, the usual place first.
         */
        PlacesRequest: {
            /** Places */
            places: PlaceId[];
        };
        /**
         * PlateChange
         * @description One end of the bar: the plates that make the load (inside first), and what goes on and comes off for it.
         */
        PlateChange: {
            /** End */
            end: components["schemas"]["Load"][];
            /** Put On */
            put_on: components["schemas"]["Load"][];
            /** Take Off */
            take_off: components["schemas"]["Load"][];
        };
        /**
         * PolicyHead
         * @description A way to raise a line.
         */
        PolicyHead: {
            /** Id */
            id: string;
            /** Title */
            title: string;
        };
        /**
         * Prescription
         * @description Sets of a target, with what is said of sides, load, tempo, rest (seconds) and reserve (repetitions left).
         *
         *     ``rpe`` says the reserve the other way round (10 = nothing left, halves allowed); only one of the two is given.
         *     ``scheme`` says how the sets relate where they are not all alike; ``ramp`` that they only lead up to the work.
         *     ``activity`` is what the client does in the rest, ``others`` what to do with other loads. ``sets`` and ``rest`` are
         *     the upper ends where a range was written; ``fewest`` and ``rest_from`` its lower ends. ``span`` is how much of the
         *     way the repetitions go, ``partials`` how many shorter ones follow them, ``within`` the seconds for a distance,
         *     ``timed_as`` what work by the clock is where the trainer says so. ``cuffs`` are worn that restrict the blood flow.
         */
        Prescription: {
            /** Sets */
            sets: number;
            /** Target */
            target: components["schemas"]["Reps"] | components["schemas"]["Most"] | components["schemas"]["Seconds"] | components["schemas"]["Distance"];
            /**
             * Each Side
             * @default false
             */
            each_side: boolean;
            /** Load */
            load?: components["schemas"]["Load"] | components["schemas"]["BodyweightLoad"] | components["schemas"]["ShareOfMax"] | components["schemas"]["Coded"] | components["schemas"]["SameAsLastTime"] | components["schemas"]["OpenLoad"] | components["schemas"]["Together"] | null;
            tempo?: components["schemas"]["Tempo"] | null;
            /** Rest */
            rest?: number | null;
            /** Reserve */
            reserve?: number | null;
            /** Rpe */
            rpe?: string | null;
            side?: components["schemas"]["SideRule"] | null;
            /**
             * Activity
             * @default
             */
            activity: string;
            /** Scheme */
            scheme?: components["schemas"]["Varied"] | components["schemas"]["LastMost"] | components["schemas"]["Drops"] | components["schemas"]["BackOff"] | components["schemas"]["Cluster"] | components["schemas"]["EveryStart"] | components["schemas"]["Density"] | components["schemas"]["Checkpoints"] | null;
            /**
             * Others
             * @default []
             */
            others: components["schemas"]["OtherKit"][];
            /**
             * Ramp
             * @default false
             */
            ramp: boolean;
            /** Fewest */
            fewest?: number | null;
            /** Rest From */
            rest_from?: number | null;
            span?: components["schemas"]["Span"] | null;
            /**
             * Partials
             * @default 0
             */
            partials: number;
            /** Within */
            within?: number | null;
            timed_as?: components["schemas"]["TimedAs"] | null;
            /**
             * Cuffs
             * @default false
             */
            cuffs: boolean;
        };
        /**
         * Preview
         * @description What a change would do: its parts, one sentence, the estimated seconds of the session before and after.
         */
        Preview: {
            /** Changes */
            changes: components["schemas"]["DayChange"][];
            /** Said */
            said: string;
            /** Seconds */
            seconds: number;
            /** After */
            after: number;
        };
        /**
         * PreviousPerformance
         * @description The client's last session with this exercise.
         */
        PreviousPerformance: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Planned */
            planned: string;
            /** Sets */
            sets: components["schemas"]["LoggedSet"][];
        };
        /**
         * ProgramEntry
         * @description A program of a client: when it begins and ends as planned, where it stands, and the sessions held of it.
         *
         *     ``ended_on`` is the day it was ended by hand; ``phases`` are the names of its phases, by id.
         */
        ProgramEntry: {
            /**
             * Id
             * Format: ProgramId
             */
            id: ProgramId;
            /** Name */
            name: string;
            /**
             * Start
             * Format: date
             */
            start: string;
            /**
             * End
             * Format: date
             */
            end: string;
            /** Weeks */
            weeks: number;
            standing: components["schemas"]["ProgramStanding"];
            /** Ended On */
            ended_on: string | null;
            /** Held */
            held: number;
            /** Phases */
            phases: components["schemas"]["PhaseEntry"][];
        };
        /**
         * ProgramFileRequest
         * @description A program file (.json or .xlsx), its bytes in base64, and the week it begins in.
         */
        ProgramFileRequest: {
            /**
             * Content
             * Format: base64
             */
            content: string;
            /** Start */
            start?: string | null;
        };
        /**
         * ProgramFormat
         * @description What a program is written as.
         * @enum {string}
         */
        ProgramFormat: "json" | "csv" | "xlsx";
        /**
         * ProgramRequest
         * @description A new program; without a start it begins this week, from Thursday on with the next.
         */
        ProgramRequest: {
            /**
             * Name
             * @default Strength
             */
            name: string;
            /**
             * Weeks
             * @default 4
             */
            weeks: number;
            /** Start */
            start?: string | null;
        };
        /**
         * ProgramStanding
         * @description Where a program stands beside the client's others.
         * @enum {string}
         */
        ProgramStanding: "runs" | "prepared" | "over";
        /**
         * ProgramsView
         * @description A client's programs, the last to begin first; ``next_start`` is the Monday behind the last one planned.
         */
        ProgramsView: {
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            /** Programs */
            programs: components["schemas"]["ProgramEntry"][];
        };
        /**
         * ProgressView
         * @description What a client has done with one exercise, oldest first; ``with_body`` says that loads include body weight.
         */
        ProgressView: {
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            unit: components["schemas"]["Unit"];
            /** Exercises */
            exercises: components["schemas"]["ExerciseChoice"][];
            /** Exercise Id */
            exercise_id: ExerciseId | null;
            /** Exercise */
            exercise: string;
            /** With Body */
            with_body: boolean;
            /** Sessions */
            sessions: components["schemas"]["SessionPoint"][];
            strength: components["schemas"]["StrengthOverTime"] | null;
            /**
             * Phases
             * @default []
             */
            phases: components["schemas"]["PhaseSpan"][];
            /**
             * Decisions
             * @default []
             */
            decisions: components["schemas"]["DecisionMark"][];
            /**
             * Tests
             * @default []
             */
            tests: components["schemas"]["TestMark"][];
        };
        /**
         * Proposal
         * @description What a policy proposes.
         *
         *     ``rise`` is the change of load as a share of the load now; ``bridged`` says that a rise past the cap has been earned
         *     by reps and slower lowering first, ``bridging`` that this is on the way to one. ``evidence`` and ``rule`` are
         *     sentences. ``exercise`` names another exercise where the next rung is proposed. ``stations`` are the other stations
         *     of a circuit that is judged as one, ``rest_after`` its rest after a round, seconds, where that changes.
         *     ``estimated`` says that the next load is known only by an estimate.
         */
        Proposal: {
            /** Policy */
            policy: string;
            lever: components["schemas"]["Lever"];
            prescription: components["schemas"]["Prescription"];
            /** Rule */
            rule: string;
            /** Evidence */
            evidence: string[];
            confidence: components["schemas"]["Confidence"];
            /**
             * Rise
             * @default 0
             */
            rise: string;
            /**
             * Bridged
             * @default false
             */
            bridged: boolean;
            /**
             * Bridging
             * @default false
             */
            bridging: boolean;
            /**
             * Alternatives
             * @default []
             */
            alternatives: components["schemas"]["Alternative"][];
            /**
             * Exercise
             * Format: ExerciseId
             * @default
             */
            exercise: ExerciseId;
            /**
             * Stations
             * @default []
             */
            stations: components["schemas"]["StationChange"][];
            /** Rest After */
            rest_after?: number | null;
            /**
             * Estimated
             * @default false
             */
            estimated: boolean;
        };
        /**
         * Quality
         * @description How the work looked, first set to last.
         * @enum {string}
         */
        Quality: "clean" | "slipping" | "broke down";
        /**
         * ReadCell
         * @description A cell read out: its normal form or why it cannot be read, seconds of work and rest, one outline for its sets.
         *
         *     ``work`` and ``manner`` are the two halves of the normal form (what is done, and how). ``bars`` has an outline for
         *     each set where the sets differ, else it is empty and ``bar`` stands for all. ``note`` says what the load comes to.
         */
        ReadCell: {
            /**
             * State
             * @enum {string}
             */
            state: "empty" | "read" | "unreadable";
            /** Text */
            text: string;
            /**
             * Work
             * @default
             */
            work: string;
            /**
             * Manner
             * @default
             */
            manner: string;
            /**
             * Sets
             * @default 0
             */
            sets: number;
            bar?: components["schemas"]["Bar"] | null;
            /**
             * Seconds
             * @default 0
             */
            seconds: number;
            /** Caution */
            caution?: string | null;
            unreadable?: components["schemas"]["Unreadable"] | null;
            /**
             * Bars
             * @default []
             */
            bars: components["schemas"]["Bar"][];
            /**
             * Note
             * @default
             */
            note: string;
        };
        /**
         * ReadinessRequest
         * @description How the client came: sleep and energy (5 = very good), stress and soreness (5 = a lot).
         */
        ReadinessRequest: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            sort: "readiness";
            /** Sleep */
            sleep: number;
            /** Energy */
            energy: number;
            /** Stress */
            stress: number;
            /** Soreness */
            soreness: number;
            /** Pains */
            pains?: components["schemas"]["PainRequest"][];
        };
        /**
         * ReadingRequest
         * @description A line to be read, for an exercise and a program's client; ``line`` and ``week`` are the cell it stands in.
         */
        ReadingRequest: {
            /** Text */
            text: string;
            /**
             * Exercise
             * Format: ExerciseId
             */
            exercise: ExerciseId;
            /**
             * Line
             * Format: LineId
             * @default
             */
            line: LineId;
            /**
             * Week
             * Format: WeekId
             * @default
             */
            week: WeekId;
        };
        /**
         * RemoveDay
         * @description Take a day and its lines out of the phase.
         */
        RemoveDay: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "remove_day";
            /**
             * Day
             * Format: DayId
             */
            day: DayId;
        };
        /**
         * RemoveLine
         * @description Take a line out of its day.
         */
        RemoveLine: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "remove_line";
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
        };
        /**
         * RemovePhase
         * @description Take a phase with all its weeks out of the program.
         */
        RemovePhase: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "remove_phase";
            /** Phase */
            phase: string;
        };
        /**
         * RemoveWeek
         * @description Take a week out of its phase.
         */
        RemoveWeek: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "remove_week";
            /** Phase */
            phase: string;
            /**
             * Week
             * Format: WeekId
             */
            week: WeekId;
        };
        /**
         * RemovedRequest
         * @description Whether something is taken out.
         */
        RemovedRequest: {
            /** Removed */
            removed: boolean;
        };
        /**
         * RepeatDay
         * @description Add a day like another of the phase, on another weekday; the new ids follow from the caller's.
         */
        RepeatDay: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "repeat_day";
            /**
             * Day
             * Format: DayId
             */
            day: DayId;
            /**
             * Copy Id
             * Format: DayId
             */
            copy_id: DayId;
            /** Name */
            name: string;
            /** Weekday */
            weekday: number;
        };
        /**
         * ReplaceRequest
         * @description What to find in a program and what to put there; an exercise by its id, a load or rest as typed.
         */
        ReplaceRequest: {
            /** Base */
            base: number;
            what: components["schemas"]["Replaced"];
            /**
             * Find
             * @default
             */
            find: string;
            /** Put */
            put: string;
            /**
             * Phase
             * @default
             */
            phase: string;
            /**
             * Exercise
             * Format: ExerciseId
             * @default
             */
            exercise: ExerciseId;
            /**
             * From Week
             * Format: WeekId
             * @default
             */
            from_week: WeekId;
        };
        /**
         * ReplaceTrial
         * @description In how many places something would be replaced, and what that would do.
         */
        ReplaceTrial: {
            /** Places */
            places: number;
            look: components["schemas"]["TrialView"];
        };
        /**
         * Replaced
         * @description What is looked for.
         * @enum {string}
         */
        Replaced: "exercise" | "load" | "rest";
        /**
         * ReportKind
         * @description What a report is written as.
         * @enum {string}
         */
        ReportKind: "html" | "pdf";
        /**
         * ReportLift
         * @description A lift over the span: where it began and stands; ``clear`` says that the difference exceeds the error.
         */
        ReportLift: {
            /** Name */
            name: string;
            /** Before */
            before: string;
            /** After */
            after: string;
            /** Change */
            change: number;
            /** Clear */
            clear: boolean;
            /** Path */
            path: components["schemas"]["ReportPoint"][];
        };
        /**
         * ReportPoint
         * @description The estimated maximum on a day with its 95 % interval, in the client's unit.
         */
        ReportPoint: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Value */
            value: string;
            /** Low */
            low: string;
            /** High */
            high: string;
        };
        /**
         * ReportRequest
         * @description A report over a span with the trainer's words; ``picture`` is put in and kept nowhere.
         */
        ReportRequest: {
            /**
             * Start
             * Format: date
             */
            start: string;
            /**
             * Until
             * Format: date
             */
            until: string;
            texts: components["schemas"]["ReportTextsRequest"];
            /** @default pdf */
            kind: components["schemas"]["ReportKind"];
            /** @default a4 */
            size: components["schemas"]["PaperSize"];
            /**
             * Picture
             * Format: base64
             * @default
             */
            picture: string;
        };
        /**
         * ReportTest
         * @description A test at both ends of the span, in its unit; ``words`` say whether the difference exceeds the error.
         */
        ReportTest: {
            /** Name */
            name: string;
            /** Unit */
            unit: string;
            /**
             * First On
             * Format: date
             */
            first_on: string;
            /** First */
            first: string;
            /**
             * Last On
             * Format: date
             */
            last_on: string;
            /** Last */
            last: string;
            /** Better */
            better: boolean;
            /** Words */
            words: string;
        };
        /**
         * ReportTexts
         * @description What the trainer may change, paragraph by paragraph; an empty one is left out.
         */
        ReportTexts: {
            /**
             * Opening
             * @default
             */
            opening: string;
            /**
             * Work
             * @default
             */
            work: string;
            /**
             * Strength
             * @default
             */
            strength: string;
            /**
             * Tests
             * @default
             */
            tests: string;
            /**
             * Praise
             * @default
             */
            praise: string;
            /**
             * Minded
             * @default
             */
            minded: string;
            /**
             * Following
             * @default
             */
            following: string;
        };
        /**
         * ReportTextsRequest
         * @description The paragraphs as the trainer has them; an empty one is left out.
         */
        ReportTextsRequest: {
            /** Opening */
            opening: string;
            /** Work */
            work: string;
            /** Strength */
            strength: string;
            /** Tests */
            tests: string;
            /** Praise */
            praise: string;
            /** Minded */
            minded: string;
            /** Following */
            following: string;
        };
        /**
         * ReportView
         * @description A report as it would be handed over, with the sentences it begins with.
         */
        ReportView: {
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            report: components["schemas"]["ClientReport"];
        };
        /**
         * ReportWeek
         * @description A week of the span: sessions planned and held, hard sets planned and done.
         */
        ReportWeek: {
            /**
             * Monday
             * Format: date
             */
            monday: string;
            /** Planned */
            planned: number;
            /** Held */
            held: number;
            /** Sets Planned */
            sets_planned: number;
            /** Sets Done */
            sets_done: number;
        };
        /**
         * Reps
         * @description A repetition target: ``low`` to ``high``, equal for a fixed number. 1 to 100.
         */
        Reps: {
            /** Low */
            low: number;
            /** High */
            high: number;
            /**
             * Kind
             * @default reps
             * @constant
             */
            kind: "reps";
        };
        /**
         * RestoreBackupRequest
         * @description The passphrase of a backup, and whether one of another studio's key is meant.
         */
        RestoreBackupRequest: {
            /** Passphrase */
            passphrase: string;
            /**
             * Of Another
             * @default false
             */
            of_another: boolean;
        };
        /**
         * RestoreRequest
         * @description A revision to bring back, and the one it was asked at.
         */
        RestoreRequest: {
            /** Base */
            base: number;
            /** Number */
            number: number;
        };
        /**
         * RestrictFlow
         * @description Tick restricted blood flow on a line, or on a phase where no line is named; ``how`` left out takes it off.
         */
        RestrictFlow: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "restrict_flow";
            /**
             * Line
             * Format: LineId
             * @default
             */
            line: LineId;
            /**
             * Phase
             * @default
             */
            phase: string;
            how?: components["schemas"]["RestrictedFlow"] | null;
        };
        /**
         * RestrictedFlow
         * @description Work with restricted blood flow: which limbs, how tight, how the cuffs are let off, the load in per cent of max.
         *
         *     ``pressure`` and ``cycles`` are the trainer's words.
         */
        RestrictedFlow: {
            /** Limb */
            limb?: ("arms" | "legs" | "one arm" | "one leg") | null;
            /**
             * Pressure
             * @default as taught
             */
            pressure: string;
            /**
             * Cycles
             * @default
             */
            cycles: string;
            /** Load Share */
            load_share?: number | null;
        };
        /**
         * ResultRequest
         * @description One measurement; the id was made by the app.
         */
        ResultRequest: {
            /** Id */
            id: string;
            /** Test */
            test: string;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Value */
            value?: (number | string) | null;
            load?: components["schemas"]["LoadRequest"] | null;
            side?: components["schemas"]["Side"] | null;
            /**
             * Variant
             * @default
             */
            variant: string;
            /** Reserve */
            reserve?: number | null;
            ended?: components["schemas"]["Ended"] | null;
            /** Grade */
            grade?: number | null;
            /**
             * Note
             * @default
             */
            note: string;
            /**
             * Source
             * @default typed
             */
            source: string;
            /**
             * Confirmed
             * @default false
             */
            confirmed: boolean;
            /**
             * Single
             * @default false
             */
            single: boolean;
            /** Replaces */
            replaces?: string | null;
            /** Round Id */
            round_id?: string | null;
            /**
             * At
             * Format: date-time
             */
            at: string;
        };
        /**
         * ResultView
         * @description A result with its figure in the test's unit, and the earlier values it corrects, oldest first.
         */
        ResultView: {
            result: components["schemas"]["TestResult"];
            /** Figure */
            figure: string | null;
            /** Earlier */
            earlier: components["schemas"]["TestResult"][];
        };
        /**
         * Retention
         * @description The studio's period in years, and the files it has run out for, the oldest first.
         */
        Retention: {
            /** Years */
            years: number;
            /** Due */
            due: components["schemas"]["DueFile"][];
        };
        /**
         * RetentionRequest
         * @description Years that a file is kept after the client was there last.
         */
        RetentionRequest: {
            /** Years */
            years: number;
        };
        /**
         * ReviewLine
         * @description One line after the session: planned against done, the proposal, where it would go, and the decision taken.
         *
         *     ``set_to`` says how coded loads are set. ``proposal`` is None with ``why_none`` in words where nothing can be
         *     proposed; ``next_cell`` is None in the last week of the phase; ``preview`` is the set blocks of the proposal,
         *     ``rule_name`` what decided it, ``instead`` the exercise that takes this one's place where another rung is
         *     proposed. ``rolls`` are the later weeks of the phase that change with it, ``last`` the set blocks of the time
         *     before. ``plain`` says that it can be taken without a look: a usual step on firm or fair evidence, or the same
         *     again. ``circuit`` is the id of the circuit it belongs to, which is judged as one on its first station;
         *     ``stations`` are what that asks of the others.
         */
        ReviewLine: {
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /**
             * Exercise Id
             * Format: ExerciseId
             */
            exercise_id: ExerciseId;
            /** Exercise */
            exercise: string;
            /** Planned */
            planned: string;
            /** Blocks */
            blocks: components["schemas"]["SetBlock"][];
            proposal: components["schemas"]["Proposal"] | null;
            /** Proposed */
            proposed: string;
            /** Set To */
            set_to: string;
            /** Rule Name */
            rule_name: string;
            /** Instead */
            instead: string;
            /** Preview */
            preview: components["schemas"]["SetBlock"][];
            /** Why None */
            why_none: string;
            next_cell: components["schemas"]["NextCell"] | null;
            decision: components["schemas"]["DecisionView"] | null;
            /**
             * Last
             * @default []
             */
            last: components["schemas"]["SetBlock"][];
            /** Last On */
            last_on?: string | null;
            /**
             * Rolls
             * @default []
             */
            rolls: components["schemas"]["RolledWeek"][];
            /**
             * Plain
             * @default false
             */
            plain: boolean;
            /**
             * Circuit
             * @default
             */
            circuit: string;
            /**
             * Stations
             * @default []
             */
            stations: components["schemas"]["ReviewStation"][];
        };
        /**
         * ReviewStation
         * @description What a circuit's proposal asks of one of its other stations; ``now`` is what its next cell says.
         */
        ReviewStation: {
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /** Exercise */
            exercise: string;
            /** Text */
            text: string;
            /** Now */
            now: string;
        };
        /**
         * ReviewView
         * @description A session after it was run; ``easier`` says that next week should ease off, or may.
         *
         *     ``next_minutes`` is what accepting all that is open does to the day next week, ``minutes_limit`` what it may take.
         */
        ReviewView: {
            /**
             * Session Id
             * Format: SessionId
             */
            session_id: SessionId;
            /**
             * Program Id
             * Format: ProgramId
             */
            program_id: ProgramId;
            /**
             * Week Id
             * Format: WeekId
             */
            week_id: WeekId;
            /**
             * Day Id
             * Format: DayId
             */
            day_id: DayId;
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            unit: components["schemas"]["Unit"];
            /** Day */
            day: string;
            /** Phase */
            phase: string;
            /** Phase Id */
            phase_id: string;
            /** Week */
            week: number;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Minutes */
            minutes: number | null;
            /** Estimated Minutes */
            estimated_minutes: number;
            /** Finished */
            finished: boolean;
            /** Revision */
            revision: number;
            /** Lines */
            lines: components["schemas"]["ReviewLine"][];
            /** Notes */
            notes: string[];
            easier: components["schemas"]["EasierNext"] | null;
            next_minutes: components["schemas"]["NextMinutes"] | null;
            /** Minutes Limit */
            minutes_limit: number;
        };
        /**
         * RevisionHead
         * @description A revision without its document; ``author`` is a name, empty where nobody's is known.
         */
        RevisionHead: {
            /** Number */
            number: number;
            /** Author */
            author: string;
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** Reason */
            reason: string;
        };
        /**
         * RevisionView
         * @description What the board says of its revision, and where undo and redo lead.
         */
        RevisionView: {
            /** Number */
            number: number;
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** Reason */
            reason: string;
            /** Undo To */
            undo_to: number | null;
            /** Redo To */
            redo_to: number | null;
        };
        /**
         * Role
         * @description What somebody is in the studio.
         * @enum {string}
         */
        Role: "reader" | "assistant" | "trainer" | "owner";
        /**
         * RolledWeek
         * @description A later week a decision changes: the week's id and number in the program, what it will say, what it says now.
         */
        RolledWeek: {
            /**
             * Week Id
             * Format: WeekId
             */
            week_id: WeekId;
            /** Week */
            week: number;
            /** Text */
            text: string;
            /** Now */
            now: string;
        };
        /**
         * RoundHead
         * @description A round on the list: ``done`` of ``of`` measures have a result.
         */
        RoundHead: {
            /** Id */
            id: string;
            /** Battery */
            battery: string;
            /** Name */
            name: string;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Finished */
            finished: boolean;
            /** Done */
            done: number;
        };
        /**
         * RoundRequest
         * @description A round to start; the id was made by the app.
         */
        RoundRequest: {
            /** Battery */
            battery: string;
            /**
             * On
             * Format: date
             */
            on: string;
            /**
             * Started At
             * Format: date-time
             */
            started_at: string;
        };
        /**
         * RoundTest
         * @description One test of a round and side: the result that stands, and the one of the round before.
         *
         *     ``cautions`` are what the client's joints say of the exercise it is done with.
         */
        RoundTest: {
            item: components["schemas"]["TestItem"];
            side: components["schemas"]["Side"] | null;
            /** Cautions */
            cautions: components["schemas"]["Caution"][];
            result: components["schemas"]["ResultView"] | null;
            last_time: components["schemas"]["ResultView"] | null;
            /** Last On */
            last_on: string | null;
        };
        /**
         * RoundView
         * @description A round as the floor shows it.
         */
        RoundView: {
            /** Id */
            id: string;
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            unit: components["schemas"]["Unit"];
            /** Battery */
            battery: string;
            /** Name */
            name: string;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Finished At */
            finished_at: string | null;
            screening: components["schemas"]["HealthStanding"];
            /** May Single */
            may_single: boolean;
            body_weight: components["schemas"]["Load"] | null;
            /** Tests */
            tests: components["schemas"]["RoundTest"][];
        };
        /**
         * Rung
         * @description A rung of a shown ladder.
         */
        Rung: {
            /**
             * Id
             * Format: ExerciseId
             */
            id: ExerciseId;
            /** Name */
            name: string;
            /** Here */
            here: boolean;
        };
        /**
         * SameAsLastTime
         * @description The load of the last session, plus a little where it is said.
         */
        SameAsLastTime: {
            plus?: components["schemas"]["Load"] | null;
        };
        /**
         * Saving
         * @description One change with what it saves (seconds) and what it costs; ``chosen`` are those that together fit the time.
         */
        Saving: {
            /** Key */
            key: string;
            /** Rank */
            rank: number;
            /** Label */
            label: string;
            /** Price */
            price: string;
            /** Saves */
            saves: number;
            /** Edits */
            edits: (components["schemas"]["SetCell"] | components["schemas"]["AddLine"] | components["schemas"]["MoveLine"] | components["schemas"]["MoveGroup"] | components["schemas"]["MoveWithin"] | components["schemas"]["RemoveLine"] | components["schemas"]["ChangeExercise"] | components["schemas"]["ChangeLine"] | components["schemas"]["RestrictFlow"] | components["schemas"]["GroupLines"] | components["schemas"]["Ungroup"] | components["schemas"]["ChangeGroup"] | components["schemas"]["AddDay"] | components["schemas"]["RepeatDay"] | components["schemas"]["ChangeDay"] | components["schemas"]["SetDay"] | components["schemas"]["RemoveDay"] | components["schemas"]["AddWeek"] | components["schemas"]["ChangeWeek"] | components["schemas"]["RemoveWeek"] | components["schemas"]["AddPhase"] | components["schemas"]["ChangePhase"] | components["schemas"]["RemovePhase"] | components["schemas"]["ChangeProgram"] | components["schemas"]["MoveSession"] | components["schemas"]["HoldSession"] | components["schemas"]["PauseProgram"] | components["schemas"]["AnswerFinding"])[];
            /**
             * Chosen
             * @default false
             */
            chosen: boolean;
            /** @default shorter rests */
            lever: components["schemas"]["TimeLever"];
        };
        /**
         * ScaleReading
         * @description What the scale shows: seconds since stepping on, the figure in the client's unit, the weight once settled.
         */
        ScaleReading: {
            /** Seconds */
            seconds: number;
            /** Figure */
            figure: number;
            unit: components["schemas"]["Unit"];
            settled: components["schemas"]["Load"] | null;
        };
        /**
         * Scenario
         * @description How the weeks to come may go.
         * @enum {string}
         */
        Scenario: "all goes well" | "as lately" | "a bad patch";
        /**
         * ScheduleRequest
         * @description How often a backup is made, and a second folder for it; empty for none.
         */
        ScheduleRequest: {
            /** Every Hours */
            every_hours: number;
            /**
             * Second Folder
             * @default
             */
            second_folder: string;
        };
        /**
         * School
         * @description What a client's trainer raises first.
         * @enum {string}
         */
        School: "reps in a range" | "load" | "reserve" | "sets" | "control" | "density" | "skill";
        /**
         * ScreenOutcome
         * @description What the screen comes to.
         * @enum {string}
         */
        ScreenOutcome: "clear" | "light to moderate now, clearance before vigorous" | "clearance first";
        /**
         * ScreenRequest
         * @description The answers of a health screen.
         */
        ScreenRequest: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Active */
            active: boolean;
            /**
             * Diseases
             * @default []
             */
            diseases: components["schemas"]["Disease"][];
            /**
             * Signs
             * @default []
             */
            signs: components["schemas"]["Sign"][];
            /** @default light to moderate */
            intends: components["schemas"]["Intensity"];
        };
        /**
         * ScreenView
         * @description A health screen that was done.
         */
        ScreenView: {
            /**
             * On
             * Format: date
             */
            on: string;
            answers: components["schemas"]["Answers"];
            /** Outcome */
            outcome: string;
        };
        /**
         * SearchHit
         * @description An exercise found, with what a client's joints say of it.
         *
         *     ``named`` where the words really name it, so that it may be taken unseen; ``name`` is the one of its names they fit.
         */
        SearchHit: {
            exercise: components["schemas"]["Exercise"];
            /** Cautions */
            cautions: components["schemas"]["Caution"][];
            /**
             * Named
             * @default false
             */
            named: boolean;
            /**
             * Name
             * @default
             */
            name: string;
        };
        /**
         * Seconds
         * @description A hold or timed target, seconds, 1 to 21,600; a range has its lower end in ``low``, 0 for as long as possible.
         */
        Seconds: {
            /** Seconds */
            seconds: number;
            /**
             * Kind
             * @default seconds
             * @constant
             */
            kind: "seconds";
            /** Low */
            low?: number | null;
        };
        /**
         * Section
         * @description The sections of a session, in their usual order.
         * @enum {string}
         */
        Section: "warm-up" | "main" | "accessory" | "trunk" | "finisher" | "cardio" | "cool-down";
        /**
         * SendCode
         * @description A code with which a sheet can send once, and for how many minutes it holds.
         */
        SendCode: {
            /** Code */
            code: string;
            /** Minutes */
            minutes: number;
        };
        /**
         * SessionPoint
         * @description One session: planned and done side by side, and its best estimate with every formula's figure.
         *
         *     Figures of load are in the client's unit, to 0.1. ``metres`` is what was covered in all, ``pace`` the seconds for a
         *     kilometre of it where every set was timed.
         */
        SessionPoint: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Planned */
            planned: string;
            /** Planned Moved */
            planned_moved: string | null;
            /** Planned Amount */
            planned_amount: number | null;
            /** Planned Sets */
            planned_sets: number | null;
            /** Sets */
            sets: components["schemas"]["SetPoint"][];
            /** Blocks */
            blocks: components["schemas"]["SetBlock"][];
            /** Estimate */
            estimate: string | null;
            /** Formulas */
            formulas: components["schemas"]["FormulaEstimate"][];
            /** Metres */
            metres?: number | null;
            /** Pace */
            pace?: number | null;
        };
        /**
         * SessionState
         * @description How far a session is.
         * @enum {string}
         */
        SessionState: "planned" | "running" | "not logged" | "finished";
        /**
         * SessionSummary
         * @description A session once it was run. Minutes are whole; ``load`` is effort times minutes (Foster et al. 2001).
         *
         *     ``pace`` is the client's pace factor with this session in it: 1.1 takes a tenth longer than estimated.
         */
        SessionSummary: {
            /**
             * Session Id
             * Format: SessionId
             */
            session_id: SessionId;
            /**
             * Program Id
             * Format: ProgramId
             */
            program_id: ProgramId;
            /**
             * Week Id
             * Format: WeekId
             */
            week_id: WeekId;
            /**
             * Day Id
             * Format: DayId
             */
            day_id: DayId;
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            unit: components["schemas"]["Unit"];
            /** Day */
            day: string;
            /** Week */
            week: number;
            /** Phase */
            phase: string;
            /**
             * On
             * Format: date
             */
            on: string;
            /**
             * Started At
             * Format: date-time
             */
            started_at: string;
            /** Finished At */
            finished_at: string | null;
            /** Minutes */
            minutes: number | null;
            /** Estimated Minutes */
            estimated_minutes: number;
            /** Pace */
            pace: number;
            /** Effort */
            effort: number | null;
            /** Load */
            load: number | null;
            /** Lines */
            lines: components["schemas"]["DoneLine"][];
            /** Facts */
            facts: components["schemas"]["Fact"][];
            /** Changes */
            changes: components["schemas"]["MadeChange"][];
            /** Measured */
            measured: components["schemas"]["DeviceFigure"][];
            /** Notes */
            notes: string[];
            /** For Next */
            for_next: string[];
        };
        /**
         * SetBlock
         * @description One set: planned outline, done fill, either or both.
         */
        SetBlock: {
            planned: components["schemas"]["Bar"] | null;
            done: components["schemas"]["Bar"] | null;
        };
        /**
         * SetCell
         * @description Put a text into a line's week, and carry it on.
         *
         *     ``by_hand`` says that the trainer typed it: typing into a line's first week also says what the line begins with,
         *     which a proposal does not.
         */
        SetCell: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "set_cell";
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /**
             * Week
             * Format: WeekId
             */
            week: WeekId;
            /** Text */
            text: string;
            /** @default none */
            carry: components["schemas"]["Carry"];
            /**
             * By Hand
             * @default true
             */
            by_hand: boolean;
        };
        /**
         * SetDay
         * @description Say where a day is trained, how long it may take, and whether alone; empty means the client's usual.
         */
        SetDay: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "set_day";
            /**
             * Day
             * Format: DayId
             */
            day: DayId;
            /**
             * Place
             * Format: PlaceId
             * @default
             */
            place: PlaceId;
            /** Minutes */
            minutes?: number | null;
            /**
             * Top Up
             * @default false
             */
            top_up: boolean;
            /**
             * Alone
             * @default false
             */
            alone: boolean;
        };
        /**
         * SetEnd
         * @description Why a set ended.
         * @enum {string}
         */
        SetEnd: "as planned" | "form" | "breath" | "pain" | "will" | "kit" | "time";
        /**
         * SetPoint
         * @description A set that was done, in the client's unit; ``moved`` includes body weight where it moves.
         *
         *     ``amount`` says what was done in words, ``metres`` how far it went.
         */
        SetPoint: {
            /** Label */
            label: string;
            /** Amount */
            amount: string;
            /** Load */
            load: string;
            /** Reps */
            reps: number | null;
            /** Seconds */
            seconds: number | null;
            /** Metres */
            metres: number | null;
            /** Moved */
            moved: string | null;
            /** Reserve */
            reserve: number | null;
            /** Estimate */
            estimate: string | null;
        };
        /**
         * SetRequest
         * @description A set as the floor logs it; the id was made there.
         */
        SetRequest: {
            /** Id */
            id: string;
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /** Number */
            number: number;
            /**
             * Exercise
             * Format: ExerciseId
             */
            exercise: ExerciseId;
            outcome: components["schemas"]["Outcome"];
            /** Reps */
            reps?: number | null;
            /** Seconds */
            seconds?: number | null;
            load?: components["schemas"]["LoadRequest"] | null;
            /**
             * Assisted
             * @default false
             */
            assisted: boolean;
            /** Reserve */
            reserve?: number | null;
            /**
             * Planned
             * @default
             */
            planned: string;
            /**
             * Note
             * @default
             */
            note: string;
            /** Replaces */
            replaces?: string | null;
            /**
             * Logged At
             * Format: date-time
             */
            logged_at: string;
            /**
             * Ramp
             * @default false
             */
            ramp: boolean;
            /**
             * @default {
             *       "source": "tap",
             *       "confirmed": false
             *     }
             */
            how: components["schemas"]["HowRequest"];
            /** Metres */
            metres?: number | null;
        };
        /**
         * Settings
         * @description What the trainer has set, or the app's own choice.
         */
        Settings: {
            /** @default off */
            rep_sensor: components["schemas"]["Device"];
            /** @default off */
            heart_strap: components["schemas"]["Device"];
            /** @default sounds */
            calls: components["schemas"]["Calls"];
            /**
             * Ask Readiness
             * @default true
             */
            ask_readiness: boolean;
        };
        /**
         * SettingsRequest
         * @description All settings.
         */
        SettingsRequest: {
            rep_sensor: components["schemas"]["Device"];
            heart_strap: components["schemas"]["Device"];
            calls: components["schemas"]["Calls"];
            /** Ask Readiness */
            ask_readiness: boolean;
        };
        /**
         * Severity
         * @description How serious a finding is. Nothing is forbidden; an error is what nobody could train.
         * @enum {string}
         */
        Severity: "error" | "caution" | "question" | "note";
        /**
         * Sex
         * @description What the equation was made for; it knows two.
         * @enum {string}
         */
        Sex: "female" | "male" | "";
        /**
         * ShareOfMax
         * @description A share of the estimated maximum, per cent, 1 to 120 in steps of a half.
         */
        ShareOfMax: {
            /** Per Cent */
            per_cent: string;
        };
        /**
         * SheetDayRequest
         * @description A day of a week for a sheet.
         */
        SheetDayRequest: {
            /**
             * Week Id
             * Format: WeekId
             */
            week_id: WeekId;
            /**
             * Day Id
             * Format: DayId
             */
            day_id: DayId;
        };
        /**
         * SheetRequest
         * @description A sheet of some days of a program.
         */
        SheetRequest: {
            /**
             * Program Id
             * Format: ProgramId
             */
            program_id: ProgramId;
            /** Days */
            days: components["schemas"]["SheetDayRequest"][];
        };
        /**
         * ShownLadder
         * @description A ladder as it is drawn: easiest first.
         */
        ShownLadder: {
            /** Id */
            id: string;
            /** Name */
            name: string;
            /** Rungs */
            rungs: components["schemas"]["Rung"][];
        };
        /**
         * Side
         * @description Which side.
         * @enum {string}
         */
        Side: "left" | "right" | "both";
        /**
         * SideBySide
         * @description Two rounds side by side.
         */
        SideBySide: {
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            /** Rounds */
            rounds: components["schemas"]["RoundHead"][];
            earlier: components["schemas"]["RoundHead"] | null;
            later: components["schemas"]["RoundHead"] | null;
            /** Pairs */
            pairs: components["schemas"]["Pair"][];
        };
        /**
         * SideRule
         * @description Which side leads where each side is worked, the one side that is, or left and right in turn within the set.
         * @enum {string}
         */
        SideRule: "left first" | "right first" | "alternate lead" | "alternating" | "left only" | "right only";
        /**
         * Sign
         * @description Signs and symptoms the screen asks for.
         * @enum {string}
         */
        Sign: "discomfort in chest, neck, jaw or arms, at rest or with effort" | "breathless at rest or with little effort" | "dizzy or fainting" | "breathless lying down or waking breathless at night" | "swollen ankles" | "racing or uneven heartbeat" | "calf pain when walking that stops with rest" | "a heart murmur somebody heard" | "unusual tiredness or breathlessness with everyday things";
        /**
         * SignInState
         * @description Whether one signs in here, who is, and who can come in how.
         *
         *     ``storage_key`` opens what this browser keeps for whoever is signed in, empty for nobody.
         */
        SignInState: {
            /** Demanded */
            demanded: boolean;
            /** Locked */
            locked: boolean;
            me: components["schemas"]["Me"] | null;
            /** People Here */
            people_here: components["schemas"]["PersonHere"][];
            /** Device */
            device: string;
            /** Enrolled */
            enrolled: boolean;
            /** Passkeys */
            passkeys: boolean;
            /** Storage Key */
            storage_key: string;
            rules: components["schemas"]["AccessRules"];
        };
        /**
         * SignInView
         * @description Somebody signed in somewhere.
         */
        SignInView: {
            /** Id */
            id: string;
            /** Person */
            person: string;
            /** Device */
            device: string;
            /** Way */
            way: string;
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** This One */
            this_one: boolean;
        };
        /**
         * Skill
         * @description How much practice an exercise wants before it stands in a program. House rule.
         * @enum {string}
         */
        Skill: "anyone" | "some practice" | "much practice";
        /**
         * Sort
         * @description What a change of the day comes from.
         * @enum {string}
         */
        Sort: "away" | "readiness" | "late" | "place" | "swap" | "load" | "drop" | "add" | "move" | "round";
        /**
         * Sound
         * @description What is heard with a call.
         * @enum {string}
         */
        Sound: "none" | "tick" | "go" | "stop" | "mark";
        /**
         * Source
         * @description Who said that the set was done: the trainer with a tap, the clock of a timed block, or the client at home.
         * @enum {string}
         */
        Source: "tap" | "clock" | "home";
        /**
         * SourceDayRequest
         * @description A day of a source (from 0) to add to a phase.
         */
        SourceDayRequest: {
            /**
             * Template
             * @default
             */
            template: string;
            /**
             * Program
             * Format: ProgramId
             * @default
             */
            program: ProgramId;
            /**
             * Of Phase
             * @default
             */
            of_phase: string;
            /** Base */
            base: number;
            /** Phase */
            phase: string;
            /**
             * Day
             * @default 0
             */
            day: number;
        };
        /**
         * SourcePhaseRequest
         * @description A source to add as the next phase, and the revision it is added to.
         */
        SourcePhaseRequest: {
            /**
             * Template
             * @default
             */
            template: string;
            /**
             * Program
             * Format: ProgramId
             * @default
             */
            program: ProgramId;
            /**
             * Of Phase
             * @default
             */
            of_phase: string;
            /** Base */
            base: number;
        };
        /**
         * SourceRequest
         * @description What to begin from: a template, or a program of any client, all of it or ``of_phase`` alone.
         */
        SourceRequest: {
            /**
             * Template
             * @default
             */
            template: string;
            /**
             * Program
             * Format: ProgramId
             * @default
             */
            program: ProgramId;
            /**
             * Of Phase
             * @default
             */
            of_phase: string;
        };
        /**
         * Span
         * @description How much of the way a repetition goes, where it is not all of it.
         * @enum {string}
         */
        Span: "half reps" | "top half" | "bottom half";
        /**
         * StartRequest
         * @description A session opened on the floor.
         */
        StartRequest: {
            /**
             * Program Id
             * Format: ProgramId
             */
            program_id: ProgramId;
            /**
             * Week Id
             * Format: WeekId
             */
            week_id: WeekId;
            /**
             * Day Id
             * Format: DayId
             */
            day_id: DayId;
            /**
             * Started At
             * Format: date-time
             */
            started_at: string;
        };
        /**
         * Started
         * @description A program that was begun from a template or draft, and what was changed on the way.
         */
        Started: {
            board: components["schemas"]["BoardView"];
            /** Changes */
            changes: string[];
        };
        /**
         * StartedSession
         * @description A session that was started, and whether it was finished.
         */
        StartedSession: {
            /**
             * Id
             * Format: SessionId
             */
            id: SessionId;
            /** Finished */
            finished: boolean;
        };
        /**
         * StartingLoad
         * @description A load to begin with, always an estimate: the load, kilograms before rounding, and how it came about.
         */
        StartingLoad: {
            /** Load */
            load: components["schemas"]["Load"] | components["schemas"]["BodyweightLoad"];
            /** Unrounded Kg */
            unrounded_kg: string;
            /** Why */
            why: string;
        };
        /**
         * State
         * @description How a topic stands after an entry, strictest first.
         * @enum {string}
         */
        State: "hurts now" | "spare it" | "watch it" | "over";
        /**
         * StationChange
         * @description What a circuit's proposal asks of one of its other stations: the line, and what it asks for then.
         */
        StationChange: {
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            prescription: components["schemas"]["Prescription"];
        };
        /**
         * StationRequest
         * @description What the next cell of a circuit's other station said when deciding.
         */
        StationRequest: {
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /** Seen */
            seen: string;
        };
        /**
         * StepKind
         * @description What a step is.
         * @enum {string}
         */
        StepKind: "get ready" | "work" | "rounds" | "change sides" | "pause" | "rest";
        /**
         * StrengthOverTime
         * @description The estimated maximum as it stands today with its 95 % interval, in the client's unit.
         *
         *     ``trend`` is the change a week in per cent with its interval, ``way`` what that says, ``steepness`` that of the
         *     client's own rep curve (1 = published) learned from ``told_by`` sets; ``path`` has a point for each session.
         */
        StrengthOverTime: {
            /** Value */
            value: string;
            /** Low */
            low: string;
            /** High */
            high: string;
            /** Trend */
            trend: number;
            /** Trend Low */
            trend_low: number;
            /** Trend High */
            trend_high: number;
            /** Way */
            way: string;
            /** Steepness */
            steepness: number;
            /** Told By */
            told_by: number;
            /** Path */
            path: components["schemas"]["StrengthPoint"][];
        };
        /**
         * StrengthPoint
         * @description The estimate over time after a session, with its 95 % interval, in the client's unit.
         */
        StrengthPoint: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Value */
            value: string;
            /** Low */
            low: string;
            /** High */
            high: string;
        };
        /**
         * Stress
         * @description How much an exercise asks of a joint: moved lightly, worked, or worked hard. House rule.
         * @enum {string}
         */
        Stress: "light" | "moderate" | "much";
        /**
         * Substitute
         * @description One exercise to take instead: its points, why, rungs harder (easier: negative), and a load to begin with.
         *
         *     ``cautions`` are what remains to be minded of the joints. ``start`` is always an estimate.
         */
        Substitute: {
            exercise: components["schemas"]["Exercise"];
            /** Points */
            points: number;
            /** Reasons */
            reasons: string[];
            implement: components["schemas"]["ImplementKind"];
            /** Rungs */
            rungs?: number | null;
            start?: components["schemas"]["StartingLoad"] | null;
            /**
             * Cautions
             * @default []
             */
            cautions: components["schemas"]["Caution"][];
        };
        /**
         * Suits
         * @description For whom an exercise is there that others do not need.
         * @enum {string}
         */
        Suits: "after birth" | "pregnancy" | "unsteady";
        /**
         * SwapRequest
         * @description Another exercise for a line.
         */
        SwapRequest: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            sort: "swap";
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /**
             * Exercise
             * Format: ExerciseId
             */
            exercise: ExerciseId;
            /**
             * Why
             * @default
             */
            why: string;
        };
        /**
         * TableFileRequest
         * @description A file with a table (.xlsx, .csv, .tsv, .txt), its bytes in base64.
         */
        TableFileRequest: {
            /**
             * Content
             * Format: base64
             */
            content: string;
        };
        /**
         * TableText
         * @description A file's rows as text: cells by tab, or as the file parts them.
         */
        TableText: {
            /** Text */
            text: string;
        };
        /**
         * TakenOver
         * @description A source as it would become for a client: its name, weeks, days with what they train, and what is changed.
         */
        TakenOver: {
            /** Name */
            name: string;
            /** Weeks */
            weeks: number;
            /** Phases */
            phases: number;
            /** Lines */
            lines: string[];
            /** Changes */
            changes: string[];
        };
        /**
         * TargetRange
         * @description What is asked of a set at a load (None: at no load): repetitions or seconds from ``low`` to ``high``.
         */
        TargetRange: {
            load: components["schemas"]["Load"] | null;
            /** Low */
            low: number;
            /** High */
            high: number;
        };
        /**
         * Telling
         * @description One thing to tell: its sort, how big it is of its sort, one sentence with its numbers, and what it is about.
         */
        Telling: {
            kind: components["schemas"]["TellingKind"];
            /** Size */
            size: number;
            /** Text */
            text: string;
            /**
             * About
             * @default
             */
            about: string;
        };
        /**
         * TellingKind
         * @description What sort of thing, the most telling first.
         * @enum {string}
         */
        TellingKind: "test" | "strength" | "reps at a load" | "pain" | "coming";
        /**
         * TemplateView
         * @description A template as it is chosen: what it is, what it asks, and what it would become for a client.
         *
         *     ``own`` is one of the trainer's own. ``day_names`` are its days as they are written, each of which can become a day
         *     of a running program.
         */
        TemplateView: {
            /** Id */
            id: string;
            /** Own */
            own: boolean;
            /** Name */
            name: string;
            /** School */
            school: string;
            /** Suits */
            suits: string;
            /** Asks */
            asks: string;
            /** Method */
            method: string;
            /** Weeks */
            weeks: number;
            /** Days */
            days: number;
            /** Lines */
            lines: string[];
            /** Changes */
            changes: string[];
            /** Day Names */
            day_names: string[];
        };
        /**
         * Tempo
         * @description Four phases in seconds, always lowering, bottom, lifting, top; None stands for X, as fast as possible.
         */
        Tempo: {
            /** Lowering */
            lowering: number | null;
            /** Bottom */
            bottom: number | null;
            /** Lifting */
            lifting: number | null;
            /** Top */
            top: number | null;
        };
        /**
         * TestChange
         * @description From an earlier result to a later one, in the item's unit.
         *
         *     ``share`` is of the earlier figure (0.25 = a quarter more); ``error`` is the typical error in the unit.
         */
        TestChange: {
            /** Earlier */
            earlier: string;
            /** Later */
            later: string;
            /** Difference */
            difference: string;
            /** Share */
            share: string | null;
            /** Error */
            error: string;
            verdict: components["schemas"]["ChangeVerdict"];
            way: components["schemas"]["Way"];
            /** Words */
            words: string;
        };
        /**
         * TestItem
         * @description One test.
         *
         *     ``standard`` says what counts; ``sides`` asks for left and right; ``variants`` are ordered easiest first;
         *     ``seconds`` is a time limit and ``metres`` a fixed distance; ``typical_error`` is in the item's unit, or a share of
         *     the figure where ``error_is_share``; ``low`` and ``high`` bound what is plausible, beyond them the app asks.
         */
        TestItem: {
            /** Id */
            id: string;
            /** Name */
            name: string;
            kind: components["schemas"]["TestKind"];
            /** Standard */
            standard: string;
            better: components["schemas"]["Better"];
            /** Typical Error */
            typical_error: string;
            /** Low */
            low: string;
            /** High */
            high: string;
            /**
             * Error Is Share
             * @default false
             */
            error_is_share: boolean;
            /**
             * Exercise
             * Format: ExerciseId
             * @default
             */
            exercise: ExerciseId;
            /**
             * Sides
             * @default false
             */
            sides: boolean;
            /**
             * Variants
             * @default []
             */
            variants: string[];
            /** Seconds */
            seconds?: number | null;
            /** Metres */
            metres?: number | null;
            /**
             * Own
             * @default false
             */
            own: boolean;
        };
        /**
         * TestKind
         * @description What a test measures.
         * @enum {string}
         */
        TestKind: "good-form reps" | "hold" | "load for reps" | "time over a distance" | "distance in a time" | "range" | "quality grade" | "body weight" | "girth";
        /**
         * TestMark
         * @description A test of the exercise with a load: the day, what was done, the estimated maximum in the client's unit.
         */
        TestMark: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Words */
            words: string;
            /** Value */
            value: string | null;
        };
        /**
         * TestRequest
         * @description A test of the trainer's own; ``exercise`` is the one it measures, where it is one.
         */
        TestRequest: {
            /** Name */
            name: string;
            kind: components["schemas"]["TestKind"];
            /** Standard */
            standard: string;
            /** @default more */
            better: components["schemas"]["Better"];
            /** Typical Error */
            typical_error: number | string;
            /**
             * Error Is Share
             * @default false
             */
            error_is_share: boolean;
            /**
             * Low
             * @default 0
             */
            low: number | string;
            /** High */
            high: number | string;
            /**
             * Exercise
             * Format: ExerciseId
             * @default
             */
            exercise: ExerciseId;
            /**
             * Sides
             * @default false
             */
            sides: boolean;
            /**
             * Variants
             * @default []
             */
            variants: string[];
            /** Seconds */
            seconds?: number | null;
            /** Metres */
            metres?: number | null;
        };
        /**
         * TestResult
         * @description One measurement. ``value`` is reps, seconds, metres, centimetres or a grade; loads and body weight are ``load``.
         *
         *     ``grade`` adds a quality (0 to 3) to any test. ``confirmed`` says that a doubtful figure was looked at; ``single``
         *     that the trainer chose a single to failure. ``replaces`` names the row it corrects.
         */
        TestResult: {
            /** Id */
            id: string;
            /** Test */
            test: string;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Value */
            value?: string | null;
            load?: components["schemas"]["Load"] | null;
            side?: components["schemas"]["Side"] | null;
            /**
             * Variant
             * @default
             */
            variant: string;
            /** Reserve */
            reserve?: number | null;
            ended?: components["schemas"]["Ended"] | null;
            /** Grade */
            grade?: number | null;
            /**
             * Note
             * @default
             */
            note: string;
            /**
             * Source
             * @default typed
             */
            source: string;
            /**
             * Confirmed
             * @default false
             */
            confirmed: boolean;
            /**
             * Single
             * @default false
             */
            single: boolean;
            /** Replaces */
            replaces?: string | null;
            /** Round Id */
            round_id?: string | null;
            /** At */
            at?: string | null;
        };
        /**
         * TestedTwice
         * @description One test and side, the first time and the last, in the test's unit; ``way`` says whether that is better.
         */
        TestedTwice: {
            /** Name */
            name: string;
            /** Unit */
            unit: string;
            /**
             * First On
             * Format: date
             */
            first_on: string;
            /** First */
            first: string;
            /**
             * Last On
             * Format: date
             */
            last_on: string;
            /** Last */
            last: string;
            /** Way */
            way: string;
            /** Words */
            words: string;
        };
        /**
         * TimeLever
         * @description A way to save time that a trainer can rule out.
         * @enum {string}
         */
        TimeLever: "shorter rests" | "pairs" | "moves to another day" | "fewer small sets" | "fewer main sets" | "exercises left out";
        /**
         * TimeRequest
         * @description Only so many minutes are left.
         */
        TimeRequest: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            sort: "late";
            /** Minutes */
            minutes: number;
        };
        /**
         * TimedAs
         * @description What work by the clock is, where the kind of exercise does not say it: held still, or repetitions in the time.
         * @enum {string}
         */
        TimedAs: "hold" | "for reps";
        /**
         * TodaySession
         * @description A session of today, or a started one that was never finished.
         */
        TodaySession: {
            /**
             * Session Id
             * Format: SessionId
             */
            session_id: SessionId;
            /**
             * Program Id
             * Format: ProgramId
             */
            program_id: ProgramId;
            /**
             * Week Id
             * Format: WeekId
             */
            week_id: WeekId;
            /**
             * Day Id
             * Format: DayId
             */
            day_id: DayId;
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            /** Day */
            day: string;
            /** Week */
            week: number;
            /**
             * On
             * Format: date
             */
            on: string;
            state: components["schemas"]["SessionState"];
            /** Exercises */
            exercises: number;
            /** Estimated Seconds */
            estimated_seconds: number;
            /** Minutes */
            minutes: number;
        };
        /**
         * TodayView
         * @description What the day holds; ``mine`` are the clients whom whoever asks leads or covers.
         */
        TodayView: {
            /**
             * On
             * Format: date
             */
            on: string;
            /** Sessions */
            sessions: components["schemas"]["TodaySession"][];
            /** Not Logged */
            not_logged: components["schemas"]["TodaySession"][];
            /** Waiting */
            waiting: components["schemas"]["Waiting"][];
            /** Dues */
            dues: components["schemas"]["DueToday"][];
            /** Home */
            home: components["schemas"]["HomeToday"][];
            /** Notices */
            notices: components["schemas"]["ClientNotice"][];
            /** Clients */
            clients: components["schemas"]["ClientToday"][];
            /** Mine */
            mine: ClientId[];
        };
        /**
         * Together
         * @description A thing by its name, or several at once: ``kettlebell 16 kg``, ``rucksack 12 kg + jugs 8 kg``.
         */
        Together: {
            /** Parts */
            parts: components["schemas"]["NamedLoad"][];
        };
        /**
         * TrainingAge
         * @description How long the client has trained.
         * @enum {string}
         */
        TrainingAge: "not active so far" | "less than six months" | "coming back after a break" | "six months to two years" | "more than two years" | "";
        /**
         * TrialRequest
         * @description Edits to be tried, without making them.
         */
        TrialRequest: {
            /** Edits */
            edits: (components["schemas"]["SetCell"] | components["schemas"]["AddLine"] | components["schemas"]["MoveLine"] | components["schemas"]["MoveGroup"] | components["schemas"]["MoveWithin"] | components["schemas"]["RemoveLine"] | components["schemas"]["ChangeExercise"] | components["schemas"]["ChangeLine"] | components["schemas"]["RestrictFlow"] | components["schemas"]["GroupLines"] | components["schemas"]["Ungroup"] | components["schemas"]["ChangeGroup"] | components["schemas"]["AddDay"] | components["schemas"]["RepeatDay"] | components["schemas"]["ChangeDay"] | components["schemas"]["SetDay"] | components["schemas"]["RemoveDay"] | components["schemas"]["AddWeek"] | components["schemas"]["ChangeWeek"] | components["schemas"]["RemoveWeek"] | components["schemas"]["AddPhase"] | components["schemas"]["ChangePhase"] | components["schemas"]["RemovePhase"] | components["schemas"]["ChangeProgram"] | components["schemas"]["MoveSession"] | components["schemas"]["HoldSession"] | components["schemas"]["PauseProgram"] | components["schemas"]["AnswerFinding"])[];
        };
        /**
         * TrialView
         * @description What a change would do, without making it; ``changes`` say what was adapted to the client.
         */
        TrialView: {
            /** Differences */
            differences: components["schemas"]["Difference"][];
            /** Minutes */
            minutes: components["schemas"]["MinutesChange"][];
            /** Muscles */
            muscles: components["schemas"]["MuscleChange"][];
            /** Gone */
            gone: string[];
            /** New */
            new: string[];
            /** Changes */
            changes: string[];
        };
        /**
         * Trouble
         * @description What wants a look, the most pressing first.
         * @enum {string}
         */
        Trouble: "falling behind" | "falling" | "stalling";
        /**
         * Turn
         * @description One set in its turn: whose, which, the rest after it in seconds (0: at once), and the round in a group from 1.
         *
         *     ``work`` are the seconds it is reckoned with.
         */
        Turn: {
            /**
             * Line
             * Format: LineId
             */
            line: LineId;
            /** Number */
            number: number;
            /** Rest */
            rest: number;
            /**
             * Round
             * @default 1
             */
            round: number;
            /**
             * Ramp
             * @default false
             */
            ramp: boolean;
            /**
             * Work
             * @default 0
             */
            work: number;
        };
        /**
         * UnderstoodLine
         * @description What one line was understood as: its number (from 1), the loads and things in words; empty where nothing was.
         */
        UnderstoodLine: {
            /** Line */
            line: number;
            /** Said */
            said: string;
        };
        /**
         * UnderstoodRow
         * @description A line of the pasted program: its row, day, name as typed, the exercise that the name names, else the nearest.
         *
         *     ``texts`` has a text a week; ``unread`` says of the first that cannot be read why.
         */
        UnderstoodRow: {
            /** Row */
            row: number;
            /** Day */
            day: number;
            /** Typed */
            typed: string;
            exercise: components["schemas"]["NearExercise"] | null;
            /** Nearest */
            nearest: components["schemas"]["NearExercise"][];
            /** Texts */
            texts: string[];
            /** Unread */
            unread: string;
        };
        /**
         * UndoChangeRequest
         * @description A change, or one part of it, to take back.
         */
        UndoChangeRequest: {
            /** Id */
            id: string;
            /** Undoes */
            undoes: string;
        };
        /**
         * UndoRequest
         * @description Undo or redo, and the revision it was asked at.
         */
        UndoRequest: {
            /** Base */
            base: number;
        };
        /**
         * Ungroup
         * @description Part a group: each of its lines stands on its own again, in their order.
         */
        Ungroup: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "ungroup";
            /** Group */
            group: string;
        };
        /**
         * Unit
         * @description The two units a load can be entered in.
         * @enum {string}
         */
        Unit: "kg" | "lb";
        /**
         * Unreadable
         * @description Why a line could not be read.
         *
         *     ``position`` counts characters from 0, ``expected`` says what should stand there, ``nearest`` is the closest line
         *     that can be read, or None where there is too little to go by.
         */
        Unreadable: {
            /** Position */
            position: number;
            /** Expected */
            expected: string;
            /** Nearest */
            nearest: string | null;
        };
        /**
         * UsualKit
         * @description A kit to start from: its name, what it is in a sentence, its equipment text in kilograms and in pounds.
         */
        UsualKit: {
            /** Id */
            id: string;
            /** Name */
            name: string;
            /** About */
            about: string;
            /** Kg */
            kg: string;
            /** Lb */
            lb: string;
        };
        /**
         * UsualKits
         * @description All usual kits, and single lines to pick: weighed things in kilograms and in pounds, things without weight.
         */
        UsualKits: {
            /** Kits */
            kits: components["schemas"]["UsualKit"][];
            /** Kg */
            kg: string[];
            /** Lb */
            lb: string[];
            /** Things */
            things: string[];
        };
        /**
         * Varied
         * @description ``targets`` set by set, empty where all are alike; ``loads`` likewise.
         */
        Varied: {
            /**
             * Targets
             * @default []
             */
            targets: (components["schemas"]["Reps"] | components["schemas"]["Most"] | components["schemas"]["Seconds"] | components["schemas"]["Distance"])[];
            /**
             * Loads
             * @default []
             */
            loads: (components["schemas"]["Load"] | components["schemas"]["BodyweightLoad"] | components["schemas"]["ShareOfMax"] | components["schemas"]["Coded"] | components["schemas"]["SameAsLastTime"] | components["schemas"]["OpenLoad"] | components["schemas"]["Together"])[];
        };
        /**
         * Verdict
         * @description What the trainer made of a proposal.
         * @enum {string}
         */
        Verdict: "accepted" | "changed" | "declined";
        /**
         * Waiting
         * @description A finished session with proposals nobody has decided on.
         */
        Waiting: {
            /**
             * Session Id
             * Format: SessionId
             */
            session_id: SessionId;
            /**
             * Client Id
             * Format: ClientId
             */
            client_id: ClientId;
            /** Client */
            client: string;
            /** Day */
            day: string;
            /**
             * On
             * Format: date
             */
            on: string;
            /** Undecided */
            undecided: number;
        };
        /**
         * WarningSigns
         * @description The signs that end a session, and what to do then.
         */
        WarningSigns: {
            /**
             * Signs
             * @default [
             *       "Pain, pressure or tightness in the chest, neck, jaw or arm",
             *       "Dizziness, light-headedness or fainting",
             *       "Breathlessness out of proportion to the effort",
             *       "A heartbeat that races, flutters or stumbles",
             *       "Sudden weakness, numbness, a crooked face or muddled speech",
             *       "A sudden severe headache",
             *       "Sharp or sudden joint or back pain, swelling, or a joint that gives way",
             *       "In pregnancy: bleeding, leaking fluid, contractions, or a painful swollen calf"
             *     ]
             */
            signs: string[];
            /**
             * What To Do
             * @default Stop the session. Sit or lay the client down, stay with them. If it does not pass at once, or you are in doubt, call the emergency number. Train again only when a clinician says so.
             */
            what_to_do: string;
        };
        /**
         * Way
         * @description Which way the change went.
         * @enum {string}
         */
        Way: "better" | "worse" | "same" | "other";
        /**
         * WayOut
         * @description One thing to do with a session that cannot be held: its edit, and its consequences in words.
         *
         *     ``clashes`` is how many muscles would be worked hard again too soon, ``lost`` the hard sets that are not done.
         */
        WayOut: {
            /** Label */
            label: string;
            edit: components["schemas"]["MoveSession"];
            /** Clashes */
            clashes: number;
            /** Lost */
            lost: number;
            /** Minutes */
            minutes: number;
            /** Consequences */
            consequences: string[];
        };
        /**
         * WeekKind
         * @description What a week does in its phase.
         * @enum {string}
         */
        WeekKind: "build" | "hold" | "ease off";
        /**
         * WeekRequest
         * @description A week to add; the id was made by the app.
         */
        WeekRequest: {
            /**
             * Week Id
             * Format: WeekId
             */
            week_id: WeekId;
        };
        /**
         * WeekView
         * @description One week of a phase: its number in the program, its Monday, whether it is this week.
         *
         *     ``pause`` is how many weeks without training lie before it, ``pause_reason`` why.
         */
        WeekView: {
            /**
             * Id
             * Format: WeekId
             */
            id: WeekId;
            /** Number */
            number: number;
            kind: components["schemas"]["WeekKind"];
            /**
             * Monday
             * Format: date
             */
            monday: string;
            /** Is Now */
            is_now: boolean;
            /** Variant */
            variant: string;
            /**
             * Place
             * Format: PlaceId
             */
            place: PlaceId;
            /** Pause */
            pause: number;
            /** Pause Reason */
            pause_reason: string;
        };
        /**
         * WeekVolume
         * @description One week's volume: muscles that get work, those that get none, patterns, push and pull, sides, and the band.
         *
         *     ``left`` and ``right`` are the sets a side is worked on its own; each side counts for both. ``planned`` and ``done``
         *     are all hard sets, ``heavy_planned`` and ``heavy_done`` those of one to three repetitions among them;
         *     ``contacts_planned`` and ``contacts_done`` count jumps and throws.
         */
        WeekVolume: {
            /** Muscles */
            muscles: components["schemas"]["MuscleWeek"][];
            /** Without */
            without: components["schemas"]["Muscle"][];
            /** Push */
            push: number;
            /** Pull */
            pull: number;
            band: components["schemas"]["Band"];
            /** Patterns */
            patterns: components["schemas"]["PatternWeek"][];
            /** Left */
            left: number;
            /** Right */
            right: number;
            /** Planned */
            planned: number;
            /** Done */
            done: number;
            /**
             * Heavy Planned
             * @default 0
             */
            heavy_planned: number;
            /**
             * Heavy Done
             * @default 0
             */
            heavy_done: number;
            /**
             * Contacts Planned
             * @default 0
             */
            contacts_planned: number;
            /**
             * Contacts Done
             * @default 0
             */
            contacts_done: number;
        };
        /**
         * Weighed
         * @description A body weight of a day.
         */
        Weighed: {
            /**
             * On
             * Format: date
             */
            on: string;
            load: components["schemas"]["Load"];
            /** Source */
            source: string;
        };
        /**
         * WithdrawalRequest
         * @description Since when a consent holds no more.
         */
        WithdrawalRequest: {
            /**
             * On
             * Format: date
             */
            on: string;
        };
        /**
         * PassphraseRequest
         * @description A passphrase; it is used and not kept.
         */
        upright_anvil__api__backups__routes__PassphraseRequest: {
            /** Passphrase */
            passphrase: string;
        };
        /**
         * PassphraseRequest
         * @description A name and a passphrase: to sign in, or to be the first who does.
         */
        upright_anvil__api__people__requests__PassphraseRequest: {
            /** Name */
            name: string;
            /** Passphrase */
            passphrase: string;
        };
        /**
         * DifferenceProblem
         * @description What differs between the revision a save started from and the one that holds.
         */
        DifferenceProblem: {
            /** Where */
            where: string;
            /** Before */
            before: string;
            /** After */
            after: string;
        };
        /**
         * FieldProblem
         * @description A field that was not right: what was expected, and what came.
         */
        FieldProblem: {
            /** Field */
            field: string;
            /** Expected */
            expected: string;
            /** Came */
            came: string;
        };
        /**
         * ProblemDocument
         * @description What went wrong. ``detail`` is the sentence; the members below it belong to some kinds of problems.
         *
         *     ``fields`` are those of a request that was not right; ``base``, ``current`` and ``differences`` a save that came too
         *     late; ``seen`` and ``now`` a cell that was changed meanwhile; ``doubt`` asks whether a figure is right;
         *     ``position``, ``expected`` and ``nearest`` are of a line that cannot be read.
         */
        ProblemDocument: {
            /** Type */
            type: string;
            /** Title */
            title: string;
            /** Status */
            status: number;
            /** Detail */
            detail: string;
            /**
             * Fields
             * @default []
             */
            fields: components["schemas"]["FieldProblem"][];
            /**
             * Base
             * @default null
             */
            base: number | null;
            /**
             * Current
             * @default null
             */
            current: number | null;
            /**
             * Differences
             * @default []
             */
            differences: components["schemas"]["DifferenceProblem"][];
            /**
             * Seen
             * @default null
             */
            seen: string | null;
            /**
             * Now
             * @default null
             */
            now: string | null;
            /**
             * Doubt
             * @default false
             */
            doubt: boolean;
            /**
             * Position
             * @default null
             */
            position: number | null;
            /**
             * Expected
             * @default null
             */
            expected: string | null;
            /**
             * Nearest
             * @default null
             */
            nearest: string | null;
        };
    };
    responses: never;
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
    start_session: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StartRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acknowledged"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    log_afterwards: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AfterwardsRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acknowledged"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    log_set: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SetRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acknowledged"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_note: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NoteRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acknowledged"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    make_change: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChangeRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acknowledged"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    undo_change: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["UndoChangeRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acknowledged"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    say_effort: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["EffortRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acknowledged"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    finish_session: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FinishRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acknowledged"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    news: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": unknown;
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    session_summary: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SessionSummary"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    review_session: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReviewView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    decide: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DecisionsRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReviewView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    try_decisions: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DecisionsRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_next_week: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["WeekRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReviewView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    make_easier: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReviewView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    open_session: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
                week_id: WeekId;
                day_id: DayId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FloorView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    preview_change: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
                week_id: WeekId;
                day_id: DayId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ReadinessRequest"] | components["schemas"]["TimeRequest"] | components["schemas"]["OtherPlaceRequest"] | components["schemas"]["SwapRequest"] | components["schemas"]["LoadChangeRequest"] | components["schemas"]["DropRequest"] | components["schemas"]["AddRequest"] | components["schemas"]["MoveRequest"] | components["schemas"]["MoreRoundRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Preview"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    session_clocks: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
                week_id: WeekId;
                day_id: DayId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Clock"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    instead: {
        parameters: {
            query?: {
                pain?: components["schemas"]["Joint"] | null;
                side?: components["schemas"]["Side"] | null;
            };
            header?: never;
            path: {
                program_id: ProgramId;
                week_id: WeekId;
                day_id: DayId;
                line_id: LineId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Instead"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    on_the_bar: {
        parameters: {
            query: {
                load: number | string;
                unit: components["schemas"]["Unit"];
            };
            header?: never;
            path: {
                program_id: ProgramId;
                week_id: WeekId;
                day_id: DayId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BarPicture"] | null;
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    open_settings: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Settings"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    keep_settings: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SettingsRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Settings"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    measure: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                session_id: SessionId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MeasureRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acknowledged"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    open_board: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BoardView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    history: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RevisionHead"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    save_edits: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["EditsRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BoardChange"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    read_pasted: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PastedRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PastedView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    bring_in_pasted: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BringInRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BoardView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    undo: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["UndoRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BoardView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    redo: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["UndoRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BoardView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    read_line: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ReadingRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReadCell"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    replace_all: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ReplaceRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BoardView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    try_replace: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ReplaceRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReplaceTrial"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    look_ahead: {
        parameters: {
            query?: {
                day?: DayId;
            };
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AheadView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    findings_of: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
                phase_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FindingsView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    try_edits: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TrialRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    hints: {
        parameters: {
            query: {
                exercise: ExerciseId;
                line?: LineId;
                week?: WeekId;
            };
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Hints"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    fill: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PathRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BoardView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    try_fill: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PathRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    fit_session: {
        parameters: {
            query: {
                minutes: number;
                all_weeks?: boolean;
                without?: components["schemas"]["TimeLever"][];
            };
            header?: never;
            path: {
                program_id: ProgramId;
                week_id: WeekId;
                day_id: DayId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Fit"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    calendar_of: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CalendarView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    ways_out: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
                week_id: WeekId;
                day_id: DayId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WayOut"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_template_phase: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SourcePhaseRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Started"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    try_template_phase: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SourceRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_template_day: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SourceDayRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Started"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    try_template_day: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SourceDayRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    end_program: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["EndRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ProgramsView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    outcome_of: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OutcomeView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    compare_revisions: {
        parameters: {
            query: {
                before: number;
                after: number;
            };
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Comparison"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    as_it_was: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
                number: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BoardView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    restore: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RestoreRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BoardView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    open_today: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TodayView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    list_clients: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ClientEntry"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_client: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ClientRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ClientView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    client_file: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ClientView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    change_client: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ClientChangeRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ClientView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    erase_client: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["EraseRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErasedClient"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    set_places: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlacesRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlaceView"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    note_exercise: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
                exercise_id: ExerciseId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ExerciseNoteRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acknowledged"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    start_program: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ProgramRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BoardView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    client_progress: {
        parameters: {
            query?: {
                exercise?: ExerciseId | null;
            };
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ProgressView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    client_overview: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OverviewView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    client_energy: {
        parameters: {
            query?: {
                aim?: components["schemas"]["EnergyAim"];
            };
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["EnergyView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_consent: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ConsentRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ConsentView"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    withdraw_consent: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
                consent_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["WithdrawalRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ConsentView"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    retention_list: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Retention"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    change_retention: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RetentionRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Retention"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    read_table_file: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TableFileRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TableText"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    read_pasted_clients: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PastedClientsRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PastedClientsView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    bring_in_clients: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PastedClientsRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BroughtIn"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    read_pasted_sessions: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PastedSessionsRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PastSessionsView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    bring_in_sessions: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BringInSessionsRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BroughtIn"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    take_back: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                batch: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BroughtIn"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    templates: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TemplateView"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    programs_of: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ProgramsView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    look_at_source: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SourceRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TakenOver"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    start_from_template: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FromSourceRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Started"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    carry_on: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CarryOnRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BoardView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    draft: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DraftRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DraftStep"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    start_from_draft: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DraftRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Started"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    keep_template: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OwnTemplateRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acknowledged"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    remove_template: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                template_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RemovedRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acknowledged"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    program_file: {
        parameters: {
            query?: {
                kind?: components["schemas"]["ProgramFormat"];
                phase?: string;
            };
            header?: never;
            path: {
                program_id: ProgramId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    client_log: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    client_calendar: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    look_at_file: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ProgramFileRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TakenOver"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    start_from_file: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ProgramFileRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Started"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    client_archive: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    look_at_archive: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/zip": string;
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ArchiveLook"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    bring_in_archive: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/zip": string;
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ArchiveStep"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    library_file: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    bring_in_library: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LibraryFileRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LibraryLook"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    look_at_library: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LibraryFileRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LibraryLook"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    calendar_feed: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CalendarFeed"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    new_calendar_feed: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CalendarFeed"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    end_calendar_feed: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CalendarFeed"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    fed_calendar: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                key: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    home: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HomeView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    make_home_sheet: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SheetRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MadeSheet"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    home_sheet: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                sheet_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HomeSheet"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    home_sheet_file: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                sheet_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    home_sheet_paper: {
        parameters: {
            query?: {
                size?: components["schemas"]["PaperSize"];
                large?: boolean;
                blank?: boolean;
            };
            header?: never;
            path: {
                sheet_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    give_code: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                sheet_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SendCode"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    look_at_result: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["HomeResultRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HomeResultView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    take_result: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["HomeResultRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HomeResultView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    home_result: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                result_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HomeResultView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    take_kept_result: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                result_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HomeResultView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    set_result_aside: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                result_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    had_a_word: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                result_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    send_result: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    client_report: {
        parameters: {
            query: {
                start: string;
                until: string;
            };
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReportView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    write_report: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ReportRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    list_places: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlaceView"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_place: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlaceRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlaceView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    change_place: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                place_id: PlaceId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlaceRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlaceView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    list_usual_kits: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["UsualKits"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    read_equipment: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["EquipmentRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["EquipmentView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    warning_signs: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WarningSigns"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_entry: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["EntryRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HealthView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    restore_entry: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
                entry_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HealthView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    withdraw_entry: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
                entry_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HealthView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_screen: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ScreenRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HealthView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_clearance: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ClearanceRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HealthView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_cycle_report: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CycleReportRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HealthView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    find_exercises: {
        parameters: {
            query?: {
                q?: string;
                client?: ClientId | null;
                place?: PlaceId | null;
                limit?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Found"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_exercise: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ExerciseRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Exercise"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_exercise_like: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ExerciseLikeRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Exercise"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    exercise_page: {
        parameters: {
            query?: {
                client?: ClientId | null;
            };
            header?: never;
            path: {
                exercise_id: ExerciseId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ExerciseView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    change_exercise: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                exercise_id: ExerciseId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ExerciseRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Exercise"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    remove_exercise: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                exercise_id: ExerciseId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    keep_picture: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                exercise_id: ExerciseId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PictureRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PictureMark"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    drop_picture: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                exercise_id: ExerciseId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    picture: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                exercise_id: ExerciseId;
                mark: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/webp": string;
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    exercise_substitutes: {
        parameters: {
            query?: {
                client?: ClientId | null;
                place?: PlaceId | null;
                reps?: number;
            };
            header?: never;
            path: {
                exercise_id: ExerciseId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Substitute"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    ladders: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Ladder"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    policies: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PolicyHead"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    battery_shelf: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatteryShelf"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_battery: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BatteryRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Battery"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    change_battery: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                battery_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BatteryRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Battery"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    remove_battery: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                battery_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_test: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TestRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TestItem"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    start_round: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
                round_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RoundRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RoundView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    open_round: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                round_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RoundView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    finish_round: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                round_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RoundView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    keep_result: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ResultRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KeptResult"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    side_by_side: {
        parameters: {
            query?: {
                earlier?: string | null;
                later?: string | null;
            };
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SideBySide"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    scale: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ScaleReading"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    interface_sentences: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    health: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Health"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    backups: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BackupsView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    back_up: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BackupStep"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    choose_passphrase: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["upright_anvil__api__backups__routes__PassphraseRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BackupsView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    change_schedule: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ScheduleRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BackupsView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    check_a_backup: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                name: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["upright_anvil__api__backups__routes__PassphraseRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BackupStep"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    restore_from_backup: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                name: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RestoreBackupRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BackupStep"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    sign_in_state: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignInState"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
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
                "application/json": components["schemas"]["upright_anvil__api__people__requests__PassphraseRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignInState"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    sign_in_by_pin: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PinRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignInState"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    sign_in_by_code: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CodeRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignInState"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    begin_sign_in: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["upright_anvil__api__people__requests__PassphraseRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FirstSignIn"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    passkey_question: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": unknown;
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    sign_in_by_passkey: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PasskeyRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignInState"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    lock_browser: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignInState"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
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
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignInState"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    list_people: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PersonView"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    add_person: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewPersonRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Invitation"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    change_person: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                person_id: PersonId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PersonChangeRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PersonView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    invite_again: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                person_id: PersonId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Invitation"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    change_passphrase: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewPassphraseRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignInView"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    choose_pin: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewPinRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    make_codes: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Codes"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    new_passkey_question: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": unknown;
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    keep_passkey: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PasskeyRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    drop_passkeys: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    list_devices: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DeviceView"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    enrol_device: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["EnrolRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DeviceView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    revoke_device: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                device_id: DeviceId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    list_sign_ins: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SignInView"][];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    end_sign_in: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                sign_in_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    open_access_rules: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AccessRules"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    change_access_rules: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AccessRulesRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AccessRules"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    hand_over_client: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LeadRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Leading"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    cover_client: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CoverRequest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Leading"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Timeout */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    client_audit: {
        parameters: {
            query?: {
                before?: number | null;
            };
            header?: never;
            path: {
                client_id: ClientId;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AuditView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
    studio_audit: {
        parameters: {
            query?: {
                before?: number | null;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AuditView"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Forbidden */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Misdirected Request */
            421: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Too Many Requests */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["ProblemDocument"];
                };
            };
        };
    };
}
