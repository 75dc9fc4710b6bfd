package brandeon.core.theme;

import brandeon.core.colour.Palette;
import brandeon.core.opening.Cut;
import brandeon.core.opening.FoundOpening;
import brandeon.core.opening.Openings;
import brandeon.core.problem.Mistake;
import brandeon.core.recolour.Cluster;
import brandeon.core.recolour.FilterChain;
import brandeon.core.recolour.Recipe;
import brandeon.core.recolour.Recolouring;
import java.util.List;
import java.util.Optional;

/**
 * A ready-made picture that the theme brings onto its brand. The file itself is never changed.
 *
 * @param file     lasting name of its content
 * @param type     media type of the file
 * @param width    in pixels
 * @param height   in pixels
 * @param moving   whether it has more than one frame
 * @param clusters its main colours, largest first
 * @param openings where a capture could show through it, as found
 * @param drawn    where captures go instead, drawn by hand; empty where what was found holds
 */
public record Artwork(
        String id,
        String name,
        String file,
        String type,
        int width,
        int height,
        boolean moving,
        List<Cluster> clusters,
        Openings openings,
        Optional<List<Cut>> drawn,
        Recolouring recolouring,
        Provenance provenance) {

    /** Most pixels of a side. */
    public static final int MOST_SIDE = 8192;

    public Artwork {
        clusters = List.copyOf(clusters);
        drawn = drawn.map(List::copyOf);
        if (drawn.filter(cuts -> cuts.size() > Cut.MOST).isPresent()) {
            throw new Mistake("A picture has at most " + Cut.MOST + " openings.");
        }
        if (id.isBlank() || id.length() > 60 || name.isBlank() || name.length() > 200) {
            throw new Mistake("A picture's name has between 1 and 200 letters.");
        }
    }

    /** How it is coloured: what moves is filtered as it plays, whatever was chosen. */
    public Recipe recipe(Palette palette) {
        Recolouring way = moving
                ? new Recolouring(Recolouring.Method.FILTER, recolouring.roles(), recolouring.kept())
                : recolouring;
        return way.recipe(clusters, palette);
    }

    /** Under which name painters find it in a brand's colours: its file and the recipe. */
    public String painted(Palette palette) {
        return file + "-" + recipe(palette).name();
    }

    /** CSS filter functions for a picture that moves and so is coloured as it plays; empty for all others. */
    public String filter(Palette palette) {
        return moving ? recipe(palette).filter().map(FilterChain::css).orElse("") : "";
    }

    /** Where captures go: as drawn by hand, or else as found. */
    public List<Cut> cuts() {
        return drawn.orElseGet(
                () -> openings.openings().stream().map(FoundOpening::cut).toList());
    }

    public Artwork with(Optional<List<Cut>> changed) {
        return new Artwork(
                id, name, file, type, width, height, moving, clusters, openings, changed, recolouring, provenance);
    }

    public boolean vector() {
        return type.equals("image/svg+xml");
    }

    public Artwork with(Recolouring changed) {
        return new Artwork(id, name, file, type, width, height, moving, clusters, openings, drawn, changed, provenance);
    }

    public Artwork with(Provenance changed) {
        return new Artwork(
                id, name, file, type, width, height, moving, clusters, openings, drawn, recolouring, changed);
    }
}
