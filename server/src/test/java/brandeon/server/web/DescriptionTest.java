package brandeon.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class DescriptionTest {

    @Test
    void theTypesOfTheWebApplicationAreThoseOfTheServer(RunningServer server) throws IOException {
        Path committed = Path.of("../web/src/api/openapi.json");
        ObjectNode served = (ObjectNode)
                Person.unknown(server.address()).get("/api/openapi").json();
        // Where the server listens is no part of its interface.
        served.remove("servers");
        assertThat(served)
                .as("run bin/types after changing the interface")
                .isEqualTo(new JsonMapper().readTree(Files.readString(committed)));
    }

    @Test
    void pagesOfTheApplicationOpenAndFilesThatAreMissingDoNot(RunningServer server) {
        Person visitor = Person.unknown(server.address());
        assertThat(visitor.open("/themes/x/stage/hide/wide").body()).contains("<div id=\"root\">");
        assertThat(visitor.open("/account").body()).contains("<div id=\"root\">");
        assertThat(visitor.get("/fonts/barlow-condensed.ttf").status()).isEqualTo(200);
        assertThat(visitor.get("/fonts/other.ttf").status()).isEqualTo(404);
        assertThat(visitor.get("/pictures/unknown").status()).isEqualTo(404);
        assertThat(visitor.get("/nothing-here").status()).isEqualTo(404);
    }
}
