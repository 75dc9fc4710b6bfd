package brandeon.core.show;

import static brandeon.core.show.Shows.require;

import brandeon.core.art.ClockFace;
import brandeon.core.motion.Run;
import brandeon.core.theme.Piece;
import java.util.Locale;
import java.util.Optional;

/** Starts, stops and sets clocks. */
public sealed interface ClockCue extends Cue {

    long MINUTE = 60_000;

    /** The most that a clock shows. */
    long LONGEST = 5_999 * MINUTE;

    /** Starts a clock, or lets it go on after a pause. One that has reached zero begins anew. */
    record StartClock(String piece) implements ClockCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Dial dial = Dial.of(stand, piece);
            Run run = dial.clock().run();
            boolean over = dial.atZero(stand.at());
            require(run.state() != Run.State.RUNNING || over, dial.name() + " runs already.");
            if (!dial.clock().toward().isEmpty()) {
                return new AimClock(piece, dial.clock().toward(), dial.clock().zone()).applied(stand);
            }
            long shown = over ? dial.whole() : dial.shown(stand.at());
            Run next = Run.running(dial.down() ? stand.at() + shown : stand.at() - shown, dial.room(shown));
            return dial.set(stand, next, run.state() == Run.State.PAUSED ? "goes on at " + written(shown) : "started");
        }
    }

    record PauseClock(String piece) implements ClockCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Dial dial = Dial.of(stand, piece);
            require(dial.clock().run().state() == Run.State.RUNNING, dial.name() + " does not run.");
            require(!dial.atZero(stand.at()), dial.name() + " is at zero already.");
            dial.requireNoAim();
            long shown = dial.shown(stand.at());
            return dial.set(
                    stand,
                    new Run(Run.State.PAUSED, shown, dial.clock().run().length()),
                    "paused at " + written(shown));
        }
    }

    /** Lengthens what a clock shows; at zero it runs again. @param seconds less than 0 to shorten it */
    record AddTime(String piece, long seconds) implements ClockCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Dial dial = Dial.of(stand, piece);
            require(
                    seconds != 0 && Math.abs(seconds) <= LONGEST / 1000,
                    "A clock changes by 1 second to 5,999 minutes.");
            dial.requireNoAim();
            Run run = dial.clock().run();
            require(
                    run.state() != Run.State.STANDING || dial.down(),
                    dial.name() + " counts up from nothing; start it first.");
            long shown = dial.shown(stand.at()) + seconds * 1000;
            require(shown > 0 || (shown == 0 && !dial.down()), "That is more than " + dial.name() + " has left.");
            require(shown <= LONGEST, "A clock shows at most 5,999 minutes.");
            Run next = run.state() == Run.State.RUNNING
                    ? Run.running(dial.down() ? stand.at() + shown : stand.at() - shown, dial.room(shown))
                    : new Run(run.state(), shown, dial.room(shown));
            String by = written(Math.abs(seconds) * 1000) + (seconds > 0 ? " more" : " less");
            return dial.set(stand, next, by);
        }
    }

    /** Lets a clock show this much time; it runs on, or stands still, as it did. @param seconds that it shows */
    record SetClock(String piece, long seconds) implements ClockCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Dial dial = Dial.of(stand, piece);
            long shown = seconds * 1000;
            require(
                    seconds >= (dial.down() ? 1 : 0) && seconds <= LONGEST / 1000,
                    dial.name() + " shows " + (dial.down() ? "1 second" : "nothing") + " to 5,999 minutes.");
            Run run = dial.clock().run();
            boolean runs = run.state() == Run.State.RUNNING && !dial.atZero(stand.at());
            Run next = runs
                    ? Run.running(dial.down() ? stand.at() + shown : stand.at() - shown, dial.down() ? shown : 0)
                    : new Run(dial.down() ? Run.State.STANDING : Run.State.PAUSED, shown, dial.down() ? shown : 0);
            return dial.set(stand, next, "set to " + written(shown));
        }
    }

    /**
     * Lets a clock count down to a time of day.
     *
     * @param time as {@code 20:00}
     * @param zone IANA name
     */
    record AimClock(String piece, String time, String zone) implements ClockCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Dial dial = Dial.of(stand, piece);
            require(dial.down(), dial.name() + " counts up and has no end.");
            long until = TimeOfDay.of(time, zone).next(stand.at());
            return stand.done(
                    dial.piece(),
                    Slot.CLOCK,
                    dial.clock().running(Run.running(until, until - stand.at()), time, zone),
                    "counts down to " + time);
        }
    }

    /** Which sequence starts when a clock reaches zero. @param sequence its id; empty for none */
    record AtZero(String piece, String sequence) implements ClockCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Dial dial = Dial.of(stand, piece);
            require(dial.down(), dial.name() + " counts up and has no zero.");
            require(
                    sequence.isEmpty() || stand.show().sequence(sequence).isPresent(),
                    "There is no such sequence in this show.");
            Held.HeldClock now = dial.clock();
            require(!now.then().equals(sequence), "That is so already.");
            String what = stand.show().sequence(sequence).map(Sequence::name).orElse("its words alone");
            return stand.done(
                    dial.piece(),
                    Slot.CLOCK,
                    new Held.HeldClock(
                            now.run(),
                            now.toward(),
                            now.zone(),
                            sequence,
                            dial.atZero(stand.at()) ? now.run().millis() : now.rung()),
                    "at zero " + what);
        }
    }

    /** A clock has reached zero: what it starts is started, once. */
    record ReachZero(String piece) implements ClockCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Piece own = stand.piece(piece);
            Held.HeldClock now = stand.held(own, Slot.CLOCK, Held.HeldClock.class, "clock");
            require(
                    now.rings().isPresent() && now.rings().getAsLong() <= stand.at(),
                    own.name() + " starts nothing now.");
            Held.HeldClock rung = new Held.HeldClock(
                    now.run(), now.toward(), now.zone(), now.then(), now.run().millis());
            Show next = stand.with(own, Slot.CLOCK, rung);
            Cued started = Shows.apply(next, stand.starting(), new SequenceCue.StartSequence(now.then()), stand.at());
            return switch (started) {
                case Cued.Applied(Show show, Cue back, String sentence) ->
                    new Cued.Applied(show, back, own.name() + " is at zero; " + sentence);
                case Cued.Refused(String reason) ->
                    new Cued.Applied(next, stand.back(own, Slot.CLOCK), own.name() + " is at zero; " + reason);
            };
        }
    }

    /** Back to how it stands in its theme. */
    record SetClockBack(String piece) implements ClockCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Dial dial = Dial.of(stand, piece);
            require(stand.held(dial.piece(), Slot.CLOCK), dial.name() + " stands as in its theme.");
            return new Cued.Applied(
                    stand.without(dial.piece(), Slot.CLOCK),
                    stand.back(dial.piece(), Slot.CLOCK),
                    dial.name() + ": set back");
        }
    }

    /** A length of time as clocks show it: a started second counts as whole. */
    static String written(long millis) {
        long seconds = (millis + 999) / 1000;
        long minutes = seconds / 60;
        return minutes < 24 * 60
                ? String.format(Locale.ROOT, "%02d:%02d", minutes, seconds % 60)
                : String.format(Locale.ROOT, "%d:%02d:%02d", minutes / 60, minutes % 60, seconds % 60);
    }

    /** A clock as it stands when a cue comes. */
    record Dial(Piece piece, Held.HeldClock clock) {

        static Dial of(Stand stand, String id) {
            Piece piece = stand.piece(id);
            return new Dial(piece, stand.held(piece, Slot.CLOCK, Held.HeldClock.class, "clock to start"));
        }

        String name() {
            return piece.name();
        }

        boolean down() {
            return Starting.counts(piece).equals(Optional.of(ClockFace.Mode.DOWN));
        }

        /** All that it counts down from. */
        long whole() {
            long own = clock.run().state() == Run.State.STANDING ? clock.run().millis() : 0;
            return own > 0 ? own : Starting.length(piece);
        }

        /** Milliseconds that it shows. */
        long shown(long at) {
            Run run = clock.run();
            return switch (run.state()) {
                case STANDING -> whole();
                case PAUSED -> run.millis();
                case RUNNING -> Math.max(0, down() ? run.millis() - at : at - run.millis());
            };
        }

        boolean atZero(long at) {
            return down()
                    && clock.run().state() == Run.State.RUNNING
                    && at >= clock.run().millis();
        }

        /** There is room for what it shows, and for what it had room for. */
        long room(long shown) {
            return down() ? Math.max(shown, Math.max(whole(), clock.run().length())) : 0;
        }

        void requireNoAim() {
            require(
                    clock.toward().isEmpty(),
                    name() + " counts down to " + clock.toward() + "; set another time of day, or set it back.");
        }

        Cued.Applied set(Stand stand, Run next, String sentence) {
            return stand.done(piece, Slot.CLOCK, clock.running(next, "", ""), sentence);
        }
    }
}
