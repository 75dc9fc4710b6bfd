package brandeon.core.show;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.art.Mark;
import brandeon.core.canvas.Canvas;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.layout.Resolver;
import brandeon.core.live.Readings;
import brandeon.core.motion.Run;
import brandeon.core.motion.Track;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Lines that are added during a show, how what takes turns goes on, two sides, and what nobody may run. */
class LinesTest extends Played {

    private static final Theme THEME = ReedlightHide.theme();
    /** How long each of the shops stands, in milliseconds. */
    private static final long EACH = 8000;

    private Content said(String piece, String field) {
        return show.spoken(THEME.piece(piece).orElseThrow()).content(field);
    }

    private List<String> entries() {
        return ((Content.Entries) said("shops", "rows"))
                .entries().stream().map(Content.Entry::words).toList();
    }

    private Placement placed(String piece) {
        Canvas wide = THEME.canvas("wide").orElseThrow();
        LiveState live = new LiveState(Readings.NONE, show, Optional.empty());
        return new Resolver(THEME)
                .resolve(THEME.scene("away").orElseThrow(), wide, live).placements().stream()
                        .filter(placement -> placement.piece().id().equals(piece))
                        .findFirst()
                        .orElseThrow();
    }

    /** Which entry of the shops is seen at an instant, as the painter would show it; -1 for none. */
    private int seen(long at) {
        Placement shops = placed("shops");
        List<Mark.Group> groups = shops.art().marks().stream()
                .filter(Mark.Group.class::isInstance)
                .map(Mark.Group.class::cast)
                .filter(group -> group.part().startsWith("entry-"))
                .toList();
        for (int i = 0; i < groups.size(); i++) {
            String name = groups.get(i).part();
            double opacity = shops.art().tracks().stream()
                    .filter(track -> track.part().equals(name))
                    .findFirst()
                    .map(track -> track.at(at).opacity())
                    .orElse(groups.get(i).opacity());
            if (opacity > 0.5) {
                return i;
            }
        }
        return -1;
    }

    @Test
    void aLineIsAddedAndGoesByItself() {
        cue(new LineCue.AddLine("tide", "Scarf found at the gate", 600), NOW);
        assertThat(((Content.Words) said("tide", "text")).pattern())
                .startsWith("High tide 19:42")
                .endsWith("please whisper after nine · Scarf found at the gate");
        cue(new LineCue.AddLine("shops", "Low Quay Bakery", 0), NOW);
        assertThat(entries())
                .containsExactly(
                        "Fenwick Waders", "The Lamp Loft, Low Quay", "Osk & Daughter, optics", "Low Quay Bakery");
        assertThat(show.next(NOW)).contains(NOW + 600 * SECOND);
        show = show.at(NOW + 600 * SECOND);
        assertThat(((Content.Words) said("tide", "text")).pattern()).endsWith("please whisper after nine");
        assertThat(entries()).hasSize(4);
        Cue back = cue(new LineCue.TakeLine("shops", 0), NOW).inverse();
        assertThat(entries()).hasSize(3);
        cue(back, NOW);
        assertThat(entries()).hasSize(4);
        assertThat(refused(new LineCue.TakeLine("shops", 1), NOW)).contains("gone");
        assertThat(refused(new LineCue.AddLine("shops", "  ", 0), NOW)).contains("says something");
        assertThat(refused(new LineCue.AddLine("shops", "{followers", 0), NOW)).contains("braces");
        assertThat(refused(new LineCue.AddLine("band", "Hush", 0), NOW)).contains("no lines");
        assertThat(refused(new LineCue.AddLine("tide", "Hush", 90_000), NOW)).contains("day");
    }

    @Test
    void theNextOneComesWhenSomebodyWantsIt() {
        // Three that stand equally long: at this instant of the clock the first one begins.
        long begin = NOW - Math.floorMod(NOW, 3 * EACH);
        assertThat(seen(begin + 1000)).isZero();
        assertThat(seen(begin + EACH + 1000)).isEqualTo(1);
        cue(new LineCue.NextTurn("shops"), begin + 1000);
        assertThat(seen(begin + 1500)).isEqualTo(1);
        assertThat(seen(begin + 1000 + EACH + 500))
                .as("it stands for its whole time")
                .isEqualTo(2);
        cue(new LineCue.NextTurn("shops"), begin + 1000 + EACH + 1000);
        assertThat(seen(begin + 1000 + EACH + 1500))
                .as("after the last comes the first")
                .isZero();
        assertThat(refused(new LineCue.NextTurn("tide"), NOW)).contains("nothing takes turns");
    }

    @Test
    void whatStandsStillGoesOnWhereItStood() {
        long begin = NOW - Math.floorMod(NOW, 3 * EACH);
        cue(new LineCue.HoldTurns("shops", true), begin + EACH + 1000);
        for (long later : List.of(0L, 4000L, 9000L, 60_000L)) {
            assertThat(seen(begin + EACH + 1000 + later))
                    .as("after %d ms", later)
                    .isEqualTo(1);
        }
        cue(new LineCue.NextTurn("shops"), begin + 20_000);
        assertThat(seen(begin + 20_500)).isEqualTo(2);
        cue(new LineCue.HoldTurns("shops", false), begin + 30_000);
        assertThat(seen(begin + 30_500)).isEqualTo(2);
        assertThat(seen(begin + 30_000 + EACH + 500)).isZero();
        assertThat(refused(new LineCue.HoldTurns("shops", false), NOW)).contains("goes on already");
    }

