package brachion.server.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Looks through the parts of a workbook (Office Open XML, ECMA-376, 18.3.1) before anything is made of them, and spends what each
 * holds from a budget of its own: columns far out, cells without end, numbers of a million digits. Rows and cells that hold nothing,
 * as programs write them where somebody gave a whole row a colour, are no part of the table.
 */
final class WorkbookBounds {

    /** Where a cell stands, as in {@code AB12}. */
    private static final Pattern REFERENCE = Pattern.compile("([A-Z]{1,3})([0-9]{1,7})");
    private static final int LETTERS = 26;
    /** Columns of a sheet. */
    private static final int COLUMNS = 16_384;

    private long sharedWords;
    private BigDecimal lastWordAsked = BigDecimal.ONE.negate();

    /**
     * Looks through a part.
     *
     * @throws IOException              when it breaks off
     * @throws IllegalArgumentException when it is no sheet a program writes
     */
    void check(InputStream part) throws IOException {
        try {
            new Part(OpenSpreadsheet.xml(part)).check();
        } catch (XMLStreamException broken) {
            throw new IOException(broken.getMessage(), broken);
        }
    }

    /** Whether every word that a cell of some part asks for by its place is written in one. */
    boolean everyWordIsThere() {
        return lastWordAsked.compareTo(BigDecimal.valueOf(sharedWords)) < 0;
    }

    /** One part; most are no sheets and have nothing that counts. */
    private final class Part {

        private final XMLStreamReader xml;
        private final TableBudget budget = new TableBudget();
        private long line;
        /** Where the last cell of the row stands, and the last that holds something. */
        private int reached;
        private int filled;
        private int column;
        private boolean number;
        private boolean shared;

        Part(XMLStreamReader xml) {
            this.xml = xml;
        }

        void check() throws XMLStreamException {
            while (xml.hasNext()) {
                if (xml.next() == XMLStreamReader.START_ELEMENT) {
                    switch (xml.getLocalName()) {
                        case "row" -> row();
                        case "c" -> cell();
                        case "v" -> value();
                        case "si" -> sharedWords++;
                        case "t" -> text();
                        case "f" -> budget.cell(line, length());
                        default -> { }
                    }
                }
            }
        }

        private void row() {
            line = attribute("r").filter(text -> text.matches("[0-9]{1,7}")).map(Long::parseLong).orElse(line + 1);
            reached = 0;
            filled = 0;
            column = 0;
        }

        private void cell() {
            column = attribute("r").map(WorkbookBounds::columnOf).orElse(reached + 1);
            budget.passesOver(line, Math.max(0, column - reached));
            reached = Math.max(reached, column);
            number = attribute("t").filter(type -> !type.equals("n")).isEmpty();
            shared = attribute("t").filter("s"::equals).isPresent();
        }

        /** Something stands in the cell; what lies before it counts, too. */
        private void holdsSomething() {
            if (column > filled) {
                budget.rows(line, filled == 0 ? 1 : 0);
                budget.cells(line, column, 0);
                budget.cells(line, column - filled, 1);
                filled = column;
            }
        }

        private void text() throws XMLStreamException {
            holdsSomething();
            budget.cell(line, length());
        }

        private void value() throws XMLStreamException {
            if (!number && !shared) {
                text();
                return;
            }
            StringBuilder text = new StringBuilder();
            while (xml.next() != XMLStreamReader.END_ELEMENT) {
                if (xml.isCharacters() && text.length() <= TableBudget.LONGEST_CELL) {
                    text.append(xml.getText());
                }
            }
            if (!text.isEmpty()) {
                holdsSomething();
                BigDecimal value = TableBudget.number(line, text.toString());
                lastWordAsked = shared ? lastWordAsked.max(value) : lastWordAsked;
            }
        }

        /** Characters up to the end of an element; its text is not put together. */
        private long length() throws XMLStreamException {
            long length = 0;
            while (xml.next() != XMLStreamReader.END_ELEMENT) {
                length += xml.isCharacters() ? xml.getTextLength() : 0;
            }
            return length;
        }

        private Optional<String> attribute(String name) {
            return Optional.ofNullable(xml.getAttributeValue(null, name));
        }
    }

    private static int columnOf(String reference) {
        Matcher place = REFERENCE.matcher(reference);
        int column = place.matches() ? place.group(1).chars().reduce(0, (before, letter) -> before * LETTERS + letter - 'A' + 1) : 0;
        if (column < 1 || column > COLUMNS) {
            throw new IllegalArgumentException("“" + reference + "” is no place in a sheet");
        }
        return column;
    }
}
