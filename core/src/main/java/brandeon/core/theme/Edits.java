package brandeon.core.theme;

import brandeon.core.art.Families;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Gradient;
import brandeon.core.colour.Role;
import brandeon.core.kind.Content;
import brandeon.core.live.AlertRule;
import brandeon.core.live.SignalKind;
import brandeon.core.opening.Cut;
import brandeon.core.problem.Mistake;
import brandeon.core.recolour.Recolouring;
import brandeon.core.text.Face;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/** The only way to change a theme. */
public final class Edits {

    private Edits() {}

    /**
     * Applies one edit. Never throws for an edit that names something missing or holds a bad value: it is refused.
     * Applying an inverse to its result gives back an equal theme.
     */
    public static Outcome apply(Theme theme, Edit edit) {
        try {
            Outcome.Applied done = applied(theme, edit);
            DocumentRules.require(theme, done.theme());
            return done;
        } catch (Refusal | Mistake e) {
            return new Outcome.Refused(e.getMessage());
        }
    }

    /**
     * Whether a later edit sets the very property that an earlier one set, so that the earlier one no longer matters.
     */
    public static boolean overrides(Edit later, Edit earlier) {
        return switch (later) {
            case Edit.Placing placing -> PlacingEdits.overrides(placing, earlier);
            case Edit.Framing framing -> FramingEdits.overrides(framing, earlier);
            case Edit.SetSeed(int index, Colour _) -> earlier instanceof Edit.SetSeed e && e.index() == index;
            case Edit.SetCorner _ -> earlier instanceof Edit.SetCorner;
            case Edit.SetFamily _ -> earlier instanceof Edit.SetFamily;
            case Edit.SetSeeds _ -> earlier instanceof Edit.SetSeeds;
            case Edit.SetPlate _ -> earlier instanceof Edit.SetPlate;
            case Edit.SetCalm _ -> earlier instanceof Edit.SetCalm;
            case Edit.SetGradient _ -> earlier instanceof Edit.SetGradient;
            case Edit.SetPin(Role role, Colour _) -> earlier instanceof Edit.SetPin e && e.role() == role;
            case Edit.SetMood(Mood mood) ->
                earlier instanceof Edit.SetMood e && e.mood().id().equals(mood.id());
            case Edit.ChooseMood _ -> earlier instanceof Edit.ChooseMood;
            case Edit.SetRecolouring(String id, Recolouring _) ->
                earlier instanceof Edit.SetRecolouring e && e.artwork().equals(id);
            case Edit.SetOpenings(String id, List<Cut> _) ->
                earlier instanceof Edit.SetOpenings e && e.artwork().equals(id);
            case Edit.SetFaceProvenance(Face face, Provenance _) ->
                earlier instanceof Edit.SetFaceProvenance e && e.face().equals(face);
            case Edit.SetProvenance(String id, Provenance _) ->
                earlier instanceof Edit.SetProvenance e && e.artwork().equals(id);
            case Edit.SetContent(String piece, String field, Content _) ->
                earlier instanceof Edit.SetContent e
                        && e.piece().equals(piece)
                        && e.field().equals(field);
            case Edit.SetFigure(String piece, String field, double _) ->
                earlier instanceof Edit.SetFigure e
                        && e.piece().equals(piece)
                        && e.field().equals(field);
            case Edit.SetInlay(String piece, Inlay _) ->
                earlier instanceof Edit.SetInlay e && e.piece().equals(piece);
            case Edit.Rename _ -> earlier instanceof Edit.Rename;
            case Edit.AddSeed _,
                    Edit.RemoveSeed _,
                    Edit.DropPin _,
                    Edit.AddMood _,
                    Edit.RemoveMood _,
                    Edit.AddArtwork _,
                    Edit.RemoveArtwork _,
                    Edit.ReplaceArtwork _,
                    Edit.DropOpenings _,
                    Edit.AddFace _,
                    Edit.RemoveFace _,
                    Edit.SetFace _,
                    Edit.AddScene _,
                    Edit.RemoveScene _,
                    Edit.RenameScene _,
                    Edit.MoveScene _,
                    Edit.AddPiece _,
                    Edit.RemovePiece _,
                    Edit.RenamePiece _,
                    Edit.SetPieceCaptures _,
                    Edit.SetMustShow _,
                    Edit.DropInlay _,
                    Edit.DropContent _,
                    Edit.DropFigure _,
                    Edit.SetAlert _,
                    Edit.DropAlert _ -> false;
            case Edit.Batch(List<Edit> edits) ->
                earlier instanceof Edit.Batch before && overridesAll(edits, before.edits());
        };
    }

