package brandeon.core.move;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.platform.Noun;
import brandeon.core.platform.Profile;
import brandeon.core.platform.Profiles;
import brandeon.core.text.Article;
import brandeon.core.text.Message;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class WordingTest {

    /** Whose words begin with vowels, sound otherwise than they look, or hold an apostrophe. */
    private static final Profile HAZEL = new Profile(
            "hazel",
            "Hazel",
            new Profile.Words(
                    new Noun("insider", "insiders"),
                    new Noun("union", "unions"),
                    "joined in",
                    new Noun("night's outing", "night's outings"),
                    "came out"),
            Map.of(),
            List.of(),
            40,
            List.of());

    private static Profile profile(String id) {
        return id.equals("hazel") ? HAZEL : Profiles.shipped(id).orElseThrow();
    }

    private static Stream<Arguments> table() throws IOException {
        try (InputStream in = WordingTest.class.getResourceAsStream("wording.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(line -> line.split(" \\| "))
                    .map(cells -> Arguments.of((Object[]) cells));
        }
    }

    @ParameterizedTest(name = "{3}: {1}")
    @MethodSource("table")
    void eachSentenceOfTheTableBecomesWhatAPersonWouldWrite(String way, String before, String after, String trap) {
        String[] sides = way.split(" > ");
        String changed = new Wording(profile(sides[0]), profile(sides[1])).change(before);
        assertThat(changed).as(trap).isEqualTo(after.replace("night''s outing of", "night's outing of"));
        assertThat(Message.names(changed)).as("values stay").isEqualTo(Message.names(before));
    }

    @Test
    void theTableHoldsAtLeastSixtyTraps() throws IOException {
        assertThat(table()).hasSizeGreaterThanOrEqualTo(60);
    }

    /** From memory of English usage; common practice, no source. */
    @ParameterizedTest
    @CsvSource(textBlock = """
            owl,       true
            heron,     false
            hour,      true
            honest,    true
            hotel,     false
            union,     false
            unicorn,   false
            uninvited, true
            user,      false
            usher,     true
            umbrella,  true
            European,  false
            one-off,   false
            onset,     true
            MVP,       true
            VIP,       false
            8,         true
            80,        true
            11,        true
            18,        true
            180,       false
            1100,      false
            1,         false
            """)
    void theArticleIsChosenBySound(String next, boolean an) {
        assertThat(Article.isAn(next)).isEqualTo(an);
    }

    @Test
    void aWordWithAnApostropheNeverOpensAQuotation() {
        Profile odd = new Profile(
                "odd",
                "Odd",
                new Profile.Words(
                        new Noun("friend o'", "friends o'"),
                        HAZEL.words().support(),
                        "joined",
                        HAZEL.words().raid(),
                        "came"),
                Map.of(),
                List.of(),
                40,
                List.of());
        String changed = new Wording(profile("alder"), odd).change("subscriber{name}");
        assertThat(new Message(changed).format(Map.of("name", "Wren"))).isEqualTo("friend o'Wren");
    }

    @Test
    void oneWordForSeveralThingsIsSaid() {
        Wording wording = new Wording(profile("cedar"), profile("alder"));
        assertThat(wording.others("a follow at dusk")).contains("subscription", "raid");
        assertThat(wording.others("quiet")).isEmpty();
    }

    @Test
    void oneWordForOneAndSeveralFollowsTheNumber() {
        Profile sheep = new Profile(
                "sheep",
                "Sheep",
                new Profile.Words(
                        new Noun("sheep", "sheep"),
                        HAZEL.words().support(),
                        "x",
                        HAZEL.words().raid(),
                        "y"),
                Map.of(),
                List.of(),
                40,
                List.of());
        Wording wording = new Wording(sheep, profile("alder"));
        assertThat(wording.change("1 sheep, 3 sheep, a sheep")).isEqualTo("1 subscriber, 3 subscribers, a subscriber");
        assertThat(wording.change("{n, plural, one {# sheep} other {# sheep}}"))
                .isEqualTo("{n, plural, one {# subscriber} other {# subscribers}}");
    }

    @Test
    void addressesWithAWordOfTheOldPlatformAreTold() {
        Wording wording = new Wording(profile("alder"), profile("birch"));
        assertThat(wording.left("alder.example/reedlight and !raid, not reeds.example"))
                .containsExactly("alder.example/reedlight", "!raid");
        assertThat(wording.left("raid at dusk")).isEmpty();
    }

    @Test
    void whatIsNoPatternIsChangedAsItStands() {
        assertThat(new Wording(profile("alder"), profile("birch")).change("subscriber {"))
                .isEqualTo("member {");
    }
}
