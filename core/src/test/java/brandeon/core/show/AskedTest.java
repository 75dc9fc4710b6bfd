package brandeon.core.show;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.kind.Content;
import brandeon.core.kind.PieceKind;
import brandeon.core.motion.Run;
import brandeon.core.pack.Json;
import brandeon.core.show.Requests.Request;
import brandeon.core.text.Message;
import brandeon.core.text.TextRow;
import brandeon.core.theme.Piece;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What viewers ask for, and what is heard. */
class AskedTest extends Played {

    private static final Piece QUEUE = Piece.of("asked", PieceKind.QUEUE, "Asked")
            .withContent("rows", Content.Rows.of("Mirela Osk", "Whatever sings"));
    private static final Piece HEARD =
            Piece.of("heard", PieceKind.NOW_PLAYING, "Heard").withWords("value", "The marsh");

    private List<TextRow> shown() {
        return ((Content.Rows) show.spoken(QUEUE).content("rows")).rows();
    }

    private String heard() {
        return ((Content.Words) show.spoken(HEARD).content("value")).pattern();
    }

    private void ask(String id, String who, String what) {
        cue(new RequestCue.AskByViewer(id, who, what), NOW);
    }

    @Nested
    class WhatViewersAskFor {

        @BeforeEach
        void open() {
            cue(new RequestCue.TakeRequests(true, "!listen", 2), NOW);
        }

        @Test
        void onlyWhatWasApprovedIsShown() {
            assertThat(shown()).as("nothing was asked for yet").isEmpty();
            ask("1", "Ilse Fenn", "Bittern");
            ask("2", "Wren of Low Quay", "Water rail");
            assertThat(shown()).isEmpty();
            cue(new RequestCue.ApproveRequest("2"), NOW);
            assertThat(shown()).containsExactly(new TextRow("Wren of Low Quay", "Water rail"));
            cue(new RequestCue.ApproveRequest("1"), NOW);
            assertThat(shown()).extracting(TextRow::value).containsExactly("Bittern", "Water rail");
            cue(new RequestCue.MoveRequest("2", 0), NOW);
            assertThat(shown()).extracting(TextRow::value).containsExactly("Water rail", "Bittern");
            cue(new RequestCue.FinishRequest("2"), NOW);
            assertThat(shown()).extracting(TextRow::value).containsExactly("Bittern");
            assertThat(show.requests().done()).isEqualTo(1);
            cue(new RequestCue.RefuseRequest("1"), NOW);
            assertThat(shown()).isEmpty();
            assertThat(show.requests().done()).as("a refused one is not done").isEqualTo(1);
        }

        @Test
        void aThemeSpeaksForItselfUntilSomebodyAsks() {
            show = Show.QUIET;
            assertThat(shown()).containsExactly(new TextRow("Mirela Osk", "Whatever sings"));
        }

        @Test
        void onePersonAsksForAsMuchAsOneMay() {
            ask("1", "Ilse Fenn", "Bittern");
            ask("2", "Ilse Fenn", "Snipe");
            assertThat(refused(new RequestCue.AskByViewer("3", "Ilse Fenn", "Ruff"), NOW))
                    .contains("Ilse Fenn");
            ask("4", "Oskar Tide", "Ruff");
            cue(new RequestCue.ApproveRequest("1"), NOW);
            assertThat(refused(new RequestCue.AskByViewer("3", "Ilse Fenn", "Ruff"), NOW))
                    .contains("Ilse Fenn");
            cue(new RequestCue.FinishRequest("1"), NOW);
            ask("5", "Ilse Fenn", "Ruff");
            assertThat(refused(new RequestCue.AskByViewer("5", "Ilse Fenn", "Ruff"), NOW))
                    .contains("asked already");
            cue(new RequestCue.TakeRequests(false, "!listen", 2), NOW);
            assertThat(refused(new RequestCue.AskByViewer("6", "Saltmarsh Sal", "Owl"), NOW))
                    .contains("closed");
        }

        @Test
        void aLineAsksWithTheWordAlone() {
            assertThat(show.requests().wish("!Listen  bittern please ")).contains("bittern please");
            assertThat(show.requests().wish("!listening to you")).isEmpty();
            assertThat(show.requests().wish("please !listen bittern")).isEmpty();
            assertThat(show.requests().wish("!listen")).isEmpty();
            assertThat(show.requests().wish("!listen " + "boom ".repeat(100)).orElseThrow())
                    .hasSizeLessThanOrEqualTo(Requests.LONGEST);
        }

