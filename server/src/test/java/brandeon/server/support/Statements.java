package brandeon.server.support;

import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.ExecutionInfo;
import net.ttddyy.dsproxy.QueryInfo;
import net.ttddyy.dsproxy.listener.QueryExecutionListener;
import net.ttddyy.dsproxy.support.ProxyDataSourceBuilder;
import org.springframework.beans.factory.config.BeanPostProcessor;

/**
 * Every statement that a request sends to the database, whoever sends it: Hibernate or plain SQL. What the server does
 * on threads of its own, after the answer, is left out.
 */
public final class Statements implements BeanPostProcessor, QueryExecutionListener {

    private final Queue<String> sent = new ConcurrentLinkedQueue<>();

    /** The statements of requests since the last time that this was asked. */
    public List<String> taken() {
        List<String> taken = List.copyOf(sent);
        sent.clear();
        return taken;
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource source
                ? ProxyDataSourceBuilder.create(source).listener(this).build()
                : bean;
    }

    @Override
    public void beforeQuery(ExecutionInfo execution, List<QueryInfo> queries) {
        // Counted when it is done.
    }

    @Override
    public void afterQuery(ExecutionInfo execution, List<QueryInfo> queries) {
        String thread = Thread.currentThread().getName();
        // Signals are stored on a thread of their own, for which those who sent them wait.
        if (thread.startsWith("tomcat-handler") || thread.equals("intake")) {
            queries.forEach(query -> sent.add(query.getQuery()));
        }
    }
}
