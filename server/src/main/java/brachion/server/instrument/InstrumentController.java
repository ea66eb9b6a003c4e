package brachion.server.instrument;

import brachion.server.instrument.InstrumentService.InstrumentView;
import brachion.server.instrument.Instruments.Told;
import brachion.server.problem.RefusedRequestException;
import brachion.server.storage.Stores;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Instruments over HTTP: for the page, and for the instruments themselves. */
@RestController
@RequestMapping("/api/instruments")
class InstrumentController {

    private static final String BEARER = "Bearer ";
    private static final int AT_ONCE = 1000;

    private final InstrumentService service;

    InstrumentController(InstrumentService service) {
        this.service = service;
    }

    /**
     * @param name what it is called
     * @param kind what it measures
     */
    record InstrumentFields(
            @NotBlank(message = "Give the instrument a name.") @Size(max = 80, message = "A name may be up to 80 characters long.") String name,
            @NotNull(message = "Say what it measures.") InstrumentKind kind) {
    }

    /** @param readings what was read, in any order */
    record ReadingsSent(@NotNull(message = "Readings are needed.")
                        @Size(max = AT_ONCE, message = "Up to " + AT_ONCE + " readings are taken at once.") List<@Valid @NotNull ReadingFields> readings) {
    }

    @GetMapping
    List<InstrumentView> all() {
        return service.all();
    }

    /** The air of the shop over the last day, by the room sensor that was heard last. */
    @GetMapping("/air")
    AirReading air() {
        return service.air();
    }

    @Stores
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Told add(@Valid @RequestBody InstrumentFields fields) {
        return service.add(fields.name(), fields.kind());
    }

    @Stores
    @DeleteMapping("/{id}")
    InstrumentView remove(@PathVariable long id, @RequestParam int version) {
        return service.remove(id, version);
    }

    @Stores
    @PostMapping("/{id}/restoration")
    InstrumentView putBack(@PathVariable long id) {
        return service.putBack(id);
    }

    /** From an instrument, which shows its token; the page's own is not asked for. */
    @Stores
    @PostMapping("/{id}/readings")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(@PathVariable long id, @RequestHeader(name = HttpHeaders.AUTHORIZATION, required = false) String authorization,
              @Valid @RequestBody ReadingsSent sent) {
        if (authorization == null || !authorization.startsWith(BEARER)) {
            throw new RefusedRequestException(HttpStatus.UNAUTHORIZED, "An instrument shows its token: Authorization: Bearer, then the token.");
        }
        service.take(id, new Token(authorization.substring(BEARER.length()).strip()), sent.readings());
    }
}
