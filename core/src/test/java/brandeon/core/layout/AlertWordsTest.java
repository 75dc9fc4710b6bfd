package brandeon.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.art.Families;
import brandeon.core.art.Mark;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.kind.PieceKind;
import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.platform.Profile;
import brandeon.core.platform.Profiles;
import brandeon.core.publish.Alone;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Starter;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever somebody is called, viewers read what happened. */
class AlertWordsTest {

    private static final Profile ALDER = Profiles.shipped("alder").orElseThrow();
    private static final AlertRule RULE = AlertRule.of(
            SignalKind.RAID,
            true,
            "A raid by {name}",
            "{name} raided with {amount, plural, one {# viewer} other {# viewers}}",
            8);

    static Stream<Arguments> familiesAndNames() {
        return Families.all().stream()
                .flatMap(family -> Stream.of(
                                "W".repeat(60),
                                "👨‍👩‍👧‍👦".repeat(20),
                                "שלום".repeat(15),
                                "مرحبا بكم في المخبأ ".repeat(3).strip(),
                                "Ḁ̵̢̛͓̪ḁ̵".repeat(12),
                                "a name of several words that goes on and on, and then some")
                        .map(name -> Arguments.of(family.id(), name)));
    }

    @ParameterizedTest
    @MethodSource("familiesAndNames")
    void aNameIsShortenedAndWhatHappenedIsNot(String family, String name) {
        Theme theme = Starter.theme("Names").withFamily(family).withAlerts(List.of(RULE));
        Signal signal = Signal.of("1", SignalKind.RAID, name, 0, "", 1234, 0);
        for (Size size : List.of(Size.of(1280, 720), Size.of(1080, 1920), Size.of(3840, 2160), Size.of(1080, 1080))) {
            Canvas canvas = Canvas.of("c", "C", size, 60);
            Alone alone = Alone.announcing(
                    theme,
                    Samples.piece(theme, PieceKind.ANNOUNCER),
                    canvas,
                    LiveState.Shown.of(signal, new AlertSlot(1, 8001), ALDER));
            List<Mark.Text> texts = texts(alone.art().marks()).toList();
            String said = String.join(" ", texts.stream().map(Mark.Text::text).toList());
            assertThat(said.toLowerCase(java.util.Locale.ROOT))
                    .as("%s on %s", family, size)
                    .contains("a raid by")
                    .contains("raided with")
                    .contains("1,234 viewers");
        }
    }

    private static Stream<Mark.Text> texts(List<Mark> marks) {
        return marks.stream().flatMap(mark -> switch (mark) {
            case Mark.Text text -> Stream.of(text);
            case Mark.Group group -> texts(group.marks());
            default -> Stream.of();
        });
    }
}
