package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** A ready-made picture with openings for captures. */
final class FramePicture extends Kind {

    FramePicture() {
        super("Frame from a picture", Group.FRAMES, Zone.CAMERA, List.of(), List.of());
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Picture(piece.canvas(), piece.box(), piece.tune(), true));
    }

    @Override
    public Laid laid() {
        return Laid.FRAME;
    }
}
