package brandeon.core.art;

import brandeon.core.art.herbarium.Herbarium;
import brandeon.core.art.pebble.Pebble;
import brandeon.core.art.stillwater.Stillwater;
import brandeon.core.art.theodolite.Theodolite;
import brandeon.core.art.tideline.Tideline;
import java.util.List;
import java.util.Optional;

/** The families that ship with Brandeon. */
public final class Families {

    private static final List<Family> ALL =
            List.of(new Tideline(), new Stillwater(), new Theodolite(), new Pebble(), new Herbarium());

    private Families() {}

    /** Never empty; the first is the one that new themes start with. */
    public static List<Family> all() {
        return ALL;
    }

    public static Optional<Family> named(String id) {
        return ALL.stream().filter(family -> family.id().equals(id)).findFirst();
    }
}
