package brachion.server.trial;

import brachion.core.trial.Carries;
import brachion.server.storage.CurrentShop;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How quick the hands of the shop are, by the carries that were measured. */
@RestController
class HandsController {

    private static final double SECONDS_PER_MINUTE = 60;

    private final JdbcTemplate database;

    HandsController(JdbcTemplate database) {
        this.database = database;
    }

    /**
     * @param person  whose hands
     * @param carries how long they take
     */
    record HandsView(String person, Carries carries) {
    }

    @GetMapping("/api/names/people/hands")
    List<HandsView> hands() {
        Map<String, List<Double>> seconds = new TreeMap<>();
        database.query("select p.name, s.actual_minutes from trial_stage s join trial t on t.id = s.trial_id join person p on p.id = t.person_id "
                + "where s.kind = 'CARRY' and t.deleted_at is null and t.other_shop_id is null and t.shop = ?", row -> {
            seconds.computeIfAbsent(row.getString(1), first -> new ArrayList<>()).add(row.getDouble(2) * SECONDS_PER_MINUTE);
        }, CurrentShop.key());
        return seconds.entrySet().stream().flatMap(each -> Carries.of(each.getValue()).map(carries -> new HandsView(each.getKey(), carries)).stream()).toList();
    }
}
