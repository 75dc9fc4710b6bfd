package brandeon.server.access;

import java.util.UUID;

/**
 * Somebody did something that is worth finding again. Told within the transaction that does it.
 *
 * @param place    on what it was done, as it is called
 * @param sentence what was done, beginning with a verb
 */
public record Deed(UUID workspace, UUID account, Kind kind, String place, String sentence) {

    public enum Kind {
        /** Of a theme's draft. */
        EDIT("Edits"),
        /** Of a show. */
        CUE("Cues"),
        /** What went on air and came back from it. */
        RELEASE("On air"),
        /** Links of sources. */
        LINK("Links"),
        /** Themes made, moved and deleted. */
        THEME("Themes"),
        /** Where signals come from. */
        CHANNEL("Channels"),
        /** Who belongs to the workspace. */
        MEMBER("People");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    public static Deed of(Member by, Kind kind, String place, String sentence) {
        return new Deed(by.workspace(), by.account(), kind, place, sentence);
    }
}
