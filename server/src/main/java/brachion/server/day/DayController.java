package brachion.server.day;

import brachion.core.schedule.CannotBeScheduledException;
import brachion.core.schedule.Decoder;
import brachion.core.schedule.Schedule;
import brachion.core.schedule.ScheduleSearch;
import brachion.server.storage.JsonLines;
import brachion.server.storage.Stores;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tools.jackson.databind.json.JsonMapper;

/** The day over HTTP. */
@RestController
@RequestMapping("/api/day")
class DayController {

    /** Schedules made in about two seconds, one block of work after the other. */
    private static final int BLOCKS_PLACED = 250_000;
    private static final int FEWEST_TRIES = 300;
    private static final int MOST_TRIES = 20_000;
    private static final long A_LINE_NS = Duration.ofMillis(250).toNanos();
    private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=UTF-8");

    private final DayService service;
    private final CalendarOfDay calendar;
    private final ScheduleSearch search;
    private final JsonMapper json;

    DayController(DayService service, CalendarOfDay calendar, ScheduleSearch search, JsonMapper json) {
        this.service = service;
        this.calendar = calendar;
        this.search = search;
        this.json = json;
    }

    @GetMapping
    DayReading day() {
        return service.now();
    }

    @Stores
    @PutMapping("/hours")
    DayReading keepHours(@RequestParam int version, @Valid @RequestBody HoursFields hours) {
        return service.keepHours(version, hours);
    }

    /** A schedule at once, and every better one as it is found. Whoever hangs up has it stopped. */
    @ApiResponse(responseCode = "200", description = "Lines of JSON, each better schedule on one of its own", content = @Content(mediaType = MediaType.APPLICATION_NDJSON_VALUE,
            schema = @Schema(implementation = ProposalReading.class)))
    @PostMapping(value = "/proposals", produces = MediaType.APPLICATION_NDJSON_VALUE)
    ResponseEntity<StreamingResponseBody> propose(@Valid @RequestBody AskedFields asked, HttpServletResponse response) {
        ShopRun run = service.run(asked);
        Schedule first;
        Proposals proposals;
        try {
            Decoder decoder = new Decoder(run.problem());
            first = decoder.schedule(decoder.firstOrder());
            proposals = new Proposals(run);
        } catch (CannotBeScheduledException never) {
            throw Unscheduled.of(run, never);
        }
        int tries = Math.max(FEWEST_TRIES, Math.min(MOST_TRIES, BLOCKS_PLACED / Math.max(1, first.slots().size())));
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_NDJSON).body(out -> {
            improve(run, proposals, first, tries, new JsonLines(response, json));
        });
    }

    private void improve(ShopRun run, Proposals proposals, Schedule first, int tries, JsonLines lines) {
        AtomicInteger tried = new AtomicInteger();
        AtomicLong told = new AtomicLong(System.nanoTime());
        AtomicReference<Schedule> best = new AtomicReference<>(first);
        lines.write(new ProposalReading(0, tries, false, proposals.of(first, false)));
        AtomicReference<Schedule> shown = new AtomicReference<>(first);
        // where everything stays as people count on it there is nothing to look for
        boolean settled = first.worth().changedMinutes() == 0 && run.problem().pieces().stream().allMatch(piece -> piece.begun() > 0 || !piece.before().isEmpty());
        search.search(run.problem(), tries, () -> {
            tried.incrementAndGet();
            if (System.nanoTime() - told.get() > A_LINE_NS) {
                told.set(System.nanoTime());
                // whoever has left is found out by writing
                boolean better = shown.getAndSet(best.get()) != best.get();
                lines.write(new ProposalReading(tried.get(), tries, false, better ? proposals.of(best.get(), false) : null));
            }
            return settled || best.get().worth().lateMinutes() == 0 && best.get().worth().changedMinutes() == 0
                    && best.get().worth().endsMinute() <= proposals.endsAtLeast();
        }, best::set);
        lines.write(new ProposalReading(tries, tries, true, proposals.of(best.get(), true)));
    }

    @Stores
    @PutMapping("/plan")
    DayReading take(@Valid @RequestBody TakenFields taken) {
        return service.take(taken);
    }

    @Stores
    @DeleteMapping("/plan")
    DayReading drop() {
        return service.drop();
    }

    /** What hands do in the plan in force, as a calendar (RFC 5545). */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/calendar", schema = @Schema(type = "string")))
    @GetMapping(value = "/plan.ics", produces = "text/calendar")
    ResponseEntity<String> calendar() {
        return ResponseEntity.ok().contentType(CALENDAR)
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename("the-day.ics").build().toString()).body(calendar.of(service.now()));
    }
}
