package brachion.server.exchange;

import brachion.server.problem.RefusedFieldException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.apache.commons.compress.utils.SeekableInMemoryByteChannel;
import org.dhatim.fastexcel.Worksheet;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;

/** Tables as workbooks (Office Open XML, ECMA-376, and OpenDocument): the first sheet with something in it, cell by cell as it is shown; formulas by their last value. */
final class Workbook {

    private static final byte[] ZIP = {'P', 'K', 3, 4};
    /** So many bytes tell whether a part of an archive is XML. */
    private static final int BEGINNING = 4096;
    /** Drawings beside a sheet; spreadsheet programs write them with tags left open. */
    private static final String DRAWING = ".vml";
    /** As many characters as programs take of a format. */
    private static final int LONGEST_FORMAT = 255;
    private static final Pattern OF_A_DAY = Pattern.compile("(?i)(?:\"[^\"]*+\"|\\[[^\\]]*+]|\\\\.|[^dy\"\\[\\\\])*+(d|yy).*+");
    /** Days are counted from here in workbooks. */
    private static final LocalDateTime DAY_ZERO = LocalDateTime.of(1899, 12, 30, 0, 0);
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");

    /** A number of so many characters is the same as a binary one. */
    private static final int DIGITS = 15;

    private Workbook() {
    }

    static boolean is(byte[] file) {
        return RawTable.begins(file, ZIP);
    }

