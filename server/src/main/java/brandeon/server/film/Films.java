package brandeon.server.film;

import brandeon.core.art.Pictures;
import brandeon.core.art.Scaling;
import brandeon.core.pack.Apng;
import brandeon.core.publish.Clip;
import brandeon.server.access.Belongings;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.ffmpeg.Ffmpeg;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.recolour.Artworks;
import brandeon.server.work.FairQueue;
import brandeon.server.work.Hands;
import jakarta.annotation.PreDestroy;
import java.awt.image.BufferedImage;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/**
 * Makes clips into files, one at a time, since each takes all the processor there is. Files are kept a while on this
 * server's disk, outside the database; they can be made again.
 */
@Service
class Films implements Belongings {

    private static final Logger LOG = LoggerFactory.getLogger(Films.class);
    private static final Duration KEPT = Duration.ofMinutes(20);
    private static final int MOST_WAITING = 8;

    private final Artworks artworks;
    private final Ffmpeg ffmpeg;
    private final Hands hands;
    private final Map<UUID, Film> films = new ConcurrentHashMap<>();
    private final FairQueue queue = new FairQueue("clips");
    private final Path folder;

    Films(Artworks artworks, Ffmpeg ffmpeg, Hands hands) throws IOException {
        this.artworks = artworks;
        this.ffmpeg = ffmpeg;
        this.hands = hands;
        folder = FilmFolder.make(Path.of(System.getProperty("java.io.tmpdir")));
    }

    /** @param name of the file, without its ending */
    Film begin(Member member, Clip clip, FilmFormat format, String name) {
        if (format == FilmFormat.WEBM && !ffmpeg.found()) {
            throw new Refused(
                    "WebM needs the program ffmpeg, which this server does not have. Install the package ffmpeg, or take the frames as PNG files or the animated PNG.");
        }
        forgetOld();
        if (films.values().stream()
                        .filter(film -> film.ended() == 0 && film.workspace().equals(member.workspace()))
                        .count()
                >= MOST_WAITING) {
            throw new Refused(String.format(
                    Locale.ROOT,
                    "%d clips of this workspace are waiting already; try again when they are made.",
                    MOST_WAITING));
        }
        Film film = new Film(member.workspace(), member.account(), format, name, clip.frames(), folder);
        films.put(film.id(), film);
        queue.add(member.workspace(), () -> make(film, clip));
        return film;
    }

    Film get(Member member, UUID id) {
        Film film = films.get(id);
        // A job belongs to who began it, and to the owner of the workspace.
        if (film == null
                || !film.workspace().equals(member.workspace())
                || !(film.account().equals(member.account()) || member.role() == Role.OWNER)) {
            throw new NotFound("This clip is no longer there; make it again.");
        }
        return film;
    }

    void cancel(Member member, UUID id) {
        get(member, id).end(Film.State.CANCELLED, "", System.currentTimeMillis());
    }

    private void make(Film film, Clip clip) {
        try {
            if (film.run()) {
                write(film, clip);
                film.end(Film.State.DONE, "", System.currentTimeMillis());
            }
        } catch (Stopped e) {
            LOG.debug("A clip was cancelled.");
        } catch (IOException | RuntimeException e) {
            LOG.warn("A clip could not be made", e);
            film.end(
                    Film.State.FAILED,
                    "The clip could not be made; the server's log says why.",
                    System.currentTimeMillis());
        }
        if (film.state() != Film.State.DONE) {
            remove(film);
        }
    }

    private void write(Film film, Clip clip) throws IOException {
        switch (film.format()) {
            case WEBM -> {
                try (Ffmpeg.Encoder encoder = ffmpeg.webm(film.file(), clip.size(), clip.framesPerSecond())) {
                    each(film, clip, encoder::frame);
                    encoder.end();
                }
            }
            case APNG -> {
                try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(film.file()));
                        Apng apng = new Apng(
                                out,
                                clip.frames(),
                                clip.framesPerSecond(),
                                clip.art().loops() ? 0 : 1)) {
                    each(film, clip, frame -> apng.frame(Scaling.straight(frame)));
                }
            }
            case FRAMES -> {
                try (ZipOutputStream zip =
                        new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(film.file())))) {
                    // PNG is compressed already.
                    zip.setLevel(Deflater.NO_COMPRESSION);
                    each(film, clip, frame -> {
                        zip.putNextEntry(new ZipEntry(String.format(Locale.ROOT, "%04d.png", film.done())));
                        ImageIO.write(Scaling.straight(frame), "png", zip);
                    });
                }
            }
        }
    }

    private interface Frame {
        void take(BufferedImage frame) throws IOException;
    }

    private void each(Film film, Clip clip, Frame frame) throws IOException {
        Pictures pictures = artworks.of(film.workspace());
        for (int i = 0; i < clip.frames(); i++) {
            if (!film.run()) {
                throw new Stopped();
            }
            int number = i;
            // Frame by frame, so that what people wait for at their screens comes in between.
            frame.take(hands.work(Hands.For.FILES, () -> clip.frame(number, pictures)));
            film.frameDone();
        }
    }

    private static final class Stopped extends RuntimeException {
        Stopped() {
            super(null, null, false, false);
        }
    }

    private void forgetOld() {
        long before = System.currentTimeMillis() - KEPT.toMillis();
        films.values().removeIf(film -> {
            boolean old = film.ended() != 0 && film.ended() < before;
            if (old) {
                remove(film);
            }
            return old;
        });
    }

    private static void remove(Film film) {
        try {
            Files.deleteIfExists(film.file());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @PreDestroy
    void end() throws IOException {
        films.values().forEach(film -> film.end(Film.State.CANCELLED, "", System.currentTimeMillis()));
        films.values().forEach(Films::remove);
        Files.deleteIfExists(folder);
    }

    @Override
    public String kind() {
        return "films";
    }

    @Override
    public Optional<UUID> workspaceOf(UUID id) {
        return Optional.ofNullable(films.get(id)).map(Film::workspace);
    }
}
