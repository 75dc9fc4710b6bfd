package brandeon.core.move;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.live.AlertRule;
import brandeon.core.live.Platform;
import brandeon.core.live.SignalKind;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MoveTest {

    private static final Theme THEME = ReedlightHide.theme();
    private static final MovePlan PLAN = MovePlan.of(THEME, Platform.ALDER, Platform.BIRCH);

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            New subscriber                        | New member
            Latest Subscribers                    | Latest Members
            SUBSCRIBERS                           | MEMBERS
            {name} subscribed                     | {name} became a member
            3 gifted subscriptions                | 3 gifted memberships
            {latestSubscriber}                    | {latestSubscriber}
            {subscriber} raided                   | {subscriber} redirected here
            unsubscribed reeds                    | unsubscribed reeds
            quiet evening                         | quiet evening
            """)
    void wholeWordsChangeAndNamesOfValuesDoNot(String before, String after) {
        assertThat(new Wording(Platform.ALDER, Platform.BIRCH).change(before)).isEqualTo(after);
    }

    @Test
    void everySignalOfBothPlatformsIsAccountedFor() {
        for (SignalKind kind : SignalKind.values()) {
            boolean known = Platform.ALDER.term(kind).isPresent()
                    || Platform.BIRCH.term(kind).isPresent();
            assertThat(PLAN.signals().stream()
                            .filter(line -> line.kind() == kind)
                            .count())
                    .as("%s", kind)
                    .isEqualTo(known ? 1 : 0);
        }
        assertThat(fate(SignalKind.SUBSCRIPTION)).isEqualTo(MovePlan.Fate.REWORDED);
        assertThat(fate(SignalKind.FOLLOW)).isEqualTo(MovePlan.Fate.LOST);
        assertThat(fate(SignalKind.PAID_MESSAGE)).isEqualTo(MovePlan.Fate.NEW);
    }

    @Test
    void theCopySpeaksTheNewPlatformsWords() {
        Theme moved = PLAN.applied(THEME);
        assertThat(moved.piece("supporter").orElseThrow().content("label"))
                .isEqualTo(new Content.Words("Latest member"));
        assertThat(moved.alert(SignalKind.SUBSCRIPTION).orElseThrow().kicker()).isEqualTo("New member");
        assertThat(moved.alert(SignalKind.FOLLOW)).map(AlertRule::on).contains(false);
        assertThat(moved.alert(SignalKind.PAID_MESSAGE)).map(AlertRule::on).contains(true);
        assertThat(MovePlan.of(moved, Platform.ALDER, Platform.BIRCH).texts())
                .as("nothing of the old wording is left")
                .isEmpty();
    }

    @Test
    void theOldThemeAndEverythingButWordsAndAlertsStaysTheSame() {
        Theme moved = PLAN.applied(THEME);
        assertThat(moved.brand()).isEqualTo(THEME.brand());
        assertThat(moved.scenes()).isEqualTo(THEME.scenes());
        assertThat(moved.canvases()).isEqualTo(THEME.canvases());
        assertThat(THEME).isEqualTo(ReedlightHide.theme());
    }

    @Test
    void linksAreReplacedWhereTheyStandAndTheRestIsTold() {
        LinkReplacement.Plan plan = LinkReplacement.plan(
                List.of(
                        new LinkReplacement.Place("Hide", "front", "/o/old1"),
                        new LinkReplacement.Place("Away", "whole", "/o/other"),
                        new LinkReplacement.Place("Desk", "front", "/o/old1")),
                Map.of("/o/old1", "/o/new1", "/o/old2", "/o/new2"));
        assertThat(plan.swaps()).extracting(swap -> swap.place().scene()).containsExactly("Hide", "Desk");
        assertThat(plan.swaps()).allMatch(swap -> swap.newLink().equals("/o/new1"));
        assertThat(plan.absent()).containsExactly("/o/old2");
    }

    private static MovePlan.Fate fate(SignalKind kind) {
        return PLAN.signals().stream()
                .filter(line -> line.kind() == kind)
                .findFirst()
                .orElseThrow()
                .fate();
    }
}
