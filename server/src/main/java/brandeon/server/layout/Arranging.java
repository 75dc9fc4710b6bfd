package brandeon.server.layout;

import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Side;
import brandeon.core.layout.Arrangement;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Region;
import brandeon.core.theme.Spot;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;

/** A wish to place pieces on a scene, as seen on one canvas. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "arrange")
@JsonSubTypes({
    @Type(value = Arranging.Align.class, name = "align"),
    @Type(value = Arranging.Distribute.class, name = "distribute"),
    @Type(value = Arranging.AnchorTo.class, name = "anchor"),
    @Type(value = Arranging.Attach.class, name = "attach"),
    @Type(value = Arranging.Everywhere.class, name = "everywhere"),
    @Type(value = Arranging.MarkRegion.class, name = "region"),
    @Type(value = Arranging.Keep.class, name = "keepClear")
})
public sealed interface Arranging {

    String scene();

    String canvas();

    /** @throws Mistake when the pieces do not allow it */
    Edit edit(ResolvedScene resolved);

    record Align(String scene, String canvas, List<String> pieces, Arrangement.Alignment alignment)
            implements Arranging {
        @Override
        public Edit edit(ResolvedScene resolved) {
            return Arrangement.align(resolved, pieces, alignment);
        }
    }

    /** @param across from left to right, else from top to bottom */
    record Distribute(String scene, String canvas, List<String> pieces, boolean across) implements Arranging {
        @Override
        public Edit edit(ResolvedScene resolved) {
            return Arrangement.distribute(resolved, pieces, across);
        }
    }

    record AnchorTo(String scene, String canvas, String piece, Anchor anchor) implements Arranging {
        @Override
        public Edit edit(ResolvedScene resolved) {
            return Arrangement.anchor(resolved, piece, anchor);
        }
    }

    /** @param gap in pixels of the canvas */
    record Attach(String scene, String canvas, String piece, String to, Side side, Spot.Along along, double gap)
            implements Arranging {
        @Override
        public Edit edit(ResolvedScene resolved) {
            return Arrangement.attach(resolved, piece, to, side, along, gap);
        }
    }

    record Everywhere(String scene, String canvas, String piece) implements Arranging {
        @Override
        public Edit edit(ResolvedScene resolved) {
            return Arrangement.everywhere(resolved, piece);
        }
    }

    /** @param drawn in pixels of the canvas */
    record MarkRegion(
            String scene, String canvas, String piece, int opening, String id, String name, Region.Sort sort, Box drawn)
            implements Arranging {
        @Override
        public Edit edit(ResolvedScene resolved) {
            return Arrangement.region(resolved, piece, opening, id, name, sort, drawn);
        }
    }

    /** @param drawn in pixels of the canvas */
    record Keep(String scene, String canvas, String id, String name, Box drawn) implements Arranging {
        @Override
        public Edit edit(ResolvedScene resolved) {
            return Arrangement.keepClear(resolved, id, name, drawn);
        }
    }
}
