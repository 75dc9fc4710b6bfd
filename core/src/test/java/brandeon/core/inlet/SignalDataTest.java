package brandeon.core.inlet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.platform.Profile;
import brandeon.core.platform.Profiles;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Money;
import java.util.Currency;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;

class SignalDataTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final Profile BIRCH = Profiles.shipped("birch").orElseThrow();

    private static Signal read(SignalKind kind, String data) {
        return SignalData.read(BIRCH, BIRCH.term(kind).orElseThrow(), JSON.readTree(data), "id", 5);
    }

    @Test
    void everyFieldIsUnderstood() {
        Signal signal = read(SignalKind.PAID_MESSAGE, """
                {"name":"Ilse Fenn","months":7,"level":"Reed","amount":1250,"currency":"eur","message":"Two avocets!",
                 "giftedTo":"Oskar","first":true,"practice":true}""");
        assertThat(signal)
                .isEqualTo(new Signal(
                        "id",
                        "birch",
                        SignalKind.PAID_MESSAGE,
                        "Ilse Fenn",
                        7,
                        "Reed",
                        1250,
                        "EUR",
                        "Two avocets!",
                        "Oskar",
                        false,
                        true,
                        true,
                        5));
        assertThat(signal.values()).containsEntry("money", new Money(1250, Currency.getInstance("EUR")));
    }

    @Test
    void whoDoesNotWantToBeNamedIsNot() {
        Signal signal = read(SignalKind.SUBSCRIPTION, "{\"name\":\"Ilse Fenn\",\"anonymous\":true}");
        assertThat(signal.values()).containsEntry("name", "Somebody").doesNotContainValue("Ilse Fenn");
        assertThat(read(SignalKind.SUBSCRIPTION, "{\"anonymous\":true}").shownName())
                .isEqualTo("Somebody");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            SUBSCRIPTION | {}                                                    | name
            SUBSCRIPTION | {"name":""}                                           | name
            SUBSCRIPTION | {"name":7}                                            | name
            SUBSCRIPTION | []                                                    | object
            SUBSCRIPTION | {"name":"Ilse","months":-1}                           | months
            SUBSCRIPTION | {"name":"Ilse","months":1.5}                          | months
            SUBSCRIPTION | {"name":"Ilse","months":"3"}                          | months
            SUBSCRIPTION | {"name":"Ilse","months":99999}                        | months
            SUBSCRIPTION | {"name":"Ilse","anonymous":"yes"}                     | anonymous
            SUBSCRIPTION | {"name":"Ilse","currency":"EUR"}                      | no money
            PAID_MESSAGE | {"name":"Ilse","amount":500}                          | ISO 4217
            PAID_MESSAGE | {"name":"Ilse","amount":500,"currency":"XYZ"}         | XYZ
            PAID_MESSAGE | {"name":"Ilse","amount":500,"currency":"CHF"}         | EUR, GBP, JPY, USD
            PAID_MESSAGE | {"name":"Ilse","amount":99999999999,"currency":"EUR"} | amount
            RAID         | {"name":"Ilse","amount":18446744073709551616}         | amount
            """)
    void whatIsWrongIsNamed(SignalKind kind, String data, String says) {
        assertThatThrownBy(() -> read(kind, data)).isInstanceOf(Mistake.class).hasMessageContaining(says);
    }

    @Test
    void whatSaysNothingHereIsNamed() {
        assertThat(SignalData.unknown(JSON.readTree("{\"name\":\"Ilse\",\"mesage\":\"hi\",\"\u202Ecolour\":1}")))
                .containsExactly("colour", "mesage");
    }

    /** Letters as readers count them: Unicode Standard Annex 29, whose family of four is one. */
    @Test
    void textsAreMeasuredAsReadersCount() {
        String family = "👨‍👩‍👧‍👦";
        assertThat(read(SignalKind.SUBSCRIPTION, "{\"name\":\"" + family.repeat(80) + "\"}")
                        .name())
                .isEqualTo(family.repeat(80));
        assertThatThrownBy(() -> read(SignalKind.SUBSCRIPTION, "{\"name\":\"" + family.repeat(81) + "\"}"))
                .hasMessageContaining("80");
        assertThatThrownBy(() -> read(SignalKind.SUBSCRIPTION, "{\"name\":\"a" + "\u0301".repeat(9000) + "\"}"))
                .as("one letter under a heap of marks")
                .hasMessageContaining("80");
        assertThatThrownBy(
                        () -> read(SignalKind.SUBSCRIPTION, "{\"name\":\"I\",\"message\":\"" + "x".repeat(501) + "\"}"))
                .hasMessageContaining("500");
    }

    /** The characters of Unicode Standard Annex 9 that would turn round what stands after the name. */
    @Test
    void nobodysNameTurnsRoundTheWordsAfterIt() {
        assertThat(read(SignalKind.SUBSCRIPTION, "{\"name\":\"Il\u202Ese\u2066 \\u0007Fenn\\n\"}")
                        .name())
                .isEqualTo("Ilse Fenn");
        assertThat(read(SignalKind.SUBSCRIPTION, "{\"name\":\"עדי\"}").name()).isEqualTo("עדי");
        assertThatThrownBy(() -> read(SignalKind.SUBSCRIPTION, "{\"name\":\"\u202E\u2066\"}"))
                .hasMessageContaining("name");
    }
}
