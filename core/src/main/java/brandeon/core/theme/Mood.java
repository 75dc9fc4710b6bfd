package brandeon.core.theme;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Role;
import brandeon.core.problem.Mistake;
import java.util.List;
import java.util.Map;

/** A named variant of a brand's colours, for a season or one evening: the whole theme wears it while it is chosen. */
public record Mood(String id, String name, List<Colour> seeds, Map<Role, Colour> pins) {

    public Mood {
        seeds = Brand.seeds(seeds);
        pins = Brand.pins(pins);
        if (id.isBlank() || id.length() > 60 || name.isBlank() || name.length() > 60) {
            throw new Mistake("A mood's name has between 1 and 60 letters.");
        }
    }
}
