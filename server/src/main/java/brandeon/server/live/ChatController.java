package brandeon.server.live;

import brandeon.core.live.ChatLine;
import brandeon.core.live.ChatRules;
import brandeon.core.text.Letters;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.problem.Refused;
import brandeon.server.show.RunningShows;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A show's chat: what was said lately, and what of it is shown. */
@RestController
@RequestMapping("/api/shows/{show}/chat")
class ChatController {

    /**
     * One line as it came.
     *
     * @param shown  as viewers read it; empty where they do not
     * @param hidden whether it was hidden by itself
     * @param hushed whether nothing is shown of who wrote it
     */
    record Said(String id, long at, String name, String text, String shown, boolean hidden, boolean hushed) {}

    /** @param lines the newest first */
    record ChatView(List<Said> lines, List<String> words, boolean links, List<String> hushed) {}

    record ChatWish(List<String> words, boolean links) {}

    enum ChatDeed {
        HIDE,
        SHOW,
        HUSH,
        HEAR
    }

    /** @param of the id of a line to hide or show, or the name of who is hushed or heard again */
    record ChatDoing(ChatDeed deed, String of) {}

    private final Members members;
    private final RunningShows shows;
    private final Facts facts;

    ChatController(Members members, RunningShows shows, Facts facts) {
        this.members = members;
        this.shows = shows;
        this.facts = facts;
    }

    @GetMapping
    ChatView chat(@PathVariable UUID show) {
        return view(shows.get(members.current().requires(Role.OPERATOR), show));
    }

    /** Which words are hidden, and whether links are. */
    @PutMapping
    ChatView rules(@PathVariable UUID show, @RequestBody ChatWish wish) {
        Member member = members.current().requires(Role.OPERATOR);
        shows.chat(member, show, "Changed what of the chat is hidden", rules -> rules.with(wish.words(), wish.links()));
        return view(shows.get(member, show));
    }

    @PostMapping
    ChatView change(@PathVariable UUID show, @RequestBody ChatDoing doing) {
        Member member = members.current().requires(Role.OPERATOR);
        String who = Letters.shortened(doing.of(), 60);
        switch (doing.deed()) {
            case HIDE ->
                shows.chat(
                        member, show, "Hid a line of the chat", rules -> rules.hiding(known(show, doing.of()), true));
            case SHOW ->
                shows.chat(member, show, "Showed a line of the chat again", rules -> rules.hiding(doing.of(), false));
            case HUSH ->
                shows.chat(member, show, "Hushed " + who + " in the chat", rules -> rules.hushing(doing.of(), true));
            case HEAR ->
                shows.chat(
                        member,
                        show,
                        "Let " + who + " be seen in the chat again",
                        rules -> rules.hushing(doing.of(), false));
        }
        return view(shows.get(member, show));
    }

    /** @throws Refused when it is none of the latest lines */
    private String known(UUID show, String line) {
        return facts.now(show).tally().chat().stream()
                .map(ChatLine::id)
                .filter(line::equals)
                .findFirst()
                .orElseThrow(() -> new Refused("This line is not on screen any more."));
    }

    private ChatView view(RunningShows.Running show) {
        ChatRules rules = show.chat();
        return new ChatView(
                facts.now(show.id()).tally().chat().reversed().stream()
                        .map(line -> new Said(
                                line.id(),
                                line.at(),
                                line.name(),
                                line.text(),
                                rules.shown(line)
                                        .map(seen -> seen.name() + ": " + seen.text())
                                        .orElse(""),
                                rules.hidden().contains(line.id()),
                                rules.hushed().contains(line.name())))
                        .toList(),
                rules.words(),
                rules.links(),
                rules.hushed());
    }
}
