package brachion.server.exchange;

import brachion.server.exchange.ExchangeService.BroughtInAnswer;
import brachion.server.exchange.ExchangeService.Reading;
import brachion.server.exchange.ExchangeService.TableView;
import brachion.server.storage.Absent;
import brachion.server.storage.Download;
import brachion.server.storage.Stores;
import brachion.server.storage.TableFile;
import brachion.server.trial.OtherShops;
import brachion.server.trial.TrialFields;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Clock;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Tables of trials over HTTP. */
@RestController
@RequestMapping("/api/exchange")
class ExchangeController {

    /** Trials and rows a preview shows. */
    private static final int SHOWN = 100;
    private static final String WORKBOOK = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

    private static final String NAME = "A name may be up to " + OtherShops.LONGEST_NAME + " characters long.";

    private final ExchangeService service;
    private final TakenOut takenOut;
    private final OtherShops otherShops;
    private final Clock clock;

    ExchangeController(ExchangeService service, TakenOut takenOut, OtherShops otherShops, Clock clock) {
        this.service = service;
        this.takenOut = takenOut;
        this.otherShops = otherShops;
        this.clock = clock;
    }

    /**
     * What a table holds.
     *
     * @param coming      how many trials can come in
     * @param trials      the first hundred of them
     * @param left        how many rows cannot be read
     * @param rows        the first hundred of them
     * @param alreadyHere how many rows are written down here word for word
     * @param toNote      headings not known here, whose cells go into the note
     */
    record TableAnswer(int coming, List<TrialFields> trials, int left, List<LeftRow> rows, int alreadyHere,
                       List<String> toNote) {

        static TableAnswer of(Reading reading) {
            return new TableAnswer(reading.coming(), reading.trials(), reading.left(),
                    reading.rows().stream().map(left -> LeftRow.of(reading.headings(), left.row(), left.faults())).toList(),
                    reading.alreadyHere(), reading.headings().stream()
                            .filter(heading -> heading.column().isEmpty()).map(Heading::text).toList());
        }
    }

    /** Reads a table without keeping anything of it. */
    @PostMapping(path = "/readings", consumes = TableFile.TYPE)
    TableAnswer read(@RequestParam(required = false) @Size(max = OtherShops.LONGEST_NAME, message = NAME) String otherShop,
                     @Schema(type = "string", format = "byte") @RequestBody(required = false) InputStreamResource file) throws IOException {
        try (InputStream table = opened(file)) {
            return TableAnswer.of(service.look(table, Absent.given(otherShop), SHOWN));
        }
    }

    /**
     * Brings a table in.
     *
     * @param otherShop whose bends they are, nothing for the own ones
     * @param whole     whether nothing comes in unless every row can be read
     */
    @Stores(many = true)
    @PostMapping(path = "/trials", consumes = TableFile.TYPE)
    BroughtInAnswer bringIn(@RequestParam @Size(max = 255) String fileName,
                            @RequestParam(required = false) @Size(max = OtherShops.LONGEST_NAME, message = NAME) String otherShop,
                            @RequestParam(defaultValue = "false") boolean whole,
                            @Schema(type = "string", format = "byte") @RequestBody(required = false) InputStreamResource file) throws IOException {
        try (InputStream table = opened(file)) {
            return service.bringIn(fileName, table, Absent.given(otherShop), whole);
        }
    }

    /** Tables that were brought in. */
    @GetMapping("/tables")
    List<TableView> tables() {
        return service.tables();
    }

    /** Takes back what one table brought in. */
    @Stores(many = true)
    @DeleteMapping("/tables/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable long id) {
        service.takeBack(id);
    }

    /** Brings back what was taken back. */
    @Stores(many = true)
    @PostMapping("/tables/{id}/restoration")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bringBack(@PathVariable long id) {
        service.bringBack(id);
    }

    private static InputStream opened(InputStreamResource file) throws IOException {
        return file == null ? InputStream.nullInputStream() : file.getInputStream();
    }

    /** All trials as a table, those of the shop's own or those of another. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = TableFile.TYPE, schema = @Schema(type = "string", format = "binary")))
    @GetMapping(path = "/trials", produces = TableFile.TYPE)
    ResponseEntity<Resource> table(@RequestParam(defaultValue = "METRIC") Units units, @RequestParam(required = false) Long otherShop) throws IOException {
        return handedOver(otherShop, "csv", new MediaType(MediaType.parseMediaType(TableFile.TYPE), StandardCharsets.UTF_8), file -> takenOut.table(units, otherShop, file));
    }

    /** The same as a workbook. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = WORKBOOK, schema = @Schema(type = "string", format = "binary")))
    @GetMapping(path = "/workbook", produces = WORKBOOK)
    ResponseEntity<Resource> workbook(@RequestParam(defaultValue = "METRIC") Units units, @RequestParam(required = false) Long otherShop) throws IOException {
        return handedOver(otherShop, "xlsx", MediaType.parseMediaType(WORKBOOK), file -> takenOut.workbook(units, otherShop, file));
    }

    /** The same as one JSON document, exactly as they are written down. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = MediaType.APPLICATION_JSON_VALUE, schema = @Schema(type = "string", format = "binary")))
    @GetMapping(path = "/document", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Resource> document(@RequestParam(required = false) Long otherShop) throws IOException {
        return handedOver(otherShop, "json", MediaType.APPLICATION_JSON, file -> takenOut.document(otherShop, file));
    }

    private interface Writing {
        void to(OutputStream file) throws IOException;
    }

    private ResponseEntity<Resource> handedOver(Long otherShop, String ending, MediaType type, Writing writing) throws IOException {
        otherShops.requireThere(otherShop);
        return Download.written(Download.named(otherShop == null ? "trials" : "trials-of-another-shop", ending, clock), type, file -> {
            try (OutputStream out = Files.newOutputStream(file)) {
                writing.to(out);
            }
        });
    }

    /** What such a document may hold: a JSON Schema of draft 2020-12. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = Download.SCHEMA, schema = @Schema(type = "string", format = "binary")))
    @GetMapping(path = "/schema", produces = Download.SCHEMA)
    ResponseEntity<Resource> schema() {
        return Download.of("trials.schema.json", MediaType.parseMediaType(Download.SCHEMA), new ClassPathResource("schema/trials.schema.json"));
    }
}
