package brandeon.core.theme;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The kinds of pieces, with the texts and figures that each one has. */
public enum PieceKind {
    BACKDROP("Backdrop", Zone.FULL, List.of(), List.of(Figure.MOVING, Figure.ORNAMENT)),
    SCREEN("Screen", Zone.FULL, List.of(line("title", "Title", "Starting soon"), line("line", "Line under it", "")), List.of(Figure.MOVING, Figure.SIZE, Figure.ALIGN, Figure.ORNAMENT)),
    FRAME("Capture frame", Zone.CAMERA, List.of(line("name", "Name plate", "")), List.of(new Figure("aspect", "Opening, width by height (0 fills)", 0, 5, 4.0 / 3, List.of()),
            new Figure("shape", "Opening", 0, 4, 0, List.of("as the family has it", "corners cut", "circle", "hexagon", "two openings")),
            new Figure("mat", "Outside of it", 0, 1, 1, List.of("see-through: the capture needs its mask", "filled")),
            new Figure("plate", "Name plate", 0, 2, 0, List.of("under it", "beside it", "none")),
            new Figure("flipped", "Stands", 0, 1, 0, List.of("upright", "upside down, plate above")),
            new Figure("moving", "Edge", 0, 1, 0, List.of("still", "light runs over it")),
            Figure.BORDER, Figure.CORNER, Figure.TURN, Figure.SIZE, Figure.ALIGN, Figure.ORNAMENT, Figure.GLOW, Figure.SHADE)),
    BAND("Heads-up band", Zone.BAND, List.of(line("label", "Label", "Live"), line("message", "Message", "")), Figure.WORDS),
    FACT_LINE("Fact line", Zone.STRIP, List.of(line("label", "Label", "Latest subscriber"), line("value", "Value", "{latestSubscriber}")), Figure.WORDS),
    SUPPORTERS("Supporter stack", Zone.COLUMN, List.of(line("title", "Title (may be empty)", ""), lines("rows", "Rows: label | value", """
            Latest subscriber | {latestSubscriber}
            Latest follower | {latestFollower}
            Latest raid | {latestRaider}
            Followers today | {followers}""")), Figure.with(Figure.ROWS, new Figure("inARow", "Arranged", 0, 1, 0, List.of("stacked", "in a row")))),
    SCHEDULE("Schedule", Zone.COLUMN, List.of(line("title", "Title", "This week"), yours("rows", "Rows: when | what", """
            Day and time | What you will do
            Day and time | What comes next""", true)), Figure.ROWS),
    POINTS("Talking points", Zone.COLUMN, List.of(line("title", "Title", "Tonight"), yours("rows", "Points; [x] done, [>] now", """
            [x] Your first point
            [>] Your second point
            Your third point""", true)), Figure.ROWS),
    QUEUE("Request queue", Zone.COLUMN, List.of(line("title", "Title", "Asked for"), yours("rows", "Rows: who | what", """
            Who asked | What they asked for""", true)), Figure.ROWS),
    GOAL("Goal bar", Zone.STRIP, List.of(line("label", "Label", "Subscribers"), line("value", "Value", "{subscribers}")), Figure.with(Figure.WORDS, new Figure("target", "Target", 1, 1_000_000_000, 100, List.of()))),
    COUNTER("Counter", Zone.STRIP, List.of(yours("label", "Label", "What you count", false), line("value", "Value", "0")), Figure.WORDS),
    SCORE("Score of two sides", Zone.TOP, List.of(yours("left", "Left side", "One side", false), line("leftFigure", "Its figure", "0"), line("rightFigure", "Its figure", "0"), yours("right", "Right side", "The other", false)), Figure.WORDS),
    LOWER_THIRD("Lower third", Zone.LOWER, List.of(yours("name", "Name", "Name of your guest", false), yours("line", "Line under it", "What they are known for", false)), Figure.WORDS),
    ROTATOR("Taking turns", Zone.STRIP, List.of(yours("rows", "Entries: label | words | seconds", """
            Where else you are | Your address there
            When you are on | Day and time""", true)), Figure.with(Figure.WORDS, new Figure("seconds", "Seconds each", 1, 120, 5, List.of()), new Figure("pause", "Minutes until they come again", 0, 30, 0, List.of()), Figure.MOVING)),
    TICKER("Ticker", Zone.LOW_STRIP, List.of(yours("text", "Words", "What your viewers should know · one thing after another · as many as you like", false)), Figure.with(Figure.PLATE, new Figure("speed", "Speed, units a second", 10, 600, 120, List.of()), Figure.MOVING, Figure.SIZE, Figure.ORNAMENT)),
    NOW_PLAYING("Now playing", Zone.STRIP, List.of(line("label", "Label", "Now playing"), yours("value", "Title", "Title and artist", false)), Figure.WORDS),
    NOTICE("Notice", Zone.TOP, List.of(yours("label", "Label", "What it is about", false), yours("value", "Words", "What your viewers should know", false)), Figure.WORDS),
    BUG("Corner bug", Zone.CORNER, List.of(line("name", "Words", "Live")), Figure.WORDS),
    RULE("Line", Zone.LOW_STRIP, List.of(), List.of(Figure.ORNAMENT)),
    SPONSORS("Sponsor rotation", Zone.STRIP, List.of(yours("rows", "Entries: label | words | seconds", """
            With thanks to | Name of your sponsor
            With thanks to | Name of another one""", true)), Figure.with(Figure.WORDS, new Figure("seconds", "Seconds each", 1, 120, 8, List.of()), new Figure("pause", "Minutes until they come again", 0, 30, 0, List.of()), Figure.MOVING)),
    BREAK_NOTICE("Break notice", Zone.TOP, List.of(line("label", "Label", "Short break"), line("value", "Words", "Back in a moment")), Figure.WORDS),
    AD_NOTICE("Advertising notice", Zone.TOP, List.of(line("label", "Label", "Advertising"), line("value", "Words", "We are back right after")), Figure.WORDS),
    METER("Progress bar", Zone.LOW_STRIP, List.of(line("value", "Value", "{subscribers}")), List.of(new Figure("target", "Target", 1, 1_000_000_000, 100, List.of()), Figure.GLOW, Figure.SHADE)),
    SHAPE("Shape", Zone.CORNER, List.of(), List.of(new Figure("outline", "Outline", 0, 3, 0, List.of("disc", "ring", "diamond", "bar")), Figure.CORNER, Figure.TURN, Figure.GLOW, Figure.SHADE)),
    CORNERS("Corner marks", Zone.PLAY, List.of(), List.of(Figure.ORNAMENT)),
    PULSE("Pulse", Zone.CORNER, List.of(), List.of(Figure.MOVING)),
    COUNTDOWN("Countdown", Zone.CLOCK, List.of(line("title", "Title", "We begin in"), line("ended", "At zero (empty hides)", "Any moment now")), Figure.with(Figure.WORDS, new Figure("minutes", "Minutes", 1, 5999, 5, List.of()), Figure.TIME)),
    COUNT_UP("Count-up", Zone.CLOCK, List.of(line("title", "Title", "Live for"), line("ended", "At its end (empty hides)", "")), Figure.with(Figure.WORDS, new Figure("minutes", "Ends after, minutes (0 never)", 0, 5999, 0, List.of()), Figure.TIME)),
    CLOCK("Clock", Zone.CORNER, List.of(line("title", "Title (may be empty)", ""), line("zone", "Time zone", "UTC")), Figure.with(Figure.WORDS, new Figure("format", "Written", 0, 2, 0, List.of("19:42", "19:42:05", "7:42")))),
    RECENT("Recent signals", Zone.COLUMN, List.of(line("title", "Title", "Lately"), lines("rows", "Rows: what | who", "{recentSignals}")), Figure.ROWS),
    CHAT("Chat panel", Zone.COLUMN, List.of(yours("rows", "Lines: who | what", """
            A viewer | What they wrote
            Another viewer | Their answer""", true)), Figure.with(Figure.ROWS, new Figure("fading", "Older lines", 0, 1, 1, List.of("as clear as new ones", "fade")))),
    PICTURE("Picture", Zone.STRIP, List.of(), List.of()),
    FRAME_PICTURE("Frame from a picture", Zone.CAMERA, List.of(), List.of()),
    PARTICLES("Particles", Zone.FULL, List.of(), List.of(
            new Figure("weather", "Weather", 0, 3, 0, List.of("drifting reeds", "lantern sparks", "rain", "frost")),
            Figure.MOVING,
            Figure.measure("count", "How many", 0, 3), Figure.measure("grain", "Size of one", 0.3, 3), Figure.measure("pace", "Speed", 0.2, 3),
            new Figure("lean", "Direction, degrees from the weather's", -90, 90, 0, List.of()),
            Figure.measure("drift", "Sway", 0, 3), Figure.measure("opacity", "Opacity", 0.1, 1.2), Figure.measure("pile", "Piling up", 0, 3),
            new Figure("flake", "Shape", 0, 5, 0, List.of("of the weather", "round", "glow", "leaf", "streak", "star")),
            new Figure("colour", "Colour", 0, 6, 0, List.of("of the weather", "accent", "second accent", "text", "quiet text", "glow", "edge")),
            new Figure("shadow", "Shadow", 0, 1, 0, List.of("none", "soft")),
            new Figure("seed", "Seed: another number, another sky", 1, 9999, 1, List.of()))),
    TRANSITION("Transition clip", Zone.FULL, List.of(line("word", "Words while it covers (may be empty)", "")), List.of(
            new Figure("seconds", "Seconds", 0.6, 5, 1.8, List.of()),
            new Figure("turned", "It comes", 0, 1, 0, List.of("from the family's side", "from the other side")), Figure.SIZE, Figure.ORNAMENT)),
    PANEL("Channel-page pictures", Zone.STRIP, List.of(lines("headings", "Headings, one a picture", """
            About
            Schedule
            Equipment
            Contact""")), List.of(new Figure("width", "Width, pixels", 100, 2000, 320, List.of()), new Figure("height", "Height, pixels", 40, 1000, 100, List.of()), Figure.SIZE, Figure.ALIGN, Figure.ORNAMENT)),
    ANNOUNCER("Announcer", Zone.ALERT, List.of(), Figure.WORDS);

