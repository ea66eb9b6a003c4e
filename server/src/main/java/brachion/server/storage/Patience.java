package brachion.server.storage;

import java.sql.SQLException;
import java.time.Duration;
import java.util.List;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.ExecutionInfo;
import net.ttddyy.dsproxy.QueryInfo;
import net.ttddyy.dsproxy.listener.QueryExecutionListener;
import net.ttddyy.dsproxy.support.ProxyDataSourceBuilder;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.dao.TransientDataAccessResourceException;
import org.springframework.stereotype.Component;

/**
 * How long the request at hand still waits for the database, all its statements together. Only the time in the database counts:
 * a server that is slow itself has no less patience with it.
 */
@Component
public class Patience implements BeanPostProcessor, QueryExecutionListener {

    private static final long OF_A_REQUEST_NS = Duration.ofMillis(1800).toNanos();
    private static final long OVER_EVERY_RECORD_NS = Duration.ofSeconds(10).toNanos();
    /** Time left [ns]; none where nobody counts it. */
    private static final ThreadLocal<Long> LEFT = new ThreadLocal<>();

    /** Counts from here on, until {@link #end}. */
    public static void begin() {
        LEFT.set(OF_A_REQUEST_NS);
    }

    /** Waits longer, because the request at hand goes over every record of the shop: a hundred thousand of them are not read in a moment. */
    public static void overEveryRecord() {
        if (LEFT.get() != null) {
            LEFT.set(OVER_EVERY_RECORD_NS);
        }
    }

    /** Counts no longer. */
    public static void end() {
        LEFT.remove();
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource source ? ProxyDataSourceBuilder.create(source).listener(this).build() : bean;
    }

    @Override
    public void beforeQuery(ExecutionInfo execution, List<QueryInfo> queries) {
        Long left = LEFT.get();
        if (left == null) {
            return;
        }
        if (left <= 0) {
            throw new QueryTimeoutException("The database answers too slowly");
        }
        try {
            execution.getStatement().getConnection().setNetworkTimeout(Runnable::run, (int) Math.max(1, Duration.ofNanos(left).toMillis()));
        } catch (SQLException broken) {
            throw new TransientDataAccessResourceException("The connection to the database is broken", broken);
        }
    }

    @Override
    public void afterQuery(ExecutionInfo execution, List<QueryInfo> queries) {
        Long left = LEFT.get();
        if (left != null) {
            LEFT.set(left - Duration.ofMillis(execution.getElapsedTime()).toNanos());
        }
    }
}
