package brandeon.core.bundle;

import java.util.Locale;
import java.util.regex.Pattern;

/** What a licence lets others do with a file, as far as its name tells. */
public final class Licences {

    /**
     * Whoever has a copy may use it on a stream and pass it on, perhaps with the name of who made it. By the ids of the
     * SPDX License List (from memory).
     */
    private static final Pattern FREE =
            Pattern.compile("ofl-1\\.[01](-no-rfn|-rfn)?|apache-2\\.0|mit|isc|unlicense|0bsd|"
                    + "bsd-[23]-clause|cc0-1\\.0|cc-by(-sa)?-[1-4]\\.0|ubuntu-font-1\\.0|bitstream-vera|"
                    + "gpl-[23]\\.0-(only|or-later)-with-font-exception|public[ -]domain");

    /** Passing on is allowed; money, or changes such as another colour, are not. */
    private static final Pattern HELD = Pattern.compile("cc-by-(nc|nd|nc-sa|nc-nd)-[1-4]\\.0");

    private Licences() {}

    public enum Sort {
        FREE,
        /** It may be passed on, but not be recoloured, or not be shown for money. */
        HELD,
        /** Words that say something else. */
        OWN_WORDS,
        UNSAID
    }

    /** @param licence an SPDX id, or words */
    public static Sort of(String licence) {
        String id = licence.strip().toLowerCase(Locale.ROOT);
        if (id.isEmpty()) {
            return Sort.UNSAID;
        }
        return FREE.matcher(id).matches() ? Sort.FREE : HELD.matcher(id).matches() ? Sort.HELD : Sort.OWN_WORDS;
    }

    /** Whether a font may go along in a file: fonts are licensed copy by copy, so what does not say so may not. */
    public static boolean passedOn(String licence) {
        return of(licence) == Sort.FREE;
    }
}
