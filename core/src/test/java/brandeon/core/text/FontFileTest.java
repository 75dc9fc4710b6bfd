package brandeon.core.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class FontFileTest {

    private static final byte[] FRAUNCES = Face.FRAUNCES.bytes().orElseThrow();

    @Test
    void aFontIsTakenUnderItsOwnName() {
        assertThat(FontFile.read(FRAUNCES).title()).contains("Fraunces");
        for (Face face : Face.shipped()) {
            assertThat(FontFile.read(face.bytes().orElseThrow()).content()).isNotEmpty();
        }
    }

    /** An own face measures as the same file does among the shipped ones. */
    @Test
    void anOwnFaceMeasuresByItsFile() {
        Face own = Face.own("ab".repeat(32));
        assertThat(Fonts.knows(own)).isFalse();
        assertThat(Measure.width(Face.own("cd".repeat(32)), 40, "Reed"))
                .as("unknown: as a shipped face")
                .isEqualTo(Measure.width(Face.ATKINSON, 40, "Reed"));
        Fonts.from(face -> face.equals(own) ? Optional.of(FRAUNCES) : Optional.empty());
        assertThat(Measure.width(own, 40, "Reedlight Hide"))
                .isEqualTo(Measure.width(Face.FRAUNCES, 40, "Reedlight Hide"));
        assertThat(Face.ofFamily(own.family())).contains(own);
    }

    @Test
    void aTruncatedFontIsRefusedWhereverItIsCut() {
        for (int length : new int[] {0, 3, 11, 40, 200, 5_000, FRAUNCES.length / 2, FRAUNCES.length - 8}) {
            assertThatThrownBy(() -> FontFile.read(Arrays.copyOf(FRAUNCES, length)))
                    .as("%d bytes", length)
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("font");
        }
    }

    @Test
    void whatIsNoFontIsRefused() {
        assertThatThrownBy(() -> FontFile.read("Sedge, reed, rush and more.".getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("TTF and OTF can");
        assertThatThrownBy(() -> FontFile.read(new byte[FontFile.MOST_BYTES + 1]))
                .hasMessageContaining("more than 8 MB");
        assertThatThrownBy(() -> FontFile.read(ByteBuffer.allocate(64)
                        .putInt(0x00010000)
                        .putShort((short) 60_000)
                        .array()))
                .hasMessageContaining("60000 tables");
    }

    @Test
    void figuresThatDoNotFitTheirTablesAreRefused() {
        byte[] glyphs = FRAUNCES.clone();
        ByteBuffer.wrap(glyphs).putShort(table(glyphs, "maxp") + 4, (short) 0xfff0);
        assertThatThrownBy(() -> FontFile.read(glyphs)).hasMessageContaining("damaged");
        byte[] outlines = FRAUNCES.clone();
        ByteBuffer.wrap(outlines).putShort(table(outlines, "loca") + 40, (short) 0xffff);
        assertThatThrownBy(() -> FontFile.read(outlines)).hasMessageContaining("outlines lie outside");
    }

    /**
     * Two hundred fonts with wrong bytes in their first thousand, where everything is found by: a sentence or a font,
     * never anything else.
     */
    @Test
    void wrongBytesNeverDoMoreThanBeRefused() {
        SplittableRandom random = new SplittableRandom(4);
        for (int i = 0; i < 200; i++) {
            byte[] wrong = FRAUNCES.clone();
            for (int n = 0; n < 4; n++) {
                wrong[random.nextInt(1000)] = (byte) random.nextInt();
            }
            try {
                assertThat(FontFile.read(wrong).title()).isNotNull();
            } catch (IllegalArgumentException refused) {
                assertThat(refused.getMessage()).contains("font");
            }
        }
    }

    private static int table(byte[] font, String tag) {
        ByteBuffer bytes = ByteBuffer.wrap(font);
        for (int i = 0; i < bytes.getShort(4); i++) {
            byte[] found = new byte[4];
            bytes.position(12 + 16 * i).get(found);
            if (new String(found, StandardCharsets.US_ASCII).equals(tag)) {
                return bytes.getInt(12 + 16 * i + 8);
            }
        }
        throw new IllegalStateException(tag);
    }
}
