package brandeon.core.art;

import brandeon.core.canvas.Box;
import brandeon.core.colour.Colour;
import brandeon.core.motion.Particles;
import brandeon.core.motion.Pose;
import brandeon.core.text.Face;
import brandeon.core.text.Measure;
import java.util.ArrayList;
import java.util.List;

/** One thing to paint. Lists of marks are painted first to last. All lengths are canvas pixels. */
public sealed interface Mark {

    /** A filled area, even-odd. */
    record Filled(Outline outline, Paint paint) implements Mark {}

    /** A line along a path, with round ends and joins. */
    record Stroked(Outline outline, Paint paint, double width) implements Mark {}

    /** Where a text's x lies. */
    enum Anchor {
        START,
        MIDDLE,
        END
    }

    /**
     * One line of text.
     *
     * @param y     the baseline
     * @param clamp width that the painter must not pass; 0 where the measured width is exact
     */
    record Text(String text, Face face, double px, double x, double y, Anchor anchor, Colour colour, double clamp)
            implements Mark {

        /** The box of the text: its advance width, from the tops of capitals to the descent. */
        public Box box() {
            double width = clamp > 0 ? Math.min(clamp, Measure.width(face, px, text)) : Measure.width(face, px, text);
            double left = switch (anchor) {
                case START -> x;
                case MIDDLE -> x - width / 2;
                case END -> x - width;
            };
            double caps = Measure.capHeight(face, px);
            return new Box(left, y - caps, width, caps + Measure.descent(face, px));
        }
    }

    /**
     * A running clock: one cell for each character, so that digits never jump. The painter fills the cells each
     * second, and paints {@code ended} instead when the time is over.
     *
     * @param cells   centre of each character, left to right, in pixels
     * @param clock   what it counts
     * @param showing what the cells show when nobody ticks them (pictures)
     */
    record Digits(
            ClockFace clock,
            Face face,
            double px,
            List<Double> cells,
            double y,
            Colour colour,
            String showing,
            List<Mark> ended)
            implements Mark {

        /** What it shows at an instant, in epoch milliseconds. */
        public List<Mark> shown(long now) {
            if (clock.over(now)) {
                return ended;
            }
            String text = clock.running() ? clock.at(now) : showing;
            List<Mark> shown = new ArrayList<>();
            for (int i = 0; i < Math.min(text.length(), cells.size()); i++) {
                shown.add(new Text(text.substring(i, i + 1), face, px, cells.get(i), y, Anchor.MIDDLE, colour, 0));
            }
            return shown;
        }
    }

    /**
     * Marks that show only until a clock is over, for a piece that then hides as a whole.
     */
    record Until(ClockFace clock, List<Mark> marks) implements Mark {

        public Until {
            marks = List.copyOf(marks);
        }

        /** What shows at an instant, in epoch milliseconds. */
        public List<Mark> shown(long now) {
            return clock.over(now) ? List.of() : marks;
        }
    }

    /**
     * Marks that are painted together, named so that tracks can move them.
     *
     * @param part    name within the piece; empty when nothing moves it
     * @param opacity of the group as a whole
     * @param clip    area that is kept; empty list of steps keeps all
     */
    record Group(String part, double opacity, Outline clip, List<Mark> marks) implements Mark {

        public Group {
            marks = List.copyOf(marks);
        }

        public boolean clipped() {
            return !clip.steps().isEmpty();
        }
    }

    /**
     * A ready-made picture in the brand's colours, stretched over a box.
     *
     * @param name   where it is found: {@code /painted/} and this
     * @param filter CSS filter functions that colour a moving picture as it plays; empty when its pixels are coloured
     */
    record Picture(String name, Box box, String filter) implements Mark {}

    /**
     * Where a picture may be laid into a piece: over what is painted before it in the same list, under what comes
     * after it. Paints nothing by itself.
     *
     * @param shape what the picture is clipped to
     */
    record Bed(Outline shape) implements Mark {}

    /**
     * A ground with something blended into it, as one: what lies behind the ground takes no part in the blending.
     *
     * @param shape    what is laid over is kept inside it
     * @param strength of what is laid over, 0 to 1
     */
    record Blended(List<Mark> ground, Blend blend, double strength, Outline shape, List<Mark> over) implements Mark {

        public Blended {
            ground = List.copyOf(ground);
            over = List.copyOf(over);
        }
    }

    /** Marks at a moment of their movement. */
    record Moved(Pose pose, List<Mark> marks) implements Mark {

        public Moved {
            marks = List.copyOf(marks);
        }
    }

    /**
     * Marks out of focus.
     *
     * @param deviation of the Gaussian, in pixels
     */
    record Blurred(double deviation, List<Mark> marks) implements Mark {

        public Blurred {
            marks = List.copyOf(marks);
        }
    }

    /**
     * Marks and their shadow under them; without an offset and in a light colour it is a glow.
     *
     * @param dx        to the right, in pixels
     * @param dy        down, in pixels
     * @param deviation of the Gaussian, in pixels
     */
    record Shadowed(double dx, double dy, double deviation, Colour colour, List<Mark> marks) implements Mark {

        public Shadowed {
            marks = List.copyOf(marks);
        }
    }

    /**
     * Particles inside a box, by the shared clock.
     *
     * @param grain   outline of one, about the origin, one pixel across
     * @param soft    whether one fades from its middle outward instead of being filled evenly
     * @param picture name of a ready-made picture that takes the place of the outline; empty for none
     * @param shadow  how far each throws a shadow, in pixels; 0 for none
     * @param moving  whether the painter runs them; else they stand as at instant 0
     */
    record Swarm(
            Box box,
            Particles particles,
            Outline grain,
            boolean soft,
            String picture,
            Colour colour,
            double shadow,
            boolean moving)
            implements Mark {}

    static Group group(String part, List<Mark> marks) {
        return new Group(part, 1, new Outline(List.of()), marks);
    }

    static Group faded(double opacity, List<Mark> marks) {
        return new Group("", opacity, new Outline(List.of()), marks);
    }

    static Group clipped(Outline clip, List<Mark> marks) {
        return new Group("", 1, clip, marks);
    }
}
