package brandeon.bench;

import brandeon.core.art.Families;
import brandeon.core.art.Family;
import brandeon.core.art.Pictures;
import brandeon.core.art.Raster;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.layout.Samples;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.SceneStart;
import brandeon.core.theme.Starter;
import brandeon.core.theme.Theme;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Hashes of pixels of everything that core paints: the demo, a complete starter theme in every family and each kind of
 * piece in every family, quiet and while an alert is on. Recorded before a change that must change no picture and
 * compared after it.
 */
final class PictureRecord {

    /** In the middle of an alert, and of whatever moves. */
    private static final long LATER = 2345;

    private static final List<Canvas> MORE = List.of(
            Canvas.of("square", "Square", Size.of(1080, 1080), 60),
            Canvas.of("small", "Small", Size.of(1280, 720), 30));

    private final Map<String, String> hashes = new TreeMap<>();

    /** @param args “record” or “compare”, and the file */
    static void main(String[] args) throws IOException {
        PictureRecord record = new PictureRecord();
        record.take();
        Path file = Path.of(args[1]);
        if (args[0].equals("record")) {
            Files.write(
                    file,
                    record.hashes.entrySet().stream()
                            .map(entry -> entry.getValue() + " " + entry.getKey())
                            .toList());
            System.out.println(record.hashes.size() + " pictures recorded.");
            return;
        }
        List<String> different = new ArrayList<>();
        for (String line : Files.readAllLines(file)) {
            String[] parts = line.split(" ", 2);
            if (!parts[0].equals(record.hashes.remove(parts[1]))) {
                different.add(parts[1]);
            }
        }
        different.forEach(name -> System.out.println("different or gone: " + name));
        record.hashes.keySet().forEach(name -> System.out.println("new: " + name));
        System.out.println(
                different.isEmpty()
                        ? "All recorded pictures are equal to the pixel."
                        : different.size() + " are not as recorded.");
        System.exit(different.isEmpty() ? 0 : 1);
    }

    private void take() {
        scenes("demo", ReedlightHide.theme(), ReedlightHide.theme().canvases());
        List<Canvas> canvases = new ArrayList<>(Starter.canvases());
        canvases.addAll(MORE);
        for (Family family : Families.all()) {
            scenes("starter " + family.id(), starter().withFamily(family.id()), canvases);
            for (PieceKind kind : PieceKind.values()) {
                ResolvedScene sample = Samples.of(ReedlightHide.theme().withFamily(family.id()), kind);
                Box part = Samples.shown(sample);
                add(
                        "kind " + kind + " " + family.id(),
                        Raster.paint(
                                part,
                                Size.of((int) part.width(), (int) part.height()),
                                Picture.marks(sample, Part.WHOLE),
                                LATER,
                                Pictures.NONE));
            }
        }
    }

    private static Theme starter() {
        int[] count = {0};
        Theme empty = Starter.theme("Low Quay");
        return ((Outcome.Applied) Edits.apply(
                        empty, SceneStart.of(empty, Arrays.asList(SceneRole.values()), name -> name + count[0]++)))
                .theme();
    }

    private void scenes(String name, Theme theme, List<Canvas> canvases) {
        Resolver resolver = new Resolver(theme);
        for (Scene scene : theme.scenes()) {
            for (Canvas canvas : canvases) {
                add(
                        name + " " + scene.id() + " " + canvas.id() + " quiet",
                        paint(resolver.resolve(scene, canvas, LiveState.QUIET)));
                add(
                        name + " " + scene.id() + " " + canvas.id() + " alert",
                        paint(resolver.resolve(scene, canvas, Samples.live())));
            }
        }
    }

    private static BufferedImage paint(ResolvedScene scene) {
        return Raster.paint(scene.canvas().size(), Picture.marks(scene, Part.WHOLE), LATER, Pictures.NONE);
    }

    private void add(String name, BufferedImage image) {
        int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        ByteBuffer bytes = ByteBuffer.allocate(8 + 4 * pixels.length)
                .putInt(image.getWidth())
                .putInt(image.getHeight());
        bytes.asIntBuffer().put(pixels);
        try {
            hashes.put(
                    name,
                    HexFormat.of()
                            .formatHex(MessageDigest.getInstance("SHA-256").digest(bytes.array()))
                            .substring(0, 24));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
