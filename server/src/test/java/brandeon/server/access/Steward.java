package brandeon.server.access;

import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.transaction.support.TransactionTemplate;

/** Somebody who sees to the installation for the length of a test: there is one at most. */
final class Steward {

    private static final String PASSWORD = "wren of the low quay";

    private Steward() {}

    static void with(RunningServer server, Consumer<Person> test) {
        Members members = server.bean(Members.class);
        AccountRows rows = server.bean(AccountRows.class);
        TransactionTemplate transactions = server.bean(TransactionTemplate.class);
        String email = UUID.randomUUID() + "@reedlight.example";
        members.addMember(members.addWorkspace("Steward's"), email, "Ruan Tide", PASSWORD, Role.OWNER);
        UUID before = transactions.execute(_ -> {
            UUID present = rows.findBySteward(true)
                    .map(row -> {
                        row.steward = false;
                        return row.id;
                    })
                    .orElse(null);
            rows.flush();
            rows.findByEmail(email).orElseThrow().steward = true;
            return present;
        });
        try {
            test.accept(Person.signedIn(server.address(), email, PASSWORD));
        } finally {
            transactions.executeWithoutResult(_ -> {
                rows.findByEmail(email).orElseThrow().steward = false;
                rows.flush();
                if (before != null) {
                    rows.findById(before).orElseThrow().steward = true;
                }
            });
        }
    }
}
