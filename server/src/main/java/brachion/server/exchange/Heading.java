package brachion.server.exchange;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What stands over a column of somebody's table.
 *
 * @param text   as it stands there
 * @param column the column it names, empty for one that is not known here
 * @param unit   the unit it names, empty for none
 */
record Heading(String text, Optional<Column> column, String unit) {

    private static final Pattern WITH_UNIT = Pattern.compile("(?<name>.*?)\\s*[\\[(](?<unit>[^\\[\\]()]*)[\\])]");

    static Heading of(String text) {
        Matcher matched = WITH_UNIT.matcher(text.strip());
        String name = matched.matches() ? matched.group("name") : text;
        return new Heading(text.strip(), Column.named(name), matched.matches() ? matched.group("unit").strip() : "");
    }
}
