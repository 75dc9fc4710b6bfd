package brandeon.server.recolour;

import brandeon.core.canvas.Size;
import brandeon.core.pack.Course;
import brandeon.core.pack.MovingPicture;
import brandeon.core.problem.Mistake;
import brandeon.server.ffmpeg.Ffmpeg;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * Films (WebM, Matroska, MP4, MOV) as moving pictures: decoded by ffmpeg, looked through frame by frame, and kept as WebP
 * with their opacity. A film that is too much is taken in fewer frames, and then smaller; its sound is left out.
 */
@Component
class FilmReading {

    /** The longest that is taken, in seconds. */
    static final int LONGEST = 60;

    private static final double FASTEST = 30;
    /** Fewer frames a second are seen as single pictures (common practice, no source). */
    private static final double SLOWEST = 12;

    private static final int WIDEST = 1920;

    private static final int QUALITY = 75;
    private static final int LOWER_QUALITY = 45;

    private final Ffmpeg ffmpeg;

    FilmReading(Ffmpeg ffmpeg) {
        this.ffmpeg = ffmpeg;
    }

    /** Whether bytes begin as a film does, as ffmpeg calls its format: EBML (RFC 8794), or a box “ftyp” (ISO/IEC 14496-12). */
    static Optional<String> demuxer(byte[] begin) {
        if (begin.length >= 4
                && begin[0] == 0x1a
                && begin[1] == 0x45
                && (begin[2] & 0xff) == 0xdf
                && (begin[3] & 0xff) == 0xa3) {
            return Optional.of("matroska");
        }
        return begin.length >= 8 && new String(begin, 4, 4, StandardCharsets.US_ASCII).equals("ftyp")
                ? Optional.of("mov")
                : Optional.empty();
    }

    /** @throws Mistake with a sentence for the user when it cannot be read */
    PictureFile read(Path film) {
        if (!ffmpeg.found()) {
            throw new Mistake(
                    "Films cannot be read here, since the program ffmpeg is not installed on this server. Save it as animated PNG, WebP or GIF, or install ffmpeg.");
        }
        try {
            byte[] begin;
            try (InputStream in = Files.newInputStream(film)) {
                begin = in.readNBytes(12);
            }
            String demuxer = demuxer(begin).orElseThrow(() -> new Mistake("This is no film in WebM, MP4 or MOV."));
            return read(film, demuxer, ffmpeg.film(film, demuxer));
        } catch (IOException e) {
            throw new Mistake("This film cannot be read; save it again as WebM or MP4 and try once more.", e);
        }
    }

    private PictureFile read(Path film, String demuxer, Ffmpeg.Film header) throws IOException {
        if (header.width() < 2
                || header.height() < 2
                || header.width() > PictureFile.MOST_SIDE
                || header.height() > PictureFile.MOST_SIDE) {
            throw new Mistake("This film is " + header.width() + " × " + header.height() + "; at most "
                    + PictureFile.MOST_SIDE + " pixels a side are taken.");
        }
        if (header.seconds() > LONGEST) {
            throw new Mistake(String.format(
                    Locale.ROOT, "This film is %.0f s long; at most %d s are taken.", header.seconds(), LONGEST));
        }
        double seconds = header.seconds() > 0 ? header.seconds() : LONGEST;
        Plan plan = Plan.of(header, seconds);
        PictureFile made = made(film, demuxer, header, plan, QUALITY);
        if (made.content().length > PictureFile.MOST_BYTES) {
            made = made(film, demuxer, header, plan.half(), LOWER_QUALITY);
        }
        if (made.content().length > PictureFile.MOST_BYTES) {
            throw new Mistake("This film has too much in it to be a picture; make it shorter or smaller.");
        }
        return made;
    }

    private PictureFile made(Path film, String demuxer, Ffmpeg.Film header, Plan plan, int quality) throws IOException {
        Path webp = Files.createTempFile("brandeon-film", ".webp");
        try {
            int width = plan.size().width();
            int height = plan.size().height();
            Course.Looking looking = new Course.Looking(width, height);
            int[] argb = new int[width * height];
            int millis = (int) Math.round(1000 / plan.rate());
            ffmpeg.webp(film, demuxer, header, webp, plan.size(), plan.rate(), LONGEST, quality, rgba -> {
                for (int i = 0; i < argb.length; i++) {
                    argb[i] = (rgba[i * 4 + 3] & 255) << 24
                            | (rgba[i * 4] & 255) << 16
                            | (rgba[i * 4 + 1] & 255) << 8
                            | rgba[i * 4 + 2] & 255;
                }
                looking.frame(argb, millis);
            });
            Course course = looking.course(0);
            if (course.frames() == 0) {
                throw new IOException("there is no frame in it");
            }
            byte[] made = Files.readAllBytes(webp);
            // Frames that are all alike become one, in a file that does not move.
            boolean moving = PictureFile.moves(made);
            byte[] content = moving ? MovingPicture.rebuilt(made) : made;
            return new PictureFile(
                    PictureFile.WEBP,
                    width,
                    height,
                    moving,
                    content,
                    Optional.of(PictureFile.first(content)),
                    Optional.of(new PictureFile.Over(looking.most(), course)));
        } finally {
            Files.deleteIfExists(webp);
        }
    }

    /** In which size and how many frames a second a film is kept. */
    private record Plan(Size size, double rate) {

        static Plan of(Ffmpeg.Film film, double seconds) {
            double scale = Math.min(1, (double) WIDEST / Math.max(film.width(), film.height()));
            double rate = film.frameRate() > 0 ? Math.min(FASTEST, film.frameRate()) : FASTEST;
            rate = Math.min(rate, (MovingPicture.MOST_FRAMES - 1) / seconds);
            double each = film.width() * scale * film.height() * scale;
            double most = 0.9 * MovingPicture.MOST_WEBP_PIXELS / seconds;
            double slowest = Math.min(rate, SLOWEST);
            rate = Math.max(slowest, Math.min(rate, most / each));
            if (each * rate > most) {
                scale *= Math.sqrt(most / (each * rate));
            }
            return new Plan(size(film.width() * scale, film.height() * scale), rate);
        }

        Plan half() {
            return new Plan(size(size.width() * 0.6, size.height() * 0.6), Math.min(rate, 15));
        }

        private static Size size(double width, double height) {
            return Size.of(Math.max(2, (int) Math.round(width)), Math.max(2, (int) Math.round(height)));
        }
    }
}
