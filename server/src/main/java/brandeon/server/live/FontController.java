package brandeon.server.live;

import brandeon.core.text.Face;
import brandeon.server.problem.NotFound;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.util.Arrays;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The shipped faces for browsers: the same files that core measures with. */
@RestController
public class FontController {

    private static final CacheControl FOR_EVER = CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable();

    @GetMapping("/fonts/{file}")
    ResponseEntity<byte[]> font(@PathVariable String file) throws IOException {
        Face face = Arrays.stream(Face.values()).filter(f -> f.fileName().equals(file)).findFirst()
                .orElseThrow(() -> new NotFound("There is no font called " + file + "."));
        try (InputStream bytes = face.open()) {
            return ResponseEntity.ok().cacheControl(FOR_EVER).contentType(MediaType.parseMediaType("font/ttf")).body(bytes.readAllBytes());
        }
    }

    @GetMapping(value = "/fonts.css", produces = "text/css")
    ResponseEntity<String> faces() {
        return ResponseEntity.ok().cacheControl(CacheControl.maxAge(Duration.ofHours(1))).body(css());
    }

    /** The style rules that name every shipped face. A browser fetches only those that a text uses. */
    public static String css() {
        StringBuilder css = new StringBuilder();
        for (Face face : Face.values()) {
            css.append("@font-face{font-family:\"").append(face.family()).append("\";src:url(/fonts/").append(face.fileName()).append(") format(\"truetype\");font-display:block}\n");
        }
        return css.toString();
    }
}
