package brandeon.server.channel;

import brandeon.core.live.Platform;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.problem.NotFound;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Channels on platforms; signals and live state belong to them. */
@Service
public class Channels {

    /** A place on a platform where a broadcast happens. */
    public record Channel(UUID id, UUID workspace, Platform platform, String name) {}

    private final JdbcClient db;

    Channels(JdbcClient db) {
        this.db = db;
    }

    public List<Channel> all(Member member) {
        return db.sql(
                        "select id, workspace_id, platform, name from channel where workspace_id = :w order by created_at")
                .param("w", member.workspace())
                .query(Channels::read)
                .list();
    }

    /** @throws NotFound also when the channel belongs to another workspace */
    public Channel get(Member member, UUID id) {
        return find(id).filter(channel -> channel.workspace().equals(member.workspace()))
                .orElseThrow(() -> new NotFound("There is no such channel in your workspace."));
    }

    public Optional<Channel> find(UUID id) {
        return db.sql("select id, workspace_id, platform, name from channel where id = :id")
                .param("id", id)
                .query(Channels::read)
                .optional();
    }

    @Transactional
    public Channel add(Member member, Platform platform, String name) {
        member.requires(Role.DESIGNER);
        if (name.isBlank() || name.length() > 80 || !Letters.oneLine(name)) {
            throw new Mistake("A channel's name has between 1 and 80 letters on one line.");
        }
        Channel channel = new Channel(UUID.randomUUID(), member.workspace(), platform, name.strip());
        db.sql("insert into channel (id, workspace_id, platform, name) values (:id, :w, :p, :n)")
                .param("id", channel.id())
                .param("w", channel.workspace())
                .param("p", platform.name())
                .param("n", channel.name())
                .update();
        return channel;
    }

    private static Channel read(java.sql.ResultSet row, int number) throws java.sql.SQLException {
        return new Channel(
                row.getObject(1, UUID.class),
                row.getObject(2, UUID.class),
                Platform.valueOf(row.getString(3)),
                row.getString(4));
    }
}
