package brandeon.server.recolour;

import brandeon.core.recolour.Cluster;
import brandeon.core.recolour.Clusters;
import brandeon.core.opening.Openings;
import brandeon.core.recolour.SvgPicture;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * A picture file from outside: PNG, APNG, JPEG, GIF, WebP or SVG. What it is says its content, not its name.
 *
 * @param type   media type
 * @param width  in pixels
 * @param height in pixels
 * @param moving whether it has more than one frame
 * @param first  its first frame; empty for vector pictures
 */
record PictureFile(String type, int width, int height, boolean moving, byte[] content, Optional<BufferedImage> first) {

    static final int MOST_BYTES = 15 << 20;
    static final int MOST_SIDE = 8192;
    static final long MOST_PIXELS = 36_000_000;
    static final String SVG = "image/svg+xml";

    /** @throws IllegalArgumentException with a sentence for the user when this is no such picture, damaged or too large */
    static PictureFile read(byte[] content) {
        if (content.length == 0) {
            throw new IllegalArgumentException("This file is empty.");
        }
        if (content.length > MOST_BYTES) {
            throw new IllegalArgumentException("This file has more than " + (MOST_BYTES >> 20) + " MB.");
        }
        if (looksLikeText(content)) {
            SvgPicture svg = SvgPicture.read(content);
            return new PictureFile(SVG, (int) Math.ceil(svg.width()), (int) Math.ceil(svg.height()), false, svg.text().getBytes(StandardCharsets.UTF_8), Optional.empty());
        }
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
            ImageReader reader = reader(input);
            try {
                return measured(reader, content);
            } finally {
                reader.dispose();
            }
        } catch (IOException | IndexOutOfBoundsException e) {
            throw damaged(e);
        }
    }

    private static PictureFile measured(ImageReader reader, byte[] content) throws IOException {
        // Size is asked before anything is decoded, so that a small file cannot claim a huge picture.
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if (width > MOST_SIDE || height > MOST_SIDE || (long) width * height > MOST_PIXELS) {
            throw new IllegalArgumentException("This picture is " + width + " × " + height + "; at most " + MOST_SIDE + " pixels a side and " + MOST_PIXELS / 1_000_000 + " million in all are taken.");
        }
        BufferedImage first = reader.read(0);
        String format = reader.getFormatName().toLowerCase(Locale.ROOT);
        return new PictureFile("image/" + format, width, height, moving(format, reader, content), content, Optional.of(first));
    }

    boolean vector() {
        return type.equals(SVG);
    }

    /** The first frame, not premultiplied; not for vector pictures. */
    BufferedImage image() {
        BufferedImage read = first.orElseThrow();
        BufferedImage straight = new BufferedImage(read.getWidth(), read.getHeight(), BufferedImage.TYPE_INT_ARGB);
        straight.setRGB(0, 0, read.getWidth(), read.getHeight(), read.getRGB(0, 0, read.getWidth(), read.getHeight(), null, 0, read.getWidth()), 0, read.getWidth());
        return straight;
    }

    List<Cluster> clusters() {
        return vector() ? SvgPicture.read(content).clusters() : Clusters.of(image());
    }

    /** Where a capture could show through; of a moving picture, through its first frame. */
    Openings openings() {
        return Openings.in(vector() ? SvgPicture.read(content).drawn(width, height) : image());
    }

    private static boolean looksLikeText(byte[] content) {
        String start = new String(content, 0, Math.min(content.length, 200), StandardCharsets.UTF_8).replace("\uFEFF", "").stripLeading();
        return start.startsWith("<");
    }

    private static ImageReader reader(ImageInputStream input) {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(input);
        while (readers.hasNext()) {
            ImageReader reader = readers.next();
            if (List.of("png", "jpeg", "gif", "webp").contains(name(reader))) {
                reader.setInput(input);
                return reader;
            }
        }
        throw new IllegalArgumentException("This is not a picture that can be read here; PNG, APNG, JPEG, GIF, WebP and SVG can.");
    }

    private static String name(ImageReader reader) {
        try {
            return reader.getFormatName().toLowerCase(Locale.ROOT);
        } catch (IOException e) {
            return "";
        }
    }

    private static boolean moving(String format, ImageReader reader, byte[] content) throws IOException {
        return switch (format) {
            case "gif" -> reader.getNumImages(true) > 1;
            // APNG: an animation control chunk stands before the first picture data.
            case "png" -> contains(content, "acTL", Math.min(content.length, 4096));
            case "webp" -> contains(content, "ANIM", Math.min(content.length, 256));
            default -> false;
        };
    }

    private static boolean contains(byte[] content, String word, int until) {
        return new String(content, 0, until, StandardCharsets.ISO_8859_1).contains(word);
    }

    private static IllegalArgumentException damaged(Exception cause) {
        return new IllegalArgumentException("This picture is damaged or cut short" + (cause.getMessage() == null ? "." : ": " + cause.getMessage()), cause);
    }
}
