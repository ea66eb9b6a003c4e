package brachion.server.shape;

import brachion.core.form.Form;
import brachion.core.method.Recipe;
import brachion.core.quantity.PhysicalBound;
import brachion.core.quantity.UnitSystem;
import brachion.core.shape.Chain;
import brachion.core.shape.FittedLine;
import brachion.server.forecasting.OddsOfTheShop;
import brachion.server.paper.Paper;
import brachion.server.paper.Ruler;
import brachion.server.paper.SheetPdf;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import brachion.server.recipe.Workshops;
import brachion.server.shape.DrawingFields.What;
import brachion.server.storage.Download;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import java.time.Clock;
import java.util.Locale;
import java.util.function.Function;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Drawings of curves in and out over HTTP. */
@RestController
@RequestMapping("/api/curves")
class DrawingController {

    private final OddsOfTheShop odds;
    private final Workshops workshops;
    private final Clock clock;

    DrawingController(OddsOfTheShop odds, Workshops workshops, Clock clock) {
        this.odds = odds;
        this.workshops = workshops;
        this.clock = clock;
    }

    /**
     * The curve a drawing holds: its longest line.
     *
     * @param toleranceMm how far the curve may pass a line with corners [mm]
     * @param along       which line of the piece is drawn
     * @param thicknessMm thickness of the piece [mm]
     * @param bareUnits   what a length means where the file does not say
     */
    @PostMapping(path = "/drawn", consumes = {SvgFile.TYPE, DxfFile.TYPE})
    FittedReading drawn(@Parameter(hidden = true) @RequestHeader(HttpHeaders.CONTENT_TYPE) MediaType type, @RequestParam @Within(PhysicalBound.FITTED_MM) double toleranceMm,
                        @RequestParam FittedReading.Along along, @RequestParam @Within(PhysicalBound.THICKNESS_MM) double thicknessMm,
                        @RequestParam(defaultValue = "METRIC") UnitSystem bareUnits, @RequestBody(required = false) byte[] file) {
        byte[] given = file == null ? new byte[0] : file;
        return ChainFields.asked("file", () -> {
            DrawnFile drawn = type.getSubtype().equals(MediaType.parseMediaType(SvgFile.TYPE).getSubtype()) ? SvgReader.read(given)
                    : DxfReader.read(given, bareUnits.bareLength().millimetres());
            drawn.requireALength();
            return FittedReading.ofDrawing(FittedLine.along(drawn.lines().get(0), toleranceMm), along, thicknessMm, drawn);
        });
    }

    /** The piece or its form at full size as Scalable Vector Graphics. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = SvgFile.TYPE, schema = @Schema(type = "string", format = "binary")))
    @PostMapping(path = "/drawing/svg", produces = SvgFile.TYPE)
    ResponseEntity<byte[]> svg(@Valid @RequestBody DrawingFields asked) {
        return file(asked, "svg", SvgFile.TYPE, SvgFile::of);
    }

    /** The same as DXF. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = DxfFile.TYPE, schema = @Schema(type = "string", format = "binary")))
    @PostMapping(path = "/drawing/dxf", produces = DxfFile.TYPE)
    ResponseEntity<byte[]> dxf(@Valid @RequestBody DrawingFields asked) {
        return file(asked, "dxf", DxfFile.TYPE, DxfFile::of);
    }

    /** The same spread over pages of ordinary paper. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = SheetPdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    @PostMapping(path = "/drawing/pdf", produces = SheetPdf.TYPE)
    ResponseEntity<byte[]> pdf(@Valid @RequestBody DrawingFields asked) {
        return file(asked, "pdf", SheetPdf.TYPE, drawing -> PdfPattern.of(drawing, asked.paper()));
    }

    private ResponseEntity<byte[]> file(DrawingFields asked, String ending, String type, Function<Drawing, byte[]> written) {
        if (asked.paper() == Paper.A5) {
            throw new RefusedFieldException("paper", "A pattern is printed on A4 or Letter.");
        }
        Drawing drawing = drawing(asked);
        byte[] file = ChainFields.asked("chain", () -> written.apply(drawing));
        return Download.of(Download.named(asked.what().name().toLowerCase(Locale.ROOT).replace('_', '-'), ending, clock), MediaType.parseMediaType(type), file);
    }

    private Drawing drawing(DrawingFields asked) {
        Recipe recipe = asked.recipe().toRecipe(workshops.now());
        Chain chain = ChainFields.asked("chain", asked.chain()::toChain);
        String name = asked.name() == null || asked.name().isBlank() ? "Curve" : asked.name().strip();
        Drawings drawings = new Drawings(new Ruler(asked.units()));
        if (asked.what() == What.PIECE) {
            return ChainFields.asked("chain", () -> drawings.piece(name, recipe, chain, asked.overhang(), false));
        }
        Chain formed = ChainFields.asked("chain", () -> odds.chains().formed(recipe, chain, asked.strapTurned()));
        if (asked.what() == What.ON_FORM) {
            return ChainFields.asked("chain", () -> drawings.piece(name, recipe, formed, asked.overhang(), true));
        }
        if (asked.form() == null) {
            throw new RefusedFieldException("form", "Say what is wanted of the form.");
        }
        return ChainFields.asked("form", () -> drawings.form(name, recipe, Form.of(formed, asked.form().toWanted(recipe)), asked.form().sheetThicknessMm()));
    }
}
