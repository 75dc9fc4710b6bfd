package brandeon.core.text;

import java.util.Locale;
import java.util.regex.Pattern;

/** Which of English's two indefinite articles stands before a word: it is chosen by sound, not by letter. */
public final class Article {

    /** Begin with the sound of “you” or “one” (common practice, no source). */
    private static final Pattern CONSONANT_BY_SOUND = Pattern.compile(
            "(?:uni(?![nm])|us(?:e|a[gb]|u[arl])|ut(?:e|i|o)|ubiq|uk|ur(?:an|in)|eu|ew|once?\\b|one-).*");
    /** Begin with a silent h (common practice, no source). */
    private static final Pattern VOWEL_BY_SOUND = Pattern.compile("(?:hour|honest|honou?r|heir).*");
    /** Eight, eleven and eighteen, alone or before thousands. */
    private static final Pattern VOWEL_BY_NUMBER = Pattern.compile("(?:8\\d*|11|18)(?:[,. ]\\d{3})*(?!\\d).*");
    /** Letters whose names begin with a vowel. */
    private static final String VOWEL_BY_NAME = "AEFHILMNORSX";
    /** What is read letter by letter, as in “an MVP”. */
    private static final Pattern LETTER_BY_LETTER = Pattern.compile("(?:\\p{Lu}|[\\p{Lu}&&[^AEIOUY]]{2,5})\\b.*");

    private Article() {}

    /** Whether it is “an” and not “a”. @param next what follows the article, a letter or digit first */
    public static boolean isAn(String next) {
        if (next.isEmpty()) {
            return false;
        }
        if (Character.isDigit(next.charAt(0))) {
            return VOWEL_BY_NUMBER.matcher(next).matches();
        }
        if (LETTER_BY_LETTER.matcher(next).matches()) {
            return VOWEL_BY_NAME.indexOf(next.charAt(0)) >= 0;
        }
        String low = next.toLowerCase(Locale.ROOT);
        return VOWEL_BY_SOUND.matcher(low).matches()
                || "aeiou".indexOf(low.charAt(0)) >= 0
                        && !CONSONANT_BY_SOUND.matcher(low).matches();
    }
}
