package brachion.server.exchange;

import brachion.server.problem.RefusedFieldException;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
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
    /** A table of bends has no more columns; what is repeated further is an empty margin. */
    private static final int MOST_COLUMNS = 1000;
    /** Rows that say the same are written once and counted. */
    private static final int MOST_ROWS = 200_000;

    private final XMLStreamReader xml;
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
        } catch (IOException broken) {
            return false;
        }
    }

    /** The rows of the first sheet that has any; refuses what cannot be read, with the field {@code file}. */
    static List<Row> rows(byte[] file) {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try (ZipFile zip = Workbook.opened(file)) {
            ZipArchiveEntry content = zip.getEntry("content.xml");
            if (content != null) {
                try (InputStream from = zip.getInputStream(content)) {
                    OpenSpreadsheet sheet = new OpenSpreadsheet(factory.createXMLStreamReader(from));
                    sheet.read();
                    return sheet.rows;
                }
            }
        } catch (IOException | XMLStreamException | NumberFormatException broken) {
            // told below
        }
        throw new RefusedFieldException("file", "This spreadsheet cannot be read. Save it anew, or save the sheet as CSV.");
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
        int empty = 0;
        while (!(xml.next() == XMLStreamConstants.END_ELEMENT && at(TABLE, "table-row"))) {
            if (xml.isStartElement() && (at(TABLE, "table-cell") || at(TABLE, "covered-table-cell"))) {
                int wide = times("number-columns-repeated");
                String text = cell();
                if (text.isBlank()) {
                    empty += wide;
                } else if (cells.size() + empty + wide <= MOST_COLUMNS) {
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
            if (times > MOST_ROWS - rows.size()) {
                throw new RefusedFieldException("file", "This spreadsheet has more than 200,000 rows. Split it and bring in the parts.");
            }
            List<String> kept = List.copyOf(cells);
            for (int i = 1; i <= times; i++) {
                rows.add(new Row(line + i, kept));
            }
        }
        line += times;
    }

    private int times(String attribute) {
        return Optional.ofNullable(xml.getAttributeValue(TABLE, attribute)).map(Integer::parseInt).orElse(1);
    }

    private String cell() throws XMLStreamException {
        String name = xml.getLocalName();
        String kind = Optional.ofNullable(xml.getAttributeValue(OFFICE, "value-type")).orElse("");
        String value = xml.getAttributeValue(OFFICE, "value");
        String day = xml.getAttributeValue(OFFICE, "date-value");
        String truth = xml.getAttributeValue(OFFICE, "boolean-value");
        String shown = shown(name);
        if (kind.equals("percentage") && value != null) {
            return Workbook.percentage(new BigDecimal(value));
        }
        if (value != null) {
            return Workbook.plain(new BigDecimal(value));
        }
        if (day != null) {
            return day.endsWith(MIDNIGHT) ? day.substring(0, day.length() - MIDNIGHT.length()) : day;
        }
        return truth == null ? shown : Workbook.truth(Boolean.parseBoolean(truth));
    }

    /** The words of a cell, its paragraphs each on a line, without what somebody remarked on it. */
    private String shown(String cell) throws XMLStreamException {
        StringBuilder words = new StringBuilder();
        int paragraphs = 0;
        while (!(xml.next() == XMLStreamConstants.END_ELEMENT && at(TABLE, cell))) {
            if (xml.isStartElement() && at(OFFICE, "annotation")) {
                skip();
            } else if (xml.isStartElement() && at(TEXT, "p")) {
                words.append(paragraphs++ == 0 ? "" : "\n");
            } else if (xml.isStartElement() && at(TEXT, "s")) {
                words.append(" ".repeat(Math.min(MOST_COLUMNS, Optional.ofNullable(xml.getAttributeValue(TEXT, "c")).map(Integer::parseInt).orElse(1))));
            } else if (xml.isStartElement() && (at(TEXT, "tab") || at(TEXT, "line-break"))) {
                words.append(' ');
            } else if (xml.isCharacters() && paragraphs > 0) {
                words.append(xml.getText());
            }
        }
        return words.toString();
    }

    private void skip() throws XMLStreamException {
        for (int open = 1; open > 0;) {
            int event = xml.next();
            open += event == XMLStreamConstants.START_ELEMENT ? 1 : event == XMLStreamConstants.END_ELEMENT ? -1 : 0;
        }
    }
}
