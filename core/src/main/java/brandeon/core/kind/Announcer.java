package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** Shows alerts. */
final class Announcer extends Kind {

    Announcer() {
        super("Announcer", Group.WIDGETS, Zone.ALERT, List.of(), Figure.WORDS);
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return piece.alert()
                .get()
                .map(alert -> new Ask.Alert(
                        piece.canvas(),
                        piece.box(),
                        piece.tune(),
                        alert.said(),
                        alert.picture(),
                        alert.comes(),
                        alert.goes(),
                        alert.from(),
                        alert.until()));
    }

    @Override
    public boolean liesOver() {
        return true;
    }

    @Override
    public boolean announces() {
        return true;
    }
}
