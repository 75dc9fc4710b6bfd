package brandeon.core.theme;

import brandeon.core.colour.Palette;
import brandeon.core.opening.Openings;
import brandeon.core.recolour.Cluster;
import brandeon.core.recolour.FilterChain;
import brandeon.core.recolour.Recipe;
import brandeon.core.recolour.Recolouring;
import java.util.List;

/**
 * A ready-made picture that the theme brings onto its brand. The file itself is never changed.
 *
 * @param file     lasting name of its content
 * @param type     media type of the file
 * @param width    in pixels
 * @param height   in pixels
 * @param moving   whether it has more than one frame
 * @param clusters its main colours, largest first
 * @param openings where a capture could show through it
 */
public record Artwork(String id, String name, String file, String type, int width, int height, boolean moving, List<Cluster> clusters, Openings openings, Recolouring recolouring, Provenance provenance) {

    public Artwork {
        clusters = List.copyOf(clusters);
        if (id.isBlank() || id.length() > 60 || name.isBlank() || name.length() > 200) {
            throw new IllegalArgumentException("A picture's name has between 1 and 200 letters.");
        }
    }

    /** How it is coloured: what moves is filtered as it plays, whatever was chosen. */
    public Recipe recipe(Palette palette) {
        Recolouring way = moving ? new Recolouring(Recolouring.Method.FILTER, recolouring.roles(), recolouring.kept()) : recolouring;
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

    public boolean vector() {
        return type.equals("image/svg+xml");
    }

    public Artwork with(Recolouring changed) {
        return new Artwork(id, name, file, type, width, height, moving, clusters, openings, changed, provenance);
    }

    public Artwork with(Provenance changed) {
        return new Artwork(id, name, file, type, width, height, moving, clusters, openings, recolouring, changed);
    }
}
