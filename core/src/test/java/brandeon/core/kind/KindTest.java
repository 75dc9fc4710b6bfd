package brandeon.core.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.art.Ask;
import brandeon.core.art.ClockFace;
import brandeon.core.art.Mark;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.layout.Samples;
import brandeon.core.live.ChatLine;
import brandeon.core.live.Readings;
import brandeon.core.pack.Json;
import brandeon.core.publish.Advice;
import brandeon.core.publish.Behaviour;
import brandeon.core.publish.Part;
import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.core.text.TextRow;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Walks the catalogue: whatever a kind says of itself must hold. */
class KindTest {

    private static final Theme DEMO = ReedlightHide.theme();

    @ParameterizedTest
    @EnumSource(PieceKind.class)
    void aKindSaysAllThatItsScreensNeed(PieceKind kind) {
        Kind facts = kind.facts();
        assertThat(facts.title()).isNotBlank();
        Set<String> names = new HashSet<>();
        // Buttons and fields are named by these alone.
        Set<String> titles = new HashSet<>();
        for (Field field : facts.fields()) {
            assertThat(names.add(field.name()))
                    .as("%s is there once", field.name())
                    .isTrue();
            assertThat(field.title()).isNotBlank();
            assertThat(titles.add(field.title()))
                    .as("“%s” names one field", field.title())
                    .isTrue();
            assertThat(field.columns())
                    .as("columns of %s", field.name())
                    .hasSize(
                            switch (field.type()) {
                                case ROWS, POINTS, ENTRIES -> 2;
                                case WORDS, COUNT, LINES, TIME_ZONE, DAY, TINT, LISTING -> 0;
                            });
            field.standard().require();
            assertThat(field.standard().mistake(Readings.types())).isEmpty();
            assertThat(field.yours() && field.standard().written().isBlank())
                    .as("%s says what belongs there", field.name())
                    .isFalse();
        }
        for (Figure figure : facts.figures()) {
            assertThat(names.add(figure.name()))
                    .as("%s is there once", figure.name())
                    .isTrue();
            assertThat(titles.add(figure.title()))
                    .as("“%s” names one figure", figure.title())
                    .isTrue();
            assertThat(figure.standard()).isBetween(figure.least(), figure.most());
            assertThat(figure.choices())
                    .as(figure.name())
                    .satisfiesAnyOf(
                            choices -> assertThat(choices).isEmpty(),
                            choices -> assertThat(choices).hasSize((int) (figure.most() - figure.least()) + 1));
        }
        facts.sample("Low Quay").forEach((name, content) -> {
            assertThat(facts.field(name))
                    .as("sample of %s", name)
                    .map(Field::type)
                    .hasValueSatisfying(type -> assertThat(type.takes(content)).isTrue());
            content.require();
        });
        facts.pictures()
                .ifPresent(
                        name -> assertThat(facts.field(name)).map(Field::type).contains(ContentType.LINES));
        if (facts.ownSize()) {
            assertThat(List.of(facts.figure("width"), facts.figure("height"))).allMatch(Optional::isPresent);
        }
    }

    /**
     * Nothing is asked of a family while there is nothing to see; all else is drawn from its standards and from its
     * sample.
     */
    @ParameterizedTest
    @EnumSource(PieceKind.class)
    void aKindIsDrawnFromItsStandardsAndFromItsSample(PieceKind kind) {
        Piece plain = Piece.of("p", kind, "P");
        ResolvedScene quiet = Samples.of(DEMO, plain, Samples.CANVAS, LiveState.QUIET);
        assertThat(quiet.failed()).isEmpty();
        assertThat(quiet.placement("p").orElseThrow().art().marks().isEmpty())
                .as("empty without an alert or a notice")
                .isEqualTo(kind.facts().announces() || kind.facts().notices());
        ResolvedScene sample = Samples.of(DEMO, kind);
        assertThat(sample.failed()).isEmpty();
        assertThat(sample.placements().getFirst().art().marks()).isNotEmpty();
    }

    @ParameterizedTest
    @EnumSource(PieceKind.class)
    void aSourceWithItIsAdvisedAsItNeeds(PieceKind kind) {
        if (kind.facts().apart()) {
            return;
        }
        Scene scene = Scene.of("s", "S", SceneRole.LIVE, List.of(Placed.in(kind.zone(), "p")));
        Theme theme = DEMO.withPieces(List.of(Piece.of("p", kind, "P"))).withScenes(List.of(scene));
        Behaviour advised = Advice.of(
                        theme,
                        new Resolver(theme).resolve(scene, theme.canvases().getFirst(), LiveState.QUIET),
                        Part.WHOLE)
                .behaviour();
        assertThat(advised)
                .isEqualTo(
                        switch (kind) {
                            case ANNOUNCER -> Behaviour.KEEP_RUNNING;
                            case COUNTDOWN, COUNT_UP -> Behaviour.RESTART_ON_ENTRY;
                            default -> Behaviour.REST_WHEN_HIDDEN;
                        });
    }

