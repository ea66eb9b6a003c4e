package brachion.server.find;

import brachion.server.storage.CurrentShop;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The part of a statement that says which records are looked for, and its parameters in order. Keys of facts never reach it, only what {@link Facts} says of them. */
final class Statement {

    /** Who and what a record names, each in a table and with a key in the trial. */
    private static final List<String> NAMED = List.of(Facts.PERSON, Facts.BOARD, Facts.SOURCE, Facts.JOB);
    /** Names are kept letter by letter; looked for they are not. */
    private static final String WORD = "(t.note like ? or t.mended like ? or t.next_time like ?" + NAMED.stream()
            .map(table -> " or t." + table + "_id in (select id from " + table + " where shop = ? and convert(name using utf8mb4) collate utf8mb4_general_ci like ?)")
            .collect(Collectors.joining()) + ")";

    private final List<String> conditions = new ArrayList<>(List.of("t.shop = ?", "t.deleted_at is null"));
    private final List<Object> parameters = new ArrayList<>(List.of(CurrentShop.key()));

    Statement(FindFields asked) {
        for (String word : asked.words().split("\\s+")) {
            if (!word.isEmpty()) {
                String like = "%" + word.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
                conditions.add(WORD);
                parameters.addAll(List.of(like, like, like));
                NAMED.forEach(table -> parameters.addAll(List.of(CurrentShop.key(), like)));
            }
        }
        asked.conditions().forEach(this::add);
    }

    private void add(ConditionFields condition) {
        String fact = Facts.of("fact", condition.fact()).sql();
        if (!condition.among().isEmpty()) {
            List<String> said = condition.among().stream().filter(value -> !value.isEmpty()).toList();
            List<String> either = new ArrayList<>();
            if (!said.isEmpty()) {
                either.add(fact + said.stream().map(value -> "?").collect(Collectors.joining(", ", " in (", ")")));
                parameters.addAll(said);
            }
            if (said.size() < condition.among().size()) {
                either.add(fact + " is null");
            }
            conditions.add("(" + String.join(" or ", either) + ")");
        }
        bound(fact + " >= ?", condition.from());
        if (condition.from() != null && condition.from().equals(condition.below())) {
            bound(fact + " <= ?", condition.below());
        } else {
            bound(fact + " < ?", condition.below());
        }
        bound(fact + " >= ?", condition.since());
        bound(fact + " <= ?", condition.until());
    }

    private void bound(String condition, Object bound) {
        if (bound != null) {
            conditions.add(condition);
            parameters.add(bound);
        }
    }

    String where() {
        return " from trial t where " + String.join(" and ", conditions);
    }

    /** Its parameters, and more behind them. */
    Object[] parameters(Object... more) {
        List<Object> all = new ArrayList<>(parameters);
        all.addAll(List.of(more));
        return all.toArray();
    }

    /** In which order they stand; those that say nothing of a fact come last, and what is alike by its day. */
    static String order(FindFields asked) {
        String direction = asked.sortBy() == null || asked.falling() ? " desc" : "";
        String byDay = "t.bent_on" + direction + ", t.id" + direction;
        if (asked.sortBy() == null || asked.sortBy().equals(Facts.DAY)) {
            return " order by " + byDay;
        }
        Fact fact = Facts.of("sortBy", asked.sortBy());
        return " order by " + (fact.always() ? "" : fact.sql() + " is null, ") + fact.sql() + direction + ", " + byDay;
    }
}
