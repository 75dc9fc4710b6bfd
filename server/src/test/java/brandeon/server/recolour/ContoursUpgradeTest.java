package brandeon.server.recolour;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.opening.FoundOpening;
import brandeon.core.pack.Json;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.Edit;
import brandeon.core.theme.PictureEdit;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Pictures as documents and histories held them before openings said their contour. */
class ContoursUpgradeTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String BEFORE = """
            {"edit":"batch","edits":[{"edit":"addArtwork","index":0,"artwork":{"id":"a","name":"Frame","file":"%s","type":"image/png","width":400,"height":300,"moving":false,"clusters":[],
              "openings":{"openings":[{"box":{"x":40.0,"y":30.0,"width":320.0,"height":240.0},"inner":{"x":40.0,"y":30.0,"width":320.0,"height":240.0},"area":76800,"outline":"HEXAGON","corner":0.0,"aspect":"A4_3","aspectOff":0.0}],"reason":"","key":null},
              "recolouring":{"method":"SHIFT","roles":{},"kept":[]},"provenance":{"origin":"","licence":"","credit":""}}}]}""";

    @Test
    void aPictureWhoseFileIsGoneKeepsWhatWasKnown() {
        FoundOpening opening = upgraded(Map.of()).openings().openings().getFirst();
        assertThat(opening.outline()).isEqualTo(FoundOpening.Contour.HEXAGON);
        assertThat(opening.edge()).isEmpty();
        assertThat(opening.bare()).isFalse();
    }

    @Test
    void whatIsFoundNowTakesItsPlace() {
        JsonNode now = JSON.readTree("""
                {"openings":[{"box":{"x":40.0,"y":30.0,"width":320.0,"height":240.0},"inner":{"x":90.0,"y":90.0,"width":160.0,"height":120.0},"area":38400,"outline":"DIAMOND","corner":0.0,"aspect":"A4_3","aspectOff":0.0,
                  "edge":[{"x":0.5,"y":0.0},{"x":1.0,"y":0.5},{"x":0.5,"y":1.0},{"x":0.0,"y":0.5}],"soft":2.0,"pane":0.4,"slit":0.0,"bare":true}],"reason":"","key":null}""");
        Artwork artwork = upgraded(Map.of("ab".repeat(32), new V13__Contours.Known("image/jpeg", now)));
        assertThat(artwork.openings().openings().getFirst().outline()).isEqualTo(FoundOpening.Contour.DIAMOND);
        assertThat(artwork.cuts().getFirst().edge()).hasSize(4);
        assertThat(artwork.drawn()).isEmpty();
        assertThat(artwork.type()).isEqualTo("image/jpeg");
    }

    private static Artwork upgraded(Map<String, V13__Contours.Known> found) {
        JsonNode node = JSON.readTree(BEFORE.formatted("ab".repeat(32)));
        V13__Contours.renewed(node, found);
        JsonNode again = node.deepCopy();
        V13__Contours.renewed(again, Map.of());
        assertThat(again).as("what is new already stays").isEqualTo(node);
        List<Edit> edits = ((Edit.Batch) Json.read(node.toString(), Edit.class)).edits();
        return ((PictureEdit.AddArtwork) edits.getFirst()).artwork();
    }
}
