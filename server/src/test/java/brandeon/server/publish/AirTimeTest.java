package brandeon.server.publish;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** How long sponsors were on screen, by what open sources say of themselves. */
@ExtendWith(RunningServer.class)
class AirTimeTest {

    private Person host;
    private String show;
    private String link;

    @BeforeEach
    void aSponsor(RunningServer server) {
        host = server.stranger(Role.OWNER);
        String theme = host.newTheme("Air time");
        show = host.show(theme);
        link = host.onAir(theme, "STRIP", Map.of("shops", Person.piece("shops", "SPONSORS", """
                        {"rows":{"entries":[{"label":"","words":"Fenwick Waders","seconds":1,"picture":""},
                        {"label":"","words":"The Lamp Loft","seconds":1,"picture":""}]}}""", "{}")));
    }

    private long counted() {
        long sum = 0;
        for (JsonNode line : host.get("/api/shows/" + show + "/air-time").json()) {
            sum += line.path("millis").path("DAY").asLong();
        }
        return sum;
    }

    @Test
    void whatViewersSeeCountsOnceHoweverManySourcesShowIt() throws InterruptedException {
        try (Ear one = Ear.outlet(link).watch();
                Ear other = Ear.outlet(link).watch()) {
            one.await("welcome");
            other.await("welcome");
            long start = System.nanoTime();
            one.reports(true);
            other.reports(true);
            Thread.sleep(Duration.ofSeconds(4));
            one.reports(false);
            other.reports(false);
            double seconds = (System.nanoTime() - start) / 1e9;
            Thread.sleep(Duration.ofSeconds(1));
            assertThat(counted() / 1000.0).isBetween(3.5, seconds + 0.2);
            Thread.sleep(Duration.ofSeconds(6));
            assertThat(counted() / 1000.0).as("nobody sees it any more").isLessThanOrEqualTo(seconds + 0.2);
        }
        JsonNode lines = host.get("/api/shows/" + show + "/air-time").json();
        assertThat(lines.valueStream().map(line -> line.path("entry").asString()))
                .containsExactly("Fenwick Waders", "The Lamp Loft");
        assertThat(host.get("/api/shows/" + show + "/air-time/csv").body()).contains("Fenwick Waders");
    }

    @Test
    void aSourceWithinAnotherPageDoesNotCount() throws InterruptedException {
        try (Ear framed = Ear.outlet(link, "&framed").watch()) {
            framed.await("welcome");
            framed.reports(true);
            Thread.sleep(Duration.ofSeconds(2));
        }
        Thread.sleep(Duration.ofMillis(500));
        assertThat(counted()).isZero();
    }
}
