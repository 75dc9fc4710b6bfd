package brandeon.server.file;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface FileRows extends Repository<FileRow, FileRow.Key> {

    /** Without its content. */
    record About(String type, String facts) {}

    record Whole(String type, byte[] content, String facts) {}

    /** One that is kept again is in use again, for whoever sweeps. */
    @Modifying
    @Query("""
            insert into FileRow (key.workspaceId, key.hash, type, content, facts, createdAt)
            values (:workspace, :hash, :type, :content, :facts, :at)
            on conflict (key.workspaceId, key.hash) do update set createdAt = excluded.createdAt""")
    void keep(UUID workspace, String hash, String type, byte[] content, String facts, Instant at);

    @Query("select new brandeon.server.file.FileRows$About(f.type, f.facts) from FileRow f where f.key = :key")
    Optional<About> about(FileRow.Key key);

    @Query("""
            select new brandeon.server.file.FileRows$Whole(f.type, f.content, f.facts)
            from FileRow f where f.key = :key""")
    Optional<Whole> whole(FileRow.Key key);

    @Query("select f.content from FileRow f where f.key.hash = :hash and f.type = :type")
    List<byte[]> contents(String hash, String type, Limit limit);
}
