package brachion.server.exchange;

import brachion.core.wood.OtherNames;
import brachion.core.wood.Species;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** The woods by every name they are known by: key, common and botanical name, and what else they are called where no wood has that for its own name. */
class WoodNames {

    private final Map<String, Species> byName = new HashMap<>();
    private final UnaryOperator<String> plain;

    /** @param plain how names are written alike, those of the woods and those that are looked for */
    WoodNames(List<Species> woods, UnaryOperator<String> plain) {
        this.plain = plain;
        // not every wood has a botanical name
        woods.forEach(wood -> Stream.of(wood.id(), wood.commonName(), wood.latinName()).filter(name -> !name.isBlank()).forEach(name -> byName.putIfAbsent(plain.apply(name), wood)));
        woods.forEach(wood -> OtherNames.of(wood).forEach(name -> byName.putIfAbsent(plain.apply(name), wood)));
    }

    Optional<Species> called(String text) {
        return Optional.ofNullable(byName.get(plain.apply(text)));
    }
}
