package brandeon.core.loose;

/** What a file of a pack is, told by what is in it. */
public enum What {
    FRAME("Frame"),
    MASK("Mask"),
    PANEL("Panel"),
    BACKDROP("Backdrop"),
    ICON("Icon"),
    BAR("Bar"),
    LOOP("Loop"),
    ALERT("Alert picture"),
    ORNAMENT("Ornament"),
    SOUND("Sound"),
    FONT("Font"),
    TEXT("Text"),
    PALETTE("Palette"),
    UNREAD("Not read");

    private final String title;

    What(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    /** Whether it is a picture, still or moving. */
    public boolean picture() {
        return ordinal() <= ORNAMENT.ordinal();
    }
}
