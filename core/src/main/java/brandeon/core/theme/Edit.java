package brandeon.core.theme;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.Size;
import brandeon.core.canvas.Viewer;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Gradient;
import brandeon.core.colour.Role;
import brandeon.core.kind.Content;
import brandeon.core.live.AlertRule;
import brandeon.core.live.SignalKind;
import brandeon.core.opening.Cut;
import brandeon.core.recolour.Recolouring;
import brandeon.core.text.Face;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** One change of a theme. Each names one property, so that two people's edits merge. Indexes count from 0. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "edit")
@JsonSubTypes({
    @Type(value = Edit.Rename.class, name = "rename"),
    @Type(value = Edit.SetSeed.class, name = "setSeed"),
    @Type(value = Edit.AddSeed.class, name = "addSeed"),
    @Type(value = Edit.RemoveSeed.class, name = "removeSeed"),
    @Type(value = Edit.SetFace.class, name = "setFace"),
    @Type(value = Edit.SetSeeds.class, name = "setSeeds"),
    @Type(value = Edit.SetPin.class, name = "setPin"),
    @Type(value = Edit.DropPin.class, name = "dropPin"),
    @Type(value = Edit.SetFamily.class, name = "setFamily"),
    @Type(value = Edit.SetCorner.class, name = "setCorner"),
    @Type(value = Edit.SetPlate.class, name = "setPlate"),
    @Type(value = Edit.SetCalm.class, name = "setCalm"),
    @Type(value = Edit.SetGradient.class, name = "setGradient"),
    @Type(value = Edit.AddMood.class, name = "addMood"),
    @Type(value = Edit.SetMood.class, name = "setMood"),
    @Type(value = Edit.RemoveMood.class, name = "removeMood"),
    @Type(value = Edit.ChooseMood.class, name = "chooseMood"),
    @Type(value = Edit.AddCanvas.class, name = "addCanvas"),
    @Type(value = Edit.RemoveCanvas.class, name = "removeCanvas"),
    @Type(value = Edit.SetCaptureSize.class, name = "setCaptureSize"),
    @Type(value = Edit.AddScene.class, name = "addScene"),
    @Type(value = Edit.RemoveScene.class, name = "removeScene"),
    @Type(value = Edit.RenameScene.class, name = "renameScene"),
    @Type(value = Edit.AddPiece.class, name = "addPiece"),
    @Type(value = Edit.RemovePiece.class, name = "removePiece"),
    @Type(value = Edit.RenamePiece.class, name = "renamePiece"),
    @Type(value = Edit.SetContent.class, name = "setContent"),
    @Type(value = Edit.DropContent.class, name = "dropContent"),
    @Type(value = Edit.SetFigure.class, name = "setFigure"),
    @Type(value = Edit.DropFigure.class, name = "dropFigure"),
    @Type(value = Edit.SetInlay.class, name = "setInlay"),
    @Type(value = Edit.DropInlay.class, name = "dropInlay"),
    @Type(value = Edit.Place.class, name = "place"),
    @Type(value = Edit.TakeOff.class, name = "takeOff"),
    @Type(value = Edit.Reorder.class, name = "reorder"),
    @Type(value = Edit.SetGroup.class, name = "setGroup"),
    @Type(value = Edit.SetBox.class, name = "setBox"),
    @Type(value = Edit.DropCorrection.class, name = "dropCorrection"),
    @Type(value = Edit.SetPlaceOn.class, name = "setPlaceOn"),
    @Type(value = Edit.DropPlaceOn.class, name = "dropPlaceOn"),
    @Type(value = Edit.SetSpot.class, name = "setSpot"),
    @Type(value = Edit.SetCorrection.class, name = "setCorrection"),
    @Type(value = Edit.SetHidden.class, name = "setHidden"),
    @Type(value = Edit.SetManner.class, name = "setManner"),
    @Type(value = Edit.SetMannerOn.class, name = "setMannerOn"),
    @Type(value = Edit.DropMannerOn.class, name = "dropMannerOn"),
    @Type(value = Edit.SetLocked.class, name = "setLocked"),
    @Type(value = Edit.SetContentOn.class, name = "setContentOn"),
    @Type(value = Edit.MoveScene.class, name = "moveScene"),
    @Type(value = Edit.SetPieceCaptures.class, name = "setPieceCaptures"),
    @Type(value = Edit.SetMustShow.class, name = "setMustShow"),
    @Type(value = Edit.SetCanvas.class, name = "setCanvas"),
    @Type(value = Edit.AddCapture.class, name = "addCapture"),
    @Type(value = Edit.RemoveCapture.class, name = "removeCapture"),
    @Type(value = Edit.RenameCapture.class, name = "renameCapture"),
    @Type(value = Edit.SetRegion.class, name = "setRegion"),
    @Type(value = Edit.DropRegion.class, name = "dropRegion"),
    @Type(value = Edit.SetLine.class, name = "setLine"),
    @Type(value = Edit.DropLine.class, name = "dropLine"),
    @Type(value = Edit.SetViewer.class, name = "setViewer"),
    @Type(value = Edit.SetKeepClear.class, name = "setKeepClear"),
    @Type(value = Edit.DropKeepClear.class, name = "dropKeepClear"),
    @Type(value = Edit.SetAlert.class, name = "setAlert"),
    @Type(value = Edit.DropAlert.class, name = "dropAlert"),
    @Type(value = Edit.AddFace.class, name = "addFace"),
    @Type(value = Edit.RemoveFace.class, name = "removeFace"),
    @Type(value = Edit.SetFaceProvenance.class, name = "setFaceProvenance"),
    @Type(value = Edit.AddArtwork.class, name = "addArtwork"),
    @Type(value = Edit.RemoveArtwork.class, name = "removeArtwork"),
    @Type(value = Edit.SetRecolouring.class, name = "setRecolouring"),
    @Type(value = Edit.SetOpenings.class, name = "setOpenings"),
    @Type(value = Edit.DropOpenings.class, name = "dropOpenings"),
    @Type(value = Edit.ReplaceArtwork.class, name = "replaceArtwork"),
    @Type(value = Edit.SetProvenance.class, name = "setProvenance"),
    @Type(value = Edit.Batch.class, name = "batch")
})
public sealed interface Edit {

