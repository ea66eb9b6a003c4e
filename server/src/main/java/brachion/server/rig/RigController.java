package brachion.server.rig;

import brachion.core.process.BoilingPoint;
import brachion.core.process.Piece;
import brachion.core.quantity.PhysicalBound;
import brachion.core.rig.RigAppraisal;
import brachion.core.rig.RigLoad;
import brachion.core.rig.SteamRig;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import brachion.server.rig.RigService.KeptRig;
import brachion.server.species.Woods;
import brachion.server.storage.Stores;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The steam rig over HTTP. */
@RestController
@RequestMapping("/api/rig")
class RigController {

    private final RigService service;
    private final Woods woods;

    RigController(RigService service, Woods woods) {
        this.service = service;
        this.woods = woods;
    }

    /**
     * What lies in the chamber.
     *
     * @param speciesId       key of the species
     * @param thicknessMm     thickness of a piece [mm]
     * @param widthMm         its width [mm]
     * @param lengthMm        its length [mm]
     * @param moisturePercent its moisture [%]
     * @param across          pieces side by side
     * @param layers          layers one above the other
     */
    record LoadFields(
            @NotNull(message = "Choose a species.") String speciesId,
            @NotNull @Within(PhysicalBound.THICKNESS_MM) Double thicknessMm,
            @NotNull @Within(PhysicalBound.WIDTH_MM) Double widthMm,
            @NotNull @Within(PhysicalBound.PIECE_LENGTH_MM) Double lengthMm,
            @NotNull @Within(PhysicalBound.MOISTURE_PERCENT) Double moisturePercent,
            @NotNull @Within(PhysicalBound.PIECES) Integer across,
            @NotNull @Within(PhysicalBound.PIECES) Integer layers) {

        RigLoad toLoad(double shopC, SpeciesCatalogue woods) {
            Species species = woods.find(speciesId).orElseThrow(
                    () -> RefusedFieldException.unknownSpecies("load.speciesId", speciesId));
            return new RigLoad(new Piece(species.basicSpecificGravity(), thicknessMm, widthMm, moisturePercent, shopC),
                    lengthMm, across, layers);
        }
    }

    /**
     * What is to be appraised.
     *
     * @param rig  the rig, saved or not
     * @param load what lies in it
     */
    record AppraisalRequest(@NotNull @Valid RigFields rig, @NotNull @Valid LoadFields load) {
    }

    /**
     * What the rig can do.
     *
     * @param wantedC       the temperature wanted where the shop stands [°C]
     * @param boilingC      where water boils there [°C]
     * @param reachesC      temperature it comes to [°C]
     * @param steamWatts    steam heat there is [W]
     * @param holdingWatts  steam heat needed to hold the wanted temperature [W]
     * @param wallWatts     the part of it that goes through the walls [W]
     * @param ventWatts     the part that leaves through the vents [W]
     * @param hold          how well it holds the wanted temperature
     * @param heatUpMinutes minutes until chamber and load are at the wanted temperature; missing when it never comes
     * @param tankHours     hours a full tank lasts
     * @param gapAcrossMm   room between pieces once swollen [mm]
     * @param gapAboveMm    room above the top layer once swollen [mm]
     * @param gapAlongMm    room at the ends together [mm]
     * @param roomy         whether the load has room to swell and for steam to pass
     * @param changes       what would make it hold with power to spare, each by itself
     */
    record AppraisalAnswer(double wantedC, double boilingC, double reachesC, double steamWatts, double holdingWatts,
                           double wallWatts, double ventWatts, RigAppraisal.Hold hold,
                           @Schema(nullable = true) Double heatUpMinutes,
                           double tankHours, double gapAcrossMm, double gapAboveMm, double gapAlongMm, boolean roomy,
                           List<RigAppraisal.Change> changes) {

        static AppraisalAnswer of(RigAppraisal appraisal, SteamRig rig) {
            OptionalDouble heatUp = appraisal.heatUpMinutes();
            return new AppraisalAnswer(RigAppraisal.wantedC(rig), BoilingPoint.celsius(rig.altitudeM()),
                    appraisal.reachesC(), appraisal.steamWatts(), appraisal.holdingWatts(),
                    appraisal.holdingWatts() - rig.ventWatts(), rig.ventWatts(), appraisal.hold(),
                    heatUp.isPresent() ? heatUp.getAsDouble() : null, appraisal.tankHours(), appraisal.gapAcrossMm(),
                    appraisal.gapAboveMm(), appraisal.gapAlongMm(), appraisal.roomy(), appraisal.changes());
        }
    }

    /** A steam box of the rig, or the one plans go by. */
    @GetMapping
    KeptRig kept(@RequestParam(required = false) Long item) {
        return service.kept(item);
    }

    @Stores
    @PutMapping
    KeptRig keep(@RequestParam(required = false) Long item, @RequestParam int version, @Valid @RequestBody RigFields rig) {
        return service.keep(item, version, rig);
    }

    /** Plans go by this box from now on. */
    @Stores
    @PutMapping("/planned/{item}")
    KeptRig planBy(@PathVariable long item) {
        return service.planBy(item);
    }

    @PostMapping("/appraisal")
    AppraisalAnswer appraise(@Valid @RequestBody AppraisalRequest request) {
        SteamRig rig = request.rig().toRig();
        return AppraisalAnswer.of(RigAppraisal.of(rig, request.load().toLoad(rig.shopC(), woods.catalogue())), rig);
    }
}
