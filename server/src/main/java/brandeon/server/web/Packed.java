package brandeon.server.web;

import brandeon.core.kept.Memory;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/**
 * What is asked for many times and stays the same, as pages of sources and fonts: made once, and compressed once, which
 * takes longer than all else about it.
 */
@Component
public final class Packed {

    /** That gzip is taken (RFC 9110, section 12.5.3): named, and not with a weight of nothing. */
    private static final Pattern TAKEN = Pattern.compile(
            "(?:^|,)\\s*(?:x-)?gzip\\s*(?:;\\s*q=(?!0(?:\\.0*)?\\s*(?:,|$))[^,]*)?(?:,|$)", Pattern.CASE_INSENSITIVE);

    private record Form(String name, boolean packed) {}

    private final Cache<Form, byte[]> kept = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(1))
            .weigher((Form form, byte[] bytes) -> form.name().length() + bytes.length)
            .build();

    /**
     * An answer with a body as whoever asks takes it.
     *
     * @param answer all but the body and what tells of its form
     * @param name   names these bytes, and never others
     * @param bytes  made where they are not kept
     */
    public ResponseEntity<byte[]> answer(
            ResponseEntity.BodyBuilder answer, HttpServletRequest request, String name, Supplier<byte[]> bytes) {
        answer.header(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
        if (!takesPacked(request.getHeader(HttpHeaders.ACCEPT_ENCODING))) {
            return answer.body(kept.get(new Form(name, false), _ -> bytes.get()));
        }
        return answer.header(HttpHeaders.CONTENT_ENCODING, "gzip")
                .body(kept.get(new Form(name, true), _ -> packed(bytes.get())));
    }

    static boolean takesPacked(String accepts) {
        return TAKEN.matcher(Optional.ofNullable(accepts).orElse("")).find();
    }

    private static byte[] packed(byte[] bytes) {
        ByteArrayOutputStream into = new ByteArrayOutputStream(bytes.length / 3);
        try (GZIPOutputStream pack = new GZIPOutputStream(into)) {
            pack.write(bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return into.toByteArray();
    }
}
