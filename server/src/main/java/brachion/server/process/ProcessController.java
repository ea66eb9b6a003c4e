package brachion.server.process;

import brachion.core.method.Recipe;
import brachion.core.method.SteamBox;
import brachion.core.process.Piece;
import brachion.core.process.ProcessReport;
import brachion.core.risk.UnknownInputs;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Follows a piece from the soak to the rack. A blank nobody measured is followed at its most ordinary moisture. */
@RestController
class ProcessController {

    @PostMapping("/api/process")
    ProcessAnswer process(@Valid @RequestBody ProcessRequest request) {
        Recipe typical = UnknownInputs.typical(request.recipe().toRecipe());
        Piece blank = SteamBox.piece(typical.blank());
        Piece piece = new Piece(blank.basicSpecificGravity(), blank.thicknessMm(), blank.widthMm(),
                blank.moisturePercent(), request.shopC());
        return ProcessAnswer.of(ProcessReport.of(piece, request.stages(typical)), blank.thicknessMm());
    }
}
