package brandeon.core.kind;

import java.util.Map;

/** Words that take turns. */
final class Rotator extends TurnTaking {

    Rotator() {
        super(
                "Taking turns",
                Content.Entries.of("Where else you are", "Your address there", "When you are on", "Day and time"),
                5);
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of(
                "rows",
                Content.Entries.of(
                        "Field notes",
                        "reedlight.example/notes",
                        "Sightings",
                        "Tell us in the chat",
                        "Next watch",
                        "Thursday 05:30"));
    }
}
