package brachion.server.day;

import brachion.server.bench.BenchChanged;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;

/** Has the plan know which piece is which once it lies on the bench. What was done there is done, whatever becomes of this. */
@Component
class BenchFollowed {

    private static final Logger LOG = LoggerFactory.getLogger(BenchFollowed.class);

    private final DayService day;
    private final TransactionTemplate alone;

    BenchFollowed(DayService day, PlatformTransactionManager transactions) {
        this.day = day;
        alone = new TransactionTemplate(transactions);
        alone.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    @TransactionalEventListener
    void changed(BenchChanged bench) {
        try {
            alone.executeWithoutResult(status -> day.bind());
        } catch (ConcurrencyFailureException another) {
            LOG.debug("Somebody else was just planning the day; the next change of the bench is followed again", another);
        }
    }
}
