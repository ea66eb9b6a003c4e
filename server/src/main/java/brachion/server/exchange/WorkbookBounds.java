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
 * Looks through a sheet of a workbook (Office Open XML, ECMA-376, 18.3.1) before anything is made of it, and spends what it holds
 * from a budget: columns far out, cells without end, numbers of a million digits.
 */
final class WorkbookBounds {

    /** Where a cell stands, as in {@code AB12}. */
    private static final Pattern REFERENCE = Pattern.compile("([A-Z]{1,3})([0-9]{1,7})");
    private static final int LETTERS = 26;

    private final XMLStreamReader xml;
    private final TableBudget budget;
    private long line;
    private int inRow;
    private boolean number;
    private boolean shared;

    private WorkbookBounds(XMLStreamReader xml, TableBudget budget) {
        this.xml = xml;
        this.budget = budget;
    }

    /**
     * Looks through a sheet.
     *
     * @throws IOException              when it breaks off
     * @throws IllegalArgumentException when it is no sheet a program writes
     */
    static void check(InputStream sheet, TableBudget budget) throws IOException {
        try {
            new WorkbookBounds(OpenSpreadsheet.xml(sheet), budget).check();
        } catch (XMLStreamException broken) {
            throw new IOException(broken.getMessage(), broken);
        }
    }

    private void check() throws XMLStreamException {
        while (xml.hasNext()) {
            if (xml.next() == XMLStreamReader.START_ELEMENT) {
                switch (xml.getLocalName()) {
                    case "row" -> row();
                    case "c" -> cell();
                    case "v" -> value();
                    case "si" -> budget.sharedWord();
                    case "t", "f" -> budget.cell(line, length());
                    default -> { }
                }
            }
        }
    }

    private void row() {
        line = attribute("r").filter(text -> text.matches("[0-9]{1,7}")).map(Long::parseLong).orElse(line + 1);
        inRow = 0;
        budget.rows(line, 1);
    }

    private void cell() {
        Optional<String> reference = attribute("r");
        int column = reference.isPresent() ? columnOf(reference.get()) : inRow + 1;
        budget.cells(line, column, column > inRow ? 1 : 0);
        inRow = Math.max(inRow, column);
        number = attribute("t").filter(type -> !type.equals("n")).isEmpty();
        shared = attribute("t").filter("s"::equals).isPresent();
    }

    private static int columnOf(String reference) {
        Matcher place = REFERENCE.matcher(reference);
        if (!place.matches()) {
            throw new IllegalArgumentException("“" + reference + "” is no place in a sheet");
        }
        return place.group(1).chars().reduce(0, (column, letter) -> column * LETTERS + letter - 'A' + 1);
    }

    private void value() throws XMLStreamException {
        if (!number && !shared) {
            budget.cell(line, length());
            return;
        }
        StringBuilder text = new StringBuilder();
        while (xml.next() != XMLStreamReader.END_ELEMENT) {
            if (xml.isCharacters() && text.length() <= TableBudget.LONGEST_CELL) {
                text.append(xml.getText());
            }
        }
        if (!text.isEmpty()) {
            BigDecimal value = TableBudget.number(line, text.toString());
            if (shared) {
                budget.asksForWord(value);
            }
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
