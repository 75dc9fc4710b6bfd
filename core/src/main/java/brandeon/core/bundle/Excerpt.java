package brandeon.core.bundle;

import brandeon.core.bot.Bot;
import brandeon.core.colour.Role;
import brandeon.core.live.AlertRule;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.Brand;
import brandeon.core.theme.BrandEdit;
import brandeon.core.theme.Capture;
import brandeon.core.theme.CopyName;
import brandeon.core.theme.Edit;
import brandeon.core.theme.FramingEdit;
import brandeon.core.theme.Mood;
import brandeon.core.theme.OwnFace;
import brandeon.core.theme.PictureEdit;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneEdit;
import brandeon.core.theme.Sound;
import brandeon.core.theme.SoundEdit;
import brandeon.core.theme.Sounds;
import brandeon.core.theme.Theme;
import brandeon.core.theme.ThemeEdit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A part of a theme that travels alone: as a theme with nothing else in it, and put into another theme by edits. */
public final class Excerpt {

    private static final int LONGEST_ID = 60;
    /** Under which names documents hold the ids of other parts. */
    private static final Set<String> OF_PIECES = Set.of("piece", "to", "share");

    private static final Set<String> OF_PICTURES = Set.of("artwork", "picture");
    private static final Set<String> OF_SOUNDS = Set.of("sound");

    private Excerpt() {}

    /**
     * @param of id of the scene or piece; empty for what there is only one of
     * @throws Mistake when there is no such part
     */
    public static Theme of(Theme theme, Extent extent, String of) {
        return switch (extent) {
            case THEME -> theme;
            case SCENE ->
                scene(theme, theme.scene(of).orElseThrow(() -> new Mistake("There is no such scene in this theme.")));
            case PIECE -> {
                Piece piece = theme.piece(of).orElseThrow(() -> new Mistake("There is no such piece in this theme."));
                yield pieces(bare(theme), theme, Set.of(piece.id())).withName(piece.name());
            }
            case BRAND -> bare(theme).withFaces(worn(theme));
            case ALERTS -> {
                Theme alone = bare(theme).withAlerts(theme.alerts()).withPace(theme.pace());
                yield pictures(alone, theme, Json.write(theme.alerts()))
                        .withSounds(new Sounds(
                                theme.sounds().own().stream()
                                        .filter(sound -> theme.alerts().stream()
                                                .anyMatch(rule ->
                                                        rule.sound().sound().equals(sound.id())))
                                        .toList(),
                                theme.sounds().target()));
            }
        };
    }

    private static Theme scene(Theme theme, Scene scene) {
        Set<String> placed =
                scene.stack().stream().map(one -> one.piece()).collect(Collectors.toCollection(LinkedHashSet::new));
        return pieces(bare(theme).withFaces(worn(theme)), theme, placed)
                .withScenes(List.of(scene))
                .withLines(theme.lines().stream()
                        .filter(line -> line.role() == scene.role())
                        .toList())
                .withName(scene.name());
    }

    /** Brand, family and canvases; nothing that stands anywhere. */
    private static Theme bare(Theme theme) {
        return theme.withScenes(List.of())
                .withPieces(List.of())
                .withCaptures(List.of())
                .withAlerts(List.of())
                .withSounds(Sounds.STANDARD)
                .withArtworks(List.of())
                .withFaces(List.of())
                .withLines(List.of())
                .withBot(Bot.NONE);
    }

    private static List<OwnFace> worn(Theme theme) {
        Brand brand = theme.brand();
        return theme.faces().stream()
                .filter(own -> Stream.of(brand.heading(), brand.text(), brand.figures())
                        .anyMatch(own.face()::equals))
                .toList();
    }

    private static Theme pieces(Theme alone, Theme theme, Set<String> wanted) {
        Set<String> all = new LinkedHashSet<>(wanted);
        for (String id : wanted) {
            theme.piece(id)
                    .map(Piece::share)
                    .filter(other -> theme.piece(other).isPresent())
                    .ifPresent(all::add);
        }
        List<Piece> pieces = theme.pieces().stream()
                .filter(piece -> all.contains(piece.id()))
                .toList();
        Set<String> captures =
                pieces.stream().flatMap(piece -> piece.captures().stream()).collect(Collectors.toSet());
        Theme next = alone.withPieces(pieces)
                .withCaptures(theme.captures().stream()
                        .filter(capture -> captures.contains(capture.id()))
                        .toList());
        return pictures(next, theme, Json.write(pieces));
    }

    private static Theme pictures(Theme alone, Theme theme, String document) {
        Set<String> named = new HashSet<>();
        named(Json.read(document, JsonNode.class), OF_PICTURES, named);
        return alone.withArtworks(theme.artworks().stream()
                .filter(artwork -> named.contains(artwork.id()))
                .toList());
    }

