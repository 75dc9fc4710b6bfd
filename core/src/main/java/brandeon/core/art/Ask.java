package brandeon.core.art;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;

/** What a family is asked to draw: one piece, with everything it shows already decided. Boxes are whole canvas pixels. */
public sealed interface Ask {

    /** The canvas, for full-canvas art and for units. */
    Canvas canvas();

    /** Where the piece lies. */
    Box box();

    default double unit() {
        return canvas().unit();
    }

    /**
     * A frame around a capture.
     *
     * @param aspect width by height of the opening; 0 fills the box
     * @param name   on the plate under the opening; empty for a frame without a plate
     */
    record Frame(Canvas canvas, Box box, double aspect, String name) implements Ask {
    }

    /** The ground behind openings: quiet, without text. */
    record Backdrop(Canvas canvas, Box box, boolean moving) implements Ask {
    }

    /** A full-canvas screen with a title. */
    record Screen(Canvas canvas, Box box, String title, String line, boolean moving) implements Ask {
    }

    /** A heads-up band along an edge. */
    record Band(Canvas canvas, Box box, String label, String message) implements Ask {
    }

    /** One live fact with its label. */
    record FactLine(Canvas canvas, Box box, String label, String value) implements Ask {
    }

    /** A clock that counts down. */
    record Countdown(Canvas canvas, Box box, String title, String ended, Mark.ClockFace clock) implements Ask {
    }

    /** A picture on its own: only the shape that it is kept in. */
    record Picture(Canvas canvas, Box box) implements Ask {
    }

    /**
     * An alert, from its entrance to its exit.
     *
     * @param from  instant of its entrance, epoch milliseconds
     * @param until instant when it is gone
     */
    record Alert(Canvas canvas, Box box, String kicker, String text, long from, long until) implements Ask {
    }
}
