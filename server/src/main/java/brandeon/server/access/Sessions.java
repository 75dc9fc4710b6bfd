package brandeon.server.access;

import brandeon.core.account.Device;
import brandeon.server.problem.NotSignedIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.stereotype.Component;

/** Begins and tells of the session of who calls. */
@Component
public class Sessions {

    /**
     * Who is signed in.
     *
     * @param steward    whether this person sees to the installation
     * @param demo       whether it is the demo's account, which nobody changes
     * @param workspaces that this person belongs to, by name
     */
    public record Session(
            UUID account,
            String name,
            String email,
            boolean steward,
            boolean demo,
            List<Members.Belonging> workspaces) {}

    /** Of a request: whether the session that it began outlives the browser's closing. */
    public static final String STANDING = "brandeon.standing";

    private final Members members;
    private final Accounts accounts;
    private final HttpSessionSecurityContextRepository contexts = new HttpSessionSecurityContextRepository();

    Sessions(Members members, Accounts accounts) {
        this.members = members;
        this.accounts = accounts;
    }

    /**
     * Signs an account in, under a session that nobody knew before.
     *
     * @param standing whether it outlives the browser's closing
     */
    public Session begin(UUID account, boolean standing, HttpServletRequest request, HttpServletResponse response) {
        accounts.admit(account);
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        String browser = request.getHeader(HttpHeaders.USER_AGENT);
        context.setAuthentication(new SignedIn(account, Device.named(browser == null ? "" : browser), standing));
        // Read by who writes the cookie.
        request.setAttribute(STANDING, standing);
        contexts.saveContext(context, request, response);
        return of(account);
    }

    Session current() {
        return of(members.account());
    }

    private Session of(UUID account) {
        return accounts.find(account)
                .map(row ->
                        new Session(row.id, row.name, row.email, row.steward, row.demo, members.belongings(account)))
                .orElseThrow(() -> new NotSignedIn("This account was deleted."));
    }
}
