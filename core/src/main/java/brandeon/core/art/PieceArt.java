package brandeon.core.art;

import brandeon.core.motion.Track;
import java.util.ArrayList;
import java.util.List;

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
                case Mark.Filled _, Mark.Stroked _, Mark.Digits _ -> { }
            }
        }
    }
}
