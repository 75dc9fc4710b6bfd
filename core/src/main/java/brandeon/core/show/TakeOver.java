package brandeon.core.show;

import brandeon.core.kind.Content;
import brandeon.core.kind.Field;
import brandeon.core.text.TextRow;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Writes what a show says into a theme, so that it is there the next evening too. */
public final class TakeOver {

    private TakeOver() {}

    /**
     * The edits that let a piece of a theme say by itself what the show says of it; empty where it does already. How a
     * clock runs, which card is up and what is hidden belong to the evening and are left out.
     */
    public static List<Edit> edits(Show show, Theme theme, String id) {
        Optional<Piece> found = theme.piece(id);
        if (found.isEmpty()) {
            return List.of();
        }
        Piece piece = found.get();
        List<Edit> edits = new ArrayList<>();
        show.of(piece)
                .forEach((slot, one) -> content(theme.speaking(piece), slot, one)
                        .forEach((field, content) -> {
                            Piece speaks =
                                    one.shared() ? theme.piece(piece.speaker()).orElse(piece) : piece;
                            boolean takes = piece.kind()
                                    .field(field)
                                    .filter(f -> f.type().takes(content))
                                    .isPresent();
                            if (takes && !speaks.content(field).equals(content)) {
                                edits.add(new PieceEdit.SetContent(speaks.id(), field, content));
                            }
                        }));
        return edits;
    }

    /** By field. */
    private static Map<String, Content> content(Piece piece, String slot, Held held) {
        return switch (held) {
            case Held.HeldClock _, Held.HeldSight _, Held.HeldLines _ -> Map.of();
            case Held.HeldCards(List<TextRow> own, int _, boolean _, long _, int _) ->
                own.isEmpty() ? Map.of() : cards(piece, slot, own);
            case Held.HeldCount _, Held.HeldPoints _, Held.HeldWords _, Held.HeldTint _ ->
                Map.of(slot, held.over(Spoken.byItself(piece), slot).content(slot));
        };
    }

    /** The first card stands in the piece's words, the others in its further cards. */
    private static Map<String, Content> cards(Piece piece, String slot, List<TextRow> own) {
        List<Field> fields = Spoken.cardFields(piece);
        Map<String, Content> content = new LinkedHashMap<>();
        content.put(fields.get(0).name(), new Content.Words(own.getFirst().label()));
        content.put(fields.get(1).name(), new Content.Words(own.getFirst().value()));
        content.put(slot, new Content.Rows(own.subList(1, own.size()), ""));
        return content;
    }
}
