package brandeon.core.pack;

import brandeon.core.problem.Mistake;
import java.awt.AlphaComposite;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.IntConsumer;

/**
 * Reads animated GIF, PNG and WebP frame by frame, each frame whole. What it read of GIF and PNG is written as animated
 * PNG: nothing of the original file is in it, it is made of pixels and times alone. WebP, which may have lost something
 * already, is put together anew of its frames, each of which was read; nothing else of the file stays.
 *
 * Only one whole frame is in memory at a time. Times under 20 ms are taken for 100 ms, as browsers do (common practice,
 * no source).
 */
public final class MovingPicture {

    /** More frames, or more pixels in all of them together, cost too much to take in. */
    public static final int MOST_FRAMES = 600;

    public static final long MOST_PIXELS = 120_000_000;

    /** Films are kept as WebP, which holds much more in as many bytes. */
    public static final long MOST_WEBP_PIXELS = 400_000_000;

    private static final int SHORTEST = 20;
    private static final int STANDARD = 100;

    private MovingPicture() {}

    /** What happens to a frame's place before the next one comes. */
    enum Disposal {
        KEEP,
        CLEAR,
        RESTORE
    }

    /**
     * A part of a frame as the file has it.
     *
     * @param millis how long it shows
     * @param over   whether see-through pixels let the earlier ones show, instead of taking their place
     */
    record Part(BufferedImage image, int x, int y, int millis, Disposal disposal, boolean over) {}

    /** A format that was read as far as its frames. @param plays how often it runs; 0 for ever */
    interface Film {
        int width();

        int height();

        int frames();

        int plays();

        /** Hands over each part in its order. */
        void each(Consumer<Part> taker) throws IOException;
    }

    /**
     * The same moving picture, written anew.
     *
     * @param width   of the whole picture, in pixels
     * @param first   its first frame
     * @param most    each pixel as it is where it covers most
     * @param course  what it does over its length
     * @param type    media type of what is kept
     * @param content animated PNG; WebP stays WebP
     */
    public record Taken(
            int width,
            int height,
            BufferedImage first,
            BufferedImage most,
            Course course,
            String type,
            byte[] content) {}

    /**
     * Reads a file anew.
     *
     * @param format gif, png or webp
     * @throws Mistake with a sentence when there is too much of it
     * @throws IOException              when it is damaged
     */
    public static Taken taken(byte[] content, String format) throws IOException {
        Film film = switch (format) {
            case "gif" -> GifFilm.of(content);
            case "png" -> ApngFilm.of(content);
            case "webp" -> WebpFilm.of(content);
            default -> throw new IllegalArgumentException("“" + format + "” does not move.");
        };
        long most = format.equals("webp") ? MOST_WEBP_PIXELS : MOST_PIXELS;
        if (film.frames() > MOST_FRAMES || (long) film.frames() * film.width() * film.height() > most) {
            throw new Mistake(String.format(
                    Locale.ROOT,
                    "This moving picture has %d frames of %d × %d; at most %d frames and %d million pixels in all of them are taken. Make it shorter or smaller.",
                    film.frames(),
                    film.width(),
                    film.height(),
                    MOST_FRAMES,
                    most / 1_000_000));
        }
        return film instanceof WebpFilm webp
                ? new Joined(film).looked("image/webp", webp.rebuilt())
                : new Joined(film).written();
    }

    /**
     * A WebP file of the same frames and nothing else, as {@link #taken} keeps it; the frames are not read.
     *
     * @throws IOException when it is no WebP that moves
     */
    public static byte[] rebuilt(byte[] webp) throws IOException {
        return WebpFilm.of(webp).rebuilt();
    }

    /** Puts parts together to whole frames, and writes what changed from one to the next. */
    private static final class Joined {

        private final Film film;
        private final BufferedImage whole;
        private final Course.Looking looking;
        private BufferedImage shown;
        private BufferedImage first;

        Joined(Film film) {
            this.film = film;
            this.whole = blank(film.width(), film.height());
            this.looking = new Course.Looking(film.width(), film.height());
        }

