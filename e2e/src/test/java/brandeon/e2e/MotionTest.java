package brandeon.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.Pictures;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Raster;
import brandeon.core.art.SvgWriter;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.Samples;
import brandeon.core.motion.Easing;
import brandeon.core.motion.Pose;
import brandeon.core.motion.Track;
import brandeon.core.pack.Json;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.theme.Piece;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.WebSocketRoute;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Movement, soft edges and particles as core computes them against what Chromium shows at the same instant. */
@ExtendWith(RunningServer.class)
class MotionTest {

    /** An evening in November 2026; any instant would do. */
    private static final long EVENING = 1_795_456_800_123L;

    private static final Size SIZE = Size.of(240, 160);
    private static final Colour REED = Colour.parse("#4f8f5b");
    private static final Colour LANTERN = Colour.parse("#e8a33d");

    private static Browser browser;
    private static String address;
    private static String link;

    @BeforeAll
    static void open(RunningServer server) {
        browser = new Browser();
        address = server.address();
        link = server.host().link(server.host().demo(), "hide", "wide", "WHOLE");
    }

    @AfterAll
    static void close() {
        browser.close();
    }

    /**
     * Web Animations as Chromium computes them: the matrix and opacity of an element whose animation stands at a time.
     */
    @Test
    void aPoseIsWhereChromiumPutsThePart() {
        Page page = browser.withFonts(address, 100, 100);
        List<Track> tracks = List.of(
                Track.once(
                        "p",
                        List.of(Track.Key.still(0).movedBy(-90, 0).faded(0), Track.Key.still(1)),
                        Easing.ARRIVE,
                        700,
                        120,
                        1),
                Track.once(
                        "p",
                        List.of(
                                Track.Key.still(0).scaledBy(0.6, 50, 40).faded(0),
                                Track.Key.still(0.6).scaledBy(1.05, 50, 40),
                                Track.Key.still(1).scaledBy(1, 50, 40)),
                        Easing.EASE_OUT,
                        500,
                        0,
                        1),
                Track.once(
                        "p",
                        List.of(
                                Track.Key.still(0).turnedBy(-30, 10, 20).movedBy(0, -34),
                                Track.Key.still(1).turnedBy(0, 10, 20)),
                        Easing.EASE_IN_OUT,
                        600,
                        40,
                        1),
                Track.loop(
                        "p",
                        Track.Key.still(0).movedBy(-6, 0),
                        Track.Key.still(1).movedBy(6, 3).faded(0.4),
                        300,
                        0),
                new Track(
                        "p",
                        List.of(
                                Track.Key.still(0).faded(0),
                                Track.Key.still(0.1),
                                Track.Key.still(0.3).faded(0.2),
                                Track.Key.still(1).movedBy(40, 0)),
                        Easing.LEAVE,
                        400,
                        100,
                        2,
                        false,
                        1));
        for (Track track : tracks) {
            Picture.Movement movement = Picture.movements(new PieceArt(List.of(), List.of(track), List.of()))
                    .getFirst();
            for (double at : new double[] {0, 60, 119, 121, 250, 333, 480, 640, 777, 901, 1200}) {
                List<?> shown = (List<?>) page.evaluate("""
                        ([movement, at]) => {
                          const m = JSON.parse(movement);
                          const box = document.createElement('div');
                          document.body.append(box);
                          const animation = box.animate(m.frames.map((f) => ({ ...f, easing: m.easing })), { duration: m.millis, delay: m.delay,
                            iterations: m.cycles === 0 ? Infinity : m.cycles, direction: m.alternate ? 'alternate' : 'normal', fill: 'both' });
                          animation.pause();
                          animation.currentTime = at;
                          const style = getComputedStyle(box);
                          const matrix = new DOMMatrix(style.transform);
                          const result = [matrix.a, matrix.b, matrix.e, matrix.f, Number(style.opacity)];
                          box.remove();
                          return result;
                        }""", Arrays.asList(Json.write(movement), at));
                Pose pose = track.at(track.start() > 0 ? track.start() + at : at);
                java.awt.geom.AffineTransform matrix = new java.awt.geom.AffineTransform();
                matrix.translate(pose.x() + pose.pivotX(), pose.y() + pose.pivotY());
                matrix.rotate(Math.toRadians(pose.turn()));
                matrix.scale(pose.scale(), pose.scale());
                matrix.translate(-pose.pivotX(), -pose.pivotY());
                double[] ours = {
                    matrix.getScaleX(),
                    matrix.getShearY(),
                    matrix.getTranslateX(),
                    matrix.getTranslateY(),
                    pose.opacity()
                };
                for (int i = 0; i < ours.length; i++) {
                    assertThat(((Number) shown.get(i)).doubleValue())
                            .as("%s at %s, number %d of matrix and opacity", track.keys(), at, i)
                            .isEqualTo(ours[i], within(0.02));
                }
            }
        }
        page.context().close();
    }

