package brachion.server.trial;

import brachion.server.storage.Stores;
import brachion.server.trial.OtherShopService.OtherShopView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Other shops whose records came in, over HTTP. */
@RestController
@RequestMapping("/api/other-shops")
class OtherShopController {

    private final OtherShopService service;

    OtherShopController(OtherShopService service) {
        this.service = service;
    }

    /**
     * What a shop is to be.
     *
     * @param name    what it is called
     * @param counted whether forecasts count its records
     */
    record OtherShopFields(@NotBlank(message = "A name is needed.")
                           @Size(max = OtherShops.LONGEST_NAME, message = "A name may be up to " + OtherShops.LONGEST_NAME + " characters long.") String name,
                           @NotNull(message = "Whether its records count is needed.") Boolean counted) {
    }

    @GetMapping
    List<OtherShopView> all() {
        return service.all();
    }

    @Stores
    @PutMapping("/{id}")
    List<OtherShopView> change(@PathVariable long id, @RequestParam int version, @Valid @RequestBody OtherShopFields fields) {
        service.change(id, version, fields.name().strip(), fields.counted());
        return service.all();
    }
}
