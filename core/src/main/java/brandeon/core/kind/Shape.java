package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** A plain shape. */
final class Shape extends Kind {

    /** In the order of the choices. */
    private static final List<Ask.Shape> SHAPES =
            List.of(Ask.Shape.DISC, Ask.Shape.RING, Ask.Shape.DIAMOND, Ask.Shape.BAR);

    Shape() {
        super(
                "Shape",
                Group.ORNAMENTS,
                Zone.CORNER,
                List.of(),
                List.of(
                        Figure.choice("outline", "Outline", 0, "disc", "ring", "diamond", "bar"),
                        Figure.CORNER,
                        Figure.TURN,
                        Figure.GLOW,
                        Figure.SHADE));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Ornament(
                piece.canvas(), piece.box(), piece.tune(), SHAPES.get(piece.choice("outline")), false));
    }

    @Override
    public boolean liesOver() {
        return true;
    }

    @Override
    public Rank rank() {
        return Rank.ORNAMENT;
    }
}
