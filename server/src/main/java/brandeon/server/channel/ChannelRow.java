package brandeon.server.channel;

import brandeon.core.platform.Profile;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A channel as stored. */
@Entity
@Table(name = "channel")
class ChannelRow {

    @Id
    UUID id;

    UUID workspaceId;

    UUID showId;

    /** Id of its profile. */
    String platform;

    String name;

    int secret;

    Instant createdAt = Instant.now();

    protected ChannelRow() {}

    ChannelRow(Channels.Channel channel) {
        this.id = channel.id();
        this.workspaceId = channel.workspace();
        this.showId = channel.show();
        this.platform = channel.platform().id();
        this.name = channel.name();
        this.secret = channel.secret();
    }

    Channels.Channel on(Profile profile) {
        return new Channels.Channel(id, workspaceId, showId, profile, name, secret);
    }
}
