package brandeon.core.inlet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.platform.Profile;
import brandeon.core.platform.Profiles;
import brandeon.core.problem.Mistake;
import java.time.Instant;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class MappingTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final Profile ALDER = Profiles.shipped("alder").orElseThrow();

    /** A body that nobody here thought of. */
    private static final String TIP_JAR = """
            {"event":{"type":"donation.new","ref":"d-77"},
             "donor":{"display":"Ilse Fenn","hidden":false},
             "gift":{"value":"12.50","cur":"eur"},
             "note":"For the lens cloth","when":"2026-11-27T20:15:00+01:00","tags":["live",3]}""";

    private static final Mapping MAPPING = new Mapping(
            "/event/type",
            Map.of("donation.new", SignalKind.TIP, "shop.order", SignalKind.PURCHASE),
            SignalKind.TIP,
            Map.of(
                    "name", "/donor/display",
                    "anonymous", "/donor/hidden",
                    "amount", "/gift/value",
                    "currency", "/gift/cur",
                    "message", "/note"),
            Map.of(),
            true,
            "/event/ref",
            "/when");

    private static Signal signal(Mapping mapping, String body) {
        Mapping.Mapped mapped = mapping.of(JSON.readTree(body));
        return mapped.signal(ALDER, "id", mapped.at().map(Instant::toEpochMilli).orElse(5L));
    }

    private static Mapping with(Map<String, String> fields, Map<String, String> fixed) {
        return new Mapping("", Map.of(), SignalKind.TIP, fields, fixed, true, "", "");
    }

    @Test
    void aForeignBodyBecomesASignal() {
        Signal tip = signal(MAPPING, TIP_JAR);
        assertThat(tip.kind()).isEqualTo(SignalKind.TIP);
        assertThat(tip.name()).isEqualTo("Ilse Fenn");
        assertThat(tip.amount()).isEqualTo(1250);
        assertThat(tip.currency()).isEqualTo("EUR");
        assertThat(tip.message()).isEqualTo("For the lens cloth");
        assertThat(tip.anonymous()).isFalse();
        assertThat(tip.at()).isEqualTo(Instant.parse("2026-11-27T19:15:00Z").toEpochMilli());
        assertThat(MAPPING.of(JSON.readTree(TIP_JAR)).id()).isEqualTo("d-77");
        // What Alder itself lacks is taken all the same: another service tells of it.
        assertThat(signal(MAPPING, TIP_JAR.replace("donation.new", "shop.order"))
                        .kind())
                .isEqualTo(SignalKind.PURCHASE);
    }

    @Test
    void pointersAreThoseOfTheStandard() {
        String document = """
                {"foo":["bar","baz"],"":0,"a/b":1,"c%d":2,"e^f":3,"g|h":4,"i\\\\j":5,"k\\"l":6," ":7,"m~n":8}""";
        // RFC 6901, section 5: the pointer and what it evaluates to.
        Map<String, String> examples = Map.of(
                "/foo/0", "bar", "/", "0", "/a~1b", "1", "/c%d", "2", "/e^f", "3", "/g|h", "4", "/i\\j", "5", "/k\"l",
                "6", "/ ", "7", "/m~0n", "8");
        examples.forEach((pointer, value) -> assertThat(signal(with(Map.of("name", pointer), Map.of()), document)
                        .name())
                .as(pointer)
                .isEqualTo(value));
        assertThatThrownBy(() -> with(Map.of("name", "foo"), Map.of()))
                .isInstanceOf(Mistake.class)
                .hasMessageContaining("slash");
    }

    @Test
    void moneyComesInTheMainUnitOrTheSmallest() {
        Map<String, String> fields = Map.of("name", "/n", "amount", "/a", "currency", "/c");
        Mapping main = new Mapping("", Map.of(), SignalKind.TIP, fields, Map.of(), true, "", "");
        Mapping minor = new Mapping("", Map.of(), SignalKind.TIP, fields, Map.of(), false, "", "");
        assertThat(signal(main, "{\"n\":\"I\",\"a\":5,\"c\":\"EUR\"}").amount()).isEqualTo(500);
        assertThat(signal(main, "{\"n\":\"I\",\"a\":4.99,\"c\":\"EUR\"}").amount())
                .isEqualTo(499);
        assertThat(signal(main, "{\"n\":\"I\",\"a\":\"1e2\",\"c\":\"GBP\"}").amount())
                .isEqualTo(10_000);
        assertThat(signal(minor, "{\"n\":\"I\",\"a\":499,\"c\":\"EUR\"}").amount())
                .isEqualTo(499);
        assertThatThrownBy(() -> signal(main, "{\"n\":\"I\",\"a\":4.999,\"c\":\"EUR\"}"))
                .hasMessageContaining("digits");
        assertThatThrownBy(() -> signal(minor, "{\"n\":\"I\",\"a\":4.99,\"c\":\"EUR\"}"))
                .hasMessageContaining("main unit");
        // ISO 4217: the yen has no smaller unit.
        Profile any = new Profile(
                "any", "Any", ALDER.words(), java.util.Map.of(), java.util.List.of(), 80, java.util.List.of());
        assertThat(main.of(JSON.readTree("{\"n\":\"I\",\"a\":500,\"c\":\"JPY\"}"))
                        .signal(any, "id", 0)
                        .amount())
                .isEqualTo(500);
    }

    @Test
    void whatIsNotPointedAtMayBeFixed() {
        Signal signal =
                signal(with(Map.of("amount", "/a"), Map.of("name", "A friend", "currency", "EUR")), "{\"a\":3}");
        assertThat(signal.name()).isEqualTo("A friend");
        assertThat(signal.amount()).isEqualTo(300);
        assertThat(signal(with(Map.of("name", "/gone"), Map.of("name", "A friend")), "{}")
                        .name())
                .as("where nothing stands there")
                .isEqualTo("A friend");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            {"event":{}}                                                             | /event/type
            {"event":{"type":"follow.new"}}                                          | follow.new
            {"event":{"type":"donation.new"}}                                        | name
            {"event":{"type":"donation.new"},"donor":{"display":"I"},"gift":{"value":"much","cur":"EUR"}} | much
            {"event":{"type":"donation.new"},"donor":{"display":"I"},"gift":{"value":"5"}} | currency
            {"event":{"type":"donation.new"},"donor":{"display":["I"]}}              | name
            {"event":{"type":"donation.new"},"donor":{"display":"I"},"when":"tomorrow"} | tomorrow
            {"event":{"type":"donation.new"},"donor":{"display":"I"},"gift":{"value":1e400,"cur":"EUR"}} | amount
            []                                                                       | /event/type
            7                                                                        | /event/type
            """)
    void whatIsMissingIsNamed(String body, String says) {
        assertThatThrownBy(() -> signal(MAPPING, body))
                .isInstanceOf(Mistake.class)
                .hasMessageContaining(says);
    }

    @Test
    void timesAreTextsOrNumbers() {
        Mapping mapping = new Mapping("", Map.of(), SignalKind.FOLLOW, Map.of("name", "/n"), Map.of(), false, "", "/t");
        assertThat(signal(mapping, "{\"n\":\"I\",\"t\":1764270900}").at()).isEqualTo(1_764_270_900_000L);
        assertThat(signal(mapping, "{\"n\":\"I\",\"t\":1764270900.5}").at()).isEqualTo(1_764_270_900_500L);
        assertThat(signal(mapping, "{\"n\":\"I\",\"t\":1764270900123}").at()).isEqualTo(1_764_270_900_123L);
        assertThat(signal(mapping, "{\"n\":\"I\",\"t\":null}").at()).as("now").isEqualTo(5);
    }

    /** Whatever comes, it is a signal or a sentence. */
    @Test
    void noBodyFails() {
        SplittableRandom random = new SplittableRandom(9);
        String[] values = {
            "null", "true", "-1", "1e9", "\"x\"", "[]", "{}", "\"2026-11-27T20:15:00Z\"", "99999999999999999999", "\"\""
        };
        for (int i = 0; i < 5000; i++) {
            String body = "{\"event\":{\"type\":\"donation.new\",\"ref\":" + values[random.nextInt(values.length)]
                    + "},\"donor\":{\"display\":" + values[random.nextInt(values.length)] + ",\"hidden\":"
                    + values[random.nextInt(values.length)] + "},\"gift\":{\"value\":"
                    + values[random.nextInt(values.length)] + ",\"cur\":" + values[random.nextInt(values.length)]
                    + "},\"note\":" + values[random.nextInt(values.length)] + ",\"when\":"
                    + values[random.nextInt(values.length)] + "}";
            JsonNode node = JSON.readTree(body);
            try {
                assertThat(MAPPING.of(node).signal(ALDER, "id", 0).kind()).isEqualTo(SignalKind.TIP);
            } catch (Mistake e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }
}
