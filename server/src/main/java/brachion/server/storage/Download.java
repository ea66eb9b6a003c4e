package brachion.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file that is taken out. */
public final class Download {

    /** How a JSON Schema travels. */
    public static final String SCHEMA = "application/schema+json";

    private Download() {
    }

    /** The name of a file by what it holds, such as {@code trials}, the day and the ending of its kind. */
    public static String named(String of, String ending, Clock clock) {
        return "brachion-" + of + "-" + LocalDate.now(clock) + "." + ending;
    }

    /** Writes a file. */
    public interface Writing {
        /** Writes it where it is to be. */
        void to(Path file) throws IOException;
    }

    /** The answer that hands over, under a name, a file that is written first: read while it is sent, and gone when it was. */
    public static ResponseEntity<Resource> written(String name, MediaType type, Writing writing) throws IOException {
        Path file = Files.createTempFile("brachion-download", null);
        try {
            writing.to(file);
            return of(name, type, new InputStreamResource(Files.newInputStream(file, StandardOpenOption.DELETE_ON_CLOSE)));
        } catch (IOException | RuntimeException failed) {
            Files.deleteIfExists(file);
            throw failed;
        }
    }

    /** The answer that hands a file over under a name. */
    public static <T> ResponseEntity<T> of(String name, MediaType type, T file) {
        return ResponseEntity.ok().contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename(name).build().toString()).body(file);
    }
}
