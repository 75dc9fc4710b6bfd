package brandeon.core.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import brandeon.core.layout.Samples;
import brandeon.core.motion.Run;
import brandeon.core.table.Tables;
import brandeon.core.text.Money;
import brandeon.core.theme.Piece;
import java.util.Currency;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a goal says of how far it is. */
class AimTest {

    private static Showing goal(Map<String, Content> content, Map<String, Double> figures, Map<String, Object> values) {
        Map<String, Content> all = new HashMap<>(Map.of("value", Content.Count.of("subscribers")));
        all.putAll(content);
        Piece piece = Piece.of("g", PieceKind.GOAL, "Goal");
        return new Showing(
                piece.kind().facts(),
                Samples.CANVAS,
                new brandeon.core.canvas.Box(0, 0, 400, 100),
                brandeon.core.art.Tune.STANDARD,
                all,
                figures,
                values::get,
                Tables.NONE,
                Run.STANDING,
                false,
                () -> "",
                _ -> Optional.empty(),
                Optional::empty,
                Optional.empty());
    }

    /** value, start, target, step; what is written as the target, and how full the bar is. */
    @ParameterizedTest
    @CsvSource({
        "0, 0, 100, 0, 100, 0",
        "25, 0, 100, 0, 100, 0.25",
        "130, 100, 200, 0, 200, 0.3",
        "250, 0, 200, 0, 200, 1",
        "199, 0, 200, 50, 200, 0.995",
        "200, 0, 200, 50, 250, 0",
        "260, 0, 200, 50, 300, 0.2",
        "12500, 0, 10000, 5000, '15,000', 0.5"
    })
    void theNextTargetFollowsWhereOneIsReached(
            long value, double start, double target, double step, String written, double share) {
        Aim aim = Aim.of(
                goal(Map.of(), Map.of("start", start, "target", target, "step", step), Map.of("subscribers", value)));
        assertThat(aim.target()).isEqualTo(written);
        assertThat(aim.share()).isCloseTo(share, offset(1e-9));
    }

    @Test
    void moneyIsAimedAtInItsMainUnit() {
        Aim aim = Aim.of(goal(
                Map.of("value", Content.Count.of("tippedThisMonth")),
                Map.of("target", 200.0),
                Map.of("tippedThisMonth", new Money(5025, Currency.getInstance("EUR")))));
        assertThat(aim.value()).isEqualTo("€50.25");
        assertThat(aim.target()).isEqualTo("€200.00");
        assertThat(aim.share()).isCloseTo(0.25125, offset(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "2026-12-24, Boxes · 26 days left",
        "2026-11-29, Boxes · until tomorrow",
        "2026-11-28, Boxes · last day",
        "2026-11-27, Boxes · ended",
        "'', Boxes"
    })
    void theEndIsToldByTheDayOfTheShow(String until, String label) {
        assertThat(Aim.label(goal(
                        Map.of("label", new Content.Words("Boxes"), "until", new Content.Day(until)),
                        Map.of(),
                        Map.of("day", "2026-11-28"))))
                .isEqualTo(label);
    }
}
