package brandeon.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.SafeArea;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.Size;
import brandeon.core.kind.Zone;
import brandeon.core.theme.LineShift;
import brandeon.core.theme.PlanLine;
import brandeon.core.theme.SceneRole;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ZonePlanTest {

    static Stream<Canvas> sixCanvases() {
        return Stream.of(
                        Size.of(1280, 720),
                        Size.of(1920, 1080),
                        Size.of(2560, 1440),
                        Size.of(3840, 2160),
                        Size.of(1080, 1920),
                        Size.of(1080, 1080))
                .map(size -> Canvas.of("c", size.toString(), size, 60));
    }

    @ParameterizedTest
    @MethodSource("sixCanvases")
    void everyZoneOfEveryRoleLiesOnTheCanvasAtWholePixels(Canvas canvas) {
        for (SceneRole role : SceneRole.values()) {
            for (Zone zone : Zone.values()) {
                Box box = ZonePlan.of(role, canvas).zone(zone);
                assertThat(box.outside(canvas.size().box()))
                        .as("%s of %s", zone, role)
                        .isZero();
                assertThat(box).as("%s of %s", zone, role).isEqualTo(box.snapped());
                assertThat(box.area()).isPositive();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("sixCanvases")
    void framesAndStripsKeepToTheActionSafeAreaAndDoNotOverlap(Canvas canvas) {
        ZonePlan plan = ZonePlan.of(SceneRole.LIVE, canvas);
        Zone[] zones = {Zone.PLAY, Zone.CAMERA, Zone.STRIP, Zone.SECOND_STRIP};
        for (Zone zone : zones) {
            assertThat(plan.zone(zone).outside(canvas.safe(SafeArea.ACTION)))
                    .as("%s", zone)
                    .isLessThanOrEqualTo(0.5);
            assertThat(plan.zone(zone).cut(plan.zone(Zone.BAND)).area())
                    .as("%s under the band", zone)
                    .isZero();
            for (Zone other : zones) {
                if (other != zone) {
                    assertThat(plan.zone(zone).cut(plan.zone(other)).area())
                            .as("%s and %s", zone, other)
                            .isZero();
                }
            }
        }
    }

    @Test
    void anUprightCanvasHasTheCameraAboveThePlayBelowAndTheStripBetween() {
        ZonePlan plan = ZonePlan.of(SceneRole.LIVE, Canvas.of("u", "Upright", Size.of(1080, 1920), 60));
        assertThat(plan.zone(Zone.CAMERA).bottom())
                .isLessThan(plan.zone(Zone.STRIP).y());
        assertThat(plan.zone(Zone.STRIP).bottom())
                .isLessThan(plan.zone(Zone.PLAY).y());
        assertThat(plan.zone(Zone.PLAY).width())
                .as("as wide as the canvas allows")
                .isGreaterThan(1080 * 0.9);
    }

    @Test
    void aWideCanvasHasTheCameraBesideThePlay() {
        ZonePlan plan = ZonePlan.of(SceneRole.LIVE, Canvas.of("w", "Wide", Size.of(1920, 1080), 60));
        assertThat(plan.zone(Zone.CAMERA).x())
                .isGreaterThan(plan.zone(Zone.PLAY).right());
        assertThat(plan.zone(Zone.CAMERA).y()).isEqualTo(plan.zone(Zone.PLAY).y());
    }

    @Test
    void theSameShapeAtAnotherSizeIsTheSamePlan() {
        ZonePlan hd = ZonePlan.of(SceneRole.LIVE, Canvas.of("a", "A", Size.of(1920, 1080), 60));
        ZonePlan uhd = ZonePlan.of(SceneRole.LIVE, Canvas.of("b", "B", Size.of(3840, 2160), 60));
        for (Zone zone : Zone.values()) {
            assertThat(uhd.zone(zone).x()).isEqualTo(hd.zone(zone).x() * 2, within(1.0));
            assertThat(uhd.zone(zone).height()).isEqualTo(hd.zone(zone).height() * 2, within(2.0));
        }
    }

    /** Wherever a person drags a line, the plan stays a plan. */
    @ParameterizedTest
    @MethodSource("sixCanvases")
    void movedLinesNeverMakeZonesOverlapOrLeaveTheCanvas(Canvas canvas) {
        SplittableRandom random = new SplittableRandom(4);
        for (int i = 0; i < 400; i++) {
            List<LineShift> lines = ZonePlan.of(SceneRole.LIVE, canvas).dividers().stream()
                    .map(d -> new LineShift(SceneRole.LIVE, canvas.shape(), d.line(), random.nextDouble()))
                    .toList();
            ZonePlan plan = ZonePlan.of(SceneRole.LIVE, canvas, lines);
            Zone[] zones = {Zone.PLAY, Zone.CAMERA, Zone.STRIP, Zone.SECOND_STRIP, Zone.BAND};
            for (Zone zone : zones) {
                assertThat(plan.zone(zone).outside(canvas.size().box()))
                        .as("%s with %s", zone, lines)
                        .isZero();
                assertThat(plan.zone(zone).area()).isPositive();
                for (Zone other : zones) {
                    if (other != zone) {
                        assertThat(plan.zone(zone).cut(plan.zone(other)).area())
                                .as("%s and %s with %s", zone, other, lines)
                                .isZero();
                    }
                }
            }
        }
    }

    @Test
    void aMovedLineStandsWhereItWasPutAndTheOthersStay() {
        Canvas canvas = Canvas.of("w", "Wide", Size.of(1920, 1080), 60);
        ZonePlan plan = ZonePlan.of(
                SceneRole.LIVE, canvas, List.of(new LineShift(SceneRole.LIVE, Shape.WIDE, PlanLine.COLUMN, 0.5)));
        assertThat(plan.zone(Zone.PLAY).right()).isEqualTo(960);
        assertThat(plan.zone(Zone.BAND))
                .isEqualTo(ZonePlan.of(SceneRole.LIVE, canvas).zone(Zone.BAND));
        assertThat(ZonePlan.of(
                                SceneRole.TALKING,
                                canvas,
                                List.of(new LineShift(SceneRole.LIVE, Shape.WIDE, PlanLine.COLUMN, 0.5)))
                        .zone(Zone.PLAY))
                .as("another role has its own plan")
                .isEqualTo(ZonePlan.of(SceneRole.TALKING, canvas).zone(Zone.PLAY));
    }
}
