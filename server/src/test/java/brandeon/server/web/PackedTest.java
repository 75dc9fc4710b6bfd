package brandeon.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.io.ByteArrayInputStream;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What stays the same comes as whoever asks takes it (RFC 9110, sections 8.4.1.3 and 12.5.3), and is the same. */
@ExtendWith(RunningServer.class)
class PackedTest {

    @Test
    void pagesOfSourcesFontsAndScriptsAreCompressedForThoseWhoTakeIt(RunningServer server) throws Exception {
        Person host = server.host();
        List<String> addresses = new ArrayList<>();
        addresses.add(host.link(host.demo(), "hide", "wide", "WHOLE"));
        addresses.add(server.address() + "/fonts/atkinson.ttf");
        String page = host.get("/").body();
        Pattern.compile("/assets/[^\"]+\\.(?:js|css)")
                .matcher(page)
                .results()
                .forEach(found -> addresses.add(server.address() + found.group()));
        assertThat(addresses).as("its scripts and styles too").hasSizeGreaterThan(3);
        for (String address : addresses) {
            byte[] plain = asked(host, address, "identity").body();
            HttpResponse<byte[]> packed = asked(host, address, "gzip, deflate, br");
            assertThat(packed.headers().firstValue("Content-Encoding"))
                    .as(address)
                    .hasValue("gzip");
            assertThat(packed.headers().allValues("Vary").toString().toLowerCase(Locale.ROOT))
                    .as(address)
                    .contains("accept-encoding");
            assertThat(packed.body().length).as(address).isLessThan(plain.length * 3 / 4);
            try (GZIPInputStream unpacked = new GZIPInputStream(new ByteArrayInputStream(packed.body()))) {
                assertThat(unpacked.readAllBytes()).as(address).isEqualTo(plain);
            }
        }
    }

    @Test
    void aPageIsTheOneOfItsMoment(RunningServer server) throws Exception {
        Person owner = server.stranger(Role.OWNER);
        String theme = owner.newTheme("Moments");
        String link = owner.onAir(
                theme,
                "COLUMN",
                Map.of("s", Person.piece("s", "LOWER_THIRD", "{\"name\":\"Before\",\"line\":\"\"}", "{}")));
        assertThat(new String(asked(owner, link, "identity").body(), StandardCharsets.UTF_8))
                .contains("Before");
        owner.edit(theme, "{\"edit\":\"setContent\",\"piece\":\"s\",\"field\":\"name\",\"value\":\"Afterwards\"}");
        owner.post("/api/themes/" + theme + "/on-air", "");
        assertThat(new String(asked(owner, link, "identity").body(), StandardCharsets.UTF_8))
                .contains("Afterwards")
                .doesNotContain("Before");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "gzip|true",
                "GZIP;q=0.5|true",
                "deflate, gzip;q=1.0, *;q=0.5|true",
                "br ,x-gzip|true",
                "gzip;q=0|false",
                "gzip; q=0.000, br|false",
                "identity|false",
                "''|false",
                "notgzip|false"
            })
    void whetherItIsTakenIsReadAsTheStandardSays(String accepts, boolean taken) {
        assertThat(Packed.takesPacked(accepts)).isEqualTo(taken);
    }

    private static HttpResponse<byte[]> asked(Person person, String address, String accepts) throws Exception {
        return person.http()
                .send(
                        person.request(address)
                                .header("Accept", "text/html, */*")
                                .header("Accept-Encoding", accepts)
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray());
    }
}
