package brandeon.core.publish;

import brandeon.core.art.ContentName;
import brandeon.core.art.Mark;
import brandeon.core.art.SvgWriter;
import brandeon.core.art.Weight;
import brandeon.core.kept.Memory;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;

/**
 * Drawings as SVG and the names of such texts, each made once for as long as the very same drawing is kept: after an
 * edit or a cue, only what was drawn anew is written and named anew. Known by identity, so that looking one up costs
 * nothing.
 */
final class Written {

    private static final int HUNDREDTHS = 2;

    private static final Cache<List<Mark>, String> TEXTS = Caffeine.newBuilder()
            .weakKeys()
            .maximumWeight(Memory.percent(HUNDREDTHS))
            .<List<Mark>, String>weigher((_, svg) -> Weight.of(svg))
            .build();
    private static final Cache<String, String> NAMES =
            Caffeine.newBuilder().weakKeys().build();

    private Written() {}

    static String svg(List<Mark> marks) {
        return TEXTS.get(marks, SvgWriter::fragment);
    }

    /** 64 hexadecimal digits. */
    static String name(String svg) {
        return NAMES.get(svg, ContentName::full);
    }
}
