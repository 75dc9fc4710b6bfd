package brandeon.core.show;

import brandeon.core.kind.Content;
import brandeon.core.motion.Run;
import brandeon.core.problem.Mistake;
import brandeon.core.text.TextRow;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Locale;
import java.util.OptionalLong;

/**
 * One thing that a show says of a piece, in place of what the theme says. Everything that is particular to such a thing
 * stands in its record: where it is kept, whether pieces share it, and what it makes of a piece.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "held")
@JsonSubTypes({
    @Type(value = Held.HeldClock.class, name = "clock"),
    @Type(value = Held.HeldCount.class, name = "count"),
    @Type(value = Held.HeldCards.class, name = "cards"),
    @Type(value = Held.HeldPoints.class, name = "points"),
    @Type(value = Held.HeldWords.class, name = "words"),
    @Type(value = Held.HeldTint.class, name = "tint"),
    @Type(value = Held.HeldLines.class, name = "added"),
    @Type(value = Held.HeldSight.class, name = "sight")
})
public sealed interface Held {

    /** @throws Mistake with a sentence for the user when it cannot be */
    void require();

    /**
     * What it makes of a piece; the same where it does not fit, as after the piece became something else.
     *
     * @param slot under which it is kept
     */
    Spoken over(Spoken spoken, String slot);

    /** How much text it holds. */
    default int letters() {
        return 0;
    }

    /** As it is at an instant, epoch milliseconds. */
    default Held at(long now) {
        return this;
    }

    /** When it becomes something else by itself, epoch milliseconds. */
    default OptionalLong until() {
        return OptionalLong.empty();
    }

    /** Whether pieces that share what they show have it in common; else it is of one piece alone. */
    default boolean shared() {
        return true;
    }

    /**
     * A clock, see {@link Slot#CLOCK}.
     *
     * @param toward time of day that it counts down to, as {@code 20:00}; empty for a length of time
     * @param zone   IANA name of the time zone of that time; empty when there is none
     * @param then   id of the sequence that starts at zero; empty for none
     * @param rung   the instant of zero for which that was done already, epoch milliseconds; 0 for none
     */
    record HeldClock(Run run, String toward, String zone, String then, long rung) implements Held {

        static final HeldClock STANDING = new HeldClock(Run.STANDING, "", "", "", 0);

        HeldClock running(Run next, String time, String place) {
            return new HeldClock(next, time, place, then, rung);
        }

        /** When its sequence is to start, epoch milliseconds; of a clock that counts down. */
        OptionalLong rings() {
            boolean runs = run.state() == Run.State.RUNNING && run.length() > 0 && run.millis() != rung;
            return !then.isEmpty() && runs ? OptionalLong.of(run.millis()) : OptionalLong.empty();
        }

        @Override
        public void require() {
            if (run.millis() < 0 || run.length() < 0 || run.length() > ClockCue.LONGEST) {
                throw new Mistake("A clock shows at most 5,999 minutes.");
            }
            if (!toward.isEmpty()) {
                TimeOfDay.of(toward, zone);
            }
        }

        @Override
        public Spoken over(Spoken spoken, String slot) {
            return spoken.running(run);
        }
    }

    /**
     * A number that somebody counts, under the name of its field.
     *
     * @param step  by how much one press changes it
     * @param least it never goes under it
     */
    record HeldCount(double value, double step, double least, double most) implements Held {

        /** As numbers of themes may be, see {@link Content.Count}. */
        static final double FARTHEST = 1e12;

        static HeldCount of(double value) {
            return new HeldCount(value, 1, -FARTHEST, FARTHEST);
        }

        @Override
        public void require() {
            if (!(step > 0 && step <= FARTHEST)) {
                throw new Mistake("One step is more than nothing.");
            }
            if (!(least >= -FARTHEST && most <= FARTHEST && least <= most)) {
                throw new Mistake("The least is not more than the most, and both lie within a million millions.");
            }
            if (!(value >= least && value <= most)) {
                throw new Mistake(String.format(
                        Locale.ROOT,
                        "It lies between %s and %s, so it cannot be %s.",
                        written(least),
                        written(most),
                        written(value)));
            }
        }

        HeldCount with(double next) {
            return new HeldCount(Math.clamp(next, least, most), step, least, most);
        }

        static String written(double number) {
            return Content.Count.of(number).written();
        }

        @Override
        public Spoken over(Spoken spoken, String slot) {
            return spoken.content(slot) instanceof Content.Count theirs
                    ? spoken.saying(slot, new Content.Count("", value, theirs.style(), theirs.before(), theirs.after()))
                    : spoken;
        }
    }

    /**
     * Which of a piece's cards is up, under the name of the field with its further cards.
     *
     * @param own   cards of the show; empty for those of the theme
     * @param up    counted from 0; past the last one it is the last
     * @param shown whether the piece is seen at all
     * @param end   epoch milliseconds at which it goes by itself; 0 for never
     * @param ready the card that is prepared to come next, counted from 0; -1 for the one after
     */
    record HeldCards(List<TextRow> own, int up, boolean shown, long end, int ready) implements Held {

        static final HeldCards FIRST = new HeldCards(List.of(), 0, true, 0, -1);

        HeldCards up(int card, boolean seen) {
            return new HeldCards(own, card, seen, 0, ready);
        }

        HeldCards seenUntil(long instant) {
            return new HeldCards(own, up, shown, instant, ready);
        }

        HeldCards prepared(int card) {
            return new HeldCards(own, up, shown, end, card);
        }

        @Override
        public Held at(long now) {
            return end > 0 && end <= now ? up(up, false) : this;
        }

        @Override
        public OptionalLong until() {
            return end > 0 ? OptionalLong.of(end) : OptionalLong.empty();
        }

        public HeldCards {
            own = List.copyOf(own);
        }

        @Override
        public void require() {
            new Content.Rows(own, "").require();
            if (end < 0 || ready < -1 || ready > Content.MOST) {
                throw new Mistake("There is no such card to come.");
            }
            if (up < 0 || up > Content.MOST) {
                throw new Mistake("There is no card number " + (up + 1L) + ".");
            }
        }

        @Override
        public Spoken over(Spoken spoken, String slot) {
            return spoken.card(own, up).seen(shown);
        }

        @Override
        public int letters() {
            return own.stream()
                    .mapToInt(card -> card.label().length() + card.value().length())
                    .sum();
        }
    }

    /** What is to be gone through and how far that is, under the name of its field. */
    record HeldPoints(List<Content.Topic> points) implements Held {

        public HeldPoints {
            points = List.copyOf(points);
        }

        @Override
        public void require() {
            new Content.Points(points).require();
        }

        @Override
        public Spoken over(Spoken spoken, String slot) {
            return spoken.saying(slot, new Content.Points(points));
        }

        @Override
        public int letters() {
            return new Content.Points(points)
                    .patterns()
                    .mapToInt(String::length)
                    .sum();
        }
    }

    /** Words set by hand over a piece's own, under the name of their field. */
    record HeldWords(String pattern) implements Held {

        @Override
        public void require() {
            new Content.Words(pattern).require();
        }

        @Override
        public boolean shared() {
            return false;
        }

        @Override
        public Spoken over(Spoken spoken, String slot) {
            return spoken.saying(slot, new Content.Words(pattern));
        }

        @Override
        public int letters() {
            return pattern.length();
        }
    }

    /** A colour, under the name of its field. */
    record HeldTint(String colour) implements Held {

        @Override
        public void require() {
            new Content.Tint(colour).require();
        }

        @Override
        public Spoken over(Spoken spoken, String slot) {
            return spoken.saying(slot, new Content.Tint(colour));
        }
    }

    /**
     * Lines that were added to what a piece says, see {@link Slot#ADDED}.
     *
     * @param turn how what takes turns goes on: while it runs, it is as far as the shared clock counts from its
     *     beginning; while it is paused, it stands where it was
     */
    record HeldLines(List<AddedLine> lines, Run turn) implements Held {

        static final HeldLines NONE = new HeldLines(List.of(), Run.STANDING);
        private static final int MOST = 12;

        /** @param until when it goes by itself, epoch milliseconds; 0 for one that stays */
        public record AddedLine(String words, long until) {}

        public HeldLines {
            lines = List.copyOf(lines);
        }

        HeldLines with(List<AddedLine> next) {
            return new HeldLines(next, turn);
        }

        boolean held() {
            return turn.state() == Run.State.PAUSED;
        }

        /** How far it is, as {@link brandeon.core.motion.Turns} count. @param now epoch milliseconds */
        long position(long now) {
            return held() ? turn.millis() : now - turn.instant();
        }

        /** As far as a position; it goes on or stands there as before. */
        HeldLines at(long position, long now) {
            return new HeldLines(
                    lines, held() ? new Run(Run.State.PAUSED, position, 0) : Run.running(now - position, 0));
        }

        @Override
        public void require() {
            if (lines.size() > MOST) {
                throw new Mistake("At most " + MOST + " lines are added to one piece.");
            }
            lines.forEach(line -> new Content.Words(line.words()).require());
        }

        @Override
        public Held at(long now) {
            return with(lines.stream()
                    .filter(line -> line.until() == 0 || line.until() > now)
                    .toList());
        }

        @Override
        public OptionalLong until() {
            return lines.stream()
                    .mapToLong(AddedLine::until)
                    .filter(at -> at > 0)
                    .min();
        }

        @Override
        public Spoken over(Spoken spoken, String slot) {
            return spoken.adding(lines.stream().map(AddedLine::words).toList()).running(turn);
        }

        @Override
        public int letters() {
            return lines.stream().mapToInt(line -> line.words().length()).sum();
        }
    }

    /** Whether a piece is seen, set by hand, see {@link Slot#SIGHT}. */
    record HeldSight(boolean shown) implements Held {

        @Override
        public void require() {
            // Both are possible.
        }

        @Override
        public boolean shared() {
            return false;
        }

        @Override
        public Spoken over(Spoken spoken, String slot) {
            return spoken.seen(shown);
        }
    }
}
