package brandeon.core.theme;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One change of a theme. Each names one property, so that two people's edits merge. Indexes count from 0.
 *
 * An edit knows all about itself: what it changes and what takes that back, what it sets, and how the history calls it.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "edit")
@JsonSubTypes({
    @Type(value = ThemeEdit.Rename.class, name = "rename"),
    @Type(value = BrandEdit.SetSeed.class, name = "setSeed"),
    @Type(value = BrandEdit.AddSeed.class, name = "addSeed"),
    @Type(value = BrandEdit.RemoveSeed.class, name = "removeSeed"),
    @Type(value = BrandEdit.SetFace.class, name = "setFace"),
    @Type(value = BrandEdit.SetSeeds.class, name = "setSeeds"),
    @Type(value = BrandEdit.SetPin.class, name = "setPin"),
    @Type(value = BrandEdit.DropPin.class, name = "dropPin"),
    @Type(value = ThemeEdit.SetFamily.class, name = "setFamily"),
    @Type(value = BrandEdit.SetCorner.class, name = "setCorner"),
    @Type(value = BrandEdit.SetPlate.class, name = "setPlate"),
    @Type(value = BrandEdit.SetCalm.class, name = "setCalm"),
    @Type(value = BrandEdit.SetGradient.class, name = "setGradient"),
    @Type(value = BrandEdit.AddMood.class, name = "addMood"),
    @Type(value = BrandEdit.SetMood.class, name = "setMood"),
    @Type(value = BrandEdit.RemoveMood.class, name = "removeMood"),
    @Type(value = BrandEdit.ChooseMood.class, name = "chooseMood"),
    @Type(value = FramingEdit.AddCanvas.class, name = "addCanvas"),
    @Type(value = FramingEdit.RemoveCanvas.class, name = "removeCanvas"),
    @Type(value = FramingEdit.SetCaptureSize.class, name = "setCaptureSize"),
    @Type(value = SceneEdit.AddScene.class, name = "addScene"),
    @Type(value = SceneEdit.RemoveScene.class, name = "removeScene"),
    @Type(value = SceneEdit.RenameScene.class, name = "renameScene"),
    @Type(value = SceneEdit.SetSceneRole.class, name = "setSceneRole"),
    @Type(value = SceneEdit.SetSceneArrives.class, name = "setSceneArrives"),
    @Type(value = PlacingEdit.SetArrival.class, name = "setArrival"),
    @Type(value = PieceEdit.AddPiece.class, name = "addPiece"),
    @Type(value = PieceEdit.RemovePiece.class, name = "removePiece"),
    @Type(value = PieceEdit.RenamePiece.class, name = "renamePiece"),
    @Type(value = PieceEdit.SetShare.class, name = "setShare"),
    @Type(value = PieceEdit.SetContent.class, name = "setContent"),
    @Type(value = PieceEdit.DropContent.class, name = "dropContent"),
    @Type(value = PieceEdit.SetFigure.class, name = "setFigure"),
    @Type(value = PieceEdit.DropFigure.class, name = "dropFigure"),
    @Type(value = PieceEdit.SetInlay.class, name = "setInlay"),
    @Type(value = PieceEdit.DropInlay.class, name = "dropInlay"),
    @Type(value = PlacingEdit.Place.class, name = "place"),
    @Type(value = PlacingEdit.TakeOff.class, name = "takeOff"),
    @Type(value = PlacingEdit.Reorder.class, name = "reorder"),
    @Type(value = PlacingEdit.SetGroup.class, name = "setGroup"),
    @Type(value = PlacingEdit.SetBox.class, name = "setBox"),
    @Type(value = PlacingEdit.DropCorrection.class, name = "dropCorrection"),
    @Type(value = PlacingEdit.SetPlaceOn.class, name = "setPlaceOn"),
    @Type(value = PlacingEdit.DropPlaceOn.class, name = "dropPlaceOn"),
    @Type(value = PlacingEdit.SetSpot.class, name = "setSpot"),
    @Type(value = PlacingEdit.SetCorrection.class, name = "setCorrection"),
    @Type(value = PlacingEdit.SetHidden.class, name = "setHidden"),
    @Type(value = PlacingEdit.SetManner.class, name = "setManner"),
    @Type(value = PlacingEdit.SetMannerOn.class, name = "setMannerOn"),
    @Type(value = PlacingEdit.DropMannerOn.class, name = "dropMannerOn"),
    @Type(value = PlacingEdit.SetLocked.class, name = "setLocked"),
    @Type(value = PlacingEdit.SetContentOn.class, name = "setContentOn"),
    @Type(value = SceneEdit.MoveScene.class, name = "moveScene"),
    @Type(value = PieceEdit.SetPieceCaptures.class, name = "setPieceCaptures"),
    @Type(value = PieceEdit.SetMustShow.class, name = "setMustShow"),
    @Type(value = PieceEdit.SetHandsOff.class, name = "setHandsOff"),
    @Type(value = FramingEdit.SetCanvas.class, name = "setCanvas"),
    @Type(value = FramingEdit.AddCapture.class, name = "addCapture"),
    @Type(value = FramingEdit.RemoveCapture.class, name = "removeCapture"),
    @Type(value = FramingEdit.RenameCapture.class, name = "renameCapture"),
    @Type(value = FramingEdit.SetSeeThrough.class, name = "setSeeThrough"),
    @Type(value = FramingEdit.SetRegion.class, name = "setRegion"),
    @Type(value = FramingEdit.DropRegion.class, name = "dropRegion"),
    @Type(value = FramingEdit.SetLine.class, name = "setLine"),
    @Type(value = FramingEdit.DropLine.class, name = "dropLine"),
    @Type(value = FramingEdit.SetViewer.class, name = "setViewer"),
    @Type(value = FramingEdit.SetKeepClear.class, name = "setKeepClear"),
    @Type(value = FramingEdit.DropKeepClear.class, name = "dropKeepClear"),
    @Type(value = SoundEdit.AddSound.class, name = "addSound"),
    @Type(value = SoundEdit.RemoveSound.class, name = "removeSound"),
    @Type(value = SoundEdit.RenameSound.class, name = "renameSound"),
    @Type(value = SoundEdit.SetSoundProvenance.class, name = "setSoundProvenance"),
    @Type(value = SoundEdit.SetLoudness.class, name = "setLoudness"),
    @Type(value = ThemeEdit.SetAlert.class, name = "setAlert"),
    @Type(value = ThemeEdit.AddAlert.class, name = "addAlert"),
    @Type(value = ThemeEdit.MoveAlert.class, name = "moveAlert"),
    @Type(value = ThemeEdit.DropAlert.class, name = "dropAlert"),
    @Type(value = ThemeEdit.SetPace.class, name = "setPace"),
    @Type(value = BotEdit.NameBot.class, name = "nameBot"),
    @Type(value = BotEdit.SetCommand.class, name = "setCommand"),
    @Type(value = BotEdit.AddCommand.class, name = "addCommand"),
    @Type(value = BotEdit.DropCommand.class, name = "dropCommand"),
    @Type(value = BotEdit.SetTimed.class, name = "setTimed"),
    @Type(value = BotEdit.AddTimed.class, name = "addTimed"),
    @Type(value = BotEdit.DropTimed.class, name = "dropTimed"),
    @Type(value = BotEdit.SetBot.class, name = "setBot"),
    @Type(value = PictureEdit.AddFace.class, name = "addFace"),
    @Type(value = PictureEdit.RemoveFace.class, name = "removeFace"),
    @Type(value = PictureEdit.SetFaceProvenance.class, name = "setFaceProvenance"),
    @Type(value = PictureEdit.AddArtwork.class, name = "addArtwork"),
    @Type(value = PictureEdit.RemoveArtwork.class, name = "removeArtwork"),
    @Type(value = PictureEdit.SetRecolouring.class, name = "setRecolouring"),
    @Type(value = PictureEdit.SetOpenings.class, name = "setOpenings"),
    @Type(value = PictureEdit.DropOpenings.class, name = "dropOpenings"),
    @Type(value = PictureEdit.ReplaceArtwork.class, name = "replaceArtwork"),
    @Type(value = PictureEdit.SetProvenance.class, name = "setProvenance"),
    @Type(value = Edit.Batch.class, name = "batch")
})
public sealed interface Edit
        permits BrandEdit,
                ThemeEdit,
                SceneEdit,
                PieceEdit,
                PictureEdit,
                SoundEdit,
                BotEdit,
                FramingEdit,
                PlacingEdit,
                Edit.Batch {

    /**
     * For {@link Edits#apply} alone, which checks what comes of it.
     *
     * @return the changed theme, and the edit that takes the change back: applied to that theme it gives an equal one
     * @throws Edits.Refusal with the reason when it cannot be; other mistakes are those of the values
     */
    Outcome.Applied applied(Theme theme);

    /** The property that it sets, where a later edit of the same one makes it needless; empty where each edit counts. */
    default Optional<Object> target() {
        return Optional.empty();
    }

    /** What it did, in a few words for the history. */
    String deed(Names names);

    /** Several edits as one: all or none. Batches within are dissolved, so that it stays flat however often it grows. */
    record Batch(List<Edit> edits) implements Edit {

        private static final int NAMED = 2;

        public Batch {
            edits = edits.stream()
                    .flatMap(edit -> edit instanceof Batch(List<Edit> inner) ? inner.stream() : Stream.of(edit))
                    .toList();
        }

        @Override
        public Outcome.Applied applied(Theme theme) {
            Edits.require(!edits.isEmpty(), "There is nothing in this change.");
            Deque<Edit> back = new ArrayDeque<>();
            Theme current = theme;
            for (Edit edit : edits) {
                Outcome.Applied step = edit.applied(current);
                current = step.theme();
                back.addFirst(step.inverse());
            }
            return new Outcome.Applied(current, new Batch(List.copyOf(back)));
        }

        /** As when several pieces are dragged together. */
        @Override
        public Optional<Object> target() {
            List<Object> targets =
                    edits.stream().flatMap(edit -> edit.target().stream()).toList();
            return targets.size() == edits.size() ? Optional.of(targets) : Optional.empty();
        }

        @Override
        public String deed(Names names) {
            List<String> deeds =
                    edits.stream().map(edit -> edit.deed(names)).distinct().toList();
            return deeds.size() <= NAMED
                    ? String.join("; ", deeds)
                    : String.format(Locale.ROOT, "%s and %d more changes", deeds.getFirst(), deeds.size() - 1);
        }
    }
}
