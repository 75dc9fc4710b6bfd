package brandeon.server.whole;

import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.access.Workspaces;
import brandeon.server.work.Workshop;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Whole workspaces out and in. */
@RestController
class WorkspaceFileController {

    private final Members members;
    private final Workspaces workspaces;
    private final WorkspaceFiles files;
    private final WorkspaceReturn back;
    private final WorkspaceCopies copies;
    private final Workshop workshop;

    WorkspaceFileController(
            Members members,
            Workspaces workspaces,
            WorkspaceFiles files,
            WorkspaceReturn back,
            WorkspaceCopies copies,
            Workshop workshop) {
        this.members = members;
        this.workspaces = workspaces;
        this.files = files;
        this.back = back;
        this.copies = copies;
        this.workshop = workshop;
    }

    /** The whole workspace; it was read back before the first byte of it is sent. */
    @GetMapping("/api/workspaces/{workspace}/file.zip")
    ResponseEntity<StreamingResponseBody> takeOut(@PathVariable UUID workspace) throws IOException {
        Member owner = members.currentIn(workspace).requires(Role.OWNER);
        Path file = Files.createTempFile("brandeon-workspace", ".zip");
        try {
            files.write(file, owner);
        } catch (IOException | RuntimeException e) {
            Files.deleteIfExists(file);
            throw e;
        }
        return attached(workspaces.name(workspace) + ".zip", out -> {
            try {
                Files.copy(file, out);
            } finally {
                Files.deleteIfExists(file);
            }
        });
    }

    /** The daily copies that are kept, the newest first. */
    @GetMapping("/api/workspaces/{workspace}/copies")
    List<WorkspaceCopies.Copy> copies(@PathVariable UUID workspace) {
        return copies.all(members.currentIn(workspace));
    }

    @GetMapping("/api/workspaces/{workspace}/copies/{day}")
    ResponseEntity<StreamingResponseBody> copy(@PathVariable UUID workspace, @PathVariable String day) {
        Path file = copies.get(members.currentIn(workspace).requires(Role.OWNER), day);
        return attached(workspaces.name(workspace) + ", " + day + ".zip", out -> Files.copy(file, out));
    }

    /** Makes a workspace of such a file; its bytes are the request's body. Nothing of a refused one is kept. */
    @PostMapping("/api/workspaces/file")
    @ResponseStatus(HttpStatus.CREATED)
    WorkspaceReturn.Returned bringIn(InputStream body) throws IOException {
        UUID account = members.account();
        Path file = Files.createTempFile("brandeon-workspace", ".zip");
        try {
            workshop.receiving(() -> Files.copy(body, file, StandardCopyOption.REPLACE_EXISTING));
            return back.bringIn(
                    account,
                    members.names(List.of(account)).getOrDefault(account, ""),
                    "",
                    members.belongings(account).stream()
                            .map(Members.Belonging::name)
                            .collect(Collectors.toSet()),
                    file);
        } finally {
            Files.deleteIfExists(file);
        }
    }

    private static ResponseEntity<StreamingResponseBody> attached(String name, StreamingResponseBody body) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .contentType(MediaType.parseMediaType("application/zip"))
                .body(body);
    }
}
