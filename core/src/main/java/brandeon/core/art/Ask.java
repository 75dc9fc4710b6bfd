package brandeon.core.art;

import brandeon.core.art.kind.AlertArt;
import brandeon.core.art.kind.BandArt;
import brandeon.core.art.kind.BreakArt;
import brandeon.core.art.kind.ChatArt;
import brandeon.core.art.kind.ClockArt;
import brandeon.core.art.kind.FrameArt;
import brandeon.core.art.kind.GoalArt;
import brandeon.core.art.kind.LineArt;
import brandeon.core.art.kind.LowerThirdArt;
import brandeon.core.art.kind.OrnamentArt;
import brandeon.core.art.kind.PanelArt;
import brandeon.core.art.kind.PlayingArt;
import brandeon.core.art.kind.RotatorArt;
import brandeon.core.art.kind.RowsArt;
import brandeon.core.art.kind.ScoreArt;
import brandeon.core.art.kind.ScreenArt;
import brandeon.core.art.kind.SwarmArt;
import brandeon.core.art.kind.TableArt;
import brandeon.core.art.kind.TickerArt;
import brandeon.core.art.kind.TransitionArt;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Role;
import brandeon.core.motion.Entrance;
import brandeon.core.motion.Run;
import brandeon.core.motion.Turns;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What a family is asked to draw: one piece, with everything it shows already decided. Boxes are whole canvas pixels.
 * Asks that are equal are drawn the same.
 */
public interface Ask {

    /** The canvas, for full-canvas art and for units. */
    Canvas canvas();

    /** Where the piece lies. */
    Box box();

    /** What was set for this piece. */
    Tune tune();

    /** What it is made of, the same for every family; plates, rings and the like are the family's. */
    PieceArt draw(Family family, Easel easel);

    /** What a frame's opening looks like; the family's own is a rectangle with its kind of corners. */
    enum FrameShape {
        FAMILY,
        CUT,
        ELLIPSE,
        HEXAGON,
        DOUBLE
    }

    /** Where a frame has its name. */
    enum NamePlate {
        UNDER,
        BESIDE,
        NONE
    }

