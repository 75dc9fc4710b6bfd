package brandeon.server.layout;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.CaptureFit;
import brandeon.core.canvas.SafeArea;
import brandeon.core.canvas.Shape;
import brandeon.core.kind.Kind;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.layout.ZonePlan;
import brandeon.core.preflight.Finding;
import brandeon.core.preflight.SceneChecks;
import brandeon.core.theme.Region;
import brandeon.core.theme.Theme;
import java.util.List;

/**
 * One scene on one canvas, for the editor. All boxes are in canvas pixels.
 *
 * @param unit      pixels in a unit
 * @param behind    how many pieces lie behind the captures
 * @param keepClear areas of the scene on this shape of canvas
 * @param regions   of captures, where they are seen
 */
record LayoutView(
        String scene,
        String canvas,
        Shape shape,
        int width,
        int height,
        double unit,
        int behind,
        List<PieceView> pieces,
        List<OpeningView> openings,
        Box action,
        Box graphics,
        List<ZonePlan.Divider> dividers,
        List<AreaView> keepClear,
        List<RegionView> regions,
        List<Finding> findings) {

    /**
     * @param box    before it is turned
     * @param bounds    around it as it stands
     * @param corrected whether its place was made by hand, for the shape or the canvas
     * @param onCanvas  whether for this canvas alone
     * @param ground    whether it is scenery, which others stand before on purpose
     * @param through   whether one points through it: it shows alerts, or little of its box is painted
     */
    record PieceView(
            String id,
            String name,
            PieceKind kind,
            Box box,
            Box bounds,
            double turn,
            boolean corrected,
            boolean onCanvas,
            boolean locked,
            boolean ground,
            boolean through) {}

    /** @param index which of the piece's openings, from 0; @param turn degrees about (pivotX, pivotY) */
    record OpeningView(
            String piece,
            int index,
            String capture,
            String captureName,
            int sourceWidth,
            int sourceHeight,
            Box box,
            double bleed,
            CaptureFit fit,
            boolean enlarged,
            boolean masked,
            double turn,
            double pivotX,
            double pivotY) {}

    record AreaView(String id, String name, Box box) {}

    record RegionView(String id, String capture, String name, Region.Sort sort, String piece, Box box) {}

    static LayoutView of(Theme theme, ResolvedScene resolved) {
        Canvas canvas = resolved.canvas();
        return new LayoutView(
                resolved.scene().id(),
                canvas.id(),
                canvas.shape(),
                canvas.size().width(),
                canvas.size().height(),
                canvas.unit(),
                resolved.behind(),
                resolved.placements().stream()
                        .map(placement -> piece(placement, canvas))
                        .toList(),
                openings(resolved),
                canvas.safe(SafeArea.ACTION),
                canvas.safe(SafeArea.GRAPHICS),
                ZonePlan.of(resolved.scene().role(), canvas, theme.lines()).dividers(),
                resolved.scene().keepClear().stream()
                        .filter(area -> area.shape() == canvas.shape())
                        .map(area -> new AreaView(area.id(), area.name(), canvas.pixels(area.box())))
                        .toList(),
                resolved.openings().stream()
                        .flatMap(opening -> opening.capture().regions().stream().map(region -> region(opening, region)))
                        .toList(),
                SceneChecks.of(theme, resolved));
    }

    private static PieceView piece(Placement placement, Canvas canvas) {
        Kind kind = placement.piece().kind().facts();
        return new PieceView(
                placement.piece().id(),
                placement.piece().name(),
                placement.piece().kind(),
                placement.box(),
                placement.bounds(),
                placement.manner().turn(),
                placement.corrected(canvas),
                placement.placed().onCanvas().containsKey(canvas.id()),
                placement.placed().locked(),
                kind.ground(),
                kind.announces() || (kind.sparse() && kind.zone() == Zone.FULL));
    }

    private static List<OpeningView> openings(ResolvedScene resolved) {
        return resolved.openings().stream()
                .map(o -> new OpeningView(
                        o.piece(),
                        resolved.openings().stream()
                                .filter(other -> other.piece().equals(o.piece()))
                                .toList()
                                .indexOf(o),
                        o.capture().id(),
                        o.capture().name(),
                        o.capture().size().width(),
                        o.capture().size().height(),
                        o.opening().box(),
                        o.opening().bleed(),
                        o.fit(),
                        o.fit().enlarged(),
                        o.opening().masked(),
                        o.turn(),
                        o.pivotX(),
                        o.pivotY()))
                .toList();
    }

    private static RegionView region(FittedOpening opening, Region region) {
        return new RegionView(
                region.id(),
                opening.capture().id(),
                region.name(),
                region.sort(),
                opening.piece(),
                opening.seen(region));
    }
}
