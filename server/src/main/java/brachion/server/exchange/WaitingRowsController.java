package brachion.server.exchange;

import brachion.server.exchange.LeftRow.Cell;
import brachion.server.exchange.WaitingRows.Kept;
import brachion.server.storage.Stores;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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

/** Rows that wait to be mended, over HTTP. */
@RestController
@RequestMapping("/api/exchange/rows")
class WaitingRowsController {

    private final WaitingRows rows;

    WaitingRowsController(WaitingRows rows) {
        this.rows = rows;
    }

    /**
     * A row with its cells changed.
     *
     * @param cells the cells, perhaps with one more for a column that its table does not have
     */
    record MendedRow(@NotNull(message = "The cells are needed.") @Size(min = 1, max = 200, message = "A row has between 1 and 200 cells.")
                     List<@Valid @NotNull Cell> cells) {
    }

    /**
     * What became of a row that was mended.
     *
     * @param trialId key of the trial it became, null when it still cannot be read
     * @param row     the row as it waits now, null when it became a trial
     */
    record MendReading(Long trialId, Kept row) {
    }

    /** All that wait. */
    @GetMapping
    List<Kept> waiting() {
        return rows.all();
    }

    @Stores
    @PutMapping("/{id}")
    MendReading mend(@PathVariable long id, @RequestParam int version, @Valid @RequestBody MendedRow fields) {
        return rows.mend(id, version, fields.cells()).map(trialId -> new MendReading(trialId, null))
                .orElseGet(() -> new MendReading(null, rows.view(id)));
    }

    @Stores
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void discard(@PathVariable long id) {
        rows.discard(id);
    }

    @Stores
    @PostMapping("/{id}/restoration")
    Kept restore(@PathVariable long id) {
        return rows.restore(id);
    }
}