    /** As when several pieces are dragged together. */
    private static boolean overridesAll(List<Edit> later, List<Edit> earlier) {
        return later.size() == earlier.size()
                && IntStream.range(0, later.size()).allMatch(i -> overrides(later.get(i), earlier.get(i)));
    }

    static final class Refusal extends RuntimeException {
        Refusal(String reason) {
            super(reason, null, false, false);
        }
    }

    static Outcome.Applied applied(Theme theme, Edit edit) {
        return switch (edit) {
            case Edit.Rename(String name) -> done(theme.withName(name), new Edit.Rename(theme.name()));
            case Edit.SetSeed(int index, Colour colour) -> setSeed(theme, index, colour);
            case Edit.AddSeed(int index, Colour colour) ->
                done(
                        withSeeds(theme, inserted(theme.brand().seeds(), index, colour)),
                        new Edit.RemoveSeed(
                                Math.clamp(index, 0, theme.brand().seeds().size())));
            case Edit.RemoveSeed(int index) -> removeSeed(theme, index);
            case Edit.SetFace(Edit.FaceUse use, Face face) -> {
                require(
                        !face.isOwn()
                                || theme.faces().stream().anyMatch(f -> f.face().equals(face)),
                        "That face is no longer there.");
                yield setFace(theme, use, face);
            }
            case Edit.SetSeeds(List<Colour> seeds) ->
                done(withSeeds(theme, seeds), new Edit.SetSeeds(theme.brand().seeds()));
            case Edit.SetPin(Role role, Colour colour) ->
                done(withPin(theme, role, Optional.of(colour)), undoPin(theme, role));
            case Edit.DropPin(Role role) -> {
                require(theme.brand().pins().containsKey(role), "That colour is not pinned.");
                yield done(withPin(theme, role, Optional.empty()), undoPin(theme, role));
            }
            case Edit.SetFamily(String family) -> {
                require(Families.named(family).isPresent(), "There is no family called “" + family + "”.");
                yield done(theme.withFamily(family), new Edit.SetFamily(theme.family()));
            }
            case Edit.SetCorner(double corner) ->
                done(
                        theme.withBrand(theme.brand().withCorner(corner)),
                        new Edit.SetCorner(theme.brand().corner()));
            case Edit.SetCalm(boolean calm) ->
                done(
                        theme.withBrand(theme.brand().withCalm(calm)),
                        new Edit.SetCalm(theme.brand().calm()));
            case Edit.SetPlate(double plate) ->
                done(
                        theme.withBrand(theme.brand().withPlate(plate)),
                        new Edit.SetPlate(theme.brand().plate()));
            case Edit.SetGradient(Gradient gradient) ->
                done(
                        theme.withBrand(theme.brand().withGradient(gradient)),
                        new Edit.SetGradient(theme.brand().gradient()));
            case Edit.AddMood(int index, Mood mood) -> addMood(theme, index, mood);
            case Edit.SetMood(Mood mood) -> {
                Mood old = mood(theme, mood.id());
                yield done(
                        withMoods(
                                theme,
                                theme.brand().moods().stream()
                                        .map(m -> m.id().equals(mood.id()) ? mood : m)
                                        .toList(),
                                theme.brand().mood()),
                        new Edit.SetMood(old));
            }
            case Edit.RemoveMood(String id) -> removeMood(theme, id);
            case Edit.ChooseMood(String id) ->
                done(
                        withMoods(theme, theme.brand().moods(), id),
                        new Edit.ChooseMood(theme.brand().mood()));
            case Edit.Placing placing -> PlacingEdits.applied(theme, placing);
            case Edit.Framing framing -> FramingEdits.applied(theme, framing);
            case Edit.AddScene(int index, Scene scene) -> addScene(theme, index, scene);
            case Edit.RemoveScene(String id) -> removeScene(theme, id);
            case Edit.RenameScene(String id, String name) -> {
                Scene old = scene(theme, id);
                requireName(name);
                yield done(withScene(theme, id, s -> s.named(name)), new Edit.RenameScene(id, old.name()));
            }
            case Edit.MoveScene(String id, int index) -> {
                Scene moved = scene(theme, id);
                List<Scene> others =
                        theme.scenes().stream().filter(s -> s != moved).toList();
                yield done(
                        theme.withScenes(inserted(others, index, moved)),
                        new Edit.MoveScene(id, theme.scenes().indexOf(moved)));
            }
            case Edit.SetPieceCaptures(String id, List<String> captures) -> {
                requireCaptures(theme, captures);
                yield done(
                        withPiece(theme, piece(theme, id).withCaptures(captures)),
                        new Edit.SetPieceCaptures(id, piece(theme, id).captures()));
            }
            case Edit.SetMustShow(String id, boolean must) ->
                done(
                        withPiece(theme, piece(theme, id).mustShow(must)),
                        new Edit.SetMustShow(id, piece(theme, id).mustShow()));
            case Edit.AddPiece(int index, Piece piece) -> addPiece(theme, index, piece);
            case Edit.RemovePiece(String id) -> removePiece(theme, id);
            case Edit.RenamePiece(String id, String name) -> {
                requireName(name);
                yield done(
                        withPiece(theme, piece(theme, id).named(name)),
                        new Edit.RenamePiece(id, piece(theme, id).name()));
            }
            case Edit.SetContent(String id, String field, Content value) ->
                done(withPiece(theme, piece(theme, id).withContent(field, value)), undoContent(theme, id, field));
            case Edit.DropContent(String id, String field) -> {
                require(piece(theme, id).content().containsKey(field), "That is what its kind says already.");
                yield done(withPiece(theme, piece(theme, id).withoutContent(field)), undoContent(theme, id, field));
            }
            case Edit.SetFigure(String id, String field, double value) ->
                done(withPiece(theme, piece(theme, id).withFigure(field, value)), undoFigure(theme, id, field));
            case Edit.DropFigure(String id, String field) -> {
                require(piece(theme, id).figures().containsKey(field), "That figure is the standard one already.");
                yield done(withPiece(theme, piece(theme, id).withoutFigure(field)), undoFigure(theme, id, field));
            }
            case Edit.SetInlay(String id, Inlay inlay) -> {
                artwork(theme, inlay.artwork());
                yield done(withPiece(theme, piece(theme, id).with(Optional.of(inlay))), undoInlay(theme, id));
            }
            case Edit.DropInlay(String id) -> {
                require(piece(theme, id).inlay().isPresent(), "No picture is laid into this piece.");
                yield done(withPiece(theme, piece(theme, id).with(Optional.empty())), undoInlay(theme, id));
            }
            case Edit.SetAlert(AlertRule rule) -> setAlert(theme, rule);
            case Edit.DropAlert(SignalKind kind) -> {
                AlertRule old = theme.alert(kind).orElseThrow(() -> new Refusal("There is no such alert."));
                yield done(
                        theme.withAlerts(theme.alerts().stream()
                                .filter(rule -> rule != old)
                                .toList()),
                        new Edit.SetAlert(old));
            }
            case Edit.AddFace(int index, OwnFace face) -> {
                require(
                        theme.faces().stream().noneMatch(f -> f.face().equals(face.face())),
                        "This theme has that face already.");
                require(
                        theme.faces().size() < Theme.MOST_FACES,
                        "A theme has at most " + Theme.MOST_FACES + " faces of its own.");
                yield done(theme.withFaces(inserted(theme.faces(), index, face)), new Edit.RemoveFace(face.face()));
            }
            case Edit.RemoveFace(Face face) -> {
                OwnFace old = ownFace(theme, face);
                require(
                        !List.of(
                                        theme.brand().heading(),
                                        theme.brand().text(),
                                        theme.brand().figures())
                                .contains(face),
                        "The brand uses this face; choose another one first.");
                yield done(
                        theme.withFaces(theme.faces().stream()
                                .filter(f -> !f.equals(old))
                                .toList()),
                        new Edit.AddFace(theme.faces().indexOf(old), old));
            }
            case Edit.SetFaceProvenance(Face face, Provenance provenance) -> {
                OwnFace old = ownFace(theme, face);
                yield done(
                        theme.withFaces(theme.faces().stream()
                                .map(f -> f.equals(old) ? new OwnFace(face, old.title(), provenance) : f)
                                .toList()),
                        new Edit.SetFaceProvenance(face, old.provenance()));
            }
            case Edit.AddArtwork(int index, Artwork artwork) -> {
                require(theme.artwork(artwork.id()).isEmpty(), "There is already a picture with this id.");
                require(
                        theme.artworks().size() < Theme.MOST_ARTWORKS,
                        "A theme has at most " + Theme.MOST_ARTWORKS + " ready-made pictures.");
                yield done(
                        theme.withArtworks(inserted(theme.artworks(), index, artwork)),
                        new Edit.RemoveArtwork(artwork.id()));
            }
            case Edit.RemoveArtwork(String id) -> {
                Artwork old = artwork(theme, id);
                theme.pieces().stream()
                        .filter(p -> p.inlay()
                                .filter(inlay -> inlay.artwork().equals(id))
                                .isPresent())
                        .findFirst()
                        .ifPresent(p -> require(false, p.name() + " shows this picture; take it off there first."));
                yield done(
                        theme.withArtworks(theme.artworks().stream()
                                .filter(a -> !a.id().equals(id))
                                .toList()),
                        new Edit.AddArtwork(theme.artworks().indexOf(old), old));
            }
            case Edit.SetRecolouring(String id, Recolouring recolouring) -> {
                Artwork old = artwork(theme, id);
                yield done(withArtwork(theme, old.with(recolouring)), new Edit.SetRecolouring(id, old.recolouring()));
            }
            case Edit.SetOpenings(String id, List<Cut> openings) -> drawn(theme, id, Optional.of(openings));
            case Edit.DropOpenings(String id) -> drawn(theme, id, Optional.empty());
            case Edit.ReplaceArtwork(Artwork artwork) ->
                done(withArtwork(theme, artwork), new Edit.ReplaceArtwork(artwork(theme, artwork.id())));
            case Edit.SetProvenance(String id, Provenance provenance) -> {
                Artwork old = artwork(theme, id);
                yield done(withArtwork(theme, old.with(provenance)), new Edit.SetProvenance(id, old.provenance()));
            }
            case Edit.Batch(List<Edit> edits) -> batch(theme, edits);
        };
    }

