package brandeon.server.theme;

import brandeon.core.art.Families;
import brandeon.core.canvas.PictureSystem;
import brandeon.core.colour.Vision;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.live.Platform;
import brandeon.core.live.Readings;
import brandeon.core.text.Face;
import brandeon.core.theme.SceneRole;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What there is to choose from: families, faces, kinds of pieces, readings, platforms. */
@RestController
class CatalogueController {

    record FamilyView(String id, String title, String description) {
    }

    record FaceView(Face id, String title, String family, String character) {
    }

    record KindText(String name, String title, String standard, boolean many) {
    }

    record KindFigure(String name, String title, double least, double most, double standard, List<String> choices) {
    }

    record KindView(PieceKind id, String title, PieceKind.Group group, Zone zone, List<KindText> texts, List<KindFigure> figures) {
    }

    record ReadingView(String name, String meaning) {
    }

    record PlatformView(Platform id, String title) {
    }

    /** @param matrix rows of red, green, blue over linear red, green, blue */
    record VisionView(Vision id, String title, double[][] matrix) {
    }

    record Catalogue(List<FamilyView> families, List<FaceView> faces, List<KindView> kinds, List<ReadingView> readings, List<PlatformView> platforms, List<SceneRole> sceneRoles, List<VisionView> visions, List<PictureSystem> systems) {
    }

    @GetMapping("/api/catalogue")
    Catalogue catalogue() {
        return new Catalogue(
                Families.all().stream().map(f -> new FamilyView(f.id(), f.title(), f.description())).toList(),
                Face.shipped().stream().map(f -> new FaceView(f, f.title(), f.family(), f.character())).toList(),
                Arrays.stream(PieceKind.values()).map(CatalogueController::kind).toList(),
                Readings.names().entrySet().stream().map(e -> new ReadingView(e.getKey(), e.getValue().meaning())).toList(),
                Arrays.stream(Platform.values()).map(p -> new PlatformView(p, p.title())).toList(),
                List.of(SceneRole.values()),
                Arrays.stream(Vision.values()).map(v -> new VisionView(v, v.title(), v.matrix())).toList(),
                PictureSystem.ALL);
    }

    private static KindView kind(PieceKind kind) {
        return new KindView(kind, kind.title(), kind.group(), kind.zone(),
                kind.texts().stream().map(t -> new KindText(t.name(), t.title(), t.standard(), t.many())).toList(),
                kind.figures().stream().map(f -> new KindFigure(f.name(), f.title(), f.least(), f.most(), f.standard(), f.choices())).toList());
    }
}
