package brachion.server.bench;

import brachion.server.bench.RigInUse.ItemChoice;
import brachion.server.bench.RigInUse.ItemUse;
import brachion.server.bench.RigInUse.MadeReading;
import brachion.server.rig.UsedFields;
import brachion.server.storage.Stores;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What pieces on the bench are made with, over HTTP. */
@RestController
@RequestMapping("/api/bench")
class RigInUseController {

    private final RigInUse rig;
    private final BenchService bench;
    private final Clock clock;

    RigInUseController(RigInUse rig, BenchService bench, Clock clock) {
        this.rig = rig;
        this.bench = bench;
        this.clock = clock;
    }

    /** @param madeWith what of the rig it is made with */
    record MadeWithRequest(@NotNull @Size(max = UsedFields.MOST, message = UsedFields.TOO_MANY)
                           List<@NotNull @Valid UsedFields> madeWith) {
    }

    /** What the piece that became a record was called, of what blank and with what it was made; nothing of a record that was never on the bench. */
    @GetMapping("/records/{trial}")
    MadeReading made(@PathVariable long trial) {
        return rig.made(trial);
    }

    /** How everything in the rig is taken. */
    @GetMapping("/items")
    List<ItemUse> use() {
        return rig.now(clock.instant());
    }

    /** What of the rig a bend can be made with. */
    @PostMapping("/items/choices")
    List<ItemChoice> choices(@Valid @RequestBody ChoicesRequest asked) {
        return rig.choices(asked, clock.instant());
    }

    /** Says what of the rig a piece is made with. */
    @Stores
    @PutMapping("/{id}/items")
    BenchView isMadeWith(@PathVariable long id, @RequestParam int version, @Valid @RequestBody MadeWithRequest said) {
        return bench.isMadeWith(id, version, said.madeWith());
    }
}