    /** Changes how one piece stands on one scene. */
    sealed interface Placing extends Edit {
        String scene();

        /** Id of the piece. */
        String piece();
    }

    /** Changes what scenes are laid out on: canvases, captures, zone plans, what is kept clear. */
    sealed interface Framing extends Edit {}

    record Rename(String name) implements Edit {}

    record SetSeed(int index, Colour colour) implements Edit {}

    record AddSeed(int index, Colour colour) implements Edit {}

    record RemoveSeed(int index) implements Edit {}

    /** All seeds at once, as from a palette or a logo. */
    record SetSeeds(List<Colour> seeds) implements Edit {}

    /** What a face is used for. */
    enum FaceUse {
        HEADING,
        TEXT,
        FIGURES
    }

    record SetFace(FaceUse use, Face face) implements Edit {}

    /** Sets a role's colour by hand; the others are solved around it. */
    record SetPin(Role role, Colour colour) implements Edit {}

    /** Back to the derived colour. */
    record DropPin(Role role) implements Edit {}

    /** Draws every piece in another family; words, bindings and places stay. */
    record SetFamily(String family) implements Edit {}

    record SetCorner(double corner) implements Edit {}

    record SetPlate(double plate) implements Edit {}

    /** Whether nothing moves and things only fade. */
    record SetCalm(boolean calm) implements Edit {}

    record SetGradient(Gradient gradient) implements Edit {}

    record AddMood(int index, Mood mood) implements Edit {}

    /** Replaces the mood with this id. */
    record SetMood(Mood mood) implements Edit {}

    record RemoveMood(String mood) implements Edit {}

    /** Wears a mood; an empty id goes back to the brand's own colours. */
    record ChooseMood(String mood) implements Edit {}

    record AddCanvas(int index, Canvas canvas) implements Framing {}

    /** Replaces the canvas with this id. */
    record SetCanvas(Canvas canvas) implements Framing {}

    record RemoveCanvas(String canvas) implements Framing {}

    record AddCapture(int index, Capture capture) implements Framing {}

    /** Refused while a piece shows it. */
    record RemoveCapture(String capture) implements Framing {}

    record RenameCapture(String capture, String name) implements Framing {}

    record SetCaptureSize(String capture, Size size) implements Framing {}

    /** Replaces or adds the region with this id. */
    record SetRegion(String capture, Region region) implements Framing {}

    record DropRegion(String capture, String region) implements Framing {}

    /** Moves a dividing line of the zone plan for one role on one canvas shape. */
    record SetLine(LineShift shift) implements Framing {}

    /** Back to where the plan has it. */
    record DropLine(SceneRole role, Shape shape, PlanLine line) implements Framing {}

    record SetViewer(Viewer viewer) implements Framing {}

    /** Replaces or adds the area with this id. */
    record SetKeepClear(String scene, KeepClear area) implements Framing {}

    record DropKeepClear(String scene, String area) implements Framing {}

    record AddScene(int index, Scene scene) implements Edit {}

    record RemoveScene(String scene) implements Edit {}

    record RenameScene(String scene, String name) implements Edit {}

    record MoveScene(String scene, int index) implements Edit {}

    record AddPiece(int index, Piece piece) implements Edit {}

    /** Takes the piece off every scene and deletes it. */
    record RemovePiece(String piece) implements Edit {}

    record RenamePiece(String piece, String name) implements Edit {}

