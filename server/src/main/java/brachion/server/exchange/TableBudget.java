package brachion.server.exchange;

import brachion.server.problem.RefusedFieldException;
import java.math.BigDecimal;
import java.util.regex.Pattern;

/**
 * What one table may hold, in whatever file it comes: every reader spends from it as it reads, before anything is kept. Whoever
 * goes beyond is refused with the bound and the line, by the field {@code file}.
 */
final class TableBudget {

    /** Columns of a table; what somebody measures and notes of a bend fills a tenth of them. */
    static final int MOST_COLUMNS = 500;
    /** Rows of a table, those written once and counted among them. */
    static final int MOST_ROWS = 200_000;
    /** Characters of a cell; somebody's whole story of a bend has room in it. */
    static final int LONGEST_CELL = 1_000_000;
    private static final long MOST_CELLS = 6_000_000;
    private static final long MOST_CHARACTERS = 100_000_000;
    private static final long MOST_PASSED_OVER = 50_000_000;
    /** Characters of a number: a sign, the 17 digits of a binary one, a point and an exponent of three digits, and as many again. */
    private static final int LONGEST_NUMBER = 48;
    private static final Pattern NUMBER = Pattern.compile("[+-]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][+-]?\\d{1,3})?");

    private long rows;
    private long cells;
    private long characters;
    private long passedOver;

    /** Rows that are about to be kept, so many alike. */
    void rows(long line, long alike) {
        rows += alike;
        if (rows > MOST_ROWS) {
            throw refused("In line " + line + " the table has more than 200,000 rows. Split it and bring in the parts.");
        }
    }

    /** The cells of those rows, so many in each. */
    void cells(long line, long inEach, long alike) {
        if (inEach > MOST_COLUMNS) {
            throw refused("In line " + line + " the table has more than " + MOST_COLUMNS + " columns. Leave out those that tell nothing of a bend.");
        }
        cells += inEach * alike;
        if (cells > MOST_CELLS) {
            throw refused("In line " + line + " the table has more than 6 million cells. Split it and bring in the parts.");
        }
    }

    /** Places that hold nothing and are gone through all the same: a margin somebody coloured. */
    void passesOver(long line, long places) {
        passedOver += places;
        if (passedOver > MOST_PASSED_OVER) {
            throw refused("In line " + line + " the table has come past more than 50 million places. Take the colours and borders off where nothing stands.");
        }
    }

    /** What stands in a cell. */
    void cell(long line, long length) {
        if (length > LONGEST_CELL) {
            throw refused("In line " + line + " a cell holds more than a million characters. Shorten it and bring the table in again.");
        }
        characters(line, length);
    }

    /** What stands in cells that were looked at by themselves before. */
    void characters(long line, long more) {
        characters += more;
        if (characters > MOST_CHARACTERS) {
            throw refused("In line " + line + " the table has more than 100 million characters. Split it and bring in the parts.");
        }
    }

    /** Whether a text is a number that can be worked with and printed: not thousands of digits, no exponent of more than three. */
    static boolean isModestNumber(String text) {
        return text.length() <= LONGEST_NUMBER && NUMBER.matcher(text).matches();
    }

    /** A number as a file gives it; refuses one of a size nothing has. */
    static BigDecimal number(long line, String text) {
        String number = text.strip();
        if (!isModestNumber(number)) {
            throw refused("In line " + line + " “" + (number.length() > 20 ? number.substring(0, 20) + "…" : number) + "” is no number that can be read.");
        }
        return new BigDecimal(number);
    }

    private static RefusedFieldException refused(String sentence) {
        return new RefusedFieldException("file", sentence);
    }
}
