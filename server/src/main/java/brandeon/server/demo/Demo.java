package brandeon.server.demo;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.live.Platform;
import brandeon.server.Settings;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.live.Channels;
import brandeon.server.publish.Outlets;
import brandeon.server.theme.Themes;
import java.util.Optional;
import java.util.UUID;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts the Reedlight Hide demo into an empty database, or back as it was when that is asked for. */
@Component
public class Demo implements ApplicationRunner {

    public static final String EMAIL = "host@reedlight.example";
    public static final String PASSWORD = "lantern-at-dusk";

    private final Settings settings;
    private final Members members;
    private final Channels channels;
    private final Themes themes;
    private final Outlets outlets;
    private final JdbcClient db;

    Demo(Settings settings, Members members, Channels channels, Themes themes, Outlets outlets, JdbcClient db) {
        this.settings = settings;
        this.members = members;
        this.channels = channels;
        this.themes = themes;
        this.outlets = outlets;
        this.db = db;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (settings.demoReset()) {
            remove();
        }
        if (settings.demo() && (settings.demoReset() || !members.anybody())) {
            load();
        }
    }

    private void remove() {
        for (UUID workspace : members.workspacesOf(EMAIL)) {
            // Edits and releases name their author, so themes go before accounts.
            db.sql("delete from theme where workspace_id = :w").param("w", workspace).update();
            db.sql("delete from workspace where id = :w").param("w", workspace).update();
        }
        db.sql("delete from account where email = :e").param("e", EMAIL).update();
    }

    private void load() {
        UUID workspace = members.addWorkspace("Reedlight Hide");
        UUID account = members.addMember(workspace, EMAIL, "Mirela Osk", PASSWORD, Role.OWNER);
        Member host = new Member(account, "Mirela Osk", EMAIL, workspace, Role.OWNER);
        Channels.Channel alder = channels.add(host, Platform.ALDER, "reedlight-hide");
        Themes.Draft draft = themes.create(host, alder.id(), ReedlightHide.theme(), Optional.empty());
        themes.putOnAir(host, draft.id());
        outlets.ensure(draft.id(), draft.theme());
    }
}
