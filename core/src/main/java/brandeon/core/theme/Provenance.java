package brandeon.core.theme;

import brandeon.core.problem.Mistake;
import java.util.List;
import java.util.stream.Stream;

/**
 * Where a picture, font or sound came from. Empty texts are allowed and found wanting.
 *
 * @param origin  a place or a person
 * @param licence an SPDX id such as CC-BY-4.0, or words
 * @param credit  what must be said where it is shown
 */
public record Provenance(String origin, String licence, String credit) {

    public static final Provenance UNKNOWN = new Provenance("", "", "");
    private static final int LONGEST = 400;

    /** What is not said, in words: nothing when all is. */
    public List<String> lacking() {
        return Stream.of(
                        origin.isBlank() ? "origin" : "",
                        licence.isBlank() ? "licence" : "",
                        credit.isBlank() ? "credit" : "")
                .filter(word -> !word.isEmpty())
                .toList();
    }

    public Provenance {
        if (origin.length() > LONGEST || licence.length() > LONGEST || credit.length() > LONGEST) {
            throw new Mistake("Origin, licence and credit have at most " + LONGEST + " letters each.");
        }
    }
}
