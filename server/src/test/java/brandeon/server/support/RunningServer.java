package brandeon.server.support;

import brandeon.server.BrandeonServer;
import brandeon.server.demo.Demo;
import java.util.UUID;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application on a free port with a fresh database and the demo, once for all test classes of a run. */
public final class RunningServer implements BeforeAllCallback, ParameterResolver {

    private static RunningServer running;

    private final Statements statements = new Statements();
    private final QuickPasswords passwords = new QuickPasswords();
    private TestDatabase database;
    private ConfigurableApplicationContext context;

    /** The one running server; started by the first who asks. */
    public static synchronized RunningServer get() {
        if (running == null) {
            running = new RunningServer();
            running.start();
            Runtime.getRuntime().addShutdownHook(new Thread(running::stop));
        }
        return running;
    }

    private void start() {
        database = new TestDatabase();
        SpringApplication application = new SpringApplication(BrandeonServer.class);
        application.setMainApplicationClass(BrandeonServer.class);
        application.addInitializers(starting -> {
            starting.getBeanFactory().addBeanPostProcessor(statements);
            starting.getBeanFactory().addBeanPostProcessor(passwords);
        });
        context = application.run(
                "--server.port=0",
                "--spring.datasource.url=" + database.url(),
                "--spring.main.banner-mode=off",
                "--brandeon.copies=target/copies",
                "--spring.jpa.hibernate.ddl-auto=validate",
                "--logging.level.root=error");
    }

    private void stop() {
        context.close();
        database.close();
    }

    public String address() {
        return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    /** What requests ask of the database. */
    public Statements statements() {
        return statements;
    }

    /** Passwords that are set meanwhile are hashed with as much work as in use. */
    public void withRealPasswords(Runnable test) {
        passwords.asInUse(test);
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    public <T> T bean(String name, Class<T> type) {
        return context.getBean(name, type);
    }

    /** The demo's host, signed in. */
    public Person host() {
        return Person.signedIn(address(), "host@reedlight.example", "lantern-at-dusk");
    }

    /** The demo's host, signed in, with the demo as it is at first: all tests of a process run its one show. */
    public Person hostOfFreshDemo() {
        Demo demo = bean(Demo.class);
        demo.put(false);
        demo.put(true);
        return host();
    }

    /** The workspace that the demo is in. */
    public UUID demoWorkspace() {
        return bean(brandeon.server.access.Workspaces.class).demos().getFirst();
    }

    /** Somebody with a role in a workspace of their own. */
    public Person stranger(brandeon.server.access.Role role) {
        brandeon.server.access.Members members = bean(brandeon.server.access.Members.class);
        return member(members.addWorkspace("Somewhere else"), role);
    }

    /** Somebody with a role in a given workspace. */
    public Person member(UUID workspace, brandeon.server.access.Role role) {
        String email = UUID.randomUUID() + "@reedlight.example";
        bean(brandeon.server.access.Members.class).addMember(workspace, email, "Oskar Dunlin", "quiet-please", role);
        return Person.signedIn(address(), email, "quiet-please");
    }

    @Override
    public void beforeAll(ExtensionContext extension) {
        get();
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
        return parameter.getParameter().getType() == RunningServer.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
        return get();
    }
}
