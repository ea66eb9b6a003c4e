package brachion.server.exchange;

import brachion.server.storage.Stores;
import brachion.server.storage.TableFile;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import java.io.IOException;
import java.io.InputStream;
import org.springframework.core.io.InputStreamResource;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** People's own notebooks over HTTP. */
@RestController
@RequestMapping("/api/exchange/notebooks")
class NotebookController {

    private static final String SHAPE = "[0-9a-f]{32}";
    private static final String NO_SHAPE = "That is no shape of a table.";

    private final NotebookService service;

    NotebookController(NotebookService service) {
        this.service = service;
    }

    /** What a table is likely to mean. */
    @PostMapping(consumes = TableFile.TYPE)
    NotebookAnswer look(@Schema(type = "string", format = "byte") @RequestBody(required = false) InputStreamResource file) throws IOException {
        return service.look(file == null ? InputStream.nullInputStream() : file.getInputStream());
    }

    /** Says what tables of a shape mean; from then on they are read so. */
    @Stores
    @PutMapping("/{shape}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@PathVariable @Pattern(regexp = SHAPE, message = NO_SHAPE) String shape, @Valid @RequestBody Translation translation) {
        service.keep(shape, translation);
    }

    /** Forgets what was said of them. */
    @Stores
    @DeleteMapping("/{shape}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable @Pattern(regexp = SHAPE, message = NO_SHAPE) String shape) {
        service.forget(shape);
    }
}
