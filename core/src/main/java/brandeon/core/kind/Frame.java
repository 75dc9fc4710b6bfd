package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What surrounds a capture. */
final class Frame extends Kind {

    Frame() {
        super(
                "Capture frame",
                Group.FRAMES,
                Zone.CAMERA,
                List.of(Field.words("name", "Name plate", "")),
                List.of(
                        new Figure("aspect", "Opening, width by height (0 fills)", 0, 5, 4.0 / 3, List.of()),
                        Figure.choice(
                                "shape",
                                "Opening",
                                0,
                                "as the family has it",
                                "corners cut",
                                "circle",
                                "hexagon",
                                "two openings"),
                        Figure.choice("mat", "Outside of it", 1, "see-through: the capture needs its mask", "filled"),
                        Figure.choice("plate", "Place of the name plate", 0, "under it", "beside it", "none"),
                        Figure.choice("flipped", "Stands", 0, "upright", "upside down, plate above"),
                        Figure.choice("moving", "Edge", 0, "still", "light runs over it"),
                        Figure.BORDER,
                        Figure.CORNER,
                        Figure.TURN,
                        Figure.SIZE,
                        Figure.ALIGN,
                        Figure.ORNAMENT,
                        Figure.GLOW,
                        Figure.SHADE));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Frame(
                piece.canvas(),
                piece.box(),
                piece.tune(),
                piece.figure("aspect"),
                piece.words("name"),
                Ask.FrameShape.values()[piece.choice("shape")],
                Ask.NamePlate.values()[piece.choice("plate")],
                piece.choice("mat") == 1,
                piece.choice("flipped") == 1,
                piece.moving()));
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of("name", new Content.Words(theme));
    }
}