        Taken written() throws IOException {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            try (Apng apng = new Apng(bytes, film.frames(), film.plays())) {
                film.each(part -> frame(part, millis -> {
                    if (shown == null) {
                        shown = copy(whole, 0, 0, whole.getWidth(), whole.getHeight());
                        apng.frame(shown, 0, 0, millis);
                    } else {
                        int[] box = changed();
                        apng.frame(copy(whole, box[0], box[1], box[2], box[3]), box[0], box[1], millis);
                    }
                }));
            }
            return taken("image/png", bytes.toByteArray());
        }

        /** Every frame is read, and what is kept is another file of the same frames. */
        Taken looked(String type, byte[] content) throws IOException {
            film.each(part -> frame(part, _ -> {}));
            return taken(type, content);
        }

        private Taken taken(String type, byte[] content) throws IOException {
            if (first == null) {
                throw new IOException("there is no frame in it");
            }
            return new Taken(
                    film.width(), film.height(), first, looking.most(), looking.course(film.plays()), type, content);
        }

        private void frame(Part part, IntConsumer write) {
            BufferedImage before =
                    part.disposal() == Disposal.RESTORE ? copy(whole, 0, 0, whole.getWidth(), whole.getHeight()) : null;
            paint(part.image(), part.x(), part.y(), part.over());
            int millis = part.millis() < SHORTEST ? STANDARD : part.millis();
            if (first == null) {
                first = copy(whole, 0, 0, whole.getWidth(), whole.getHeight());
            }
            looking.frame(whole, millis);
            write.accept(millis);
            switch (part.disposal()) {
                case KEEP -> {}
                case CLEAR -> clear(part);
                case RESTORE -> whole.setData(before.getData());
            }
        }

        private void paint(BufferedImage image, int x, int y, boolean over) {
            Graphics2D graphics = whole.createGraphics();
            graphics.setComposite(over ? AlphaComposite.SrcOver : AlphaComposite.Src);
            graphics.drawImage(image, x, y, null);
            graphics.dispose();
        }

        private void clear(Part part) {
            Graphics2D graphics = whole.createGraphics();
            graphics.setComposite(AlphaComposite.Clear);
            graphics.fillRect(
                    part.x(), part.y(), part.image().getWidth(), part.image().getHeight());
            graphics.dispose();
        }

        /**
         * The smallest part that holds all that differs from what is shown, and remembers the new state of it; one
         * pixel at least.
         */
        private int[] changed() {
            int width = whole.getWidth();
            int left = width;
            int right = -1;
            int top = whole.getHeight();
            int bottom = -1;
            int[] now = new int[width];
            int[] then = new int[width];
            for (int y = 0; y < whole.getHeight(); y++) {
                whole.getRGB(0, y, width, 1, now, 0, width);
                shown.getRGB(0, y, width, 1, then, 0, width);
                for (int x = 0; x < width; x++) {
                    if (now[x] != then[x]) {
                        left = Math.min(left, x);
                        right = Math.max(right, x);
                        top = Math.min(top, y);
                        bottom = y;
                    }
                }
                shown.setRGB(0, y, width, 1, now, 0, width);
            }
            return right < 0 ? new int[] {0, 0, 1, 1} : new int[] {left, top, right - left + 1, bottom - top + 1};
        }
    }

    private static BufferedImage blank(int width, int height) {
        return new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    }

    private static BufferedImage copy(BufferedImage from, int x, int y, int width, int height) {
        BufferedImage copy = blank(width, height);
        copy.setRGB(0, 0, width, height, from.getRGB(x, y, width, height, null, 0, width), 0, width);
        return copy;
    }

    /** Numbers in the byte orders that file formats have. */
    static int littleEndian(byte[] bytes, int at, int length) {
        int value = 0;
        for (int i = length - 1; i >= 0; i--) {
            value = value << 8 | bytes[at + i] & 255;
        }
        return value;
    }

    /** @throws IOException when a part lies outside of the picture */
    static void requireInside(int x, int y, int width, int height, int wholeWidth, int wholeHeight) throws IOException {
        if (x < 0
                || y < 0
                || width < 1
                || height < 1
                || (long) x + width > wholeWidth
                || (long) y + height > wholeHeight) {
            throw new IOException("a frame lies outside of it");
        }
    }

    static <T> List<T> requireSome(List<T> frames) throws IOException {
        if (frames.isEmpty()) {
            throw new IOException("there is no frame in it");
        }
        return List.copyOf(frames);
    }
}
