package brachion.server.day;

import brachion.server.bench.PieceLaid;
import brachion.server.storage.CurrentShop;
import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** A piece that is laid on the bench for a job is the next that was planned of it, from the same moment on. */
@Component
class PlannedPieces {

    private static final String OF_THE_PLAN = "day_slot s join day_plan p on p.id = s.plan_id";

    private final JdbcTemplate database;

    PlannedPieces(JdbcTemplate database) {
        this.database = database;
    }

    @EventListener
    void laid(PieceLaid laid) {
        // past the version of the plan: whoever lays a piece there is not kept from it by somebody who plans
        Optional.ofNullable(database.queryForObject("select min(s.number) from " + OF_THE_PLAN + " where p.shop = ? and s.job_id = ? and s.piece_id is null", Integer.class,
                CurrentShop.key(), laid.job()))
                .ifPresent(number -> database.update("update " + OF_THE_PLAN + " set s.piece_id = ? where p.shop = ? and s.job_id = ? and s.number = ? and s.piece_id is null",
                        laid.piece(), CurrentShop.key(), laid.job(), number));
    }
}