    /** What people look for a kind under. */
    public enum Group { FRAMES, SCREENS, WIDGETS, ORNAMENTS, FILES }

    private static final int LONGEST_LINE = 400;
    /** Most letters of any text. */
    public static final int LONGEST_LINES = 2000;

    /**
     * A text that people write: an ICU pattern over readings.
     *
     * @param standard what it says until somebody writes something
     * @param many     whether it has several lines, one for each row
     * @param yours    whether the standard only says what belongs there, so that it should never go on air
     */
    public record Text(String name, String title, String standard, boolean many, boolean yours) {

        /** Most letters that it may have. */
        public int most() {
            return many ? LONGEST_LINES : LONGEST_LINE;
        }
    }

    /**
     * A number with its range and standard value.
     *
     * @param choices when it is a choice, the names of the values from the least on; empty for a measure
     */
    public record Figure(String name, String title, double least, double most, double standard, List<String> choices) {
        /** A share of what it is by itself. */
        static Figure measure(String name, String title, double least, double most) {
            return new Figure(name, title, least, most, 1, List.of());
        }

        static final Figure MOVING = new Figure("moving", "Motion", 0, 1, 1, List.of("still (costs less)", "moving"));
        static final Figure SIZE = new Figure("size", "Size of letters", 0.6, 1.6, 1, List.of());
        static final Figure BORDER = new Figure("border", "Width of the border", 0.4, 2.5, 1, List.of());
        static final Figure TURN = new Figure("turn", "Gradient turned, degrees", 0, 359, 0, List.of());
        static final Figure ORNAMENT = new Figure("ornament", "Ornament", 0, 2, 1, List.of());
        static final Figure ALIGN = new Figure("align", "Words stand", 0, 2, 0, List.of("left", "in the middle", "right, mirrored"));
        static final Figure TIME = new Figure("format", "Written", 0, 1, 0, List.of("05:00", "00:05:00"));
        static final Figure CORNER = measure("corner", "Corners, of the brand's", 0, 3);
        static final Figure DARKNESS = measure("darkness", "Darkness of the plate, of the brand's", 0, 2);
        static final Figure SPACING = measure("spacing", "Space between rows", 0.5, 2);
        static final Figure SEPARATOR = new Figure("separator", "Between rows", 0, 2, 0, List.of("a line", "dots", "nothing"));
        static final Figure GLOW = new Figure("glow", "Glow", 0, 3, 0, List.of());
        static final Figure SHADE = new Figure("shade", "Shadow", 0, 3, 0, List.of());
        /** Of everything that has a plate. */
        static final List<Figure> PLATE = List.of(CORNER, DARKNESS, GLOW, SHADE);
        static final List<Figure> WORDS = with(PLATE, SIZE, ALIGN, ORNAMENT);
        static final List<Figure> ROWS = with(PLATE, SIZE, SPACING, SEPARATOR, ALIGN, ORNAMENT);

