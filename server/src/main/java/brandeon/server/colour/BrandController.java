package brandeon.server.colour;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Contrast;
import brandeon.core.colour.Gradient;
import brandeon.core.colour.Palette;
import brandeon.core.colour.PlateDarkness;
import brandeon.core.colour.Role;
import brandeon.core.colour.RoleColour;
import brandeon.core.colour.Shortfall;
import brandeon.core.theme.Brand;
import brandeon.server.access.Members;
import brandeon.server.theme.Themes;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What is derived from a brand, with every figure. */
@RestController
class BrandController {

    /**
     * How a text stands on see-through plates.
     *
     * @param worst contrast over the least favourable footage, as the plates are now
     */
    record PlateView(Role text, PlateDarkness darkness, double worst, double least) {}

    /** @param greyest least chroma on the way, as a share of its less colourful end */
    record GradientView(List<Gradient.Point> points, double greyest) {}

    record BrandView(
            List<RoleColour> roles, List<Shortfall> shortfalls, List<PlateView> plates, GradientView gradient) {}

    private final Members members;
    private final Themes themes;

    BrandController(Members members, Themes themes) {
        this.members = members;
        this.themes = themes;
    }

    @GetMapping("/api/themes/{id}/brand")
    BrandView brand(@PathVariable UUID id) {
        Brand brand = themes.get(members.current(), id).theme().brand();
        Palette palette = brand.palette();
        Colour plate = palette.colour(Role.PLATE);
        List<PlateView> plates = Stream.of(Role.TEXT, Role.QUIET_TEXT)
                .map(role -> new PlateView(
                        role,
                        PlateDarkness.least(palette.colour(role), plate, Contrast.TEXT),
                        PlateDarkness.worst(palette.colour(role), plate, brand.plate()),
                        Contrast.TEXT))
                .toList();
        return new BrandView(
                palette.all(),
                palette.shortfalls(),
                plates,
                new GradientView(
                        brand.gradient().points(palette), brand.gradient().greyest(palette)));
    }
}
