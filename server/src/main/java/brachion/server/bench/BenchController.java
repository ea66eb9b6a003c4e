package brachion.server.bench;

import brachion.server.storage.CurrentShop;
import brachion.server.storage.Stores;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
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
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The bench over HTTP. */
@RestController
@RequestMapping("/api/bench")
class BenchController {

    private final BenchService service;
    private final LastLook lastLook;
    private final Onlookers onlookers;
    private final Clock clock;

    BenchController(BenchService service, LastLook lastLook, Onlookers onlookers, Clock clock) {
        this.service = service;
        this.lastLook = lastLook;
        this.onlookers = onlookers;
        this.clock = clock;
    }

    /**
     * The bench at a moment.
     *
     * @param now    the moment, by the server's clock
     * @param pieces what is on it, the most pressing first
     */
    record BenchAnswer(Instant now, List<BenchView> pieces) {
    }

    /** @param now what the server's clock shows */
    record ClockAnswer(Instant now) {
    }

    /** @param trialId key of the trial a piece became */
    record JudgedAnswer(long trialId) {
    }

    @GetMapping
    BenchAnswer bench() {
        return lastLook.look();
    }

    @GetMapping("/clock")
    ClockAnswer clock() {
        return new ClockAnswer(clock.instant());
    }

    /** Tells of every change, and of the server's clock every few seconds, until whoever looks on goes. */
    @Hidden
    @GetMapping(value = "/changes", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter changes(HttpServletResponse response) {
        // a proxy that gathers what it passes on would keep it back
        response.setHeader("X-Accel-Buffering", "no");
        return onlookers.join(CurrentShop.key());
    }

    @Stores
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    BenchView plan(@Valid @RequestBody PlanFields plan) {
        return service.plan(plan);
    }

    @Stores
    @PostMapping("/{id}/taps")
    BenchView tap(@PathVariable long id, @Valid @RequestBody TapFields tap) {
        return service.tap(id, tap);
    }

    /** Says beside which thermometer it lies, where several are heard. */
    @Stores
    @PutMapping("/{id}/thermometer/{thermometer}")
    BenchView liesBeside(@PathVariable long id, @PathVariable long thermometer, @RequestParam int version) {
        return service.liesBeside(id, version, thermometer);
    }

    @Stores
    @DeleteMapping("/{id}/taps/last")
    BenchView takeBack(@PathVariable long id, @RequestParam int version) {
        return service.takeBack(id, version);
    }

    @Stores
    @PostMapping("/{id}/verdict")
    JudgedAnswer judge(@PathVariable long id, @RequestParam int version, @Valid @RequestBody VerdictFields verdict) {
        return new JudgedAnswer(service.judge(id, version, verdict));
    }

    @Stores
    @DeleteMapping("/{id}")
    BenchView takeOff(@PathVariable long id, @RequestParam int version) {
        return service.takeOff(id, version);
    }

    @Stores
    @PostMapping("/{id}/restoration")
    BenchView putBack(@PathVariable long id) {
        return service.putBack(id);
    }
}
