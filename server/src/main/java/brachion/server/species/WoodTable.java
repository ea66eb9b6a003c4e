package brachion.server.species;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;

/** Woods as a table: a line each, with the figures that are estimates named. */
final class WoodTable {

    private static final List<String> HEADINGS = List.of("Name", "Botanical name", "Kind", "Basic specific gravity",
            "Density at 12 % (kg/m3)", "Bending strength at 12 % (MPa)", "Stiffness at 12 % (MPa)",
            "Crushing strength at 12 % (MPa)", "Unbroken in a bending test (%)", "Smallest radius without strap (mm)",
            "Smallest radius with strap (mm)", "Estimated", "Source");
    private static final MathContext DIGITS = new MathContext(6);

    private WoodTable() {
    }

    static String of(List<WoodView> woods) {
        List<String> lines = new ArrayList<>();
        lines.add(CSVFormat.RFC4180.format(HEADINGS.toArray()));
        woods.forEach(wood -> lines.add(CSVFormat.RFC4180.format(cells(wood))));
        return String.join("\r\n", lines) + "\r\n";
    }

    private static Object[] cells(WoodView wood) {
        WoodFields known = wood.known();
        return new Object[] {known.commonName(), known.latinName(), kind(known), number(wood.basicSpecificGravity()),
            number(wood.density12()), number(wood.bendingStrengthMpa()), number(wood.stiffnessMpa()),
            number(wood.crushingStrengthMpa()), number(known.unbrokenPercent()),
            number(wood.unsupportedRadiusMm()), number(wood.supportedRadiusMm()), estimated(wood), known.source()};
    }

    private static String estimated(WoodView wood) {
        WoodFields known = wood.known();
        List<String> names = new ArrayList<>();
        note(known.bendingStrengthMpa(), "bending strength", names);
        note(known.stiffnessMpa(), "stiffness", names);
        note(known.crushingStrengthMpa(), "crushing strength", names);
        if (wood.unsupportedRadiusMm() != null) {
            note(known.unsupportedRadiusMm(), "radius without strap", names);
            note(known.supportedRadiusMm(), "radius with strap", names);
        }
        return String.join(", ", names);
    }

    private static void note(Double known, String name, List<String> names) {
        if (known == null) {
            names.add(name);
        }
    }

    private static String kind(WoodFields wood) {
        return Arrays.stream(wood.woodClass().name().split("_")).map(String::toLowerCase).collect(Collectors.joining(" "));
    }

    private static String number(Double value) {
        return value == null ? "" : new BigDecimal(value, DIGITS).stripTrailingZeros().toPlainString();
    }
}
