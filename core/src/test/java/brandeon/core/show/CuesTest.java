package brandeon.core.show;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.art.Ask;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.kind.PieceKind;
import brandeon.core.motion.Run;
import brandeon.core.text.TextRow;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Theme;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CuesTest {

    private static final long NOW = 1_800_000_000_000L;
    private static final long SECOND = 1000;
    private static final long MINUTE = 60 * SECOND;

    private static final Theme THEME = theme();
    private static final Starting STARTING = Starting.of(List.of(THEME));

    private Show show = Show.QUIET;
    private String sentence = "";
    private Cue inverse = new PieceCue.ShowPiece("nobody", true);

    /** The demo with a clock that counts up, a score, and a second counter that shows what the first one shows. */
    private static Theme theme() {
        Theme theme = ReedlightHide.theme();
        List<Piece> pieces = new ArrayList<>(theme.pieces());
        pieces.replaceAll(piece -> piece.id().equals("countdown") ? piece.withFigure("minutes", 10) : piece);
        pieces.add(Piece.of("since", PieceKind.COUNT_UP, "Since dusk"));
        pieces.add(Piece.of("score", PieceKind.SCORE, "Hide against chat"));
        pieces.add(Piece.of("again", PieceKind.COUNTER, "Herons, small").sharing("sightings"));
        return theme.withPieces(pieces);
    }

    private void cue(Cue cue, long at) {
        Cued cued = Shows.apply(show, STARTING, cue, at);
        assertThat(cued).as("%s", cue).isInstanceOf(Cued.Applied.class);
        show = ((Cued.Applied) cued).show();
        sentence = ((Cued.Applied) cued).sentence();
        inverse = ((Cued.Applied) cued).inverse();
    }

    private String refused(Cue cue, long at) {
        Cued cued = Shows.apply(show, STARTING, cue, at);
        assertThat(cued).as("%s", cue).isInstanceOf(Cued.Refused.class);
        return ((Cued.Refused) cued).reason();
    }

    private Spoken spoken(String piece) {
        return show.spoken(THEME.speaking(THEME.piece(piece).orElseThrow()));
    }

    private double number(String piece, String field) {
        return ((Content.Count) spoken(piece).content(field)).number();
    }

    private String words(String piece, String field) {
        return ((Content.Words) spoken(piece).content(field)).pattern();
    }

    private List<Ask.State> states() {
        return ((Content.Points) spoken("species").content("rows"))
                .points().stream().map(Content.Topic::state).toList();
    }

    @Test
    void aClockIsStartedPausedLengthenedAndGoesOn() {
        cue(new ClockCue.StartClock("countdown"), NOW);
        assertThat(spoken("countdown").run().instant())
                .as("ten minutes in the theme")
                .isEqualTo(NOW + 10 * MINUTE);
        cue(new ClockCue.PauseClock("countdown"), NOW + 4 * MINUTE + 1);
        assertThat(spoken("countdown").run()).isEqualTo(new Run(Run.State.PAUSED, 6 * MINUTE - 1, 10 * MINUTE));
        assertThat(sentence).as("a started second counts as whole").isEqualTo("Countdown: paused at 06:00");
        cue(new ClockCue.AddTime("countdown", 60), NOW + 5 * MINUTE);
        assertThat(spoken("countdown").run().stands()).isEqualTo(7 * MINUTE - 1);
        cue(new ClockCue.StartClock("countdown"), NOW + 20 * MINUTE);
        assertThat(spoken("countdown").run().instant()).isEqualTo(NOW + 27 * MINUTE - 1);
        cue(new ClockCue.AddTime("countdown", 5_700), NOW + 20 * MINUTE);
        assertThat(spoken("countdown").run().length())
                .as("there is room for three digits of minutes now")
                .isGreaterThan(100 * MINUTE);
        cue(new ClockCue.SetClockBack("countdown"), NOW + 21 * MINUTE);
        assertThat(show).isEqualTo(Show.QUIET);
    }

    @Test
    void aClockAtZeroBeginsAnewOrRunsForTheTimeThatIsAdded() {
        cue(new ClockCue.StartClock("countdown"), NOW);
        long after = NOW + 11 * MINUTE;
        assertThat(refused(new ClockCue.PauseClock("countdown"), after)).contains("at zero");
        Show atZero = show;
        cue(new ClockCue.AddTime("countdown", 60), after);
        assertThat(spoken("countdown").run().instant()).isEqualTo(after + MINUTE);
        show = atZero;
        cue(new ClockCue.StartClock("countdown"), after);
        assertThat(spoken("countdown").run().instant()).isEqualTo(after + 10 * MINUTE);
        assertThat(refused(new ClockCue.StartClock("countdown"), after)).contains("runs already");
    }

    @Test
    void aClockThatStandsIsLengthenedForItsStart() {
        cue(new ClockCue.AddTime("countdown", -9 * 60), NOW);
        assertThat(spoken("countdown").run().stands()).isEqualTo(MINUTE);
        assertThat(refused(new ClockCue.AddTime("countdown", -60), NOW)).contains("more than");
        cue(new ClockCue.StartClock("countdown"), NOW);
        assertThat(spoken("countdown").run().instant()).isEqualTo(NOW + MINUTE);
    }

    @Test
    void countingUpGoesOnWhereItWasPaused() {
        assertThat(refused(new ClockCue.AddTime("since", 60), NOW)).contains("start it first");
        cue(new ClockCue.StartClock("since"), NOW);
        assertThat(spoken("since").run().instant()).isEqualTo(NOW);
        cue(new ClockCue.PauseClock("since"), NOW + 90 * SECOND);
        assertThat(spoken("since").run().stands()).isEqualTo(90 * SECOND);
        cue(new ClockCue.StartClock("since"), NOW + 500 * SECOND);
        assertThat(spoken("since").run().instant()).isEqualTo(NOW + 410 * SECOND);
        cue(new ClockCue.AddTime("since", 60), NOW + 500 * SECOND);
        assertThat(spoken("since").run().instant()).isEqualTo(NOW + 350 * SECOND);
        assertThat(refused(new ClockCue.AimClock("since", "20:00", "UTC"), NOW)).contains("counts up");
    }

    /**
     * Over midnight, and over both changes of summer time in 2027 as the zones' own rules have them (java.time, tzdb).
     */
    @ParameterizedTest
    @CsvSource({
        "2027-01-10T19:00:00Z, 20:00, Europe/London,    2027-01-10T20:00:00Z",
        "2027-01-10T20:00:00Z, 20:00, Europe/London,    2027-01-11T20:00:00Z",
        "2027-07-10T22:30:00Z, 00:15, Europe/London,    2027-07-10T23:15:00Z",
        "2027-03-27T20:00:00Z, 20:00, Europe/London,    2027-03-28T19:00:00Z",
        "2027-03-28T00:30:00Z, 01:30, Europe/London,    2027-03-28T01:30:00Z",
        "2027-10-31T00:00:00Z, 01:30, Europe/London,    2027-10-31T00:30:00Z",
        "2027-10-31T00:45:00Z, 01:30, Europe/London,    2027-10-31T01:30:00Z",
        "2027-10-31T02:00:00Z, 01:30, Europe/London,    2027-11-01T01:30:00Z",
        "2027-01-10T10:00:00Z, 20:00, Asia/Kathmandu,   2027-01-10T14:15:00Z",
        "2027-01-10T12:00:00Z, 07:00, America/St_Johns, 2027-01-11T10:30:00Z"
    })
    void aClockCountsDownToATimeOfDay(Instant at, String time, String zone, Instant until) {
        cue(new ClockCue.AimClock("countdown", time, zone), at.toEpochMilli());
        assertThat(Instant.ofEpochMilli(spoken("countdown").run().instant())).isEqualTo(until);
        assertThat(refused(new ClockCue.PauseClock("countdown"), at.toEpochMilli()))
                .contains(time);
        assertThat(refused(new ClockCue.AddTime("countdown", 60), at.toEpochMilli()))
                .contains(time);
        cue(new ClockCue.StartClock("countdown"), until.toEpochMilli() + MINUTE);
        assertThat(spoken("countdown").run().instant())
                .as("started again, it goes for the next one")
                .isGreaterThan(until.toEpochMilli() + MINUTE);
    }

    @Test
    void whatIsNoTimeOrPlaceIsRefused() {
        assertThat(refused(new ClockCue.AimClock("countdown", "25:00", "UTC"), NOW))
                .contains("25:00")
                .contains("20:00");
        assertThat(refused(new ClockCue.AimClock("countdown", "20:00", "Reedlight"), NOW))
                .contains("Reedlight");
    }

    @Test
    void numbersAreCountedInStepsBetweenTheirEnds() {
        cue(new CountCue.StepCount("sightings", "value", 1), NOW);
        assertThat(number("sightings", "value")).as("seven in the theme").isEqualTo(8);
        assertThat(number("again", "value")).as("two counters show one count").isEqualTo(8);
        assertThat(sentence).isEqualTo("Sightings: 8");
        cue(new CountCue.MeasureCount("sightings", "value", 5, 0, 20), NOW);
        cue(new CountCue.StepCount("sightings", "value", 2), NOW);
        assertThat(number("sightings", "value")).isEqualTo(18);
        cue(new CountCue.StepCount("again", "value", 1), NOW);
        assertThat(number("sightings", "value")).as("no more than its most").isEqualTo(20);
        assertThat(refused(new CountCue.StepCount("sightings", "value", 1), NOW))
                .contains("most")
                .contains("20");
        assertThat(refused(new CountCue.SetCount("sightings", "value", 21), NOW))
                .contains("21");
        cue(new CountCue.SetCount("sightings", "value", 3), NOW);
        cue(new CountCue.StepCount("sightings", "value", -1), NOW);
        assertThat(number("sightings", "value")).isZero();
        assertThat(refused(new CountCue.MeasureCount("sightings", "value", 0, 0, 1), NOW))
                .contains("step");
        assertThat(refused(new CountCue.MeasureCount("sightings", "value", 1, 2, 1), NOW))
                .contains("least");
        assertThat(refused(new CountCue.AddToCount("sightings", "value", Double.NaN), NOW))
                .isNotBlank();
    }

    @Test
    void bothSidesOfAScoreAreCounted() {
        cue(new CountCue.StepCount("score", "leftFigure", 2), NOW);
        cue(new CountCue.StepCount("score", "rightFigure", 1), NOW);
        assertThat(number("score", "leftFigure")).isEqualTo(2);
        assertThat(number("score", "rightFigure")).isEqualTo(1);
    }

    @Test
    void whatFollowsALiveNumberIsSetBeforeItIsCounted() {
        assertThat(refused(new CountCue.StepCount("nest-boxes", "value", 1), NOW))
                .contains("live number");
        cue(new CountCue.SetCount("nest-boxes", "value", 12), NOW);
        cue(new CountCue.StepCount("nest-boxes", "value", 1), NOW);
        assertThat(number("nest-boxes", "value")).isEqualTo(13);
    }

    /** Somebody else counted meanwhile; taking one's own back leaves theirs. */
    @Test
    void takingACountBackLeavesWhatOthersCounted() {
        cue(new CountCue.StepCount("sightings", "value", 3), NOW);
        Cue mine = inverse;
        cue(new CountCue.StepCount("sightings", "value", 1), NOW);
        cue(mine, NOW);
        assertThat(number("sightings", "value")).isEqualTo(8);
    }

    @Test
    void cardsGoUpTurnAndAreTakenAway() {
        assertThat(words("guest", "name")).isEqualTo("Tove Sedge");
        cue(new CardCue.TurnCards("guest", 1), NOW);
        assertThat(words("guest", "name")).isEqualTo("Oskar Dunlin");
        assertThat(words("guest", "line")).startsWith("Builds");
        cue(new CardCue.ShowCards("guest", false, 0), NOW);
        assertThat(spoken("guest").seen()).isFalse();
        cue(new CardCue.PutUp("guest", 2, 0), NOW);
        assertThat(spoken("guest").seen()).isTrue();
        assertThat(words("guest", "name")).isEqualTo("Maret Sedge");
        cue(new CardCue.TurnCards("guest", 1), NOW);
        assertThat(words("guest", "name")).as("after the last comes the first").isEqualTo("Tove Sedge");
        assertThat(refused(new CardCue.PutUp("guest", 3, 0), NOW))
                .contains("number 4")
                .contains("3");
        cue(new CardCue.WriteCards("guest", List.of(new TextRow("Ilse Fenn", "Hears bats"))), NOW);
        assertThat(words("guest", "line")).isEqualTo("Hears bats");
        assertThat(refused(new CardCue.TurnCards("guest", 1), NOW)).contains("one card");
    }

    @Test
    void theAgendaGoesOnPointByPoint() {
        cue(new PointCue.NextPoint("species", "rows"), NOW);
        assertThat(states()).containsExactly(Ask.State.DONE, Ask.State.DONE, Ask.State.DONE, Ask.State.NOW);
        cue(new PointCue.NextPoint("species", "rows"), NOW);
        assertThat(sentence).isEqualTo("Species list: everything is done");
        assertThat(refused(new PointCue.NextPoint("species", "rows"), NOW)).contains("done");
        cue(new PointCue.MarkPoints("species", "rows", List.of(new PointCue.Marked(1, Ask.State.NOW))), NOW);
        cue(new PointCue.MarkPoints("species", "rows", List.of(new PointCue.Marked(0, Ask.State.NOW))), NOW);
        assertThat(states())
                .as("one at a time")
                .containsExactly(Ask.State.NOW, Ask.State.DONE, Ask.State.DONE, Ask.State.DONE);
        assertThat(refused(
                        new PointCue.MarkPoints("species", "rows", List.of(new PointCue.Marked(4, Ask.State.DONE))),
                        NOW))
                .contains("number 5");
    }

    @Test
    void wordsAreWrittenOverAndAPieceIsHidden() {
        cue(new PieceCue.Say("again", "label", "Grey herons"), NOW);
        assertThat(words("again", "label")).isEqualTo("Grey herons");
        assertThat(words("sightings", "label")).as("words are a piece's own").isEqualTo("Herons tonight");
        cue(new PieceCue.ShowPiece("again", false), NOW);
        assertThat(spoken("again").seen()).isFalse();
        assertThat(spoken("sightings").seen()).isTrue();
        assertThat(refused(new PieceCue.ShowPiece("again", false), NOW)).contains("hidden already");
        assertThat(refused(new PieceCue.Say("again", "label", "{herons, plural"), NOW))
                .isNotBlank();
        assertThat(refused(new PieceCue.Say("again", "label", "{latestFollower, plural, other {#}}"), NOW))
                .as("a name is no number")
                .contains("latestFollower");
        assertThat(refused(new PieceCue.Say("again", "value", "7"), NOW)).contains("value");
        assertThat(refused(new PieceCue.Say("again", "label", "x".repeat(401)), NOW))
                .contains("400");
        cue(new PieceCue.LetGo("again"), NOW);
        assertThat(show).isEqualTo(Show.QUIET);
    }

    @Test
    void whatIsNotThereIsRefused() {
        assertThat(refused(new PieceCue.ShowPiece("gone", false), NOW)).contains("piece");
        assertThat(refused(new ClockCue.StartClock("sightings"), NOW)).contains("Sightings");
        assertThat(refused(new CardCue.PutUp("sightings", 0, 0), NOW)).contains("cards");
        assertThat(refused(new PointCue.NextPoint("guest", "rows"), NOW)).contains("rows");
        assertThat(refused(new CountCue.StepCount("guest", "name", 1), NOW)).contains("name");
        assertThat(refused(new PieceCue.LetGo("guest"), NOW)).contains("as its theme has it");
        assertThat(refused(new PieceCue.PutBack("guest", Map.of("name", new Held.HeldSight(true))), NOW))
                .contains("name");
        assertThat(refused(new PieceCue.PutBack("guest", Map.of("name", new Held.HeldWords("x".repeat(401)))), NOW))
                .contains("400");
    }

    /** Any cue that is applied is taken back by its inverse: every piece says and shows what it did. */
    @Test
    void everyCueIsTakenBackByItsInverse() {
        Random random = new Random(12);
        int applied = 0;
        for (int i = 0; i < 3000; i++) {
            long at = NOW + i * 7_919L;
            Cue cue = any(random);
            // What is to be seen until then is not seen any more.
            show = show.at(at);
            if (Shows.apply(show, STARTING, cue, at) instanceof Cued.Applied(Show next, Cue back, String said)) {
                applied++;
                assertThat(said).as("%s", cue).isNotBlank();
                Cued undone = Shows.apply(next, STARTING, back, at);
                assertThat(undone).as("%s by %s", cue, back).isInstanceOf(Cued.Applied.class);
                Show before = ((Cued.Applied) undone).show();
                for (Piece piece : THEME.pieces()) {
                    assertThat(said(before, piece))
                            .as("%s after %s", piece.name(), cue)
                            .isEqualTo(said(show, piece));
                }
                show = next;
            }
        }
        assertThat(applied).isGreaterThan(1500);
    }

    private static List<Object> said(Show show, Piece piece) {
        Spoken spoken = show.spoken(THEME.speaking(piece));
        List<Object> said = new ArrayList<>(List.of(spoken.run(), spoken.seen()));
        piece.kind().facts().fields().forEach(field -> said.add(spoken.content(field.name())));
        return said;
    }

    private static Cue any(Random random) {
        String clock = random.nextBoolean() ? "countdown" : "since";
        String counter = random.nextBoolean() ? "sightings" : "again";
        return switch (random.nextInt(25)) {
            case 19 ->
                new LineCue.AddLine(
                        random.nextBoolean() ? "tide" : "shops", "Line " + random.nextInt(5), random.nextInt(60));
            case 20 -> new LineCue.TakeLine(random.nextBoolean() ? "tide" : "shops", random.nextInt(3));
            case 21 -> new LineCue.NextTurn("shops");
            case 22 -> new LineCue.HoldTurns(random.nextBoolean() ? "tide" : "shops", random.nextBoolean());
            case 23 -> new CountCue.WinRound("score", random.nextBoolean());
            case 24 ->
                new CountCue.ColourSide(
                        "score",
                        random.nextBoolean() ? "leftColour" : "rightColour",
                        random.nextBoolean() ? "" : "#2f6b4f");
            case 0, 1 -> new ClockCue.StartClock(clock);
            case 2 -> new ClockCue.PauseClock(clock);
            case 3 -> new ClockCue.AddTime(clock, random.nextInt(-120, 600));
            case 4 -> new ClockCue.AimClock(clock, "20:15", "Europe/London");
            case 5 -> new ClockCue.SetClockBack(clock);
            case 6 -> new CountCue.StepCount(counter, "value", random.nextInt(-3, 4));
            case 7 -> new CountCue.AddToCount(counter, "value", random.nextInt(-30, 40));
            case 8 -> new CountCue.SetCount(counter, "value", random.nextInt(-5, 30));
            case 9 -> new CountCue.MeasureCount(counter, "value", 1 + random.nextInt(4), -10, 10 + random.nextInt(30));
            case 10 -> new CardCue.PutUp("guest", random.nextInt(4), 0);
            case 11 -> new CardCue.TurnCards("guest", random.nextInt(-2, 3));
            case 12 -> new CardCue.ShowCards("guest", random.nextBoolean(), 0);
            case 13 ->
                new CardCue.WriteCards(
                        "guest", random.nextBoolean() ? List.of() : List.of(new TextRow("Ilse Fenn", "Hears bats")));
            case 14 ->
                new PointCue.MarkPoints(
                        "species",
                        "rows",
                        List.of(new PointCue.Marked(random.nextInt(4), Ask.State.values()[random.nextInt(3)])));
            case 15 -> new PointCue.NextPoint("species", "rows");
            case 16 -> new PieceCue.Say(counter, "label", "Herons " + random.nextInt(4));
            case 17 -> new PieceCue.ShowPiece(random.nextBoolean() ? counter : "guest", random.nextBoolean());
            default ->
                new PieceCue.LetGo(List.of("guest", "species", counter, clock).get(random.nextInt(4)));
        };
    }

    @Test
    void whatTheShowSaysIsWrittenIntoTheTheme() {
        cue(new CountCue.SetCount("again", "value", 12), NOW);
        cue(new PieceCue.Say("again", "label", "Grey herons"), NOW);
        cue(new PieceCue.ShowPiece("again", false), NOW);
        Theme theme = THEME;
        for (brandeon.core.theme.Edit edit : TakeOver.edits(show, theme, "again")) {
            theme = ((Outcome.Applied) Edits.apply(theme, edit)).theme();
        }
        assertThat(theme.piece("sightings").orElseThrow().content("value"))
                .as("the number belongs to the piece that has it")
                .isEqualTo(Content.Count.of(12));
        assertThat(theme.piece("again").orElseThrow().content("label")).isEqualTo(new Content.Words("Grey herons"));
        assertThat(TakeOver.edits(show, theme, "again"))
                .as("nothing is left to take over")
                .isEmpty();
    }

    @Test
    void cardsOfTheShowBecomeThoseOfTheTheme() {
        cue(
                new CardCue.WriteCards(
                        "guest", List.of(new TextRow("Ilse Fenn", "Hears bats"), new TextRow("Tavi Brook", ""))),
                NOW);
        assertThat(TakeOver.edits(show, THEME, "guest"))
                .containsExactlyInAnyOrder(
                        new PieceEdit.SetContent("guest", "name", new Content.Words("Ilse Fenn")),
                        new PieceEdit.SetContent("guest", "line", new Content.Words("Hears bats")),
                        new PieceEdit.SetContent("guest", "cards", Content.Rows.of("Tavi Brook", "")));
    }

    @Test
    void onlyPiecesOfOneKindThatShowTheirOwnAreShared() {
        assertThat(Edits.apply(THEME, new PieceEdit.SetShare("since", "sightings")))
                .isEqualTo(new Outcome.Refused("Only pieces of one kind show the same."));
        assertThat(Edits.apply(THEME, new PieceEdit.SetShare("sightings", "again")))
                .isInstanceOf(Outcome.Refused.class);
        assertThat(Edits.apply(THEME, new PieceEdit.SetShare("again", "again"))).isInstanceOf(Outcome.Refused.class);
        Outcome.Applied apart = (Outcome.Applied) Edits.apply(THEME, new PieceEdit.SetShare("again", ""));
        assertThat(((Outcome.Applied) Edits.apply(apart.theme(), apart.inverse())).theme())
                .isEqualTo(THEME);
    }
}
