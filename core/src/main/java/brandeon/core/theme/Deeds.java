package brandeon.core.theme;

import brandeon.core.canvas.Shape;
import java.util.List;
import java.util.Locale;

/** What an edit did, in a few words for the history. Names are those of the theme as it is now. */
public final class Deeds {

    private static final int NAMED = 2;

    private final Theme theme;

    private Deeds(Theme theme) {
        this.theme = theme;
    }

    public static String of(Edit edit, Theme theme) {
        return new Deeds(theme).of(edit);
    }

    private String of(Edit edit) {
        return switch (edit) {
            case Edit.Placing placing -> placing(placing);
            case Edit.Framing framing -> framing(framing);
            case Edit.Batch(List<Edit> edits) -> batch(edits);
            case Edit.Rename e -> "Named the theme " + e.name();
            case Edit.SetSeed _, Edit.AddSeed _, Edit.RemoveSeed _, Edit.SetSeeds _ -> "Changed the seed colours";
            case Edit.SetFace e -> "Chose another face for " + e.use().name().toLowerCase(Locale.ROOT);
            case Edit.SetPin e -> "Pinned " + words(e.role());
            case Edit.DropPin e -> "Unpinned " + words(e.role());
            case Edit.SetFamily _ -> "Changed the family";
            case Edit.SetCorner _ -> "Changed the corners";
            case Edit.SetPlate _ -> "Changed how dark plates are";
            case Edit.SetCalm e -> e.calm() ? "Calmed all movement" : "Let things move again";
            case Edit.SetGradient _ -> "Changed the gradient";
            case Edit.AddMood e -> "Added the mood " + e.mood().name();
            case Edit.SetMood e -> "Changed the mood " + e.mood().name();
            case Edit.RemoveMood _ -> "Removed a mood";
            case Edit.ChooseMood e -> e.mood().isEmpty() ? "Put on the brand's own colours" : "Put on another mood";
            case Edit.AddScene e -> "Added the scene " + e.scene().name();
            case Edit.RemoveScene _ -> "Removed a scene";
            case Edit.RenameScene e -> "Named a scene " + e.name();
            case Edit.MoveScene e -> "Moved " + scene(e.scene()) + " among the scenes";
            case Edit.AddPiece e -> "Added " + e.piece().name();
            case Edit.RemovePiece e -> "Deleted " + piece(e.piece());
            case Edit.RenamePiece e -> "Named a piece " + e.name();
            case Edit.SetPieceCaptures e -> "Bound captures to " + piece(e.piece());
            case Edit.SetMustShow e -> (e.mustShow() ? "Must show: " : "May be left out: ") + piece(e.piece());
            case Edit.SetContent e -> "Wrote " + e.field() + " of " + piece(e.piece());
            case Edit.DropContent e -> "Took " + e.field() + " of " + piece(e.piece()) + " back to the standard words";
            case Edit.DropFigure e -> "Took " + e.field() + " of " + piece(e.piece()) + " back to the family's";
            case Edit.SetFigure e -> "Tuned " + e.field() + " of " + piece(e.piece());
            case Edit.SetInlay e -> "Laid a picture into " + piece(e.piece());
            case Edit.DropInlay e -> "Took the picture out of " + piece(e.piece());
            case Edit.SetAlert e -> "Changed the alert for " + words(e.rule().kind());
            case Edit.DropAlert e -> "Removed the alert for " + words(e.kind());
            case Edit.AddFace e -> "Added the face " + e.face().title();
            case Edit.RemoveFace _ -> "Removed a face";
            case Edit.SetFaceProvenance _, Edit.SetProvenance _ -> "Said where something is from";
            case Edit.AddArtwork e -> "Added the picture " + e.artwork().name();
            case Edit.RemoveArtwork _ -> "Removed a picture";
            case Edit.SetOpenings _ -> "Drew the openings of a picture";
            case Edit.DropOpenings _ -> "Took the openings of a picture as found";
            case Edit.ReplaceArtwork e -> "Replaced the picture " + e.artwork().name();
            case Edit.SetRecolouring _ -> "Recoloured a picture";
        };
    }

