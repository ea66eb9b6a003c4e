package brachion.server.process;

import brachion.core.method.HotWood;
import brachion.core.method.Recipe;
import brachion.core.process.ProcessReport;
import brachion.core.process.SectionPicture;
import brachion.core.process.SoakTimes;
import brachion.core.process.Stage;
import brachion.core.quantity.PhysicalBound;
import brachion.core.risk.UnknownInputs;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Within;
import brachion.server.recipe.Workshops;
import brachion.server.storage.Absent;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Follows a piece from the soak to the rack. A blank nobody measured is followed at its most ordinary moisture. */
@RestController
@RequestMapping("/api/process")
class ProcessController {

    private final Workshops workshops;

    ProcessController(Workshops workshops) {
        this.workshops = workshops;
    }

    @PostMapping
    ProcessAnswer process(@Valid @RequestBody ProcessRequest request) {
        Recipe typical = UnknownInputs.typical(request.recipe().toRecipe(workshops.now()));
        return ProcessAnswer.of(ProcessReport.of(request.piece(typical), request.stages(typical)),
                typical.blank().thicknessMm());
    }

    /**
     * A moment of a process.
     *
     * @param process the process
     * @param stage   place of the stage, counted from 0
     * @param seconds time since it began [s]
     */
    record MomentRequest(@NotNull @Valid ProcessRequest process, @NotNull @Min(0) @Max(5) Integer stage,
                         @NotNull @PositiveOrZero Double seconds) {
    }

    /**
     * The cross-section at that moment: rows from the inner to the outer face, in each values from the middle of the width
     * to the edge.
     *
     * @param softness 0 hard to 1 soft
     * @param moisture [%]
     * @param celsius  [°C]
     */
    record SectionAnswer(double[][] softness, double[][] moisture, double[][] celsius) {
    }

    @PostMapping("/section")
    SectionAnswer section(@Valid @RequestBody MomentRequest request) {
        Recipe typical = UnknownInputs.typical(request.process().recipe().toRecipe(workshops.now()));
        List<Stage> plan = request.process().stages(typical);
        if (request.stage() >= plan.size()) {
            throw new RefusedFieldException("stage", "This process has " + plan.size() + " stages, counted from 0.");
        }
        SectionPicture picture = SectionPicture.at(request.process().piece(typical), plan, request.stage(), request.seconds());
        return new SectionAnswer(picture.softness(), picture.moisturePercent(), picture.celsius());
    }

    /**
     * A soak that is planned.
     *
     * @param recipe            the bend whose stock is soaked
     * @param bathC             temperature of the water [°C]
     * @param wantedMeanPercent moisture wanted on average [%]
     * @param wantedCorePercent moisture wanted at the core [%]
     */
    record SoakRequest(@NotNull @Valid RecipeFields recipe, @NotNull @Within(PhysicalBound.BATH_C) Double bathC,
                       @NotNull @Within(PhysicalBound.SOAKED_PERCENT) Double wantedMeanPercent,
                       @NotNull @Within(PhysicalBound.SOAKED_PERCENT) Double wantedCorePercent) {
    }

    /**
     * @param meanAfterS seconds until the piece holds the wanted moisture on average; missing when not in 1,000 hours
     * @param coreAfterS seconds until the core does
     */
    record SoakAnswer(@Schema(nullable = true) Double meanAfterS, @Schema(nullable = true) Double coreAfterS) {
    }

    @PostMapping("/soak")
    SoakAnswer soak(@Valid @RequestBody SoakRequest request) {
        Recipe typical = UnknownInputs.typical(request.recipe().toRecipe(workshops.now()));
        SoakTimes times = SoakTimes.of(HotWood.piece(typical.blank(), typical.shop()), request.bathC(), request.wantedMeanPercent(),
                request.wantedCorePercent());
        return new SoakAnswer(Absent.orNull(times.meanAfterS()), Absent.orNull(times.coreAfterS()));
    }
}
