package brachion.server.find;

import brachion.core.quantity.Measurement;
import brachion.server.storage.Stores;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import java.util.List;
import org.hibernate.validator.constraints.Range;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Finding and counting records over HTTP. */
@RestController
@RequestMapping("/api/records")
class FindController {

    private static final int LARGEST_PAGE = 200;
    private static final int MOST = 10_000_000;

    private final FindService service;

    FindController(FindService service) {
        this.service = service;
    }

    /**
     * A fact records are found by.
     *
     * @param key         what it is called in a question
     * @param title       what it is called
     * @param kind        what its values are
     * @param measurement how a number is typed; null for a bare number and for all that is none
     */
    record FactView(String key, String title, Fact.Kind kind, @Schema(nullable = true) Measurement measurement) {
    }

    /** Every fact, those asked for most first. */
    @GetMapping("/facts")
    List<FactView> facts() {
        return Facts.all().stream().map(fact -> new FactView(fact.key(), fact.title(), fact.kind(), fact.measurement())).toList();
    }

    /** The records that are looked for, so many from some place on. */
    @PostMapping("/found")
    FoundReading found(@RequestParam(defaultValue = "0") @Range(min = 0, max = MOST, message = "There are never so many.") int from,
                       @RequestParam(defaultValue = "50") @Range(min = 1, max = LARGEST_PAGE, message = "1 to " + LARGEST_PAGE + " at once.") int many,
                       @Valid @RequestBody FindFields asked) {
        return service.found(asked, from, many);
    }

    /** @param total how many records there are */
    record CountAnswer(long total) {
    }

    /** How many records there are of those that are looked for. */
    @PostMapping("/count")
    CountAnswer count(@Valid @RequestBody FindFields asked) {
        return new CountAnswer(service.count(asked));
    }

    /** How many records there are of each value of a fact, or of each two. */
    @PostMapping("/tally")
    TallyReading tally(@Valid @RequestBody TallyFields asked) {
        return service.tally(asked);
    }

    @GetMapping("/views")
    List<SavedView> views() {
        return service.views();
    }

    /** Keeps a view; one of that name is this one from now on. */
    @Stores
    @PostMapping("/views")
    SavedView keep(@Valid @RequestBody ViewFields view) {
        return service.keep(view);
    }

    @Stores
    @DeleteMapping("/views/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void discard(@PathVariable long id) {
        service.discard(id);
    }

    @Stores
    @PostMapping("/views/{id}/restoration")
    SavedView restore(@PathVariable long id) {
        return service.restore(id);
    }
}