    static Outcome.Applied done(Theme theme, Edit inverse) {
        return new Outcome.Applied(theme, inverse);
    }

    private static Outcome.Applied setSeed(Theme theme, int index, Colour colour) {
        List<Colour> seeds = new ArrayList<>(theme.brand().seeds());
        requireIndex(index, seeds.size(), "seed colour");
        Colour old = seeds.set(index, colour.withAlpha(1));
        return done(withSeeds(theme, seeds), new Edit.SetSeed(index, old));
    }

    private static Outcome.Applied removeSeed(Theme theme, int index) {
        List<Colour> seeds = new ArrayList<>(theme.brand().seeds());
        requireIndex(index, seeds.size(), "seed colour");
        Colour old = seeds.remove(index);
        return done(withSeeds(theme, seeds), new Edit.AddSeed(index, old));
    }

    private static Theme withSeeds(Theme theme, List<Colour> seeds) {
        return theme.withBrand(theme.brand().withSeeds(seeds));
    }

    private static Theme withPin(Theme theme, Role role, Optional<Colour> colour) {
        Map<Role, Colour> pins = new HashMap<>(theme.brand().pins());
        pins.remove(role);
        colour.ifPresent(c -> pins.put(role, c));
        return theme.withBrand(theme.brand().withPins(pins));
    }

