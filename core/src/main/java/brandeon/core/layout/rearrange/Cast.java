package brandeon.core.layout.rearrange;

import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.theme.Region;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * What is to be placed, each in reading order.
 *
 * @param faces frames that show a face
 * @param plays the other frames
 * @param facts everything else that takes a place of its own
 */
record Cast(List<Placement> faces, List<Placement> plays, List<Placement> facts) {

    /**
     * Faces are known by the region that was drawn round one; where none was drawn, the smallest of several pictures
     * counts as one.
     */
    static Cast of(ResolvedScene scene, List<Placement> frames, List<Placement> facts) {
        Predicate<Placement> face = scene.openings().stream().anyMatch(Cast::showsFace)
                ? frame -> scene.openings().stream()
                        .anyMatch(
                                opening -> opening.piece().equals(frame.piece().id()) && showsFace(opening))
                : frame -> frames.size() > 1
                        && frames.stream()
                                .allMatch(other ->
                                        other.box().area() >= frame.box().area());
        return new Cast(
                frames.stream().filter(face).toList(),
                frames.stream().filter(face.negate()).toList(),
                facts);
    }

    private static boolean showsFace(FittedOpening opening) {
        return opening.capture().regions().stream().anyMatch(region -> region.sort() == Region.Sort.FACE);
    }

    List<Placement> frames() {
        return Stream.concat(faces.stream(), plays.stream()).toList();
    }

    /** With one picture alone there is nothing to set it apart from. */
    Cast withOnePictureAsPlay() {
        return faces.size() + plays.size() == 1 ? new Cast(List.of(), frames(), facts) : this;
    }
}
