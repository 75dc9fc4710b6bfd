package brandeon.core.rehearse;

import brandeon.core.live.SignalKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

/** Scripts that come along; the same each time. All people in them are invented. */
public final class Scripts {

    /** @param says what happens in it */
    public record Ready(String id, String title, String says, Script script) {}

    private static final List<String> FIRST = List.of(
            "Tavi", "Ilse", "Oskar", "Maret", "Wren", "Sal", "Heron", "Bram", "Tove", "Finn", "Lark", "Edda", "Rill");
    private static final List<String> LAST =
            List.of("Brook", "Fenn", "Dunlin", "Sedge", "Marsh", "Quay", "Tide", "Otter", "Rush", "Sluice", "Lantern");
    private static final List<String> SAYINGS = List.of(
            "Is that a spoonbill by the second post?",
            "Good evening from the far bank!",
            "Two avocets, left of the sluice.",
            "The light over the reeds is lovely tonight.",
            "Listen, a bittern.");

    private static final List<Ready> ALL = List.of(
            new Ready(
                    "quiet",
                    "A quiet evening",
                    "Twenty minutes: some follows, the chat, two subscriptions, one small raid.",
                    quiet()),
            new Ready(
                    "storm",
                    "A storm",
                    "Two minutes: a raid, 400 follows in a minute, three large tips, a gift of 50.",
                    storm()));

    private Scripts() {}

    public static List<Ready> all() {
        return ALL;
    }

    public static Optional<Ready> find(String id) {
        return ALL.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    private static Script quiet() {
        SplittableRandom random = new SplittableRandom(31);
        List<ScriptLine> lines = new ArrayList<>();
        for (int i = 0; i < 14; i++) {
            lines.add(ScriptLine.of(whole(random.nextDouble(1200)), SignalKind.FOLLOW, name(random)));
        }
        for (int i = 0; i < 40; i++) {
            lines.add(ScriptLine.of(whole(random.nextDouble(1200)), SignalKind.CHAT, name(random))
                    .paying(0, "", SAYINGS.get(random.nextInt(SAYINGS.size()))));
        }
        lines.add(ScriptLine.of(240, SignalKind.SUBSCRIPTION, "Ilse Fenn").supporting(1, "1"));
        lines.add(ScriptLine.of(690, SignalKind.RENEWAL, "Oskar Dunlin").supporting(14, "1"));
        lines.add(ScriptLine.of(865, SignalKind.POINTS, "Wren of Low Quay").amounting(120));
        lines.add(ScriptLine.of(980, SignalKind.RAID, "saltmarsh_sal").amounting(9));
        return new Script(lines);
    }

    private static Script storm() {
        SplittableRandom random = new SplittableRandom(47);
        List<ScriptLine> lines = new ArrayList<>();
        lines.add(ScriptLine.of(2, SignalKind.RAID, "Saltmarsh Sal").amounting(412));
        for (int i = 0; i < 400; i++) {
            lines.add(ScriptLine.of(whole(5 + random.nextDouble(60)), SignalKind.FOLLOW, name(random) + " " + (i + 1)));
        }
        lines.add(ScriptLine.of(20, SignalKind.TIP, "Maret Sedge").paying(10_000, "EUR", "For the lens fund!"));
        lines.add(ScriptLine.of(31, SignalKind.TIP, "Bram Sluice").paying(25_000, "EUR", SAYINGS.getFirst()));
        lines.add(
                ScriptLine.of(44, SignalKind.TIP, "Edda Rush").paying(7_500, "EUR", "From all of us on the far bank."));
        lines.add(ScriptLine.of(52, SignalKind.GIFTED_SUBSCRIPTIONS, "Tove Lantern")
                .amounting(50));
        for (int i = 0; i < 60; i++) {
            lines.add(ScriptLine.of(whole(random.nextDouble(120)), SignalKind.CHAT, name(random))
                    .paying(0, "", SAYINGS.get(random.nextInt(SAYINGS.size()))));
        }
        return new Script(lines);
    }

    private static String name(SplittableRandom random) {
        return FIRST.get(random.nextInt(FIRST.size())) + " " + LAST.get(random.nextInt(LAST.size()));
    }

    /** Hundredths of a second are as fine as anybody writes. */
    private static double whole(double seconds) {
        return Math.round(seconds * 100) / 100.0;
    }
}
