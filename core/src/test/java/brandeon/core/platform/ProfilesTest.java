package brandeon.core.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.problem.Mistake;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProfilesTest {

    private static final String ELM = """
            {
              "format": "brandeon-profile",
              "version": 1,
              "id": "elm",
              "title": "Elm",
              "words": {
                "supporter": { "one": "patron", "other": "patrons" },
                "support": { "one": "pledge", "other": "pledges" },
                "supported": "pledged",
                "raid": { "one": "visit", "other": "visits" },
                "raided": "visited"
              },
              "signals": [
                { "kind": "FOLLOW", "type": "elm.follow", "noun": { "one": "follow", "other": "follows" }, "verb": "followed" },
                { "kind": "TIP", "type": "elm.tip", "noun": { "one": "tip", "other": "tips" }, "verb": "tipped", "currencies": ["EUR"] },
                { "kind": "RAID", "type": "elm.visit", "noun": { "one": "visit", "other": "visits" }, "verb": "visited", "unit": { "one": "viewer", "other": "viewers" } }
              ],
              "longestName": 30
            }
            """;

    @Test
    void threeComeAlongWithWordsOfTheirOwn() {
        assertThat(Profiles.shipped()).extracting(Profile::title).containsExactly("Alder", "Birch", "Cedar");
        Profile birch = Profiles.shipped("birch").orElseThrow();
        assertThat(birch.words().supporter().of(2)).isEqualTo("members");
        assertThat(birch.term(SignalKind.FOLLOW)).isEmpty();
        assertThat(birch.termOf("birch.redirect")).map(Profile.Term::kind).contains(SignalKind.RAID);
        assertThat(birch.termOf("alder.follow")).isEmpty();
        assertThat(Profiles.shipped("elm")).isEmpty();
    }

    @Test
    void whatIsWrittenReadsAsItWas() {
        for (Profile profile : Profiles.shipped()) {
            assertThat(Profiles.read(Profiles.write(profile))).isEqualTo(profile);
        }
        assertThat(Profiles.read(Profiles.write(Profiles.read(ELM)))).isEqualTo(Profiles.read(ELM));
    }

    @Test
    void theSchemaIsPublishedAsItIsUsed() throws IOException {
        assertThat(Files.readString(Path.of("../docs/profile.schema.json"))).isEqualTo(Profiles.schemaText());
    }

    @Test
    void theSchemaKnowsEveryKind() {
        String kinds = Stream.of(SignalKind.values())
                .map(kind -> "\"" + kind.name() + "\"")
                .collect(Collectors.joining(", "));
        assertThat(Profiles.schemaText().replaceAll("\\s+", " ")).contains(kinds.replace(", ", ", "));
    }

    /** The line is where somebody who reads the document would look. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            "id": "elm"             | "id": "Elm Street"                  | 4  | id
            "title": "Elm",         | "title": "",                        | 5  | title
            "one": "patron"         | "one": 7                            | 7  | one
            "kind": "TIP"           | "kind": "APPLAUSE"                  | 15 | kind
            "kind": "TIP"           | "kind": "FOLLOW"                    | 15 | FOLLOW stands there twice
            "elm.tip"               | "elm.follow"                        | 15 | elm.follow
            ["EUR"]                 | ["EUR", "REE"]                      | 15 | “REE” is no currency
            "unit": {               | "units": {                          | 16 | units
            "longestName": 30       | "longestName": 900                  | 18 | longestName
            "longestName": 30       | "longestName": 30, "colour": "red"  | 1  | colour
            "version": 1            | "version": 2                        | 3  | version
            "verb": "followed" }    | "verb": "followed" ],               | 14 |
            """)
    void aMistakeIsToldWithItsLine(String right, String wrong, int line, String says) {
        String document =
                ELM.replaceFirst(java.util.regex.Pattern.quote(right), java.util.regex.Matcher.quoteReplacement(wrong));
        List<Profiles.Flaw> flaws = Profiles.flaws(document);
        assertThat(flaws)
                .as(wrong)
                .isNotEmpty()
                .allSatisfy(flaw ->
                        assertThat(flaw.sentence()).isNotBlank().doesNotContain("tools.jackson", "com.networknt"));
        assertThat(flaws).as(wrong).anySatisfy(flaw -> {
            assertThat(flaw.line()).isEqualTo(line);
            assertThat(flaw.sentence()).contains(says == null ? "" : says);
        });
        assertThatThrownBy(() -> Profiles.read(document))
                .isInstanceOf(Mistake.class)
                .hasMessageContaining("Line " + line + ": ");
    }

    @Test
    void whatIsNoProfileAtAllIsRefused() {
        for (String wrong : List.of(
                "",
                "null",
                "[]",
                "7",
                "{}",
                "not json",
                "{\"format\":\"brandeon-theme\"}",
                "[".repeat(5000),
                "\"" + "x".repeat(Profiles.LONGEST) + "\"",
                ELM.replace("Elm", "E\u0000lm"))) {
            assertThat(Profiles.flaws(wrong))
                    .as(wrong.substring(0, Math.min(20, wrong.length())))
                    .isNotEmpty();
        }
    }

    /** Whatever stands in it, it is taken or refused with a sentence. */
    @Test
    void noDamagedDocumentFails() {
        SplittableRandom random = new SplittableRandom(4);
        for (int i = 0; i < 2000; i++) {
            StringBuilder damaged = new StringBuilder(ELM);
            for (int k = 0; k <= random.nextInt(3); k++) {
                int at = random.nextInt(damaged.length());
                switch (random.nextInt(3)) {
                    case 0 -> damaged.deleteCharAt(at);
                    case 1 -> damaged.setCharAt(at, (char) random.nextInt(1, 0x10000));
                    default -> damaged.insert(at, "{}[],:\"0".charAt(random.nextInt(8)));
                }
            }
            if (Profiles.flaws(damaged.toString()).isEmpty()) {
                Profile read = Profiles.read(damaged.toString());
                assertThat(Profiles.read(Profiles.write(read))).isEqualTo(read);
            }
        }
    }

    @Test
    void aSignalIsToldInThePlatformsWords() {
        Profile elm = Profiles.read(ELM);
        Signal one = Signal.of("1", SignalKind.RAID, "Ilse Fenn", 0, "", 1, 0);
        Signal many = Signal.of("2", SignalKind.RAID, "Ilse Fenn", 0, "", 12, 0);
        assertThat(elm.values(one))
                .containsEntry("unit", "viewer")
                .containsEntry("what", "visit")
                .containsEntry("did", "visited");
        assertThat(elm.values(many)).containsEntry("unit", "viewers").containsEntry("supporters", "patrons");
        assertThat(Profile.ALERT_TYPES.keySet()).containsAll(elm.values(one).keySet());
        // What the platform lacks is told in words that fit every platform.
        assertThat(elm.values(Signal.of("3", SignalKind.GOODS, "Ilse Fenn", 0, "", 2, 0)))
                .containsEntry("what", "goods")
                .containsEntry("did", "gave");
        for (SignalKind kind : SignalKind.values()) {
            assertThat(Profiles.PLAIN.termOrPlain(kind).verb()).isNotBlank();
        }
    }
}
