package brandeon.server.publish;

import brandeon.core.colour.Shortfall;
import brandeon.core.publish.LinkSetting;
import brandeon.core.publish.LinkSettings;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.live.FeedKey;
import brandeon.server.problem.NotFound;
import brandeon.server.theme.Themes;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What may stand in the link of a source for that source alone. */
@RestController
class LinkSettingsController {

    private final Members members;
    private final Themes themes;
    private final Outlets outlets;

    LinkSettingsController(Members members, Themes themes, Outlets outlets) {
        this.members = members;
        this.themes = themes;
        this.outlets = outlets;
    }

    /**
     * @param allowed by the theme as the source shows it
     * @param ignored of what was asked about
     * @param broken  guarantees of the brand that do not hold with it, for people
     */
    record SettingsView(List<LinkSetting> allowed, List<LinkSettings.Ignored> ignored, List<String> broken) {}

    /** @param set what is to stand in the link after the question mark */
    @GetMapping("/api/outlets/{id}/settings")
    SettingsView settings(@PathVariable UUID id, @RequestParam(defaultValue = "") String set) {
        Member member = members.current().requires(Role.OPERATOR);
        Outlets.Outlet outlet =
                outlets.find(id).orElseThrow(() -> new NotFound("There is no such source in your workspace."));
        Themes.Draft draft = themes.get(member, outlet.theme());
        Theme theme = outlet.follows() == FeedKey.Source.DRAFT
                ? draft.theme()
                : themes.onAir(draft).orElse(draft.theme());
        LinkSettings read = LinkSettings.read(theme, outlet.scene(), outlet.canvas(), outlet.part(), set);
        return new SettingsView(
                LinkSettings.allowed(theme, outlet.scene(), outlet.canvas(), outlet.part()),
                read.ignored(),
                read.broken(theme).stream().map(Shortfall::sentence).toList());
    }
}
