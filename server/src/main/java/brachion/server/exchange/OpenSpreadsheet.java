package brachion.server.exchange;

import brachion.server.problem.RefusedFieldException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;

/** Tables as OpenDocument spreadsheets (ISO/IEC 26300): the first sheet with something in it, cell by cell; formulas by their last value. */
final class OpenSpreadsheet {

    private static final String KIND = "application/vnd.oasis.opendocument.spreadsheet";
    private static final String TABLE = "urn:oasis:names:tc:opendocument:xmlns:table:1.0";
    private static final String OFFICE = "urn:oasis:names:tc:opendocument:xmlns:office:1.0";
    private static final String TEXT = "urn:oasis:names:tc:opendocument:xmlns:text:1.0";
    private static final String MIDNIGHT = "T00:00:00";

    private final XMLStreamReader xml;
    private final TableBudget budget = new TableBudget();
    private final List<Row> rows = new ArrayList<>();
    private long line;

    private OpenSpreadsheet(XMLStreamReader xml) {
        this.xml = xml;
    }

    /** Whether a zip archive is one. */
    static boolean is(byte[] file) {
        try (ZipFile zip = Workbook.opened(file)) {
            ZipArchiveEntry kind = zip.getEntry("mimetype");
            return kind != null && new String(zip.getInputStream(kind).readNBytes(KIND.length()), StandardCharsets.US_ASCII).equals(KIND);
        } catch (IOException | RuntimeException broken) {
            return false;
        }
    }

    /** The rows of the first sheet that has any; refuses what cannot be read, with the field {@code file}. */
    static List<Row> rows(byte[] file) {
        try (ZipFile zip = Workbook.opened(file)) {
            ZipArchiveEntry content = zip.getEntry("content.xml");
            if (content != null) {
                try (InputStream from = new UnpackedPart(zip.getInputStream(content), new UnpackedPart.Unpacked(), true)) {
                    OpenSpreadsheet sheet = new OpenSpreadsheet(xml(from));
                    sheet.read();
                    return sheet.rows;
                }
            }
        } catch (RefusedFieldException refused) {
            throw refused;
        } catch (IOException | XMLStreamException | RuntimeException broken) {
            // told below; readers of archives and XML meet what no program writes in many ways
        }
        throw new RefusedFieldException("file", "This spreadsheet cannot be read. Save it anew, or save the sheet as CSV.");
    }

    /** Reads XML of strangers: nothing it declares is followed. */
    static XMLStreamReader xml(InputStream from) throws XMLStreamException {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        return factory.createXMLStreamReader(from);
    }

    private void read() throws XMLStreamException {
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.START_ELEMENT && at(TABLE, "table-row")) {
                row();
            } else if (event == XMLStreamConstants.END_ELEMENT && at(TABLE, "table")) {
                if (!rows.isEmpty()) {
                    return;
                }
                line = 0;
            }
        }
    }

    private boolean at(String namespace, String name) {
        return xml.getLocalName().equals(name) && namespace.equals(xml.getNamespaceURI());
    }

    private void row() throws XMLStreamException {
        int times = times("number-rows-repeated");
        List<String> cells = new ArrayList<>();
        // empty cells count once something follows them
        long empty = 0;
        while (!(xml.next() == XMLStreamConstants.END_ELEMENT && at(TABLE, "table-row"))) {
            if (xml.isStartElement() && (at(TABLE, "table-cell") || at(TABLE, "covered-table-cell"))) {
                int wide = times("number-columns-repeated");
                String text = cell();
                if (text.isBlank()) {
                    empty += wide;
                } else {
                    budget.cells(line + 1, cells.size() + empty + wide, 0);
                    for (; empty > 0; empty--) {
                        cells.add("");
                    }
                    for (int i = 0; i < wide; i++) {
                        cells.add(text);
                    }
                }
            }
        }
        if (!cells.isEmpty()) {
            budget.rows(line + 1, times);
            budget.cells(line + 1, cells.size(), times);
            // whoever looks through them reads them as often as they stand there
            budget.characters(line + 1, Math.max(0, times - 1L) * cells.stream().mapToLong(String::length).sum());
            List<String> kept = List.copyOf(cells);
            for (int i = 1; i <= times; i++) {
                rows.add(new Row(line + i, kept));
            }
        }
        line += times;
    }

    private int times(String attribute) {
        return count(TABLE, attribute);
    }

    /** A number of things alike, one where none is given. */
    private int count(String namespace, String attribute) {
        int count = Optional.ofNullable(xml.getAttributeValue(namespace, attribute)).map(Integer::parseInt).orElse(1);
        if (count < 0) {
            throw new NumberFormatException("Nothing is there " + count + " times");
        }
        return count;
    }

    private String cell() throws XMLStreamException {
        String name = xml.getLocalName();
        String kind = Optional.ofNullable(xml.getAttributeValue(OFFICE, "value-type")).orElse("");
        String value = xml.getAttributeValue(OFFICE, "value");
        String day = xml.getAttributeValue(OFFICE, "date-value");
        String truth = xml.getAttributeValue(OFFICE, "boolean-value");
        String shown = shown(name);
        if (kind.equals("percentage") && value != null) {
            return Workbook.percentage(TableBudget.number(line + 1, value));
        }
        if (value != null) {
            return Workbook.plain(TableBudget.number(line + 1, value));
        }
        if (day != null) {
            return day.endsWith(MIDNIGHT) ? day.substring(0, day.length() - MIDNIGHT.length()) : day;
        }
        return truth == null ? HarmlessCell.back(shown) : Workbook.truth(Boolean.parseBoolean(truth));
    }

    /** The words of a cell, its paragraphs each on a line, without what somebody remarked on it. */
    private String shown(String cell) throws XMLStreamException {
        StringBuilder words = new StringBuilder();
        int paragraphs = 0;
        while (!(xml.next() == XMLStreamConstants.END_ELEMENT && at(TABLE, cell))) {
            requireShort(words);
            if (xml.isStartElement() && at(OFFICE, "annotation")) {
                skip();
            } else if (xml.isStartElement() && at(TEXT, "p")) {
                words.append(paragraphs++ == 0 ? "" : "\n");
            } else if (xml.isStartElement() && at(TEXT, "s")) {
                words.append(" ".repeat(Math.min(TableBudget.LONGEST_CELL, count(TEXT, "c"))));
            } else if (xml.isStartElement() && (at(TEXT, "tab") || at(TEXT, "line-break"))) {
                words.append(' ');
            } else if (xml.isCharacters() && paragraphs > 0) {
                words.append(xml.getText());
            }
        }
        budget.cell(line + 1, words.length());
        return words.toString();
    }

    private void requireShort(StringBuilder words) {
        if (words.length() > TableBudget.LONGEST_CELL) {
            budget.cell(line + 1, words.length());
        }
    }

    private void skip() throws XMLStreamException {
        for (int open = 1; open > 0;) {
            int event = xml.next();
            open += event == XMLStreamConstants.START_ELEMENT ? 1 : event == XMLStreamConstants.END_ELEMENT ? -1 : 0;
        }
    }
}
