package brachion.server.species;

import brachion.server.storage.Stores;
import brachion.server.storage.TableFile;
import jakarta.validation.Valid;
import java.time.Clock;
import java.util.List;
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

/** The woods with their figures over HTTP; those of the shop's own can be changed. */
@RestController
@RequestMapping("/api/woods")
class WoodController {

    private final WoodService service;
    private final Clock clock;

    WoodController(WoodService service, Clock clock) {
        this.service = service;
        this.clock = clock;
    }

    @GetMapping
    List<WoodView> woods() {
        return service.all();
    }

    @Stores
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    WoodView add(@Valid @RequestBody WoodFields fields) {
        return service.add(fields);
    }

    @Stores
    @PutMapping("/{key}")
    WoodView change(@PathVariable long key, @RequestParam int version, @Valid @RequestBody WoodFields fields) {
        return service.change(key, version, fields);
    }

    @Stores
    @DeleteMapping("/{key}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeAway(@PathVariable long key, @RequestParam int version) {
        service.takeAway(key, version);
    }

    @Stores
    @PostMapping("/{key}/restoration")
    WoodView bringBack(@PathVariable long key) {
        return service.bringBack(key);
    }

    /** All woods as a table. */
    @GetMapping(path = "/table", produces = TableFile.TYPE)
    ResponseEntity<byte[]> table() {
        return TableFile.of("woods", WoodTable.of(service.all()), clock);
    }
}
