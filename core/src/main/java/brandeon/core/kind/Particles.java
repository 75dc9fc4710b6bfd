package brandeon.core.kind;

import brandeon.core.art.Ask;
import brandeon.core.colour.Role;
import java.util.List;
import java.util.Optional;

/** Many small things that drift. */
final class Particles extends Kind {

    /** In the order of the choices, after the first. */
    private static final List<Role> COLOURS =
            List.of(Role.ACCENT, Role.SECOND_ACCENT, Role.TEXT, Role.QUIET_TEXT, Role.GLOW, Role.EDGE);

    Particles() {
        super(
                "Particles",
                Group.ORNAMENTS,
                Zone.FULL,
                List.of(),
                List.of(
                        Figure.choice("weather", "Weather", 0, "drifting reeds", "lantern sparks", "rain", "frost"),
                        Figure.MOVING,
                        Figure.measure("count", "How many", 0, 3),
                        Figure.measure("grainSize", "Size of one", 0.3, 3),
                        Figure.measure("pace", "Speed", 0.2, 3),
                        new Figure("lean", "Direction, degrees from the weather's", -90, 90, 0, List.of()),
                        Figure.measure("drift", "Sway", 0, 3),
                        Figure.measure("opacity", "Opacity", 0.1, 1.2),
                        Figure.measure("pile", "Piling up", 0, 3),
                        Figure.choice("grain", "Shape", 0, "of the weather", "round", "glow", "leaf", "streak", "star"),
                        Figure.choice(
                                "colour",
                                "Colour",
                                0,
                                "of the weather",
                                "accent",
                                "second accent",
                                "text",
                                "quiet text",
                                "glow",
                                "edge"),
                        Figure.choice("shadow", "Shadow", 0, "none", "soft"),
                        new Figure("seed", "Seed: another number, another sky", 1, 9999, 1, List.of())));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        int colour = piece.choice("colour");
        Ask.Wish wish = new Ask.Wish(
                piece.choice("seed"),
                piece.figure("count"),
                piece.figure("grainSize"),
                piece.figure("pace"),
                piece.figure("lean"),
                piece.figure("drift"),
                piece.figure("opacity"),
                piece.figure("pile"),
                piece.choice("shadow"),
                Ask.Grain.values()[piece.choice("grain")],
                colour == 0 ? Optional.empty() : Optional.of(COLOURS.get(colour - 1)));
        return Optional.of(new Ask.Swarm(
                piece.canvas(),
                piece.box(),
                piece.tune(),
                Ask.Weather.values()[piece.choice("weather")],
                wish,
                piece.picture().get(),
                piece.moving()));
    }

    @Override
    public boolean liesOver() {
        return true;
    }

    @Override
    public boolean sparse() {
        return true;
    }

    @Override
    public Laid laid() {
        return Laid.EACH;
    }
}
