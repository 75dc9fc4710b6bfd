package brandeon.core.loose;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.canvas.Shape;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Role;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.Resolver;
import brandeon.core.live.AlertRule;
import brandeon.core.live.SignalKind;
import brandeon.core.show.LiveState;
import brandeon.core.theme.BrandEdit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Inlay;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Starter;
import brandeon.core.theme.Theme;
import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.Test;

class ProposalTest {

    private static final Theme EMPTY = Starter.theme("Marsh");

    private static List<LooseFile> files() {
        BufferedImage whole = Drawn.image(1920, 1080, g -> {
            g.setColor(new Color(60, 90, 70));
            g.fillRect(0, 0, 1920, 1080);
            g.setComposite(AlphaComposite.Clear);
            g.fillRect(60, 60, 1280, 720);
            g.fillRect(1400, 100, 440, 330);
        });
        return List.of(
                Drawn.picture(0, "p/overlay.png", whole),
                Drawn.picture(1, "p/webcam.png", Drawn.frame(1280, 720, 50, new Color(200, 120, 60))),
                Drawn.picture(2, "p/starting soon.png", ground(Color.ORANGE, 300)),
                Drawn.picture(3, "p/brb.png", ground(Color.RED, 700)),
                Drawn.picture(4, "p/goal bar.png", Drawn.image(1000, 90, g -> {
                    g.setColor(new Color(40, 60, 120));
                    g.fillRect(0, 0, 1000, 90);
                })),
                Drawn.sound(5, "p/follow.wav", 1500),
                Drawn.sound(6, "p/music.wav", 28_000),
                Drawn.font(7, "Marsh Black"),
                Drawn.font(8, "Marsh Regular"),
                Drawn.text(9, "p/colours.css", ":root { --a: #aa3355; --b: #2266bb; }"),
                Drawn.text(10, "p/licence.txt", "Drawn by Ottilie Brandt, under CC BY 4.0"));
    }

    private static BufferedImage ground(Color colour, int x) {
        return Drawn.image(1920, 1080, g -> {
            g.setPaint(new GradientPaint(x, 0, colour, 1920, 1080, Color.BLUE));
            g.fillRect(0, 0, 1920, 1080);
            g.setColor(Color.YELLOW);
            g.fillOval(x, 200, 400, 400);
        });
    }

    private static Proposal of(Theme theme, LooseChoices choices) {
        return Proposal.of(theme, Pack.of(files(), choices), choices);
    }

    private static Scene scene(Theme theme, SceneRole role) {
        return theme.scenes().stream()
                .filter(one -> one.role() == role)
                .findFirst()
                .orElseThrow();
    }

    private static Piece screen(Theme theme, SceneRole role) {
        return scene(theme, role).stack().stream()
                .map(placed -> theme.piece(placed.piece()).orElseThrow())
                .filter(piece -> piece.kind() == PieceKind.SCREEN)
                .findFirst()
                .orElseThrow();
    }

    private static String picture(Theme theme, Piece piece) {
        return piece.inlay()
                .map(Inlay::artwork)
                .flatMap(theme::artwork)
                .orElseThrow()
                .name();
    }

    @Test
    void aWholeThemeIsProposedByWhatIsInAPackAndByItsNames() {
        Theme theme = of(EMPTY, LooseChoices.NONE).theme();
        assertThat(picture(theme, screen(theme, SceneRole.STARTING))).isEqualTo("Starting soon");
        assertThat(picture(theme, screen(theme, SceneRole.AWAY))).isEqualTo("Brb");
        Piece goal = theme.pieces().stream()
                .filter(piece -> piece.kind() == PieceKind.GOAL)
                .findFirst()
                .orElseThrow();
        assertThat(picture(theme, goal)).isEqualTo("Goal bar");
        assertThat(theme.brand().heading().isOwn()).isTrue();
        assertThat(theme.brand().text()).isNotEqualTo(theme.brand().heading());
        assertThat(theme.brand().seeds()).hasSize(2);
        AlertRule follow = theme.alerts(SignalKind.FOLLOW).getFirst();
        assertThat(theme.sounds().own(follow.sound().sound()).orElseThrow().name())
                .isEqualTo("Follow");
        assertThat(theme.artworks()).allMatch(one -> one.provenance().licence().equals("CC-BY-4.0"));
        assertThat(theme.artworks()).allMatch(one -> one.provenance().origin().equals("Ottilie Brandt"));
    }

