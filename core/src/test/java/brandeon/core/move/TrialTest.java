package brandeon.core.move;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.live.AlertRule;
import brandeon.core.live.SignalKind;
import brandeon.core.live.When;
import brandeon.core.move.Trial.AlertTry;
import brandeon.core.move.Trial.ValueTry;
import brandeon.core.platform.Profile;
import brandeon.core.platform.Profiles;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.core.theme.ThemeEdit;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TrialTest {

    private static final Profile ALDER = Profiles.shipped("alder").orElseThrow();
    private static final Profile BIRCH = Profiles.shipped("birch").orElseThrow();
    private static final Theme DEMO = ReedlightHide.theme();
    private static final Theme MOVED = MovePlan.of(DEMO, ALDER, BIRCH).moved();

    private static AlertTry alert(Trial trial, String rule) {
        return trial.alerts().stream()
                .filter(one -> one.rule().equals(rule))
                .findFirst()
                .orElseThrow(() -> new AssertionError(rule + " is not in " + trial.alerts()));
    }

    private static ValueTry value(Trial trial, String piece, String shows) {
        return trial.values().stream()
                .filter(one -> one.piece().equals(piece) && one.shows().equals(shows))
                .findFirst()
                .orElseThrow(() -> new AssertionError(piece + " is not in " + trial.values()));
    }

    @Test
    void everySignalOfTheNewPlatformIsPlayed() {
        Trial trial = Trial.of(MOVED, BIRCH, Optional.of(ALDER));
        assertThat(trial.alerts())
                .extracting(AlertTry::kind)
                .containsOnly(
                        SignalKind.SUBSCRIPTION,
                        SignalKind.RENEWAL,
                        SignalKind.PAID_MESSAGE,
                        SignalKind.RAID,
                        SignalKind.PURCHASE);
        assertThat(trial.alerts()).allMatch(AlertTry::right);
        AlertTry subscription = alert(trial, "subscription");
        assertThat(subscription.said()).isEqualTo("New member · Tavi Brook became a member");
        assertThat(subscription.seen()).containsExactly("Starting", "Hide", "Field desk", "Away", "Closing");
        assertThat(subscription.sound()).isEqualTo("reed");
    }

    @Test
    void wordsOfTheOldPlatformAreFound() {
        Trial trial = Trial.of(DEMO, BIRCH, Optional.of(ALDER));
        assertThat(alert(trial, "subscription").oldWords()).contains("New subscriber");
        assertThat(alert(trial, "subscription").right()).isFalse();
        assertThat(trial.alerts())
                .filteredOn(one -> one.kind() == SignalKind.PAID_MESSAGE)
                .singleElement()
                .matches(one -> one.rule().isEmpty() && !one.reason().isEmpty());
    }

    @Test
    void anAlertThatIsMissingOnASceneIsToldThere() {
        Theme without = MOVED.withScenes(MOVED.scenes().stream()
                .map(scene -> scene.id().equals("away")
                        ? Scene.of(
                                scene.id(),
                                scene.name(),
                                scene.role(),
                                scene.stack().stream()
                                        .filter(placed -> !placed.piece().equals("announcer"))
                                        .toList())
                        : scene)
                .toList());
        AlertTry raid = alert(Trial.of(without, BIRCH, Optional.empty()), "raid");
        assertThat(raid.unseen()).containsExactly("Away");
        assertThat(raid.seen()).doesNotContain("Away");
        Theme nowhere = without.withScenes(without.scenes().stream()
                .filter(scene -> scene.id().equals("away"))
                .toList());
        assertThat(alert(Trial.of(nowhere, BIRCH, Optional.empty()), "raid").right())
                .isFalse();
    }

    @Test
    void aRuleBehindAnotherOneIsToldAndARuleForMuchIsPlayedWithMuch() {
        AlertRule large = AlertRule.of(SignalKind.RAID, true, "Large", "{name} with {amount}", 5)
                .called("large")
                .on(new When(200, 0, "", 0, "", false, false));
        Theme behind = ((Outcome.Applied) Edits.apply(
                        MOVED, new ThemeEdit.AddAlert(large, MOVED.alerts().size())))
                .theme();
        Trial trial = Trial.of(behind, BIRCH, Optional.empty());
        assertThat(alert(trial, "large").said()).isEqualTo("Large · Tavi Brook with 200");
        assertThat(alert(trial, "large").reason()).contains("before it");
        Theme first = ((Outcome.Applied) Edits.apply(MOVED, new ThemeEdit.AddAlert(large, 0))).theme();
        assertThat(alert(Trial.of(first, BIRCH, Optional.empty()), "large").reason())
                .isEmpty();
    }

    @Test
    void eachLiveValueMovesOrIsToldToStand() {
        Trial trial = Trial.of(MOVED, BIRCH, Optional.of(ALDER));
        assertThat(value(trial, "Latest supporter", "latestSubscriber").moved()).isTrue();
        assertThat(value(trial, "Latest supporter", "latestSubscriber").after()).contains("Tavi Brook");
        ValueTry goal = value(trial, "Nest-box goal", "subscribers");
        assertThat(goal.moved()).as(goal.toString()).isTrue();
        assertThat(goal.word()).isEqualTo("membership");
        Trial old = Trial.of(DEMO, BIRCH, Optional.of(ALDER));
        ValueTry follower = value(old, "Latest follower", "latestFollower");
        assertThat(follower.moved()).isFalse();
        assertThat(follower.word()).as("nothing on Birch changes it").isEmpty();
    }

    @Test
    void aLongNameThatIsShortenedIsToldWithItsCanvas() {
        Theme wordy = MOVED;
        for (AlertRule rule : MOVED.alerts(SignalKind.SUBSCRIPTION)) {
            wordy = ((Outcome.Applied) Edits.apply(
                            wordy,
                            new ThemeEdit.SetAlert(rule.worded(
                                    rule.kicker(),
                                    "{name}" + " and all who came along with them tonight".repeat(5),
                                    rule.several()))))
                    .theme();
        }
        Trial trial = Trial.of(wordy, BIRCH, Optional.empty());
        assertThat(alert(trial, "subscription").tight())
                .as("on every scene, so that the canvas says it all")
                .containsExactly("Wide", "Upright", "Recording");
        assertThat(alert(trial, "paid-message").tight()).isEmpty();
    }
}
