package brachion.server.bench;

import brachion.server.recipe.Renamed;
import brachion.server.storage.CurrentShop;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Pieces on the bench call people, boards and sources as they are called now. */
@Component
class BenchOfNames {

    private final JdbcTemplate database;

    BenchOfNames(JdbcTemplate database) {
        this.database = database;
    }

    @EventListener
    void renamed(Renamed named) {
        String column = named.what().column();
        database.update("update bench_piece set %1$s = ?, version = version + 1 where shop = ? and %1$s = ?".formatted(column), named.to(), CurrentShop.key(), named.from());
        if (named.what() == Renamed.What.PERSON) {
            database.update("update bench_tap set person = ? where person = ? and piece_id in (select id from bench_piece where shop = ?)", named.to(), named.from(), CurrentShop.key());
        }
    }
}
