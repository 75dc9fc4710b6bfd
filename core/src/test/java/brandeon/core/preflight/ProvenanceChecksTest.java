package brandeon.core.preflight;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.opening.Openings;
import brandeon.core.recolour.Recolouring;
import brandeon.core.text.Face;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.OwnFace;
import brandeon.core.theme.Provenance;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ProvenanceChecksTest {

    private static final Provenance SAID = new Provenance("drawn by Tove Sedge", "CC-BY-4.0", "Tove Sedge");

    @Test
    void whatIsSaidInFullIsNoFinding() {
        assertThat(ProvenanceChecks.of(ReedlightHide.theme().withArtworks(List.of(picture("heron.svg", SAID)))))
                .isEmpty();
    }

    @Test
    void whatIsMissingIsNamed() {
        Theme theme = ReedlightHide.theme()
                .withArtworks(List.of(
                        picture("heron.svg", SAID), picture("beacon.gif", new Provenance("Tove Sedge", "", ""))))
                .withFaces(List.of(new OwnFace(
                        Face.own("12".repeat(32)), "Reed Serif", new Provenance("the designer", "OFL-1.1", ""))));
        assertThat(ProvenanceChecks.of(theme))
                .extracting(Finding::sentence)
                .containsExactly(
                        "Of the picture beacon.gif, licence and credit are not said.",
                        "Of the font Reed Serif, credit is not said.");
    }

    @Test
    void aWholeFolderIsOneFinding() {
        Theme theme = ReedlightHide.theme()
                .withArtworks(IntStream.range(0, 60)
                        .mapToObj(i -> picture("owl-" + i + ".png", Provenance.UNKNOWN))
                        .toList());
        assertThat(ProvenanceChecks.of(theme)).singleElement().satisfies(finding -> {
            assertThat(finding.sentence()).endsWith("owl-0.png, owl-1.png, owl-2.png and 57 more.");
            assertThat(finding.measured()).isEqualTo(60);
        });
    }

    private static Artwork picture(String name, Provenance provenance) {
        return new Artwork(
                name,
                name,
                "ab".repeat(32),
                "image/png",
                9,
                9,
                false,
                List.of(),
                Openings.NONE,
                Optional.empty(),
                new Recolouring(Recolouring.Method.SHIFT, Map.of(), List.of()),
                provenance);
    }
}
