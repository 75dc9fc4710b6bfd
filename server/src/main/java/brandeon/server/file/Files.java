package brandeon.server.file;

import brandeon.core.art.ContentName;
import brandeon.core.pack.Json;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
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

    private final FileRows rows;

    Files(FileRows rows) {
        this.rows = rows;
    }

    /** @return the file's lasting name: 64 hexadecimal digits. The same content twice is kept once. */
    @Transactional
    public String keep(UUID workspace, String type, byte[] content, Optional<FileFacts> facts) {
        String hash = ContentName.full(content);
        rows.keep(workspace, hash, type, content, facts.map(Json::write).orElse(null), Instant.now());
        return hash;
    }

    /** What is known of a picture, without its content. */
    public Optional<Kept> about(UUID workspace, String hash) {
        return rows.about(new FileRow.Key(workspace, hash))
                .map(row -> new Kept(row.type(), new byte[0], facts(row.facts())));
    }

    public Optional<Kept> find(UUID workspace, String hash) {
        return rows.whole(new FileRow.Key(workspace, hash))
                .map(row -> new Kept(row.type(), row.content(), facts(row.facts())));
    }

    /**
     * A font by its hash alone, from whichever workspace keeps it: its address stands in pages that everybody may see.
     */
    public Optional<byte[]> font(String hash) {
        return rows.contents(hash, FONT, Limit.of(1)).stream().findFirst();
    }

    private static Optional<FileFacts> facts(String json) {
        return Optional.ofNullable(json).map(text -> Json.read(text, FileFacts.class));
    }
}
