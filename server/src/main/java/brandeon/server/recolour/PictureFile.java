package brandeon.server.recolour;

import brandeon.core.loose.Traits;
import brandeon.core.opening.Openings;
import brandeon.core.pack.Course;
import brandeon.core.pack.MovingPicture;
import brandeon.core.problem.Mistake;
import brandeon.core.recolour.Cluster;
import brandeon.core.recolour.Clusters;
import brandeon.core.recolour.SvgPicture;
import brandeon.core.theme.Artwork;
import brandeon.server.file.FileFacts;
import brandeon.server.file.Files;
import java.awt.AlphaComposite;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/**
 * A picture from outside, taken in: PNG, APNG, JPEG, GIF, WebP or SVG. What it is says its content, not its name.
 *
 * Nothing is kept as it was sent. Pixels are decoded and written anew (what moves as animated PNG, photographs as JPEG,
 * all else as PNG), moving WebP is put together anew of its frames, SVG is rebuilt from an allowed list of elements; so
 * a file that is also something else, such as a script, is a picture alone afterwards.
 *
 * @param type    media type of what is kept
 * @param width   in pixels
 * @param height  in pixels
 * @param moving  whether it has more than one frame
 * @param content what is kept
 * @param first   its first frame; empty for vector pictures
 * @param over    what it does over its length, where it moves and was just taken in
 */
