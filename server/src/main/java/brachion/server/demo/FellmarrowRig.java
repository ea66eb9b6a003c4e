package brachion.server.demo;

import brachion.core.bench.ItemKind;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Glue;
import brachion.core.quantity.LengthUnit;
import brachion.server.rig.FormFields;
import brachion.server.rig.LabelFields;
import brachion.server.rig.RigItemFields;
import brachion.server.rig.RigItems;
import brachion.server.rig.UsedFields;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The things in Fellmarrow Workshop's rig: invented, and by what pieces on its bench are made with. */
final class FellmarrowRig {

    private static final double INCH = LengthUnit.INCH.millimetres();

    private final LocalDate today;
    private final Map<String, Long> keys = new HashMap<>();

    FellmarrowRig(LocalDate today) {
        this.today = today;
    }

    /** Puts everything where it hangs and stands. */
    FellmarrowRig layIn(RigItems rig) {
        things().forEach(thing -> keys.put(thing.name(), rig.add(thing)));
        return this;
    }

    /** One of each of some things. */
    List<UsedFields> with(String... names) {
        return Stream.of(names).map(name -> with(1, name)).toList();
    }

    /** So many of a thing. */
    UsedFields with(int takes, String name) {
        return new UsedFields(keys.get(name), takes);
    }

    private Stream<RigItemFields> things() {
        return Stream.of(
                takes(ItemKind.STEAM_BOX, "Plywood box", 4, "By the yard door", 48),
                takes(ItemKind.STEAM_BOX, "Stovepipe", 1, "Under the eaves", 84),
                takes(ItemKind.SOAKING_TROUGH, "Eaves gutter", 8, "Under the north window", 78),
                form("Snowshoe form, 6 in", 2, "North wall, top row", 6, 180, 1.5, "birch plywood", 9),
                form("Crook form, 3 1/2 in", 1, "North wall, low row", 3.5, 190, 1.25, "oak offcuts", 5),
                form("Rim form, 5 in", 1, "North wall, low row", 5, 200, 2, "birch plywood", 7),
                form("Arch form, 20 in", 1, "Leans behind the bandsaw", 20, 150, 4, "chipboard and battens", 15),
                strap("Wide steel strap", 0.05, 2, 60),
                strap("Narrow steel strap", 0.05, 1, 48),
                clamps("Bar clamps", 16, 12), clamps("Small screw clamps", 10, 4),
                new RigItemFields(ItemKind.GLUE, "Plastic resin, spring tin", 1, "Cupboard", "Mix only what an hour takes.", null, null, null, null, null, null, 20.0, 10.0, null, null,
                        null, Glue.UREA_RESIN, new LabelFields(25.0, 0.7, 180.0, false, "PR 31", today.minusDays(75)), null),
                new RigItemFields(ItemKind.DRYING_PLACE, "Loft over the stove", 20, null, "", null, null, null, null, null, null, null, null, 24.0, 38.0, null, null, null, null));
    }

    private static RigItemFields takes(ItemKind kind, String name, int room, String place, double lengthIn) {
        return new RigItemFields(kind, name, room, place, "", null, null, null, lengthIn * INCH, null, null, null, null, null, null, null, null, null, null);
    }

    private static RigItemFields form(String name, int room, String place, double radiusIn, double angle, double widthIn, String madeOf, int clampPlaces) {
        return new RigItemFields(ItemKind.FORM, name, room, place, "", radiusIn * INCH, angle, widthIn * INCH, null, null, null, null, null, null, null, null, null, null,
                new FormFields(madeOf, clampPlaces, false));
    }

    private static RigItemFields strap(String name, double thicknessIn, double widthIn, double lengthIn) {
        return new RigItemFields(ItemKind.STRAP, name, 1, "On the peg by the box", "", null, null, widthIn * INCH, lengthIn * INCH, thicknessIn * INCH, null, null, null, null, null,
                StrapMaterial.STEEL, null, null, null);
    }

    private static RigItemFields clamps(String name, int many, double opensIn) {
        return new RigItemFields(ItemKind.CLAMPS, name, many, "Clamp rail", "", null, null, null, null, null, opensIn * INCH, null, null, null, null, null, null, null, null);
    }
}
