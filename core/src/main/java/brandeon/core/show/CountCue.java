package brandeon.core.show;

import static brandeon.core.show.Shows.require;

import brandeon.core.kind.Content;
import brandeon.core.kind.Kind;
import brandeon.core.theme.Piece;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Counts. A piece of a score has two numbers, each under the name of its field. */
public sealed interface CountCue extends Cue {

    String field();

    /** @param times how many steps up; less than 0 for down */
    record StepCount(String piece, String field, int times) implements CountCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            return added(stand, this, times * count(stand, this).step());
        }
    }

    /** @param by less than 0 to take away */
    record AddToCount(String piece, String field, double by) implements CountCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            return added(stand, this, by);
        }
    }

    record SetCount(String piece, String field, double value) implements CountCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Held.HeldCount count = count(stand, this);
            return set(stand, this, new Held.HeldCount(value, count.step(), count.least(), count.most()));
        }
    }

    /** Back to the number of the theme, which may be a live one; its step and its ends as well. */
    record ResetCount(String piece, String field) implements CountCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Piece reset = stand.piece(piece);
            count(stand, this);
            require(stand.held(reset, field), "“" + reset.name() + "” is as its theme has it.");
            return new Cued.Applied(stand.without(reset, field), stand.back(reset, field), reset.name() + ": reset");
        }
    }

    /** The two sides of a score change places, with their names and figures. */
    record SwapSides(String piece) implements CountCue {
        @Override
        public String field() {
            return "";
        }

        @Override
        public Cued.Applied applied(Stand stand) {
            Piece swapped = stand.piece(piece);
            List<Kind.Sides> sides = swapped.kind().facts().sides();
            require(!sides.isEmpty(), "“" + swapped.name() + "” has no two sides.");
            Show next = stand.show();
            for (Kind.Sides pair : sides) {
                Held left = sideOf(stand, swapped, pair.left());
                Held right = sideOf(stand, swapped, pair.right());
                next = new Stand(next, stand.starting(), stand.at()).with(swapped, pair.left(), right);
                next = new Stand(next, stand.starting(), stand.at()).with(swapped, pair.right(), left);
            }
            return new Cued.Applied(next, this, swapped.name() + ": sides swapped");
        }

        private static Held sideOf(Stand stand, Piece piece, String field) {
            Held standard = Starting.held(piece, field).orElseThrow();
            return stand.held(piece, field, standard.getClass(), field);
        }
    }

    /** A colour of one of two sides. @param colour as {@code #2f6b4f}; empty for that of the theme */
    record ColourSide(String piece, String field, String colour) implements CountCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Piece coloured = stand.piece(piece);
            stand.held(coloured, field, Held.HeldTint.class, "colour called “" + field + "”");
            Held.HeldTint next = new Held.HeldTint(colour);
            next.require();
            return stand.done(
                    coloured, field, next, colour.isEmpty() ? "a side in the theme's colour" : "a side in " + colour);
        }
    }

    /** A side wins a round; what both sides counted begins at 0 again. @param right which side */
    record WinRound(String piece, boolean right) implements CountCue {
        @Override
        public String field() {
            return "";
        }

        @Override
        public Cued.Applied applied(Stand stand) {
            Piece won = stand.piece(piece);
            Kind.Rounds rounds = won.kind()
                    .facts()
                    .rounds()
                    .orElseThrow(() -> new Shows.Refusal("“" + won.name() + "” has no rounds."));
            Map<String, Held> next = new TreeMap<>();
            String field = right ? rounds.won().right() : rounds.won().left();
            Held.HeldCount before = counted(stand, won, field);
            next.put(field, before.with(before.value() + 1));
            for (String figure :
                    List.of(rounds.figures().left(), rounds.figures().right())) {
                if (stand.held(won, figure) || !follows(won, figure)) {
                    next.put(figure, counted(stand, won, figure).with(0));
                }
            }
            Cued.Applied put = new PieceCue.PutBack(piece, next).applied(stand);
            Kind.Sides names = won.kind().facts().sides().getFirst();
            String side = said(stand, won, right ? names.right() : names.left());
            return new Cued.Applied(put.show(), put.inverse(), won.name() + ": a round for " + side);
        }

        private static Held.HeldCount counted(Stand stand, Piece piece, String field) {
            return stand.held(piece, field, Held.HeldCount.class, "number called “" + field + "”");
        }
    }

    /** By how much a press changes it, and between what it lies; a number outside is brought inside. */
    record MeasureCount(String piece, String field, double step, double least, double most) implements CountCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            new Held.HeldCount(least, step, least, most).require();
            double now = count(stand, this).value();
            return set(stand, this, new Held.HeldCount(Math.clamp(now, least, most), step, least, most));
        }
    }

    private static Held.HeldCount count(Stand stand, CountCue cue) {
        return stand.held(
                stand.piece(cue.piece()), cue.field(), Held.HeldCount.class, "number called “" + cue.field() + "”");
    }

    /** Taken back by as much as it really changed, so that what others count meanwhile stays. */
    private static Cued.Applied added(Stand stand, CountCue cue, double by) {
        Piece piece = stand.piece(cue.piece());
        Held.HeldCount before = count(stand, cue);
        require(
                stand.held(piece, cue.field()) || !follows(piece, cue.field()),
                "“" + piece.name() + "” follows a live number; set a number first to count by hand.");
        Held.HeldCount after = before.with(before.value() + by);
        require(
                after.value() != before.value(),
                "“" + piece.name() + "” is at its " + (by > 0 ? "most" : "least") + ", "
                        + Held.HeldCount.written(before.value()) + ".");
        return new Cued.Applied(
                stand.with(piece, cue.field(), after),
                new AddToCount(cue.piece(), cue.field(), before.value() - after.value()),
                told(stand, piece, cue.field(), after));
    }

    private static Cued.Applied set(Stand stand, CountCue cue, Held.HeldCount next) {
        Piece piece = stand.piece(cue.piece());
        next.require();
        return new Cued.Applied(
                stand.with(piece, cue.field(), next),
                stand.back(piece, cue.field()),
                told(stand, piece, cue.field(), next));
    }

    private static boolean follows(Piece piece, String field) {
        return piece.content(field) instanceof Content.Count count
                && !count.reading().isEmpty();
    }

    private static String told(Stand stand, Piece piece, String field, Held.HeldCount count) {
        boolean alone =
                Starting.slots(piece, brandeon.core.kind.ContentType.COUNT).size() == 1;
        return piece.name() + ": " + (alone ? "" : which(stand, piece, field) + " ")
                + Held.HeldCount.written(count.value());
    }

    /** A number of a side by what that side is called; others by their title. */
    private static String which(Stand stand, Piece piece, String field) {
        List<Kind.Sides> sides = piece.kind().facts().sides();
        Optional<Kind.Rounds> rounds = piece.kind().facts().rounds();
        for (Kind.Sides pair : sides) {
            if (field.equals(pair.left()) || field.equals(pair.right())) {
                String side = field.equals(pair.left())
                        ? sides.getFirst().left()
                        : sides.getFirst().right();
                boolean won = rounds.filter(found -> found.won().equals(pair)).isPresent();
                return said(stand, piece, side) + (won ? ", rounds" : "");
            }
        }
        return piece.kind().field(field).orElseThrow().title();
    }

    private static String said(Stand stand, Piece piece, String field) {
        return stand.held(piece, field, Held.HeldWords.class, field).pattern();
    }
}
