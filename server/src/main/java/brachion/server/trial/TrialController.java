package brachion.server.trial;

import brachion.core.method.MethodKind;
import brachion.core.trial.Severity;
import brachion.server.problem.RefusedFieldException;
import brachion.server.storage.Stores;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.hibernate.validator.constraints.Range;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.http.HttpStatus;
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

/** Trials over HTTP. */
@RestController
@RequestMapping("/api/trials")
class TrialController {

    private static final int LARGEST_PAGE = 200;
    private static final int MOST_ALIKE = 50;

    private final TrialService service;

    TrialController(TrialService service) {
        this.service = service;
    }

    /**
     * A page of trials, newest first.
     *
     * @param trials the trials
     * @param total  how many match in all
     */
    record TrialPage(List<TrialView> trials, long total) {
    }

    /**
     * How the trials ended.
     *
     * @param clean  trials without a flaw
     * @param flawed trials with a flaw that can be mended
     * @param broken broken trials
     * @param ofOtherShops how many of all these are records of other shops
     */
    record TrialCounts(long clean, long flawed, long broken, long ofOtherShops) {
    }

    /** @param trials keys of the pieces of a batch */
    record AlikeAnswer(@NotNull @Size(max = MOST_ALIKE, message = "So many were never written down at once.") List<@NotNull Long> trials) {
    }

    @GetMapping
    TrialPage search(@RequestParam(required = false) String speciesId,
                     @RequestParam(required = false) MethodKind method,
                     @RequestParam(required = false) Severity severity,
                     @RequestParam(defaultValue = "0") int page,
                     @RequestParam(defaultValue = "50") int size) {
        if (page < 0 || size < 1 || size > LARGEST_PAGE) {
            throw new RefusedFieldException("size",
                    "Pages count from 0 and hold between 1 and " + LARGEST_PAGE + " trials.");
        }
        if ((page + 1L) * size > Integer.MAX_VALUE) {
            throw new RefusedFieldException("page", "There are not so many pages.");
        }
        Page<TrialView> found = service.search(speciesId, method, severity, PageRequest.of(page, size));
        return new TrialPage(found.getContent(), found.getTotalElements());
    }

    @GetMapping("/counts")
    TrialCounts counts() {
        Map<Severity, Long> counts = new EnumMap<>(Severity.class);
        service.countBySeverity().forEach(count -> counts.put(count.getSeverity(), count.getTrials()));
        return new TrialCounts(counts.getOrDefault(Severity.CLEAN, 0L), counts.getOrDefault(Severity.FLAW, 0L),
                counts.getOrDefault(Severity.BROKEN, 0L), service.countOfOtherShops());
    }

    @GetMapping("/{id}")
    TrialView view(@PathVariable long id) {
        return service.view(id);
    }

    @Stores
    @PostMapping
    ResponseEntity<TrialView> log(@RequestParam(required = false) Long job, @Valid @RequestBody TrialFields fields) {
        TrialView logged = service.log(fields, job);
        return ResponseEntity.created(URI.create("/api/trials/" + logged.id())).body(logged);
    }

    /** Writes several pieces down that were bent alike and came out alike, each a trial of its own. */
    @Stores
    @PostMapping("/alike")
    @ResponseStatus(HttpStatus.CREATED)
    AlikeAnswer logAlike(@RequestParam @Range(min = 2, max = MOST_ALIKE, message = "2 to " + MOST_ALIKE + " pieces at once.") int pieces, @Valid @RequestBody TrialFields fields) {
        return new AlikeAnswer(service.log(Collections.nCopies(pieces, fields), CameFrom.HERE));
    }

    /** Takes such a batch back, as if it had never been written down. */
    @Stores
    @PostMapping("/alike/undoing")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@Valid @RequestBody AlikeAnswer alike) {
        service.takeBack(alike.trials());
    }

    @Stores
    @PutMapping("/{id}")
    TrialView correct(@PathVariable long id, @RequestParam int version, @Valid @RequestBody TrialFields fields) {
        return service.correct(id, version, fields);
    }

    /** Says for which job it was; none when the parameter is missing. */
    @Stores
    @PutMapping("/{id}/job")
    TrialView isFor(@PathVariable long id, @RequestParam int version, @RequestParam(required = false) Long job) {
        return service.isFor(id, version, job);
    }

    @Stores
    @DeleteMapping("/{id}")
    TrialView delete(@PathVariable long id, @RequestParam int version) {
        return service.delete(id, version);
    }

    @Stores
    @PostMapping("/{id}/restoration")
    TrialView restore(@PathVariable long id) {
        return service.restore(id);
    }
}
