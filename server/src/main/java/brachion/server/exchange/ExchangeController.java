package brachion.server.exchange;

import brachion.server.exchange.ExchangeService.BroughtIn;
import brachion.server.exchange.ExchangeService.Kept;
import brachion.server.exchange.ExchangeService.Reading;
import brachion.server.exchange.LeftRow.Cell;
import brachion.server.storage.Download;
import brachion.server.storage.Stores;
import brachion.server.storage.TableFile;
import brachion.server.trial.TrialFields;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
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
    private static final String SCHEMA = "application/schema+json";
    private static final String WORKBOOK = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

    private final ExchangeService service;
    private final Clock clock;

    ExchangeController(ExchangeService service, Clock clock) {
        this.service = service;
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
            return new TableAnswer(reading.trials().size(), reading.trials().stream().limit(SHOWN).toList(),
                    reading.left().size(), reading.left().stream().limit(SHOWN)
                            .map(left -> LeftRow.of(reading.sheet().headings(), left.row(), left.faults())).toList(),
                    reading.alreadyHere(), reading.sheet().headings().stream()
                            .filter(heading -> heading.column().isEmpty()).map(Heading::text).toList());
        }
    }

    /**
     * A row with its cells changed.
     *
     * @param cells the cells, perhaps with one more for a column that its table does not have
     */
    record MendedRow(@NotNull(message = "The cells are needed.") @Size(min = 1, max = 200, message = "A row has between 1 and 200 cells.")
                     List<@Valid @NotNull Cell> cells) {
    }

    /**
     * What became of a row that was mended.
     *
     * @param trialId key of the trial it became, null when it still cannot be read
     * @param row     the row as it waits now, null when it became a trial
     */
    record MendReading(Long trialId, Kept row) {
    }

    /**
     * What one table brought in.
     *
     * @param trials keys of the trials that came in
     * @param rows   keys of the rows that wait
     */
    record UndoRequest(@NotNull @Size(max = MOST, message = "So much was never brought in at once.") List<@NotNull Long> trials,
                       @NotNull @Size(max = MOST, message = "So much was never brought in at once.") List<@NotNull Long> rows) {

        private static final int MOST = 200_000;
    }

    /** Reads a table without keeping anything of it. */
    @PostMapping(path = "/readings", consumes = TableFile.TYPE)
    TableAnswer read(@RequestBody(required = false) byte[] file) {
        return TableAnswer.of(service.read(given(file)));
    }

    /**
     * Brings a table in.
     *
     * @param whole whether nothing comes in unless every row can be read
     */
    @Stores(many = true)
    @PostMapping(path = "/trials", consumes = TableFile.TYPE)
    BroughtIn bringIn(@RequestParam @Size(max = 255) String fileName, @RequestParam(defaultValue = "false") boolean whole, @RequestBody(required = false) byte[] file) {
        return service.bringIn(fileName, given(file), whole);
    }

    /** Takes back what one table brought in. */
    @Stores(many = true)
    @PostMapping("/undoing")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@Valid @RequestBody UndoRequest undo) {
        service.takeBack(undo.trials(), undo.rows());
    }

    private static byte[] given(byte[] file) {
        return file == null ? new byte[0] : file;
    }

    /** All trials as a table. */
    @GetMapping(path = "/trials", produces = TableFile.TYPE)
    ResponseEntity<byte[]> table(@RequestParam(defaultValue = "METRIC") Units units) {
        return TableFile.of("trials", service.table(units), clock);
    }

    /** All trials as a workbook. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = WORKBOOK, schema = @Schema(type = "string", format = "binary")))
    @GetMapping(path = "/workbook", produces = WORKBOOK)
    ResponseEntity<byte[]> workbook(@RequestParam(defaultValue = "METRIC") Units units) {
        return Download.of(Download.named("trials", "xlsx", clock), MediaType.parseMediaType(WORKBOOK), service.workbook(units));
    }

    /** All trials as one JSON document, exactly as they are written down. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = MediaType.APPLICATION_JSON_VALUE, schema = @Schema(type = "string", format = "binary")))
    @GetMapping(path = "/document", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> document() {
        return Download.of(Download.named("trials", "json", clock), MediaType.APPLICATION_JSON, service.document());
    }

    /** What such a document may hold: a JSON Schema of draft 2020-12. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = SCHEMA, schema = @Schema(type = "string", format = "binary")))
    @GetMapping(path = "/schema", produces = SCHEMA)
    ResponseEntity<Resource> schema() {
        return Download.of("trials.schema.json", MediaType.parseMediaType(SCHEMA), new ClassPathResource("schema/trials.schema.json"));
    }

    /** Rows that wait to be mended. */
    @GetMapping("/rows")
    List<Kept> waiting() {
        return service.waiting();
    }

    @Stores
    @PutMapping("/rows/{id}")
    MendReading mend(@PathVariable long id, @RequestParam int version, @Valid @RequestBody MendedRow fields) {
        return service.mend(id, version, fields.cells()).map(trialId -> new MendReading(trialId, null))
                .orElseGet(() -> new MendReading(null, service.view(id)));
    }

    @Stores
    @DeleteMapping("/rows/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void discard(@PathVariable long id) {
        service.discard(id);
    }

    @Stores
    @PostMapping("/rows/{id}/restoration")
    Kept restore(@PathVariable long id) {
        return service.restore(id);
    }
}
