package brandeon.server.live;

import brandeon.core.publish.Part;
import java.util.UUID;

/**
 * What a feed shows: one part of one scene on one canvas, as drafted or as on air.
 *
 * @param seen whether as viewers see it, with what stands over every scene, which is a source of its own
 */
public record FeedKey(UUID theme, String scene, String canvas, Part part, Source source, boolean seen) {

    public enum Source {
        RELEASE,
        DRAFT
    }
}
