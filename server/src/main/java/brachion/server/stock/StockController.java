package brachion.server.stock;

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

/** The stock over HTTP. */
@RestController
@RequestMapping("/api/stock/boards")
class StockController {

    private final StockService service;

    StockController(StockService service) {
        this.service = service;
    }

    @GetMapping
    List<BoardView> boards() {
        return service.boards();
    }

    @Stores
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    BoardView lay(@Valid @RequestBody BoardFields board) {
        return service.lay(board);
    }

    @Stores
    @PutMapping("/{id}")
    BoardView change(@PathVariable long id, @RequestParam int version, @Valid @RequestBody BoardFields board) {
        return service.change(id, version, board);
    }

    @Stores
    @DeleteMapping("/{id}")
    BoardView takeOut(@PathVariable long id, @RequestParam int version) {
        return service.takeOut(id, version);
    }

    @Stores
    @PostMapping("/{id}/restoration")
    BoardView putBack(@PathVariable long id) {
        return service.putBack(id);
    }
}
