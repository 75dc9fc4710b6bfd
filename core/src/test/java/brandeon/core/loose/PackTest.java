package brandeon.core.loose;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PackTest {

    private static Pack.Entry entry(List<LooseFile> files, int number) {
        return Pack.of(files, LooseChoices.NONE).entry(number).orElseThrow();
    }

    @Test
    void oneDrawingInSeveralColoursIsTakenOnceTheWhiteOneFirst() {
        List<LooseFile> files = List.of(
                Drawn.picture(0, "panel red.png", Drawn.plate(new Color(200, 40, 50), 120, 200)),
                Drawn.picture(1, "panel white.png", Drawn.plate(Color.WHITE, 120, 200)),
                Drawn.picture(2, "panel dark.png", Drawn.plate(new Color(20, 30, 40), 120, 200)));
        assertThat(entry(files, 0).bond()).isEqualTo(Pack.Bond.VARIANT);
        assertThat(entry(files, 0).of()).isEqualTo(1);
        assertThat(entry(files, 1).taken()).isTrue();
        assertThat(entry(files, 1).name()).isEqualTo("Panel");
        assertThat(entry(files, 2).of()).isEqualTo(1);
    }

    @Test
    void panelsThatSaySomethingElseAreTwo() {
        List<LooseFile> files = List.of(
                Drawn.picture(0, "about.png", Drawn.plate(new Color(60, 90, 120), 120, 200)),
                Drawn.picture(1, "rules.png", Drawn.plate(new Color(60, 90, 120), 190, 320)),
                Drawn.picture(2, "longer.png", Drawn.plate(new Color(60, 90, 120), 120, 260)));
        for (int number = 0; number < 3; number++) {
            assertThat(entry(files, number).bond()).as("number %d", number).isEqualTo(Pack.Bond.ITSELF);
        }
    }

    @Test
    void theSameInAnotherSizeIsATwinAndTheLargerIsTaken() {
        BufferedImage large = Drawn.plate(new Color(60, 90, 120), 120, 200);
        BufferedImage small = Drawn.image(240, 160, (Graphics2D g) -> {
            g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            g.drawImage(large, 0, 0, 240, 160, null);
        });
        List<LooseFile> files = List.of(Drawn.picture(0, "a small.png", small), Drawn.picture(1, "a.png", large));
        assertThat(entry(files, 0).bond()).isEqualTo(Pack.Bond.TWIN);
        assertThat(entry(files, 0).of()).isEqualTo(1);
    }

    @Test
    void aPersonMayTakeAnotherOneOrSayThatTheyAreTwo() {
        List<LooseFile> files = List.of(
                Drawn.picture(0, "panel red.png", Drawn.plate(new Color(200, 40, 50), 120, 200)),
                Drawn.picture(1, "panel white.png", Drawn.plate(Color.WHITE, 120, 200)));
        Pack other = Pack.of(files, choice(0, false, true));
        assertThat(other.entry(0).orElseThrow().taken()).isTrue();
        assertThat(other.entry(1).orElseThrow().of()).isZero();
        Pack two = Pack.of(files, choice(0, true, false));
        assertThat(two.entries()).allMatch(Pack.Entry::taken);
    }

    private static LooseChoices choice(int number, boolean apart, boolean instead) {
        return new LooseChoices(
                List.of(new LooseChoices.FileChoice(number, Optional.empty(), false, "", apart, instead)), List.of());
    }

    @Test
    void whatNeedsALookComesFirst() {
        List<LooseFile> files = List.of(
                Drawn.picture(0, "frame.png", Drawn.frame(1280, 720, 60, Color.BLUE)),
                Drawn.picture(1, "x.png", Drawn.image(300, 300, g -> {
                    g.setColor(Color.GRAY);
                    g.fillRect(0, 0, 300, 300);
                })),
                new LooseFile(2, "broken.png", 10, new Found.Nothing("This picture is damaged.")));
        List<Pack.Entry> sorted = Pack.of(files, LooseChoices.NONE).entries();
        assertThat(sorted.stream().map(Pack.Entry::number)).containsExactly(2, 1, 0);
        assertThat(sorted.getFirst().taken()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "01_CAM-frame_v2_FINAL.png, Cam frame",
        "GoalBar 1920x1080.png, Goal bar",
        "BRB-Screen_HD.png, BRB screen",
        "starting_soon (1).png, Starting soon 1",
        "Übersicht_Tafel.png, Übersicht tafel",
        "Layer_017.png, Frame",
        "export 4 (final).png, Frame",
    })
    void namesBecomeReadable(String file, String name) {
        assertThat(entry(List.of(Drawn.picture(0, "folder/" + file, Drawn.frame(640, 480, 60, Color.BLUE))), 0)
                        .name())
                .isEqualTo(name);
    }

    @Test
    void thePacksOwnNameInAllFilesIsLeftOutAndNoNameStandsTwice() {
        List<LooseFile> files = IntStream.range(0, 6)
                .mapToObj(i -> Drawn.sound(i, "marsh_light_" + (i < 3 ? "chime" : "horn" + i) + ".wav", 900))
                .toList();
        Pack pack = Pack.of(files, LooseChoices.NONE);
        assertThat(pack.entries().stream().map(Pack.Entry::name))
                .containsExactlyInAnyOrder("Chime", "Chime 2", "Chime 3", "Horn 3", "Horn 4", "Horn 5");
    }

    @Test
    void progressIsByWhatFilesOfASortTook() {
        List<Effort.Step> none = List.of(step("a.webm", -1), step("b.png", -1));
        assertThat(Effort.of(none).share()).isZero();
        assertThat(Effort.of(none).seconds()).isPositive();
        // Films that took ten times as long as was thought leave more to do than pictures that were quick.
        double withFilm =
                Effort.of(List.of(step("a.webm", 9000), step("b.webm", -1))).seconds();
        double withPicture =
                Effort.of(List.of(step("a.webm", 9000), step("b.png", -1))).seconds();
        assertThat(withFilm).isGreaterThan(5 * withPicture);
        Effort.Progress done = Effort.of(List.of(step("a.webm", 900), step("b.png", 40)));
        assertThat(done.share()).isEqualTo(1);
        assertThat(done.seconds()).isZero();
    }

    private static Effort.Step step(String path, int millis) {
        return new Effort.Step(path, 500_000, millis);
    }
}
