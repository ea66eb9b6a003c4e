package brachion.server.find;

import brachion.server.recipe.Workshops;
import brachion.server.storage.CurrentShop;
import java.util.HashMap;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** What values of facts are called. */
@Component
class Names {

    private final Workshops workshops;
    private final JdbcTemplate database;

    Names(Workshops workshops, JdbcTemplate database) {
        this.workshops = workshops;
        this.database = database;
    }

    /** What the values of a fact are called, by their keys, as far as they have names of their own. */
    Map<String, String> of(Fact fact) {
        return switch (fact.key()) {
            case Facts.WOOD -> woods();
            case Facts.PERSON, Facts.BOARD, Facts.SOURCE, Facts.JOB -> stored(fact.key());
            case Facts.OTHER_SHOP -> stored("other_shop");
            default -> Map.of();
        };
    }

    private Map<String, String> woods() {
        Map<String, String> names = new HashMap<>();
        workshops.now().woods().all().forEach(wood -> names.put(wood.id(), wood.commonName()));
        return names;
    }

    private Map<String, String> stored(String table) {
        Map<String, String> names = new HashMap<>();
        database.query("select id, name from " + table + " where shop = ?", row -> {
            names.put(row.getString(1), row.getString(2));
        }, CurrentShop.key());
        return names;
    }
}
