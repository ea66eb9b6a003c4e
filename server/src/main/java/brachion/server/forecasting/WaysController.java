package brachion.server.forecasting;

import brachion.core.forecast.Odds;
import brachion.core.forecast.WaySearch.Found;
import brachion.core.forecast.WaySearch.Order;
import brachion.core.forecast.WaySearch.Wanted;
import brachion.core.forecast.WaySearch.Way;
import brachion.core.forecast.WaySearch;
import brachion.core.method.AtHand.Support;
import brachion.core.method.AtHand;
import brachion.core.method.Bend;
import brachion.core.method.MethodKind;
import brachion.core.method.Seasoning;
import brachion.core.method.Term;
import brachion.core.method.WantedPiece;
import brachion.core.method.Workshop;
import brachion.core.process.Shop;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.WantedChance;
import brachion.server.recipe.Within;
import brachion.server.recipe.Workshops;
import brachion.server.storage.JsonLines;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tools.jackson.databind.json.JsonMapper;

/** Finds a way to a bend. The answer comes line by line: how far the search has come, and last what it found. */
@RestController
class WaysController {

    private final FittedRisk fitted;
    private final JsonMapper json;
    private final Workshops workshops;

    WaysController(FittedRisk fitted, JsonMapper json, Workshops workshops) {
        this.fitted = fitted;
        this.json = json;
        this.workshops = workshops;
    }

    /**
     * What is wanted, and what there is to do it with.
     *
     * @param innerRadiusMm radius of the inner face [mm]
     * @param angleDegrees  angle of the bend [°]
     * @param thicknessMm   thickness of the finished piece [mm]
     * @param widthMm       its width [mm]
     * @param unbroken      chance wanted that a piece does not break
     * @param speciesIds    woods at hand; empty for all
     * @param seasonings    how they were dried
     * @param thicknessesMm thicknesses solid stock may have [mm]; empty for that of the finished piece
     * @param supports      supports at hand
     * @param soak          whether there is a trough to soak in
     * @param methods       ways to bend
     * @param pliesMm       thicknesses plies may have [mm]
     * @param order         which of the ways come first
     * @param acrossRiseMm  how far it rises across the grain, over its width [mm]; left out where it curves one way alone
     */
    record WaysRequest(
            @NotNull(message = "Inner radius is needed.") @Within(PhysicalBound.INNER_RADIUS_MM) Double innerRadiusMm,
            @NotNull(message = "Bend angle is needed.") @Within(PhysicalBound.ANGLE_DEGREES) Double angleDegrees,
            @NotNull(message = "Thickness is needed.") @Within(PhysicalBound.THICKNESS_MM) Double thicknessMm,
            @NotNull(message = "Width is needed.") @Within(PhysicalBound.WIDTH_MM) Double widthMm,
            @WantedChance Double unbroken,
            @NotNull @Size(max = 300) List<@NotNull String> speciesIds,
            @NotEmpty(message = "Say how the stock at hand was dried.") List<@NotNull Seasoning> seasonings,
            @NotNull @Size(max = 4, message = "Up to four thicknesses can be looked at.")
            List<@NotNull @Within(PhysicalBound.THICKNESS_MM) Double> thicknessesMm,
            @NotEmpty(message = "Say what supports there are; none is one of them.") List<@NotNull Support> supports,
            @NotNull Boolean soak,
            @NotEmpty(message = "Choose at least one way to bend.") List<@NotNull MethodKind> methods,
            @NotNull @Size(max = 8, message = "Up to eight thicknesses of plies can be looked at.")
            List<@NotNull @Within(PhysicalBound.THICKNESS_MM) Double> pliesMm,
            @NotNull(message = "Say which ways come first.") Order order,
            @Schema(nullable = true) @Within(PhysicalBound.RISE_ACROSS_MM) Double acrossRiseMm) {

        Wanted wanted(Shop shop) {
            OptionalDouble rise = acrossRiseMm == null ? OptionalDouble.empty() : OptionalDouble.of(acrossRiseMm);
            try {
                return new Wanted(new WantedPiece(new Bend(innerRadiusMm, angleDegrees), thicknessMm, widthMm, shop, rise), unbroken, order);
            } catch (IllegalArgumentException refused) {
                throw new RefusedFieldException("acrossRiseMm", refused.getMessage());
            }
        }

        AtHand atHand(SpeciesCatalogue catalogue) {
            List<Species> species = speciesIds.isEmpty() ? catalogue.all() : speciesIds.stream().distinct()
                    .map(id -> catalogue.find(id).orElseThrow(
                            () -> RefusedFieldException.unknownSpecies("speciesIds", id))).toList();
            return new AtHand(species, seasonings.stream().distinct().toList(), thicknessesMm,
                    supports.stream().distinct().toList(), soak, methods.stream().distinct().toList(), pliesMm);
        }
    }

