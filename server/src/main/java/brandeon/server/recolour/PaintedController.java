package brandeon.server.recolour;

import brandeon.server.problem.NotFound;
import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Ready-made pictures in the brand's colours, for painters. The name says how each is made, so it never changes under it. */
@RestController
class PaintedController {

    private static final CacheControl FOR_EVER = CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable();
    /** An SVG that is opened by itself may run nothing, although nothing is left in it that could. */
    private static final String NOTHING_RUNS = "default-src 'none'; style-src 'unsafe-inline'; sandbox";

    private final Artworks artworks;

    PaintedController(Artworks artworks) {
        this.artworks = artworks;
    }

    @GetMapping("/painted/{name}")
    ResponseEntity<byte[]> painted(@PathVariable String name) {
        Artworks.Rendered picture = artworks.painted(name, 0).orElseThrow(() -> new NotFound("There is no such picture."));
        return ResponseEntity.ok().cacheControl(FOR_EVER).contentType(MediaType.parseMediaType(picture.type())).header("Content-Security-Policy", NOTHING_RUNS).body(picture.content());
    }
}
