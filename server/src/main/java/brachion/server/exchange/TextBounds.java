package brachion.server.exchange;

/**
 * Looks through a table of text (RFC 4180) before anything is made of it, and spends what it holds from a budget: rows of millions
 * of cells among it. A cell that begins with a quotation mark goes on up to the next that is not doubled, separators and ends of
 * lines within it; any other up to the next of those.
 */
final class TextBounds {

    private static final char QUOTE = '"';

    private final String text;
    private final char separator;
    private final boolean quoting;
    private final TableBudget budget = new TableBudget();
    private int at;
    private long line = 1;

    private TextBounds(String text, char separator, boolean quoting) {
        this.text = text;
        this.separator = separator;
        this.quoting = quoting;
    }

    static void check(String text, char separator) {
        new TextBounds(text, separator, true).check();
    }

    /** The same of a table in which quotation marks are letters like others. */
    static void checkUnquoted(String text, char separator) {
        new TextBounds(text, separator, false).check();
    }

    private void check() {
        while (at < text.length()) {
            row();
        }
    }

    private void row() {
        long begins = line;
        int cells = 0;
        boolean ended = false;
        boolean empty = true;
        while (!ended) {
            int from = at;
            cell();
            empty &= at == from;
            budget.cell(begins, at - from);
            budget.cells(begins, ++cells, 0);
            ended = at >= text.length() || text.charAt(at) != separator;
            step();
        }
        if (!empty || cells > 1) {
            budget.rows(begins, 1);
            budget.cells(begins, cells, 1);
        }
    }

    /** Goes on to what ends a cell. */
    private void cell() {
        if (quoting && at < text.length() && text.charAt(at) == QUOTE) {
            step();
            while (at < text.length() && (text.charAt(at) != QUOTE || doubled())) {
                step();
            }
        }
        while (at < text.length() && text.charAt(at) != separator && text.charAt(at) != '\n' && text.charAt(at) != '\r') {
            at++;
        }
    }

    /** Whether the quotation mark here stands for one; then it is passed over. */
    private boolean doubled() {
        boolean twice = at + 1 < text.length() && text.charAt(at + 1) == QUOTE;
        at += twice ? 1 : 0;
        return twice;
    }

    private void step() {
        line += at < text.length() && text.charAt(at) == '\n' ? 1 : 0;
        at++;
    }
}