    /** Where the words of the ticker begin, in pixels of the canvas. */
    private double ticker(long at) {
        Placement tide = placed("tide");
        double moved = tide.art().tracks().stream()
                .findFirst()
                .map((Track track) -> track.at(at).x())
                .orElse(0.0);
        return words(tide.art().marks()).x() + moved;
    }

    private static Mark.Text words(List<Mark> marks) {
        for (Mark mark : marks) {
            if (mark instanceof Mark.Text text) {
                return text;
            }
            if (mark instanceof Mark.Group group && words(group.marks()) != null) {
                return words(group.marks());
            }
        }
        return null;
    }

    @Test
    void aTickerStandsStillAndGoesOnFromThere() {
        // Long enough to run through, on this canvas.
        cue(
                new LineCue.AddLine("tide", "The gate is shut at nine and opened again at five, please plan for it", 0),
                NOW);
        double before = ticker(NOW + 2000);
        assertThat(ticker(NOW + 2500)).isLessThan(before);
        cue(new LineCue.HoldTurns("tide", true), NOW + 2000);
        assertThat(ticker(NOW + 2000)).isCloseTo(before, org.assertj.core.data.Offset.offset(0.5));
        assertThat(ticker(NOW + 30_000)).isCloseTo(before, org.assertj.core.data.Offset.offset(0.5));
        cue(new LineCue.HoldTurns("tide", false), NOW + 40_000);
        assertThat(ticker(NOW + 40_000)).isCloseTo(before, org.assertj.core.data.Offset.offset(0.5));
        assertThat(ticker(NOW + 40_500)).isLessThan(before - 5);
    }

    private static final Piece SCORE = Piece.of("score", PieceKind.SCORE, "Hide against chat")
            .withWords("left", "Hide")
            .withWords("right", "Chat");
    private static final Starting SCORING = Starting.of(List.of(THEME.withPieces(List.of(SCORE))));

    private Cued score(Cue cue) {
        Cued cued = Shows.apply(show, SCORING, cue, NOW);
        if (cued instanceof Cued.Applied(Show next, Cue _, String _)) {
            show = next;
        }
        return cued;
    }

    private double number(String field) {
        return ((Content.Count) show.spoken(SCORE).content(field)).number();
    }

    @Test
    void aSideWinsARoundAndBothBeginAnew() {
        assertThat(((Cued.Applied) score(new CountCue.SetCount("score", "leftFigure", 11))).sentence())
                .isEqualTo("Hide against chat: Hide 11");
        score(new CountCue.SetCount("score", "rightFigure", 7));
        Cued.Applied won = (Cued.Applied) score(new CountCue.WinRound("score", false));
        assertThat(won.sentence()).isEqualTo("Hide against chat: a round for Hide");
        assertThat(List.of(number("leftFigure"), number("rightFigure"), number("leftRounds"), number("rightRounds")))
                .containsExactly(0.0, 0.0, 1.0, 0.0);
        score(won.inverse());
        assertThat(List.of(number("leftFigure"), number("rightFigure"), number("leftRounds")))
                .containsExactly(11.0, 7.0, 0.0);
        score(new CountCue.WinRound("score", true));
        score(new CountCue.ColourSide("score", "rightColour", "#e8a33d"));
        score(new CountCue.SwapSides("score"));
        assertThat(List.of(number("leftRounds"), number("rightRounds"))).containsExactly(1.0, 0.0);
        assertThat(show.spoken(SCORE).content("leftColour")).isEqualTo(new Content.Tint("#e8a33d"));
        assertThat(score(new CountCue.ColourSide("score", "leftColour", "reddish")))
                .isInstanceOf(Cued.Refused.class);
        assertThat(refused(new CountCue.WinRound("sightings", true), NOW)).contains("no rounds");
    }

    @Test
    void whatAThemeKeepsForItselfNobodyRuns() {
        Piece quiet = SCORE.handsOff(true);
        Starting starting = Starting.of(List.of(THEME.withPieces(List.of(quiet))));
        for (Cue cue : List.of(
                new PieceCue.ShowPiece("score", false),
                new PieceCue.Say("score", "left", "Marsh"),
                new CountCue.StepCount("score", "leftFigure", 1))) {
            assertThat(Shows.apply(show, starting, cue, NOW))
                    .isInstanceOfSatisfying(
                            Cued.Refused.class,
                            refused -> assertThat(refused.reason()).contains("theme"));
        }
        assertThat(Panel.of(show, starting)).isEmpty();
        assertThat(Panel.of(show, SCORING)).hasSize(1);
        // What was said before may be let go of.
        score(new CountCue.StepCount("score", "leftFigure", 1));
        assertThat(Shows.apply(show, starting, new PieceCue.LetGo("score"), NOW))
                .isInstanceOf(Cued.Applied.class);
    }

    @Test
    void whatIsHeldSaysHowItRuns() {
        assertThat(Held.HeldLines.NONE.position(NOW)).isEqualTo(NOW);
        assertThat(new Held.HeldLines(List.of(), new Run(Run.State.PAUSED, 7, 0)).position(NOW))
                .isEqualTo(7);
    }
}
