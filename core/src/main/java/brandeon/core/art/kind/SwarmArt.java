package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Role;
import brandeon.core.motion.Particles;
import java.util.List;

/** Particles in the brand's colours: four kinds of weather to begin with, each of whose measures can be changed. */
public final class SwarmArt {

    /** Height of a pile where the weather has none of its own, in units, and how long it lies, in seconds. */
    private static final double PILE = 60;

    private static final double REST = 10;
    private static final double SHADOW = 5;

    /** Measures of a kind of weather, in units, units a second, degrees and seconds. */
    private record Preset(
            int count,
            double size,
            double speed,
            double direction,
            double drift,
            double spin,
            boolean aligned,
            double opacity,
            double twinkle,
            double pile,
            double rest,
            Ask.Grain grain,
            Role role) {}

    private SwarmArt() {}

    private static Preset preset(Ask.Weather weather) {
        return switch (weather) {
            case REEDS -> new Preset(46, 64, 74, 152, 26, 0.35, false, 0.8, 0, 0, 0, Ask.Grain.LEAF, Role.ACCENT);
            case SPARKS -> new Preset(64, 30, 62, 276, 34, 0, false, 0.95, 0.6, 0, 0, Ask.Grain.GLOW, Role.GLOW);
            case RAIN -> new Preset(150, 60, 1150, 99, 0, 0, true, 0.5, 0, 0, 0, Ask.Grain.STREAK, Role.TEXT);
            case FROST -> new Preset(90, 26, 88, 94, 30, 0.5, false, 0.9, 0, 60, 14, Ask.Grain.STAR, Role.TEXT);
        };
    }

    public static PieceArt draw(Easel easel, Ask.Swarm ask) {
        Preset preset = preset(ask.weather());
        Ask.Wish wish = ask.wish();
        Ask.Grain grain = wish.grain() == Ask.Grain.OF_THE_WEATHER ? preset.grain() : wish.grain();
        int count = (int) Math.min(Particles.MOST, Math.round(preset.count() * wish.count()));
        Particles particles = new Particles(
                wish.seed(),
                count,
                Math.max(1, easel.px(preset.size() * wish.size())),
                easel.px(preset.speed() * wish.speed()),
                Math.floorMod(Math.round(preset.direction() + wish.lean()), 360),
                easel.px(preset.drift() * wish.drift()),
                grain == Ask.Grain.STREAK ? 0 : preset.spin(),
                grain == Ask.Grain.STREAK,
                preset.opacity() * wish.opacity(),
                preset.twinkle(),
                easel.px(preset.pile() > 0 ? preset.pile() * wish.pile() : PILE * (wish.pile() - 1)),
                preset.rest() > 0 ? preset.rest() : REST);
        Colour colour = easel.colour(wish.colour().orElse(preset.role()));
        Mark swarm = new Mark.Swarm(
                ask.box().snapped(),
                particles,
                outline(grain),
                grain == Ask.Grain.GLOW,
                ask.picture(),
                colour,
                easel.px(SHADOW * wish.shadow()),
                ask.moving());
        return PieceArt.still(List.of(swarm));
    }

    /** One particle about the origin, one pixel across. */
    private static Outline outline(Ask.Grain grain) {
        return switch (grain) {
            case OF_THE_WEATHER, ROUND, GLOW -> Outline.circle(0, 0, 0.5);
            case LEAF ->
                Outline.pen()
                        .move(-0.5, 0)
                        .curve(-0.2, -0.12, 0.2, -0.11, 0.5, 0)
                        .curve(0.2, 0.05, -0.2, 0.06, -0.5, 0)
                        .close()
                        .outline();
            case STREAK -> Outline.rounded(new Box(-0.5, -0.022, 1, 0.044), 0.022);
            case STAR -> star();
        };
    }

    private static Outline star() {
        Outline.Pen pen = Outline.pen();
        int arms = 6;
        for (int i = 0; i < arms * 2; i++) {
            double radius = i % 2 == 0 ? 0.5 : 0.13;
            double angle = Math.PI * i / arms;
            double x = radius * Math.cos(angle);
            double y = radius * Math.sin(angle);
            if (i == 0) {
                pen.move(x, y);
            } else {
                pen.line(x, y);
            }
        }
        return pen.close().outline();
    }
}
