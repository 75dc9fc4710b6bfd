package brandeon.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.loose.Found;
import brandeon.core.loose.LooseChoices;
import brandeon.core.loose.LooseFile;
import brandeon.core.loose.Pack;
import brandeon.core.loose.Traits;
import brandeon.core.loose.What;
import brandeon.core.opening.Openings;
import brandeon.core.recolour.SvgPicture;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * What drawings that nobody here made are taken for: each third icon of an open package of the npm registry (MIT), of
 * which its makers say that they are icons, each of its own. Names are left out, so that only the drawing tells.
 */
class LooseDrawingsTest {

    private static final Path ICONS = Path.of("../web/node_modules/bootstrap-icons/icons");

    @Test
    void iconsOfOthersAreIconsAndNoneIsTakenForAnother() throws IOException {
        List<Path> drawings;
        try (Stream<Path> files = Files.list(ICONS)) {
            List<Path> all = files.filter(file -> file.toString().endsWith(".svg"))
                    .sorted()
                    .toList();
            drawings = Stream.iterate(0, i -> i < all.size(), i -> i + 3)
                    .map(all::get)
                    .toList();
        }
        assertThat(drawings).hasSizeGreaterThan(600);
        List<LooseFile> files = new ArrayList<>();
        for (int i = 0; i < drawings.size(); i++) {
            files.add(new LooseFile(i, i + ".svg", 1000, found(Files.readAllBytes(drawings.get(i)), i)));
        }
        Pack pack = Pack.of(files, LooseChoices.NONE);
        List<String> other = pack.entries().stream()
                .filter(entry -> entry.what() != What.ICON)
                .map(entry -> drawings.get(entry.number()).getFileName() + ": " + entry.what())
                .toList();
        List<String> same = pack.entries().stream()
                .filter(entry -> entry.bond() != Pack.Bond.ITSELF)
                .map(entry -> drawings.get(entry.number()).getFileName() + " as "
                        + drawings.get(entry.of()).getFileName())
                .toList();
        System.out.printf(
                "Icons of others: %d of %d are icons (%s); %d are taken for another one (%s)%n",
                drawings.size() - other.size(), drawings.size(), other, same.size(), same);
        assertThat(other).hasSizeLessThan(drawings.size() / 20);
        assertThat(same).hasSizeLessThan(drawings.size() / 100);
    }

    private static Found found(byte[] content, int number) {
        SvgPicture svg = SvgPicture.read(content);
        double scale = svg.quickScale();
        BufferedImage drawn = svg.drawn((int) Math.max(1, Math.round(svg.width() * scale)), (int)
                Math.max(1, Math.round(svg.height() * scale)));
        return new Found.Picture(
                brandeon.core.art.ContentName.full(("icon " + number).getBytes(StandardCharsets.UTF_8)),
                "image/svg+xml",
                (int) Math.ceil(svg.width()),
                (int) Math.ceil(svg.height()),
                false,
                svg.clusters(),
                Openings.in(drawn).scaled(1 / scale),
                Traits.of(drawn, Optional.empty()));
    }
}
