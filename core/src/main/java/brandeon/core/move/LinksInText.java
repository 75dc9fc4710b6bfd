package brandeon.core.move;

import brandeon.core.problem.Mistake;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;

/**
 * Finds links of sources in the bytes of any text, whatever its format, and puts others in their stead; every other
 * byte stays. Links are known by the token after {@code /o/}, which no way of writing links changes, so that the
 * slashes before it may be escaped as in JSON, in addresses (once or twice) or in markup. Texts of one byte for each
 * plain letter (ASCII and all that extends it, UTF-8 among them), UTF-16 and UTF-32 are read, in both byte orders.
 */
public final class LinksInText {

    /** Letters of a token. */
    public static final int TOKEN = 43;

    /** How a slash may be written where it is not a slash; the letters before its last one. */
    private static final List<String> SLASHES =
            List.of("%2", "%252", "\\u002", "&#x2", "&#47", "&sol", "&#x2F", "&#x2f");

    private LinksInText() {}

    /**
     * A link.
     *
     * @param from first byte of its token
     * @param to   byte after its token
     * @param line on which it stands, counted from 1
     */
    public record Place(int from, int to, int line, String token) {}

    /** In their order. */
    public static List<Place> find(byte[] text) {
        List<Place> places = new ArrayList<>();
        new Units(text, 1, 0).find(places);
        if (holdsZero(text)) {
            for (int stride : new int[] {2, 4}) {
                for (int phase = 0; phase < stride; phase++) {
                    new Units(text, stride, phase).find(places);
                }
            }
            places.sort(Comparator.comparingInt(Place::from));
        }
        return places;
    }

    /**
     * @param places of this text, in their order
     * @param token  what is put in the stead of one; null where it stays
     */
    public static byte[] replaced(byte[] text, List<Place> places, Function<Place, String> token) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(text.length + TOKEN);
        int done = 0;
        for (Place place : places) {
            String next = token.apply(place);
            if (next == null) {
                continue;
            }
            if (next.length() != TOKEN) {
                throw new Mistake("A link's token has " + TOKEN + " letters.");
            }
            out.write(text, done, place.from() - done);
            byte[] letters = new byte[place.to() - place.from()];
            int stride = (letters.length + TOKEN - 1) / TOKEN;
            for (int i = 0; i < TOKEN; i++) {
                letters[i * stride] = (byte) next.charAt(i);
            }
            out.writeBytes(letters);
            done = place.to();
        }
        out.write(text, done, text.length - done);
        return out.toByteArray();
    }

    private static boolean holdsZero(byte[] text) {
        for (byte one : text) {
            if (one == 0) {
                return true;
            }
        }
        return false;
    }

    /** A text as letters of so many bytes each, the first of which says which one it is and the others are zero. */
    private record Units(byte[] text, int stride, int phase) {

        /** 0 where there is no plain letter. */
        int at(int index) {
            int here = phase + index * stride;
            if (index < 0 || here >= text.length) {
                return 0;
            }
            for (int i = 1; i < stride && here + i < text.length; i++) {
                if (text[here + i] != 0) {
                    return 0;
                }
            }
            return text[here] & 0xFF;
        }

        void find(List<Place> places) {
            int count = Math.max(0, (text.length - phase + stride - 1) / stride);
            int line = 1;
            int before = 0;
            for (int i = 0; i < count; i++) {
                int letter = stride == 1 ? text[i] & 0xFF : at(i);
                // Each way of ending a line once: a carriage return counts unless a line feed follows it.
                if (before == '\r' && letter != '\n' || letter == '\n') {
                    line++;
                }
                before = letter;
                if (letter == 'o' && i > 0 && slashEnds(i - 1)) {
                    int begin = afterSlash(i + 1);
                    int end = begin < 0 ? -1 : tokenEnd(begin);
                    if (end > 0) {
                        places.add(new Place(
                                phase + begin * stride,
                                Math.min(text.length, phase + end * stride),
                                line,
                                token(begin, end)));
                        i = end - 1;
                        before = 'o';
                    }
                }
            }
        }

        private boolean slashEnds(int index) {
            int letter = at(index);
            return letter == '/'
                    || (letter == 'F' || letter == 'f' || letter == ';')
                            && SLASHES.stream().anyMatch(slash -> endsWith(slash, index - 1));
        }

        private boolean endsWith(String word, int index) {
            for (int i = 0; i < word.length(); i++) {
                if (at(index - word.length() + 1 + i) != word.charAt(i)) {
                    return false;
                }
            }
            return true;
        }

        /** Where what follows a slash begins; -1 where no slash stands. */
        private int afterSlash(int index) {
            // A slash of JSON has a backslash before it.
            int start = at(index) == '\\' && at(index + 1) == '/' ? index + 1 : index;
            if (at(start) == '/') {
                return start + 1;
            }
            for (String slash : SLASHES) {
                int last = start + slash.length();
                int letter = at(last);
                if ((letter == 'F' || letter == 'f' || letter == ';') && endsWith(slash, last - 1)) {
                    return letter != ';' && at(last + 1) == ';' ? last + 2 : last + 1;
                }
            }
            return -1;
        }

        /** -1 where no token stands. */
        private int tokenEnd(int begin) {
            int here = begin;
            for (int i = 0; i < TOKEN; i++) {
                if (!part(at(here))) {
                    return -1;
                }
                here++;
            }
            return part(at(here)) ? -1 : here;
        }

        private static boolean part(int letter) {
            return letter >= 'a' && letter <= 'z'
                    || letter >= 'A' && letter <= 'Z'
                    || letter >= '0' && letter <= '9'
                    || letter == '-'
                    || letter == '_';
        }

        private String token(int begin, int end) {
            StringBuilder token = new StringBuilder(TOKEN);
            for (int i = begin; i < end; i++) {
                token.append((char) at(i));
            }
            return token.toString();
        }
    }
}
