package brandeon.server.live;

import brandeon.core.publish.Part;
import java.util.UUID;

/**
 * What a feed shows: one part of one scene on one canvas, as drafted or as on air.
 *
 * @param seen     whether as viewers see it, with what stands over every scene, which is a source of its own
 * @param settings what stands in the link for this source alone; empty for nothing
 */
public record FeedKey(
        UUID theme, String scene, String canvas, Part part, Source source, boolean seen, String settings) {

    public enum Source {
        RELEASE,
        DRAFT
    }
}
