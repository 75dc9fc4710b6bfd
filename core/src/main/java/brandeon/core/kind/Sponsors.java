package brandeon.core.kind;

import java.util.Map;

/** Sponsors that take turns. */
final class Sponsors extends TurnTaking {

    Sponsors() {
        super(
                "Sponsor rotation",
                Content.Entries.of("With thanks to", "Name of your sponsor", "With thanks to", "Name of another one"),
                8);
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of(
                "rows",
                Content.Entries.of(
                        "With thanks to",
                        "Fenwick Waders",
                        "With thanks to",
                        "The Lamp Loft, Low Quay",
                        "With thanks to",
                        "Osk & Daughter, optics"));
    }
}