        /** Whatever was done to one is taken back while others came and went. */
        @Test
        void eachIsTakenBackByItself() {
            ask("1", "Ilse Fenn", "Bittern");
            Cue approved = cue(new RequestCue.ApproveRequest("1"), NOW).inverse();
            ask("2", "Oskar Tide", "Ruff");
            Cue refused = cue(new RequestCue.RefuseRequest("2"), NOW).inverse();
            ask("3", "Oskar Tide", "Owl");
            cue(approved, NOW);
            cue(refused, NOW);
            assertThat(show.requests().asked())
                    .extracting(Request::id, Request::approved)
                    .containsExactly(
                            org.assertj.core.api.Assertions.tuple("1", false),
                            org.assertj.core.api.Assertions.tuple("2", false),
                            org.assertj.core.api.Assertions.tuple("3", false));
            cue(new RequestCue.ApproveRequest("3"), NOW);
            Cue finished = cue(new RequestCue.FinishRequest("3"), NOW).inverse();
            cue(finished, NOW);
            assertThat(show.requests().done()).isZero();
            assertThat(show.requests().find("3").orElseThrow().approved()).isTrue();
            assertThat(Overlap.between(new RequestCue.ApproveRequest("1"), new RequestCue.RefuseRequest("2")))
                    .isFalse();
            assertThat(Overlap.between(new RequestCue.ApproveRequest("1"), new RequestCue.RefuseRequest("1")))
                    .isTrue();
        }

        /** What people type has no meaning to texts: it is shown as it was typed. */
        @ParameterizedTest
        @ValueSource(
                strings = {
                    "{followers}",
                    "it's '{' here",
                    "}{",
                    "{}",
                    "'{a}'",
                    "'",
                    "''",
                    "{a, plural, one {x}",
                    "o'{'}'"
                })
        void whateverIsAskedForIsShownAsItStands(String what) {
            cue(new RequestCue.AskFor("Ilse {0} O'Fenn", what), NOW);
            TextRow row = shown().getFirst();
            assertThat(new Message(row.value()).format(Map.of())).isEqualTo(what);
            assertThat(new Message(row.label()).format(Map.of())).isEqualTo("Ilse {0} O'Fenn");
        }

        @Test
        void whatCannotBeIsRefused() {
            assertThat(refused(new RequestCue.TakeRequests(true, "", 1), NOW)).contains("which word");
            assertThat(refused(new RequestCue.TakeRequests(true, "two words", 1), NOW))
                    .contains("one word");
            assertThat(refused(new RequestCue.TakeRequests(true, "!x", -1), NOW))
                    .contains("limit");
            assertThat(refused(new RequestCue.AskFor("Ilse", "  "), NOW)).contains("1 to 120");
            assertThat(refused(new RequestCue.ApproveRequest("9"), NOW)).contains("gone");
            ask("1", "Ilse Fenn", "Bittern");
            assertThat(refused(new RequestCue.FinishRequest("1"), NOW)).contains("not approved");
            for (int i = 0; i < Requests.MOST - 1; i++) {
                cue(new RequestCue.AskFor("", "Owl " + i), NOW);
            }
            assertThat(refused(new RequestCue.AskFor("", "One more"), NOW)).contains("At most");
            cue(new RequestCue.ClearRequests(), NOW);
            assertThat(show.requests().asked()).isEmpty();
        }

        /** By its address a deed is about whichever comes first. */
        @Test
        void aButtonApprovesTheFirstThatWaits() {
            ask("1", "Ilse Fenn", "Bittern");
            ask("2", "Oskar Tide", "Ruff");
            cue(new RequestCue.ApproveRequest("1"), NOW);
            assertThat(DeedAddress.cue(show, STARTING, "show", "approveRequest", Map.of(), "UTC"))
                    .isEqualTo(new RequestCue.ApproveRequest("2"));
            assertThat(DeedAddress.cue(show, STARTING, "show", "finishRequest", Map.of(), "UTC"))
                    .isEqualTo(new RequestCue.FinishRequest("1"));
        }
    }

    private static TrackCue plays(String title, double position, double length) {
        return new TrackCue.PlayTrack(title, "Tove Sedge", position, length, true);
    }

    @Test
    void aTrackIsShownUntilItIsOver() {
        assertThat(heard()).isEqualTo("The marsh");
        cue(plays("Curlews", 10, 94), NOW);
        assertThat(heard()).isEqualTo("Curlews · Tove Sedge");
        assertThat(show.spoken(HEARD).run()).isEqualTo(Run.running(NOW - 10 * SECOND, 94 * SECOND));
        assertThat(show.next(NOW)).contains(NOW + 84 * SECOND);
        assertThat(show.at(NOW + 84 * SECOND - 1).spoken(HEARD).seen()).isTrue();
        assertThat(show.at(NOW + 84 * SECOND).spoken(HEARD).seen()).isFalse();
        assertThat(refused(new TrackCue.ShowTrack(true), NOW + 85 * SECOND)).contains("over");
        cue(new TrackCue.EndTrack(), NOW + 90 * SECOND);
        assertThat(show.spoken(HEARD).seen()).isFalse();
        cue(new TrackCue.ForgetTrack(), NOW + 90 * SECOND);
        assertThat(heard()).isEqualTo("The marsh");
        assertThat(show.spoken(HEARD).seen()).isTrue();
    }

