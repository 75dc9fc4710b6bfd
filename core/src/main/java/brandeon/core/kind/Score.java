package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Two sides and their figures. */
final class Score extends Kind {

    Score() {
        super(
                "Score of two sides",
                Group.WIDGETS,
                Zone.TOP,
                List.of(
                        Field.words("left", "Left side", "One side").yoursToWrite(),
                        Field.count("leftFigure", "Its figure", Content.Count.of(0)),
                        Field.count("rightFigure", "Its figure", Content.Count.of(0)),
                        Field.words("right", "Right side", "The other").yoursToWrite()),
                Figure.WORDS);
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Score(
                piece.canvas(),
                piece.box(),
                piece.tune(),
                piece.words("left"),
                piece.count("leftFigure").written(),
                piece.words("right"),
                piece.count("rightFigure").written()));
    }

    @Override
    public List<Sides> sides() {
        return List.of(new Sides("left", "right"), new Sides("leftFigure", "rightFigure"));
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
