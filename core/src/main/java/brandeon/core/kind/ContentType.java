package brandeon.core.kind;

/** What a field of a piece takes. */
public enum ContentType {
    WORDS(Content.Words.class, "words"),
    COUNT(Content.Count.class, "a number"),
    ROWS(Content.Rows.class, "rows"),
    POINTS(Content.Points.class, "points"),
    ENTRIES(Content.Entries.class, "entries"),
    LINES(Content.Lines.class, "lines"),
    TIME_ZONE(Content.TimeZone.class, "a time zone"),
    DAY(Content.Day.class, "a day"),
    TINT(Content.Tint.class, "a colour"),
    LISTING(Content.Listing.class, "a table");

    private final Class<? extends Content> content;
    private final String words;

    ContentType(Class<? extends Content> content, String words) {
        this.content = content;
        this.words = words;
    }

    /** For people. */
    public String words() {
        return words;
    }

    public boolean takes(Content one) {
        return content.isInstance(one);
    }
}
