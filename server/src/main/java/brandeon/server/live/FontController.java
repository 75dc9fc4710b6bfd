package brandeon.server.live;

import brandeon.core.text.Face;
import brandeon.server.problem.NotFound;
import brandeon.server.web.Packed;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.Collection;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/**
 * Faces for browsers: the same files that core measures with. Own ones are found by the hash of their content, which
 * only their themes name.
 */
@RestController
public class FontController {

    private static final CacheControl FOR_EVER =
            CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable();

    private final Packed packed;

    FontController(Packed packed) {
        this.packed = packed;
    }

    @GetMapping("/fonts/{file}")
    ResponseEntity<byte[]> font(@PathVariable String file, HttpServletRequest request) {
        Face face = (file.matches("[0-9a-f]{64}")
                        ? Optional.of(Face.own(file))
                        : Face.shipped().stream()
                                .filter(one -> one.fileName().equals(file))
                                .findFirst())
                .orElseThrow(() -> unknown(file));
        return packed.answer(
                ResponseEntity.ok().cacheControl(FOR_EVER).contentType(MediaType.parseMediaType("font/ttf")),
                request,
                "font " + file,
                () -> face.bytes().orElseThrow(() -> unknown(file)));
    }

    private static NotFound unknown(String file) {
        return new NotFound("There is no font called " + file + ".");
    }

    @GetMapping(value = "/fonts.css", produces = "text/css")
    ResponseEntity<String> faces() {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)))
                .body(css(Face.shipped()));
    }

    /** The style rules that name faces. A browser fetches only those that a text uses. */
    public static String css(Collection<Face> faces) {
        StringBuilder css = new StringBuilder();
        for (Face face : faces) {
            css.append("@font-face{font-family:\"")
                    .append(face.family())
                    .append("\";src:url(/fonts/")
                    .append(face.fileName())
                    .append(");font-display:block}\n");
        }
        return css.toString();
    }
}
