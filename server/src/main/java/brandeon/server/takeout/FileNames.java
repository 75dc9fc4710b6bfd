package brandeon.server.takeout;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.stream.Collectors;

/** Names of files that every system takes: letters and digits of ASCII, spaces, commas, dots and hyphens. */
final class FileNames {

    private static final int LONGEST = 80;

    private FileNames() {}

    /** @param parts for people, put together with hyphens */
    static String of(String... parts) {
        return Arrays.stream(parts).map(FileNames::one).collect(Collectors.joining(" - "));
    }

    private static String one(String text) {
        String plain = Normalizer.normalize(text, Normalizer.Form.NFKD)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^A-Za-z0-9 ,.-]", "_")
                .replaceAll("^[ .]+|[ .]+$", "");
        String shown = plain.substring(0, Math.min(LONGEST, plain.length())).stripTrailing();
        return shown.isEmpty() ? "unnamed" : shown;
    }
}
