package brandeon.core.bundle;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.live.AlertRule;
import brandeon.core.live.Pace;
import brandeon.core.live.SignalKind;
import brandeon.core.pack.Json;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Sounds;
import brandeon.core.theme.Starter;
import brandeon.core.theme.Theme;
import brandeon.core.theme.ThemeEdit;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Documents and edits as they were written when a kind of signal had one rule, and nothing was heard. */
class AlertsUpgradeTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final String RULE =
            "{\"kind\":\"GIFTED_SUBSCRIPTIONS\",\"on\":true,\"kicker\":\"Gifts\",\"text\":\"{name}\",\"seconds\":7.0}";
    private static final AlertRule NOW = AlertRule.of(SignalKind.GIFTED_SUBSCRIPTIONS, true, "Gifts", "{name}", 7);

    @Test
    void aThemeKeepsItsRules() {
        ObjectNode document = (ObjectNode) JSON.readTree(Json.write(Starter.theme("Old")));
        document.remove("pace");
        document.remove("sounds");
        document.set("alerts", JSON.readTree("[" + RULE + "]"));
        AlertsUpgrade.upgrade(document);
        SoundsUpgrade.upgrade(document);
        Theme theme = Json.read(document.toString(), Theme.class);
        assertThat(theme.alerts()).containsExactly(NOW);
        assertThat(theme.pace()).isEqualTo(Pace.STANDARD);
        assertThat(theme.sounds()).isEqualTo(Sounds.STANDARD);
        JsonNode again = document.deepCopy();
        AlertsUpgrade.upgrade(again);
        SoundsUpgrade.upgrade(again);
        assertThat(again).as("what is upgraded already stays").isEqualTo(document);
    }

    @Test
    void itsHistoryCanBeUndone() {
        JsonNode batch = JSON.readTree("{\"edit\":\"batch\",\"edits\":[{\"edit\":\"setAlert\",\"rule\":" + RULE
                + "},{\"edit\":\"dropAlert\",\"kind\":\"PAID_MESSAGE\"}]}");
        AlertsUpgrade.upgrade(batch);
        SoundsUpgrade.upgrade(batch);
        List<Edit> edits = ((Edit.Batch) Json.read(batch.toString(), Edit.class)).edits();
        assertThat(edits).containsExactly(new ThemeEdit.SetAlert(NOW), new ThemeEdit.DropAlert("paid-message"));
    }
}
