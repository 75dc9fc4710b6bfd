package brandeon.server.recolour;

import brandeon.server.problem.NotFound;
import brandeon.server.web.UserContent;
import java.time.Duration;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/**
 * Ready-made pictures in the brand's colours, for painters. The name says how each is made, so it never changes under
 * it.
 */
@RestController
class PaintedController {

    private static final CacheControl FOR_EVER =
            CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable();

    private final Artworks artworks;
    private final PaintedAddresses addresses;

    PaintedController(Artworks artworks, PaintedAddresses addresses) {
        this.artworks = artworks;
        this.addresses = addresses;
    }

    @GetMapping("/painted/{workspace}/{name}/{proof}")
    ResponseEntity<byte[]> painted(
            @PathVariable UUID workspace,
            @PathVariable String name,
            @PathVariable String proof,
            @RequestHeader(name = "Sec-Fetch-Dest", defaultValue = "") String askedAs) {
        if (!addresses.proves(workspace, name, proof)) {
            throw missing();
        }
        Artworks.Rendered picture = artworks.painted(workspace, name, 0).orElseThrow(PaintedController::missing);
        return UserContent.answer(
                picture.type(), picture.content(), "picture" + UserContent.ending(picture.type()), FOR_EVER, askedAs);
    }

    private static NotFound missing() {
        return new NotFound("There is no such picture.");
    }
}
