package brandeon.core.text;

/** What a value is that texts may show. It decides what a pattern may ask of it. */
public enum ValueType {
    /** Words, such as a name: shown as they are, or chosen by with {@code select}. */
    TEXT,
    /** A number: written out, or chosen by with {@code plural}. */
    NUMBER,
    /** {@link Money}: written out with its currency, which no pattern changes. */
    MONEY,
    /** A {@link java.time.ZonedDateTime}: the time of the day in its zone, hours and minutes. */
    TIME,
    /** Rows of two texts each, {@link TextRow}: they follow other rows, or stand one after another in a text. */
    LIST
}
