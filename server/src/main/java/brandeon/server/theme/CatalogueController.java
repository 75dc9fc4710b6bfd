package brandeon.server.theme;

import brandeon.core.art.Blend;
import brandeon.core.art.Families;
import brandeon.core.bot.Asker;
import brandeon.core.bot.Command;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.PictureSystem;
import brandeon.core.canvas.SafeMargins;
import brandeon.core.colour.Palette;
import brandeon.core.colour.Role;
import brandeon.core.colour.Vision;
import brandeon.core.kind.Content;
import brandeon.core.kind.Field;
import brandeon.core.kind.Figure;
import brandeon.core.kind.Kind;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.live.AlertRule;
import brandeon.core.live.Period;
import brandeon.core.live.Readings;
import brandeon.core.live.SignalKind;
import brandeon.core.live.Urgency;
import brandeon.core.motion.Entrance;
import brandeon.core.platform.Profile;
import brandeon.core.publish.Behaviour;
import brandeon.core.text.Face;
import brandeon.core.text.ValueType;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Starter;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What there is to choose from: families, faces, kinds of pieces, readings, platforms. */
@RestController
class CatalogueController {

    record FamilyView(String id, String title, String description) {}

    record FaceView(Face id, String title, String family, String character) {}

    /**
     * What the screens must know of a kind of piece.
     *
     * @param pictures the field with a line for each of several pictures that it is taken out as; empty for one picture
     */
    record KindView(
            PieceKind id,
            String title,
            Kind.Group group,
            Zone zone,
            List<Field> fields,
            List<Figure> figures,
            Kind.Laid laid,
            boolean ground,
            boolean announces,
            boolean clip,
            boolean apart,
            boolean shares,
            String pictures) {}

    /** @param period over which it counts, in words; empty for values that do not count */
    record ReadingView(String name, String meaning, ValueType type, String period) {}

    record SignalKindView(SignalKind id, String title, SignalKind.Amount amount) {}

    record UrgencyView(Urgency id, String title) {}

    record AskerView(Asker id, String title) {}

    record EntranceView(Entrance id, String title) {}

    /** @param matrix rows of red, green, blue over linear red, green, blue */
    record VisionView(Vision id, String title, double[][] matrix) {}

    record SceneRoleView(SceneRole id, String title) {}

    record RoleView(Role id, String title) {}

    record BehaviourView(Behaviour id, String title) {}

    record BlendView(Blend id, String title) {}

    /**
     * How much is taken.
     *
     * @param letters of one text
     * @param lines   of a list
     * @param word    letters before or after a number
     * @param seeds   colours of a brand
     * @param widest  pixels of a picture that is taken out
     * @param side    pixels of a picture that is taken in
     */
    record Limits(int letters, int lines, int word, int seeds, int widest, int side) {}

    record Catalogue(
            List<FamilyView> families,
            List<FaceView> faces,
            List<KindView> kinds,
            List<ReadingView> readings,
            List<ReadingView> alertValues,
            List<ReadingView> commandValues,
            List<AskerView> askers,
            List<SignalKindView> signalKinds,
            List<UrgencyView> urgencies,
            List<EntranceView> entrances,
            List<AlertRule> standardAlerts,
            List<SceneRoleView> sceneRoles,
            List<RoleView> roles,
            List<BehaviourView> behaviours,
            List<BlendView> blends,
            List<VisionView> visions,
            List<PictureSystem> systems,
            SafeMargins safe,
            Limits limits) {}

    private static List<ReadingView> readings() {
        return Arrays.stream(Period.values())
                .flatMap(period -> values(Readings.names(period), period.words()).stream())
                .toList();
    }

    private static List<ReadingView> values(Map<String, Readings.Named> named, String period) {
        return named.entrySet().stream()
                .map(e -> new ReadingView(
                        e.getKey(), e.getValue().meaning(), e.getValue().type(), period))
                .toList();
    }

    @GetMapping("/api/catalogue")
    Catalogue catalogue() {
        return new Catalogue(
                Families.all().stream()
                        .map(f -> new FamilyView(f.id(), f.title(), f.description()))
                        .toList(),
                Face.shipped().stream()
                        .map(f -> new FaceView(f, f.title(), f.family(), f.character()))
                        .toList(),
                Arrays.stream(PieceKind.values()).map(CatalogueController::kind).toList(),
                readings(),
                values(Profile.ALERT_VALUES, ""),
                Stream.concat(values(Command.ASKED, "").stream(), readings().stream())
                        .toList(),
                Arrays.stream(Asker.values())
                        .map(asker -> new AskerView(asker, asker.title()))
                        .toList(),
                Arrays.stream(SignalKind.values())
                        .map(kind -> new SignalKindView(kind, kind.title(), kind.amount()))
                        .toList(),
                Arrays.stream(Urgency.values())
                        .map(urgency -> new UrgencyView(urgency, urgency.title()))
                        .toList(),
                Arrays.stream(Entrance.values())
                        .map(entrance -> new EntranceView(entrance, entrance.title()))
                        .toList(),
                Arrays.stream(SignalKind.values()).map(Starter::alert).toList(),
                Arrays.stream(SceneRole.values())
                        .map(role -> new SceneRoleView(role, role.title()))
                        .toList(),
                Arrays.stream(Role.values())
                        .map(role -> new RoleView(role, role.title()))
                        .toList(),
                Arrays.stream(Behaviour.values())
                        .map(behaviour -> new BehaviourView(behaviour, behaviour.words()))
                        .toList(),
                Arrays.stream(Blend.values())
                        .map(blend -> new BlendView(blend, blend.title()))
                        .toList(),
                Arrays.stream(Vision.values())
                        .map(v -> new VisionView(v, v.title(), v.matrix()))
                        .toList(),
                PictureSystem.ALL,
                SafeMargins.BROADCAST,
                new Limits(
                        Content.LONGEST,
                        Content.MOST,
                        Content.LONGEST_WORD,
                        Palette.MOST_SEEDS,
                        Canvas.MOST_SIDE,
                        Artwork.MOST_SIDE));
    }

    private static KindView kind(PieceKind kind) {
        Kind facts = kind.facts();
        return new KindView(
                kind,
                facts.title(),
                facts.group(),
                facts.zone(),
                facts.fields(),
                facts.figures(),
                facts.laid(),
                facts.ground(),
                facts.announces(),
                facts.clip(),
                facts.apart(),
                facts.shares(),
                facts.pictures().orElse(""));
    }
}