        /** Some more before others. */
        static List<Figure> with(List<Figure> others, Figure... first) {
            return Stream.concat(Arrays.stream(first), others.stream()).toList();
        }
    }

    private final String title;
    private final Zone zone;
    private final List<Text> texts;
    private final List<Figure> figures;
    private final Map<String, Text> textsByName;
    private final Map<String, Figure> figuresByName;

    PieceKind(String title, Zone zone, List<Text> texts, List<Figure> figures) {
        this.title = title;
        this.zone = zone;
        this.texts = List.copyOf(texts);
        this.figures = List.copyOf(figures);
        this.textsByName = texts.stream().collect(Collectors.toUnmodifiableMap(Text::name, text -> text));
        this.figuresByName = figures.stream().collect(Collectors.toUnmodifiableMap(Figure::name, figure -> figure));
    }

    public Optional<Text> text(String name) {
        return Optional.ofNullable(textsByName.get(name));
    }

    public Optional<Figure> figure(String name) {
        return Optional.ofNullable(figuresByName.get(name));
    }

    private static Text line(String name, String title, String standard) {
        return new Text(name, title, standard, false, false);
    }

    private static Text lines(String name, String title, String standard) {
        return new Text(name, title, standard, true, false);
    }

    /** A text for which there are no words that would suit everybody. @param standard says what belongs there */
    private static Text yours(String name, String title, String standard, boolean many) {
        return new Text(name, title, standard, many, true);
    }

