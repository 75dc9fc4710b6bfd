package brandeon.core.theme;

import static brandeon.core.theme.Edits.done;
import static brandeon.core.theme.Edits.inserted;
import static brandeon.core.theme.Edits.require;

import brandeon.core.kind.Content;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Changes a piece on every scene that it is on. */
public sealed interface PieceEdit extends Edit {

    record AddPiece(int index, Piece piece) implements PieceEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(theme.piece(piece.id()).isEmpty(), "There is already a piece with this id.");
            require(theme.pieces().size() < Theme.MOST_PIECES, "A theme has at most " + Theme.MOST_PIECES + " pieces.");
            Edits.requireName(piece.name());
            requireCaptures(theme, piece.captures());
            return done(theme.withPieces(inserted(theme.pieces(), index, piece)), new RemovePiece(piece.id()));
        }

        @Override
        public String deed(Names names) {
            return "Added " + piece.name();
        }
    }

    /** Takes the piece off every scene and deletes it. */
    record RemovePiece(String piece) implements PieceEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Piece old = Edits.piece(theme, piece);
            List<Edit> back = new ArrayList<>();
            back.add(new AddPiece(theme.pieces().indexOf(old), old));
            Theme next = theme;
            for (Scene scene : theme.scenes()) {
                Optional<Placed> placed = scene.placed(piece);
                if (placed.isPresent()) {
                    back.add(new PlacingEdit.Place(scene.id(), scene.indexOf(piece), placed.get()));
                    next = Edits.withScene(next, scene.id(), s -> s.without(piece));
                }
            }
            return done(
                    next.withPieces(next.pieces().stream()
                            .filter(p -> !p.id().equals(piece))
                            .toList()),
                    new Edit.Batch(back));
        }

        @Override
        public String deed(Names names) {
            return "Deleted " + names.piece(piece);
        }
    }

    record RenamePiece(String piece, String name) implements PieceEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Edits.requireName(name);
            Piece old = Edits.piece(theme, piece);
            return done(Edits.withPiece(theme, old.named(name)), new RenamePiece(piece, old.name()));
        }

        @Override
        public String deed(Names names) {
            return "Named a piece " + name;
        }
    }

    /** Which captures show through the piece's openings, in the openings' order. */
    record SetPieceCaptures(String piece, List<String> captures) implements PieceEdit {
        public SetPieceCaptures {
            captures = List.copyOf(captures);
        }

        @Override
        public Outcome.Applied applied(Theme theme) {
            requireCaptures(theme, captures);
            Piece old = Edits.piece(theme, piece);
            return done(
                    Edits.withPiece(theme, old.withCaptures(captures)), new SetPieceCaptures(piece, old.captures()));
        }

        @Override
        public String deed(Names names) {
            return "Bound captures to " + names.piece(piece);
        }
    }

    record SetMustShow(String piece, boolean mustShow) implements PieceEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Piece old = Edits.piece(theme, piece);
            return done(Edits.withPiece(theme, old.mustShow(mustShow)), new SetMustShow(piece, old.mustShow()));
        }

        @Override
        public String deed(Names names) {
            return (mustShow ? "Must show: " : "May be left out: ") + names.piece(piece);
        }
    }

    /** Whether nobody may do anything to it during a show. */
    record SetHandsOff(String piece, boolean handsOff) implements PieceEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Piece old = Edits.piece(theme, piece);
            return done(Edits.withPiece(theme, old.handsOff(handsOff)), new SetHandsOff(piece, old.handsOff()));
        }

        @Override
        public String deed(Names names) {
            return (handsOff ? "Not to be run: " : "May be run: ") + names.piece(piece);
        }
    }

    /** Lets a piece show the numbers, points, cards and clock of another one. @param share empty for its own */
    record SetShare(String piece, String share) implements PieceEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Piece old = Edits.piece(theme, piece);
            if (!share.isEmpty()) {
                Piece other = Edits.piece(theme, share);
                require(!share.equals(piece), "A piece shows its own already.");
                require(other.kind() == old.kind(), "Only pieces of one kind show the same.");
                require(other.share().isEmpty(), other.name() + " shows what another piece shows; choose that one.");
                require(
                        theme.pieces().stream().noneMatch(p -> p.share().equals(piece)),
                        old.name() + " is what other pieces show; they would have to show another one first.");
            }
            return done(Edits.withPiece(theme, old.sharing(share)), new SetShare(piece, old.share()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetShare.class, piece));
        }

        @Override
        public String deed(Names names) {
            return share.isEmpty()
                    ? "Let " + names.piece(piece) + " show its own again"
                    : "Let " + names.piece(piece) + " show the same as " + names.piece(share);
        }
    }

    /** What a piece says in one field, on all scenes. */
    record SetContent(String piece, String field, Content value) implements PieceEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Piece old = Edits.piece(theme, piece);
            return done(Edits.withPiece(theme, old.withContent(field, value)), undoContent(old, field));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetContent.class, piece, field));
        }

        @Override
        public String deed(Names names) {
            return "Wrote " + field + " of " + names.piece(piece);
        }
    }

    /** Back to what its kind says by itself. */
    record DropContent(String piece, String field) implements PieceEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Piece old = Edits.piece(theme, piece);
            require(old.content().containsKey(field), "That is what its kind says already.");
            return done(Edits.withPiece(theme, old.withoutContent(field)), undoContent(old, field));
        }

        @Override
        public String deed(Names names) {
            return "Took " + field + " of " + names.piece(piece) + " back to the standard words";
        }
    }

    record SetFigure(String piece, String field, double value) implements PieceEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Piece old = Edits.piece(theme, piece);
            return done(Edits.withPiece(theme, old.withFigure(field, value)), undoFigure(old, field));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetFigure.class, piece, field));
        }

        @Override
        public String deed(Names names) {
            return "Tuned " + field + " of " + names.piece(piece);
        }
    }

    /** Back to the standard figure of its kind, as the family has it. */
    record DropFigure(String piece, String field) implements PieceEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Piece old = Edits.piece(theme, piece);
            require(old.figures().containsKey(field), "That figure is the standard one already.");
            return done(Edits.withPiece(theme, old.withoutFigure(field)), undoFigure(old, field));
        }

        @Override
        public String deed(Names names) {
            return "Took " + field + " of " + names.piece(piece) + " back to the family's";
        }
    }

    /** Lays a ready-made picture into a piece. */
    record SetInlay(String piece, Inlay inlay) implements PieceEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            PictureEdit.known(theme, inlay.artwork());
            Piece old = Edits.piece(theme, piece);
            return done(Edits.withPiece(theme, old.with(Optional.of(inlay))), undoInlay(old));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetInlay.class, piece));
        }

        @Override
        public String deed(Names names) {
            return "Laid a picture into " + names.piece(piece);
        }
    }

    record DropInlay(String piece) implements PieceEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Piece old = Edits.piece(theme, piece);
            require(old.inlay().isPresent(), "No picture is laid into this piece.");
            return done(Edits.withPiece(theme, old.with(Optional.empty())), undoInlay(old));
        }

        @Override
        public String deed(Names names) {
            return "Took the picture out of " + names.piece(piece);
        }
    }

    private static void requireCaptures(Theme theme, List<String> captures) {
        require(
                captures.stream().allMatch(capture -> theme.capture(capture).isPresent()),
                "That capture is no longer there.");
    }

    private static Edit undoContent(Piece piece, String field) {
        Content old = piece.content().get(field);
        return old == null ? new DropContent(piece.id(), field) : new SetContent(piece.id(), field, old);
    }

    private static Edit undoFigure(Piece piece, String field) {
        Double old = piece.figures().get(field);
        return old == null ? new DropFigure(piece.id(), field) : new SetFigure(piece.id(), field, old);
    }

    private static Edit undoInlay(Piece piece) {
        return piece.inlay().<Edit>map(old -> new SetInlay(piece.id(), old)).orElseGet(() -> new DropInlay(piece.id()));
    }
}
