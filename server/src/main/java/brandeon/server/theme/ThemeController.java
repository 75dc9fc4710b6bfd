package brandeon.server.theme;

import brandeon.core.theme.Edit;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.SceneStart;
import brandeon.core.theme.Starter;
import brandeon.core.theme.Theme;
import brandeon.core.theme.ThemeEdit;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import brandeon.server.channel.PlatformProfiles;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Themes for people: one theme, its edits and history. */
@RestController
@RequestMapping("/api/themes")
class ThemeController {

    record NewTheme(String name) {}

    record EditWish(Edit edit, String gesture) {}

    record HistoryView(long number, String who, Instant at, String deed, EditState state) {}

    private final Members members;
    private final Themes themes;
    private final Channels channels;
    private final PlatformProfiles profiles;
    private final List<Vetting> vetting;
    private final ThemeViews views;

    ThemeController(
            Members members,
            Themes themes,
            Channels channels,
            PlatformProfiles profiles,
            List<Vetting> vetting,
            ThemeViews views) {
        this.members = members;
        this.themes = themes;
        this.channels = channels;
        this.profiles = profiles;
        this.vetting = vetting;
        this.views = views;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ThemeView create(@RequestBody NewTheme wish) {
        Member member = members.current();
        Theme theme = Starter.theme(wish.name().strip());
        Channels.Channel channel = channels.standard(member, wish.name().strip());
        return views.of(member, themes.create(member, channel.id(), theme, Optional.empty()));
    }

    @GetMapping("/{id}")
    ThemeView get(@PathVariable UUID id) {
        Member member = members.current();
        return views.of(member, themes.get(member, id));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        themes.delete(members.current(), id);
    }

    /** @param channel that there is; null for a new practice channel on a platform, with a name */
    record ChannelWish(Optional<UUID> channel, Optional<String> platform, String name) {}

    /** Where a theme that was not on air yet will be streamed. */
    @PutMapping("/{id}/channel")
    ThemeView streamOn(@PathVariable UUID id, @RequestBody ChannelWish wish) {
        Member member = members.current().requires(Role.DESIGNER);
        themes.get(member, id);
        Channels.Channel channel = wish.channel()
                .map(known -> channels.get(member, known))
                .orElseGet(() -> channels.add(
                        member, profiles.get(member, wish.platform().orElse("")), wish.name()));
        return views.of(member, themes.streamOn(member, id, channel.id()));
    }

    @PostMapping("/{id}/edits")
    EditView edit(@PathVariable UUID id, @RequestBody EditWish wish) {
        Member member = members.current();
        Edit edit = vetted(member, wish.edit());
        return views.of(member, themes.edit(member, id, _ -> edit, wish.gesture()));
    }

    @PostMapping("/{id}/undo")
    EditView undo(@PathVariable UUID id) {
        Member member = members.current();
        return views.of(member, themes.undo(member, id));
    }

    @PostMapping("/{id}/redo")
    EditView redo(@PathVariable UUID id) {
        Member member = members.current();
        return views.of(member, themes.redo(member, id));
    }

    /** The latest changes first. */
    @GetMapping("/{id}/history")
    List<HistoryView> history(@PathVariable UUID id) {
        List<Themes.HistoryLine> lines = themes.history(members.current(), id);
        Map<UUID, String> names =
                members.names(lines.stream().map(Themes.HistoryLine::account).toList());
        return lines.stream()
                .map(line ->
                        new HistoryView(line.number(), names.get(line.account()), line.at(), line.deed(), line.state()))
                .toList();
    }

    /** Back to how the theme was after a change of its history; a change of its own, which can be undone. */
    @PostMapping("/{id}/history/{number}/restore")
    ThemeView restore(@PathVariable UUID id, @PathVariable long number) {
        Member member = members.current();
        return views.of(member, themes.restore(member, id, number));
    }

    /** @param family to draw in; empty keeps the present one */
    record Start(String family, List<SceneRole> roles) {}

    /** Adds finished scenes in a family, with the pieces that they lack, as one step. */
    @PostMapping("/{id}/start")
    ThemeView start(@PathVariable UUID id, @RequestBody Start wanted) {
        Member member = members.current().requires(Role.DESIGNER);
        List<Edit> edits = new ArrayList<>();
        if (!wanted.family().isEmpty()) {
            edits.add(new ThemeEdit.SetFamily(wanted.family()));
        }
        edits.addAll(SceneStart.of(
                        themes.get(member, id).theme(),
                        wanted.roles(),
                        what -> what + "-" + UUID.randomUUID().toString().substring(0, 8))
                .edits());
        return views.of(member, themes.edit(member, id, new Edit.Batch(edits), ""));
    }

    private Edit vetted(Member member, Edit edit) {
        if (edit instanceof Edit.Batch(List<Edit> edits)) {
            return new Edit.Batch(edits.stream().map(one -> vetted(member, one)).toList());
        }
        Edit known = edit;
        for (Vetting one : vetting) {
            known = one.vetted(member, known);
        }
        return known;
    }
}
