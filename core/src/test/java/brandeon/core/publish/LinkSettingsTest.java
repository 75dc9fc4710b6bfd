package brandeon.core.publish;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.canvas.Canvas;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.layout.Resolver;
import brandeon.core.show.Held;
import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Theme;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LinkSettingsTest {

    private static final Theme THEME = ReedlightHide.theme();
    private static final Canvas WIDE = THEME.canvas("wide").orElseThrow();

    private static LinkSettings desk(String query) {
        return LinkSettings.read(THEME, "desk", "wide", Part.WHOLE, query);
    }

    private static String painted(LinkSettings set, String scene, LiveState live) {
        return Picture.of(
                        new Resolver(set.theme())
                                .resolve(set.theme().scene(scene).orElseThrow(), WIDE, set.over(live)),
                        Part.WHOLE)
                .layers()
                .stream()
                .map(layer -> layer.piece() + layer.svg())
                .collect(Collectors.joining());
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    @Test
    void whatIsSetCountsForThisSourceAlone() {
        LinkSettings set = desk("guest.size=1.4&guest.opacity=50&guest.mirrored=yes");
        assertThat(set.ignored()).isEmpty();
        assertThat(set.theme().piece("guest").orElseThrow().figure("size")).isEqualTo(1.4);
        Placed guest = set.theme().scene("desk").orElseThrow().placed("guest").orElseThrow();
        assertThat(guest.manner().opacity()).isEqualTo(0.5);
        assertThat(guest.manner().mirrored()).isTrue();
        assertThat(THEME).isEqualTo(ReedlightHide.theme());
    }

    @Test
    void aCardOfThisSourceStaysWhateverTheShowSays() {
        String slot = THEME.piece("guest").orElseThrow().kind().facts().cards().orElseThrow();
        LiveState gone =
                LiveState.QUIET.saying(Map.of("guest", Map.of(slot, new Held.HeldCards(List.of(), 2, false, 0, -1))));
        assertThat(painted(desk("guest.card=1"), "desk", gone)).contains("Oskar Dunlin");
        assertThat(painted(desk("guest.card=oskar+dunlin"), "desk", gone)).contains("Oskar Dunlin");
        assertThat(painted(desk(""), "desk", gone)).doesNotContain("Oskar Dunlin");
    }

    @Test
    void wordsOfThisSourceStandOverThoseOfTheShow() {
        LinkSettings set =
                LinkSettings.read(THEME, "hide", "wide", Part.WHOLE, "band.message=" + encoded("Low & quiet <b>"));
        LiveState live = new LiveState(
                LiveState.QUIET.readings(),
                Show.QUIET.saying(Map.of("band", Map.of("message", new Held.HeldWords("Said by the desk")))),
                Optional.empty());
        assertThat(painted(set, "hide", live))
                .contains("Low &amp; quiet &lt;b")
                .doesNotContain("<b>")
                .doesNotContain("Said by the desk");
    }

    /** The palette is derived anew, so what is guaranteed of a brand holds. */
    @Test
    void aColourKeepsTheGuaranteesOfTheBrand() {
        LinkSettings set = desk("colour1=%23ffee00&colour2=%23fff000");
        assertThat(set.ignored()).isEmpty();
        assertThat(set.broken(THEME)).isEmpty();
        assertThat(set.theme().brand().palette()).isNotEqualTo(THEME.brand().palette());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "guest.size=9           | lies between 0.6 and 1.6",
                "guest.size=            | lies between 0.6 and 1.6",
                "guest.size=NaN         | lies between 0.6 and 1.6",
                "guest.size=1e999       | lies between 0.6 and 1.6",
                "guest.opacity=101      | lies between 0 and 100",
                "guest.mirrored=perhaps | one of no, yes",
                "guest.card=7           | from 0 to 2",
                "guest.sise=1           | there is guest.",
                "nobody.size=1          | Nothing here is called “nobody.size”",
                "colour1=purplish       | purplish",
                "colour9=%23ffffff      | Nothing here is called",
                "guest.name=%zz         | percent sign",
                "guest.name=%00         | cannot be written",
                "guest.name={nobody     | ",
                "%3Cscript%3E=1         | Nothing here is called “<script>”",
            })
    void aWrongOneIsLeftOutAndTold(String query, String says) {
        LinkSettings set = desk("guest.corner=0.5&" + query);
        assertThat(set.ignored())
                .singleElement()
                .satisfies(one -> assertThat(one.sentence()).contains(says == null ? "" : says));
        assertThat(set.theme()).isEqualTo(desk("guest.corner=0.5").theme());
    }

    @Test
    void theFirstOfTwoCounts() {
        LinkSettings set = desk("guest.size=1.2&guest.size=1.4");
        assertThat(set.theme().piece("guest").orElseThrow().figure("size")).isEqualTo(1.2);
        assertThat(set.ignored()).hasSize(1);
    }

    @Test
    void ofFiftySettingsTheFirstFortyCount() {
        String fifty = IntStream.range(0, 50).mapToObj(i -> "x" + i + "=1").collect(Collectors.joining("&"));
        assertThat(desk(fifty).ignored()).hasSize(LinkSettings.MOST + 1);
        assertThat(desk("guest.size=1.2&" + "y".repeat(LinkSettings.LONGEST)).theme())
                .isEqualTo(THEME);
    }

    /** Whatever somebody types, a picture comes out and nobody sees an error. */
    @Test
    void noLinkWhatsoeverFails() {
        SplittableRandom random = new SplittableRandom(16);
        List<String> names = LinkSettings.allowed(THEME, "desk", "wide", Part.WHOLE).stream()
                .map(LinkSetting::name)
                .toList();
        String letters = "&=%+.#<>\"'{}|0123456789abcdef\u0000\ud800é –∞";
        for (int i = 0; i < 300; i++) {
            StringBuilder query = new StringBuilder();
            for (int k = random.nextInt(1, 12); k > 0; k--) {
                query.append(names.get(random.nextInt(names.size()))).append('=');
                for (int n = random.nextInt(12); n > 0; n--) {
                    query.append(letters.charAt(random.nextInt(letters.length())));
                }
                query.append('&');
            }
            assertThat(painted(desk(query.toString()), "desk", LiveState.QUIET)).isNotEmpty();
        }
    }

    @Test
    void everyStandardIsItsOwnValue() {
        for (LinkSetting one : LinkSettings.allowed(THEME, "desk", "wide", Part.WHOLE)) {
            if (one.sort() == LinkSetting.Sort.COLOUR && one.now().isEmpty()) {
                continue;
            }
            assertThat(desk(one.name() + "=" + encoded(one.now())).ignored())
                    .as(one.name())
                    .isEmpty();
        }
    }

    @Test
    void aLockedPieceMayBeSetForOneSource() {
        Theme locked = ((Outcome.Applied) Edits.apply(THEME, new PlacingEdit.SetLocked("desk", "guest", true))).theme();
        assertThat(LinkSettings.read(locked, "desk", "wide", Part.WHOLE, "guest.opacity=10")
                        .ignored())
                .isEmpty();
    }

    @Test
    void whatIsNotInASourceCannotBeSetInItsLink() {
        assertThat(LinkSettings.allowed(THEME, "desk", "wide", new Part.Single("guest")))
                .extracting(LinkSetting::owner)
                .containsOnly("Guest", "");
        assertThat(LinkSettings.read(THEME, "desk", "wide", new Part.Single("guest"), "species.size=1")
                        .ignored())
                .hasSize(1);
        assertThat(LinkSettings.allowed(THEME, "gone", "wide", Part.WHOLE)).isEmpty();
    }
}