    /** Which captures show through the piece's openings, in the openings' order. */
    record SetPieceCaptures(String piece, List<String> captures) implements Edit {
        public SetPieceCaptures {
            captures = List.copyOf(captures);
        }
    }

    record SetMustShow(String piece, boolean mustShow) implements Edit {}

    /** What a piece says in one field, on all scenes. */
    record SetContent(String piece, String field, Content value) implements Edit {}

    /** Back to what its kind says by itself. */
    record DropContent(String piece, String field) implements Edit {}

    record SetFigure(String piece, String field, double value) implements Edit {}

    /** Back to the standard figure of its kind, as the family has it. */
    record DropFigure(String piece, String field) implements Edit {}

    /** Lays a ready-made picture into a piece. */
    record SetInlay(String piece, Inlay inlay) implements Edit {}

    record DropInlay(String piece) implements Edit {}

    /** Puts a piece on a scene at a place in the stack, 0 at the back. */
    record Place(String scene, int index, Placed placed) implements Placing {
        @Override
        public String piece() {
            return placed.piece();
        }
    }

    record TakeOff(String scene, String piece) implements Placing {}

    record Reorder(String scene, String piece, int index) implements Placing {}

    /**
     * Puts a piece on a scene into a group, whose pieces move as one there.
     *
     * @param group name of the group; empty takes the piece out of its group
     */
    record SetGroup(String scene, String piece, String group) implements Placing {}

    /**
     * Its place on all canvas shapes without a correction. Refused where pieces would hang on each other in a circle.
     */
    record SetSpot(String scene, String piece, Spot spot) implements Placing {}

    /** A hand-made place for one canvas shape. */
    record SetCorrection(String scene, String piece, Shape shape, Spot spot) implements Placing {}

    /** A hand-made place for one canvas alone. */
    record SetPlaceOn(String scene, String piece, String canvas, Spot spot) implements Placing {}

    /** Back to its place for the canvas's shape. */
    record DropPlaceOn(String scene, String piece, String canvas) implements Placing {}

    /**
     * A hand-made place as a person drags it on a canvas. It counts for the shape of that canvas; where canvases of
     * the same
     * shape have other proportions (16:9 beside 4:3 or 21:9), for those of its own proportions only. It keeps the
     * point that it is anchored to,
     * or gets the one that lies nearest.
     *
     * @param box in pixels of that canvas
     */
    record SetBox(String scene, String piece, String canvas, Box box) implements Placing {}

    /** Back to its place on other canvas shapes. */
    record DropCorrection(String scene, String piece, Shape shape) implements Placing {}

    record SetHidden(String scene, String piece, Shape shape, boolean hidden) implements Placing {}

    record SetManner(String scene, String piece, Manner manner) implements Placing {}

    /** How it is laid on one canvas shape alone. */
    record SetMannerOn(String scene, String piece, Shape shape, Manner manner) implements Placing {}

    record DropMannerOn(String scene, String piece, Shape shape) implements Placing {}

    /** A locked piece keeps its place. */
    record SetLocked(String scene, String piece, boolean locked) implements Placing {}

    /** What a piece says on this scene alone; none goes back to what it says elsewhere. */
    record SetContentOn(String scene, String piece, Map<String, Content> content) implements Placing {
        public SetContentOn {
            content = Map.copyOf(content);
        }
    }

    /** Replaces or adds the rule of its kind. */
    record SetAlert(AlertRule rule) implements Edit {}

    /** Signals of this kind are not announced any more. */
    record DropAlert(SignalKind kind) implements Edit {}

    record AddFace(int index, OwnFace face) implements Edit {}

    /** Refused while the brand uses it. */
    record RemoveFace(Face face) implements Edit {}

    record SetFaceProvenance(Face face, Provenance provenance) implements Edit {}

    record AddArtwork(int index, Artwork artwork) implements Edit {}

    /** Refused while a piece shows it. */
    record RemoveArtwork(String artwork) implements Edit {}

    record SetRecolouring(String artwork, Recolouring recolouring) implements Edit {}

    /** Where captures go behind a picture, drawn by hand; none is possible. */
    record SetOpenings(String artwork, List<Cut> openings) implements Edit {
        public SetOpenings {
            openings = List.copyOf(openings);
        }
    }

    /** Back to the openings that were found in the picture. */
    record DropOpenings(String artwork) implements Edit {}

    /** Another file in the place of a picture with the same id; pieces that show it go on with that. */
    record ReplaceArtwork(Artwork artwork) implements Edit {}

    record SetProvenance(String artwork, Provenance provenance) implements Edit {}

    /**
     * Several edits as one: all or none. Batches within are dissolved, so that it stays flat however often it grows.
     */
    record Batch(List<Edit> edits) implements Edit {
        public Batch {
            edits = edits.stream()
                    .flatMap(edit -> edit instanceof Batch(List<Edit> inner) ? inner.stream() : Stream.of(edit))
                    .toList();
        }
    }
}
