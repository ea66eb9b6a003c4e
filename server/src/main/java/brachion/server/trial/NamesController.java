package brachion.server.trial;

import brachion.server.storage.Stores;
import brachion.server.trial.NamesOfTheShop.Named;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** People, boards and sources over HTTP. */
@RestController
@RequestMapping("/api/names")
class NamesController {

    private final NamesOfTheShop names;

    NamesController(NamesOfTheShop names) {
        this.names = names;
    }

    /**
     * Those that trials carry, by name.
     *
     * @param people  who bent
     * @param boards  boards pieces were cut from
     * @param sources where boards came from
     */
    record NamesAnswer(List<Named> people, List<Named> boards, List<Named> sources) {
    }

    /**
     * A name.
     *
     * @param name what it is to be called
     */
    record NameFields(@NotBlank(message = "A name is needed.") @Size(max = 80, message = "A name may be up to 80 characters long.")
                      String name) {
    }

    @GetMapping
    NamesAnswer all() {
        return new NamesAnswer(names.all(NameKind.PERSON), names.all(NameKind.BOARD), names.all(NameKind.SOURCE));
    }

    @Stores(many = true)
    @PutMapping("/{kind}/{id}")
    NamesAnswer rename(@PathVariable NameKind kind, @PathVariable long id, @RequestParam int version,
                       @RequestParam(defaultValue = "false") boolean asOne, @Valid @RequestBody NameFields fields) {
        names.rename(kind, id, version, fields.name().strip(), asOne);
        return all();
    }
}
