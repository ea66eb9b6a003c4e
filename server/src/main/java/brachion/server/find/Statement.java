package brachion.server.find;

import brachion.server.storage.CurrentShop;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The part of a statement that says which records are looked for, and its parameters in order. Keys of facts never reach it, only what {@link Facts} says of them. */
final class Statement {

    private static final String WORD = """
            (t.note like ? or t.mended like ? or t.next_time like ?
             or t.person_id in (select id from person where shop = t.shop and convert(name using utf8mb4) collate utf8mb4_general_ci like ?)
             or t.board_id in (select id from board where shop = t.shop and convert(name using utf8mb4) collate utf8mb4_general_ci like ?)
             or t.source_id in (select id from source where shop = t.shop and convert(name using utf8mb4) collate utf8mb4_general_ci like ?)
             or t.job_id in (select id from job where shop = t.shop and name like ?))""";

    private final List<String> conditions = new ArrayList<>(List.of("t.shop = ?", "t.deleted_at is null"));
    private final List<Object> parameters = new ArrayList<>(List.of(CurrentShop.key()));

    Statement(FindFields asked) {
        for (String word : asked.words().split("\\s+")) {
            if (!word.isEmpty()) {
                String like = "%" + word.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
                conditions.add(WORD);
                WORD.chars().filter(each -> each == '?').forEach(each -> parameters.add(like));
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

    /** In which order they stand; those that say nothing of a fact come last, and the newer before the older. */
    static String order(FindFields asked) {
        if (asked.sortBy() == null || asked.sortBy().equals(Facts.DAY)) {
            String direction = asked.sortBy() == null || asked.falling() ? " desc" : "";
            return " order by t.bent_on" + direction + ", t.id" + direction;
        }
        String fact = Facts.of("sortBy", asked.sortBy()).sql();
        return " order by " + fact + " is null, " + fact + (asked.falling() ? " desc" : "") + ", t.bent_on desc, t.id desc";
    }
}
