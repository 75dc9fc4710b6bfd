package brandeon.core.theme;

import static brandeon.core.theme.Edits.done;
import static brandeon.core.theme.Edits.inserted;
import static brandeon.core.theme.Edits.require;

import brandeon.core.opening.Cut;
import brandeon.core.recolour.Recolouring;
import brandeon.core.text.Face;
import java.util.List;
import java.util.Optional;

/** Changes ready-made pictures and faces of the theme's own. */
public sealed interface PictureEdit extends Edit {

    record AddFace(int index, OwnFace face) implements PictureEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(
                    theme.faces().stream().noneMatch(f -> f.face().equals(face.face())),
                    "This theme has that font already.");
            require(
                    theme.faces().size() < Theme.MOST_FACES,
                    "A theme has at most " + Theme.MOST_FACES + " faces of its own.");
            return done(theme.withFaces(inserted(theme.faces(), index, face)), new RemoveFace(face.face()));
        }

        @Override
        public String deed(Names names) {
            return "Added the font " + face.title();
        }
    }

    /** Refused while the brand uses it. */
    record RemoveFace(Face face) implements PictureEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            OwnFace old = known(theme, face);
            require(
                    !List.of(
                                    theme.brand().heading(),
                                    theme.brand().text(),
                                    theme.brand().figures())
                            .contains(face),
                    "The brand uses this font; choose another one first.");
            return done(
                    theme.withFaces(theme.faces().stream().filter(f -> f != old).toList()),
                    new AddFace(theme.faces().indexOf(old), old));
        }

        @Override
        public String deed(Names names) {
            return "Removed a font";
        }
    }

    record SetFaceProvenance(Face face, Provenance provenance) implements PictureEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            OwnFace old = known(theme, face);
            OwnFace next = new OwnFace(face, old.title(), provenance);
            return done(
                    theme.withFaces(
                            theme.faces().stream().map(f -> f == old ? next : f).toList()),
                    new SetFaceProvenance(face, old.provenance()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetFaceProvenance.class, face));
        }

        @Override
        public String deed(Names names) {
            return "Said where something is from";
        }
    }

    record AddArtwork(int index, Artwork artwork) implements PictureEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(theme.artwork(artwork.id()).isEmpty(), "There is already a picture with this id.");
            require(
                    theme.artworks().size() < Theme.MOST_ARTWORKS,
                    "A theme has at most " + Theme.MOST_ARTWORKS + " ready-made pictures.");
            return done(
                    theme.withArtworks(inserted(theme.artworks(), index, artwork)), new RemoveArtwork(artwork.id()));
        }

        @Override
        public String deed(Names names) {
            return "Added the picture " + artwork.name();
        }
    }

    /** Refused while a piece shows it. */
    record RemoveArtwork(String artwork) implements PictureEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Artwork old = known(theme, artwork);
            theme.pieces().stream()
                    .filter(piece -> piece.inlay()
                            .filter(inlay -> inlay.artwork().equals(artwork))
                            .isPresent())
                    .findFirst()
                    .ifPresent(piece -> require(false, piece.name() + " shows this picture; take it off there first."));
            return done(
                    theme.withArtworks(
                            theme.artworks().stream().filter(a -> a != old).toList()),
                    new AddArtwork(theme.artworks().indexOf(old), old));
        }

        @Override
        public String deed(Names names) {
            return "Removed a picture";
        }
    }

    record SetRecolouring(String artwork, Recolouring recolouring) implements PictureEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Artwork old = known(theme, artwork);
            return done(replaced(theme, old.with(recolouring)), new SetRecolouring(artwork, old.recolouring()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetRecolouring.class, artwork));
        }

        @Override
        public String deed(Names names) {
            return "Recoloured a picture";
        }
    }

    /** Where captures go behind a picture, drawn by hand; none is possible. */
    record SetOpenings(String artwork, List<Cut> openings) implements PictureEdit {
        public SetOpenings {
            openings = List.copyOf(openings);
        }

        @Override
        public Outcome.Applied applied(Theme theme) {
            return drawn(theme, artwork, Optional.of(openings));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetOpenings.class, artwork));
        }

        @Override
        public String deed(Names names) {
            return "Drew the openings of a picture";
        }
    }

    /** Back to the openings that were found in the picture. */
    record DropOpenings(String artwork) implements PictureEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return drawn(theme, artwork, Optional.empty());
        }

        @Override
        public String deed(Names names) {
            return "Took the openings of a picture as found";
        }
    }

    /** Another file in the place of a picture with the same id; pieces that show it go on with that. */
    record ReplaceArtwork(Artwork artwork) implements PictureEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return done(replaced(theme, artwork), new ReplaceArtwork(known(theme, artwork.id())));
        }

        @Override
        public String deed(Names names) {
            return "Replaced the picture " + artwork.name();
        }
    }

    record SetProvenance(String artwork, Provenance provenance) implements PictureEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Artwork old = known(theme, artwork);
            return done(replaced(theme, old.with(provenance)), new SetProvenance(artwork, old.provenance()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetProvenance.class, artwork));
        }

        @Override
        public String deed(Names names) {
            return "Said where something is from";
        }
    }

    private static OwnFace known(Theme theme, Face face) {
        return theme.faces().stream()
                .filter(f -> f.face().equals(face))
                .findFirst()
                .orElseThrow(() -> new Edits.Refusal("That font is no longer there."));
    }

    /** @throws Edits.Refusal when there is no such picture */
    static Artwork known(Theme theme, String id) {
        return theme.artwork(id).orElseThrow(() -> new Edits.Refusal("That picture is no longer there."));
    }

    private static Outcome.Applied drawn(Theme theme, String id, Optional<List<Cut>> openings) {
        Artwork old = known(theme, id);
        return done(
                replaced(theme, old.with(openings)),
                old.drawn().<Edit>map(before -> new SetOpenings(id, before)).orElseGet(() -> new DropOpenings(id)));
    }

    private static Theme replaced(Theme theme, Artwork changed) {
        return theme.withArtworks(theme.artworks().stream()
                .map(a -> a.id().equals(changed.id()) ? changed : a)
                .toList());
    }
}
