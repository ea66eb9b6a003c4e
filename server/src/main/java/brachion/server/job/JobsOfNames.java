package brachion.server.job;

import brachion.server.recipe.Renamed;
import brachion.server.storage.CurrentShop;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Plans of jobs call people, boards and sources as they are called now. */
@Component
class JobsOfNames {

    private final JdbcTemplate database;

    JobsOfNames(JdbcTemplate database) {
        this.database = database;
    }

    @EventListener
    void renamed(Renamed named) {
        String column = named.what().column();
        database.update("update job_plan set %1$s = ? where %1$s = ? and job_id in (select id from job where shop = ?)".formatted(column),
                named.to(), named.from(), CurrentShop.key());
    }
}
