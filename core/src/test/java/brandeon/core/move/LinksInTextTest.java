package brandeon.core.move;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LinksInTextTest {

    private static String token(int seed) {
        byte[] bytes = new byte[32];
        new Random(seed).nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    private static final String OLD = token(1);
    private static final String NEW = token(2);

    private static byte[] swapped(byte[] text) {
        return LinksInText.replaced(
                text, LinksInText.find(text), place -> place.token().equals(OLD) ? NEW : null);
    }

    /** RFC 8259 (JSON), RFC 3986 (addresses) and the HTML standard's character references write a slash so. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "http://127.0.0.1:8420/o/TOKEN",
                "url=http://127.0.0.1:8420/o/TOKEN?card=2",
                "{\"url\":\"http:\\/\\/127.0.0.1:8420\\/o\\/TOKEN\"}",
                "http%3A%2F%2F127.0.0.1%3A8420%2Fo%2FTOKEN%3Fcard%3D2",
                "http%3a%2f%2f127.0.0.1%3a8420%2fo%2fTOKEN&next",
                "http%253A%252F%252Fhost%252Fo%252FTOKEN",
                "<a href=\"http://host/o/TOKEN?a=1&amp;b=2\">x</a>",
                "http:&#47;&#47;host&#47;o&#47;TOKEN",
                "http:&#x2F;&#x2f;host&#x2F;o&#x2f;TOKEN",
                "http:&sol;&sol;host&sol;o&sol;TOKEN",
                "\"http:\\u002F\\u002Fhost\\u002fo\\u002FTOKEN\"",
                "/o/TOKEN",
                "see http://host/o/TOKEN, and more",
            })
    void aLinkIsFoundInEveryWayOfWritingIt(String text) {
        byte[] before = text.replace("TOKEN", OLD).getBytes(StandardCharsets.UTF_8);
        assertThat(LinksInText.find(before))
                .extracting(LinksInText.Place::token)
                .containsExactly(OLD);
        assertThat(new String(swapped(before), StandardCharsets.UTF_8)).isEqualTo(text.replace("TOKEN", NEW));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "http://host/p/TOKEN",
                "http://host/o/TOKENa",
                "http://host/o/-TOKEN",
                "http://host/foo/TOKEN",
                "http://host/o TOKEN",
                "http://host/o/SHORT",
                "Fo%2FTOKEN",
                "TOKEN",
            })
    void whatIsNoLinkIsLeftAlone(String text) {
        byte[] before =
                text.replace("TOKEN", OLD).replace("SHORT", OLD.substring(1)).getBytes(StandardCharsets.UTF_8);
        assertThat(LinksInText.find(before)).isEmpty();
        assertThat(swapped(before)).isEqualTo(before);
    }

    /** The encodings of the Java platform are the reference. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "US-ASCII",
                "UTF-8",
                "ISO-8859-1",
                "windows-1252",
                "windows-1251",
                "Shift_JIS",
                "GB18030",
                "UTF-16",
                "UTF-16LE",
                "UTF-16BE",
                "UTF-32",
                "UTF-32LE",
                "UTF-32BE"
            })
    void aTextOfAnyEncodingStaysWhatItWasButForItsLinks(String name) {
        Charset charset = Charset.forName(name);
        String own = charset.newEncoder().canEncode('ö')
                ? "Möwe"
                : charset.newEncoder().canEncode('鳥') ? "鳥" : "gull";
        String text = own + "\r\nscene one\r\n  http://host/o/TOKEN\r\n" + own
                + " \"http:\\/\\/host\\/o\\/TOKEN\"\n\nlast: /o/TOKEN";
        byte[] before = text.replace("TOKEN", OLD).getBytes(charset);
        assertThat(LinksInText.find(before)).extracting(LinksInText.Place::line).containsExactly(3, 4, 6);
        assertThat(new String(swapped(before), charset)).isEqualTo(text.replace("TOKEN", NEW));
        assertThat(swapped(before)).hasSameSizeAs(before);
    }

    @Test
    void linesAreCountedAsEachSystemEndsThem() {
        String link = "/o/" + OLD;
        for (String end : List.of("\n", "\r\n", "\r")) {
            byte[] text = (link + end + end + link + end + link).getBytes(StandardCharsets.UTF_8);
            assertThat(LinksInText.find(text))
                    .as(end.replace("\r", "CR").replace("\n", "LF"))
                    .extracting(LinksInText.Place::line)
                    .containsExactly(1, 3, 4);
        }
    }

    /** Random bytes with links in random places: exactly these change, and everything else is where it was. */
    @Test
    void everyOtherByteStays() {
        Random random = new Random(7);
        for (int round = 0; round < 50; round++) {
            Map<String, String> swaps = new HashMap<>();
            java.io.ByteArrayOutputStream before = new java.io.ByteArrayOutputStream();
            java.io.ByteArrayOutputStream after = new java.io.ByteArrayOutputStream();
            for (int i = 0; i < 20; i++) {
                byte[] noise = new byte[random.nextInt(400)];
                random.nextBytes(noise);
                before.writeBytes(noise);
                after.writeBytes(noise);
                String old = token(random.nextInt());
                String fresh = token(random.nextInt());
                if (i % 3 == 0) {
                    swaps.put(old, fresh);
                }
                before.writeBytes(("/o/" + old + " ").getBytes(StandardCharsets.US_ASCII));
                after.writeBytes(("/o/" + swaps.getOrDefault(old, old) + " ").getBytes(StandardCharsets.US_ASCII));
            }
            byte[] text = before.toByteArray();
            assertThat(LinksInText.replaced(text, LinksInText.find(text), place -> swaps.get(place.token())))
                    .isEqualTo(after.toByteArray());
        }
    }

    @Test
    void manyLinksOnOneLineAreAllFound() {
        String text = String.join(
                "",
                IntStream.range(0, 1000).mapToObj(i -> "/o/" + token(i) + "|").toList());
        assertThat(LinksInText.find(text.getBytes(StandardCharsets.UTF_8)))
                .hasSize(1000)
                .allMatch(place -> place.line() == 1);
    }
}
