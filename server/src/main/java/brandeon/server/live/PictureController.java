package brandeon.server.live;

import brandeon.core.publish.Picture;
import brandeon.server.problem.NotFound;
import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Pictures by hash: what never changes under its name, shared by every source on a machine. */
@RestController
class PictureController {

    private static final CacheControl FOR_EVER =
            CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable();

    private final Feeds feeds;

    PictureController(Feeds feeds) {
        this.feeds = feeds;
    }

    @GetMapping("/pictures/{hash}")
    ResponseEntity<Picture> picture(@PathVariable String hash) {
        Picture picture = feeds.picture(hash)
                .orElseThrow(() -> new NotFound("This picture is no longer kept; connect again for the present one."));
        return ResponseEntity.ok().cacheControl(FOR_EVER).body(picture);
    }
}
