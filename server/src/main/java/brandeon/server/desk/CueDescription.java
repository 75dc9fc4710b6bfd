package brandeon.server.desk;

import brandeon.core.show.CueGroup;
import brandeon.core.show.DeedAddress;
import brandeon.core.show.Grant;
import brandeon.core.show.Panel;
import brandeon.core.show.Sequence;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The addresses of all deeds that some rights include, as OpenAPI 3.1. */
final class CueDescription {

    /** Something that deeds are about. */
    private record About(String id, String name) {}

    private CueDescription() {}

    /** @param base address below which the deeds are */
    static Map<String, Object> of(
            String base, String show, List<Grant> grants, List<Panel.Control> controls, List<Sequence> sequences) {
        Map<String, Object> paths = new LinkedHashMap<>();
        for (CueGroup group : CueGroup.values()) {
            if (group == CueGroup.STATE) {
                continue;
            }
            for (About about : about(group, controls, sequences)) {
                group.deeds().forEach((deed, words) -> {
                    boolean whole = about.id().equals(DeedAddress.SHOW);
                    // Sequences are written on the desk.
                    boolean written = deed.equals("writeSequence") || deed.equals("removeSequence");
                    if (!written && Grant.take(grants, deed, whole ? "" : about.id())) {
                        paths.put("/" + about.id() + "/" + deed, Map.of("post", operation(about, group, deed, words)));
                    }
                });
            }
        }
        Map<String, Object> state = new LinkedHashMap<>();
        if (Grant.take(grants, "readState", "")) {
            state.put("get", Map.of("summary", "All that the show says", "responses", responses()));
        }
        if (Grant.take(grants, "putState", "")) {
            state.put(
                    "put",
                    Map.of(
                            "summary",
                            "Put in all that the show says, all or nothing",
                            "requestBody",
                            body(Map.of("type", "object"), true),
                            "responses",
                            responses()));
        }
        if (!state.isEmpty()) {
            paths.put("/state", state);
        }
        Map<String, Object> document = new LinkedHashMap<>();
        document.put("openapi", "3.1.0");
        document.put("info", Map.of("title", "Deeds of " + show, "version", "1"));
        document.put("servers", List.of(Map.of("url", base)));
        document.put("paths", paths);
        return document;
    }

    private static List<About> about(CueGroup group, List<Panel.Control> controls, List<Sequence> sequences) {
        List<About> all = new ArrayList<>();
        switch (group) {
            case BREAK, NOTICES, VIEWERS, ALERTS, REQUESTS, TRACK -> all.add(new About(DeedAddress.SHOW, "The show"));
            case SEQUENCES -> sequences.forEach(one -> all.add(new About(one.id(), one.name())));
            case STATE -> {}
            case CLOCKS, COUNTS, CARDS, POINTS, LINES, WORDS, SIGHT ->
                controls.stream()
                        .filter(one -> has(group, one))
                        .forEach(one -> all.add(new About(one.piece(), one.name())));
        }
        return all;
    }

    private static boolean has(CueGroup group, Panel.Control control) {
        return switch (group) {
            case CLOCKS -> control.dial().isPresent();
            case COUNTS -> !control.tallies().isEmpty();
            case CARDS -> control.deck().isPresent();
            case POINTS -> !control.orders().isEmpty();
            case LINES -> control.added().isPresent();
            case WORDS -> !control.lines().isEmpty();
            case SIGHT -> true;
            case BREAK, NOTICES, SEQUENCES, VIEWERS, ALERTS, STATE, REQUESTS, TRACK -> false;
        };
    }

    private static Map<String, Object> operation(About about, CueGroup group, String deed, String words) {
        Map<String, Object> properties = new LinkedHashMap<>();
        List<String> required = new ArrayList<>();
        for (DeedAddress.Figure figure : DeedAddress.figures(deed)) {
            Map<String, Object> schema = new LinkedHashMap<>();
            schema.put("type", figure.type().name().toLowerCase(Locale.ROOT));
            schema.put("description", figure.words());
            figure.standard().ifPresent(standard -> schema.put("default", standard));
            properties.put(figure.name(), schema);
            if (figure.given()) {
                required.add(figure.name());
            }
        }
        Map<String, Object> operation = new LinkedHashMap<>();
        operation.put("operationId", about.id() + "-" + deed);
        operation.put("summary", about.name() + ": " + words);
        operation.put("tags", List.of(group.title()));
        operation.put(
                "parameters",
                List.of(Map.of(
                        "name",
                        "Idempotency-Key",
                        "in",
                        "header",
                        "required",
                        false,
                        "description",
                        "a deed with the same key is done once",
                        "schema",
                        Map.of("type", "string", "maxLength", 60))));
        if (!properties.isEmpty()) {
            Map<String, Object> schema = new LinkedHashMap<>();
            schema.put("type", "object");
            schema.put("properties", properties);
            schema.put("required", required);
            schema.put("additionalProperties", false);
            operation.put("requestBody", body(schema, !required.isEmpty()));
        }
        operation.put("responses", responses());
        return operation;
    }

    private static Map<String, Object> body(Map<String, Object> schema, boolean required) {
        return Map.of("required", required, "content", Map.of("application/json", Map.of("schema", schema)));
    }

    private static Map<String, Object> responses() {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("200", Map.of("description", "Done; with what it was about as it is now"));
        all.put("400", Map.of("description", "Not understood, with a sentence"));
        all.put("403", Map.of("description", "The pass does not include it"));
        all.put("404", Map.of("description", "There is no such pass"));
        all.put("409", Map.of("description", "It cannot be now, with the reason"));
        all.put("410", Map.of("description", "The pass was withdrawn, or its time is over"));
        all.put("429", Map.of("description", "Too many deeds; Retry-After says how long to wait"));
        return all;
    }
}
