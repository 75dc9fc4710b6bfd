package brandeon.server.rig;

import brandeon.core.preflight.SceneLoad;
import brandeon.core.publish.SourceSheet;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.problem.Refused;
import brandeon.server.theme.Themes;
import brandeon.server.work.Hands;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The practice rig: the stand-in for broadcasting software. */
@RestController
class RigController {

    /** @param boxes whether captures fill boxes, instead of being scaled and cropped */
    record FillWish(UUID theme, boolean boxes) {}

    private final Members members;
    private final Themes themes;
    private final Rigs rigs;
    private final Hands hands;

    RigController(Members members, Themes themes, Rigs rigs, Hands hands) {
        this.hands = hands;
        this.members = members;
        this.themes = themes;
        this.rigs = rigs;
    }

    @GetMapping("/api/rig")
    Rigs.Kept get() {
        return rigs.get(members.current());
    }

    /** What each scene of a theme costs whoever shows it, as it is on air, or as drafted while nothing is. */
    @GetMapping("/api/themes/{id}/load")
    List<SceneLoad> load(@PathVariable UUID id) {
        Themes.Draft draft = themes.get(members.current(), id);
        Theme theme = themes.onAir(draft).orElse(draft.theme());
        return hands.work(Hands.For.FINDINGS, () -> SceneLoad.of(theme));
    }

    @PutMapping("/api/rig")
    Rigs.Kept put(@RequestBody Rigs.Kept wish) {
        return rigs.put(members.current(), wish.version(), wish.rig());
    }

    /** Fills the rig from a theme's ledger; what was in it is replaced. */
    @PostMapping("/api/rig/fill")
    Rigs.Kept fill(@RequestBody FillWish wish) {
        Member member = members.current().requires(Role.OPERATOR);
        Themes.Draft draft = themes.get(member, wish.theme());
        Theme theme = themes.onAir(draft)
                .orElseThrow(() -> new Refused(
                        "Nothing of this theme is on air yet. Put it on air first, then there are links to fill in."));
        Rigs.Kept now = rigs.get(member);
        Rig rig = rigs.filled(
                theme.canvases().stream()
                        .map(canvas -> SourceSheet.of(theme, canvas))
                        .toList(),
                wish.theme(),
                wish.boxes(),
                now.rig().kept());
        return rigs.put(member, now.version(), rig);
    }
}
