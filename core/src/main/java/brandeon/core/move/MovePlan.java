package brandeon.core.move;

import brandeon.core.canvas.Shape;
import brandeon.core.live.SignalKind;
import brandeon.core.platform.Profile;
import brandeon.core.problem.Mistake;
import brandeon.core.theme.Theme;
import java.util.List;

/**
 * What changes when a theme goes to a channel on another platform: signal by signal, value by value, text by text, and
 * what its buttons cover. Each line has an id by which somebody can want it otherwise; see {@link Choices}.
 *
 * @param notes what no line can say
 * @param moved the theme as it would be on the other platform, lines that were refused left as they are
 * @param luggage what goes along beside it, likewise
 */
public record MovePlan(
        Profile from,
        Profile to,
        List<SignalLine> signals,
        List<ValueLine> values,
        List<TextLine> texts,
        List<AreaLine> areas,
        List<String> notes,
        Theme moved,
        Luggage luggage) {

    public enum Fate {
        /** The same signal under the same word. */
        KEPT,
        /** The same signal under another word. */
        REWORDED,
        /** The new platform has no such signal; its alert is switched off. */
        LOST,
        /** Only the new platform has it; an alert is offered. */
        NEW
    }

    /**
     * One signal, with what each side calls it; empty where a side lacks it.
     *
     * @param changes whether an alert of the copy is switched off or added for it
     * @param kept    whether somebody wants that otherwise
     */
    public record SignalLine(
            String id,
            SignalKind kind,
            String fromWord,
            String toWord,
            Fate fate,
            String note,
            boolean changes,
            boolean kept) {}

    /** A value that may be shown instead. @param meaning for people */
    public record Option(String name, String meaning) {}

    /**
     * A piece that shows a live value which the new platform does not fill, or not all of it.
     *
     * @param scenes  names of those that it is on
     * @param options none where only part of it is missing
     * @param chosen  name of what it shows then; empty for what it shows now
     */
    public record ValueLine(
            String id,
            String place,
            List<String> scenes,
            String shows,
            String meaning,
            List<Option> options,
            String chosen,
            String note) {}

    /**
     * One text that changes, or that somebody should look at.
     *
     * @param scenes   names of those that it is seen on
     * @param proposed what it becomes by itself; the same as before where it is only to be looked at
     * @param after    what it becomes
     * @param note     what is to be known about it; empty for nothing
     * @param refused  why it stays as it is; empty where it does not
     */
    public record TextLine(
            String id,
            String place,
            List<String> scenes,
            String before,
            String proposed,
            String after,
            String note,
            String refused) {}

    /**
     * What a platform's own buttons cover, on the scenes where that begins or ends to be kept clear.
     *
     * @param begins whether it is the new platform's
     */
    public record AreaLine(String id, String title, Shape shape, List<String> scenes, boolean begins, boolean kept) {}

    /** Plans the move of a theme; nothing is changed. */
    public static MovePlan of(Theme theme, Profile from, Profile to) {
        return of(theme, Luggage.NONE, from, to, Choices.NONE);
    }

    /** @throws Mistake where a value is chosen that does not stand to choice */
    public static MovePlan of(Theme theme, Profile from, Profile to, Choices choices) {
        return of(theme, Luggage.NONE, from, to, choices);
    }

    /** @throws Mistake where a value is chosen that does not stand to choice */
    public static MovePlan of(Theme theme, Luggage luggage, Profile from, Profile to, Choices choices) {
        return new Moving(theme, luggage, from, to, choices).plan();
    }
}
