package brandeon.core.theme;

import brandeon.core.problem.Mistake;
import brandeon.core.text.Face;

/** A face from outside that this theme may use. @param title as people know it */
public record OwnFace(Face face, String title, Provenance provenance) {

    public OwnFace {
        if (!face.isOwn()) {
            throw new Mistake(face.title() + " ships already.");
        }
        if (title.isBlank() || title.length() > 120) {
            throw new Mistake("A font's name has between 1 and 120 letters.");
        }
    }
}