    @Test
    void captureStandBehindTheOpeningsOfAFrameOverTheWholeSceneTheLargestFirst() {
        Theme theme = of(EMPTY, LooseChoices.NONE).theme();
        var wide = new Resolver(theme)
                .resolve(scene(theme, SceneRole.LIVE), theme.canvas("wide").orElseThrow(), LiveState.QUIET);
        assertThat(wide.openings()).hasSize(2);
        // As they were drawn, at the size of the canvas.
        assertThat(wide.openings().getFirst().opening().box().x()).isEqualTo(60);
        assertThat(wide.openings().getFirst().opening().box().width()).isEqualTo(1280);
        assertThat(wide.openings().getFirst().capture().id()).isEqualTo(Starter.PLAY);
        assertThat(wide.openings().getLast().capture().id()).isEqualTo(Starter.CAMERA);
        Scene live = scene(theme, SceneRole.LIVE);
        String whole = theme.pieces().stream()
                .filter(piece -> piece.kind() == PieceKind.FRAME_PICTURE
                        && piece.captures().size() == 2)
                .findFirst()
                .orElseThrow()
                .id();
        assertThat(live.placed(whole).orElseThrow().shows(Shape.UPRIGHT)).isFalse();
        var upright = new Resolver(theme).resolve(live, theme.canvas("upright").orElseThrow(), LiveState.QUIET);
        assertThat(upright.openings()).hasSize(2);
    }

    @Test
    void oneUndoTakesAllOfItOut() {
        Proposal proposal = of(EMPTY, LooseChoices.NONE);
        Outcome.Applied applied = (Outcome.Applied) Edits.apply(EMPTY, proposal.edit());
        assertThat(applied.theme()).isEqualTo(proposal.theme());
        assertThat(((Outcome.Applied) Edits.apply(applied.theme(), applied.inverse())).theme())
                .isEqualTo(EMPTY);
    }

    @Test
    void anotherChoiceGoesThereAndNothingIsPossible() {
        Proposal proposed = of(EMPTY, LooseChoices.NONE);
        String starting = proposed.places().stream()
                .filter(place -> place.title().equals("Starting screen"))
                .findFirst()
                .orElseThrow()
                .id();
        Theme other = of(
                        EMPTY,
                        new LooseChoices(
                                List.of(),
                                List.of(
                                        new LooseChoices.PlaceChoice(starting, "3"),
                                        new LooseChoices.PlaceChoice("colours", ""))))
                .theme();
        assertThat(picture(other, screen(other, SceneRole.STARTING))).isEqualTo("Brb");
        assertThat(other.brand().seeds()).isEqualTo(EMPTY.brand().seeds());
        Theme none = of(EMPTY, new LooseChoices(List.of(), List.of(new LooseChoices.PlaceChoice(starting, ""))))
                .theme();
        assertThat(screen(none, SceneRole.STARTING).inlay()).isEmpty();
    }

    @Test
    void aThemeThatHasScenesKeepsThemAndItsColours() {
        Theme demo = ReedlightHide.theme();
        Proposal proposal = of(demo, LooseChoices.NONE);
        assertThat(proposal.theme().scenes()).hasSameSizeAs(demo.scenes());
        assertThat(proposal.theme().brand().seeds()).isEqualTo(demo.brand().seeds());
        assertThat(proposal.notes()).isEmpty();
        Outcome applied = Edits.apply(demo, proposal.edit());
        assertThat(applied).isInstanceOf(Outcome.Applied.class);
        // Taken twice, nothing comes twice.
        Proposal again = of(proposal.theme(), LooseChoices.NONE);
        assertThat(again.theme().artworks()).hasSameSizeAs(proposal.theme().artworks());
        assertThat(again.theme().faces()).hasSameSizeAs(proposal.theme().faces());
    }

    @Test
    void aScreenLiesOnlyAsStronglyBehindItsWordsAsTheseCanBeRead() {
        Theme demo = ReedlightHide.theme();
        BufferedImage white = Drawn.image(1920, 1080, g -> {
            g.setColor(Color.WHITE);
            g.fillRect(0, 0, 1920, 1080);
        });
        assertThat(strength(demo, white)).isEqualTo(1);
        // White art takes the accent: where that is nearly as light as the words, the ground must show through.
        Theme light = ((Outcome.Applied) Edits.apply(demo, new BrandEdit.SetPin(Role.ACCENT, Colour.parse("#f2ecc8"))))
                .theme();
        assertThat(strength(light, white)).isLessThan(0.8);
    }

    private static double strength(Theme theme, BufferedImage ground) {
        List<LooseFile> files = List.of(Drawn.picture(0, "starting.png", ground));
        Theme after = Proposal.of(theme, Pack.of(files, LooseChoices.NONE), LooseChoices.NONE)
                .theme();
        return screen(after, SceneRole.STARTING).inlay().orElseThrow().strength();
    }

    @Test
    void whatIsLeftOutIsNowhere() {
        LooseChoices choices = new LooseChoices(
                List.of(new LooseChoices.FileChoice(2, java.util.Optional.empty(), true, "", false, false)), List.of());
        Theme theme = of(EMPTY, choices).theme();
        assertThat(theme.artworks()).noneMatch(one -> one.name().equals("Starting soon"));
        assertThat(picture(theme, screen(theme, SceneRole.STARTING))).isEqualTo("Brb");
    }
}