    private static Edit undoPin(Theme theme, Role role) {
        Colour old = theme.brand().pins().get(role);
        return old == null ? new Edit.DropPin(role) : new Edit.SetPin(role, old);
    }

    private static Outcome.Applied addMood(Theme theme, int index, Mood mood) {
        require(theme.brand().mood(mood.id()).isEmpty(), "There is already a mood with this id.");
        require(theme.brand().moods().size() < Brand.MOST_MOODS, "A brand has at most " + Brand.MOST_MOODS + " moods.");
        return done(
                withMoods(
                        theme,
                        inserted(theme.brand().moods(), index, mood),
                        theme.brand().mood()),
                new Edit.RemoveMood(mood.id()));
    }

    /** The brand's own colours come back when the mood that is worn goes. */
    private static Outcome.Applied removeMood(Theme theme, String id) {
        Mood old = mood(theme, id);
        boolean worn = theme.brand().mood().equals(id);
        Edit back = new Edit.AddMood(theme.brand().moods().indexOf(old), old);
        return done(
                withMoods(
                        theme,
                        theme.brand().moods().stream()
                                .filter(m -> !m.id().equals(id))
                                .toList(),
                        worn ? "" : theme.brand().mood()),
                worn ? new Edit.Batch(List.of(back, new Edit.ChooseMood(id))) : back);
    }

