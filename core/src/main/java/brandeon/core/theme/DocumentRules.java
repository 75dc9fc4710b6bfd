package brandeon.core.theme;

import brandeon.core.bot.Command;
import brandeon.core.bot.TimedMessage;
import brandeon.core.kind.Content;
import brandeon.core.live.AlertRule;
import brandeon.core.live.Readings;
import brandeon.core.platform.Profile;
import brandeon.core.text.Letters;
import brandeon.core.text.Money;
import brandeon.core.text.ValueType;
import java.util.Collection;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What must hold of every part of a theme that a change brings in. What was there before is not judged again, so that a
 * theme from an earlier version, which may break a rule, can still be edited.
 */
final class DocumentRules {

    /** Ids stand in addresses, in JSON keys and in the pages' own documents. */
    private static final Pattern ID = Pattern.compile("[A-Za-z0-9][A-Za-z0-9._-]{0,59}");

    private DocumentRules() {}

    /** @throws Edits.Refusal with the reason when something new breaks a rule */
    static void require(Theme before, Theme after) {
        name(after.name());
        fresh(before.canvases(), after.canvases()).forEach(canvas -> named(canvas.id(), canvas.name()));
        fresh(before.captures(), after.captures()).forEach(DocumentRules::capture);
        fresh(before.pieces(), after.pieces()).forEach(piece -> {
            named(piece.id(), piece.name());
            content(piece.content());
        });
        for (Scene scene : fresh(before.scenes(), after.scenes())) {
            scene(before.scene(scene.id()), scene);
        }
        fresh(before.alerts(), after.alerts()).forEach(rule -> alert(after, rule));
        distinct(after.alerts().stream().map(AlertRule::id));
        fresh(before.artworks(), after.artworks()).forEach(DocumentRules::artwork);
        fresh(before.faces(), after.faces()).forEach(face -> {
            name(face.title());
            provenance(face.provenance());
        });
        fresh(before.sounds().own(), after.sounds().own()).forEach(sound -> {
            named(sound.id(), sound.name());
            provenance(sound.provenance());
        });
        fresh(before.bot().commands(), after.bot().commands()).forEach(command -> {
            id(command.id());
            content(new Content.Words(command.answer()), Command.TYPES);
        });
        distinct(after.bot().commands().stream().map(Command::id));
        fresh(before.bot().timed(), after.bot().timed()).forEach(message -> {
            id(message.id());
            content(new Content.Words(message.text()), Readings.types());
            message.scenes().forEach(id -> need(after.scene(id).isPresent(), "There is no such scene any more."));
        });
        distinct(after.bot().timed().stream().map(TimedMessage::id));
        fresh(before.brand().moods(), after.brand().moods()).forEach(mood -> named(mood.id(), mood.name()));
    }

    private static void capture(Capture capture) {
        named(capture.id(), capture.name());
        distinct(capture.regions().stream().map(Region::id));
        capture.regions().forEach(region -> named(region.id(), region.name()));
        need(
                capture.regions().size() <= Capture.MOST_REGIONS,
                "A capture has at most " + Capture.MOST_REGIONS + " regions.");
    }

    private static void scene(Optional<Scene> before, Scene scene) {
        named(scene.id(), scene.name());
        distinct(scene.keepClear().stream().map(KeepClear::id));
        need(
                scene.keepClear().size() <= Scene.MOST_KEPT_CLEAR,
                "A scene keeps at most " + Scene.MOST_KEPT_CLEAR + " areas clear.");
        scene.keepClear().forEach(area -> named(area.id(), area.name()));
        for (Placed placed : fresh(before.map(Scene::stack).orElse(List.of()), scene.stack())) {
            need(
                    Letters.oneLine(placed.group()),
                    "The name of a group stands on one line, without control characters.");
            content(placed.content());
        }
    }

    private static void alert(Theme theme, AlertRule rule) {
        need(ID.matcher(rule.id()).matches(), "The id of an alert has letters, digits and hyphens.");
        need(
                Letters.oneLine(rule.when().level()) && rule.when().level().length() <= 80,
                "A level has at most 80 letters on one line.");
        need(
                rule.when().currency().isEmpty() || Money.known(rule.when().currency()),
                "“" + rule.when().currency() + "” is no currency of ISO 4217.");
        need(
                rule.picture().isEmpty() || theme.artwork(rule.picture()).isPresent(),
                "There is no such picture for an alert.");
        need(
                !rule.sound().heard() || theme.sounds().knows(rule.sound().sound()),
                "There is no such sound for an alert.");
        rule.canvases()
                .forEach(id -> need(theme.canvas(id).isPresent(), "There is no canvas “" + id + "” for an alert."));
        Stream.of(rule.kicker(), rule.text(), rule.several())
                .map(Content.Words::new)
                .forEach(words -> content(words, Profile.ALERT_TYPES));
    }

    private static void artwork(Artwork artwork) {
        named(artwork.id(), artwork.name());
        provenance(artwork.provenance());
        int colours = artwork.clusters().size();
        Stream.concat(artwork.recolouring().roles().keySet().stream(), artwork.recolouring().kept().stream())
                .filter(i -> i < 0 || i >= colours)
                .findFirst()
                .ifPresent(i ->
                        need(false, "This picture has " + colours + " main colours; there is no number " + i + "."));
    }

    private static void provenance(Provenance provenance) {
        need(
                Letters.oneLine(provenance.origin())
                        && Letters.oneLine(provenance.licence())
                        && Letters.oneLine(provenance.credit()),
                "Origin, licence and credit stand on one line each, without control characters.");
    }

    private static void content(Map<String, Content> all) {
        all.values().forEach(one -> content(one, Readings.types()));
    }

    private static void content(Content one, Map<String, ValueType> types) {
        one.mistake(types).ifPresent(mistake -> need(false, mistake));
    }

    private static void named(String id, String name) {
        id(id);
        name(name);
    }

    private static void id(String id) {
        need(ID.matcher(id).matches(), "An id has 1 to 60 letters, digits, dots, hyphens and underscores.");
    }

    private static void name(String name) {
        need(Letters.oneLine(name), "A name stands on one line, without control characters.");
    }

    private static void distinct(Stream<String> ids) {
        List<String> all = ids.toList();
        need(all.stream().distinct().count() == all.size(), "Two parts have the same id.");
    }

    /** What is in the later list and not, as the very same value, in the earlier one. */
    private static <T> List<T> fresh(Collection<T> before, List<T> after) {
        if (before == after) {
            return List.of();
        }
        Set<T> known = Collections.newSetFromMap(new IdentityHashMap<>());
        known.addAll(before);
        return after.stream().filter(one -> !known.contains(one)).toList();
    }

    private static void need(boolean holds, String otherwise) {
        Edits.require(holds, otherwise);
    }
}
