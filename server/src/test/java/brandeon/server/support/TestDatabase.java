package brandeon.server.support;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;

/** A fresh, empty database in the throwaway cluster that bin/test starts. */
public final class TestDatabase implements AutoCloseable {

    private static final String CLUSTER = System.getenv("BRANDEON_TEST_CLUSTER");

    private final String name = "test_" + Long.toUnsignedString(System.nanoTime(), 36);

    public TestDatabase() {
        if (CLUSTER == null) {
            throw new IllegalStateException("Run the tests with bin/test: it starts the database that they need.");
        }
        run("create database " + name);
    }

    public String url() {
        return CLUSTER + "/" + name;
    }

    @Override
    public void close() {
        run("drop database if exists " + name + " with (force)");
    }

    private static void run(String sql) {
        try (Connection connection = DriverManager.getConnection(
                        CLUSTER + "/postgres", "brandeon", System.getenv("BRANDEON_DB_PASSWORD"));
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        } catch (SQLException e) {
            throw new IllegalStateException(sql, e);
        }
    }
}
