package brandeon.server.bot;

import brandeon.core.bot.Asker;
import brandeon.core.bot.Bot;
import brandeon.core.bot.BotMind;
import brandeon.core.bot.Command;
import brandeon.core.live.SignalKind;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.core.text.Values;
import brandeon.server.channel.Channels;
import brandeon.server.live.Moments;
import brandeon.server.live.SignalsTaken;
import brandeon.server.problem.Refused;
import brandeon.server.problem.TooMany;
import brandeon.server.standin.StandIns;
import brandeon.server.theme.Themes;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The practice bot: a stand-in that is in the chat of a theme's channel and obeys what the theme says. It hears what
 * comes in there, and writes by the same door as platforms, marked as practice. What it remembers is stored, so that it
 * is one bot on all servers.
 */
@Service
public class BotTrials {

    private static final Logger LOG = LoggerFactory.getLogger(BotTrials.class);

    private static final int LOOK_EVERY = 1000;
    private static final long STAYS = Duration.ofHours(1).toMillis();
    /** Of the ids of all lines that are written here; the bot hears these by itself. */
    private static final String OWN = "bot-trial-";

    private static final String NAMELESS = "Practice bot";
    private static final int LONGEST_NAME = 60;

    /**
     * @param until   when it leaves by itself, epoch milliseconds; 0 while it is not there
     * @param waiting what its timed messages wait for
     */
    record BotTrialView(boolean joined, String name, long until, List<BotMind.Waiting> waiting) {}

    /**
     * What came of a line.
     *
     * @param answer empty for none
     * @param why    a command was not answered; empty where there was none, or it was
     */
    record BotHeard(String answer, String why) {}

    private final BotTrialRows rows;
    private final Themes themes;
    private final Channels channels;
    private final Moments moments;
    private final StandIns standIns;
    private final TransactionTemplate transactions;
    /** Channels in whose chat a bot is; looked up once in a while, since very many lines come in. */
    private volatile Set<UUID> heard = Set.of();

    BotTrials(
            BotTrialRows rows,
            Themes themes,
            Channels channels,
            Moments moments,
            StandIns standIns,
            TransactionTemplate transactions) {
        this.rows = rows;
        this.themes = themes;
        this.channels = channels;
        this.moments = moments;
        this.standIns = standIns;
        this.transactions = transactions;
    }

    BotTrialView of(Themes.Draft draft) {
        return rows.findById(draft.id())
                .filter(row -> row.until > System.currentTimeMillis())
                .map(row -> new BotTrialView(
                        true,
                        name(draft),
                        row.until,
                        mind(row).waiting(draft.theme().bot(), row.scene)))
                .orElseGet(() -> new BotTrialView(false, name(draft), 0, List.of()));
    }

    /** Lets it come in, or stay longer; what it waits for goes on. */
    void join(Themes.Draft draft) {
        if (draft.theme().bot().empty()) {
            throw new Refused("The bot has nothing to say yet: write a command or a timed message first.");
        }
        long now = System.currentTimeMillis();
        transactions.executeWithoutResult(_ -> {
            rows.leave(draft.id(), draft.channel(), now);
            rows.join(draft.id(), draft.channel(), Json.write(BotMind.joining(now)), now + STAYS);
        });
        heard = Stream.concat(heard.stream(), Stream.of(draft.channel())).collect(Collectors.toUnmodifiableSet());
    }

    void leave(Themes.Draft draft) {
        transactions.executeWithoutResult(_ -> rows.locked(draft.id()).ifPresent(rows::delete));
    }

    /** Which scene is seen. @param scene its id; empty for none */
    void look(Themes.Draft draft, String scene) {
        if (!scene.isEmpty() && draft.theme().scene(scene).isEmpty()) {
            throw new Mistake("There is no such scene.");
        }
        transactions.executeWithoutResult(_ -> rows.locked(draft.id()).ifPresent(row -> row.scene = scene));
    }

    /** Writes a line into the chat as somebody; the bot hears it if it is there. */
    BotHeard say(Themes.Draft draft, String name, Asker who, String text) {
        if (name.isBlank() || name.length() > LONGEST_NAME || !Letters.oneLine(name)) {
            throw new Mistake("Who writes has a name of 1 to " + LONGEST_NAME + " letters.");
        }
        if (text.isBlank() || text.length() > Command.LONGEST_LINE || !Letters.oneLine(text)) {
            throw new Mistake("A line of the chat has 1 to " + Command.LONGEST_LINE + " letters.");
        }
        write(draft, name, text);
        return hear(draft, List.of(new BotMind.Line(name, who, text, System.currentTimeMillis())))
                .getFirst();
    }

