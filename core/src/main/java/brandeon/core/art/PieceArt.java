package brandeon.core.art;

import brandeon.core.motion.Pose;
import brandeon.core.motion.Track;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/** What a family draws for one piece: marks, how they move, and the openings they leave. */
public record PieceArt(List<Mark> marks, List<Track> tracks, List<Opening> openings) {

    public PieceArt {
        marks = List.copyOf(marks);
        tracks = List.copyOf(tracks);
        openings = List.copyOf(openings);
    }

    public static PieceArt nothing() {
        return new PieceArt(List.of(), List.of(), List.of());
    }

    /** The same art with every bed filled, in groups too. */
    public PieceArt laidInto(UnaryOperator<Mark.Blended> fill) {
        return new PieceArt(laidInto(marks, fill), tracks, openings);
    }

    private static List<Mark> laidInto(List<Mark> marks, UnaryOperator<Mark.Blended> fill) {
        List<Mark> laid = new ArrayList<>();
        for (Mark mark : marks) {
            switch (mark) {
                case Mark.Bed(Outline shape) -> {
                    Mark.Blended filled = fill.apply(new Mark.Blended(laid, Blend.NORMAL, 1, shape, List.of()));
                    laid = new ArrayList<>(List.of(filled));
                }
                case Mark.Group g ->
                    laid.add(new Mark.Group(g.part(), g.opacity(), g.clip(), laidInto(g.marks(), fill)));
                case Mark.Until u -> laid.add(new Mark.Until(u.clock(), laidInto(u.marks(), fill)));
                case Mark.Moved m -> laid.add(new Mark.Moved(m.pose(), laidInto(m.marks(), fill)));
                case Mark.Blurred b -> laid.add(new Mark.Blurred(b.deviation(), laidInto(b.marks(), fill)));
                case Mark.Shadowed s ->
                    laid.add(new Mark.Shadowed(s.dx(), s.dy(), s.deviation(), s.colour(), laidInto(s.marks(), fill)));
                case Mark.Filled _,
                        Mark.Stroked _,
                        Mark.Text _,
                        Mark.Digits _,
                        Mark.Picture _,
                        Mark.Blended _,
                        Mark.Swarm _ -> laid.add(mark);
            }
        }
        return laid;
    }

    public static PieceArt still(List<Mark> marks) {
        return new PieceArt(marks, List.of(), List.of());
    }

    /** All lines of text in it, groups included; an ended clock's text is not shown and not listed. */
    public List<Mark.Text> texts() {
        List<Mark.Text> found = new ArrayList<>();
        collect(marks, found);
        return found;
    }

    private static void collect(List<Mark> marks, List<Mark.Text> found) {
        for (Mark mark : marks) {
            switch (mark) {
                case Mark.Text text -> found.add(text);
                case Mark.Group group -> collect(group.marks(), found);
                case Mark.Blended blended -> collect(blended.ground(), found);
                case Mark.Until until -> collect(until.marks(), found);
                case Mark.Moved moved -> collect(moved.marks(), found);
                case Mark.Blurred blurred -> collect(blurred.marks(), found);
                case Mark.Shadowed shadowed -> collect(shadowed.marks(), found);
                case Mark.Filled _, Mark.Stroked _, Mark.Digits _, Mark.Picture _, Mark.Bed _, Mark.Swarm _ -> {}
            }
        }
    }

    /** The same with all movement but fades taken away. */
    public PieceArt calm() {
        return new PieceArt(
                standing(marks),
                tracks.stream().filter(Track::fades).map(Track::still).toList(),
                openings);
    }

    private static List<Mark> standing(List<Mark> marks) {
        return marks.stream()
                .map(mark -> switch (mark) {
                    case Mark.Swarm s ->
                        new Mark.Swarm(
                                s.box(),
                                s.particles(),
                                s.grain(),
                                s.soft(),
                                s.picture(),
                                s.colour(),
                                s.shadow(),
                                false);
                    case Mark.Group g -> new Mark.Group(g.part(), g.opacity(), g.clip(), standing(g.marks()));
                    case Mark.Until u -> new Mark.Until(u.clock(), standing(u.marks()));
                    case Mark.Blurred b -> new Mark.Blurred(b.deviation(), standing(b.marks()));
                    case Mark.Shadowed s ->
                        new Mark.Shadowed(s.dx(), s.dy(), s.deviation(), s.colour(), standing(s.marks()));
                    case Mark.Filled _,
                            Mark.Stroked _,
                            Mark.Text _,
                            Mark.Digits _,
                            Mark.Picture _,
                            Mark.Bed _,
                            Mark.Blended _,
                            Mark.Moved _ -> mark;
                })
                .toList();
    }

    /** Whether anything in it moves. */
    public boolean moves() {
        return !tracks.isEmpty() || hasParticles();
    }

    /** Whether particles run in it. */
    public boolean hasParticles() {
        return particles(marks);
    }

    /** Whether it goes on for ever instead of ending. */
    public boolean loops() {
        return tracks.stream().allMatch(track -> track.cycles() == Track.FOREVER);
    }

    private static boolean particles(List<Mark> marks) {
        return marks.stream().anyMatch(mark -> switch (mark) {
            case Mark.Swarm swarm -> swarm.moving();
            case Mark.Group g -> particles(g.marks());
            case Mark.Until u -> particles(u.marks());
            case Mark.Moved m -> particles(m.marks());
            case Mark.Blurred b -> particles(b.marks());
            case Mark.Shadowed s -> particles(s.marks());
            case Mark.Blended b -> particles(b.ground());
            case Mark.Filled _, Mark.Stroked _, Mark.Text _, Mark.Digits _, Mark.Picture _, Mark.Bed _ -> false;
        });
    }

    /** Its marks with every moved part where it is at an instant, in epoch milliseconds. */
    public List<Mark> at(double now) {
        if (tracks.isEmpty()) {
            return marks;
        }
        Map<String, Pose> poses = new HashMap<>();
        // Of two movements of one part the painter shows the later.
        tracks.forEach(track -> poses.put(track.part(), track.at(now)));
        return posed(marks, poses);
    }

    private static List<Mark> posed(List<Mark> marks, Map<String, Pose> poses) {
        return marks.stream()
                .map(mark -> switch (mark) {
                    case Mark.Group g -> {
                        Pose pose = poses.get(g.part());
                        // An animated opacity takes the place of the group's own.
                        Mark.Group group = new Mark.Group(
                                g.part(), pose == null ? g.opacity() : 1, g.clip(), posed(g.marks(), poses));
                        yield pose == null ? group : new Mark.Moved(pose, List.of(group));
                    }
                    case Mark.Until u -> new Mark.Until(u.clock(), posed(u.marks(), poses));
                    case Mark.Moved m -> new Mark.Moved(m.pose(), posed(m.marks(), poses));
                    case Mark.Blurred b -> new Mark.Blurred(b.deviation(), posed(b.marks(), poses));
                    case Mark.Shadowed s ->
                        new Mark.Shadowed(s.dx(), s.dy(), s.deviation(), s.colour(), posed(s.marks(), poses));
                    case Mark.Blended b ->
                        new Mark.Blended(posed(b.ground(), poses), b.blend(), b.strength(), b.shape(), b.over());
                    case Mark.Filled _,
                            Mark.Stroked _,
                            Mark.Text _,
                            Mark.Digits _,
                            Mark.Picture _,
                            Mark.Bed _,
                            Mark.Swarm _ -> mark;
                })
                .toList();
    }
}
