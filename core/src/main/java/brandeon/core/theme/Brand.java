package brandeon.core.theme;

import brandeon.core.art.Look;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Gradient;
import brandeon.core.colour.Palette;
import brandeon.core.colour.Role;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Face;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A brand: everything else is derived from it.
 *
 * @param seeds    one to five colours, most important first
 * @param pins     roles whose colour a person set
 * @param corner   how round corners are, 0 to 1
 * @param plate    how dark (covering) see-through plates are, 0 to 1
 * @param gradient what frames and edges run through
 * @param mood     id of the mood that is worn; empty for the brand's own colours
 * @param calm     whether nothing moves and things only fade
 */
public record Brand(
        List<Colour> seeds,
        Map<Role, Colour> pins,
        Face heading,
        Face text,
        Face figures,
        double corner,
        double plate,
        Gradient gradient,
        List<Mood> moods,
        String mood,
        boolean calm) {

    public static final int MOST_MOODS = 12;
    public static final double STANDARD_PLATE = 0.92;

    public Brand {
        seeds = seeds(seeds);
        pins = pins(pins);
        moods = List.copyOf(moods);
        share("Corner radius", corner);
        share("The opacity of plates", plate);
        String worn = mood;
        if (!worn.isEmpty() && moods.stream().noneMatch(m -> m.id().equals(worn))) {
            throw new Mistake("That mood is no longer there.");
        }
    }

    /** A brand of colours and faces, everything else as it usually is. */
    public static Brand of(List<Colour> seeds, Face heading, Face text, Face figures, double corner) {
        return new Brand(
                seeds,
                Map.of(),
                heading,
                text,
                figures,
                corner,
                STANDARD_PLATE,
                Gradient.STANDARD,
                List.of(),
                "",
                false);
    }

    /** The colours in force: those of the mood that is worn, else the brand's own. */
    public Palette palette() {
        return worn().map(m -> Palette.of(m.seeds(), m.pins())).orElseGet(() -> Palette.of(seeds, pins));
    }

    public Look look() {
        Palette palette = palette();
        return new Look(palette, heading, text, figures, corner, plate, gradient.points(palette), calm);
    }

    public Optional<Mood> worn() {
        return mood(mood);
    }

    public Optional<Mood> mood(String id) {
        return moods.stream().filter(m -> m.id().equals(id)).findFirst();
    }

    public Brand withSeeds(List<Colour> list) {
        return new Brand(list, pins, heading, text, figures, corner, plate, gradient, moods, mood, calm);
    }

    public Brand withPins(Map<Role, Colour> map) {
        return new Brand(seeds, map, heading, text, figures, corner, plate, gradient, moods, mood, calm);
    }

    public Brand withFaces(Face newHeading, Face newText, Face newFigures) {
        return new Brand(seeds, pins, newHeading, newText, newFigures, corner, plate, gradient, moods, mood, calm);
    }

    public Brand withCorner(double share) {
        return new Brand(seeds, pins, heading, text, figures, share, plate, gradient, moods, mood, calm);
    }

    public Brand withPlate(double share) {
        return new Brand(seeds, pins, heading, text, figures, corner, share, gradient, moods, mood, calm);
    }

    public Brand withGradient(Gradient run) {
        return new Brand(seeds, pins, heading, text, figures, corner, plate, run, moods, mood, calm);
    }

    public Brand withCalm(boolean wanted) {
        return new Brand(seeds, pins, heading, text, figures, corner, plate, gradient, moods, mood, wanted);
    }

    public Brand withMoods(List<Mood> list, String worn) {
        return new Brand(seeds, pins, heading, text, figures, corner, plate, gradient, list, worn, calm);
    }

    static List<Colour> seeds(List<Colour> seeds) {
        Palette.requireSeeds(seeds);
        // As it is written down, so that a brand read again is equal to the one that was kept.
        return seeds.stream().map(seed -> seed.withAlpha(1).rounded()).toList();
    }

    /** In the order of roles, so that equal brands are written down equally. */
    static Map<Role, Colour> pins(Map<Role, Colour> pins) {
        Map<Role, Colour> ordered = new EnumMap<>(Role.class);
        pins.forEach((role, colour) -> ordered.put(role, colour.withAlpha(1).rounded()));
        return Collections.unmodifiableMap(ordered);
    }

    private static void share(String what, double value) {
        if (!(value >= 0 && value <= 1)) {
            throw new Mistake(what + " lies between 0 and 1, not at " + value + ".");
        }
    }
}
