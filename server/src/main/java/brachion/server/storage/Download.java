package brachion.server.storage;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file that is taken out. */
public final class Download {

    private Download() {
    }

    /** The answer that hands a file over under a name. */
    public static <T> ResponseEntity<T> of(String name, MediaType type, T file) {
        return ResponseEntity.ok().contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename(name).build().toString()).body(file);
    }
}
