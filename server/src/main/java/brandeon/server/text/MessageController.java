package brandeon.server.text;

import brandeon.core.bot.Command;
import brandeon.core.live.Readings;
import brandeon.core.problem.Mistake;
import brandeon.core.show.LiveState;
import brandeon.core.text.Message;
import brandeon.core.text.MessageCheck;
import brandeon.core.text.ValueType;
import brandeon.core.text.Values;
import brandeon.server.access.Members;
import brandeon.server.live.Moments;
import brandeon.server.live.ShowValues;
import brandeon.server.theme.Themes;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Texts with values, while somebody writes them. */
@RestController
class MessageController {

    record Draft(String text) {}

    /**
     * @param mistake empty when there is none
     * @param shown   what viewers would read now; empty with a mistake
     */
    record Checked(String mistake, String shown) {}

    /** Somebody invented, who asks for an example. */
    private static final Map<String, String> ASKED = Map.of("name", "Tavi Brook", "rest", "what they wrote");

    private final Members members;
    private final Themes themes;
    private final Moments moments;
    private final ShowValues values;

    MessageController(Members members, Themes themes, Moments moments, ShowValues values) {
        this.members = members;
        this.themes = themes;
        this.moments = moments;
        this.values = values;
    }

    @PostMapping("/api/themes/{theme}/messages")
    Checked check(@PathVariable UUID theme, @RequestBody Draft draft) {
        return checked(theme, draft, Map.of(), Map.of());
    }

    /** The same of what a bot answers, which may also show who asks. */
    @PostMapping("/api/themes/{theme}/messages/answer")
    Checked checkAnswer(@PathVariable UUID theme, @RequestBody Draft draft) {
        return checked(theme, draft, Command.TYPES, ASKED);
    }

    private Checked checked(UUID theme, Draft draft, Map<String, ValueType> moreTypes, Map<String, String> more) {
        Themes.Draft of = themes.get(members.current(), theme);
        if (draft.text().length() > Message.LONGEST_PATTERN) {
            throw new Mistake(String.format(Locale.ROOT, "A text has at most %d letters.", Message.LONGEST_PATTERN));
        }
        LiveState live = moments.of(of);
        Map<String, ValueType> types = new HashMap<>(moreTypes);
        types.putAll(
                moments.show(of).map(show -> values.types(show, draft.text())).orElse(Readings.types()));
        Values known = live.values();
        Values all = name -> more.containsKey(name) ? more.get(name) : known.get(name);
        return MessageCheck.mistake(draft.text(), types)
                .map(mistake -> new Checked(mistake, ""))
                .orElseGet(() -> new Checked("", new Message(draft.text()).format(all)));
    }
}
