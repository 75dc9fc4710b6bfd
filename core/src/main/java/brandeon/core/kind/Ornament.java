package brandeon.core.kind;

import java.util.List;

/** Something small without words, over whatever lies below; no picture is laid into it. */
abstract class Ornament extends Kind {

    Ornament(String title, Zone zone, List<Field> fields, List<Figure> figures) {
        super(title, Group.ORNAMENTS, zone, fields, figures);
    }

    @Override
    public boolean liesOver() {
        return true;
    }

    @Override
    public Laid laid() {
        return Laid.NONE;
    }

    @Override
    public Rank rank() {
        return Rank.ORNAMENT;
    }
}
