package brandeon.core.theme;

import brandeon.core.canvas.SourceBox;
import brandeon.core.problem.Mistake;
import java.util.Locale;

/**
 * A part of a capture that matters: drawn once, it is known on every scene and canvas that shows the capture.
 */
public record Region(String id, String name, Sort sort, SourceBox box) {

    public enum Sort {
        /** A face: in sight whole, and nothing lies over it. */
        FACE,
        /** A game's own display: nothing lies over it. */
        DISPLAY
    }

    public Region {
        if (name.isBlank() || name.length() > 60) {
            throw new Mistake("The name of a region has between 1 and 60 letters.");
        }
        if (box.width() < 1 || box.height() < 1) {
            throw new Mistake(
                    String.format(Locale.ROOT, "A region of %.0f × %.0f holds nothing.", box.width(), box.height()));
        }
    }
}
