package brandeon.bench;

import brandeon.core.canvas.Anchor;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.PieceKind;
import brandeon.core.move.MovePlan;
import brandeon.core.move.Trial;
import brandeon.core.platform.Profile;
import brandeon.core.platform.Profiles;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Spot;
import brandeon.core.theme.Theme;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** What a move takes: the plan of a large theme, and links in a large file. */
public final class MoveBench {

    private static final int SCENES = 20;
    private static final int PIECES = 100;
    private static final int MB = 1 << 20;
    private static final int FILE = 50 * MB;

    private MoveBench() {}

    static void main(String[] args) throws Exception {
        plan();
        trial();
        file(Host.signedIn(args[0]));
    }

    private static void plan() {
        Theme theme = large();
        Profile from = Profiles.shipped("alder").orElseThrow();
        Profile to = Profiles.shipped("birch").orElseThrow();
        double[] times = new double[60];
        int lines = 0;
        for (int i = 0; i < times.length; i++) {
            long begin = System.nanoTime();
            lines = MovePlan.of(theme, from, to).texts().size();
            times[i] = (System.nanoTime() - begin) / 1e6;
        }
        System.out.printf("the first plan after a start, %d scenes and %d pieces: %.1f ms%n", SCENES, PIECES, times[0]);
        double[] warm = Arrays.copyOfRange(times, 20, times.length);
        RepaintBench.print(
                "plan of a move, " + SCENES + " scenes, " + PIECES + " pieces, " + lines + " texts, ms", warm);
    }

    private static void trial() {
        Profile from = Profiles.shipped("alder").orElseThrow();
        Profile to = Profiles.shipped("birch").orElseThrow();
        Theme copy = MovePlan.of(ReedlightHide.theme(), from, to).moved();
        double[] times = new double[15];
        for (int i = 0; i < times.length; i++) {
            long begin = System.nanoTime();
            Trial.of(copy, to, Optional.of(from));
            times[i] = (System.nanoTime() - begin) / 1e6;
        }
        System.out.printf("the first trial of the demo's copy after a start: %.0f ms%n", times[0]);
        RepaintBench.print(
                "trial of the demo's copy on three canvases, ms", Arrays.copyOfRange(times, 5, times.length));
    }

    /** Half of its pieces show what the other platform lacks, and each says something in the old one's words. */
    private static Theme large() {
        List<Piece> pieces = new ArrayList<>(IntStream.range(0, PIECES)
                .mapToObj(i -> Piece.of("line-" + i, PieceKind.FACT_LINE, "Latest subscriber " + i)
                        .withWords("label", "Subscribers and raids of Alder, " + i)
                        .withWords("value", i % 2 == 0 ? "{latestFollower}" : "{latestSubscriber}"))
                .toList());
        List<Scene> scenes = IntStream.range(0, SCENES)
                .mapToObj(i -> Scene.of(
                        "scene-" + i,
                        "Scene " + i,
                        SceneRole.LIVE,
                        IntStream.range(0, 8)
                                .mapToObj(k -> Placed.at(
                                        new Spot.Anchored(Anchor.LEFT, 100, k * 60, 300, 50),
                                        "line-" + (i * 5 + k) % PIECES))
                                .toList()))
                .toList();
        return ReedlightHide.theme().withPieces(pieces).withScenes(scenes);
    }

    /** The way of a whole file over HTTP and back, with a thousand links in it. */
    private static void file(Host host) throws Exception {
        String theme = host.theme();
        String copy = SourcesBench.found(
                "\"theme\":\"([0-9a-f-]{36})\"",
                host.call(
                        "POST",
                        "/api/themes/" + theme + "/move",
                        "{\"platform\":\"birch\",\"channelName\":\"measured\",\"choices\":{\"kept\":[],\"texts\":{},\"values\":{}}}"));
        String link = Source.of(host.call("GET", "/api/themes/" + theme + "/ledger", ""))
                .getFirst()
                .link();
        byte[] line = ("x".repeat(FILE / 1000 - link.length() - 40) + "\n").getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream text = new ByteArrayOutputStream(FILE);
        for (int i = 0; i < 1000; i++) {
            text.writeBytes(("url=" + link + "\n").getBytes(StandardCharsets.US_ASCII));
            text.writeBytes(line);
        }
        double[] times = new double[10];
        for (int i = 0; i < times.length; i++) {
            long begin = System.nanoTime();
            String answer = host.sendFile("/api/themes/" + copy + "/replacement/file", text.toByteArray());
            times[i] = (System.nanoTime() - begin) / 1e6;
            if (answer.length() != text.size() || answer.contains(link)) {
                throw new IllegalStateException("The file did not come back as it should.");
            }
        }
        RepaintBench.print(
                "a file of " + text.size() / MB + " MB with 1,000 old links, sent and taken back, ms", times);
    }
}
