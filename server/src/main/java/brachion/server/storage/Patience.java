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
import org.springframework.core.env.Environment;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.dao.TransientDataAccessResourceException;
import org.springframework.stereotype.Component;

/**
 * How long the request at hand still waits for the database, all its statements together. Only the time in the database counts:
 * a server that is slow itself has no less patience with it.
 */
@Component
public class Patience implements BeanPostProcessor, QueryExecutionListener {

    private static final Duration OVER_EVERY_RECORD = Duration.ofSeconds(10);
    /** What the request at hand has waited so far; nothing where nobody counts it. */
    private static final ThreadLocal<Waited> WAITED = new ThreadLocal<>();

    private final long ofARequestNs;
    private final long overEveryRecordNs;

    private static final class Waited {

        private boolean overEveryRecord;
        private long ns;
    }

    Patience(Environment environment) {
        Duration ofARequest = Duration.ofMillis(environment.getRequiredProperty("brachion.database.patience-ms", Integer.class));
        ofARequestNs = ofARequest.toNanos();
        overEveryRecordNs = Math.max(OVER_EVERY_RECORD.toNanos(), ofARequestNs);
    }

    /** Counts from here on, until {@link #end}. */
    public static void begin() {
        WAITED.set(new Waited());
    }

    /** Waits longer, because the request at hand goes over every record of the shop: a hundred thousand of them are not read in a moment. */
    public static void overEveryRecord() {
        Waited waited = WAITED.get();
        if (waited != null) {
            waited.overEveryRecord = true;
        }
    }

    /** Counts no longer. */
    public static void end() {
        WAITED.remove();
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource source ? ProxyDataSourceBuilder.create(source).listener(this).build() : bean;
    }

    @Override
    public void beforeQuery(ExecutionInfo execution, List<QueryInfo> queries) {
        Waited waited = WAITED.get();
        if (waited == null) {
            return;
        }
        long left = (waited.overEveryRecord ? overEveryRecordNs : ofARequestNs) - waited.ns;
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
        Waited waited = WAITED.get();
        if (waited != null) {
            waited.ns += Duration.ofMillis(execution.getElapsedTime()).toNanos();
        }
    }
}
