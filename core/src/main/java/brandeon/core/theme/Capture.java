package brandeon.core.theme;

import brandeon.core.canvas.Size;
import brandeon.core.canvas.SourceBox;
import brandeon.core.problem.Mistake;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A camera, game or screen picture that the broadcaster supplies, with its own size and the parts of it that matter.
 *
 * @param seeThrough whether what lies behind it shows through, as with a camera whose background is taken out
 */
public record Capture(String id, String name, Size size, List<Region> regions, boolean seeThrough) {

    public static final int MOST_REGIONS = 20;

    public Capture {
        regions = regions.stream().sorted(Comparator.comparing(Region::id)).toList();
        if (name.isBlank() || name.length() > 60) {
            throw new Mistake("The name of a capture has between 1 and 60 letters.");
        }
        for (Region region : regions) {
            if (!region.box().within(size)) {
                throw new Mistake(String.format(
                        Locale.ROOT, "%s reaches out of the picture of %s, which is %s.", region.name(), name, size));
            }
        }
    }

    public static Capture of(String id, String name, Size size) {
        return new Capture(id, name, size, List.of(), false);
    }

    public Optional<Region> region(String region) {
        return regions.stream().filter(r -> r.id().equals(region)).findFirst();
    }

    /** What a crop should leave in sight: all faces together, or the whole picture where none was drawn. */
    public SourceBox keep() {
        return regions.stream()
                .filter(r -> r.sort() == Region.Sort.FACE)
                .map(Region::box)
                .reduce(SourceBox::around)
                .orElse(SourceBox.whole(size));
    }

    Capture with(List<Region> others) {
        return new Capture(id, name, size, others, seeThrough);
    }

    Capture named(String other) {
        return new Capture(id, other, size, regions, seeThrough);
    }

    Capture sized(Size other) {
        return new Capture(id, name, other, regions, seeThrough);
    }

    Capture seeThrough(boolean so) {
        return new Capture(id, name, size, regions, so);
    }
}