    /** What comes of lines, one after the other; what it answers is written. */
    private List<BotHeard> hear(Themes.Draft draft, List<BotMind.Line> lines) {
        Bot bot = draft.theme().bot();
        Values values = moments.of(draft).values();
        List<BotHeard> heard = inMind(draft.id(), (row, before) -> {
                    BotMind mind = before;
                    List<BotHeard> all = new ArrayList<>();
                    for (BotMind.Line line : lines) {
                        BotMind.Reply reply = mind.hear(bot, line, values);
                        mind = reply.mind();
                        all.add(new BotHeard(reply.answer().orElse(""), reply.why()));
                    }
                    row.mind = Json.write(mind);
                    return all;
                })
                .orElseGet(() -> lines.stream().map(_ -> new BotHeard("", "")).toList());
        for (BotHeard one : heard) {
            if (!one.answer().isEmpty()) {
                write(draft, name(draft), one.answer());
            }
        }
        return heard;
    }

    @FunctionalInterface
    private interface Thought<T> {
        T of(BotTrialRow row, BotMind mind);
    }

    /** Something that changes what it remembers; empty where it is not there. */
    private <T> Optional<T> inMind(UUID theme, Thought<T> thought) {
        return transactions.execute(_ -> rows.locked(theme)
                .filter(row -> row.until > System.currentTimeMillis())
                .map(row -> thought.of(row, mind(row))));
    }

    private static BotMind mind(BotTrialRow row) {
        return Json.read(row.mind, BotMind.class);
    }

    private static String name(Themes.Draft draft) {
        String name = draft.theme().bot().name();
        return name.isEmpty() ? NAMELESS : name;
    }

    private void write(Themes.Draft draft, String name, String text) {
        standIns.send(
                channels.find(draft.channel()).orElseThrow(() -> new Refused("The channel of this theme is gone.")),
                List.of(new StandIns.Event(
                        OWN + UUID.randomUUID(),
                        SignalKind.CHAT,
                        Map.of("name", name, "message", text, "practice", true))));
    }

    /** It hears all that comes into the chat; of those who write there it knows whether they support. */
    @EventListener
    void taken(SignalsTaken taken) {
        if (!heard.contains(taken.channel())) {
            return;
        }
        List<BotMind.Line> lines = taken.signals().stream()
                .filter(one -> one.kind() == SignalKind.CHAT && !one.id().contains(OWN))
                .map(one -> new BotMind.Line(
                        one.shownName(),
                        one.level().isEmpty() ? Asker.EVERYBODY : Asker.SUPPORTERS,
                        one.message(),
                        System.currentTimeMillis()))
                .toList();
        // The inlet that took them in must not wait for what is written there again.
        if (!lines.isEmpty()) {
            Thread.ofVirtual()
                    .name("practice bot")
                    .start(() -> rows.on(taken.channel())
                            .forEach(theme ->
                                    themes.find(theme).ifPresent(draft -> quietly(theme, () -> hear(draft, lines)))));
        }
    }

    @Scheduled(fixedDelay = LOOK_EVERY)
    void look() {
        long now = System.currentTimeMillis();
        List<BotTrialRow> all = rows.findAll();
        heard = all.stream().map(row -> row.channelId).collect(Collectors.toUnmodifiableSet());
        for (BotTrialRow there : all) {
            if (there.until <= now) {
                transactions.executeWithoutResult(_ -> rows.leave(now));
                continue;
            }
            themes.find(there.themeId)
                    .ifPresent(draft -> quietly(there.themeId, () -> {
                        Bot bot = draft.theme().bot();
                        Values values = moments.of(draft).values();
                        if (mind(there)
                                .speak(bot, there.scene, values, now)
                                .text()
                                .isEmpty()) {
                            return;
                        }
                        inMind(there.themeId, (row, mind) -> {
                                    BotMind.Said said = mind.speak(bot, row.scene, values, now);
                                    row.mind = Json.write(said.mind());
                                    return said.text();
                                })
                                .flatMap(Function.identity())
                                .ifPresent(text -> write(draft, name(draft), text));
                    }));
        }
    }

    /** A line that could not be written is left out: nobody waits for it. */
    private void quietly(UUID theme, Runnable deed) {
        try {
            deed.run();
        } catch (Refused | TooMany e) {
            LOG.info("The practice bot of theme {} could not write: {}", theme, e.getMessage());
        }
    }
}