    private static Mood mood(Theme theme, String id) {
        return theme.brand().mood(id).orElseThrow(() -> new Refusal("That mood is no longer there."));
    }

    private static Theme withMoods(Theme theme, List<Mood> moods, String worn) {
        return theme.withBrand(theme.brand().withMoods(moods, worn));
    }

    private static OwnFace ownFace(Theme theme, Face face) {
        return theme.faces().stream()
                .filter(f -> f.face().equals(face))
                .findFirst()
                .orElseThrow(() -> new Refusal("That face is no longer there."));
    }

    private static Artwork artwork(Theme theme, String id) {
        return theme.artwork(id).orElseThrow(() -> new Refusal("That picture is no longer there."));
    }

    private static Edit undoInlay(Theme theme, String piece) {
        return piece(theme, piece)
                .inlay()
                .<Edit>map(old -> new Edit.SetInlay(piece, old))
                .orElseGet(() -> new Edit.DropInlay(piece));
    }

    private static Outcome.Applied drawn(Theme theme, String id, Optional<List<Cut>> openings) {
        Artwork old = artwork(theme, id);
        return done(
                withArtwork(theme, old.with(openings)),
                old.drawn()
                        .<Edit>map(before -> new Edit.SetOpenings(id, before))
                        .orElseGet(() -> new Edit.DropOpenings(id)));
    }

    private static Theme withArtwork(Theme theme, Artwork changed) {
        return theme.withArtworks(theme.artworks().stream()
                .map(a -> a.id().equals(changed.id()) ? changed : a)
                .toList());
    }

    private static Outcome.Applied setFace(Theme theme, Edit.FaceUse use, Face face) {
        Brand b = theme.brand();
        return switch (use) {
            case HEADING ->
                done(theme.withBrand(b.withFaces(face, b.text(), b.figures())), new Edit.SetFace(use, b.heading()));
            case TEXT ->
                done(theme.withBrand(b.withFaces(b.heading(), face, b.figures())), new Edit.SetFace(use, b.text()));
            case FIGURES ->
                done(theme.withBrand(b.withFaces(b.heading(), b.text(), face)), new Edit.SetFace(use, b.figures()));
        };
    }

    private static Outcome.Applied addScene(Theme theme, int index, Scene scene) {
        require(theme.scene(scene.id()).isEmpty(), "There is already a scene with this id.");
        require(theme.scenes().size() < Theme.MOST_SCENES, "A theme has at most " + Theme.MOST_SCENES + " scenes.");
        requireName(scene.name());
        scene.stack().forEach(p -> PlacingEdits.requirePlaceable(piece(theme, p.piece())));
        PlacingEdits.requireNoCircle(theme, scene);
        return done(theme.withScenes(inserted(theme.scenes(), index, scene)), new Edit.RemoveScene(scene.id()));
    }

    private static Outcome.Applied removeScene(Theme theme, String id) {
        Scene old = scene(theme, id);
        int index = theme.scenes().indexOf(old);
        return done(
                theme.withScenes(
                        theme.scenes().stream().filter(s -> !s.id().equals(id)).toList()),
                new Edit.AddScene(index, old));
    }

