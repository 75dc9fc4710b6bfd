package brandeon.server.file;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file to be taken out. */
public final class Attachment {

    private Attachment() {}

    /** @param name of the file, in ASCII */
    public static ResponseEntity<byte[]> of(String name, MediaType type, byte[] content) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .contentType(type)
                .body(content);
    }
}
