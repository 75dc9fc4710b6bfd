package brandeon.server.film;

import brandeon.core.canvas.Canvas;
import brandeon.core.inlet.SignalData;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.Samples;
import brandeon.core.live.AlertQueue;
import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.Signal;
import brandeon.core.live.When;
import brandeon.core.pack.Json;
import brandeon.core.platform.Profile;
import brandeon.core.problem.Mistake;
import brandeon.core.publish.Alone;
import brandeon.core.show.LiveState;
import brandeon.core.text.MessageCheck;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Sounds;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.channel.Channels;
import brandeon.server.recolour.Artworks;
import brandeon.server.sound.SoundFiles;
import brandeon.server.standin.TriedSignal;
import brandeon.server.theme.Themes;
import brandeon.server.work.Hands;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** How a rule announces a signal, while both are still being thought of; nothing is sent and nothing is kept. */
@RestController
class AlertTrialController {

    private static final int MOST = 10_000;

    /** @param count of signals that come together @param canvas id */
    record TrialWish(AlertRule rule, TriedSignal signal, int count, String canvas) {}

    /**
     * @param mistakes of the rule's texts, by the field's name
     * @param refused  why such a signal would not be taken in; empty when it would
     * @param matches  whether the rule is for such a signal at all
     * @param by       id of the theme's rule that would announce it; empty for none
     * @param heard    what sounds with it; null for nothing
     * @param preview  null while something is wrong
     */
    record AlertTrial(
            Map<String, String> mistakes,
            String refused,
            boolean matches,
            String by,
            String kicker,
            String text,
            double seconds,
            Optional<HeardHere> heard,
            Optional<PreviewView> preview) {

        private static AlertTrial wrong(Map<String, String> mistakes, String refused) {
            return new AlertTrial(mistakes, refused, false, "", "", "", 0, Optional.empty(), Optional.empty());
        }
    }

    /** A sound at its address. @param gain in dB */
    record HeardHere(String address, double gain) {}

    private final Members members;
    private final Themes themes;
    private final Channels channels;
    private final Artworks artworks;
    private final SoundFiles sounds;
    private final Hands hands;

    AlertTrialController(
            Members members, Themes themes, Channels channels, Artworks artworks, SoundFiles sounds, Hands hands) {
        this.members = members;
        this.themes = themes;
        this.channels = channels;
        this.artworks = artworks;
        this.sounds = sounds;
        this.hands = hands;
    }

    @PostMapping("/api/themes/{theme}/alerts/trial")
    AlertTrial tried(@PathVariable UUID theme, @RequestBody TrialWish wish) {
        if (wish.count() < 1 || wish.count() > MOST) {
            throw new Mistake("From 1 to " + MOST + " signals come together.");
        }
        Member member = members.current();
        Themes.Draft draft = themes.get(member, theme);
        Profile profile = channels.get(member, draft.channel()).platform();
        Map<String, String> mistakes = mistakes(wish.rule());
        if (!mistakes.isEmpty()) {
            return AlertTrial.wrong(mistakes, "");
        }
        Signal signal;
        try {
            JsonNode data = Json.read(Json.write(wish.signal().data()), JsonNode.class);
            signal = SignalData.read(profile, profile.termOrPlain(wish.signal().kind()), data, "trial", 0);
        } catch (Mistake e) {
            return AlertTrial.wrong(Map.of(), e.getMessage());
        }
        return hands.work(Hands.For.STAGE, () -> trial(draft, profile, wish, signal));
    }

    private AlertTrial trial(Themes.Draft draft, Profile profile, TrialWish wish, Signal signal) {
        AlertRule rule = wish.rule();
        Theme alone = draft.theme()
                .withAlerts(List.of(new AlertRule(
                        rule.id(),
                        signal.kind(),
                        true,
                        When.ANY,
                        rule.kicker(),
                        rule.text(),
                        rule.several(),
                        rule.seconds(),
                        rule.urgency(),
                        rule.picture(),
                        List.of(),
                        rule.sound(),
                        rule.comes(),
                        rule.goes())));
        long now = System.currentTimeMillis();
        long from = now + PreviewView.SOON;
        LiveState.Shown shown = new LiveState.Shown(
                signal,
                wish.count(),
                signal.amount() * wish.count(),
                names(signal, wish.count()),
                new AlertSlot(from, from + rule.millis(signal)),
                profile);
        Canvas canvas = draft.theme()
                .canvas(wish.canvas())
                .orElseGet(() -> draft.theme().canvases().getFirst());
        PreviewView view = PreviewView.of(
                Alone.announcing(alone, announcer(draft.theme()), canvas, shown), artworks.of(draft.workspace()), now);
        List<AlertRule> rules = new ArrayList<>(draft.theme().alerts());
        rules.replaceAll(one -> one.id().equals(rule.id()) ? rule : one);
        return new AlertTrial(
                Map.of(),
                "",
                rule.kind() == signal.kind() && rule.when().matches(signal),
                AlertRule.of(rules, signal).map(AlertRule::id).orElse(""),
                rule.kickerFor(shown.values()),
                rule.textFor(shown.values(), wish.count()),
                rule.millis(signal) / 1000.0,
                heard(draft, rule),
                Optional.of(new PreviewView(
                        artworks.signed(draft.workspace(), view.picture()), view.part(), view.now(), view.millis())));
    }

    private Optional<HeardHere> heard(Themes.Draft draft, AlertRule rule) {
        Sounds known = draft.theme().sounds();
        return known.gain(rule.sound())
                .flatMap(gain -> sounds.address(
                                draft.workspace(), known, rule.sound().sound())
                        .map(address -> new HeardHere(address, gain)));
    }

    /** The theme's own announcer, or how one would look. */
    private static Piece announcer(Theme theme) {
        return theme.pieces().stream()
                .filter(piece -> piece.kind().facts().announces())
                .findFirst()
                .orElseGet(() -> Samples.piece(theme, PieceKind.ANNOUNCER));
    }

    private static List<String> names(Signal signal, int count) {
        return Stream.concat(Stream.of(signal.shownName()), TOGETHER.stream())
                .limit(Math.min(count, AlertQueue.NAMED))
                .toList();
    }

    /** Invented viewers who come along with the first. */
    private static final List<String> TOGETHER = List.of("Maret Sedge", "heron_at_six");

    private static Map<String, String> mistakes(AlertRule rule) {
        Map<String, String> mistakes = new LinkedHashMap<>();
        Map.of("kicker", rule.kicker(), "text", rule.text(), "several", rule.several())
                .forEach((field, text) -> MessageCheck.mistake(text, Profile.ALERT_TYPES)
                        .ifPresent(mistake -> mistakes.put(field, mistake)));
        return mistakes;
    }
}
