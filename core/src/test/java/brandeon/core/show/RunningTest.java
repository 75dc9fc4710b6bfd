package brandeon.core.show;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.motion.Run;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Theme;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a show does besides what single pieces say: breaks, sequences, cards with an end, rights. */
class RunningTest extends Played {

    private static final Theme THEME = ReedlightHide.theme();
    private static final CardCue.PutUp CARD = new CardCue.PutUp("guest", 1, 10);

    private Break pause() {
        return show.pause().orElseThrow();
    }

    private boolean seen(String piece, long at) {
        return show.at(at).spoken(THEME.piece(piece).orElseThrow()).seen();
    }

    @Test
    void aBreakCountsOnPastItsEndAndEndsOnlyByHand() {
        cue(new BreakCue.StartBreak(180, "", ""), NOW);
        assertThat(pause().run()).isEqualTo(Run.running(NOW + 180 * SECOND, 180 * SECOND));
        assertThat(refused(new BreakCue.StartBreak(60, "", ""), NOW + 1)).contains("already");
        long late = NOW + 400 * SECOND;
        assertThat(show.at(late)).as("no clock ends it").isEqualTo(show);
        cue(new BreakCue.LengthenBreak(60), late);
        assertThat(pause().until())
                .as("what is lengthened past its end has that much from now on")
                .isEqualTo(late + 60 * SECOND);
        cue(new BreakCue.LengthenBreak(60), late);
        assertThat(pause().until()).isEqualTo(late + 120 * SECOND);
        assertThat(cue(new BreakCue.EndBreak(), late + SECOND).sentence()).contains("06:41");
        assertThat(show.pause()).isEmpty();
        assertThat(refused(new BreakCue.EndBreak(), late)).isEqualTo("No break is on.");
    }