    static Stream<Content> contents() {
        return Stream.of(
                new Content.Words("High tide {followers}"),
                new Content.Count("followers", 3, "::.00", "about ", " herons"),
                Content.Count.of(7),
                new Content.Rows(List.of(new TextRow("When", "What")), "recentSignals"),
                new Content.Points(List.of(new Content.Topic(Ask.State.NOW, "Bittern", ""))),
                new Content.Entries(List.of(new Content.Entry("", "In the chat", 9))),
                new Content.Lines(List.of("About", "When")),
                new Content.TimeZone("Europe/London"),
                new Content.Day("2026-12-24"),
                Content.Day.NONE,
                new Content.Tint("#c8502f"),
                Content.Tint.NONE,
                new Content.Listing("sightings", List.of("species", "seen"), "seen", true),
                Content.Listing.FIRST);
    }

    @ParameterizedTest
    @MethodSource("contents")
    void contentIsTheSameAfterItWasStored(Content content) {
        content.require();
        assertThat(Json.read(Json.write(content), Content.class)).isEqualTo(content);
        Piece piece = Stream.of(PieceKind.values())
                .flatMap(kind -> kind.fields().stream()
                        .filter(field -> field.type().takes(content))
                        .map(field -> Piece.of("p", kind, "P").withContent(field.name(), content)))
                .findFirst()
                .orElseThrow();
        assertThat(Json.read(Json.write(piece), Piece.class)).isEqualTo(piece);
    }

    @Test
    void wordsAreATextInJsonAndRowsAnObject() {
        assertThat(Json.write(new Content.Words("Dusk"))).isEqualTo("\"Dusk\"");
        assertThat(Json.write(Content.Rows.of("When", "What")))
                .isEqualTo("{\"rows\":[{\"label\":\"When\",\"value\":\"What\"}],\"then\":\"\"}");
        for (String wrong : List.of(
                "{\"rows\":[{\"label\":\"When\"}],\"then\":\"\"}",
                "{\"lamps\":[]}",
                "{}",
                "7",
                "[]",
                "null",
                "{\"rows\":[],\"points\":[]}")) {
            assertThatThrownBy(() -> Json.readFromOutside(
                            "{\"edit\":\"setContent\",\"piece\":\"p\",\"field\":\"rows\",\"value\":" + wrong + "}",
                            brandeon.core.theme.Edit.class))
                    .as(wrong)
                    .isInstanceOf(IllegalArgumentException.class);
        }
    }

    static Stream<Content> wrongContents() {
        return Stream.of(
                new Content.Words("{open"),
                new Content.Words("x".repeat(401)),
                new Content.Count("two words", 0, "", "", ""),
                new Content.Count("", Double.NaN, "", "", ""),
                new Content.Count("", 1, "::scale/1E99", "", ""),
                new Content.Count("", 1, "", "x".repeat(41), ""),
                new Content.Count("", 1, "", "a\nb", ""),
                new Content.Rows(java.util.Collections.nCopies(25, new TextRow("a", "b")), ""),
                new Content.Rows(List.of(), "no list"),
                new Content.Entries(List.of(new Content.Entry("a", "b", 0.5))),
                new Content.Entries(List.of(new Content.Entry("a", "b", 121))),
                new Content.Lines(List.of("{")),
                new Content.TimeZone("Low/Quay"),
                new Content.Day("24 December"),
                new Content.Day("2026-02-30"),
                new Content.Tint("red"),
                new Content.Tint("#c8502"),
                new Content.Listing("no such word", List.of(), "", false),
                new Content.Listing("sightings", Collections.nCopies(25, "a"), "", false));
    }

    @ParameterizedTest
    @MethodSource("wrongContents")
    void whatCannotBeSaidIsRefusedWithASentence(Content content) {
        assertThatThrownBy(content::require)
                .isInstanceOf(IllegalArgumentException.class)
                .message()
                .hasSizeGreaterThan(20)
                .endsWith(content instanceof Content.Words || content instanceof Content.Lines ? "" : ".");
    }

    @Test
    void eachTextIsCheckedAgainstTheTypesOfItsValues() {
        assertThat(new Content.Words("{latestFollower, plural, one {#} other {#}}").mistake(Readings.types()))
                .isPresent();
        assertThat(Content.Rows.of("Now", "{latestFollower, number}").mistake(Readings.types()))
                .isPresent();
        assertThat(Content.Count.of("latestFollower").mistake(Readings.types()))
                .as("a name is no number")
                .isPresent();
        assertThat(Content.Count.of("followers").mistake(Readings.types())).isEmpty();
        assertThat(Content.Count.of("tippedToday").mistake(Readings.types())).isEmpty();
        assertThat(new Content.Rows(List.of(), "followers").mistake(Readings.types()))
                .as("a number is no list")
                .isPresent();
        assertThat(new Content.Rows(List.of(), "recentSignals").mistake(Readings.types()))
                .isEmpty();
    }

