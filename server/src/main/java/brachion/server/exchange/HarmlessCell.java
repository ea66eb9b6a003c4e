package brachion.server.exchange;

import java.util.regex.Pattern;

/**
 * Cells of a table of text that a spreadsheet program would take for a formula and run, whoever typed them: they go out behind an
 * apostrophe, by which such programs know words, and come back in without it (OWASP, CSV injection). Words that begin so already
 * get one more, so that what comes back is what went out.
 */
final class HarmlessCell {

    private static final Pattern RUN = Pattern.compile("'*[=+\\-@\\t\\r].*", Pattern.DOTALL);
    private static final Pattern NUMBER = Pattern.compile("-\\d+(\\.\\d+)?");

    private HarmlessCell() {
    }

    /** A cell as it goes out. */
    static String out(String cell) {
        return RUN.matcher(cell).matches() && !NUMBER.matcher(cell).matches() ? "'" + cell : cell;
    }

    /** The same in a workbook, which knows words from formulas by itself: only what would come back as something else gets its apostrophe. */
    static String amongWords(String cell) {
        return cell.startsWith("'") ? out(cell) : cell;
    }

    /** A cell as it was before it went out, by way of a spreadsheet program or not: some keep the apostrophe as a letter. */
    static String back(String cell) {
        return cell.startsWith("'") && RUN.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
