package brandeon.core.show;

import brandeon.core.kind.Content;
import brandeon.core.kind.Field;
import brandeon.core.motion.Run;
import brandeon.core.text.TextRow;
import brandeon.core.theme.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A piece as a show has it say and show.
 *
 * @param piece with what it says now
 * @param run   of its clock
 * @param seen  whether anything of it is seen
 */
public record Spoken(Piece piece, Run run, boolean seen) {

    /** Between lines that run through one after another. */
    private static final String BETWEEN = " · ";

    static Spoken byItself(Piece piece) {
        return new Spoken(piece, Run.STANDING, true);
    }

    /** What it says in one of its fields; nothing where it has no such field. */
    public Content content(String field) {
        return piece.kind().field(field).isPresent() ? piece.content(field) : new Content.Words("");
    }

    Spoken saying(String field, Content content) {
        boolean fits =
                piece.kind().field(field).filter(f -> f.type().takes(content)).isPresent();
        return fits ? new Spoken(piece.withContent(field, content), run, seen) : this;
    }

    /** With more lines after its own. */
    Spoken adding(List<String> lines) {
        Optional<String> field = piece.kind().facts().added();
        if (field.isEmpty() || lines.isEmpty()) {
            return this;
        }
        return switch (content(field.get())) {
            case Content.Words(String pattern) -> {
                Stream<String> all =
                        pattern.isBlank() ? lines.stream() : Stream.concat(Stream.of(pattern), lines.stream());
                yield saying(field.get(), new Content.Words(all.collect(Collectors.joining(BETWEEN))));
            }
            case Content.Entries(List<Content.Entry> entries) ->
                saying(
                        field.get(),
                        new Content.Entries(Stream.concat(
                                        entries.stream(), lines.stream().map(line -> new Content.Entry("", line, 0)))
                                .limit(Content.MOST)
                                .toList()));
            default -> this;
        };
    }

    Spoken running(Run next) {
        return new Spoken(piece, next, seen);
    }

    Spoken seen(boolean next) {
        return new Spoken(piece, run, seen && next);
    }

    /** With one of its cards in its words. @param own cards in place of the piece's; empty for the piece's */
    Spoken card(List<TextRow> own, int number) {
        List<TextRow> cards = own.isEmpty() ? cards(piece) : own;
        List<Field> fields = cardFields(piece);
        if (cards.isEmpty() || fields.size() < 2) {
            return this;
        }
        TextRow card = cards.get(Math.min(number, cards.size() - 1));
        return saying(fields.get(0).name(), new Content.Words(card.label()))
                .saying(fields.get(1).name(), new Content.Words(card.value()));
    }

    /** The cards that a piece has by itself: what stands in its words, and its further ones; empty where it has none. */
    static List<TextRow> cards(Piece piece) {
        Optional<String> further = piece.kind().facts().cards();
        if (further.isEmpty()) {
            return List.of();
        }
        List<Field> fields = cardFields(piece);
        List<TextRow> cards = new ArrayList<>();
        cards.add(new TextRow(words(piece, fields.get(0)), words(piece, fields.get(1))));
        cards.addAll(((Content.Rows) piece.content(further.get())).rows());
        return cards;
    }

    /** The two texts of a card. */
    static List<Field> cardFields(Piece piece) {
        return piece.kind().facts().fields().stream()
                .filter(field -> field.standard() instanceof Content.Words)
                .limit(2)
                .toList();
    }

    private static String words(Piece piece, Field field) {
        return ((Content.Words) piece.content(field.name())).pattern();
    }
}
