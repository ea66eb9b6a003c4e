package brachion.server.backup;

import brachion.server.problem.RefusedFieldException;
import brachion.server.storage.Download;
import brachion.server.storage.Stores;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Backups over HTTP. */
@RestController
@RequestMapping("/api/backup")
class BackupController {

    private final Backups backups;
    private final Clock clock;

    BackupController(Backups backups, Clock clock) {
        this.backups = backups;
        this.clock = clock;
    }

    /**
     * What was brought back.
     *
     * @param madeAt when the backup was made, as an ISO 8601 instant
     * @param rows   how many rows of all tables it held
     */
    record RestoredAnswer(String madeAt, long rows) {
    }

    /** Everything the shop keeps, in one file. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = BackupTypes.ZIP, schema = @Schema(type = "string", format = "binary")))
    @GetMapping(produces = BackupTypes.ZIP)
    ResponseEntity<Resource> backup() throws IOException {
        return Download.written("brachion-" + LocalDate.now(clock) + ".zip", MediaType.parseMediaType(BackupTypes.ZIP), backups::write);
    }

    /** The same as one JSON document. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = MediaType.APPLICATION_JSON_VALUE, schema = @Schema(type = "string", format = "binary")))
    @GetMapping(path = "/document", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Resource> document() throws IOException {
        return Download.written("brachion-" + LocalDate.now(clock) + ".json", MediaType.APPLICATION_JSON, backups::writeDocument);
    }

    /** What such a document may hold: a JSON Schema of draft 2020-12. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = Download.SCHEMA, schema = @Schema(type = "string", format = "binary")))
    @GetMapping(path = "/schema", produces = Download.SCHEMA)
    ResponseEntity<Resource> schema() {
        return Download.of("shop.schema.json", MediaType.parseMediaType(Download.SCHEMA), new ByteArrayResource(backups.documentSchema().getBytes(StandardCharsets.UTF_8)));
    }

    /** Brings a backup, or the same as a JSON document, back into a shop that is still empty. */
    @Stores(many = true)
    @PostMapping(path = "/restoration", consumes = {BackupTypes.ZIP, BackupTypes.DOCUMENT})
    RestoredAnswer restore(@Schema(type = "string", format = "byte") @RequestBody(required = false) InputStreamResource file) throws IOException {
        if (file == null) {
            throw new RefusedFieldException("file", "The backup is needed: the zip file or the JSON document that was written by Brachion.");
        }
        Manifest manifest;
        try (InputStream backup = file.getInputStream()) {
            manifest = backups.restore(backup);
        }
        return new RestoredAnswer(manifest.madeAt(), manifest.tables().stream().mapToLong(Manifest.Part::rows).sum());
    }
}
