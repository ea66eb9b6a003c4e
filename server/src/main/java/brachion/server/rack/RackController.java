package brachion.server.rack;

import brachion.server.storage.Stores;
import jakarta.validation.Valid;
import java.util.List;
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

/** The rack over HTTP. */
@RestController
@RequestMapping("/api/rack")
class RackController {

    private final RackService service;

    RackController(RackService service) {
        this.service = service;
    }

    @GetMapping
    List<DryingView> pieces() {
        return service.pieces();
    }

    @Stores
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    DryingView hang(@Valid @RequestBody DryingFields fields) {
        return service.hang(fields);
    }

    @Stores
    @PostMapping("/{id}/weigh-ins")
    DryingView weigh(@PathVariable long id, @RequestParam int version, @Valid @RequestBody WeighInFields weighIn) {
        return service.weigh(id, version, weighIn);
    }

    @Stores
    @DeleteMapping("/{id}/weigh-ins/last")
    DryingView takeBackLastWeighIn(@PathVariable long id, @RequestParam int version) {
        return service.takeBackLastWeighIn(id, version);
    }

    @Stores
    @DeleteMapping("/{id}")
    DryingView takeOff(@PathVariable long id, @RequestParam int version) {
        return service.takeOff(id, version);
    }

    @Stores
    @PostMapping("/{id}/restoration")
    DryingView putBack(@PathVariable long id) {
        return service.putBack(id);
    }
}
