package brandeon.core.move;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.platform.Profile;
import brandeon.core.platform.Profiles;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MoveTest {

    private static final Profile ALDER = Profiles.shipped("alder").orElseThrow();
    private static final Profile BIRCH = Profiles.shipped("birch").orElseThrow();
    private static final Profile CEDAR = Profiles.shipped("cedar").orElseThrow();

    private static final Theme THEME = ReedlightHide.theme();
    private final MovePlan plan = MovePlan.of(THEME, ALDER, BIRCH);

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
            Raid at dusk on Alder                 | Redirect at dusk on Birch
            A subscription, two subscriptions     | A membership, two memberships
            ALDER                                 | BIRCH
            """)
    void wholeWordsChangeAndNamesOfValuesDoNot(String before, String after) {
        assertThat(new Wording(ALDER, BIRCH).change(before)).isEqualTo(after);
    }

    @Test
    void everySignalOfBothPlatformsIsAccountedFor() {
        for (SignalKind kind : SignalKind.values()) {
            boolean known = ALDER.term(kind).isPresent() || BIRCH.term(kind).isPresent();
            assertThat(plan.signals().stream()
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
        Theme moved = plan.moved();
        assertThat(moved.piece("supporter").orElseThrow().content("label"))
                .isEqualTo(new Content.Words("Latest member"));
        assertThat(moved.alert("subscription").orElseThrow().kicker()).isEqualTo("New member");
        assertThat(moved.alert("follow")).map(AlertRule::on).contains(false);
        assertThat(moved.alert("paid-message")).map(AlertRule::on).contains(true);
        assertThat(MovePlan.of(moved, ALDER, BIRCH).texts())
                .as("nothing of the old wording is left")
                .allMatch(line -> line.proposed().equals(line.before()));
    }

    @Test
    void theOldThemeAndEverythingButWordsAndAlertsStaysTheSame() {
        Theme moved = plan.moved();
        assertThat(moved.brand()).isEqualTo(THEME.brand());
        assertThat(moved.scenes())
                .extracting(Scene::stack)
                .isEqualTo(THEME.scenes().stream().map(Scene::stack).toList());
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

    @Test
    void wordsThatBothPlatformsShareStayAsTheyAre() {
        assertThat(new Wording(ALDER, ALDER).change("Subscribers of Alder, raid!"))
                .isEqualTo("Subscribers of Alder, raid!");
        assertThat(new Wording(BIRCH, CEDAR).change("a member became a member and m"))
                .as("the longer words first, and a letter is no word")
                .isEqualTo("a follower followed and m");
    }

    @Test
    void oneLetterInCapitalsIsAWordThatBeginsWithOne() {
        // Of the words of the stand-ins none is so short; a title of one letter would be.
        assertThat(new Wording(ALDER, BIRCH).change("Raid RAID raid")).isEqualTo("Redirect REDIRECT redirect");
    }

    @Test
    void eachLineSaysWhatBothSidesCallTheSignal() {
        assertThat(plan.signals())
                .extracting(MovePlan.SignalLine::kind, MovePlan.SignalLine::fromWord, MovePlan.SignalLine::toWord)
                .contains(
                        tuple(SignalKind.SUBSCRIPTION, "subscription", "membership"),
                        tuple(SignalKind.FOLLOW, "follow", ""),
                        tuple(SignalKind.PAID_MESSAGE, "", "paid message"),
                        tuple(SignalKind.RAID, "raid", "redirect"));
        assertThat(plan.signals())
                .filteredOn(line -> line.kind() == SignalKind.FOLLOW)
                .allMatch(line -> line.note().contains("Birch does not send this"));
        assertThat(plan.signals())
                .filteredOn(line -> line.kind() == SignalKind.PAID_MESSAGE)
                .allMatch(line -> line.note().contains("Birch adds this"));
        MovePlan toCedar = MovePlan.of(THEME, ALDER, CEDAR);
        assertThat(toCedar.signals())
                .filteredOn(line -> line.fate() == MovePlan.Fate.KEPT)
                .extracting(MovePlan.SignalLine::kind)
                .containsExactly(SignalKind.FOLLOW, SignalKind.CHAT);
        assertThat(toCedar.signals())
                .as("what neither sends is no line")
                .noneMatch(line -> line.kind() == SignalKind.PAID_MESSAGE);
    }

    @Test
    void everyTextThatChangesIsListedAndNoOther() {
        assertThat(plan.texts())
                .extracting(MovePlan.TextLine::before, MovePlan.TextLine::after)
                .contains(tuple("Latest subscriber", "Latest member"));
        assertThat(plan.texts())
                .as("what does not change says why it is listed")
                .allMatch(line ->
                        !line.before().equals(line.after()) || !line.note().isEmpty());
        assertThat(plan.texts()).anyMatch(line -> line.place().startsWith("Alert for subscription"));
        assertThat(MovePlan.of(THEME, ALDER, ALDER).texts()).isEmpty();
    }

    @Test
    void alertsForWhatOnlyTheNewPlatformHasAreOfferedOnceAndSaySomething() {
        Theme moved = MovePlan.of(THEME, ALDER, CEDAR).moved();
        AlertRule goods = moved.alert("goods").orElseThrow();
        for (Map.Entry<Long, String> said :
                Map.of(1L, "Wren gave 1 cone", 4L, "Wren gave 4 cones").entrySet()) {
            Signal signal = Signal.of("1", SignalKind.GOODS, "Wren", 0, "", said.getKey(), 0);
            assertThat(goods.textFor(
                            LiveState.Shown.of(signal, new AlertSlot(0, 1), CEDAR)
                                    .values(),
                            1))
                    .isEqualTo(said.getValue());
        }
        Theme back = MovePlan.of(moved, CEDAR, ALDER).moved();
        assertThat(back.alerts()).extracting(AlertRule::kind).doesNotHaveDuplicates();
    }

    private MovePlan.Fate fate(SignalKind kind) {
        return plan.signals().stream()
                .filter(line -> line.kind() == kind)
                .findFirst()
                .orElseThrow()
                .fate();
    }
}
