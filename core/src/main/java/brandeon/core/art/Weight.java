package brandeon.core.art;

import java.util.List;

/** About how many bytes drawings hold in memory, for caches that are bounded in bytes; within a factor of two. */
public final class Weight {

    private static final int MARK = 120;
    private static final int STEP = 40;
    private static final int KEY = 96;

    private Weight() {}

    public static int of(PieceArt art) {
        return (int) Math.min(
                Integer.MAX_VALUE,
                200L
                        + marks(art.marks())
                        + art.tracks().stream()
                                .mapToLong(track ->
                                        MARK + (long) KEY * track.keys().size())
                                .sum());
    }

    /** Of a text; two bytes a letter, whatever it holds. */
    public static int of(String text) {
        return 56 + 2 * text.length();
    }

    private static long marks(List<Mark> marks) {
        long sum = 0;
        for (Mark mark : marks) {
            sum += MARK
                    + switch (mark) {
                        case Mark.Filled m -> outline(m.outline());
                        case Mark.Stroked m -> outline(m.outline());
                        case Mark.Text m -> of(m.text());
                        case Mark.Digits m -> 32L * m.cells().size() + marks(m.ended());
                        case Mark.Until m -> marks(m.marks());
                        case Mark.Group m -> outline(m.clip()) + marks(m.marks());
                        case Mark.Picture m -> of(m.name());
                        case Mark.Bed m -> outline(m.shape());
                        case Mark.Blended m -> outline(m.shape()) + marks(m.ground()) + marks(m.over());
                        case Mark.Moved m -> marks(m.marks());
                        case Mark.Blurred m -> marks(m.marks());
                        case Mark.Shadowed m -> marks(m.marks());
                        case Mark.Swarm m -> outline(m.grain());
                    };
        }
        return sum;
    }

    private static long outline(Outline outline) {
        return outline == null ? 0 : (long) STEP * outline.steps().size();
    }
}
