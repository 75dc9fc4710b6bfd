package brandeon.core.preflight;

import brandeon.core.layout.ResolvedScene;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Optional;

/** What might help against a kind of finding, the least change first. Whether it does is for others to try. */
interface Remedy {

    /** Only a person can decide. */
    Remedy NONE = (theme, finding, piece, scene) -> List.of();

    /**
     * @param piece the one that the finding is about; empty when it is about none
     * @param scene the scene of the finding on its canvas; empty when it is about the theme
     */
    List<Fix> ideas(Theme theme, Finding finding, Optional<Piece> piece, Optional<ResolvedScene> scene);
}
