package brandeon.core.show;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.layout.Resolver;
import brandeon.core.live.Readings;
import brandeon.core.pack.Json;
import brandeon.core.show.Notices.Advertising;
import brandeon.core.show.Notices.Notice;
import brandeon.core.table.Tables;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** When viewers are told of advertising. */
class NoticesTest extends Played {

    private static final long MINUTE = 60 * SECOND;

    private Optional<Notice> told(long at) {
        return show.at(at).notices().told(at);
    }

    /** First after 20 minutes, then every 30, for a minute, told 30 seconds before. */
    private void schedule() {
        cue(new NoticeCue.PlanNotices(20, 30, 60, 30), NOW);
        cue(new NoticeCue.BeginNotices(true), NOW);
    }

    @Test
    void whereNothingIsKnownNothingIsTold() {
        assertThat(told(NOW)).isEmpty();
        assertThat(show.notices().next(NOW)).isEmpty();
        cue(new NoticeCue.PlanNotices(0, 10, 60, 30), NOW);
        assertThat(told(NOW)).as("a plan that nobody began").isEmpty();
        assertThat(refused(new NoticeCue.SkipNotice(), NOW)).contains("No advertising is known");
        assertThat(refused(new NoticeCue.EndNotice(), NOW)).contains("No advertising is on");
    }

    @Test
    void viewersAreToldBeforeWhileItIsOnAndNotAfter() {
        schedule();
        long first = NOW + 20 * MINUTE;
        assertThat(told(first - 31 * SECOND)).isEmpty();
        assertThat(told(first - 30 * SECOND)).contains(new Notice(false, first, 30 * SECOND));
        assertThat(told(first)).contains(new Notice(true, first + MINUTE, MINUTE));
        assertThat(told(first + MINUTE - 1)).contains(new Notice(true, first + MINUTE, MINUTE));
        assertThat(told(first + MINUTE)).isEmpty();
        assertThat(told(first + 30 * MINUTE + SECOND).orElseThrow().running()).isTrue();
        assertThat(told(first + 300 * MINUTE).orElseThrow().running()).isTrue();
    }

    @Test
    void theNextOneIsMovedLeftOutAndEnded() {
        schedule();
        long first = NOW + 20 * MINUTE;
        cue(new NoticeCue.MoveNotice(300), NOW + MINUTE);
        assertThat(told(first)).isEmpty();
        assertThat(told(first + 5 * MINUTE).orElseThrow().running()).isTrue();
        assertThat(told(first + 35 * MINUTE).orElseThrow().running())
                .as("the ones after it come later as well")
                .isTrue();
        assertThat(refused(new NoticeCue.MoveNotice(-3600), NOW + MINUTE)).contains("begun already");
        cue(new NoticeCue.SkipNotice(), NOW + 2 * MINUTE);
        assertThat(told(first + 5 * MINUTE)).isEmpty();
        assertThat(show.notices().coming(NOW)).map(Advertising::from).contains(first + 35 * MINUTE);
        long on = first + 35 * MINUTE + 10 * SECOND;
        cue(new NoticeCue.EndNotice(), on);
        assertThat(told(on)).isEmpty();
        assertThat(told(first + 65 * MINUTE)).as("the one after it").isPresent();
    }

    @Test
    void oneIsBegunByHandAndListedOnesMoveAlone() {
        cue(new NoticeCue.StartNotice(45), NOW);
        assertThat(told(NOW + 44 * SECOND)).contains(new Notice(true, NOW + 45 * SECOND, 45 * SECOND));
        assertThat(told(NOW + 45 * SECOND)).isEmpty();
        Advertising one = new Advertising(NOW + 10 * MINUTE, 30, "Lamp Loft");
        Advertising other = new Advertising(NOW + 20 * MINUTE, 30, "");
        cue(new NoticeCue.ListNotices(List.of(other, one)), NOW + MINUTE);
        assertThat(show.notices().listed()).containsExactly(one, other);
        assertThat(show.notices().now()).as("what is over is forgotten").isEmpty();
        cue(new NoticeCue.MoveNotice(60), NOW + MINUTE);
        assertThat(show.notices().listed()).containsExactly(new Advertising(NOW + 11 * MINUTE, 30, "Lamp Loft"), other);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThat(refused(new NoticeCue.PlanNotices(0, 1, 60, 0), NOW)).contains("before the one before it has ended");
        assertThat(refused(new NoticeCue.PlanNotices(-1, 30, 60, 0), NOW)).contains("0 to 600");
        assertThat(refused(new NoticeCue.StartNotice(901), NOW)).contains("15 minutes");
        assertThat(refused(new NoticeCue.BeginNotices(true), NOW)).contains("how long");
        List<Advertising> many = new ArrayList<>();
        for (int i = 0; i < 501; i++) {
            many.add(new Advertising(NOW + i, 1, ""));
        }
        assertThat(refused(new NoticeCue.ListNotices(many), NOW)).contains("500");
    }

