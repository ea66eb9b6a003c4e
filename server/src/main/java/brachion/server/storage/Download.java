package brachion.server.storage;

import java.time.Clock;
import java.time.LocalDate;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file that is taken out. */
public final class Download {

    private Download() {
    }

    /** The name of a file by what it holds, such as {@code trials}, the day and the ending of its kind. */
    public static String named(String of, String ending, Clock clock) {
        return "brachion-" + of + "-" + LocalDate.now(clock) + "." + ending;
    }

    /** The answer that hands a file over under a name. */
    public static <T> ResponseEntity<T> of(String name, MediaType type, T file) {
        return ResponseEntity.ok().contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename(name).build().toString()).body(file);
    }
}
