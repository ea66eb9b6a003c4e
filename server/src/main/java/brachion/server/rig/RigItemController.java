package brachion.server.rig;

import brachion.server.rig.RigItemService.RigItemView;
import brachion.server.storage.Stores;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
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

/** The things in the rig over HTTP. */
@RestController
@RequestMapping("/api/rig/items")
class RigItemController {

    private final RigItemService service;

    RigItemController(RigItemService service) {
        this.service = service;
    }

    @GetMapping
    List<RigItemView> all() {
        return service.views();
    }

    @Stores
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    RigItemView takeIn(@Valid @RequestBody RigItemFields item) {
        return service.takeIn(item);
    }

    @Stores
    @PutMapping("/{id}")
    RigItemView change(@PathVariable long id, @RequestParam int version, @Valid @RequestBody RigItemFields item) {
        return service.change(id, version, item);
    }

    @Stores
    @DeleteMapping("/{id}")
    RigItemView takeAway(@PathVariable long id, @RequestParam int version) {
        return service.takeAway(id, version);
    }

    @Stores
    @PostMapping("/{id}/restoration")
    RigItemView putBack(@PathVariable long id) {
        return service.putBack(id);
    }
}