    /**
     * One line of the answer.
     *
     * @param done  combinations looked at so far
     * @param of    of how many
     * @param found what was found; only on the last line
     */
    record ProgressReading(int done, int of, FoundView found) {
    }

    /**
     * @param ways    ways that are good enough, the best by the order asked for first
     * @param reached how many combinations are good enough at a rough look
     * @param looked  how many were looked at
     * @param fellOut why the others fell out
     * @param nearest the one that comes nearest when none is good enough
     */
    record FoundView(List<WayView> ways, int reached, int looked, List<FellOutView> fellOut,
                     List<WayView> nearest) {

        static FoundView of(Found found) {
            return new FoundView(found.ways().stream().map(WayView::of).toList(), found.reached(), found.looked(),
                    found.fellOut().stream().map(out -> new FellOutView(out.because(), out.count(),
                            RecipeFields.of(out.best()), out.unbroken())).toList(),
                    found.nearest().stream().map(WayView::of).toList());
        }
    }

    /**
     * @param recipe        stock and settings
     * @param unbroken      odds that a piece does not break
     * @param hours         hours until it comes off the form or out of the clamps
     * @param trialsNear    how many records asked about as much
     * @param ofThisWood    how many of those are of the same wood
     * @param ofOtherShops  how many of those are records of other shops
     * @param beyondRecords whether it asks more than any record did
     * @param shorterThanSchools whether it is steamed for less time than every school says
     */
    record WayView(RecipeFields recipe, Odds unbroken, double hours, int trialsNear, int ofThisWood, int ofOtherShops, boolean beyondRecords,
                   boolean shorterThanSchools) {

        static WayView of(Way way) {
            return new WayView(RecipeFields.of(way.recipe()), way.unbroken(), way.hours(), way.trialsNear(),
                    way.ofThisWood(), way.ofOtherShops(), way.beyondRecords(), way.shorterThanSchools());
        }
    }

    /**
     * @param because  what limits them most
     * @param count    how many combinations
     * @param best     the one that comes nearest
     * @param unbroken its chance
     */
    record FellOutView(Term because, int count, RecipeFields best, double unbroken) {
    }

    @ApiResponse(responseCode = "200", description = "Lines of JSON, the last with what was found",
            content = @Content(mediaType = MediaType.APPLICATION_NDJSON_VALUE,
                    schema = @Schema(implementation = ProgressReading.class)))
    @PostMapping(value = "/api/ways", produces = MediaType.APPLICATION_NDJSON_VALUE)
    ResponseEntity<StreamingResponseBody> find(@Valid @RequestBody WaysRequest request, HttpServletResponse response) {
        Workshop workshop = workshops.now();
        AtHand atHand = request.atHand(workshop.woods());
        Wanted wanted = request.wanted(workshop.shop());
        WaySearch search = new WaySearch(fitted.current().risk());
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_NDJSON).body(out -> {
            JsonLines lines = new JsonLines(response, json);
            Found found = search.find(wanted, atHand, (done, of) -> lines.write(new ProgressReading(done, of, null)));
            lines.write(new ProgressReading(found.looked(), found.looked(), FoundView.of(found)));
        });
    }
}
