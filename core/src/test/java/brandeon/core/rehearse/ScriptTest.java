package brandeon.core.rehearse;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.problem.Mistake;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScriptTest {

    @Test
    void aScriptIsTheSameAfterItWasWritten() {
        for (Scripts.Ready ready : Scripts.all()) {
            assertThat(Script.read(ready.script().write())).isEqualTo(ready.script());
        }
    }

    @Test
    void linesNeedNoOrderAndSayOnlyWhatTheyHaveToSay() {
        Script script = Script.read("""
                {"at":3,"signal":"RAID","name":"Saltmarsh Sal","amount":24}

                {"at":0.5,"signal":"FOLLOW","name":"Ilse Fenn"}
                {"at":1,"signal":"TIP","anonymous":true,"amount":500,"currency":"EUR","message":"For the reeds"}
                """);
        assertThat(script.lines())
                .extracting(ScriptLine::signal)
                .containsExactly(SignalKind.FOLLOW, SignalKind.TIP, SignalKind.RAID);
        assertThat(script.seconds()).isEqualTo(3);
        assertThat(script.lines().get(1).data())
                .isEqualTo(Map.of(
                        "amount",
                        500L,
                        "currency",
                        "EUR",
                        "message",
                        "For the reeds",
                        "anonymous",
                        true,
                        "practice",
                        true));
        assertThat(script.write().lines().findFirst().orElseThrow())
                .isEqualTo("{\"at\":0.5,\"signal\":\"FOLLOW\",\"name\":\"Ilse Fenn\"}");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '~',
            value = {
                "{\"at\":1,\"signal\":\"APPLAUSE\",\"name\":\"Ilse\"}; Line 2",
                "{\"at\":-1,\"signal\":\"FOLLOW\",\"name\":\"Ilse\"}; 12 hours",
                "{\"at\":1e9,\"signal\":\"FOLLOW\",\"name\":\"Ilse\"}; 12 hours",
                "{\"at\":1,\"signal\":\"FOLLOW\"}; no name",
                "{\"at\":1,\"name\":\"Ilse\"}; no signal",
                "{\"at\":1,\"signal\":\"TIP\",\"name\":\"Ilse\",\"amount\":5}; currency",
                "{\"at\":1,\"signal\":\"RAID\",\"name\":\"Ilse\",\"amount\":-5}; 0 or more",
                "{\"at\":1,\"signal\":\"FOLLOW\",\"name\":\"Ilse\",\"colour\":\"red\"}; colour",
                "[1]; no object",
                "{\"at\":1; Line 2"
            })
    void whatIsWrongIsToldWithItsLine(String line, String reason) {
        assertThatThrownBy(() -> Script.read("{\"at\":0,\"signal\":\"FOLLOW\",\"name\":\"Ilse\"}\n" + line))
                .isInstanceOf(Mistake.class)
                .hasMessageStartingWith("Line 2: ")
                .hasMessageContaining(reason.strip());
    }

    @Test
    void nothingAndFarTooMuchAreRefused() {
        assertThatThrownBy(() -> Script.read("\n \n")).hasMessageContaining("at least one");
        String line = "{\"at\":0,\"signal\":\"FOLLOW\",\"name\":\"Ilse\"}\n";
        assertThat(Script.read(line.repeat(Script.MOST)).lines()).hasSize(Script.MOST);
        assertThatThrownBy(() -> Script.read(line.repeat(Script.MOST + 1))).hasMessageContaining("20,000");
    }

    @Test
    void anEveningBecomesAScriptThatBeginsWithItsFirstSignal() {
        Script script = Script.of(List.of(
                Signal.of("b", SignalKind.RAID, "Sal", 0, "", 24, 61_500),
                Signal.of("a", SignalKind.RENEWAL, "Ilse", 7, "2", 0, 60_000)));
        assertThat(script.lines())
                .containsExactly(
                        ScriptLine.of(0, SignalKind.RENEWAL, "Ilse").supporting(7, "2"),
                        ScriptLine.of(1.5, SignalKind.RAID, "Sal").amounting(24));
    }

    @Test
    void theStormHoldsWhatItSays() {
        Script storm = Scripts.find("storm").orElseThrow().script();
        Map<SignalKind, Long> counts =
                storm.lines().stream().collect(Collectors.groupingBy(ScriptLine::signal, Collectors.counting()));
        assertThat(counts)
                .containsEntry(SignalKind.FOLLOW, 400L)
                .containsEntry(SignalKind.RAID, 1L)
                .containsEntry(SignalKind.TIP, 3L)
                .containsEntry(SignalKind.GIFTED_SUBSCRIPTIONS, 1L);
        assertThat(storm.lines().stream()
                        .filter(line -> line.signal() == SignalKind.FOLLOW)
                        .mapToDouble(ScriptLine::at)
                        .summaryStatistics()
                        .getMax())
                .isLessThanOrEqualTo(65);
    }
}
