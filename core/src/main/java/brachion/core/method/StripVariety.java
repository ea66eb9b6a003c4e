package brachion.core.method;

import brachion.core.bending.Strap;
import brachion.core.method.AtHand.Support;
import brachion.core.process.StageKind;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The strips a shop can cut to learn how a way of bending goes there. */
final class StripVariety {

    /** Times in the heat that are tried, as parts of what is planned. */
    private static final List<Double> HEATS = List.of(1 / 3.0, 0.5, 1.0, 2.0);
    /** A time in the heat worth writing down ends on so many minutes where it is longer than twice that. */
    private static final double ROUND_MINUTES = 5;
    /** A strip that is only to show whether it breaks has cooled on the form after so long [h]; common practice. */
    private static final double COOLED_H = 0.5;

    private StripVariety() {
    }

    /** One recipe in every thickness, to every radius; the same thickness stands together. */
    static List<List<Recipe>> bent(Recipe like, TestMeans means) {
        return means.thicknessesMm().stream().map(thickness -> toEveryRadius(like.withBlank(like.blank().withThicknessMm(thickness)), means))
                .filter(together -> !together.isEmpty()).toList();
    }

    private static List<Recipe> toEveryRadius(Recipe strip, TestMeans means) {
        return means.radiiMm().stream().map(strip::withInnerRadiusMm)
                .filter(each -> each.method().refusals(each.blank().thicknessMm(), each.bend()).isEmpty()).toList();
    }

    /** The same with every soak, time in the heat and support; what differs in these alone stands together by soak. */
    static List<List<Recipe>> ofHotWood(HotWood way, Recipe like, TestMeans means) {
        List<List<Recipe>> all = new ArrayList<>();
        for (List<Recipe> bent : bent(like, means)) {
            for (double soak : soaks(way, means)) {
                List<HotWood> ways = heats(way).stream().flatMap(minutes -> straps(way, like, means).stream()
                        .map(strap -> way.with(cooled(way.handling().withSoakHours(soak).withStrap(strap))).with(way.heating().lasting(minutes)))).toList();
                all.add(bent.stream().flatMap(strip -> ways.stream().map(strip::withMethod)).toList());
            }
        }
        return all;
    }

    private static Handling cooled(Handling handling) {
        return handling.holdHours().isPresent() && handling.holdHours().getAsDouble() <= COOLED_H ? handling : handling.withHoldHours(COOLED_H);
    }

    private static Set<Double> soaks(HotWood way, TestMeans means) {
        Set<Double> soaks = new LinkedHashSet<>(List.of(way.soakHours()));
        if (means.soak() && way.stageKinds().contains(StageKind.SOAK)) {
            soaks.addAll(List.of(0.0, Change.NIGHT_H));
        }
        return soaks;
    }

    private static Set<Double> heats(HotWood way) {
        Set<Double> heats = new LinkedHashSet<>();
        double planned = way.heating().minutes();
        for (double part : HEATS) {
            double minutes = part == 1 ? planned : planned * part > 2 * ROUND_MINUTES ? Math.rint(planned * part / ROUND_MINUTES) * ROUND_MINUTES : Math.rint(planned * part);
            if (part == 1 || PhysicalBound.STEAM_MINUTES.holds(minutes) && (part < 1 || minutes <= way.longestAdvisedMinutes())) {
                heats.add(minutes);
            }
        }
        return heats;
    }

    private static Set<Optional<Strap>> straps(HotWood way, Recipe like, TestMeans means) {
        Set<Optional<Strap>> straps = new LinkedHashSet<>(List.of(way.strap()));
        if (way.straps()) {
            means.supports().stream().filter(support -> !holdsAlready(way, support)).map(support -> support.strap(like.blank().widthMm())).forEach(straps::add);
        }
        return straps;
    }

    /** Whether the planned strap is one of its kind, which is then the one there is. */
    private static boolean holdsAlready(HotWood way, Support support) {
        return way.strap().isPresent() && support.strap(1).map(Strap::material).equals(way.strap().map(Strap::material));
    }
}
