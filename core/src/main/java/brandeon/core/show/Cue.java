package brandeon.core.show;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/**
 * One deed on a show. It names a piece of the show's themes; pieces that share what they show change together. Numbers
 * of cards and points count from 0.
 *
 * A cue knows all about itself: what it changes, what takes that back, and how the record tells it.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "cue")
@JsonSubTypes({
    @Type(value = ClockCue.StartClock.class, name = "startClock"),
    @Type(value = ClockCue.PauseClock.class, name = "pauseClock"),
    @Type(value = ClockCue.AddTime.class, name = "addTime"),
    @Type(value = ClockCue.SetClock.class, name = "setClock"),
    @Type(value = ClockCue.AtZero.class, name = "atZero"),
    @Type(value = ClockCue.ReachZero.class, name = "reachZero"),
    @Type(value = ClockCue.AimClock.class, name = "aimClock"),
    @Type(value = ClockCue.SetClockBack.class, name = "setClockBack"),
    @Type(value = CountCue.StepCount.class, name = "stepCount"),
    @Type(value = CountCue.AddToCount.class, name = "addToCount"),
    @Type(value = CountCue.SetCount.class, name = "setCount"),
    @Type(value = CountCue.ResetCount.class, name = "resetCount"),
    @Type(value = CountCue.SwapSides.class, name = "swapSides"),
    @Type(value = CountCue.MeasureCount.class, name = "measureCount"),
    @Type(value = CountCue.ColourSide.class, name = "colourSide"),
    @Type(value = CountCue.WinRound.class, name = "winRound"),
    @Type(value = CardCue.PutUp.class, name = "putUp"),
    @Type(value = CardCue.TurnCards.class, name = "turnCards"),
    @Type(value = CardCue.ShowCards.class, name = "showCards"),
    @Type(value = CardCue.PrepareCard.class, name = "prepareCard"),
    @Type(value = CardCue.TakeCard.class, name = "takeCard"),
    @Type(value = CardCue.WriteCards.class, name = "writeCards"),
    @Type(value = PointCue.MarkPoints.class, name = "markPoints"),
    @Type(value = PointCue.NextPoint.class, name = "nextPoint"),
    @Type(value = PointCue.WritePoints.class, name = "writePoints"),
    @Type(value = PieceCue.Say.class, name = "say"),
    @Type(value = PieceCue.ShowPiece.class, name = "showPiece"),
    @Type(value = PieceCue.LetGo.class, name = "letGo"),
    @Type(value = PieceCue.LetGoOf.class, name = "letGoOf"),
    @Type(value = PieceCue.PutBack.class, name = "putBack"),
    @Type(value = BreakCue.StartBreak.class, name = "startBreak"),
    @Type(value = BreakCue.LengthenBreak.class, name = "lengthenBreak"),
    @Type(value = BreakCue.EndBreak.class, name = "endBreak"),
    @Type(value = BreakCue.WriteBreak.class, name = "writeBreak"),
    @Type(value = BreakCue.TickMicrophone.class, name = "tickMicrophone"),
    @Type(value = BreakCue.PutBreak.class, name = "putBreak"),
    @Type(value = SequenceCue.WriteSequence.class, name = "writeSequence"),
    @Type(value = SequenceCue.RemoveSequence.class, name = "removeSequence"),
    @Type(value = SequenceCue.StartSequence.class, name = "startSequence"),
    @Type(value = SequenceCue.StopSequence.class, name = "stopSequence"),
    @Type(value = SequenceCue.GoOn.class, name = "goOnSequence"),
    @Type(value = SequenceCue.TakeSteps.class, name = "takeSteps"),
    @Type(value = ShowCue.PutState.class, name = "putState"),
    @Type(value = NoticeCue.PlanNotices.class, name = "planNotices"),
    @Type(value = NoticeCue.BeginNotices.class, name = "beginNotices"),
    @Type(value = NoticeCue.ListNotices.class, name = "listNotices"),
    @Type(value = NoticeCue.MoveNotice.class, name = "moveNotice"),
    @Type(value = NoticeCue.SkipNotice.class, name = "skipNotice"),
    @Type(value = NoticeCue.StartNotice.class, name = "startNotice"),
    @Type(value = NoticeCue.EndNotice.class, name = "endNotice"),
    @Type(value = NoticeCue.PutNotices.class, name = "putNotices"),
    @Type(value = RequestCue.TakeRequests.class, name = "takeRequests"),
    @Type(value = RequestCue.AskFor.class, name = "askFor"),
    @Type(value = RequestCue.AskByViewer.class, name = "askByViewer"),
    @Type(value = RequestCue.ApproveRequest.class, name = "approveRequest"),
    @Type(value = RequestCue.RefuseRequest.class, name = "refuseRequest"),
    @Type(value = RequestCue.FinishRequest.class, name = "finishRequest"),
    @Type(value = RequestCue.MoveRequest.class, name = "moveRequest"),
    @Type(value = RequestCue.ClearRequests.class, name = "clearRequests"),
    @Type(value = RequestCue.PutRequest.class, name = "putRequest"),
    @Type(value = RequestCue.TakeRequestOut.class, name = "takeRequestOut"),
    @Type(value = RequestCue.PutRequests.class, name = "putRequests"),
    @Type(value = TrackCue.PlayTrack.class, name = "playTrack"),
    @Type(value = TrackCue.EndTrack.class, name = "endTrack"),
    @Type(value = TrackCue.ShowTrack.class, name = "showTrack"),
    @Type(value = TrackCue.ShowTracksFor.class, name = "showTracksFor"),
    @Type(value = TrackCue.ForgetTrack.class, name = "forgetTrack"),
    @Type(value = TrackCue.PutTracks.class, name = "putTracks"),
    @Type(value = LineCue.AddLine.class, name = "addLine"),
    @Type(value = LineCue.TakeLine.class, name = "takeLine"),
    @Type(value = LineCue.PutAddedLine.class, name = "putLine"),
    @Type(value = LineCue.NextTurn.class, name = "nextTurn"),
    @Type(value = LineCue.HoldTurns.class, name = "holdTurns"),
    @Type(value = ViewerCue.AllowViewers.class, name = "allowViewers"),
    @Type(value = ViewerCue.WritePresses.class, name = "writePresses"),
    @Type(value = ViewerCue.ForgetPresses.class, name = "forgetPresses"),
    @Type(value = ViewerCue.PutViewers.class, name = "putViewers"),
    @Type(value = ViewerCue.PressByViewer.class, name = "pressByViewer")
})
public sealed interface Cue
        permits ClockCue,
                CountCue,
                CardCue,
                PointCue,
                PieceCue,
                BreakCue,
                SequenceCue,
                ShowCue,
                NoticeCue,
                ViewerCue,
                RequestCue,
                TrackCue,
                LineCue {

    /** Id of the piece that it is about; empty for what is about the whole show. */
    String piece();

    /**
     * For {@link Shows#apply} alone, which checks what comes of it.
     *
     * @throws Shows.Refusal with the reason when it cannot be; other mistakes are those of the values
     */
    Cued.Applied applied(Stand stand);
}
