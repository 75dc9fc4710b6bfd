package brandeon.core.theme;

import java.util.List;

/** The kinds of pieces, with the texts and figures that each one has. */
public enum PieceKind {
    BACKDROP("Backdrop", Zone.FULL, List.of(), List.of(Figure.MOVING, Figure.ORNAMENT)),
    SCREEN("Screen", Zone.FULL, List.of(line("title", "Title", "Starting soon"), line("line", "Line under it", "")), List.of(Figure.MOVING, Figure.SIZE, Figure.ALIGN, Figure.ORNAMENT)),
    FRAME("Capture frame", Zone.CAMERA, List.of(line("name", "Name plate", "")), List.of(new Figure("aspect", "Opening, width by height (0 fills)", 0, 5, 4.0 / 3, List.of()), Figure.BORDER, Figure.SIZE, Figure.ALIGN, Figure.ORNAMENT)),
    BAND("Heads-up band", Zone.BAND, List.of(line("label", "Label", "Live"), line("message", "Message", "")), Figure.WORDS),
    FACT_LINE("Fact line", Zone.STRIP, List.of(line("label", "Label", "Latest subscriber"), line("value", "Value", "{latestSubscriber}")), Figure.WORDS),
    SUPPORTERS("Supporter stack", Zone.COLUMN, List.of(line("title", "Title (may be empty)", ""), lines("rows", "Rows: label | value", """
            Latest subscriber | {latestSubscriber}
            Latest follower | {latestFollower}
            Latest raid | {latestRaider}
            Followers today | {followers}""")), List.of(new Figure("inARow", "Arranged", 0, 1, 0, List.of("stacked", "in a row")), Figure.SIZE, Figure.ALIGN, Figure.ORNAMENT)),
    SCHEDULE("Schedule", Zone.COLUMN, List.of(line("title", "Title", "This week"), lines("rows", "Rows: when | what", """
            Tue 19:00 | Dusk watch
            Thu 05:30 | Dawn chorus
            Sat 20:00 | Owl night""")), Figure.WORDS),
    POINTS("Talking points", Zone.COLUMN, List.of(line("title", "Title", "Tonight"), lines("rows", "Points; [x] done, [>] now", """
            [x] What the water did
            [>] Who sings first
            Your questions""")), Figure.WORDS),
    QUEUE("Request queue", Zone.COLUMN, List.of(line("title", "Title", "Asked for"), lines("rows", "Rows: who | what", """
            Ilse Fenn | Bittern
            Wren of Low Quay | Water rail""")), Figure.WORDS),
    GOAL("Goal bar", Zone.STRIP, List.of(line("label", "Label", "Subscribers"), line("value", "Value", "{subscribers}")), List.of(new Figure("target", "Target", 1, 1_000_000_000, 100, List.of()), Figure.SIZE, Figure.ALIGN, Figure.ORNAMENT)),
    COUNTER("Counter", Zone.STRIP, List.of(line("label", "Label", "Herons seen"), line("value", "Value", "7")), Figure.WORDS),
    SCORE("Score of two sides", Zone.TOP, List.of(line("left", "Left side", "Hide"), line("leftFigure", "Its figure", "3"), line("rightFigure", "Its figure", "2"), line("right", "Right side", "Chat")), Figure.WORDS),
    LOWER_THIRD("Lower third", Zone.LOWER, List.of(line("name", "Name", "Mirela Osk"), line("line", "Line under it", "Counts birds at Reedlight Hide")), Figure.WORDS),
    ROTATOR("Taking turns", Zone.STRIP, List.of(lines("rows", "Entries: label | words", """
            Field notes | reedlight.example/notes
            Sightings | Tell us in the chat
            Next watch | Thursday 05:30""")), List.of(new Figure("seconds", "Seconds each", 1, 120, 5, List.of()), Figure.MOVING, Figure.SIZE, Figure.ALIGN, Figure.ORNAMENT)),
    TICKER("Ticker", Zone.LOW_STRIP, List.of(line("text", "Words", "High tide 19:42 · low tide 01:10 · sunset 16:08 · wind from the north-east, gentle · please whisper after nine")), List.of(new Figure("speed", "Speed, units a second", 10, 600, 120, List.of()), Figure.MOVING, Figure.SIZE, Figure.ORNAMENT)),
    NOW_PLAYING("Now playing", Zone.STRIP, List.of(line("label", "Label", "Now playing"), line("value", "Title", "Marsh recording no. 4")), Figure.WORDS),
    NOTICE("Notice", Zone.TOP, List.of(line("label", "Label", "Short break"), line("value", "Words", "Back at the scope in a moment")), Figure.WORDS),
    BUG("Corner bug", Zone.CORNER, List.of(line("name", "Words", "Live")), Figure.WORDS),
    RULE("Line", Zone.LOW_STRIP, List.of(), List.of(Figure.ORNAMENT)),
    CORNERS("Corner marks", Zone.PLAY, List.of(), List.of(Figure.ORNAMENT)),
    PULSE("Pulse", Zone.CORNER, List.of(), List.of(Figure.MOVING)),
    COUNTDOWN("Countdown", Zone.CLOCK, List.of(line("title", "Title", "We begin in"), line("ended", "At zero (empty hides)", "Any moment now")), List.of(new Figure("minutes", "Minutes", 1, 99, 5, List.of()), Figure.SIZE, Figure.ALIGN, Figure.ORNAMENT)),
    PICTURE("Picture", Zone.STRIP, List.of(), List.of()),
    FRAME_PICTURE("Frame from a picture", Zone.CAMERA, List.of(), List.of()),
    ANNOUNCER("Announcer", Zone.ALERT, List.of(), Figure.WORDS);