    private static void named(JsonNode node, Set<String> fields, Set<String> found) {
        if (node instanceof ObjectNode object) {
            object.properties().forEach(property -> {
                if (fields.contains(property.getKey()) && property.getValue().isString()) {
                    found.add(property.getValue().asString());
                }
            });
        }
        node.forEach(child -> named(child, fields, found));
    }

    /**
     * What puts a part into another theme, to be taken back as one. Whatever has the name of something that is there
     * already gets another one; colours are those of the theme that it comes into.
     *
     * @throws Mistake for a whole theme, which is put into none
     */
    public static Edit.Batch into(Theme mine, Theme excerpt, Extent extent) {
        List<Edit> edits = new Into(mine, excerpt).edits(extent);
        if (edits.isEmpty()) {
            throw new Mistake("All of it is here already.");
        }
        return new Edit.Batch(edits);
    }

    private static final class Into {
        private final Theme mine;
        private final Theme excerpt;
        private final List<Edit> edits = new ArrayList<>();
        private final Map<String, String> pictures = new HashMap<>();
        private final Map<String, String> sounds = new HashMap<>();
        private final Map<String, String> pieces = new HashMap<>();

        Into(Theme mine, Theme excerpt) {
            this.mine = mine;
            this.excerpt = excerpt;
        }

        List<Edit> edits(Extent extent) {
            switch (extent) {
                case THEME -> throw new Mistake("A whole theme is brought in on the shelf, not into another theme.");
                case BRAND -> brand();
                case ALERTS -> alerts();
                case PIECE, SCENE -> {
                    pictures();
                    captures();
                    pieces();
                    scenes();
                }
            }
            return edits;
        }

        private void brand() {
            int at = mine.faces().size();
            for (OwnFace own : excerpt.faces()) {
                if (mine.faces().stream().noneMatch(one -> one.face().equals(own.face()))) {
                    edits.add(new PictureEdit.AddFace(at++, own));
                }
            }
            Brand now = mine.brand();
            Brand next = excerpt.brand();
            if (!now.mood().isEmpty()) {
                edits.add(new BrandEdit.ChooseMood(""));
            }
            edits.add(new BrandEdit.SetSeeds(next.seeds()));
            for (Role role : now.pins().keySet()) {
                if (!next.pins().containsKey(role)) {
                    edits.add(new BrandEdit.DropPin(role));
                }
            }
            next.pins().forEach((role, colour) -> edits.add(new BrandEdit.SetPin(role, colour)));
            edits.add(new BrandEdit.SetFace(BrandEdit.FaceUse.HEADING, next.heading()));
            edits.add(new BrandEdit.SetFace(BrandEdit.FaceUse.TEXT, next.text()));
            edits.add(new BrandEdit.SetFace(BrandEdit.FaceUse.FIGURES, next.figures()));
            edits.add(new BrandEdit.SetCorner(next.corner()));
            edits.add(new BrandEdit.SetPlate(next.plate()));
            edits.add(new BrandEdit.SetGradient(next.gradient()));
            edits.add(new BrandEdit.SetCalm(next.calm()));
            int moods = now.moods().size();
            Set<String> taken = now.moods().stream().map(Mood::id).collect(Collectors.toCollection(HashSet::new));
            for (Mood mood : next.moods()) {
                if (moods < Brand.MOST_MOODS && !now.moods().contains(mood)) {
                    String id = free(mood.id(), taken::contains);
                    taken.add(id);
                    edits.add(new BrandEdit.AddMood(moods++, new Mood(id, mood.name(), mood.seeds(), mood.pins())));
                }
            }
        }

        private void alerts() {
            pictures();
            int at = mine.sounds().own().size();
            for (Sound sound : excerpt.sounds().own()) {
                if (mine.sounds().own().contains(sound)) {
                    continue;
                }
                String id = free(sound.id(), taken -> mine.sounds().knows(taken) || sounds.containsValue(taken));
                sounds.put(sound.id(), id);
                ObjectNode node = renamed(sound, Map.of());
                node.put("id", id);
                edits.add(new SoundEdit.AddSound(at++, read(node, Sound.class)));
            }
            Set<String> taken =
                    mine.alerts().stream().map(AlertRule::id).collect(Collectors.toCollection(HashSet::new));
            int index = 0;
            for (AlertRule rule : excerpt.alerts()) {
                String id = free(rule.id(), taken::contains);
                taken.add(id);
                ObjectNode node = renamed(rule, links());
                node.put("id", id);
                keep(
                        (ArrayNode) node.get("canvases"),
                        canvas -> mine.canvas(canvas).isPresent());
                // The first rule that is for a signal holds, so what is brought in stands before what is there.
                edits.add(new ThemeEdit.AddAlert(read(node, AlertRule.class), index++));
            }
            if (!mine.pace().equals(excerpt.pace())) {
                edits.add(new ThemeEdit.SetPace(excerpt.pace()));
            }
        }

