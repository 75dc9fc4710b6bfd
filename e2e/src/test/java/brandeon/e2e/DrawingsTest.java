package brandeon.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.recolour.SvgPicture;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Drawings that nobody here made: flags, round badges and icons of three open packages of the npm registry (MIT), which
 * are test input and never shipped. Each is taken in, and Chromium paints the original and what was taken in.
 */
class DrawingsTest {

    private static final Path PACKAGES = Path.of("../web/node_modules");
    private static final int OF_EACH = 134;
    private static final int SIDE = 160;
    /** Share of pixels that may differ by more than a step that can be seen. */
    private static final double MOST_PIXELS = 0.02;

    @Test
    void ordinaryDrawingsLookAsTheirOriginalsDo() throws IOException {
        List<Path> drawings = new ArrayList<>();
        for (String folder : List.of("flag-icons/flags/4x3", "circle-flags/flags", "bootstrap-icons/icons")) {
            drawings.addAll(some(PACKAGES.resolve(folder)));
        }
        assertThat(drawings).hasSizeGreaterThanOrEqualTo(400);
        List<String> different = new ArrayList<>();
        try (Browser browser = new Browser()) {
            Page page = browser.window(400, 300);
            page.navigate("about:blank");
            for (Path drawing : drawings) {
                byte[] original = Files.readAllBytes(drawing);
                String taken;
                try {
                    taken = SvgPicture.read(original).text();
                } catch (IllegalArgumentException e) {
                    different.add(drawing.getFileName() + ": " + e.getMessage());
                    continue;
                }
                double share = ((Number) page.evaluate(
                                """
                        async ([one, other, side]) => {
                          const paint = async (address) => {
                            const image = new Image();
                            image.src = address;
                            await image.decode();
                            const canvas = document.createElement('canvas');
                            canvas.width = canvas.height = side;
                            const context = canvas.getContext('2d');
                            context.fillStyle = '#808080';
                            context.fillRect(0, 0, side, side);
                            context.drawImage(image, 0, 0, side, side);
                            return context.getImageData(0, 0, side, side).data;
                          };
                          const a = await paint(one);
                          const b = await paint(other);
                          let different = 0;
                          for (let i = 0; i < a.length; i += 4) {
                            if (Math.abs(a[i] - b[i]) + Math.abs(a[i + 1] - b[i + 1]) + Math.abs(a[i + 2] - b[i + 2]) > 24) different++;
                          }
                          return different / (side * side);
                        }""", List.of(address(original), address(taken.getBytes(StandardCharsets.UTF_8)), SIDE)))
                        .doubleValue();
                if (share > MOST_PIXELS) {
                    different.add("%s: %.1f %% of pixels".formatted(drawing.getFileName(), share * 100));
                }
            }
        }
        System.out.printf(
                "Drawings of others: %d of %d look as their originals; not: %s%n",
                drawings.size() - different.size(), drawings.size(), different);
        assertThat(different)
                .as("at least 99 in 100 of %d", drawings.size())
                .hasSizeLessThanOrEqualTo(drawings.size() / 100);
    }

    /** Evenly from the whole folder, so that every letter of the alphabet is there. */
    private static List<Path> some(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            List<Path> all = files.filter(file -> file.toString().endsWith(".svg") && Files.isRegularFile(file))
                    .sorted()
                    .toList();
            return Stream.iterate(0.0, i -> i < all.size(), i -> i + Math.max(1, (double) all.size() / OF_EACH))
                    .map(i -> all.get(i.intValue()))
                    .limit(OF_EACH)
                    .toList();
        }
    }

    private static String address(byte[] svg) {
        return "data:image/svg+xml;base64," + Base64.getEncoder().encodeToString(svg);
    }
}