    @Test
    void aLiveListFollowsTheRowsAndStandsInALineOfWords() {
        Readings readings = new Readings(Map.of(
                "recentSignals", List.of(new TextRow("Follows", "Ilse Fenn"), new TextRow("Joined", "Oskar Tide"))));
        LiveState live = new LiveState(readings, Show.QUIET, Optional.empty());
        Piece board = Piece.of("p", PieceKind.RECENT, "P")
                .withContent(
                        "rows", new Content.Rows(List.of(new TextRow("Pinned", "The hide is open")), "recentSignals"));
        assertThat(Samples.of(DEMO, board, Samples.CANVAS, live)
                        .placements()
                        .getFirst()
                        .art()
                        .texts())
                .extracting(text -> text.text())
                .containsSubsequence("Pinned", "The hide is open", "Follows", "Ilse Fenn", "Joined", "Oskar Tide");
        Piece band = Piece.of("p", PieceKind.BAND, "P").withWords("message", "{recentSignals}");
        assertThat(Samples.of(DEMO, band, Samples.CANVAS, live)
                        .placements()
                        .getFirst()
                        .art()
                        .texts())
                .extracting(text -> text.text())
                .contains("Follows Ilse Fenn · Joined Oskar Tide");
    }

    @Test
    void aCountIsWrittenAsItIsWanted() {
        LiveState live = new LiveState(new Readings(Map.of("followers", 1250L)), Show.QUIET, Optional.empty());
        Map.of(
                        Content.Count.of(7),
                        "7",
                        Content.Count.of("followers"),
                        "1,250",
                        new Content.Count("followers", 0, "::group-off", "about ", " herons"),
                        "about 1250 herons",
                        new Content.Count("", 12.5, "::.00", "€", ""),
                        "€12.50",
                        Content.Count.of("raids"),
                        "–")
                .forEach((count, written) -> {
                    Piece counter = Piece.of("p", PieceKind.COUNTER, "P").withContent("value", count);
                    assertThat(Samples.of(DEMO, counter, Samples.CANVAS, live)
                                    .placements()
                                    .getFirst()
                                    .art()
                                    .texts()
                                    .getLast()
                                    .text())
                            .as("%s", count)
                            .isEqualTo(written);
                });
    }

    /** A line of the chat goes by itself, at the same instant in every source. */
    @Test
    void aLineOfTheChatGoesWhenItIsAsOldAsThePieceSays() {
        Piece panel = Piece.of("c", PieceKind.CHAT, "Chat")
                .withContent("rows", new Content.Rows(List.of(new TextRow("Rules", "Be kind")), Readings.CHAT_LINES))
                .withFigure("age", 30);
        Readings readings = new Readings(Map.of(
                Readings.CHAT_LINES,
                List.of(new TextRow("Ilse", "hello"), new TextRow("Oskar", "hi")),
                Readings.CHAT,
                List.of(new ChatLine("1", 5000, "Ilse", "hello"), new ChatLine("2", 9000, "Oskar", "hi"))));
        LiveState live = new LiveState(readings, Show.QUIET, Optional.empty());
        ResolvedScene scene = Samples.of(ReedlightHide.theme(), panel, Samples.CANVAS, live);

        assertThat(scene.placements().getFirst().art().tracks())
                .as("what stands there by itself stays")
                .extracting(track -> track.start())
                .containsExactlyInAnyOrder(35_000L, 39_000L);
        ResolvedScene staying = Samples.of(ReedlightHide.theme(), panel.withFigure("age", 0), Samples.CANVAS, live);
        assertThat(staying.placements().getFirst().art().tracks()).isEmpty();
    }

    /** A corner knows how long the show has been on, once somebody began it, and the time. */
    @Test
    void aCornerBugKnowsTheTimeAndHowLongTheShowHasBeenOn() {
        Piece bug = Piece.of("b", PieceKind.BUG, "Bug").withWords("name", "On air");
        LiveState begun = new LiveState(new Readings(Map.of(Readings.BEGUN, 3_600_000L)), Show.QUIET, Optional.empty());
        assertThat(clocks(bug.withFigure("shows", 2), begun))
                .extracting(Mark.Digits::clock)
                .extracting(ClockFace::mode, ClockFace::instant)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(ClockFace.Mode.UP, 3_600_000L));
        assertThat(clocks(bug.withFigure("shows", 2), LiveState.QUIET))
                .as("nobody began it")
                .isEmpty();
        assertThat(clocks(bug.withFigure("shows", 1), LiveState.QUIET))
                .extracting(digits -> digits.clock().mode())
                .containsExactly(ClockFace.Mode.DAY);
        assertThat(clocks(bug, begun)).isEmpty();
    }

    private static List<Mark.Digits> clocks(Piece piece, LiveState live) {
        List<Mark.Digits> found = new ArrayList<>();
        gather(
                Samples.of(ReedlightHide.theme(), piece, Samples.CANVAS, live)
                        .placements()
                        .getFirst()
                        .art()
                        .marks(),
                found);
        return found;
    }

    private static void gather(List<Mark> marks, List<Mark.Digits> found) {
        for (Mark mark : marks) {
            if (mark instanceof Mark.Digits digits) {
                found.add(digits);
            } else if (mark instanceof Mark.Group group) {
                gather(group.marks(), found);
            } else if (mark instanceof Mark.Until until) {
                gather(until.marks(), found);
            }
        }
    }
}
