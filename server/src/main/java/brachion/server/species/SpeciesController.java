package brachion.server.species;

import brachion.core.wood.OtherNames;
import brachion.core.wood.Species;
import brachion.core.wood.WoodClass;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The species to choose from. */
@RestController
class SpeciesController {

    private final Woods woods;

    SpeciesController(Woods woods) {
        this.woods = woods;
    }

    /**
     * A species as it is offered.
     *
     * @param id             key
     * @param commonName     name at the yard
     * @param latinName      botanical name
     * @param otherNames     what else it is called
     * @param woodClass      broad class
     * @param radiiEstimated whether a radius that it is steamed to is our estimate
     */
    record SpeciesView(String id, String commonName, String latinName, List<String> otherNames, WoodClass woodClass, boolean radiiEstimated) {

        static SpeciesView of(Species species) {
            return new SpeciesView(species.id(), species.commonName(), species.latinName(), OtherNames.of(species), species.woodClass(),
                    species.radii().estimated() && !species.panel());
        }
    }

    @GetMapping("/api/species")
    List<SpeciesView> species() {
        return woods.catalogue().all().stream().map(SpeciesView::of).toList();
    }
}
