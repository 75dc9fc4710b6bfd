package brandeon.server.live;

/** Somebody who wants messages about a feed: one outlet, or one cell of an editor. */
public record Watcher(String feed, Line line) {

    /** A connection that takes text messages. Sending never throws, and never waits for whoever reads. */
    public interface Line {
        void send(String text);
    }
}
