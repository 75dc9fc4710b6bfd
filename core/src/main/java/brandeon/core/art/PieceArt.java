package brandeon.core.art;

import brandeon.core.motion.Track;
import java.util.ArrayList;
import java.util.List;
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
                case Mark.Group g -> laid.add(new Mark.Group(g.part(), g.opacity(), g.clip(), laidInto(g.marks(), fill)));
                case Mark.Filled _, Mark.Stroked _, Mark.Text _, Mark.Digits _, Mark.Picture _, Mark.Blended _ -> laid.add(mark);
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
                case Mark.Filled _, Mark.Stroked _, Mark.Digits _, Mark.Picture _, Mark.Bed _ -> { }
            }
        }
    }
}
