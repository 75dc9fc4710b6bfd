package brandeon.core.bundle;

/** How much of a theme travels in a package. */
public enum Extent {
    THEME("theme"),
    /** One scene with the pieces on it. */
    SCENE("scene"),
    PIECE("piece"),
    /** Colours, fonts and the way in which things are drawn. */
    BRAND("brand"),
    /** Alert rules, their sounds and their pace. */
    ALERTS("set of alert rules");

    private final String title;

    Extent(String title) {
        this.title = title;
    }

    /** For people. */
    public String title() {
        return title;
    }
}
