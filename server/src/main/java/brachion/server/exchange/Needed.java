package brachion.server.exchange;

import brachion.core.method.MethodKind;
import brachion.core.method.Setting;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What has to be known of a bend before it can be a record. */
final class Needed {

    /** Of every bend but the way it is done. */
    static final List<Column> OF_EVERY_BEND = List.of(Column.DAY, Column.SPECIES, Column.SEASONING, Column.THICKNESS, Column.WIDTH, Column.INNER_RADIUS, Column.BEND_ANGLE,
            Column.ENDED);

    private Needed() {
    }

    /** What some ways of bending need and nobody takes as usual; what belongs to a strap only where there is one. */
    static Set<Column> of(Set<String> ways, boolean strapped) {
        Set<Column> needed = new LinkedHashSet<>();
        Arrays.stream(MethodKind.values()).filter(kind -> ways.contains(Column.plain(kind.name()))).flatMap(kind -> kind.settings().stream())
                .filter(setting -> mustBeSaid(setting, strapped)).forEach((Setting<?> setting) -> needed.add(Column.of(setting)));
        return needed;
    }

    private static boolean mustBeSaid(Setting<?> setting, boolean strapped) {
        boolean usual = setting instanceof Setting.Measured measured && measured.usual().isPresent();
        boolean ofTheStrap = strapped && setting.key().startsWith("strap.") && setting.need().missing().isPresent();
        return !usual && (setting.need().unconditional() || ofTheStrap);
    }
}
