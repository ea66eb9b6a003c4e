package brachion.server.paper;

import brachion.core.method.Recipe;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Workshops;
import brachion.server.storage.Download;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Sheets about one bend over HTTP. */
@RestController
@RequestMapping("/api/sheets")
class SheetController {

    private final SheetPdf sheets;
    private final Workshops workshops;
    private final Clock clock;

    SheetController(SheetPdf sheets, Workshops workshops, Clock clock) {
        this.sheets = sheets;
        this.workshops = workshops;
        this.clock = clock;
    }

    /** What of a piece is drawn. */
    enum Drawn {
        /** Bent. */
        BENT,
        /** Laid out straight. */
        LAID_OUT,
        /** Cut across; its saw cuts from the side. */
        ACROSS
    }

    /**
     * A sheet that is asked for.
     *
     * @param sheet  what stands on it
     * @param recipe the piece and the way it is bent
     * @param drawn  what of it is drawn, in this order
     */
    record BendSheetFields(@NotNull(message = "Say what stands on the sheet.") @Valid SheetFields sheet, @NotNull @Valid RecipeFields recipe,
                           @NotNull @Size(max = 3) List<@NotNull Drawn> drawn) {
    }

    /** A sheet about a bend. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = SheetPdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    @PostMapping(path = "/bend", produces = SheetPdf.TYPE)
    ResponseEntity<byte[]> bend(@Valid @RequestBody BendSheetFields asked) {
        Recipe recipe = asked.recipe().toRecipe(workshops.now());
        Ruler ruler = new Ruler(asked.sheet().units());
        double room = SheetPdf.roomMm(asked.sheet().paper());
        List<Sketch> sketches = asked.drawn().stream().map(drawn -> switch (drawn) {
            case BENT -> BentPiece.of(recipe, ruler, room);
            case LAID_OUT -> LaidOut.of(recipe, ruler, room);
            case ACROSS -> CrossSection.of(recipe, ruler, room);
        }).toList();
        return Download.of(Download.named("sheet", "pdf", clock), MediaType.parseMediaType(SheetPdf.TYPE), sheets.of(asked.sheet(), sketches));
    }

    /** Records on paper. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = SheetPdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    @PostMapping(path = "/logbook", consumes = SheetPdf.LOGBOOK_TYPE, produces = SheetPdf.TYPE)
    ResponseEntity<byte[]> logbook(@Valid @RequestBody LogbookFields asked) {
        return Download.of(Download.named(asked.card() ? "card" : "logbook", "pdf", clock), MediaType.parseMediaType(SheetPdf.TYPE), sheets.of(asked));
    }

    /** Days of work on paper. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = SheetPdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    @PostMapping(path = "/day", produces = SheetPdf.TYPE)
    ResponseEntity<byte[]> day(@Valid @RequestBody DaySheetFields asked) {
        return Download.of(Download.named("day", "pdf", clock), MediaType.parseMediaType(SheetPdf.TYPE), sheets.of(asked));
    }
}
