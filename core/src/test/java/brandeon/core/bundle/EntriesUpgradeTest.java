package brandeon.core.bundle;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.kind.Content;
import brandeon.core.pack.Json;
import brandeon.core.theme.PieceEdit;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Documents and edits from before entries had pictures, as they were written then. */
class EntriesUpgradeTest {

    private static JsonNode upgraded(String before) {
        JsonNode node = new JsonMapper().readTree(before);
        EntriesUpgrade.upgrade(node);
        return node;
    }

    @Test
    void entriesOfBeforeHaveNoPicture() {
        String before = """
                {"edit":"setContent","piece":"shops","field":"rows","value":{"entries":[
                {"label":"With thanks to","words":"Fenwick Waders","seconds":0.0}]}}""";
        PieceEdit.SetContent edit =
                (PieceEdit.SetContent) Json.read(upgraded(before).toString(), brandeon.core.theme.Edit.class);

        assertThat(((Content.Entries) edit.value()).entries())
                .containsExactly(new Content.Entry("With thanks to", "Fenwick Waders", 0));
        assertThat(upgraded(upgraded(before).toString())).as("once is enough").isEqualTo(upgraded(before));
    }

    @Test
    void nothingElseIsTaken() {
        String other = "{\"label\":\"a\",\"value\":\"b\",\"seconds\":1,\"more\":{\"words\":\"x\",\"seconds\":2}}";
        assertThat(upgraded(other)).isEqualTo(new JsonMapper().readTree(other));
    }
}
