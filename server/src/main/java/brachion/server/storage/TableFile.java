package brachion.server.storage;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A table that is taken out: a file named after what it holds and the day. */
public final class TableFile {

    /** How it travels. */
    public static final String TYPE = "text/csv";

    /** Stands before the table, so that spreadsheet programs take it for UTF-8 and not for what they used to write themselves. */
    public static final String MARK = "\uFEFF";

    private TableFile() {
    }

    /**
     * The answer that hands the file over.
     *
     * @param of    what it holds, such as {@code trials}
     * @param text  the table
     * @param clock tells the day
     */
    public static ResponseEntity<byte[]> of(String of, String text, Clock clock) {
        return Download.of(Download.named(of, "csv", clock),
                new MediaType(MediaType.parseMediaType(TYPE), StandardCharsets.UTF_8), (MARK + text).getBytes(StandardCharsets.UTF_8));
    }
}
