package brandeon.core.text;

import brandeon.core.problem.Mistake;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.awt.Font;
import java.awt.FontFormatException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/**
 * The fonts behind faces. Those that ship are loaded once; files from outside are asked of whoever keeps them, and only
 * the latest ones that were asked for are held here.
 */
public final class Fonts {

    private static final long OWN_BYTES = 48L << 20;
    private static final int OWN_FONTS = 32;

    private static final Map<Face, Font> SHIPPED = new ConcurrentHashMap<>();
    private static final Cache<Face, byte[]> FILES = Caffeine.newBuilder()
            .maximumWeight(OWN_BYTES)
            .<Face, byte[]>weigher((_, file) -> file.length)
            .build();
    private static final Cache<Face, Font> OWN =
            Caffeine.newBuilder().maximumSize(OWN_FONTS).build();
    private static volatile Function<Face, Optional<byte[]>> keeper = _ -> Optional.empty();

    private Fonts() {}

    /** Says who keeps the files of faces from outside. Each must have been read by {@link FontFile#read} before. */
    public static void from(Function<Face, Optional<byte[]>> whoKeepsThem) {
        keeper = whoKeepsThem;
    }

    static boolean knows(Face face) {
        return !face.isOwn() || bytes(face).isPresent();
    }

    static Optional<byte[]> bytes(Face face) {
        return Optional.ofNullable(
                FILES.get(face, wanted -> keeper.apply(wanted).orElse(null)));
    }

    /** An own face whose file is gone is measured and drawn as a shipped one, so that a picture still comes about. */
    static Font base(Face face) {
        if (!face.isOwn()) {
            return SHIPPED.computeIfAbsent(face, f -> load(f.shippedBytes()));
        }
        Font own = OWN.get(face, wanted -> bytes(wanted).map(Fonts::load).orElse(null));
        return own == null ? base(Face.ATKINSON) : own;
    }

    static Font load(byte[] file) {
        try {
            return Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(file));
        } catch (IOException | FontFormatException e) {
            throw new Mistake("This font is damaged: " + e.getMessage(), e);
        }
    }
}
