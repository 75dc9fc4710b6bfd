package brandeon.server.live;

import brandeon.core.publish.Picture;
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

/** What never changes under its name: pictures by hash, and fonts. Shared by every source on a machine. */
@RestController
class PictureController {

    private static final CacheControl FOR_EVER = CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable();

    private final Feeds feeds;

    PictureController(Feeds feeds) {
        this.feeds = feeds;
    }

    @GetMapping("/pictures/{hash}")
    ResponseEntity<Picture> picture(@PathVariable String hash) {
        Picture picture = feeds.picture(hash).orElseThrow(() -> new NotFound("This picture is no longer kept; connect again for the present one."));
        return ResponseEntity.ok().cacheControl(FOR_EVER).body(picture);
    }

    @GetMapping("/fonts/{file}")
    ResponseEntity<byte[]> font(@PathVariable String file) throws IOException {
        Face face = Arrays.stream(Face.values()).filter(f -> f.fileName().equals(file)).findFirst()
                .orElseThrow(() -> new NotFound("There is no font called " + file + "."));
        try (InputStream bytes = face.open()) {
            return ResponseEntity.ok().cacheControl(FOR_EVER).contentType(MediaType.parseMediaType("font/ttf")).body(bytes.readAllBytes());
        }
    }

    /** The style sheet that names every shipped face for browsers. */
    @GetMapping(value = "/fonts.css", produces = "text/css")
    ResponseEntity<String> faces() {
        StringBuilder css = new StringBuilder();
        for (Face face : Face.values()) {
            css.append("@font-face{font-family:\"").append(face.family()).append("\";src:url(/fonts/").append(face.fileName()).append(") format(\"truetype\");font-display:block}\n");
        }
        return ResponseEntity.ok().cacheControl(CacheControl.maxAge(Duration.ofHours(1))).body(css.toString());
    }
}