    @Test
    void eachTrackIsHiddenAfterSoManySeconds() {
        cue(new TrackCue.ShowTracksFor(15), NOW);
        cue(plays("Curlews", 0, 94), NOW);
        assertThat(show.next(NOW)).contains(NOW + 15 * SECOND);
        show = show.at(NOW + 20 * SECOND);
        assertThat(show.spoken(HEARD).seen()).isFalse();
        // That it is farther says nothing new, and does not show it again.
        assertThat(refused(plays("Curlews", 20.4, 94), NOW + 20 * SECOND)).contains("so already");
        cue(plays("Curlews", 60, 94), NOW + 20 * SECOND);
        assertThat(show.spoken(HEARD).seen()).isFalse();
        cue(new TrackCue.ShowTrack(true), NOW + 21 * SECOND);
        assertThat(show.at(NOW + 22 * SECOND).spoken(HEARD).seen()).isTrue();
        cue(plays("Rain", 0, 48), NOW + 40 * SECOND);
        assertThat(show.at(NOW + 54 * SECOND).spoken(HEARD).seen()).isTrue();
        assertThat(show.at(NOW + 55 * SECOND).spoken(HEARD).seen()).isFalse();
        // The same one once more is another one once it was over.
        cue(plays("Rain", 0, 48), NOW + 100 * SECOND);
        assertThat(show.at(NOW + 101 * SECOND).spoken(HEARD).seen()).isTrue();
    }

    @Test
    void aTrackThatStandsStillIsNotOver() {
        cue(new TrackCue.PlayTrack("Curlews", "", 30, 94, false), NOW);
        assertThat(heard()).isEqualTo("Curlews");
        assertThat(show.spoken(HEARD).run()).isEqualTo(new Run(Run.State.PAUSED, 30_000, 94_000));
        assertThat(show.next(NOW)).isEmpty();
        assertThat(refused(new TrackCue.PlayTrack("", "", 0, 0, true), NOW)).contains("title");
        assertThat(refused(new TrackCue.PlayTrack("Owl", "", 95, 94, true), NOW))
                .contains("farther");
        assertThat(refused(new TrackCue.PlayTrack("Owl", "", Double.NaN, 94, true), NOW))
                .contains("seconds");
        assertThat(refused(new TrackCue.ShowTracksFor(4000), NOW)).contains("hour");
    }

    /** Whatever is asked, told and stored: what is taken back is as before, and one of each id is there. */
    @Test
    void anyOrderOfDeedsIsTakenBackStepByStep() {
        Random random = new Random(22);
        cue(new RequestCue.TakeRequests(true, "!x", 0), NOW);
        int applied = 0;
        for (int i = 0; i < 2000; i++) {
            long at = NOW + i * 4_001L;
            show = Json.read(Json.write(show.at(at)), Show.class);
            String id = String.valueOf(random.nextInt(12));
            Cue cue = switch (random.nextInt(9)) {
                case 0, 1, 2 -> new RequestCue.AskByViewer(id, "Viewer " + random.nextInt(3), "Bird " + id);
                case 3 -> new RequestCue.ApproveRequest(id);
                case 4 -> random.nextBoolean() ? new RequestCue.RefuseRequest(id) : new RequestCue.FinishRequest(id);
                case 5 -> new RequestCue.MoveRequest(id, random.nextInt(12));
                case 6 -> plays("Track " + random.nextInt(3), random.nextInt(20), 20 + random.nextInt(30));
                case 7 -> new TrackCue.ShowTrack(random.nextBoolean());
                default ->
                    random.nextInt(20) == 0 ? new RequestCue.ClearRequests() : new TrackCue.ShowTracksFor(i % 40);
            };
            if (Shows.apply(show, STARTING, cue, at) instanceof Cued.Applied(Show next, Cue back, String _)) {
                applied++;
                Cued undone = Shows.apply(next, STARTING, back, at);
                assertThat(undone).as("%s by %s", cue, back).isInstanceOf(Cued.Applied.class);
                assertThat(((Cued.Applied) undone).show())
                        .as("%s by %s", cue, back)
                        .isEqualTo(show);
                assertThat(next.requests().asked().stream().map(Request::id)).doesNotHaveDuplicates();
                assertThat(next.next(at).orElse(at + 1)).isGreaterThan(at);
                show = next;
            }
        }
        assertThat(applied).isGreaterThan(900);
    }
}
