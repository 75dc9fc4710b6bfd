package brandeon.core.move;

import brandeon.core.art.Mark;
import brandeon.core.canvas.Canvas;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.layout.Resolver;
import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.Counting;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.live.Tally;
import brandeon.core.live.When;
import brandeon.core.platform.Profile;
import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * A platform's signals played on a theme, without anything being sent: each alert and each live value is painted as its
 * sources would paint it, and looked at.
 *
 * @param alerts one for each rule that is on, and one for each signal that no rule announces
 * @param values one for each live value that a piece shows
 */
public record Trial(List<AlertTry> alerts, List<ValueTry> values) {

    /**
     * @param word     what the platform calls the signal
     * @param rule     id of the rule; empty where nothing announces it
     * @param said     what it says, above and below
     * @param seen     names of scenes on which it is seen
     * @param unseen   names of those on which it is not
     * @param sound    id of what is heard; empty for nothing
     * @param oldWords what it says in the words of the platform before; empty for nothing
     * @param tight    canvases on which the longest names are shortened, with the scenes where it is not all of them
     * @param reason   why it is never announced; empty where it is
     * @param right    whether nothing need be looked at
     */
    public record AlertTry(
            SignalKind kind,
            String word,
            String rule,
            String said,
            List<String> seen,
            List<String> unseen,
            String sound,
            String oldWords,
            List<String> tight,
            String reason,
            boolean right) {}

    /**
     * @param piece  its name
     * @param shows  name of the value
     * @param word   the platform's word for the signal that changes it; empty where none does
     * @param before what stood there, and after it, what stands there when the signal has come
     * @param moved  whether that is something else
     */
    public record ValueTry(String piece, String shows, String word, String before, String after, boolean moved) {}

    private static final long NOW = 1_700_000_000_000L;
    private static final String NAME = "Tavi Brook";
    private static final String MESSAGE = "Is that a spoonbill?";
    private static final long AMOUNT = 500;
    /** Letters as wide as they get. */
    private static final String WIDE =
            "Marshwarden_of_Low_Quay_W_and_Mother_Moorhen_of_the_Mill_Meadow_by_the_Weir_W_WW";

    /**
     * @param on  the platform whose signals are played
     * @param was the platform that the theme was on before; empty where there was none
     */
    public static Trial of(Theme theme, Profile on, Optional<Profile> was) {
        return new Played(theme, on, was).trial();
    }

    private static final class Played {

        private final Theme theme;
        private final Profile on;
        private final Optional<Profile> was;
        private final Resolver resolver;

        Played(Theme theme, Profile on, Optional<Profile> was) {
            this.theme = theme;
            this.on = on;
            this.was = was;
            this.resolver = new Resolver(theme);
        }

        Trial trial() {
            List<AlertTry> alerts = new ArrayList<>();
            for (Profile.Term term : on.signals()) {
                if (term.kind().announced()) {
                    List<AlertRule> rules = theme.alerts(term.kind()).stream()
                            .filter(AlertRule::on)
                            .toList();
                    rules.forEach(rule -> alerts.add(alert(term, rule)));
                    if (rules.isEmpty()) {
                        alerts.add(unannounced(term));
                    }
                }
            }
            List<ValueTry> values = new ArrayList<>();
            for (Piece piece : theme.pieces()) {
                Set<String> shown = new TreeSet<>();
                piece.kind()
                        .fields()
                        .forEach(field ->
                                shown.addAll(piece.content(field.name()).shows()));
                shown.stream()
                        .filter(name -> !Readings.fedBy(name).isEmpty()
                                && !Readings.plain(name).startsWith("chat"))
                        .forEach(name -> values.add(value(piece, name)));
            }
            return new Trial(List.copyOf(alerts), List.copyOf(values));
        }

        private AlertTry unannounced(Profile.Term term) {
            return new AlertTry(
                    term.kind(),
                    term.word(),
                    "",
                    "",
                    List.of(),
                    List.of(),
                    "",
                    "",
                    List.of(),
                    "No rule that is on announces it.",
                    false);
        }

        private AlertTry alert(Profile.Term term, AlertRule rule) {
            Signal signal = signal(term, rule.when(), NAME);
            boolean holds =
                    AlertRule.of(theme.alerts(), signal).filter(rule::equals).isPresent();
            LiveState live = during(rule, signal);
            LiveState longest = during(rule, signal(term, rule.when(), wide()));
            Set<String> seen = new LinkedHashSet<>();
            Set<String> unseen = new LinkedHashSet<>();
            Map<String, List<String>> on = new LinkedHashMap<>();
            Map<String, List<String>> tight = new LinkedHashMap<>();
            for (Scene scene : theme.shownScenes()) {
                for (Canvas canvas : theme.canvases()) {
                    if (!rule.canvases().isEmpty() && !rule.canvases().contains(canvas.id())) {
                        continue;
                    }
                    boolean here = announced(scene, canvas, live);
                    (here ? seen : unseen).add(scene.name());
                    if (here) {
                        on.computeIfAbsent(canvas.name(), _ -> new ArrayList<>())
                                .add(scene.name());
                        if (shortened(scene, canvas, longest, rule)) {
                            tight.computeIfAbsent(canvas.name(), _ -> new ArrayList<>())
                                    .add(scene.name());
                        }
                    }
                }
            }
            unseen.removeAll(seen);
            LiveState.Shown shown = live.alert().orElseThrow();
            String oldWords = oldWords(rule);
            return new AlertTry(
                    term.kind(),
                    term.word(),
                    rule.id(),
                    rule.kickerFor(shown.values()) + " · " + rule.textFor(shown.values(), 1),
                    List.copyOf(seen),
                    List.copyOf(unseen),
                    theme.sounds().gain(rule.sound()).isPresent() ? rule.sound().sound() : "",
                    oldWords,
                    told(tight, on),
                    holds ? "" : "Another rule that stands before it announces such a signal.",
                    holds && !seen.isEmpty() && oldWords.isEmpty());
        }

