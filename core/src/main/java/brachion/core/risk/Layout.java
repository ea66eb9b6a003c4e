package brachion.core.risk;

import brachion.core.method.ModeRisk;
import brachion.core.method.Recipe;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Where each coefficient of a mode stands: first b, then the covariates, then the unsure constants, then the members of
 * each group by name, boards last.
 */
final class Layout {

    private final ModeRisk risk;
    private final Map<Group, Map<String, Integer>> members = new EnumMap<>(Group.class);
    private final int size;

    Layout(ModeRisk risk, Collection<Recipe> recipes) {
        this(risk, named(recipes));
    }

    private static Map<Group, Set<String>> named(Collection<Recipe> recipes) {
        Map<Group, Set<String>> named = new EnumMap<>(Group.class);
        List.of(Group.values()).forEach(group -> named.put(group, new HashSet<>()));
        recipes.forEach(recipe -> named.forEach((group, names) -> names.add(group.of(recipe))));
        named.values().forEach(names -> names.remove(""));
        return named;
    }

    private Layout(ModeRisk risk, Map<Group, Set<String>> named) {
        this.risk = risk;
        int next = firstUnsure() + risk.unsure().size();
        for (Map.Entry<Group, Set<String>> group : named.entrySet()) {
            Map<String, Integer> places = new LinkedHashMap<>();
            for (String name : group.getValue().stream().sorted().toList()) {
                places.put(name, next++);
            }
            members.put(group.getKey(), places);
        }
        size = next;
    }

    /** The same with room for the groups of one more piece; this one where it is of none that is new. */
    Layout with(Recipe recipe) {
        Map<Group, Set<String>> more = new EnumMap<>(Group.class);
        boolean grown = false;
        for (Group group : Group.values()) {
            Set<String> names = new HashSet<>(members.get(group).keySet());
            String name = group.of(recipe);
            grown |= !name.isEmpty() && names.add(name);
            more.put(group, names);
        }
        return grown ? new Layout(risk, more) : this;
    }

    /** Where each coefficient stands in a layout with more members. */
    private int[] to(Layout larger) {
        int[] to = new int[size];
        Arrays.setAll(to, place -> place);
        members.forEach((group, places) -> places.forEach((name, place) -> to[place] = larger.members(group).get(name)));
        return to;
    }

    /** The same of all parameters, which the cut points lead. */
    int[] parametersTo(Layout larger) {
        int[] to = to(larger);
        return IntStream.range(0, OrdinalModel.CUTS + size).map(i -> i < OrdinalModel.CUTS ? i : OrdinalModel.CUTS + to[i - OrdinalModel.CUTS]).toArray();
    }

    /** Number of coefficients. */
    int size() {
        return size;
    }

    /** Place of the first covariate. */
    int firstCovariate() {
        return 1;
    }

    /** Place of the first unsure constant. */
    int firstUnsure() {
        return firstCovariate() + risk.covariates().size();
    }

    /** Place of the first board. */
    int firstBoard() {
        return size - boards();
    }

    /** How many boards there are. */
    int boards() {
        return members(Group.BOARD).size();
    }

    /** Which of them a piece is of, counted from 0; −1 where it is of none. */
    int board(Recipe recipe) {
        return members(Group.BOARD).getOrDefault(Group.BOARD.of(recipe), firstBoard() - 1) - firstBoard();
    }

    /** Members of a group with their places, by name. */
    Map<String, Integer> members(Group group) {
        return members.get(group);
    }

    /** All a piece brings: its load, covariates, how the unsure constants bear on it, and the groups it is known to belong to. */
    Features features(double load, double[] unsure, Recipe recipe) {
        int[] places = new int[firstUnsure() + unsure.length + Group.values().length];
        double[] values = new double[places.length];
        int count = 0;
        for (int i = 0; i < firstUnsure() + unsure.length; i++) {
            double value = i == 0 ? load : i < firstUnsure()
                    ? risk.covariates().get(i - firstCovariate()).value().applyAsDouble(recipe) : unsure[i - firstUnsure()];
            if (value != 0) {
                places[count] = i;
                values[count++] = value;
            }
        }
        for (Map.Entry<Group, Map<String, Integer>> group : members.entrySet()) {
            Integer place = group.getValue().get(group.getKey().of(recipe));
            if (place != null) {
                places[count] = place;
                values[count++] = 1;
            }
        }
        return new Features(Arrays.copyOf(places, count), Arrays.copyOf(values, count));
    }
}
