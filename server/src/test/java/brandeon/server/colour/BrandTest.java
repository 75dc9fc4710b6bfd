package brandeon.server.colour;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class BrandTest {

    private RunningServer server;
    private Person host;
    private String theme;

    @BeforeEach
    void aTheme(RunningServer running) {
        server = running;
        host = running.host();
        theme = host.newTheme("Brand");
    }

    @Test
    void aSeedMayBeWrittenInAnyNotation() {
        JsonNode view = host.edit(theme, "{\"edit\":\"setSeed\",\"index\":0,\"colour\":\"oklch(60% 0.1 146)\"}")
                .json();
        assertThat(view.path("change").path("brand").path("seeds").get(0).asString())
                .as("CSS Color 4, as colorjs.io converts it")
                .isEqualTo("#57905b");
        Person.Answer wrong = host.edit(theme, "{\"edit\":\"setSeed\",\"index\":0,\"colour\":\"reed green\"}");
        assertThat(wrong.status()).isEqualTo(400);
        assertThat(wrong.detail()).contains("“reed green” is not a colour; write it like");
    }

    @Test
    void whatAPinBreaksComesWithItsFigure() {
        assertThat(brand().path("shortfalls")).isEmpty();
        host.edit(theme, "{\"edit\":\"setPin\",\"role\":\"TEXT\",\"colour\":\"#333333\"}");
        JsonNode shortfall = brand().path("shortfalls").get(0);
        assertThat(shortfall.path("role").asString()).isEqualTo("TEXT");
        assertThat(shortfall.path("measured").asDouble()).isLessThan(4.5);
        host.edit(theme, "{\"edit\":\"dropPin\",\"role\":\"TEXT\"}");
        assertThat(brand().path("shortfalls")).isEmpty();
    }

    @Test
    void aMoodIsWornByThePublishedPictureOnlyWhenPutOnAir() {
        Person demoHost = server.host();
        String demo = demoHost.demo();
        try (Ear outlet =
                Ear.outlet(demoHost.link(demo, "closing", "wide", "WHOLE")).watch()) {
            outlet.await("welcome");
            assertThat(demoHost.edit(demo, "{\"edit\":\"chooseMood\",\"mood\":\"owl-night\"}")
                            .status())
                    .isEqualTo(200);
            demoHost.post("/api/themes/" + demo + "/on-air", "");
            String patch = outlet.await("patch").toString();
            assertThat(patch).as("the mood's accent").contains("#d9b44a");
            demoHost.post("/api/themes/" + demo + "/undo", "");
            demoHost.post("/api/themes/" + demo + "/on-air", "");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"TOKENS", "GIMP", "CSS", "SVG"})
    void whatIsSavedIsReadAgainWithItsSeedsProposed(String format) {
        host.edit(theme, "{\"edit\":\"setSeeds\",\"seeds\":[\"#4f8f5b\",\"#e8a33d\"]}");
        Person.Answer saved = host.get("/api/themes/" + theme + "/palette?format=" + format);
        assertThat(saved.status()).isEqualTo(200);
        JsonNode read = read(saved.body().getBytes(StandardCharsets.UTF_8)).json();
        assertThat(read.path("swatches")).hasSize(2 + 12);
        assertThat(read.path("swatches")
                        .valueStream()
                        .filter(swatch -> swatch.path("proposed").asBoolean())
                        .map(swatch -> swatch.path("colour").asString()))
                .containsExactly("#4f8f5b", "#e8a33d");
    }

    @Test
    void aMalformedPaletteSaysLineAndReasonAndChangesNothing() {
        long version = host.get("/api/themes/" + theme).json().path("version").asLong();
        Person.Answer wrong = read("GIMP Palette\nName: x\n1 2 reed\n".getBytes(StandardCharsets.UTF_8));
        assertThat(wrong.status()).isEqualTo(400);
        assertThat(wrong.detail()).startsWith("Line 3: three numbers from 0 to 255");
        assertThat(host.get("/api/themes/" + theme).json().path("version").asLong())
                .isEqualTo(version);
    }

    @Test
    void strangersReadNoBrand() {
        Person stranger = server.stranger(Role.OWNER);
        assertThat(stranger.get("/api/themes/" + theme + "/brand").status()).isEqualTo(404);
        assertThat(stranger.get("/api/themes/" + theme + "/palette?format=CSS").status())
                .isEqualTo(404);
        assertThat(Person.unknown(server.address())
                        .post("/api/palettes/read", "x")
                        .status())
                .isIn(401, 403);
    }

    private JsonNode brand() {
        return host.get("/api/themes/" + theme + "/brand").json();
    }

    private Person.Answer read(byte[] file) {
        return host.send(host.request("/api/palettes/read")
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(file))
                .build());
    }
}
