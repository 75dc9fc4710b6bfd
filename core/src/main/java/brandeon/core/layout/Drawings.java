package brandeon.core.layout;

import brandeon.core.art.Ask;
import brandeon.core.art.Families;
import brandeon.core.art.Family;
import brandeon.core.art.Look;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Temperament;
import brandeon.core.art.Weight;
import brandeon.core.kept.Memory;
import brandeon.core.theme.Brand;
import brandeon.core.theme.Theme;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

/**
 * What one family draws in one brand's look. Art is a pure value of what is asked, so it is drawn once and kept while
 * it is asked for: an edit of one piece redraws that piece only. Shared by threads.
 */
final class Drawings {

    private static final int BRANDS_KEPT = 12;
    private static final int HUNDREDTHS_EACH = 1;
    private static final Cache<Key, Drawings> KEPT =
            Caffeine.newBuilder().maximumSize(BRANDS_KEPT).build();

    private record Key(String family, Brand brand) {}

    private final Family family;
    private final Look look;
    private final Cache<Ask, PieceArt> arts = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(HUNDREDTHS_EACH))
            .<Ask, PieceArt>weigher((_, art) -> Weight.of(art))
            .build();

    private Drawings(Key key) {
        family = Families.named(key.family())
                .orElseThrow(() -> new IllegalArgumentException("There is no family called “" + key.family() + "”."));
        look = key.brand().look();
    }

    /** @throws IllegalArgumentException when the theme's family is not shipped */
    static Drawings of(Theme theme) {
        return KEPT.get(new Key(theme.family(), theme.brand()), Drawings::new);
    }

    /** With nothing drawn yet. */
    static Drawings anew(Theme theme) {
        return new Drawings(new Key(theme.family(), theme.brand()));
    }

    Look look() {
        return look;
    }

    Temperament temperament() {
        return family.temperament();
    }

    PieceArt draw(Ask ask) {
        return arts.get(ask, wanted -> family.draw(wanted, look));
    }
}