    /**
     * A frame around a capture.
     *
     * @param aspect width by height of each opening; 0 fills the box
     * @param name   on the plate; empty for a frame without a plate
     * @param matted whether the corners around an opening that is no rectangle are filled, so that the capture needs
     *     no mask
     * @param flipped whether it stands upside down, its plate above
     * @param moving  whether light runs over its edge
     */
    record Frame(
            Canvas canvas,
            Box box,
            Tune tune,
            double aspect,
            String name,
            FrameShape shape,
            NamePlate plate,
            boolean matted,
            boolean flipped,
            boolean moving)
            implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return FrameArt.draw(family, easel, this);
        }
    }

    /** The ground behind openings: quiet, without text. */
    record Backdrop(Canvas canvas, Box box, Tune tune, boolean moving) implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            PieceArt art = family.backdrop(easel, box, moving);
            return new PieceArt(art.marks(), moving ? art.tracks() : List.of(), List.of());
        }
    }

    /** A full-canvas screen with a title. */
    record Screen(Canvas canvas, Box box, Tune tune, String title, String line, boolean moving) implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return ScreenArt.draw(family, easel, this);
        }
    }

    /**
     * What stands over everything while a break is on.
     *
     * @param label over the time that is left
     * @param over  over the time since it should have been over
     * @param clock counts down to when it should be over
     */
    record Break(Screen screen, String label, String over, ClockFace clock) implements Ask {
        @Override
        public Canvas canvas() {
            return screen.canvas();
        }

        @Override
        public Box box() {
            return screen.box();
        }

        @Override
        public Tune tune() {
            return screen.tune();
        }

        @Override
        public PieceArt draw(Family family, Easel easel) {
            return BreakArt.draw(family, easel, this);
        }
    }

    /** A heads-up band along an edge. */
    record Band(Canvas canvas, Box box, Tune tune, String label, String message) implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return BandArt.draw(family, easel, this);
        }
    }

    /** One live fact with its label. */
    record FactLine(Canvas canvas, Box box, Tune tune, String label, String value) implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return LineArt.draw(family, easel, this);
        }
    }

    /** How far a row of a list is. */
    enum State {
        OPEN,
        NOW,
        DONE
    }

    /** One row of a list; the value may be empty. */
    record Row(String label, String value, State state) {}

    /**
     * Facts under or beside one another.
     *
     * @param title  above them; empty for none
     * @param inARow beside one another instead of stacked
     * @param marked whether rows show how far they are
     */
    record Rows(Canvas canvas, Box box, Tune tune, String title, List<Row> rows, boolean inARow, boolean marked)
            implements Ask {
        public Rows {
            rows = List.copyOf(rows);
        }

        @Override
        public PieceArt draw(Family family, Easel easel) {
            return RowsArt.draw(family, easel, this);
        }
    }

    /** How the cells of a column are set. */
    enum Sort {
        WORDS,
        /** Under one another by their last digit. */
        FIGURES,
        PICTURE,
        COLOUR
    }

    /** @param title empty for none */
    record Column(String title, Sort sort) {}

    /** One cell: a text, a picture or a colour. */
    record Cell(String text, Optional<Still> picture, Optional<Colour> colour) {
        public static Cell of(String text) {
            return new Cell(text, Optional.empty(), Optional.empty());
        }
    }

    /** @param chosen whether it stands out */
    record Line(List<Cell> cells, boolean chosen) {
        public Line {
            cells = List.copyOf(cells);
        }
    }

    /**
     * Lines of cells under one another, page after page by the shared clock.
     *
     * @param title   above them; empty for none
     * @param page    most lines at once
     * @param seconds how long a page stands
     */
    record Table(
            Canvas canvas,
            Box box,
            Tune tune,
            String title,
            List<Column> columns,
            List<Line> lines,
            int page,
            double seconds,
            boolean moving)
            implements Ask {

        /** Most lines of all pages together, so that a picture stays small enough to be sent. */
        public static final int MOST = 240;

        public Table {
            columns = List.copyOf(columns);
            lines = List.copyOf(lines);
        }

        @Override
        public PieceArt draw(Family family, Easel easel) {
            return TableArt.draw(family, easel, this);
        }
    }

    /**
     * Lines of a chat, the newest at the bottom, the older the fainter; without a plate.
     *
     * @param until  when each of them goes, epoch milliseconds; 0 for those that stay
     * @param fading whether older lines fade
     */
    record Chat(Canvas canvas, Box box, Tune tune, List<Row> lines, List<Long> until, boolean fading) implements Ask {
        public Chat {
            lines = List.copyOf(lines);
            until = List.copyOf(until);
        }

        @Override
        public PieceArt draw(Family family, Easel easel) {
            return ChatArt.draw(family, easel, this);
        }
    }

    /**
     * A bar towards a target.
     *
     * @param share 0 to 1 of the target
     */
    record Goal(Canvas canvas, Box box, Tune tune, String label, String figure, double share) implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return GoalArt.draw(family, easel, this);
        }
    }

    /**
     * One of two sides.
     *
     * @param colour empty for the theme's own
     * @param rounds that it has won
     */
    record Side(String name, String figure, Optional<Colour> colour, int rounds) {}

    /** Two sides and their figures. */
    record Score(Canvas canvas, Box box, Tune tune, Side left, Side right) implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return ScoreArt.draw(family, easel, this);
        }
    }

    /**
     * A name and what belongs to it; the plates are as long as their words.
     *
     * @param moving whether they grow and shrink when the words change
     */
    record LowerThird(Canvas canvas, Box box, Tune tune, String name, String line, boolean moving) implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return LowerThirdArt.draw(family, easel, this);
        }
    }

    /** What is heard, with a bar that fills while it is. @param run counts up to its length; 0 where that is unknown */
    record Playing(Canvas canvas, Box box, Tune tune, String label, String value, Run run) implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return PlayingArt.draw(family, easel, this);
        }
    }

    /** One of several entries that take turns, and how long it stands. @param picture beside its words */
    record Entry(String label, String value, double seconds, Optional<Still> picture) {}

    /**
     * Entries that take turns.
     *
     * @param pause seconds between the last and the first, in which nothing stands there; 0 for none
     * @param run   how they go on: by the shared clock, ahead of it, or not at all
     */
    record Rotator(Canvas canvas, Box box, Tune tune, List<Entry> entries, double pause, boolean moving, Run run)
            implements Ask {
        public Rotator {
            entries = List.copyOf(entries);
        }

        /** When each of them stands there. */
        public Turns turns() {
            return Turns.of(entries.stream().map(Entry::seconds).toList(), pause);
        }

        /** By how much they are ahead of the shared clock, in milliseconds. */
        public long ahead() {
            return -run.instant();
        }

        /** Which one stands there at rest, or all the time while they take no turns; empty for none of them. */
        public OptionalInt standing() {
            return moving && run.state() == Run.State.PAUSED ? turns().standing(run.millis()) : OptionalInt.of(0);
        }

        /** Whether they take turns at all; else the first one stands there all the time. */
        public boolean turning() {
            return moving && run.state() != Run.State.PAUSED && (entries.size() > 1 || pause > 0);
        }

        @Override
        public PieceArt draw(Family family, Easel easel) {
            return RotatorArt.draw(family, easel, this);
        }
    }

    /**
     * A line of words that runs through, when it is longer than its room.
     *
     * @param speed in units a second
     * @param run   how it goes on: by the shared clock, ahead of it, or not at all
     */
    record Ticker(Canvas canvas, Box box, Tune tune, String text, double speed, boolean moving, Run run)
            implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return TickerArt.draw(family, easel, this);
        }
    }

    /** A bar that is filled to a share, 0 to 1, without words. */
    record Meter(Canvas canvas, Box box, Tune tune, double share) implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return PieceArt.still(family.meter(easel, box, share));
        }
    }

    /** Which ornament. */
    enum Shape {
        LINE,
        CORNERS,
        PULSE,
        DISC,
        RING,
        DIAMOND,
        BAR
    }

    record Ornament(Canvas canvas, Box box, Tune tune, Shape shape, boolean moving) implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return OrnamentArt.draw(family, easel, this);
        }
    }

    /** A clock with its title, and what stands there when its time is over; empty hides it. */
    record Clock(Canvas canvas, Box box, Tune tune, String title, String ended, ClockFace clock) implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return ClockArt.draw(family, easel, this);
        }
    }

    /**
     * A picture on its own: only the shape that it is kept in.
     *
     * @param whole whether its corners are kept, as a frame's must be
     */
    record Picture(Canvas canvas, Box box, Tune tune, boolean whole) implements Ask {

        /** In units, where the brand's corners are as round as they can be. */
        private static final double CORNER = 30;

        @Override
        public PieceArt draw(Family family, Easel easel) {
            return PieceArt.still(List.of(
                    new Mark.Bed(Outline.rounded(box, whole ? 0 : easel.look().corner() * easel.px(CORNER)))));
        }
    }

    /** A kind of weather to begin particles with. */
    enum Weather {
        REEDS,
        SPARKS,
        RAIN,
        FROST
    }

    /** What one particle looks like. */
    enum Grain {
        OF_THE_WEATHER,
        ROUND,
        GLOW,
        LEAF,
        STREAK,
        STAR
    }

    /**
     * How particles differ from their weather; 1 is as the weather has it.
     *
     * @param lean   degrees, clockwise, added to its direction
     * @param pile   height of what piles up; where the weather has no pile, 1 is none
     * @param shadow 0 for none
     * @param colour empty for the weather's own
     */
    record Wish(
            int seed,
            double count,
            double size,
            double speed,
            double lean,
            double drift,
            double opacity,
            double pile,
            double shadow,
            Grain grain,
            Optional<Role> colour) {}

    /**
     * Particles.
     *
     * @param picture name of a ready-made picture that each one shows; empty for none
     */
    record Swarm(Canvas canvas, Box box, Tune tune, Weather weather, Wish wish, String picture, boolean moving)
            implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return SwarmArt.draw(easel, this);
        }
    }

    /**
     * A clip between two scenes.
     *
     * @param word   shown while the canvas is covered; empty for none
     * @param millis its length
     * @param from   instant of its start, epoch milliseconds
     */
    record Transition(Canvas canvas, Box box, Tune tune, String word, double millis, long from) implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return TransitionArt.draw(family, easel, this);
        }
    }

    /** A picture for a channel page. */
    record Panel(Canvas canvas, Box box, Tune tune, String heading) implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return PanelArt.draw(family, easel, this);
        }
    }

    /**
     * A ready-made picture as it is painted.
     *
     * @param filter in CSS, with which it is painted; empty for none
     * @param aspect width by height
     */
    record Still(String name, String filter, double aspect) {}

    /** A small line and the large one below it. */
    record Said(String kicker, String text) {}

    /**
     * An alert, from its entrance to its exit.
     *
     * @param said    its words, from the whole ones to those with the shortest names; the first that fit are shown
     * @param picture in place of the family's emblem
     * @param comes   from where; empty as the family's things come
     * @param goes    likewise
     * @param from    instant of its entrance, epoch milliseconds
     * @param until   instant when it is gone
     */
    record Alert(
            Canvas canvas,
            Box box,
            Tune tune,
            List<Said> said,
            Optional<Still> picture,
            Optional<Entrance> comes,
            Optional<Entrance> goes,
            long from,
            long until)
            implements Ask {
        @Override
        public PieceArt draw(Family family, Easel easel) {
            return AlertArt.draw(family, easel, this);
        }
    }
}
