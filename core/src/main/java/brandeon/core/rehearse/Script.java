package brandeon.core.rehearse;

import brandeon.core.live.Signal;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** Signals at their times, the earliest first. Written as JSON lines: one object a line (docs/formats.md). */
public record Script(List<ScriptLine> lines) {

    public static final int MOST = 20_000;

    public Script {
        if (lines.isEmpty()) {
            throw new Mistake("A script has at least one line.");
        }
        if (lines.size() > MOST) {
            throw new Mistake("A script has at most 20,000 lines.");
        }
        lines = lines.stream()
                .sorted(Comparator.comparingDouble(ScriptLine::at))
                .toList();
    }

    /** @throws Mistake with the number of the line that is wrong */
    public static Script read(String text) {
        List<ScriptLine> lines = new ArrayList<>();
        int number = 0;
        for (String line : text.lines().toList()) {
            number++;
            if (line.isBlank()) {
                continue;
            }
            if (lines.size() == MOST) {
                throw new Mistake("A script has at most 20,000 lines.");
            }
            try {
                JsonNode node = Json.readFromOutside(line, JsonNode.class);
                if (!node.isObject()) {
                    throw new Mistake("It is no object in braces.");
                }
                lines.add(Json.readSparse(node.toString(), ScriptLine.class));
            } catch (Mistake e) {
                throw new Mistake("Line " + number + ": " + e.getMessage(), e);
            }
        }
        return new Script(lines);
    }

    /** Of what came on a real evening, beginning with the first. */
    public static Script of(List<Signal> signals) {
        long begun = signals.stream().mapToLong(Signal::at).min().orElse(0);
        return new Script(signals.stream()
                .filter(signal -> signal.at() - begun <= ScriptLine.LATEST * 1000)
                .map(signal -> ScriptLine.of(signal, begun))
                .toList());
    }

    public String write() {
        return lines.stream().map(Json::write).collect(Collectors.joining("\n", "", "\n"));
    }

    /** From its beginning to the last signal. */
    public double seconds() {
        return lines.getLast().at();
    }
}
