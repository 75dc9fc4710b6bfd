package brandeon.server.bot;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A practice bot that is in the chat, as stored. */
@Entity
@Table(name = "bot_trial")
class BotTrialRow {

    @Id
    UUID themeId;

    UUID channelId;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String mind;

    String scene;

    /** Epoch milliseconds. */
    long until;

    protected BotTrialRow() {}
}