        /** A canvas alone, where it is so on all of its scenes. */
        private static List<String> told(Map<String, List<String>> tight, Map<String, List<String>> on) {
            return tight.entrySet().stream()
                    .map(one -> one.getValue().equals(on.get(one.getKey()))
                            ? one.getKey()
                            : one.getKey() + " (" + String.join(", ", one.getValue()) + ")")
                    .toList();
        }

        /** Names as long as the platform has them. */
        private String wide() {
            return WIDE.substring(0, Math.min(on.longestName(), WIDE.length()));
        }

        private LiveState during(AlertRule rule, Signal signal) {
            AlertSlot slot = new AlertSlot(NOW, NOW + rule.millis(signal));
            return new LiveState(Readings.NONE, Show.QUIET, Optional.of(LiveState.Shown.of(signal, slot, on)));
        }

        private String oldWords(AlertRule rule) {
            return was.map(before -> {
                        Wording wording = Wording.about(rule.kind(), before, on);
                        return List.of(rule.kicker(), rule.text(), rule.several()).stream()
                                .filter(text -> !wording.change(text).equals(text))
                                .collect(Collectors.joining(" · "));
                    })
                    .orElse("");
        }

        private boolean announced(Scene scene, Canvas canvas, LiveState live) {
            return said(scene, canvas, live).filter(text -> !text.isEmpty()).isPresent();
        }

        /** Whether what is painted is less than what the rule says. */
        private boolean shortened(Scene scene, Canvas canvas, LiveState live, AlertRule rule) {
            String wanted = letters(rule.textFor(live.alert().orElseThrow().values(), 1));
            return said(scene, canvas, live)
                    .filter(text -> !text.contains(wanted))
                    .isPresent();
        }

        /** All letters that announcers show; empty where none stands on the scene. */
        private Optional<String> said(Scene scene, Canvas canvas, LiveState live) {
            ResolvedScene resolved = resolver.seen(scene, canvas, live);
            return resolved.placements().stream()
                    .filter(placement -> placement.piece().kind().facts().announces())
                    .map(placement -> letters(written(placement)))
                    .findFirst();
        }

        private ValueTry value(Piece piece, String name) {
            Optional<Profile.Term> term = on.signals().stream()
                    .filter(one -> Readings.fedBy(name).contains(one.kind()))
                    .findFirst();
            LiveState before = state(List.of());
            LiveState after =
                    state(term.map(one -> List.of(signal(one, When.ANY, NAME))).orElse(List.of()));
            String was = term.isEmpty() ? "" : shown(piece, before);
            String is = term.isEmpty() ? "" : shown(piece, after);
            return new ValueTry(piece.name(), name, term.map(Profile.Term::word).orElse(""), was, is, !was.equals(is));
        }

        private static LiveState state(List<Signal> signals) {
            Readings readings = Tally.NONE.with(signals, Counting.STANDARD, NOW).readings(Counting.STANDARD, NOW);
            return new LiveState(readings, Show.QUIET, Optional.empty());
        }

        /** What a piece says where it stands first; empty where it stands nowhere. */
        private String shown(Piece piece, LiveState live) {
            return theme.scenes().stream()
                    .filter(scene -> scene.stack().stream()
                            .anyMatch(placed -> placed.piece().equals(piece.id())))
                    .flatMap(scene -> theme.canvases().stream()
                            .flatMap(canvas -> resolver.resolve(scene, canvas, live).placement(piece.id()).stream()))
                    .map(Played::written)
                    .findFirst()
                    .orElse("");
        }

        private static String written(Placement placement) {
            return placement.art().texts().stream().map(Mark.Text::text).collect(Collectors.joining(" "));
        }

        /** As families may set them in capitals and break them into lines. */
        private static String letters(String text) {
            return text.toLowerCase(Locale.ROOT).replaceAll("\\s+", "");
        }

        private static Signal signal(Profile.Term term, When when, String name) {
            boolean money = term.kind().amount() == SignalKind.Amount.MONEY;
            long amount = term.kind().amount() == SignalKind.Amount.NONE ? 0 : money ? AMOUNT : 3;
            String currency = !money
                    ? ""
                    : !when.currency().isEmpty()
                            ? when.currency()
                            : term.currencies().isEmpty()
                                    ? "EUR"
                                    : term.currencies().getFirst();
            return new Signal(
                    "trial",
                    "",
                    term.kind(),
                    name,
                    Math.max(3, when.months()),
                    when.level(),
                    when.to() > 0 ? Math.clamp(amount, when.from(), when.to()) : Math.max(amount, when.from()),
                    currency,
                    money ? MESSAGE : "",
                    name,
                    when.anonymous(),
                    when.first(),
                    false,
                    NOW);
        }
    }
}
