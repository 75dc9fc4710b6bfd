package brandeon.server.web;

import brandeon.server.problem.NotAllowed;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/**
 * Files that people brought in, on their way out: as a picture within a page, or as a download, and never as anything
 * that could run. Opened by itself it is saved, not shown; its own policy allows nothing; its type is not guessed.
 */
public final class UserContent {

    private static final String NOTHING_RUNS = "default-src 'none'; style-src 'unsafe-inline'; sandbox";
    private static final Set<String> AS_PICTURE = Set.of("image", "empty", "document", "");

    private UserContent() {}

    /**
     * @param name       under which it is saved
     * @param askedAs    what the browser wants it for (Fetch Metadata, W3C); empty where it does not say
     * @throws NotAllowed when it is asked for as a script, a style or a frame
     */
    public static ResponseEntity<byte[]> answer(
            String type, byte[] content, String name, CacheControl cache, String askedAs) {
        if (!AS_PICTURE.contains(askedAs)) {
            throw new NotAllowed("This is a picture; it cannot be loaded as anything else.");
        }
        return ResponseEntity.ok()
                .cacheControl(cache)
                .contentType(MediaType.parseMediaType(type))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .header(ContentPolicy.HEADER, NOTHING_RUNS)
                .header("X-Content-Type-Options", "nosniff")
                .body(content);
    }

    /** The usual ending of a picture's type. */
    public static String ending(String type) {
        return switch (type) {
            case "image/svg+xml" -> ".svg";
            case "image/jpeg" -> ".jpg";
            case "image/webp" -> ".webp";
            default -> ".png";
        };
    }
}