    /** The rows of the first sheet that has any; refuses what is no workbook, with the field {@code file}. */
    static List<Row> rows(byte[] file) {
        if (OpenSpreadsheet.is(file)) {
            return worded(OpenSpreadsheet.rows(file));
        }
        requireModest(file);
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(file), new ReadingOptions(true, false))) {
            for (org.dhatim.fastexcel.reader.Sheet sheet : book.getSheets().toList()) {
                List<Row> rows = new ArrayList<>();
                sheet.openStream().forEach(row -> {
                    List<String> cells = new ArrayList<>();
                    row.forEach(cell -> cells.add(cell == null ? "" : text(cell)));
                    int last = cells.size();
                    while (last > 0 && cells.get(last - 1).isBlank()) {
                        last--;
                    }
                    if (last > 0) {
                        rows.add(new Row(row.getRowNum(), List.copyOf(cells.subList(0, last))));
                    }
                });
                if (!rows.isEmpty()) {
                    return rows;
                }
            }
            return worded(List.of());
        } catch (RefusedFieldException refused) {
            throw refused;
        } catch (IOException | RuntimeException broken) {
            // the reader meets what no program writes in many ways: places, styles and words that are not there among them
            throw unreadable();
        }
    }

    private static RefusedFieldException unreadable() {
        return new RefusedFieldException("file", "This workbook cannot be read. Save it anew, or save the sheet as CSV.");
    }

    private static List<Row> worded(List<Row> rows) {
        if (rows.isEmpty()) {
            throw new RefusedFieldException("file", "The workbook is empty: there is not one word in its sheets.");
        }
        return rows;
    }

    /** Refuses what unpacks to far more than any table of bends, or holds more than one, before anything else reads it. */
    private static void requireModest(byte[] file) {
        WorkbookBounds bounds = new WorkbookBounds();
        UnpackedPart.Unpacked unpacked = new UnpackedPart.Unpacked();
        try (ZipFile zip = opened(file)) {
            for (ZipArchiveEntry entry : Collections.list(zip.getEntries())) {
                boolean xml;
                try (InputStream part = zip.getInputStream(entry)) {
                    xml = beginsAsXml(part.readNBytes(BEGINNING));
                }
                try (InputStream part = new UnpackedPart(zip.getInputStream(entry), unpacked, xml)) {
                    if (xml) {
                        check(entry, part, bounds);
                    } else {
                        part.transferTo(OutputStream.nullOutputStream());
                    }
                }
            }
            if (!bounds.everyWordIsThere()) {
                throw unreadable();
            }
        } catch (RefusedFieldException refused) {
            throw refused;
        } catch (IOException broken) {
            throw new RefusedFieldException("file", "This workbook breaks off. Save it anew, or save the sheet as CSV.");
        } catch (RuntimeException noWorkbook) {
            throw unreadable();
        }
    }

    private static void check(ZipArchiveEntry entry, InputStream part, WorkbookBounds bounds) throws IOException {
        try {
            bounds.check(part);
        } catch (IOException broken) {
            if (!entry.getName().endsWith(DRAWING)) {
                throw broken;
            }
        }
    }

    /** Whether it begins with a tag, behind marks of UTF-8 and UTF-16, their empty bytes, and blanks. */
    private static boolean beginsAsXml(byte[] beginning) {
        for (byte each : beginning) {
            if (each > ' ') {
                return each == '<';
            }
        }
        return false;
    }

    private static String text(Cell cell) {
        CellType type = cell.getType();
        if (type == CellType.NUMBER || type == CellType.FORMULA && isNumber(cell)) {
            return number(cell);
        }
        if (type == CellType.BOOLEAN) {
            return truth(cell.asBoolean());
        }
        return type == CellType.ERROR || type == CellType.EMPTY ? "" : HarmlessCell.back(Optional.ofNullable(cell.getText()).orElse(""));
    }

    private static boolean isNumber(Cell cell) {
        return cell.getValue() instanceof BigDecimal || NUMBER.matcher(Optional.ofNullable(cell.getRawValue()).orElse("")).matches();
    }

    /** A number, a day or a percentage, as its format shows it. */
    private static String number(Cell cell) {
        String format = Optional.ofNullable(cell.getDataFormatString()).orElse("");
        BigDecimal value = cell.getValue() instanceof BigDecimal known ? known : new BigDecimal(cell.getRawValue());
        if (format.length() <= LONGEST_FORMAT && OF_A_DAY.matcher(format).matches() && value.signum() > 0) {
            LocalDateTime moment = cell.getType() == CellType.NUMBER ? cell.asDate() : DAY_ZERO.plusDays(value.longValue());
            return moment.toLocalTime().equals(LocalTime.MIDNIGHT) ? moment.toLocalDate().toString() : moment.toString();
        }
        return format.contains("%") ? percentage(value) : plain(value);
    }

    /** The archive a workbook is. */
    static ZipFile opened(byte[] file) throws IOException {
        return ZipFile.builder().setSeekableByteChannel(new SeekableInMemoryByteChannel(file)).get();
    }

    /** A number as it is typed. */
    static String plain(BigDecimal value) {
        return value.stripTrailingZeros().toPlainString();
    }

    /** A share as it is typed. */
    static String percentage(BigDecimal share) {
        return plain(share.multiply(HUNDRED)) + " %";
    }

    /** Whether something is so, as it is typed. */
    static String truth(boolean so) {
        return so ? "yes" : "no";
    }

    /** A workbook of one sheet that is written line by line; what is a number is written as one. */
    static final class Writing implements AutoCloseable {

        /** Lines that wait in memory. */
        private static final int AT_ONCE = 500;

        private final org.dhatim.fastexcel.Workbook book;
        private final Worksheet sheet;
        private int line;

        Writing(OutputStream file, String name, List<String> headings) {
            book = new org.dhatim.fastexcel.Workbook(file, "Brachion", "1.0");
            sheet = book.newWorksheet(name);
            sheet.freezePane(0, 1);
            for (int column = 0; column < headings.size(); column++) {
                sheet.value(0, column, headings.get(column));
                sheet.style(0, column).bold().set();
            }
        }

        void line(List<String> cells) throws IOException {
            line++;
            for (int column = 0; column < cells.size(); column++) {
                write(sheet, line, column, cells.get(column));
            }
            if (line % AT_ONCE == 0) {
                sheet.flush();
            }
        }

        @Override
        public void close() throws IOException {
            book.close();
        }
    }

    private static void write(Worksheet sheet, int row, int column, String text) {
        // 007 and 1.50 are no numbers to whoever wrote them
        if (NUMBER.matcher(text).matches() && text.length() <= DIGITS && plain(new BigDecimal(text)).equals(text)) {
            sheet.value(row, column, new BigDecimal(text));
        } else if (!text.isEmpty()) {
            sheet.value(row, column, HarmlessCell.amongWords(text));
        }
    }
}
