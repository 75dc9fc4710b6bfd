package brandeon.core.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Family;
import brandeon.core.art.Lettering;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import brandeon.core.art.Tune;
import brandeon.core.art.kind.Plates;
import brandeon.core.art.kind.Words;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.colour.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Something that is aimed at, with a ring that closes. */
final class RingGoal extends Kind {

    RingGoal() {
        super(
                "Ring goal",
                Group.WIDGETS,
                Zone.COLUMN,
                Aim.FIELDS,
                Figure.with(
                        Figure.WORDS,
                        Figure.TARGET,
                        Figure.START,
                        Figure.STEP,
                        Figure.measure("width", "Width of the ring", 0.4, 2)));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        Aim aim = Aim.of(piece);
        return Optional.of(new Closing(
                piece.canvas(),
                piece.box(),
                piece.tune(),
                Aim.label(piece),
                aim.value(),
                "of " + aim.target(),
                piece.figure("width"),
                aim.share()));
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of("label", new Content.Words("Nest boxes"));
    }

    @Override
    public Rank rank() {
        return Rank.FACT;
    }

    /**
     * A ring on a plate, with the figure in its middle and the label under it.
     *
     * @param width of the ring, as a share of the usual one
     * @param share of the target, 0 to 1
     */
    record Closing(
            Canvas canvas, Box box, Tune tune, String label, String figure, String target, double width, double share)
            implements Ask {

        /** Shares of the ring's diameter. */
        private static final double WIDTH = 0.1;

        private static final double ROOM = 0.86;

        @Override
        public PieceArt draw(Family family, Easel easel) {
            Plates.Ready ready = Plates.plain(family, easel, box, Plate.Sort.INFO);
            List<Mark> marks = new ArrayList<>(ready.marks());
            Box room = ready.room();
            Words.Line said = Words.label(
                    family.lettering(),
                    easel,
                    label,
                    room.width(),
                    ready.plate().quiet());
            double gap = easel.px(20);
            double below = label.isBlank() ? 0 : said.caps() + gap;
            double across = Math.max(1, Math.min(room.width(), room.height() * ROOM - below));
            double stroke = Math.min(across / 3, Math.max(1, across * WIDTH * width));
            double top = room.centreY() - (across + below) / 2;
            double middle = top + across / 2;
            double radius = (across - stroke) / 2;
            marks.add(new Mark.Stroked(
                    Outline.circle(room.centreX(), middle, radius), Paint.of(easel.colour(Role.EDGE), 0.35), stroke));
            if (share > 0) {
                marks.add(new Mark.Stroked(
                        arc(room.centreX(), middle, radius),
                        new Paint.Linear(
                                room.centreX() - radius,
                                0,
                                room.centreX() + radius,
                                0,
                                Paint.blend(easel.colour(Role.ACCENT), easel.colour(Role.SECOND_ACCENT))),
                        stroke));
            }
            double inner = (across - 2 * stroke) * 0.8;
            double least = easel.px(Lettering.LEAST);
            List<Words.Line> lines = List.of(
                    Words.line(
                            easel.look().figures(),
                            figure,
                            Math.min(easel.letters(96), across * 0.3),
                            least,
                            inner,
                            ready.plate().ink()),
                    Words.line(
                            easel.look().text(),
                            target,
                            Math.min(easel.letters(30), across * 0.12),
                            least,
                            inner * 0.8,
                            ready.plate().quiet()));
            Box hole = new Box(room.centreX() - inner / 2, middle - inner / 2, Math.max(1, inner), Math.max(1, inner));
            Words.stacked(marks, lines, Tune.Align.CENTRE, hole, across * 0.06);
            marks.add(said.at(Tune.Align.CENTRE, room.x(), room.right(), top + across + below));
            return PieceArt.still(marks);
        }

        /** From the top, clockwise; in steps that no eye can tell from a curve. */
        private Outline arc(double x, double y, double radius) {
            int steps = (int) Math.ceil(share * 120);
            Outline.Pen pen = Outline.pen();
            for (int i = 0; i <= steps; i++) {
                double angle = 2 * Math.PI * share * i / steps;
                double px = x + radius * Math.sin(angle);
                double py = y - radius * Math.cos(angle);
                if (i == 0) {
                    pen.move(px, py);
                } else {
                    pen.line(px, py);
                }
            }
            return pen.outline();
        }
    }
}
