package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Two sides and their figures. */
final class Score extends Kind {

    private static final Sides FIGURES = new Sides("leftFigure", "rightFigure");
    private static final Sides ROUNDS = new Sides("leftRounds", "rightRounds");
    private static final int MOST_ROUNDS = 99;

    Score() {
        super(
                "Score of two sides",
                Group.WIDGETS,
                Zone.TOP,
                List.of(
                        Field.words("left", "Left side", "One side").yoursToWrite(),
                        Field.count("leftFigure", "Figure, left", Content.Count.of(0)),
                        Field.count("rightFigure", "Figure, right", Content.Count.of(0)),
                        Field.words("right", "Right side", "The other").yoursToWrite(),
                        Field.tint("leftColour", "Colour of the left side"),
                        Field.tint("rightColour", "Colour of the right side"),
                        Field.count("leftRounds", "Rounds won, left", Content.Count.of(0)),
                        Field.count("rightRounds", "Rounds won, right", Content.Count.of(0))),
                Figure.WORDS);
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(
                new Ask.Score(piece.canvas(), piece.box(), piece.tune(), side(piece, "left"), side(piece, "right")));
    }

    private static Ask.Side side(Showing piece, String side) {
        return new Ask.Side(
                piece.words(side), piece.count(side + "Figure").written(), piece.tint(side + "Colour"), (int)
                        Math.clamp(piece.count(side + "Rounds").value().orElse(0), 0, MOST_ROUNDS));
    }

    @Override
    public List<Sides> sides() {
        return List.of(new Sides("left", "right"), FIGURES, new Sides("leftColour", "rightColour"), ROUNDS);
    }

    @Override
    public Optional<Rounds> rounds() {
        return Optional.of(new Rounds(FIGURES, ROUNDS));
    }

    @Override
    public boolean liesOver() {
        return true;
    }

    @Override
    public Rank rank() {
        return Rank.FACT;
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of(
                "left",
                new Content.Words("Hide"),
                "leftFigure",
                Content.Count.of(3),
                "right",
                new Content.Words("Chat"),
                "rightFigure",
                Content.Count.of(2));
    }
}
