package brandeon.server.access;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Workspaces, who belongs to them, and how people come in. */
@RestController
class WorkspaceController {

    record WorkspaceName(String name) {}

    /** @param until when they stop to belong here; empty for never */
    record MemberWish(Role role, Optional<Instant> until) {}

    /**
     * @param days    for so many days the link works
     * @param until   when whoever comes by it stops to belong here; empty for never
     * @param several whether several people may come by it
     */
    record InvitationWish(Role role, int days, Optional<Instant> until, boolean several) {}

    /** A role as it is chosen. @param may what somebody with it may do, all of it */
    record RoleChoice(Role role, String title, String is, List<String> may) {}

    /** @param people in it @param you who asks @param invitations that still work; empty for all but owners */
    record PeopleView(
            UUID id,
            String name,
            boolean demo,
            Role role,
            UUID you,
            List<Workspaces.WorkspaceMember> people,
            List<Invitations.Invitation> invitations) {}

    private final Workspaces workspaces;
    private final Invitations invitations;
    private final Members members;
    private final Sessions sessions;

    WorkspaceController(Workspaces workspaces, Invitations invitations, Members members, Sessions sessions) {
        this.workspaces = workspaces;
        this.invitations = invitations;
        this.members = members;
        this.sessions = sessions;
    }

    /** What each role may do: the one place from which pages and documents have it. */
    @GetMapping("/api/roles")
    List<RoleChoice> roles() {
        return Stream.of(Role.values())
                .map(role -> new RoleChoice(role, role.title(), role.is(), role.all()))
                .toList();
    }

    @PostMapping("/api/workspaces")
    @ResponseStatus(HttpStatus.CREATED)
    Members.Belonging make(@RequestBody WorkspaceName wish) {
        UUID account = members.account();
        return members.belonging(account, workspaces.make(account, wish.name()));
    }

    @GetMapping("/api/workspaces/{workspace}")
    PeopleView people(@PathVariable UUID workspace) {
        Member member = members.currentIn(workspace);
        return new PeopleView(
                workspace,
                workspaces.name(workspace),
                workspaces.demos().contains(workspace),
                member.role(),
                member.account(),
                workspaces.people(workspace),
                member.role() == Role.OWNER ? invitations.pending(member) : List.of());
    }

    @PutMapping("/api/workspaces/{workspace}")
    Sessions.Session rename(@PathVariable UUID workspace, @RequestBody WorkspaceName wish) {
        workspaces.rename(members.currentIn(workspace), wish.name());
        return sessions.current();
    }

    /** @param name of the workspace, typed by hand */
    @DeleteMapping("/api/workspaces/{workspace}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID workspace, @RequestParam String name) {
        workspaces.delete(members.currentIn(workspace), name);
    }

    @PutMapping("/api/workspaces/{workspace}/members/{account}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@PathVariable UUID workspace, @PathVariable UUID account, @RequestBody MemberWish wish) {
        workspaces.change(
                members.currentIn(workspace), account, wish.role(), wish.until().orElse(null));
    }

    /** Takes somebody out; oneself leaves. */
    @DeleteMapping("/api/workspaces/{workspace}/members/{account}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID workspace, @PathVariable UUID account) {
        workspaces.remove(members.currentIn(workspace), account);
    }

    @PostMapping("/api/workspaces/{workspace}/invitations")
    @ResponseStatus(HttpStatus.CREATED)
    Invitations.Invitation invite(@PathVariable UUID workspace, @RequestBody InvitationWish wish) {
        return invitations.make(
                members.currentIn(workspace),
                wish.role(),
                Duration.ofDays(wish.days()),
                wish.until().orElse(null),
                wish.several());
    }

    @DeleteMapping("/api/workspaces/{workspace}/invitations/{invitation}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdraw(@PathVariable UUID workspace, @PathVariable UUID invitation) {
        invitations.withdraw(members.currentIn(workspace), invitation);
    }

    /** What a link leads to, for whoever has it. */
    @GetMapping("/api/invitations/{token}")
    Invitations.InvitationOffer offer(@PathVariable String token) {
        return invitations.offer(token);
    }

    /** Whoever is signed in comes in by a link. Answers the workspace. */
    @PostMapping("/api/invitations/{token}")
    Members.Belonging accept(@PathVariable String token) {
        UUID account = members.account();
        return members.belonging(account, invitations.accept(token, account));
    }
}
