package brandeon.server.move;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class MovingTest {

    @Test
    void aCopyHasNewLinksAndTheRigTakesThemInOneStepWhileTheOldOnesStillWork(RunningServer server) {
        Person host = server.host();
        String demo = host.demo();
        host.post("/api/rig/fill", "{\"theme\":\"" + demo + "\",\"boxes\":false}");
        String copy = host.post(
                        "/api/themes/" + demo + "/move",
                        "{\"platform\":\"birch\",\"channelName\":\"reedlight on birch\"}")
                .json()
                .path("theme")
                .asString();
        String old = host.link(demo, "hide", "wide", "WHOLE");
        String fresh = host.link(copy, "hide", "wide", "WHOLE");
        assertThat(fresh).isNotEqualTo(old);
        JsonNode list = host.get("/api/themes/" + copy + "/replacement").json();
        assertThat(list.path("swaps")
                        .valueStream()
                        .map(swap -> swap.path("oldLink").asString()))
                .contains(old);
        int count = list.path("swaps").size();
        assertThat(count)
                .as("every browser source of five scenes on three canvases")
                .isEqualTo(3 * 5);
        assertThat(host.post("/api/themes/" + copy + "/replacement", "")
                        .json()
                        .path("swaps")
                        .size())
                .isZero();
        assertThat(host.get("/api/rig").body()).contains(fresh).doesNotContain(old);
        assertThat(host.open(old).status()).isEqualTo(200);
        assertThat(host.open(fresh).status()).isEqualTo(200);
        assertThat(host.get("/api/themes/" + copy).json().path("theme").toString())
                .contains("Latest member")
                .doesNotContain("ubscriber\"");
        assertThat(host.get("/api/themes/" + demo).json().path("theme").toString())
                .contains("Latest subscriber");
    }

    @Test
    void whatCannotBeMovedIsExplained(RunningServer server) {
        Person host = server.host();
        String demo = host.demo();
        assertThat(host.get("/api/themes/" + demo + "/move?to=alder").detail()).contains("already on Alder");
        assertThat(host.get("/api/themes/" + demo + "/move?to=oak").status()).isEqualTo(404);
        assertThat(host.get("/api/themes/" + demo + "/replacement").detail()).contains("not the copy");
        assertThat(host.post("/api/themes/" + demo + "/move", "{\"platform\":\"birch\",\"channelName\":\"\"}")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void twoPeopleAtTheRigDoNotOverwriteEachOther(RunningServer server) {
        Person host = server.host();
        host.post("/api/rig/fill", "{\"theme\":\"" + host.demo() + "\",\"boxes\":false}");
        String kept = host.get("/api/rig").body();
        assertThat(host.put("/api/rig", kept).status()).isEqualTo(200);
        Person.Answer late = host.put("/api/rig", kept);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.detail()).contains("Somebody else");
        assertThat(host.put("/api/rig", kept.replace("\"width\":1920", "\"width\":0"))
                        .status())
                .isEqualTo(400);
    }
}