    private String placing(Edit.Placing edit) {
        String what = piece(edit.piece()) + " on " + scene(edit.scene());
        return switch (edit) {
            case Edit.Place _ -> "Put " + what;
            case Edit.TakeOff _ -> "Took " + piece(edit.piece()) + " off " + scene(edit.scene());
            case Edit.Reorder _ -> "Reordered " + what;
            case Edit.SetGroup e -> (e.group().isEmpty() ? "Ungrouped " : "Grouped ") + what;
            case Edit.SetSpot _ -> "Placed " + what;
            case Edit.SetCorrection e -> "Placed " + what + on(e.shape());
            case Edit.SetBox e ->
                "Placed " + what
                        + theme.canvas(e.canvas())
                                .map(canvas -> on(canvas.shape()))
                                .orElse("");
            case Edit.SetPlaceOn e ->
                "Placed " + what
                        + theme.canvas(e.canvas())
                                .map(canvas -> " on " + canvas.name() + " alone")
                                .orElse("");
            case Edit.DropPlaceOn e ->
                "Put back " + what
                        + theme.canvas(e.canvas())
                                .map(canvas -> " on " + canvas.name())
                                .orElse("");
            case Edit.DropCorrection e -> "Put back " + what + on(e.shape());
            case Edit.SetHidden e -> (e.hidden() ? "Hid " : "Showed ") + what + on(e.shape());
            case Edit.SetManner _ -> "Laid " + what + " another way";
            case Edit.SetMannerOn e -> "Laid " + what + " another way" + on(e.shape());
            case Edit.DropMannerOn e -> "Laid " + what + " as elsewhere" + on(e.shape());
            case Edit.SetLocked e -> (e.locked() ? "Locked " : "Unlocked ") + what;
            case Edit.SetContentOn _ -> "Gave " + what + " words of its own";
        };
    }

    private String framing(Edit.Framing edit) {
        return switch (edit) {
            case Edit.AddCanvas e -> "Added the canvas " + e.canvas().name();
            case Edit.SetCanvas e -> "Changed the canvas " + e.canvas().name();
            case Edit.RemoveCanvas _ -> "Removed a canvas";
            case Edit.AddCapture e -> "Added the capture " + e.capture().name();
            case Edit.RemoveCapture _ -> "Removed a capture";
            case Edit.RenameCapture e -> "Named a capture " + e.name();
            case Edit.SetCaptureSize e -> "Set the size of " + capture(e.capture());
            case Edit.SetRegion e -> "Marked " + e.region().name() + " in " + capture(e.capture());
            case Edit.DropRegion e -> "Unmarked a region in " + capture(e.capture());
            case Edit.SetLine e -> "Moved a line of the plan" + on(e.shift().shape());
            case Edit.DropLine e -> "Put back a line of the plan" + on(e.shape());
            case Edit.SetViewer _ -> "Changed who must be able to read it";
            case Edit.SetKeepClear e -> "Drew " + e.area().name() + " on " + scene(e.scene()) + ", to be kept clear";
            case Edit.DropKeepClear e -> "Removed a kept-clear area of " + scene(e.scene());
        };
    }

    private String batch(List<Edit> edits) {
        List<String> deeds = edits.stream().map(this::of).distinct().toList();
        return deeds.size() <= NAMED
                ? String.join("; ", deeds)
                : String.format(Locale.ROOT, "%s and %d more changes", deeds.getFirst(), deeds.size() - 1);
    }

    private static String on(Shape shape) {
        return switch (shape) {
            case WIDE -> ", wide";
            case SQUARE -> ", square";
            case UPRIGHT -> ", upright";
        };
    }

    private static String words(Enum<?> name) {
        return name.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private String piece(String id) {
        return theme.piece(id).map(Piece::name).orElse("a piece that is gone");
    }

    private String scene(String id) {
        return theme.scene(id).map(Scene::name).orElse("a scene that is gone");
    }

    private String capture(String id) {
        return theme.capture(id).map(Capture::name).orElse("a capture that is gone");
    }
}
