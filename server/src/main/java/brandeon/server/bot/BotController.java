package brandeon.server.bot;

import brandeon.core.bot.Asker;
import brandeon.core.bot.Bot;
import brandeon.core.bot.BotFile;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.file.Attachment;
import brandeon.server.file.CsvFile;
import brandeon.server.theme.Themes;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Commands and timed messages as files, and the practice bot that tries them. */
@RestController
@RequestMapping("/api/themes/{id}/bot")
class BotController {

    /** @param instead whether what is not in the file goes */
    record BotFileWish(String text, boolean instead) {}

    /** What would come of a file; nothing is changed yet. */
    record BotFileView(Bot bot, List<String> added, List<String> changed, List<String> left) {}

    record BotJoinWish(boolean joined) {}

    /** @param scene id of the one that the rig shows; empty for none */
    record BotSceneWish(String scene) {}

    record BotLineWish(String name, Asker who, String text) {}

    private final Members members;
    private final Themes themes;
    private final BotTrials trials;

    BotController(Members members, Themes themes, BotTrials trials) {
        this.members = members;
        this.themes = themes;
        this.trials = trials;
    }

    @GetMapping("/commands.csv")
    ResponseEntity<byte[]> csv(@PathVariable UUID id) {
        Theme theme = themes.get(members.current(), id).theme();
        return CsvFile.written("commands.csv", BotFile.csv(theme.bot(), scenes(theme)));
    }

    @GetMapping("/commands.json")
    ResponseEntity<byte[]> json(@PathVariable UUID id) {
        Theme theme = themes.get(members.current(), id).theme();
        return Attachment.of(
                "commands.json",
                MediaType.APPLICATION_JSON,
                BotFile.json(theme.bot()).getBytes(StandardCharsets.UTF_8));
    }

    private static Map<String, String> scenes(Theme theme) {
        Map<String, String> names = new LinkedHashMap<>();
        for (Scene scene : theme.scenes()) {
            names.put(scene.id(), scene.name());
        }
        return names;
    }

    /** Reads a file of commands and says what would come of it. */
    @PostMapping("/read")
    BotFileView read(@PathVariable UUID id, @RequestBody BotFileWish wish) {
        Theme theme = themes.get(members.current().requires(Role.DESIGNER), id).theme();
        BotFile.Merge merge = BotFile.merged(theme.bot(), BotFile.read(wish.text(), scenes(theme)), wish.instead());
        return new BotFileView(merge.bot(), merge.added(), merge.changed(), merge.left());
    }

    @GetMapping("/trial")
    BotTrials.BotTrialView trial(@PathVariable UUID id) {
        return trials.of(themes.get(members.current(), id));
    }

    /** Lets the practice bot into the chat of the theme's channel, or out of it. */
    @PutMapping("/trial")
    BotTrials.BotTrialView join(@PathVariable UUID id, @RequestBody BotJoinWish wish) {
        Themes.Draft draft = operated(id);
        if (wish.joined()) {
            trials.join(draft);
        } else {
            trials.leave(draft);
        }
        return trials.of(draft);
    }

    /** Says which scene is seen. */
    @PutMapping("/trial/scene")
    BotTrials.BotTrialView scene(@PathVariable UUID id, @RequestBody BotSceneWish wish) {
        Themes.Draft draft = operated(id);
        trials.look(draft, wish.scene());
        return trials.of(draft);
    }

    /** Writes a line into the practice chat as somebody. */
    @PostMapping("/trial/lines")
    BotTrials.BotHeard say(@PathVariable UUID id, @RequestBody BotLineWish wish) {
        return trials.say(operated(id), wish.name(), wish.who(), wish.text());
    }

    private Themes.Draft operated(UUID id) {
        Member member = members.current().requires(Role.OPERATOR);
        return themes.get(member, id);
    }
}
