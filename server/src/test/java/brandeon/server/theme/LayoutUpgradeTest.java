package brandeon.server.theme;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.bundle.ArrivalUpgrade;
import brandeon.core.bundle.BotUpgrade;
import brandeon.core.bundle.HandsUpgrade;
import brandeon.core.bundle.SeeThroughUpgrade;
import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Shape;
import brandeon.core.kind.Zone;
import brandeon.core.pack.Json;
import brandeon.core.theme.Edit;
import brandeon.core.theme.FramingEdit;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.SceneEdit;
import brandeon.core.theme.Spot;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class LayoutUpgradeTest {

    private static final String BATCH = """
            {"edit":"batch","edits":[
              {"edit":"addPiece","index":0,"piece":{"inlay":null,"id":"f","kind":"FRAME","name":"Frame","capture":"camera","texts":{},"figures":{}}},
              {"edit":"addScene","index":0,"scene":{"id":"hide","name":"Hide","role":"LIVE","stack":[
                {"piece":"f","zone":"CAMERA","group":"","corrections":{"WIDE":{"x":10.0,"y":20.0,"width":300.0,"height":200.0}}}]}},
              {"edit":"addCanvas","index":1,"canvas":{"id":"c","name":"C","size":{"width":1080,"height":1080},"frameRate":60}},
              {"edit":"setBox","scene":"hide","piece":"f","shape":"UPRIGHT","box":{"x":1.0,"y":2.0,"width":30.0,"height":40.0}},
              {"edit":"dropBox","scene":"hide","piece":"f","shape":"WIDE"}]}""";

    @Test
    void editsFromBeforeAreReadAsTheSameEdits() {
        JsonNode node = new JsonMapper().readTree(BATCH);
        LayoutUpgrade.upgrade(node);
        // What later changes of the format add is added by theirs.
        new ContentUpgrade().upgrade(node);
        ShareUpgrade.upgrade(node);
        HandsUpgrade.upgrade(node);
        SeeThroughUpgrade.upgrade(node);
        ArrivalUpgrade.upgrade(node);
        BotUpgrade.upgrade(node);
        List<Edit> edits = ((Edit.Batch) Json.read(
                        node.toString().replace("\"corrections\":{", "\"onCanvas\":{},\"corrections\":{"), Edit.class))
                .edits();
        assertThat(((PieceEdit.AddPiece) edits.get(0)).piece().captures()).containsExactly("camera");
        Placed placed = ((SceneEdit.AddScene) edits.get(1)).scene().stack().getFirst();
        assertThat(placed.spot()).isEqualTo(new Spot.InZone(Zone.CAMERA));
        assertThat(placed.corrections())
                .containsEntry(Shape.WIDE, new Spot.Anchored(Anchor.TOP_LEFT, 10, 20, 300, 200));
        assertThat(((FramingEdit.AddCanvas) edits.get(2)).canvas().safe().graphics())
                .isEqualTo(0.05);
        assertThat(edits.get(3))
                .isEqualTo(new PlacingEdit.SetCorrection(
                        "hide", "f", Shape.UPRIGHT, new Spot.Anchored(Anchor.TOP_LEFT, 1, 2, 30, 40)));
        assertThat(edits.get(4)).isEqualTo(new PlacingEdit.DropCorrection("hide", "f", Shape.WIDE));
    }

    @Test
    void whatIsUpgradedAlreadyStaysAsItIs() {
        JsonNode node = new JsonMapper().readTree(BATCH);
        LayoutUpgrade.upgrade(node);
        JsonNode again = node.deepCopy();
        LayoutUpgrade.upgrade(again);
        assertThat(again).isEqualTo(node);
    }
}
