package brachion.server.shape;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapLoad;
import brachion.core.form.StrapFitting;
import brachion.core.method.Recipe;
import brachion.core.shape.Chain;
import brachion.core.shape.HeatedZone;
import brachion.server.forecasting.OddsOfTheShop;
import brachion.server.paper.BentPiece;
import brachion.server.paper.Ruler;
import brachion.server.paper.SheetFields;
import brachion.server.paper.SheetPdf;
import brachion.server.paper.Sketch;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Workshops;
import brachion.server.shape.CurveController.CurveRequest;
import brachion.server.shape.FormForCurve.Made;
import brachion.server.storage.Download;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Sheets about a curve over HTTP: its form, its strap. */
@RestController
@RequestMapping("/api/sheets")
class CurveSheetController {

    private final OddsOfTheShop odds;
    private final Workshops workshops;
    private final FormForCurve forms;
    private final SheetPdf sheets;
    private final Clock clock;

    CurveSheetController(OddsOfTheShop odds, Workshops workshops, FormForCurve forms, SheetPdf sheets, Clock clock) {
        this.forms = forms;
        this.odds = odds;
        this.workshops = workshops;
        this.sheets = sheets;
        this.clock = clock;
    }

    /**
     * A sheet about a form.
     *
     * @param sheet what stands on it
     * @param curve the curve
     * @param form  what is wanted of the form
     */
    record FormSheetFields(@NotNull(message = "Say what stands on the sheet.") @Valid SheetFields sheet, @NotNull @Valid CurveRequest curve, @NotNull @Valid FormWantedFields form) {
    }

    /**
     * A sheet about a strap.
     *
     * @param sheet what stands on it
     * @param curve the curve
     */
    record StrapSheetFields(@NotNull(message = "Say what stands on the sheet.") @Valid SheetFields sheet, @NotNull @Valid CurveRequest curve) {
    }

    /**
     * A sheet about a strip on the pipe.
     *
     * @param sheet         what stands on it
     * @param curve         the curve
     * @param tightestFirst whether the tightest bend is made first, else they are made from one end on
     */
    record PipeSheetFields(@NotNull(message = "Say what stands on the sheet.") @Valid SheetFields sheet, @NotNull @Valid CurveRequest curve, boolean tightestFirst) {
    }

    /** The piece, the form, and how its parts lie on sheets. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = SheetPdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    @PostMapping(path = "/form", produces = SheetPdf.TYPE)
    ResponseEntity<byte[]> form(@Valid @RequestBody FormSheetFields asked) {
        Made made = forms.made(asked.curve(), asked.form());
        Ruler ruler = new Ruler(asked.sheet().units());
        double room = SheetPdf.roomMm(asked.sheet().paper());
        return file("form", asked.sheet(), List.of(FormSketch.whole(made.form(), ruler, room), FormSketch.shelves(made.form().layout(), made.wanted().sheet(), room)));
    }

    /** The piece, the strap laid flat, and one of its ends. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = SheetPdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    @PostMapping(path = "/strap", produces = SheetPdf.TYPE)
    ResponseEntity<byte[]> strap(@Valid @RequestBody StrapSheetFields asked) {
        Recipe recipe = asked.curve().recipe().toRecipe(workshops.now());
        Strap strap = recipe.method().strap().orElseThrow(() -> new RefusedFieldException("curve.recipe.method", "This way is bent without a strap."));
        Chain chain = ChainFields.asked("chain", asked.curve().chain()::toChain);
        double pull = ChainFields.asked("chain", () -> odds.chains().forecast(recipe, chain, asked.curve().strapTurned())).strap().map(StrapLoad::pullN).orElse(0.0);
        StrapFitting fitting = StrapFitting.of(strap, CurveReading.stockMm(recipe, chain, asked.curve().overhangMm()), pull, asked.sheet().units());
        Ruler ruler = new Ruler(asked.sheet().units());
        double room = SheetPdf.roomMm(asked.sheet().paper());
        List<Sketch> sketches = new ArrayList<>(List.of(BentPiece.of(recipe, chain, ruler, room), StrapSketch.whole(fitting, ruler, room)));
        fitting.bolts().ifPresent(row -> sketches.add(StrapSketch.end(row, strap.widthMm(), ruler, room)));
        return file("strap", asked.sheet(), sketches);
    }

    /** The piece, and the straight strip with what is heated of it. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = SheetPdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    @PostMapping(path = "/pipe", produces = SheetPdf.TYPE)
    ResponseEntity<byte[]> pipe(@Valid @RequestBody PipeSheetFields asked) {
        Recipe recipe = asked.curve().recipe().toRecipe(workshops.now());
        Chain chain = ChainFields.asked("chain", asked.curve().chain()::toChain);
        List<HeatedZone> zones = ChainFields.asked("chain", () -> CurveReading.heated(recipe, chain, asked.curve().overhangMm()));
        if (zones.isEmpty()) {
            throw new RefusedFieldException("curve.recipe.method", "Nothing of this is heated bend by bend.");
        }
        Ruler ruler = new Ruler(asked.sheet().units());
        double room = SheetPdf.roomMm(asked.sheet().paper());
        double strip = CurveReading.stockMm(recipe, chain, asked.curve().overhangMm());
        return file("pipe", asked.sheet(), List.of(BentPiece.of(recipe, chain, ruler, room), PipeSketch.whole(zones, strip, asked.tightestFirst(), ruler, room)));
    }

    private ResponseEntity<byte[]> file(String of, SheetFields words, List<Sketch> sketches) {
        return Download.of(Download.named(of + "-sheet", "pdf", clock), MediaType.parseMediaType(SheetPdf.TYPE), sheets.of(words, sketches));
    }
}
