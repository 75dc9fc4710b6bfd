package brandeon.core.kind;

/** What a field of a piece takes. */
public enum ContentType {
    WORDS(Content.Words.class), COUNT(Content.Count.class), ROWS(Content.Rows.class), POINTS(Content.Points.class), ENTRIES(Content.Entries.class), LINES(Content.Lines.class), TIME_ZONE(Content.TimeZone.class);

    private final Class<? extends Content> content;

    ContentType(Class<? extends Content> content) {
        this.content = content;
    }

    public boolean takes(Content one) {
        return content.isInstance(one);
    }
}
