package brachion.server.exchange;

import brachion.server.problem.RefusedFieldException;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A table of trials under headings that are known here.
 *
 * @param headings what stands over the columns
 * @param rows     the rows below that are not empty
 */
record Sheet(List<Heading> headings, List<Row> rows) {

    /** Refuses what is no table of trials as a whole, with the field {@code file}. */
    static Sheet of(RawTable table) {
        List<Row> rows = table.rows();
        List<Heading> headings = rows.get(0).cells().stream().map(Heading::of).toList();
        if (headings.stream().allMatch(heading -> heading.column().isEmpty())) {
            throw refused("No heading of the first line is known here. It should name columns such as “"
                    + Column.SPECIES.title() + "”, “" + Column.THICKNESS.heading(Units.METRIC) + "” and “"
                    + Column.ENDED.title() + "”.");
        }
        Map<Column, List<String>> named = headings.stream().filter(heading -> heading.column().isPresent())
                .collect(Collectors.groupingBy(heading -> heading.column().orElseThrow(),
                        Collectors.mapping(Heading::text, Collectors.toList())));
        named.values().stream().filter(twice -> twice.size() > 1).findFirst().ifPresent(twice -> {
            throw refused("The headings “" + String.join("” and “", twice) + "” name one column twice.");
        });
        return new Sheet(headings, List.copyOf(rows.subList(1, rows.size())));
    }

    private static RefusedFieldException refused(String message) {
        return new RefusedFieldException("file", message);
    }
}
