package brachion.server.paper;

import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.outputdevice.helper.ExternalResourceControlPriority;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.slf4j.Slf4jLogger;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/** Sets words and drawings on paper as PDF: a page written from a template, in the product's own letters, black on white. */
@Component
public class SheetPdf {

    /** What such a file is. */
    public static final String TYPE = "application/pdf";
    /** What a request for a logbook is, which may be longer than others. */
    public static final String LOGBOOK_TYPE = "application/vnd.brachion.logbook+json";
    /** White round what is printed; hardly any printer prints further out [mm]. */
    private static final double MARGIN_MM = 12;
    /** How wide a record is drawn [mm], and how high for that. */
    private static final double ENTRY_WIDE_MM = 18;
    private static final double ENTRY_HIGH = 0.8;
    private static final double CARD_SHARE = 0.6;
    /** A table no longer than this stands beside what is ticked off. */
    private static final int BESIDE_ROWS = 14;
    /** Signs that have no place in a page that is written as XML. */
    private static final String CONTROL = "[\\p{Cntrl}&&[^\\n]]|\\p{Cs}|[\\uFFFE\\uFFFF]";

    private final TemplateEngine pages = new TemplateEngine();
    private final byte[] plain = read(Letters.PLAIN);
    private final byte[] strong = read(Letters.STRONG);
    private final byte[] headings = read(Letters.HEADINGS);

    SheetPdf() {
        ClassLoaderTemplateResolver templates = new ClassLoaderTemplateResolver();
        templates.setPrefix("sheet/");
        templates.setSuffix(".html");
        templates.setCharacterEncoding("UTF-8");
        pages.setTemplateResolver(templates);
        XRLog.setLoggerImpl(new Slf4jLogger());
        // what letters the machine has is looked up once and kept where it may be thrown away, not in somebody's home
        System.setProperty("pdfbox.fontcache", System.getProperty("java.io.tmpdir"));
    }

    private static byte[] read(Letters letters) {
        try (InputStream from = letters.open()) {
            return from.readAllBytes();
        } catch (IOException missing) {
            throw new UncheckedIOException("The letters ship with the product", missing);
        }
    }

    /** How wide a drawing on a paper may be [mm]. */
    public static double roomMm(Paper paper) {
        return paper.widthMm() - 2 * MARGIN_MM;
    }

    /** A sheet as PDF. */
    public byte[] of(SheetFields words, List<Sketch> sketches) {
        return of(words, sketches, List.of(), List.of(), false);
    }

    /**
     * A record on paper.
     *
     * @param says  its words
     * @param drawn the piece
     */
    record Entry(LogbookFields.EntryFields says, Sketch drawn) {
    }

    /** Records below what stands on a sheet. */
    byte[] of(LogbookFields logbook) {
        double wide = logbook.card() ? roomMm(logbook.sheet().paper()) * CARD_SHARE : ENTRY_WIDE_MM;
        List<Entry> entries = logbook.entries().stream().map(entry -> new Entry(entry, BentPiece.small(entry.bend(), entry.thicknessMm(), wide, wide * ENTRY_HIGH))).toList();
        return of(logbook.sheet(), List.of(), entries, List.of(), logbook.card());
    }

    /**
     * A day on paper.
     *
     * @param says  its words
     * @param drawn its lanes
     */
    record WorkDay(DaySheetFields.WorkDayFields says, Sketch drawn) {
    }

    /** Days of work below what stands on a sheet, each on a page of its own. */
    byte[] of(DaySheetFields days) {
        double wide = roomMm(days.sheet().paper());
        return of(days.sheet(), List.of(), List.of(), days.days().stream().map(day -> new WorkDay(day, DayLanes.of(day, wide))).toList(), false);
    }

    private byte[] of(SheetFields words, List<Sketch> sketches, List<Entry> entries, List<WorkDay> days, boolean card) {
        Context said = new Context(Locale.ROOT);
        said.setVariable("entries", entries);
        said.setVariable("days", days);
        said.setVariable("card", card);
        said.setVariable("words", words);
        said.setVariable("sketches", sketches);
        said.setVariable("small", words.paper() == Paper.A5);
        said.setVariable("size", words.paper().widthMm() + "mm " + words.paper().heightMm() + "mm");
        said.setVariable("marginMm", MARGIN_MM);
        said.setVariable("beside", !words.ready().isEmpty() && !words.rows().isEmpty() && words.rows().size() <= BESIDE_ROWS);
        said.setVariable("code", words.code() == null ? null : SquareCode.svg(words.code()));
        return written(pages.process("sheet", said).replaceAll(CONTROL, " "));
    }

    private byte[] written(String page) {
        PdfRendererBuilder pdf = new PdfRendererBuilder();
        pdf.useFont(from(plain), "Words", 400, FontStyle.NORMAL, true);
        pdf.useFont(from(strong), "Words", 600, FontStyle.NORMAL, true);
        pdf.useFont(from(headings), "Headings", 600, FontStyle.NORMAL, true);
        pdf.useSVGDrawer(new BatikSVGDrawer());
        // everything is in the page; nothing is ever fetched
        pdf.useUriResolver((base, asked) -> null);
        pdf.useExternalResourceAccessControl((asked, kind) -> false, ExternalResourceControlPriority.RUN_BEFORE_RESOLVING_URI);
        pdf.withHtmlContent(page, null);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        pdf.toStream(bytes);
        try {
            pdf.run();
        } catch (IOException impossible) {
            throw new UncheckedIOException("What is written stays in memory", impossible);
        }
        return bytes.toByteArray();
    }

    private static FSSupplier<InputStream> from(byte[] letters) {
        return () -> new ByteArrayInputStream(letters);
    }
}
