package brandeon.server.access;

import brandeon.core.account.Passwords;
import brandeon.core.problem.Mistake;
import brandeon.server.door.RateLimits;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Making an account, and what people change of their own. */
@RestController
class AccountController {

    private static final int LONGEST = 400;

    /** @param invitation by which somebody comes; empty for none */
    record NewAccount(String name, String email, String password, String invitation) {}

    /** A password that somebody thinks of, with what would be tried first for them. */
    record Thought(String password, String name, String email) {
        Thought {
            if (password.length() > LONGEST || name.length() > LONGEST || email.length() > LONGEST) {
                throw new Mistake("This is too long.");
            }
        }
    }

    record NameWish(String name) {}

    /** @param present the password as it is now */
    record PasswordWish(String present, String next) {}

    /** @param present the password as it is now */
    record AddressWish(String present, String email) {}

    /** @param present the password as it is now */
    record AccountDeletion(String present) {}

    /** @param present the password as it is now @param account who is the steward from now on */
    record HandOver(String present, UUID account) {}

    record InstallationView(boolean signUp) {}

    private final Accounts accounts;
    private final Members members;
    private final Sessions sessions;
    private final RateLimits limits;

    AccountController(Accounts accounts, Members members, Sessions sessions, RateLimits limits) {
        this.accounts = accounts;
        this.members = members;
        this.sessions = sessions;
        this.limits = limits;
    }

    /** Whether somebody who is not signed in may make an account, and whether it would be the first. */
    @GetMapping("/api/welcome")
    Accounts.WayIn welcome() {
        return accounts.welcome();
    }

    /** Makes an account and signs in with it. */
    @PostMapping("/api/accounts")
    @ResponseStatus(HttpStatus.CREATED)
    Sessions.Session make(@RequestBody NewAccount wish, HttpServletRequest request, HttpServletResponse response) {
        limits.pass(RateLimits.Door.SIGN_UP, request.getRemoteAddr());
        try {
            return sessions.begin(
                    accounts.make(wish.name(), wish.email(), wish.password(), wish.invitation()),
                    false,
                    request,
                    response);
        } catch (Mistake e) {
            // What was only mistyped is not counted.
            limits.back(RateLimits.Door.SIGN_UP, request.getRemoteAddr());
            throw e;
        }
    }

    /** What is to be said of a password while it is typed. Nothing of it is kept. */
    @PostMapping("/api/passwords")
    Passwords.Judged judged(@RequestBody Thought thought, HttpServletRequest request) {
        limits.pass(RateLimits.Door.PASSWORD_CHECK, request.getRemoteAddr());
        return Passwords.judged(thought.password(), List.of(thought.name(), thought.email()));
    }

    @PutMapping("/api/account/name")
    Sessions.Session rename(@RequestBody NameWish wish) {
        accounts.rename(members.account(), wish.name());
        return sessions.current();
    }

    @PutMapping("/api/account/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(@RequestBody PasswordWish wish) {
        accounts.changePassword(members.account(), wish.present(), wish.next());
    }

    @PutMapping("/api/account/address")
    Sessions.Session changeAddress(@RequestBody AddressWish wish) {
        accounts.changeAddress(members.account(), wish.present(), wish.email());
        return sessions.current();
    }

    /** What becomes of each of one's workspaces when one's account is deleted. */
    @GetMapping("/api/account/fates")
    List<Workspaces.WorkspaceFate> fates() {
        return accounts.fates(members.account());
    }

    /** Deletes one's account. */
    @PostMapping("/api/account/deletion")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@RequestBody AccountDeletion wish, HttpServletRequest request) {
        accounts.delete(members.account(), wish.present());
        if (request.getSession(false) != null) {
            request.getSession(false).invalidate();
        }
    }

    /** The steward makes somebody else the steward. */
    @PutMapping("/api/installation/steward")
    Sessions.Session handOver(@RequestBody HandOver wish) {
        accounts.handOver(members.account(), wish.present(), wish.account());
        return sessions.current();
    }

    /** The steward decides whether others may make an account by themselves. */
    @PutMapping("/api/installation")
    InstallationView installation(@RequestBody InstallationView wish) {
        accounts.openSignUp(members.account(), wish.signUp());
        return wish;
    }

    @GetMapping("/api/installation")
    InstallationView installation() {
        members.account();
        return new InstallationView(accounts.signUp());
    }
}