    /** Filter Effects 1 (W3C): blur and drop shadow as Chromium paints them, moved marks too. */
    @Test
    void softEdgesAndMovedMarksLookInChromiumAsInTheRaster() {
        Outline square = Outline.rectangle(new Box(60, 50, 60, 60));
        List<Mark> plate =
                List.of(new Mark.Filled(square, new Paint.Linear(60, 0, 120, 0, Paint.blend(REED, LANTERN))));
        Mark ground = new Mark.Filled(Outline.rectangle(new Box(0, 0, 240, 160)), Paint.of(Colour.parse("#335577")));
        like("blur", List.of(ground, new Mark.Blurred(6, plate)));
        like("shadow", List.of(ground, new Mark.Shadowed(8, 12, 5, Colour.parse("#000000cc"), plate)));
        like("glow", List.of(ground, new Mark.Shadowed(0, 0, 9, LANTERN, plate)));
        like("moved", List.of(ground, new Mark.Moved(new Pose(30, -12, 25, 1.3, 90, 80, 0.6), plate)));
        like(
                "moved inside a shadow",
                List.of(
                        ground,
                        new Mark.Shadowed(
                                3,
                                3,
                                4,
                                Colour.BLACK,
                                List.of(new Mark.Moved(new Pose(30, 8, -15, 0.7, 90, 80, 1), plate)))));
    }

    private static void like(String what, List<Mark> marks) {
        Page page = browser.windowThatMoves(SIZE.width(), SIZE.height());
        page.evaluate(
                "(svg) => { document.body.innerHTML = `<svg xmlns='http://www.w3.org/2000/svg' width='240' height='160' style='position:absolute;left:0;top:0'>${svg}</svg>`; }",
                SvgWriter.fragment(marks));
        Likeness likeness = Likeness.of(Raster.paint(SIZE, marks, 0, Pictures.NONE), Browser.shot(page));
        System.out.printf("%s against Chromium: %s%n", what, likeness);
        assertThat(likeness.mean()).as(what).isLessThan(0.5);
        assertThat(likeness.worst()).as(what).isLessThan(4);
        page.context().close();
    }

    /** Two sources opened at different times show the same particles, and the same as the PNG from core. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void everySourceShowsTheSameParticles(int weather) {
        Piece piece = Piece.of("sample", PieceKind.PARTICLES, "Sky")
                .withFigure("weather", weather)
                .withFigure("seed", 7)
                .withFigure("pile", 2)
                .withFigure("shadow", 1);
        var resolved = Samples.of(ReedlightHide.theme(), piece);
        String picture = Json.write(Picture.of(resolved, Part.WHOLE));
        BufferedImage early = opened(picture, EVENING - 7_300, EVENING);
        BufferedImage late = opened(picture, EVENING, EVENING);
        assertThat(Likeness.of(early, late).worst()).as("opened seconds apart").isZero();
        Likeness likeness = Likeness.of(
                Raster.paint(resolved.canvas().size(), Picture.marks(resolved, Part.WHOLE), EVENING, Pictures.NONE),
                late);
        System.out.printf("Particles %d against Chromium: %s%n", weather, likeness);
        double moved =
                Likeness.of(late, opened(picture, EVENING, EVENING + 900)).mean();
        assertThat(moved).as("they do move").isGreaterThan(0.05);
        assertThat(likeness.mean())
                .as("against %s when they moved on for 900 ms", moved)
                .isLessThan(moved / 10);
    }

    /** An outlet whose page was opened at one instant and is looked at in another one. */
    private static BufferedImage opened(String picture, long from, long at) {
        Page page = browser.windowThatMoves(1920, 1080);
        List<WebSocketRoute> sockets = new ArrayList<>();
        page.clock().setFixedTime(from);
        page.routeWebSocket("**/live/outlet?*", sockets::add);
        page.route(
                "**/pictures/*",
                route -> route.fulfill(new Route.FulfillOptions()
                        .setContentType("application/json")
                        .setBody(picture)));
        page.navigate(link);
        page.waitForCondition(() -> !sockets.isEmpty());
        sockets.getLast()
                .send("{\"type\":\"welcome\",\"feed\":\"o\",\"epoch\":\"e\",\"number\":1,\"hash\":\"sky\",\"now\":%d}"
                        .formatted(from));
        page.waitForSelector("canvas[data-swarm]");
        page.clock().setFixedTime(at);
        page.evaluate(
                "() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(() => requestAnimationFrame(done))))");
        BufferedImage shot = Browser.shot(page);
        page.context().close();
        return shot;
    }
}
