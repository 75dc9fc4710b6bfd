package brandeon.server.commit;

import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What is done once the present transaction is committed, in the order in which it was asked for. */
public final class AfterCommit {

    private AfterCommit() {}

    /** Not at all when the transaction is rolled back; at once where there is none. */
    public static void run(Runnable then) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            then.run();
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                then.run();
            }
        });
    }
}
