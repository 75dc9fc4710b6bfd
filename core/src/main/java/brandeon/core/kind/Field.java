package brandeon.core.kind;

import java.util.List;

/**
 * Something that a piece says.
 *
 * @param title    for people
 * @param columns  titles of the texts of a row, point or entry, in their order; empty for other types
 * @param standard what it says until somebody writes something
 * @param yours    whether the standard only says what belongs there, so that it should never go on air
 */
public record Field(
        String name, String title, ContentType type, List<String> columns, Content standard, boolean yours) {

    public Field {
        columns = List.copyOf(columns);
        if (!type.takes(standard)) {
            throw new IllegalArgumentException(name + " does not take its own standard.");
        }
    }

    static Field words(String name, String title, String standard) {
        return new Field(name, title, ContentType.WORDS, List.of(), new Content.Words(standard), false);
    }

    static Field count(String name, String title, Content.Count standard) {
        return new Field(name, title, ContentType.COUNT, List.of(), standard, false);
    }

    static Field tint(String name, String title) {
        return new Field(name, title, ContentType.TINT, List.of(), Content.Tint.NONE, false);
    }

    static Field day(String name, String title) {
        return new Field(name, title, ContentType.DAY, List.of(), Content.Day.NONE, false);
    }

    static Field listing(String name, String title) {
        return new Field(name, title, ContentType.LISTING, List.of(), Content.Listing.FIRST, false);
    }

    static Field rows(String name, String title, String label, String value, Content.Rows standard) {
        return new Field(name, title, ContentType.ROWS, List.of(label, value), standard, false);
    }

    static Field entries(String name, String title, Content.Entries standard) {
        return new Field(name, title, ContentType.ENTRIES, List.of("Label", "Words"), standard, true);
    }

    /** For what there are no words that would suit everybody, so that the standard says what belongs there. */
    Field yoursToWrite() {
        return new Field(name, title, type, columns, standard, true);
    }
}