    @Test
    void theReminderOfTheMicrophoneStaysUntilItIsTicked() {
        cue(new BreakCue.StartBreak(60, "Kettle is on", ""), NOW);
        assertThat(pause().muted()).isFalse();
        cue(new BreakCue.TickMicrophone(true), NOW);
        cue(new BreakCue.LengthenBreak(60), NOW);
        assertThat(pause().muted()).isTrue();
        cue(new BreakCue.EndBreak(), NOW);
        cue(new BreakCue.StartBreak(60, "", ""), NOW);
        assertThat(pause().muted()).as("each break reminds anew").isFalse();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 9, -60, 10_801})
    void noBreakOfNoLength(int seconds) {
        assertThat(refused(new BreakCue.StartBreak(seconds, "", ""), NOW)).contains("10 seconds to 3 hours");
    }

    @Test
    void aCardGoesByItselfAtItsEndAndStaysGone() {
        cue(CARD, NOW);
        assertThat(seen("guest", NOW + 9999)).isTrue();
        assertThat(seen("guest", NOW + 10_000)).isFalse();
        assertThat(show.next(NOW)).contains(NOW + 10_000);
        assertThat(show.next(NOW + 10_000)).isEmpty();
        cue(new CountCue.StepCount("sightings", "value", 1), NOW + 20_000);
        assertThat(seen("guest", NOW)).as("what was over was written down").isFalse();
        cue(new CardCue.ShowCards("guest", true, 0), NOW + 30_000);
        assertThat(seen("guest", NOW + 3_600_000)).isTrue();
    }

    @Test
    void theNextCardIsPreparedWhileOneIsUp() {
        cue(new CardCue.PutUp("guest", 0, 0), NOW);
        cue(new CardCue.PrepareCard("guest", 2), NOW);
        assertThat(deck().up()).as("preparing changes nothing that is seen").isZero();
        assertThat(deck().next()).isEqualTo(2);
        cue(new CardCue.TakeCard("guest", 5), NOW);
        assertThat(deck().up()).isEqualTo(2);
        assertThat(deck().next()).as("after the last one comes the first").isZero();
        assertThat(refused(new CardCue.PrepareCard("guest", 3), NOW)).contains("there are 3");
    }

    private Panel.Deck deck() {
        return Panel.of(show, STARTING).stream()
                .filter(control -> control.piece().equals("guest"))
                .findFirst()
                .flatMap(Panel.Control::deck)
                .orElseThrow();
    }

    private static Sequence opening() {
        return new Sequence(
                "opening",
                "Opening",
                List.of(
                        new Sequence.Step(0, new PieceCue.Say("band", "message", "Quiet now")),
                        new Sequence.Step(2 * SECOND, new CountCue.SetCount("sightings", "value", 0)),
                        new Sequence.Step(3 * SECOND, new PieceCue.ShowPiece("tide", false)),
                        new Sequence.Step(0, new CardCue.PutUp("guest", 9, 0)),
                        new Sequence.Step(SECOND, new CardCue.PutUp("guest", 1, 0))));
    }

    /** Takes whatever is due, as a server does. */
    private void due(long at) {
        while (show.dueAt(at).isPresent()) {
            cue(show.dueAt(at).get(), at);
        }
    }

    @Test
    void aSequenceTakesItsStepsInTime() {
        cue(new SequenceCue.WriteSequence(opening()), NOW);
        cue(new SequenceCue.StartSequence("opening"), NOW);
        assertThat(show.held("band", "message"))
                .as("what is due at once is done with the press")
                .isPresent();
        assertThat(show.due()).contains(NOW + 2 * SECOND);
        assertThat(show.dueAt(NOW + 1999)).isEmpty();
        assertThat(refused(new SequenceCue.StartSequence("opening"), NOW)).contains("underway");
        due(NOW + 2 * SECOND);
        assertThat(show.held("sightings", "value")).contains(Held.HeldCount.of(0));
        Cued.Applied last = cue(show.dueAt(NOW + 5 * SECOND).orElseThrow(), NOW + 5 * SECOND);
        assertThat(last.sentence())
                .as("a step that cannot be is left out, and told")
                .contains("left out: Guest has no card number 10");
        assertThat(show.due()).contains(NOW + 6 * SECOND);
        due(NOW + 6 * SECOND);
        assertThat(show.underway()).isEmpty();
        assertThat(deck().up()).isEqualTo(1);
    }

    @Test
    void oneThatIsStoppedLeavesWhatItDid() {
        cue(new SequenceCue.WriteSequence(opening()), NOW);
        cue(new SequenceCue.StartSequence("opening"), NOW);
        due(NOW + 2 * SECOND);
        Cued.Applied stopped = cue(new SequenceCue.StopSequence("opening"), NOW + 3 * SECOND);
        assertThat(show.dueAt(NOW + 3_600_000)).isEmpty();
        assertThat(show.held("sightings", "value")).isPresent();
        cue(stopped.inverse(), NOW + 60 * SECOND);
        assertThat(show.underway())
                .as("what would have been done meanwhile is done")
                .isEmpty();
        assertThat(seen("tide", NOW)).isFalse();
    }

    @Test
    void aClockStartsASequenceAtZeroOnce() {
        cue(new SequenceCue.WriteSequence(opening()), NOW);
        cue(new ClockCue.AtZero("countdown", "opening"), NOW);
        assertThat(show.due()).as("not before it runs").isEmpty();
        cue(new ClockCue.StartClock("countdown"), NOW);
        long zero = NOW + 300 * SECOND;
        assertThat(show.due()).contains(zero);
        cue(new ClockCue.AddTime("countdown", 60), NOW + SECOND);
        cue(new ClockCue.AddTime("countdown", -60), NOW + 2 * SECOND);
        assertThat(show.due()).contains(zero);
        assertThat(show.dueAt(zero - 1)).isEmpty();
        show = Json.read(Json.write(show), Show.class);
        due(zero);
        assertThat(show.underway()).hasSize(1);
        assertThat(show.held("band", "message")).isPresent();
        due(zero + 20 * SECOND);
        assertThat(show.due()).as("once").isEmpty();
        cue(new ClockCue.StartClock("countdown"), zero + 30 * SECOND);
        assertThat(show.due()).as("and once more when it is started anew").contains(zero + 330 * SECOND);
        assertThat(refused(new ClockCue.AtZero("countdown", "nothing"), NOW)).contains("no such sequence");
        cue(new ClockCue.AtZero("countdown", ""), NOW);
        assertThat(show.due()).isEmpty();
    }

    @Test
    void sequencesDoNotStartOthers() {
        Sequence loop = new Sequence("a", "A", List.of(new Sequence.Step(0, new SequenceCue.StartSequence("a"))));
        assertThat(refused(new SequenceCue.WriteSequence(loop), NOW)).contains("cannot start");
        assertThat(refused(new SequenceCue.WriteSequence(new Sequence("a", "A", List.of())), NOW))
                .contains("1 to 40 steps");
    }

    /** However late its steps are looked at, and however often the show is stored and read again, the end is the same. */
    @Test
    void restartsChangeNothing() {
        Random random = new Random(15);
        for (int round = 0; round < 60; round++) {
            List<Sequence.Step> steps = new ArrayList<>();
            long length = 0;
            for (int i = 0; i < 1 + random.nextInt(12); i++) {
                long after = random.nextInt(4) * SECOND;
                length += after;
                steps.add(new Sequence.Step(after, step(random)));
            }
            Sequence sequence = new Sequence("s", "S", steps);
            show = Show.QUIET;
            cue(new SequenceCue.WriteSequence(sequence), NOW);
            cue(new SequenceCue.StartSequence("s"), NOW);
            Show started = show;
            for (long at = NOW; at <= NOW + length; at += SECOND) {
                due(at);
            }
            Show prompt = show.at(NOW + length);

            show = started;
            for (long at = NOW; at < NOW + length; at += 1 + random.nextInt(5000)) {
                if (random.nextInt(3) == 0) {
                    due(at);
                }
                show = Json.read(Json.write(show), Show.class);
            }
            due(NOW + length);
            assertThat(show.at(NOW + length)).as("round %d: %s", round, steps).isEqualTo(prompt);
            assertThat(show.underway()).isEmpty();
        }
    }

    /** Cues whose outcome does not depend on the instant. */
    private static Cue step(Random random) {
        return switch (random.nextInt(6)) {
            case 0 -> new PieceCue.Say("band", "message", "Hush " + random.nextInt(3));
            case 1 -> new CountCue.StepCount("sightings", "value", random.nextInt(-2, 3));
            case 2 -> new PieceCue.ShowPiece("tide", random.nextBoolean());
            case 3 -> new CardCue.TurnCards("guest", 1);
            case 4 -> new PointCue.NextPoint("species", "rows");
            default -> new CardCue.PutUp("guest", random.nextInt(5), 0);
        };
    }

    /** Any order of deeds: one break at most, each sequence underway once, nothing overdue after what was due is done. */
    @Test
    void neverTwoStatesAtOnce() {
        Random random = new Random(31);
        List<Sequence> prepared = List.of(
                opening(),
                new Sequence(
                        "b",
                        "B",
                        List.of(
                                new Sequence.Step(SECOND, new BreakCue.StartBreak(60, "", "")),
                                new Sequence.Step(4 * SECOND, new BreakCue.EndBreak()))));
        long at = NOW;
        int applied = 0;
        int breaks = 0;
        for (int i = 0; i < 4000; i++) {
            at += random.nextInt(3000);
            due(at);
            Cue cue = anything(random, prepared);
            Cued cued = Shows.apply(show, STARTING, cue, at);
            if (cued instanceof Cued.Applied done) {
                applied++;
                boolean before = show.pause().isPresent();
                // What takes a deed back gives the show that was there, as far as it is seen at that instant.
                if (!(cue instanceof SequenceCue)) {
                    Cued back = Shows.apply(done.show(), STARTING, done.inverse(), at);
                    assertThat(((Cued.Applied) back).show().pause())
                            .as("%s", cue)
                            .isEqualTo(show.pause());
                }
                show = done.show();
                if (!before && show.pause().isPresent()) {
                    breaks++;
                }
            }
            if (random.nextInt(10) == 0) {
                show = Json.read(Json.write(show), Show.class);
            }
            List<String> underway =
                    show.underway().stream().map(Underway::sequence).toList();
            assertThat(underway).doesNotHaveDuplicates();
            show.pause().ifPresent(on -> assertThat(on.until()).isGreaterThan(on.from()));
            due(at);
            long now = at;
            assertThat(show.due().filter(next -> next <= now)).isEmpty();
        }
        assertThat(applied).isGreaterThan(1500);
        assertThat(breaks).isGreaterThan(50);
    }

    private static Cue anything(Random random, List<Sequence> prepared) {
        Sequence sequence = prepared.get(random.nextInt(prepared.size()));
        return switch (random.nextInt(11)) {
            case 0 -> new BreakCue.StartBreak(10 + random.nextInt(100), "", "");
            case 1 -> new BreakCue.LengthenBreak(random.nextInt(-90, 120));
            case 2 -> new BreakCue.EndBreak();
            case 3 -> new BreakCue.TickMicrophone(random.nextBoolean());
            case 4 -> new BreakCue.WriteBreak("Tea " + random.nextInt(3), "");
            case 5 -> new SequenceCue.WriteSequence(sequence);
            case 6 -> new SequenceCue.StartSequence(sequence.id());
            case 7 -> new SequenceCue.StopSequence(sequence.id());
            case 8 -> new SequenceCue.RemoveSequence(sequence.id());
            case 9 -> new CardCue.PutUp("guest", random.nextInt(4), random.nextInt(6));
            default -> step(random);
        };
    }

    private static ViewerPress press(Cue cue, int pause, int perPerson, int perShow) {
        return new ViewerPress("p", SignalKind.CHAT, "!owl", 0, cue, pause, perPerson, perShow, false);
    }

    @Test
    void viewersDoWhatTheyMayAsOftenAsTheyMay() {
        Cue up = new CountCue.StepCount("sightings", "value", 1);
        cue(new ViewerCue.WritePresses(List.of(press(up, 10, 2, 3))), NOW);
        ViewerCue.PressByViewer tove = new ViewerCue.PressByViewer("p", "Tove");
        ViewerCue.PressByViewer ilse = new ViewerCue.PressByViewer("p", "Ilse");
        assertThat(refused(tove, NOW)).as("the switch is off").contains("nothing now");
        cue(new ViewerCue.AllowViewers(true), NOW);
        assertThat(cue(tove, NOW).sentence()).isEqualTo("Sightings: 8");
        assertThat(refused(ilse, NOW + 9 * SECOND)).contains("a moment ago");
        show = Json.read(Json.write(show), Show.class);
        cue(tove, NOW + 10 * SECOND);
        assertThat(refused(tove, NOW + 20 * SECOND)).contains("Tove has done it");
        cue(ilse, NOW + 20 * SECOND);
        assertThat(refused(ilse, NOW + 30 * SECOND)).contains("as often as it may be");
        Cued.Applied anew = cue(new ViewerCue.ForgetPresses(), NOW + 31 * SECOND);
        Show forgotten = show;
        cue(anew.inverse(), NOW + 32 * SECOND);
        assertThat(show.viewers().on())
                .as("taking it back leaves the switch alone")
                .isTrue();
        assertThat(refused(ilse, NOW + 33 * SECOND)).contains("as often as it may be");
        show = forgotten;
        Cued.Applied again = cue(tove, NOW + 40 * SECOND);
        cue(again.inverse(), NOW + 41 * SECOND);
        assertThat(show.held("sightings", "value")).contains(Held.HeldCount.of(10));
        cue(new ViewerCue.AllowViewers(false), NOW + 42 * SECOND);
        assertThat(refused(ilse, NOW + 60 * SECOND)).contains("nothing now");
    }

    @Test
    void whatViewersMayIsBounded() {
        assertThat(refused(new ViewerCue.WritePresses(List.of(press(new ViewerCue.AllowViewers(true), 0, 0, 0))), NOW))
                .contains("nothing that viewers may be given");
        assertThat(refused(new ViewerCue.WritePresses(List.of(press(new ShowCue.PutState(Show.QUIET), 0, 0, 0))), NOW))
                .contains("nothing that viewers may be given");
        ViewerPress any = new ViewerPress("p", SignalKind.CHAT, "", 0, new BreakCue.EndBreak(), 0, 0, 0, false);
        assertThat(refused(new ViewerCue.WritePresses(List.of(any)), NOW)).contains("which word");
    }

    @Test
    void aSignalIsMeantByItsWordItsAmountAndWhoSendsIt() {
        ViewerPress chat = press(new BreakCue.EndBreak(), 0, 0, 0);
        assertThat(chat.takes(chat("!OWL please"))).isTrue();
        assertThat(chat.takes(chat("!owls"))).isFalse();
        assertThat(chat.takes(chat("an !owl"))).isFalse();
        ViewerPress tip = new ViewerPress("t", SignalKind.TIP, "", 500, new BreakCue.EndBreak(), 0, 0, 0, false);
        assertThat(tip.takes(Signal.of("1", SignalKind.TIP, "Ilse", 0, "", 499, NOW)))
                .isFalse();
        assertThat(tip.takes(Signal.of("1", SignalKind.TIP, "Ilse", 0, "", 500, NOW)))
                .isTrue();
        ViewerPress kept = new ViewerPress("s", SignalKind.POINTS, "", 0, new BreakCue.EndBreak(), 0, 0, 0, true);
        assertThat(kept.takes(Signal.of("1", SignalKind.POINTS, "Ilse", 0, "", 5, NOW)))
                .isFalse();
        assertThat(kept.takes(Signal.of("1", SignalKind.POINTS, "Ilse", 3, "", 5, NOW)))
                .isTrue();
    }

    private static Signal chat(String line) {
        return new Signal("1", "", SignalKind.CHAT, "Ilse", 0, "", 0, "", line, "", false, false, false, NOW);
    }

    @Test
    void aScoreSwapsItsSides() {
        Theme theme = THEME.withPieces(List.of(Piece.of("score", brandeon.core.kind.PieceKind.SCORE, "Score")
                .withWords("left", "Hide")
                .withWords("right", "Chat")));
        Starting starting = Starting.of(List.of(theme));
        Show now = ((Cued.Applied)
                        Shows.apply(Show.QUIET, starting, new CountCue.StepCount("score", "leftFigure", 3), NOW))
                .show();
        Cued.Applied swapped = (Cued.Applied) Shows.apply(now, starting, new CountCue.SwapSides("score"), NOW);
        Spoken spoken = swapped.show().spoken(theme.pieces().getFirst());
        assertThat(spoken.content("left")).isEqualTo(new Content.Words("Chat"));
        assertThat(spoken.content("right")).isEqualTo(new Content.Words("Hide"));
        assertThat(spoken.content("leftFigure")).isEqualTo(Content.Count.of(0));
        assertThat(spoken.content("rightFigure")).isEqualTo(Content.Count.of(3));
        Show back = ((Cued.Applied) Shows.apply(swapped.show(), starting, swapped.inverse(), NOW)).show();
        assertThat(back.spoken(theme.pieces().getFirst()).content("leftFigure")).isEqualTo(Content.Count.of(3));
        assertThat(Shows.apply(Show.QUIET, STARTING, new CountCue.SwapSides("sightings"), NOW))
                .isInstanceOf(Cued.Refused.class);
    }

    @Test
    void aRightIsExactlyWhatWasTicked() {
        List<Grant> counting = List.of(new Grant(CueGroup.COUNTS, Set.of("sightings"), Set.of("stepCount")));
        assertThat(Grant.take(counting, new CountCue.StepCount("sightings", "value", 1)))
                .isTrue();
        assertThat(Grant.take(counting, new CountCue.StepCount("score", "leftFigure", 1)))
                .isFalse();
        assertThat(Grant.take(counting, new CountCue.SetCount("sightings", "value", 1)))
                .isFalse();
        assertThat(Grant.take(counting, new PieceCue.ShowPiece("sightings", false)))
                .isFalse();
        assertThat(Grant.take(Grant.ALL, new PieceCue.LetGo("sightings")))
                .as("letting the theme speak again is given to nobody")
                .isFalse();
        assertThatThrownBy(() -> new Grant(CueGroup.COUNTS, Set.of(), Set.of("endBreak")).require())
                .isInstanceOf(Mistake.class);
        List<Panel.Control> within = Panel.within(Panel.of(show, STARTING), counting);
        assertThat(within).extracting(Panel.Control::piece).containsExactly("sightings");
        assertThat(within.getFirst().lines())
                .as("its words are not shown either")
                .isEmpty();
    }

    /** Whoever may prepare something for later, or for others, cannot have done with it what they may not do. */
    @Test
    void aRightToPrepareIsNoRightToWhatIsPrepared() {
        List<Grant> preparing = List.of(
                new Grant(CueGroup.SEQUENCES, Set.of(), Set.of()),
                new Grant(CueGroup.VIEWERS, Set.of(), Set.of()),
                new Grant(CueGroup.CLOCKS, Set.of(), Set.of()));
        Cue breaks = new BreakCue.StartBreak(60, "", "");
        Cue clock = new ClockCue.StartClock("countdown");
        for (Cue cue : List.of(breaks, clock)) {
            boolean may = cue.equals(clock);
            assertThat(Grant.take(
                            preparing,
                            new SequenceCue.WriteSequence(new Sequence("s", "S", List.of(new Sequence.Step(0, cue))))))
                    .isEqualTo(may);
            assertThat(Grant.take(preparing, new ViewerCue.WritePresses(List.of(press(cue, 0, 0, 0)))))
                    .isEqualTo(may);
        }
        List<Grant> clocks = List.of(new Grant(CueGroup.CLOCKS, Set.of(), Set.of()));
        assertThat(Grant.take(clocks, new ClockCue.AtZero("countdown", "opening")))
                .isFalse();
        assertThat(Grant.take(clocks, new ClockCue.AtZero("countdown", ""))).isTrue();
        assertThat(Grant.take(preparing, new ClockCue.AtZero("countdown", "opening")))
                .isTrue();
    }

    /** Whatever a desk can do is in one group; what is left belongs to those who may do everything. */
    @Test
    void everyCueHasItsGroup() {
        Set<String> ungrouped = new HashSet<>();
        for (JsonSubTypes.Type type :
                Cue.class.getAnnotation(JsonSubTypes.class).value()) {
            if (CueGroup.of(type.name()).isEmpty()) {
                ungrouped.add(type.name());
            }
        }
        assertThat(ungrouped)
                .containsExactlyInAnyOrder(
                        "letGo",
                        "letGoOf",
                        "putBack",
                        "putBreak",
                        "goOnSequence",
                        "takeSteps",
                        "putNotices",
                        "reachZero",
                        "putViewers",
                        "pressByViewer",
                        "askByViewer",
                        "putRequest",
                        "takeRequestOut",
                        "putRequests",
                        "putTracks",
                        "putLine");
    }

    /** Each deed at its address, with nothing but what must be given, is a cue of that name. */
    @Test
    void anAddressAloneIsAWholeDeed() {
        cue(new RequestCue.AskFor("Ilse Fenn", "Bittern"), NOW);
        cue(new RequestCue.TakeRequests(true, "!listen", 0), NOW);
        cue(new RequestCue.AskByViewer("7", "Oskar Tide", "Ruff"), NOW);
        Map<String, Object> given = Map.of(
                "seconds", 90, "length", 30, "time", "20:00", "value", 3, "card", 1, "cards", List.of(), "words",
                "Hush");
        Map<String, Object> more = Map.of("title", "Curlews", "what", "Owl", "right", true, "field", "leftColour");
        Set<String> tried = new HashSet<>();
        for (CueGroup group : CueGroup.values()) {
            if (group == CueGroup.ALERTS || group == CueGroup.STATE) {
                continue;
            }
            for (String deed : group.deeds().keySet()) {
                if (deed.equals("writeSequence")) {
                    continue;
                }
                Map<String, Object> figures = new java.util.HashMap<>();
                DeedAddress.figures(deed).stream()
                        .filter(DeedAddress.Figure::given)
                        .forEach(figure -> figures.put(
                                figure.name(),
                                given.getOrDefault(figure.name(), more.getOrDefault(figure.name(), List.of()))));
                Cue cue = DeedAddress.cue(show, STARTING, about(group), deed, figures, "Europe/London");
                assertThat(CueGroup.deed(cue)).isEqualTo(deed);
                tried.add(deed);
            }
        }
        assertThat(tried).hasSizeGreaterThan(25);
    }

    private static String about(CueGroup group) {
        return switch (group) {
            case CLOCKS -> "countdown";
            case COUNTS -> "sightings";
            case CARDS -> "guest";
            case POINTS -> "species";
            case LINES -> "shops";
            case REQUESTS, TRACK -> DeedAddress.SHOW;
            default -> "band";
        };
    }

    @Test
    void addressesTurnRoundWhatIsSeenAndKnowNoOthers() {
        Cue hides = DeedAddress.cue(show, STARTING, "tide", "showPiece", Map.of(), "UTC");
        assertThat(hides).isEqualTo(new PieceCue.ShowPiece("tide", false));
        cue(hides, NOW);
        assertThat(DeedAddress.cue(show, STARTING, "tide", "showPiece", Map.of(), "UTC"))
                .isEqualTo(new PieceCue.ShowPiece("tide", true));
        for (String deed : List.of("putBack", "skip", "putState", "nothing")) {
            assertThatThrownBy(() -> DeedAddress.cue(show, STARTING, "tide", deed, Map.of(), "UTC"))
                    .as(deed)
                    .isInstanceOf(Mistake.class);
        }
        assertThatThrownBy(() -> DeedAddress.cue(show, STARTING, "sightings", "stepCount", Map.of("speed", 1), "UTC"))
                .isInstanceOf(Mistake.class);
    }

    @Test
    void theWholeStateGoesOutAndInAgainOrNotAtAll() {
        cue(new CountCue.SetCount("sightings", "value", 12), NOW);
        cue(new BreakCue.StartBreak(60, "Tea", ""), NOW);
        Show out = Json.read(Json.write(show), Show.class);
        cue(new BreakCue.EndBreak(), NOW);
        cue(new CountCue.SetCount("sightings", "value", 3), NOW);
        Show before = show;
        Cued.Applied in = cue(new ShowCue.PutState(out), NOW);
        assertThat(show).isEqualTo(out);
        cue(in.inverse(), NOW);
        assertThat(show).isEqualTo(before);
        Show wrong = new Show(Map.of(
                "sightings", Map.of("value", Held.HeldCount.of(5)),
                "tide", Map.of("value", Held.HeldCount.of(5))));
        assertThat(refused(new ShowCue.PutState(wrong), NOW)).contains("Tide ticker");
        assertThat(refused(new ShowCue.PutState(new Show(Map.of("owl", Map.of()))), NOW))
                .contains("owl");
    }

    /**
     * Against looking at the clocks of a place minute after minute (java.time, tzdb), over both changes of summer time
     * of 2027 in three zones; Lord Howe changes by half an hour.
     */
    @ParameterizedTest
    @CsvSource({
        "Europe/London, 2027-03-27T10:00:00Z", "Europe/London, 2027-10-30T10:00:00Z",
        "America/New_York, 2027-03-13T10:00:00Z", "America/New_York, 2027-11-06T10:00:00Z",
        "Australia/Lord_Howe, 2027-04-02T10:00:00Z", "Australia/Lord_Howe, 2027-10-01T10:00:00Z"
    })
    void aClockRunsToATimeOfDayOverAChangeOfSummerTime(String zone, Instant from) {
        ZoneId place = ZoneId.of(zone);
        for (int i = 0; i < 48; i++) {
            Instant now = from.plus(Duration.ofMinutes(47L * i));
            for (int minutes = 11; minutes < 24 * 60; minutes += 67) {
                LocalTime wanted = LocalTime.ofSecondOfDay(minutes * 60L);
                Optional<Instant> seen = firstSeen(now, wanted, place);
                if (seen.isEmpty()) {
                    continue;
                }
                Show aimed = ((Cued.Applied) Shows.apply(
                                Show.QUIET,
                                STARTING,
                                new ClockCue.AimClock("countdown", wanted.toString(), zone.toString()),
                                now.toEpochMilli()))
                        .show();
                Run run = aimed.spoken(THEME.piece("countdown").orElseThrow()).run();
                assertThat(Instant.ofEpochMilli(run.instant()))
                        .as(String.format(Locale.ROOT, "%s at %s, to %s", zone, now, wanted))
                        .isEqualTo(seen.get());
            }
        }
    }

    /** Empty where the clocks pass over it before they show it. */
    private static Optional<Instant> firstSeen(Instant now, LocalTime wanted, ZoneId place) {
        Instant minute = now.truncatedTo(ChronoUnit.MINUTES);
        LocalTime before = minute.atZone(place).toLocalTime();
        for (int i = 1; i <= 26 * 60; i++) {
            minute = minute.plusSeconds(60);
            LocalTime shown = minute.atZone(place).toLocalTime();
            if (shown.equals(wanted)) {
                return Optional.of(minute);
            }
            boolean over = before.isBefore(wanted) && shown.isAfter(wanted);
            if (over) {
                return Optional.empty();
            }
            before = shown;
        }
        return Optional.empty();
    }

    @Test
    void clocksBeyondAHundredMinutesAndADayAreWrittenRight() {
        assertThat(ClockCue.written(99 * 60 * SECOND)).isEqualTo("99:00");
        assertThat(ClockCue.written(100 * 60 * SECOND)).isEqualTo("100:00");
        assertThat(ClockCue.written(25 * 3600 * SECOND)).isEqualTo("25:00:00");
        assertThat(Arrays.asList(ClockCue.written(0), ClockCue.written(1))).containsExactly("00:00", "00:01");
    }
}
