package brandeon.core.art;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import java.util.List;

/** What a family is asked to draw: one piece, with everything it shows already decided. Boxes are whole canvas pixels. */
public sealed interface Ask {

    /** The canvas, for full-canvas art and for units. */
    Canvas canvas();

    /** Where the piece lies. */
    Box box();

    /** What was set for this piece. */
    Tune tune();

    /**
     * A frame around a capture.
     *
     * @param aspect width by height of the opening; 0 fills the box
     * @param name   on the plate under the opening; empty for a frame without a plate
     */
    record Frame(Canvas canvas, Box box, Tune tune, double aspect, String name) implements Ask {
    }

    /** The ground behind openings: quiet, without text. */
    record Backdrop(Canvas canvas, Box box, Tune tune, boolean moving) implements Ask {
    }

    /** A full-canvas screen with a title. */
    record Screen(Canvas canvas, Box box, Tune tune, String title, String line, boolean moving) implements Ask {
    }

    /** A heads-up band along an edge. */
    record Band(Canvas canvas, Box box, Tune tune, String label, String message) implements Ask {
    }

    /** One live fact with its label. */
    record FactLine(Canvas canvas, Box box, Tune tune, String label, String value) implements Ask {
    }

    /** How far a row of a list is. */
    enum State { OPEN, NOW, DONE }

    /** One row of a list; the value may be empty. */
    record Row(String label, String value, State state) {
    }

    /**
     * Facts under or beside one another.
     *
     * @param title  above them; empty for none
     * @param inARow beside one another instead of stacked
     * @param marked whether rows show how far they are
     */
    record Rows(Canvas canvas, Box box, Tune tune, String title, List<Row> rows, boolean inARow, boolean marked) implements Ask {
        public Rows {
            rows = List.copyOf(rows);
        }
    }

    /**
     * A bar towards a target.
     *
     * @param share 0 to 1 of the target
     */
    record Goal(Canvas canvas, Box box, Tune tune, String label, String figure, double share) implements Ask {
    }

    /** Two sides and their figures. */
    record Score(Canvas canvas, Box box, Tune tune, String left, String leftFigure, String right, String rightFigure) implements Ask {
    }

    /** A name and what belongs to it; the plates are as long as their words. */
    record LowerThird(Canvas canvas, Box box, Tune tune, String name, String line) implements Ask {
    }

    /**
     * Entries that take turns.
     *
     * @param seconds each is shown
     */
    record Rotator(Canvas canvas, Box box, Tune tune, List<Row> entries, double seconds, boolean moving) implements Ask {
        public Rotator {
            entries = List.copyOf(entries);
        }
    }

    /**
     * A line of words that runs through, when it is longer than its room.
     *
     * @param speed in units a second
     */
    record Ticker(Canvas canvas, Box box, Tune tune, String text, double speed, boolean moving) implements Ask {
    }

    /** Which ornament. */
    enum Shape { LINE, CORNERS, PULSE }

    record Ornament(Canvas canvas, Box box, Tune tune, Shape shape, boolean moving) implements Ask {
    }

    /** A clock that counts down. */
    record Countdown(Canvas canvas, Box box, Tune tune, String title, String ended, Mark.ClockFace clock) implements Ask {
    }

    /**
     * A picture on its own: only the shape that it is kept in.
     *
     * @param whole whether its corners are kept, as a frame's must be
     */
    record Picture(Canvas canvas, Box box, Tune tune, boolean whole) implements Ask {
    }

    /**
     * An alert, from its entrance to its exit.
     *
     * @param from  instant of its entrance, epoch milliseconds
     * @param until instant when it is gone
     */
    record Alert(Canvas canvas, Box box, Tune tune, String kicker, String text, long from, long until) implements Ask {
    }
}
