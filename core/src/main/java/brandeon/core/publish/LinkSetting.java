package brandeon.core.publish;

import java.util.List;

/**
 * One thing that may stand in a link for that source alone.
 *
 * @param name    as it stands in the link, such as {@code ticker.speed}
 * @param owner   name of the piece that it is about; empty where it is about the whole source
 * @param title   for people
 * @param now     what it is without the link
 * @param least   of a number; 0 for other sorts
 * @param most    of a number, or the most letters of words
 * @param choices names of the numbers from 0 on, where each has one
 */
public record LinkSetting(
        String name,
        String owner,
        String title,
        Sort sort,
        String now,
        double least,
        double most,
        List<String> choices) {

    public enum Sort {
        NUMBER,
        CHOICE,
        WORDS,
        COLOUR
    }

    public LinkSetting {
        choices = List.copyOf(choices);
    }
}
