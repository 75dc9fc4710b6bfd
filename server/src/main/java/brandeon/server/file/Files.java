package brandeon.server.file;

import brandeon.core.art.ContentName;
import brandeon.core.pack.Json;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Files by the hash of their content; never changed, and found only within their workspace. What is kept was made here
 * from what was sent: no byte is served as somebody outside wrote it.
 */
@Service
public class Files {

    public static final String FONT = "font/ttf";

    /** A file as it is kept. @param facts empty for what is no picture */
    public record Kept(String type, byte[] content, Optional<FileFacts> facts) {}

    private final JdbcClient db;

    Files(JdbcClient db) {
        this.db = db;
    }

    /** @return the file's lasting name: 64 hexadecimal digits. The same content twice is kept once. */
    @Transactional
    public String keep(UUID workspace, String type, byte[] content, Optional<FileFacts> facts) {
        String hash = ContentName.full(content);
        // One that is kept again is in use again, for whoever sweeps.
        db.sql(
                        "insert into file (workspace_id, hash, type, content, facts) values (:w, :h, :t, :c, :f::jsonb) on conflict (workspace_id, hash) do update set created_at = now()")
                .param("w", workspace)
                .param("h", hash)
                .param("t", type)
                .param("c", content)
                .param("f", facts.map(Json::write).orElse(null))
                .update();
        return hash;
    }

    /** What is known of a picture, without its content. */
    public Optional<Kept> about(UUID workspace, String hash) {
        return db.sql("select type, facts::text from file where workspace_id = :w and hash = :h")
                .param("w", workspace)
                .param("h", hash)
                .query((row, _) -> new Kept(row.getString(1), new byte[0], facts(row.getString(2))))
                .optional();
    }

    public Optional<Kept> find(UUID workspace, String hash) {
        return db.sql("select type, content, facts::text from file where workspace_id = :w and hash = :h")
                .param("w", workspace)
                .param("h", hash)
                .query((row, _) -> new Kept(row.getString(1), row.getBytes(2), facts(row.getString(3))))
                .optional();
    }

    /**
     * A font by its hash alone, from whichever workspace keeps it: its address stands in pages that everybody may see.
     */
    public Optional<byte[]> font(String hash) {
        return db.sql("select content from file where hash = :h and type = :t limit 1")
                .param("h", hash)
                .param("t", FONT)
                .query((row, _) -> row.getBytes(1))
                .optional();
    }

    private static Optional<FileFacts> facts(String json) {
        return Optional.ofNullable(json).map(text -> Json.read(text, FileFacts.class));
    }
}