    public String title() {
        return title;
    }

    /** Where such a piece goes when nobody says otherwise. */
    public Zone zone() {
        return zone;
    }

    public List<Text> texts() {
        return texts;
    }

    public List<Figure> figures() {
        return figures;
    }

    public Group group() {
        return switch (this) {
            case FRAME, FRAME_PICTURE -> Group.FRAMES;
            case BACKDROP, SCREEN, BAND -> Group.SCREENS;
            case FACT_LINE, SUPPORTERS, SCHEDULE, POINTS, QUEUE, GOAL, COUNTER, SCORE, LOWER_THIRD, ROTATOR, TICKER, NOW_PLAYING, NOTICE, COUNTDOWN, COUNT_UP, CLOCK, RECENT, CHAT, SPONSORS,
                    BREAK_NOTICE, AD_NOTICE, ANNOUNCER -> Group.WIDGETS;
            case BUG, RULE, CORNERS, PULSE, METER, SHAPE, PICTURE, PARTICLES -> Group.ORNAMENTS;
            case TRANSITION, PANEL -> Group.FILES;
        };
    }

    /** Whether it stands on no scene and is only taken out as files. */
    public boolean apart() {
        return group() == Group.FILES;
    }

    /** Whether it is scenery for the whole canvas, which others stand before on purpose. */
    public boolean ground() {
        return this == BACKDROP || this == SCREEN;
    }

    /** Whether it lies over a picture on purpose, so that covering an opening is no fault. */
    public boolean liesOver() {
        return switch (this) {
            case ANNOUNCER, LOWER_THIRD, SCORE, NOTICE, BREAK_NOTICE, AD_NOTICE, METER, SHAPE, CLOCK, BUG, PULSE, RULE, CORNERS, TICKER, PARTICLES -> true;
            case BACKDROP, SCREEN, FRAME, BAND, FACT_LINE, SUPPORTERS, SCHEDULE, POINTS, QUEUE, GOAL, COUNTER, ROTATOR, NOW_PLAYING, COUNTDOWN, COUNT_UP, RECENT, CHAT, SPONSORS, PICTURE, FRAME_PICTURE, TRANSITION, PANEL -> false;
        };
    }
}