        private void pictures() {
            int at = mine.artworks().size();
            for (Artwork artwork : excerpt.artworks()) {
                if (mine.artwork(artwork.id())
                        .filter(one -> one.file().equals(artwork.file()))
                        .isPresent()) {
                    continue;
                }
                String id =
                        free(artwork.id(), taken -> mine.artwork(taken).isPresent() || pictures.containsValue(taken));
                pictures.put(artwork.id(), id);
                ObjectNode node = renamed(artwork, Map.of());
                node.put("id", id);
                edits.add(new PictureEdit.AddArtwork(at++, read(node, Artwork.class)));
            }
        }

        private void captures() {
            int at = mine.captures().size();
            for (Capture capture : excerpt.captures()) {
                if (mine.capture(capture.id()).isEmpty()) {
                    edits.add(new FramingEdit.AddCapture(at++, capture));
                }
            }
        }

        private void pieces() {
            for (Piece piece : excerpt.pieces()) {
                pieces.put(
                        piece.id(),
                        free(piece.id(), taken -> mine.piece(taken).isPresent() || pieces.containsValue(taken)));
            }
            int at = mine.pieces().size();
            // A piece that shares what another one says comes after it.
            List<Piece> ordered = Stream.concat(
                            excerpt.pieces().stream()
                                    .filter(piece -> piece.share().isEmpty()),
                            excerpt.pieces().stream()
                                    .filter(piece -> !piece.share().isEmpty()))
                    .toList();
            for (Piece piece : ordered) {
                ObjectNode node = renamed(piece, links());
                node.put("id", pieces.get(piece.id()));
                edits.add(new PieceEdit.AddPiece(at++, read(node, Piece.class)));
            }
        }

        private void scenes() {
            int at = mine.scenes().size();
            Set<String> names = mine.scenes().stream().map(Scene::name).collect(Collectors.toCollection(HashSet::new));
            for (Scene scene : excerpt.scenes()) {
                ObjectNode node = renamed(scene, links());
                node.put("id", free(scene.id(), taken -> mine.scene(taken).isPresent()));
                node.put("name", names.contains(scene.name()) ? CopyName.of(scene.name(), names) : scene.name());
                for (JsonNode placed : node.get("stack")) {
                    ObjectNode own = (ObjectNode) placed.get("onCanvas");
                    List<String> gone = own.propertyNames().stream()
                            .filter(canvas -> mine.canvas(canvas).isEmpty())
                            .toList();
                    own.remove(gone);
                }
                edits.add(new SceneEdit.AddScene(at++, read(node, Scene.class)));
            }
        }

        /** By the name of a field, what the ids in it are called here. */
        private Map<String, Map<String, String>> links() {
            Map<String, Map<String, String>> links = new HashMap<>();
            OF_PIECES.forEach(field -> links.put(field, pieces));
            OF_PICTURES.forEach(field -> links.put(field, pictures));
            OF_SOUNDS.forEach(field -> links.put(field, sounds));
            return links;
        }
    }

    private static void keep(ArrayNode list, Predicate<String> wanted) {
        for (int i = list.size() - 1; i >= 0; i--) {
            if (!wanted.test(list.get(i).asString())) {
                list.remove(i);
            }
        }
    }

    private static <T> T read(ObjectNode node, Class<T> type) {
        return Json.read(node.toString(), type);
    }

    private static ObjectNode renamed(Object part, Map<String, Map<String, String>> links) {
        ObjectNode node = (ObjectNode) Json.read(Json.write(part), JsonNode.class);
        rename(node, links);
        return node;
    }

    private static void rename(JsonNode node, Map<String, Map<String, String>> links) {
        if (node instanceof ObjectNode object) {
            for (String field : List.copyOf(object.propertyNames())) {
                JsonNode value = object.get(field);
                Map<String, String> ids = links.get(field);
                if (ids != null && value.isString() && ids.containsKey(value.asString())) {
                    object.put(field, ids.get(value.asString()));
                }
            }
        }
        node.forEach(child -> rename(child, links));
    }

    private static String free(String wanted, Predicate<String> taken) {
        String id = wanted;
        for (int i = 2; taken.test(id); i++) {
            String end = "-" + i;
            id = wanted.substring(0, Math.min(wanted.length(), LONGEST_ID - end.length())) + end;
        }
        return id;
    }
}
