package brandeon.server.live;

import brandeon.core.problem.Mistake;
import brandeon.core.publish.Part;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.UUID;

/** What a browser says on the live channel; see docs/protocol.md. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @Type(value = Asked.Watch.class, name = "watch"),
    @Type(value = Asked.WatchScene.class, name = "watchScene"),
    @Type(value = Asked.FollowTheme.class, name = "followTheme"),
    @Type(value = Asked.FollowShow.class, name = "followShow"),
    @Type(value = Asked.ShowPass.class, name = "pass"),
    @Type(value = Asked.Leave.class, name = "leave"),
    @Type(value = Asked.Whereabouts.class, name = "at"),
    @Type(value = Asked.Report.class, name = "report"),
    @Type(value = Asked.AskTime.class, name = "time")
})
public sealed interface Asked {

    /** What somebody already has of a feed. Epoch "" and number -1: nothing. */
    interface Standing {
        String feed();

        String epoch();

        long number();
    }

    /**
     * An outlet wants its own feed.
     *
     * @param feed what it calls the feed in its messages
     * @param hash of the picture that it shows; told for people who look at the messages
     */
    record Watch(String feed, String epoch, long number, String hash) implements Asked, Standing {}

    /** The editor wants a scene on a canvas. */
    record WatchScene(
            String feed,
            UUID theme,
            String scene,
            String canvas,
            Part part,
            FeedKey.Source source,
            String epoch,
            long number,
            String hash)
            implements Asked, Standing {

        public FeedKey key() {
            return new FeedKey(theme, scene, canvas, part, source, part instanceof Part.Whole, "");
        }
    }

    /** The editor wants to hear of every change of a theme. */
    record FollowTheme(UUID theme) implements Asked {}

    /** The editor wants to hear whenever something else is said in a show. */
    record FollowShow(UUID show) implements Asked {}

    /** The first message of a desk that somebody with a pass has open. @param token what its link ends with */
    record ShowPass(String token) implements Asked {}

    /** No more of this feed. */
    record Leave(String feed) implements Asked {}

    /** The editor only: where a person is, and which pieces they have selected. */
    record Whereabouts(UUID theme, String scene, String canvas, List<String> selected) implements Asked {}

    /**
     * How an outlet is.
     *
     * @param width  of its window, in pixels
     * @param pixelRatio pixels of the screen for each of them
     * @param hash       of the picture it shows
     * @param frames     longest time between two of its frames lately, in milliseconds; 0 while nothing moves
     * @param rate       frames a second lately; 0 while nothing moves
     * @param sound      whether the browser lets it be heard
     * @param program    the same for all pages of one program; empty where that cannot be told
     * @param loads      how often its link was loaded in this program during the last hour, with this time
     * @param order      its place in its scene, counted from the bottom; -1 where that cannot be told
     * @param under      how many captures stand above it there; -1 where that cannot be told
     */
    record Report(
            int width,
            int height,
            double pixelRatio,
            String hash,
            boolean visible,
            double frames,
            double rate,
            Hearing sound,
            String program,
            int loads,
            int order,
            int under)
            implements Asked {

        private static final int LONGEST = 64;

        public Report {
            if (program.length() > LONGEST) {
                throw new Mistake("The name of a program has at most " + LONGEST + " letters.");
            }
        }
    }

    /** Whether a page may be heard. */
    enum Hearing {
        /** It had nothing to play yet. */
        UNTRIED,
        /** Its sound runs. */
        RUNS,
        /** The browser does not let it sound until somebody presses something on it. */
        BLOCKED
    }

    /** What is the time? @param sent comes back in the answer */
    record AskTime(double sent) implements Asked {}
}