record PictureFile(
        String type,
        int width,
        int height,
        boolean moving,
        byte[] content,
        Optional<BufferedImage> first,
        Optional<Over> over) {

    /** A moving picture over its whole length. @param most each pixel as it is where it covers most */
    record Over(BufferedImage most, Course course) {}

    static final int MOST_BYTES = 15 << 20;
    static final int MOST_SIDE = Artwork.MOST_SIDE;
    static final long MOST_PIXELS = 36_000_000;
    static final String SVG = "image/svg+xml";
    static final String PNG = "image/png";
    static final String JPEG = "image/jpeg";
    static final String WEBP = "image/webp";

    /** Below this, JPEG shows its blocks when a picture is recoloured (chosen by looking, no source). */
    private static final float JPEG_QUALITY = 0.95f;
    /** PNG's compression from 0 (most) to 1; most of what is to be gained is gained early. */
    private static final float PNG_QUALITY = 0.7f;
    /** For pictures of this many pixels and more time counts for more: twice as fast for some tenths more bytes. */
    private static final float LARGE_PNG_QUALITY = 0.9f;

    private static final long LARGE = 8_000_000;
    private static final List<String> FORMATS = List.of("png", "jpeg", "gif", "webp");

    /** @throws Mistake with a sentence for the user when this is no such picture, damaged or too large */
    static PictureFile taken(byte[] sent) {
        requireSize(sent);
        if (looksLikeText(sent)) {
            return vector(SvgPicture.read(sent));
        }
        return reading(sent, (reader, input) -> {
            String format = name(reader);
            requirePixels(reader.getWidth(0), reader.getHeight(0));
            if (moves(format, reader, sent)) {
                MovingPicture.Taken film = MovingPicture.taken(sent, format);
                requirePixels(film.width(), film.height());
                return new PictureFile(
                        film.type(),
                        film.width(),
                        film.height(),
                        true,
                        film.content(),
                        Optional.of(film.first()),
                        Optional.of(new Over(film.most(), film.course())));
            }
            BufferedImage image = CameraTurn.of(sent).upright(straight(reader.read(0)));
            boolean photograph = format.equals("jpeg");
            byte[] anew = photograph ? jpeg(image) : png(image);
            return new PictureFile(
                    photograph ? JPEG : PNG,
                    image.getWidth(),
                    image.getHeight(),
                    false,
                    anew,
                    Optional.of(image),
                    Optional.empty());
        });
    }

    /** A picture that was taken in before; it is trusted. */
    static PictureFile kept(Files.Kept file) {
        if (file.type().equals(SVG)) {
            return vector(SvgPicture.read(file.content()));
        }
        boolean moving = file.facts().map(FileFacts::moving).orElse(false);
        return reading(file.content(), (reader, _) -> {
            BufferedImage image = straight(reader.read(0));
            return new PictureFile(
                    file.type(),
                    image.getWidth(),
                    image.getHeight(),
                    moving,
                    file.content(),
                    Optional.of(image),
                    Optional.empty());
        });
    }

    /** The first frame of a file, as everybody sees it who has the file. */
    static BufferedImage first(byte[] content) {
        return reading(content, (reader, _) -> straight(reader.read(0)));
    }

    /** A picture that was painted here. */
    static PictureFile painted(BufferedImage image) {
        return new PictureFile(
                PNG, image.getWidth(), image.getHeight(), false, png(image), Optional.of(image), Optional.empty());
    }

    /** How many pixels a file claims, without decoding it; 0 for what is none of these, or a vector picture. */
    static long pixels(byte[] sent) {
        if (sent.length == 0 || looksLikeText(sent)) {
            return 0;
        }
        return reading(sent, (reader, _) -> {
            requirePixels(reader.getWidth(0), reader.getHeight(0));
            return (long) reader.getWidth(0) * reader.getHeight(0);
        });
    }

    boolean vector() {
        return type.equals(SVG);
    }

    /** The first frame, not premultiplied; not for vector pictures. */
    BufferedImage image() {
        return first.orElseThrow();
    }

    List<Cluster> clusters() {
        return vector() ? SvgPicture.read(content).clusters() : Clusters.of(image());
    }

    /** Where a capture could show through; of a moving picture, where it does so all the time. */
    Openings openings() {
        return vector() ? Openings.in(quick()).scaled(1 / scale()) : Openings.in(covering());
    }

    /** What its pixels are like. */
    Traits traits() {
        return Traits.of(vector() ? quick() : covering(), over.map(Over::course));
    }

    private BufferedImage covering() {
        return over.map(Over::most).orElseGet(this::image);
    }

    private double scale() {
        return SvgPicture.read(content).quickScale();
    }

    private BufferedImage quick() {
        SvgPicture svg = SvgPicture.read(content);
        double scale = svg.quickScale();
        return svg.drawn(Math.max(1, (int) Math.round(width * scale)), Math.max(1, (int) Math.round(height * scale)));
    }

    FileFacts facts() {
        return new FileFacts(width, height, moving, clusters(), openings());
    }

    private static PictureFile vector(SvgPicture svg) {
        return new PictureFile(
                SVG,
                (int) Math.ceil(svg.width()),
                (int) Math.ceil(svg.height()),
                false,
                svg.text().getBytes(StandardCharsets.UTF_8),
                Optional.empty(),
                Optional.empty());
    }

    private static void requireSize(byte[] sent) {
        if (sent.length == 0) {
            throw new Mistake("This file is empty.");
        }
        if (sent.length > MOST_BYTES) {
            throw new Mistake("This file has more than " + (MOST_BYTES >> 20) + " MB.");
        }
    }

    /** Asked before anything is decoded, so that a small file cannot claim a huge picture. */
    private static void requirePixels(int width, int height) {
        if (width < 1 || height < 1 || width > MOST_SIDE || height > MOST_SIDE || (long) width * height > MOST_PIXELS) {
            throw new Mistake("This picture is " + width + " × " + height + "; at most " + MOST_SIDE
                    + " pixels a side and " + MOST_PIXELS / 1_000_000 + " million in all are taken.");
        }
    }

    private interface Read<T> {
        T by(ImageReader reader, ImageInputStream input) throws IOException;
    }

    private static <T> T reading(byte[] content, Read<T> read) {
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
            ImageReader reader = reader(input);
            try {
                return read.by(reader, input);
            } finally {
                reader.dispose();
            }
        } catch (IOException
                | IndexOutOfBoundsException
                | NegativeArraySizeException
                | NullPointerException
                | IllegalStateException e) {
            throw damaged(e);
        }
    }

    /**
     * The same pixels as opaque or see-through sRGB of eight bits, row by row, so that no second copy is needed on the
     * way.
     */
    private static BufferedImage straight(BufferedImage read) {
        if (read.getType() == BufferedImage.TYPE_INT_ARGB) {
            return read;
        }
        int width = read.getWidth();
        BufferedImage straight = new BufferedImage(width, read.getHeight(), BufferedImage.TYPE_INT_ARGB);
        if (read.getType() == BufferedImage.TYPE_3BYTE_BGR
                || read.getType() == BufferedImage.TYPE_4BYTE_ABGR
                || read.getType() == BufferedImage.TYPE_INT_RGB) {
            // Of these layouts the same numbers come out, and much faster; others hold colours of another kind.
            Graphics2D graphics = straight.createGraphics();
            graphics.setComposite(AlphaComposite.Src);
            graphics.drawImage(read, 0, 0, null);
            graphics.dispose();
            return straight;
        }
        int[] row = new int[width];
        for (int y = 0; y < read.getHeight(); y++) {
            straight.setRGB(0, y, width, 1, read.getRGB(0, y, width, 1, row, 0, width), 0, width);
        }
        return straight;
    }

    static byte[] png(BufferedImage image) {
        return written(
                "png",
                new IIOImage(image, null, null),
                (long) image.getWidth() * image.getHeight() < LARGE ? PNG_QUALITY : LARGE_PNG_QUALITY);
    }

    private static byte[] jpeg(BufferedImage image) {
        BufferedImage opaque = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        opaque.createGraphics().drawImage(image, 0, 0, null);
        return written("jpeg", new IIOImage(opaque, null, null), JPEG_QUALITY);
    }

    private static byte[] written(String format, IIOImage image, float quality) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName(format).next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
            writer.setOutput(out);
            ImageWriteParam wish = writer.getDefaultWriteParam();
            wish.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            wish.setCompressionQuality(quality);
            writer.write(null, image, wish);
        } catch (IOException e) {
            // It is written into memory, where nothing can go wrong that is the picture's fault.
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }

    private static boolean looksLikeText(byte[] content) {
        String start = new String(content, 0, Math.min(content.length, 200), StandardCharsets.UTF_8)
                .replace("\uFEFF", "")
                .stripLeading();
        return start.startsWith("<");
    }

    private static ImageReader reader(ImageInputStream input) {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(input);
        while (readers.hasNext()) {
            ImageReader reader = readers.next();
            if (FORMATS.contains(name(reader))) {
                reader.setInput(input);
                return reader;
            }
        }
        throw new Mistake("This is not a picture that can be read here; PNG, APNG, JPEG, GIF, WebP and SVG can.");
    }

    private static String name(ImageReader reader) {
        try {
            return reader.getFormatName().toLowerCase(Locale.ROOT);
        } catch (IOException e) {
            return "";
        }
    }

    private static boolean moves(String format, ImageReader reader, byte[] content) throws IOException {
        return switch (format) {
            case "gif" -> reader.getNumImages(true) > 1;
            // APNG: an animation control chunk stands before the first picture data.
            case "png" -> contains(content, "acTL", Math.min(content.length, 4096));
            case "webp" -> moves(content);
            default -> false;
        };
    }

    /** Whether WebP has more than one frame. */
    static boolean moves(byte[] webp) {
        return contains(webp, "ANIM", Math.min(webp.length, 256));
    }

    private static boolean contains(byte[] content, String word, int until) {
        return new String(content, 0, until, StandardCharsets.ISO_8859_1).contains(word);
    }

    private static Mistake damaged(Exception cause) {
        return new Mistake(
                "This picture is damaged or cut short"
                        + (cause.getMessage() == null
                                ? ""
                                : ": " + cause.getMessage().replaceFirst("\\.$", ""))
                        + ".",
                cause);
    }
}
