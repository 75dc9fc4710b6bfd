package brandeon.server.support;

import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * Passwords are hashed with bcrypt's least work: tests sign in hundreds of times, and the work that makes guessing slow
 * was a third of what they took. Servers in processes of their own hash as in use.
 */
final class QuickPasswords implements BeanPostProcessor {

    private static final int LEAST_WORK = 4;

    private volatile boolean asInUse;

    /** Passwords that are set meanwhile are hashed as in use. */
    void asInUse(Runnable test) {
        asInUse = true;
        try {
            test.run();
        } finally {
            asInUse = false;
        }
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof PasswordEncoder encoder ? new Quick(encoder) : bean;
    }

    /** What a hash took stands in itself, so both sorts are known again. */
    private final class Quick implements PasswordEncoder {

        private final PasswordEncoder used;
        private final PasswordEncoder quick = new BCryptPasswordEncoder(LEAST_WORK);

        private Quick(PasswordEncoder used) {
            this.used = used;
        }

        @Override
        public String encode(CharSequence password) {
            return asInUse ? used.encode(password) : "{bcrypt}" + quick.encode(password);
        }

        @Override
        public boolean matches(CharSequence password, String hash) {
            return used.matches(password, hash);
        }
    }
}