    private static Outcome.Applied addPiece(Theme theme, int index, Piece piece) {
        require(theme.piece(piece.id()).isEmpty(), "There is already a piece with this id.");
        require(theme.pieces().size() < Theme.MOST_PIECES, "A theme has at most " + Theme.MOST_PIECES + " pieces.");
        requireName(piece.name());
        requireCaptures(theme, piece.captures());
        return done(theme.withPieces(inserted(theme.pieces(), index, piece)), new Edit.RemovePiece(piece.id()));
    }

    private static void requireCaptures(Theme theme, List<String> captures) {
        require(
                captures.stream().allMatch(capture -> theme.capture(capture).isPresent()),
                "That capture is no longer there.");
    }

    private static Outcome.Applied removePiece(Theme theme, String id) {
        Piece old = piece(theme, id);
        List<Edit> back = new ArrayList<>();
        back.add(new Edit.AddPiece(theme.pieces().indexOf(old), old));
        Theme next = theme;
        for (Scene scene : theme.scenes()) {
            Optional<Placed> placed = scene.placed(id);
            if (placed.isPresent()) {
                back.add(new Edit.Place(scene.id(), scene.indexOf(id), placed.get()));
                next = withScene(next, scene.id(), s -> s.without(id));
            }
        }
        return done(
                next.withPieces(
                        next.pieces().stream().filter(p -> !p.id().equals(id)).toList()),
                new Edit.Batch(back));
    }

    private static Edit undoContent(Theme theme, String piece, String field) {
        Content old = piece(theme, piece).content().get(field);
        return old == null ? new Edit.DropContent(piece, field) : new Edit.SetContent(piece, field, old);
    }

    private static Edit undoFigure(Theme theme, String piece, String field) {
        Double old = piece(theme, piece).figures().get(field);
        return old == null ? new Edit.DropFigure(piece, field) : new Edit.SetFigure(piece, field, old);
    }

    private static Outcome.Applied setAlert(Theme theme, AlertRule rule) {
        Optional<AlertRule> old = theme.alert(rule.kind());
        List<AlertRule> rules = new ArrayList<>(theme.alerts());
        if (old.isPresent()) {
            rules.set(rules.indexOf(old.get()), rule);
        } else {
            rules.add(rule);
        }
        return done(theme.withAlerts(rules), old.<Edit>map(Edit.SetAlert::new).orElse(new Edit.DropAlert(rule.kind())));
    }

    private static Outcome.Applied batch(Theme theme, List<Edit> edits) {
        require(!edits.isEmpty(), "There is nothing in this change.");
        Theme current = theme;
        List<Edit> back = new ArrayList<>();
        for (Edit edit : edits) {
            Outcome.Applied step = applied(current, edit);
            current = step.theme();
            back.addFirst(step.inverse());
        }
        return done(current, new Edit.Batch(back));
    }

    static Piece piece(Theme theme, String id) {
        return theme.piece(id).orElseThrow(() -> new Refusal("That piece was deleted; nothing was changed."));
    }

    static Scene scene(Theme theme, String id) {
        return theme.scene(id).orElseThrow(() -> new Refusal("That scene was deleted; nothing was changed."));
    }

    static Theme withScene(Theme theme, String id, UnaryOperator<Scene> change) {
        scene(theme, id);
        return theme.withScenes(theme.scenes().stream()
                .map(s -> s.id().equals(id) ? change.apply(s) : s)
                .toList());
    }

    static Theme withPiece(Theme theme, Piece changed) {
        return theme.withPieces(theme.pieces().stream()
                .map(p -> p.id().equals(changed.id()) ? changed : p)
                .toList());
    }

    static <T> List<T> inserted(List<T> list, int index, T item) {
        List<T> next = new ArrayList<>(list);
        next.add(Math.clamp(index, 0, next.size()), item);
        return next;
    }

    static void requireIndex(int index, int size, String what) {
        require(
                index >= 0 && index < size,
                "There is no " + what + " number " + (index + 1) + "; there are " + size + ".");
    }

    static void requireName(String name) {
        require(!name.isBlank() && name.length() <= 120, "A name has between 1 and 120 letters.");
    }

    static void require(boolean holds, String otherwise) {
        if (!holds) {
            throw new Refusal(otherwise);
        }
    }
}
