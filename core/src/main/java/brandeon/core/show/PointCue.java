package brandeon.core.show;

import static brandeon.core.show.Shows.require;

import brandeon.core.art.Ask;
import brandeon.core.kind.Content;
import brandeon.core.theme.Piece;
import java.util.ArrayList;
import java.util.List;

/** Goes through the points of an agenda. */
public sealed interface PointCue extends Cue {

    String field();

    /** @param point counted from 0 */
    record Marked(int point, Ask.State state) {}

    /** How far some points are. Only one is under way: when another one is, the one before is done. */
    record MarkPoints(String piece, String field, List<Marked> points) implements PointCue {
        public MarkPoints {
            points = List.copyOf(points);
        }

        @Override
        public Cued.Applied applied(Stand stand) {
            List<Content.Topic> next = new ArrayList<>(topics(stand, this));
            require(!points.isEmpty(), "No point is named.");
            for (Marked mark : points) {
                require(
                        mark.point() >= 0 && mark.point() < next.size(),
                        "There is no point number " + (mark.point() + 1L) + "; there are " + next.size() + ".");
                if (mark.state() == Ask.State.NOW) {
                    next.replaceAll(topic -> topic.state() == Ask.State.NOW ? in(topic, Ask.State.DONE) : topic);
                }
                next.set(mark.point(), in(next.get(mark.point()), mark.state()));
            }
            return marked(stand, this, next);
        }
    }

    /** What is under way is done, and the next open point is under way. */
    record NextPoint(String piece, String field) implements PointCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            List<Content.Topic> next = new ArrayList<>(topics(stand, this));
            int now = first(next, Ask.State.NOW, 0);
            int open = first(next, Ask.State.OPEN, Math.max(0, now));
            int coming = open >= 0 ? open : first(next, Ask.State.OPEN, 0);
            require(now >= 0 || coming >= 0, "Everything is done.");
            if (now >= 0) {
                next.set(now, in(next.get(now), Ask.State.DONE));
            }
            if (coming >= 0) {
                next.set(coming, in(next.get(coming), Ask.State.NOW));
            }
            return marked(stand, this, next);
        }
    }

    /** Other points for this show. */
    record WritePoints(String piece, String field, List<Content.Topic> points) implements PointCue {
        public WritePoints {
            points = List.copyOf(points);
        }

        @Override
        public Cued.Applied applied(Stand stand) {
            topics(stand, this);
            return stand.done(stand.piece(piece), field, new Held.HeldPoints(points), "points written");
        }
    }

    private static List<Content.Topic> topics(Stand stand, PointCue cue) {
        return stand.held(
                        stand.piece(cue.piece()),
                        cue.field(),
                        Held.HeldPoints.class,
                        "points called “" + cue.field() + "”")
                .points();
    }

    private static Content.Topic in(Content.Topic topic, Ask.State state) {
        return new Content.Topic(state, topic.label(), topic.value());
    }

    private static int first(List<Content.Topic> topics, Ask.State state, int from) {
        for (int i = from; i < topics.size(); i++) {
            if (topics.get(i).state() == state) {
                return i;
            }
        }
        return -1;
    }

    /** Taken back by the marks that were there. */
    private static Cued.Applied marked(Stand stand, PointCue cue, List<Content.Topic> next) {
        Piece piece = stand.piece(cue.piece());
        List<Content.Topic> before = topics(stand, cue);
        require(!next.equals(before), "That is so already.");
        int done = (int)
                next.stream().filter(topic -> topic.state() == Ask.State.DONE).count();
        int now = first(next, Ask.State.NOW, 0);
        String sentence = now >= 0
                ? "now " + next.get(now).label()
                : done == next.size() ? "everything is done" : done + " of " + next.size() + " done";
        return stand.done(piece, cue.field(), new Held.HeldPoints(next), sentence);
    }
}
