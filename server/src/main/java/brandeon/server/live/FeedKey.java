package brandeon.server.live;

import brandeon.core.publish.Part;
import java.util.UUID;

/** What a feed shows: one part of one scene on one canvas, as drafted or as on air. */
public record FeedKey(UUID theme, String scene, String canvas, Part part, Source source) {

    public enum Source {
        RELEASE,
        DRAFT
    }
}
