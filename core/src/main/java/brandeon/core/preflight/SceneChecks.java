package brandeon.core.preflight;

import brandeon.core.layout.ResolvedScene;
import brandeon.core.theme.Theme;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** Preflight of one scene on one canvas, from what was computed of it: nothing is painted for these. */
public final class SceneChecks {

    /** The worst first, then as pieces lie from back to front. */
    static final Comparator<Finding> BY_WEIGHT = Comparator.comparing(Finding::weight);

    private SceneChecks() {}

    /** All findings of the scene, without fixes. Empty when everything fits. */
    public static List<Finding> of(Theme theme, ResolvedScene scene) {
        return of(Standing.of(theme, scene));
    }

    static List<Finding> of(Standing standing) {
        return Stream.of(
                        PlaceChecks.of(standing),
                        CoverChecks.of(standing),
                        CaptureChecks.of(standing),
                        TextChecks.of(standing),
                        SceneryChecks.of(standing))
                .flatMap(found -> found)
                .sorted(BY_WEIGHT)
                .toList();
    }
}
