package brandeon.core.kind;

import java.util.Map;

/** When there is something to see. */
final class Schedule extends TitledRows {

    Schedule() {
        super(
                "Schedule",
                "This week",
                Field.rows(
                                "rows",
                                "Rows",
                                "When",
                                "What",
                                Content.Rows.of(
                                        "Day and time", "What you will do",
                                        "Day and time", "What comes next"))
                        .yoursToWrite());
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of(
                "rows",
                Content.Rows.of("Tue 19:00", "Dusk watch", "Thu 05:30", "Dawn chorus", "Sat 20:00", "Owl night"));
    }
}
