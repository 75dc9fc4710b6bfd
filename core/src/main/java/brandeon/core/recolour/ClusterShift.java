package brandeon.core.recolour;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Oklch;
import brandeon.core.colour.Spaces;
import java.util.ArrayList;
import java.util.List;

/**
 * Brings each of a picture's main colours onto its own target, with soft borders between them, so that art of two
 * colours keeps its two colours and shading survives.
 *
 * A colour and its shades lie on one ray from black in OKLab: darkening by light scales lightness and chroma alike.
 * So a pixel belongs to the cluster whose chroma-to-lightness direction is nearest, and among shades of one hue to the
 * one of nearest lightness. Clusters are blended by the inverse of their distance (Shepard), which meets each main
 * colour's target exactly. Each cluster turns hue, scales that ratio and bends lightness so that black stays black,
 * white stays white and the main colour lands on its target.
 *
 * Along a seam between two main colours pixels are mixtures of both, as smoothing left them: a colour that lies on the
 * straight way between two of them, in coded sRGB, becomes the same mixture of their two targets. The farther from
 * every
 * such way, the less of that.
 */
public final class ClusterShift implements Mapping {

    /** Distance at which a main colour still counts as met; far below one step of eight bits. */
    private static final double MET = 1e-6;

    private static final double DARK = 0.04;

    /**
     * How far from the way between two main colours a pixel still counts as a mixture, as a share of the range of a
     * channel; some steps of the lattice of {@link Repaint}.
     */
    private static final double SEAM = 0.09;

    /** How much more the nearest of several ways counts than the next. */
    private static final double DECIDES = 6;

    private final List<Shift> shifts;
    private final List<Seam> seams;

    /** One cluster and where it goes. */
    public record Move(Colour from, Colour to) {}

    public ClusterShift(List<Move> moves) {
        shifts = moves.stream().map(Shift::of).toList();
        List<Seam> ways = new ArrayList<>();
        for (int i = 0; i < moves.size(); i++) {
            for (int j = i + 1; j < moves.size(); j++) {
                ways.add(Seam.of(moves.get(i), moves.get(j)));
            }
        }
        seams = List.copyOf(ways);
    }

    private static double[] rgb(Colour colour) {
        return new double[] {colour.red(), colour.green(), colour.blue()};
    }

    /** The way between two main colours. @param length squared */
    private record Seam(double[] from, double[] to, double[] fromTarget, double[] toTarget, double length) {

        static Seam of(Move one, Move other) {
            double[] from = rgb(one.from());
            double[] to = rgb(other.from());
            double length = 0;
            for (int c = 0; c < 3; c++) {
                length += (to[c] - from[c]) * (to[c] - from[c]);
            }
            return new Seam(from, to, rgb(one.to()), rgb(other.to()), length);
        }

        /**
         * Adds the mixture of its targets for a colour, weighted so that the nearest way decides; gives how near it
         * is, 0 to 1.
         */
        double add(double[] colour, double[] sum) {
            double along = 0;
            for (int c = 0; c < 3; c++) {
                along += (colour[c] - from[c]) * (to[c] - from[c]);
            }
            double share = length == 0 ? 0 : Math.clamp(along / length, 0, 1);
            double off = 0;
            for (int c = 0; c < 3; c++) {
                double d = colour[c] - from[c] - share * (to[c] - from[c]);
                off += d * d;
            }
            double weight = Math.exp(-off / (SEAM * SEAM));
            double decides = Math.pow(weight, DECIDES);
            for (int c = 0; c < 3; c++) {
                sum[c] += decides * (fromTarget[c] + share * (toTarget[c] - fromTarget[c]));
            }
            return weight;
        }
    }

    private record Shift(double x, double y, double lightness, double cos, double sin, double ratio, double target) {

        static Shift of(Move move) {
            Oklch from = Spaces.oklch(move.from());
            Oklch to = Spaces.oklch(move.to());
            Spaces.Oklab lab = Spaces.oklab(move.from());
            boolean hueless = from.chroma() < Cluster.NEUTRAL_CHROMA || to.chroma() < Oklch.ACHROMATIC;
            double turn = hueless ? 0 : Math.toRadians(to.hue() - from.hue());
            double ratio = from.chroma() < Oklch.ACHROMATIC
                    ? 1
                    : to.chroma() / (to.lightness() + DARK) / (from.chroma() / (from.lightness() + DARK));
            return new Shift(
                    lab.a() / (lab.lightness() + DARK),
                    lab.b() / (lab.lightness() + DARK),
                    from.lightness(),
                    Math.cos(turn),
                    Math.sin(turn),
                    ratio,
                    to.lightness());
        }

        /** Straight from black to the main colour, and from there to white. */
        double bent(double l) {
            if (l <= lightness) {
                return lightness <= 0 ? target : l / lightness * target;
            }
            return lightness >= 1 ? target : target + (l - lightness) / (1 - lightness) * (1 - target);
        }
    }

    @Override
    public Colour apply(Colour colour) {
        Colour shaded = shaded(colour);
        double[] mixed = new double[3];
        double sum = 0;
        double nearest = 0;
        for (Seam seam : seams) {
            double weight = seam.add(rgb(colour), mixed);
            sum += Math.pow(weight, DECIDES);
            nearest = Math.max(nearest, weight);
        }
        if (nearest < MET) {
            return shaded;
        }
        return new Colour(
                part(shaded.red(), mixed[0] / sum, nearest),
                part(shaded.green(), mixed[1] / sum, nearest),
                part(shaded.blue(), mixed[2] / sum, nearest),
                colour.alpha());
    }

    private static double part(double shaded, double mixed, double weight) {
        return Math.clamp(shaded + (mixed - shaded) * weight, 0, 1);
    }

    /** As a shade of the main colours that it is near to. */
    private Colour shaded(Colour colour) {
        Spaces.Oklab lab = Spaces.oklab(colour);
        double x = lab.a() / (lab.lightness() + DARK);
        double y = lab.b() / (lab.lightness() + DARK);
        double sum = 0;
        double l = 0;
        double a = 0;
        double b = 0;
        for (Shift shift : shifts) {
            double distance = distance(shift, x, y, lab.lightness()) + MET;
            double weight = 1 / (distance * distance);
            double bent = shift.bent(lab.lightness());
            double scale = shift.ratio() * (bent + DARK);
            l += weight * bent;
            a += weight * scale * (x * shift.cos() - y * shift.sin());
            b += weight * scale * (x * shift.sin() + y * shift.cos());
            sum += weight;
        }
        return Spaces.oklch(new Spaces.Oklab(Math.clamp(l / sum, 0, 1), a / sum, b / sum))
                .toColour()
                .withAlpha(colour.alpha());
    }

    /** Squared; lightness counts a little, so that two neutrals can be told apart. */
    private static double distance(Shift shift, double x, double y, double lightness) {
        double dx = x - shift.x();
        double dy = y - shift.y();
        double dl = (lightness - shift.lightness()) * 0.12;
        return dx * dx + dy * dy + dl * dl;
    }
}