    /** Against looking at every second of three hours, with any plan, list and deeds; and whatever is stored and read. */
    @Test
    void whatIsToldFollowsFromWhatIsOn() {
        Random random = new Random(32);
        for (int round = 0; round < 25; round++) {
            show = Show.QUIET;
            int length = 10 + random.nextInt(120);
            int warning = random.nextInt(90);
            cue(new NoticeCue.PlanNotices(random.nextInt(20), 5 + random.nextInt(20), length, warning), NOW);
            cue(new NoticeCue.BeginNotices(true), NOW);
            List<Advertising> listed = new ArrayList<>();
            for (int i = 0; i < random.nextInt(4); i++) {
                listed.add(new Advertising(NOW + random.nextInt(180) * MINUTE, 1 + random.nextInt(90), ""));
            }
            cue(new NoticeCue.ListNotices(listed.isEmpty() ? List.of(new Advertising(NOW, 1, "")) : listed), NOW);
            if (random.nextBoolean()) {
                cue(new NoticeCue.SkipNotice(), NOW);
            }
            show = Json.read(Json.write(show), Show.class);
            List<Advertising> all = show.notices().between(NOW, NOW + 180 * MINUTE);
            Optional<Notice> before = told(NOW);
            OptionalLong next = show.notices().next(NOW);
            for (long at = NOW; at < NOW + 170 * MINUTE; at += SECOND) {
                long now = at;
                boolean on = all.stream().anyMatch(one -> one.from() <= now && now < one.until());
                boolean soon = all.stream().anyMatch(one -> one.from() - warning * SECOND <= now && now < one.from());
                Optional<Notice> told = show.notices().told(at);
                assertThat(told.isPresent())
                        .as("round %d, %d s", round, (at - NOW) / SECOND)
                        .isEqualTo(on || soon);
                told.ifPresent(notice -> assertThat(notice.running()).isEqualTo(on));
                if (!told.equals(before)) {
                    assertThat(next)
                            .as("it was known when something else is told")
                            .hasValue(at);
                }
                if (next.isPresent() && next.getAsLong() <= at) {
                    next = show.notices().next(at);
                }
                before = told;
            }
        }
    }

    /** Only the notice is drawn, and only while there is one. */
    @Test
    void thePieceIsEmptyWhileThereIsNone() {
        Theme demo = ReedlightHide.theme();
        List<Piece> pieces = new ArrayList<>(demo.pieces());
        pieces.add(Piece.of("ad", PieceKind.AD_NOTICE, "Advertising"));
        Theme theme = demo.withPieces(pieces);
        Scene scene = Scene.of("live", "Live", SceneRole.LIVE, List.of(Placed.in(Zone.TOP, "ad")));
        Resolver resolver = new Resolver(theme.withScenes(List.of(scene)));
        LiveState quiet = new LiveState(Readings.NONE, Tables.NONE, Show.QUIET, Optional.empty());
        LiveState on = quiet.noticing(Optional.of(new Notice(true, NOW + MINUTE, MINUTE)));
        assertThat(resolver.resolve(scene, theme.canvases().getFirst(), quiet)
                        .placements()
                        .getFirst()
                        .art()
                        .marks())
                .isEmpty();
        assertThat(resolver.resolve(scene, theme.canvases().getFirst(), on)
                        .placements()
                        .getFirst()
                        .art()
                        .marks())
                .isNotEmpty();
        assertThat(resolver.differs(scene, quiet, on)).isTrue();
        assertThat(resolver.differs(scene, on, on)).isFalse();
    }
}
