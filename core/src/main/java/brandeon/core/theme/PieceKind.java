package brandeon.core.theme;

import java.util.List;

/** The kinds of pieces, with the texts and figures that each one has. */
public enum PieceKind {
    BACKDROP("Backdrop", Zone.FULL, List.of(), List.of(Figure.MOVING)),
    SCREEN("Screen", Zone.FULL, List.of(new Text("title", "Title", "Starting soon"), new Text("line", "Line under it", "")), List.of(Figure.MOVING)),
    FRAME("Capture frame", Zone.CAMERA, List.of(new Text("name", "Name plate", "")), List.of(new Figure("aspect", "Opening, width by height (0 fills)", 0, 5, 4.0 / 3))),
    BAND("Heads-up band", Zone.BAND, List.of(new Text("label", "Label", "Live"), new Text("message", "Message", "")), List.of()),
    FACT_LINE("Fact line", Zone.STRIP, List.of(new Text("label", "Label", "Latest subscriber"), new Text("value", "Value", "{latestSubscriber}")), List.of()),
    COUNTDOWN("Countdown", Zone.CLOCK, List.of(new Text("title", "Title", "We begin in"), new Text("ended", "At zero (empty hides)", "Any moment now")), List.of(new Figure("minutes", "Minutes", 1, 99, 5))),
    PICTURE("Picture", Zone.STRIP, List.of(), List.of()),
    ANNOUNCER("Announcer", Zone.ALERT, List.of(), List.of());

    /** A text that people write: an ICU pattern over readings. */
    public record Text(String name, String title, String standard) {
    }

    /** A number with its range and standard value. */
    public record Figure(String name, String title, double least, double most, double standard) {
        static final Figure MOVING = new Figure("moving", "Moving (1) or still (0)", 0, 1, 1);
    }

    private final String title;
    private final Zone zone;
    private final List<Text> texts;
    private final List<Figure> figures;

    PieceKind(String title, Zone zone, List<Text> texts, List<Figure> figures) {
        this.title = title;
        this.zone = zone;
        this.texts = texts;
        this.figures = figures;
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

    /** Whether it comes and goes, so that lying over an opening is no fault. */
    public boolean passing() {
        return this == ANNOUNCER;
    }
}
