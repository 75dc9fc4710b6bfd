package brandeon.server.loose;

import brandeon.core.loose.Found;
import brandeon.core.loose.Statement;
import brandeon.core.problem.Mistake;
import brandeon.core.text.FontFile;
import brandeon.server.access.Member;
import brandeon.server.file.Files;
import brandeon.server.recolour.Artworks;
import brandeon.server.sound.SoundFiles;
import brandeon.server.work.Workshop;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * Reads one file of a pack and keeps what it is; nothing that somebody sends ends a pack, what cannot be read is told.
 */
@Component
class LooseReading {

    /** The longest film that is taken. */
    static final int MOST_BYTES = 60 << 20;

    private static final int MOST_OTHER = 15 << 20;
    private static final int MOST_TEXT = 1 << 20;
    /** As many bytes as say what a file is. */
    private static final int BEGIN = 512;

    private final Artworks artworks;
    private final SoundFiles sounds;
    private final Files files;
    private final Workshop workshop;

    LooseReading(Artworks artworks, SoundFiles sounds, Files files, Workshop workshop) {
        this.artworks = artworks;
        this.sounds = sounds;
        this.files = files;
        this.workshop = workshop;
    }

    /** A file as it came, and how it is read. */
    interface Received extends AutoCloseable {
        Found read();

        /** Lets go of what was put by, whether it was read or not. */
        @Override
        default void close() {}
    }

    /** Takes the whole body in; what it is, is found by {@link Received#read()} afterwards. */
    Received received(Member member, InputStream body) throws IOException {
        BufferedInputStream in = new BufferedInputStream(body);
        in.mark(BEGIN);
        byte[] begin = in.readNBytes(BEGIN);
        in.reset();
        if (Artworks.film(begin)) {
            Path film = java.nio.file.Files.createTempFile("brandeon-sent", ".film");
            try {
                workshop.receiving(() -> java.nio.file.Files.copy(in, film, StandardCopyOption.REPLACE_EXISTING));
            } catch (IOException | RuntimeException e) {
                java.nio.file.Files.deleteIfExists(film);
                throw e;
            }
            return new Received() {
                @Override
                public Found read() {
                    return told(() -> artworks.found(member, film));
                }

                @Override
                public void close() {
                    film.toFile().delete();
                }
            };
        }
        byte[] content = workshop.receiving(() -> in.readNBytes(MOST_OTHER + 1));
        return () -> told(() -> read(member, content));
    }

    private interface Reading {
        Found by() throws IOException;
    }

    private static Found told(Reading reading) {
        try {
            return reading.by();
        } catch (Mistake e) {
            return new Found.Nothing(e.getMessage());
        } catch (IOException e) {
            return new Found.Nothing("It could not be read to its end.");
        }
    }

    private Found read(Member member, byte[] content) {
        if (content.length == 0) {
            return new Found.Nothing("This file is empty.");
        }
        if (content.length > MOST_OTHER) {
            return new Found.Nothing("This file has more than " + (MOST_OTHER >> 20) + " MB.");
        }
        if (FontFile.is(content)) {
            FontFile font = FontFile.read(content);
            return new Found.Typeface(
                    files.keep(member.workspace(), Files.FONT, font.content(), Optional.empty()), font.title());
        }
        if (begins(content, "wOFF") || begins(content, "wOF2") || begins(content, "ttcf")) {
            return new Found.Nothing(
                    "This is a font for pages of the web, or several in one; only TTF and OTF can be used.");
        }
        if (SoundFiles.soundsLike(content)) {
            return sounds.found(member, content);
        }
        Optional<String> text = text(content);
        if (text.isEmpty() || text.get().contains("<svg")) {
            return artworks.found(member, content);
        }
        return text.get().isBlank() ? new Found.Nothing("Nothing is written in it.") : Statement.of(text.get());
    }

    private static boolean begins(byte[] content, String how) {
        byte[] letters = how.getBytes(StandardCharsets.US_ASCII);
        return content.length > letters.length && Arrays.equals(content, 0, letters.length, letters, 0, letters.length);
    }

    /** What is a text in UTF-8, without control characters. */
    private static Optional<String> text(byte[] content) {
        if (content.length > MOST_TEXT) {
            return Optional.empty();
        }
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(content))
                    .toString();
            return text.chars().anyMatch(c -> c < 32 && c != '\n' && c != '\r' && c != '\t')
                    ? Optional.empty()
                    : Optional.of(text);
        } catch (CharacterCodingException e) {
            return Optional.empty();
        }
    }
}