    private static final int LONGEST_LINE = 400;
    private static final int LONGEST_LINES = 2000;

    /**
     * A text that people write: an ICU pattern over readings.
     *
     * @param many whether it has several lines, one for each row
     */
    public record Text(String name, String title, String standard, boolean many) {

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
        static final Figure MOVING = new Figure("moving", "Motion", 0, 1, 1, List.of("still (costs less)", "moving"));
        static final Figure SIZE = new Figure("size", "Size of letters", 0.6, 1.6, 1, List.of());
        static final Figure BORDER = new Figure("border", "Width of the border", 0.4, 2.5, 1, List.of());
        static final Figure ORNAMENT = new Figure("ornament", "Ornament", 0, 2, 1, List.of());
        static final Figure ALIGN = new Figure("align", "Words stand", 0, 2, 0, List.of("left", "in the middle", "right, mirrored"));
        static final List<Figure> WORDS = List.of(SIZE, ALIGN, ORNAMENT);
    }

    private final String title;
    private final Zone zone;
    private final List<Text> texts;
    private final List<Figure> figures;

    PieceKind(String title, Zone zone, List<Text> texts, List<Figure> figures) {
        this.title = title;
        this.zone = zone;
        this.texts = List.copyOf(texts);
        this.figures = List.copyOf(figures);
    }

    private static Text line(String name, String title, String standard) {
        return new Text(name, title, standard, false);
    }

    private static Text lines(String name, String title, String standard) {
        return new Text(name, title, standard, true);
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

    /** Whether it lies over a picture on purpose, so that covering an opening is no fault. */
    public boolean liesOver() {
        return switch (this) {
            case ANNOUNCER, LOWER_THIRD, SCORE, NOTICE, BUG, PULSE, RULE, CORNERS, TICKER -> true;
            case BACKDROP, SCREEN, FRAME, BAND, FACT_LINE, SUPPORTERS, SCHEDULE, POINTS, QUEUE, GOAL, COUNTER, ROTATOR, NOW_PLAYING, COUNTDOWN, PICTURE, FRAME_PICTURE -> false;
        };
    }
}
