package brandeon.core.theme;

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

    public Provenance {
        if (origin.length() > LONGEST || licence.length() > LONGEST || credit.length() > LONGEST) {
            throw new IllegalArgumentException("Origin, licence and credit have at most " + LONGEST + " letters each.");
        }
    }
}
