package brandeon.server.access;

import java.util.List;
import java.util.stream.Stream;

/** What a member may do; each includes the ones after it. */
public enum Role {
    OWNER(
            "Owner",
            "Runs the workspace",
            List.of(
                    "invite people, change their roles and take them out",
                    "rename and delete the workspace",
                    "delete themes")),
    DESIGNER(
            "Designer",
            "Makes the themes",
            List.of(
                    "make and edit themes: brand, pieces, scenes, canvases, pictures, fonts",
                    "add channels and choose the show that a channel feeds",
                    "move a theme to another platform",
                    "choose what a source follows and replace links")),
    OPERATOR(
            "Operator",
            "Runs the show",
            List.of(
                    "put themes on air and take back",
                    "send cues to the show",
                    "play practice signals and use the rig")),
    VIEWER("Viewer", "Looks on", List.of("see every theme, its files, its links and the show"));

    private final String title;
    private final String is;
    private final List<String> may;

    Role(String title, String is, List<String> may) {
        this.title = title;
        this.is = is;
        this.may = may;
    }

    public String title() {
        return title;
    }

    /** What somebody with it does, in a few words. */
    public String is() {
        return is;
    }

    /** What it adds to the roles after it, each ending “may …”. */
    public List<String> may() {
        return may;
    }

    /** Everything that somebody with it may do. */
    public List<String> all() {
        return Stream.of(values())
                .filter(this::includes)
                .flatMap(role -> role.may.stream())
                .toList();
    }

    public boolean includes(Role wanted) {
        return ordinal() <= wanted.ordinal();
    }
}
