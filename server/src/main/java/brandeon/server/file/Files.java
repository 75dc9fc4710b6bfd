package brandeon.server.file;

import brandeon.core.art.ContentName;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Files by the hash of their content; never changed, and found only within their workspace. */
@Service
public class Files {

    private final JdbcClient db;

    Files(JdbcClient db) {
        this.db = db;
    }

    /** @return the file's lasting name: 64 hexadecimal digits. The same content twice is kept once. */
    @Transactional
    public String keep(UUID workspace, String type, byte[] content) {
        String hash = ContentName.full(content);
        db.sql("insert into file (workspace_id, hash, type, content) values (:w, :h, :t, :c) on conflict do nothing")
                .param("w", workspace).param("h", hash).param("t", type).param("c", content).update();
        return hash;
    }

    /** A file by its hash alone, from whichever workspace keeps it: who knows the hash of a content has seen it. */
    public Optional<byte[]> find(String hash) {
        return db.sql("select content from file where hash = :h limit 1").param("h", hash).query((row, _) -> row.getBytes(1)).optional();
    }

    /** Whether a workspace keeps a file; its content is not read. */
    public boolean keeps(UUID workspace, String hash) {
        return db.sql("select exists (select from file where workspace_id = :w and hash = :h)").param("w", workspace).param("h", hash).query(Boolean.class).single();
    }

    public Optional<byte[]> find(UUID workspace, String hash) {
        return db.sql("select content from file where workspace_id = :w and hash = :h").param("w", workspace).param("h", hash).query((row, _) -> row.getBytes(1)).optional();
    }
}
