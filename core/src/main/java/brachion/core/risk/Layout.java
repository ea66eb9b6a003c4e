package brachion.core.risk;

import brachion.core.method.ModeRisk;
import brachion.core.method.Recipe;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;

/**
 * Where each coefficient of a mode stands: first b, then the covariates, then the unsure constants, then the members of
 * each group by name, boards last.
 */
final class Layout {

    private final ModeRisk risk;
    private final Map<Group, TreeMap<String, Integer>> members = new EnumMap<>(Group.class);
    private final int size;

    Layout(ModeRisk risk, Collection<Recipe> recipes) {
        this(risk, named(recipes));
    }

    private static Map<Group, TreeMap<String, Integer>> named(Collection<Recipe> recipes) {
        Map<Group, TreeMap<String, Integer>> named = new EnumMap<>(Group.class);
        for (Group group : Group.values()) {
            TreeMap<String, Integer> places = new TreeMap<>();
            recipes.stream().map(group::of).filter(name -> !name.isEmpty()).forEach(name -> places.put(name, 0));
            named.put(group, places);
        }
        return named;
    }

    private Layout(ModeRisk risk, Map<Group, TreeMap<String, Integer>> members) {
        this.risk = risk;
        int next = firstUnsure() + risk.unsure().size();
        for (Map.Entry<Group, TreeMap<String, Integer>> group : members.entrySet()) {
            TreeMap<String, Integer> places = new TreeMap<>(group.getValue());
            for (Map.Entry<String, Integer> each : places.entrySet()) {
                each.setValue(next++);
            }
            this.members.put(group.getKey(), places);
        }
        size = next;
    }

    /** The same with room for the groups of one more piece; this one where it is of none that is new. */
    Layout with(Recipe recipe) {
        Map<Group, TreeMap<String, Integer>> more = new EnumMap<>(Group.class);
        boolean grown = false;
        for (Group group : Group.values()) {
            TreeMap<String, Integer> names = new TreeMap<>(members.get(group));
            String name = group.of(recipe);
            grown |= !name.isEmpty() && names.putIfAbsent(name, 0) == null;
            more.put(group, names);
        }
        return grown ? new Layout(risk, more) : this;
    }

    /** Where each coefficient stands in a layout with more members. */
    int[] to(Layout larger) {
        int[] to = new int[size];
        Arrays.setAll(to, place -> place);
        members.forEach((group, places) -> places.forEach((name, place) -> to[place] = larger.members(group).get(name)));
        return to;
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

    /** Members of a group with their places. */
    Map<String, Integer> members(Group group) {
        return members.get(group);
    }

    /** All a piece brings: ln D, covariates, how the unsure constants bear on it, and the groups it is known to belong to. */
    Features features(double logRatio, double[] unsure, Recipe recipe) {
        int[] places = new int[firstUnsure() + unsure.length + Group.values().length];
        double[] values = new double[places.length];
        int count = 0;
        for (int i = 0; i < firstUnsure() + unsure.length; i++) {
            double value = i == 0 ? logRatio : i < firstUnsure()
                    ? risk.covariates().get(i - firstCovariate()).value().applyAsDouble(recipe) : unsure[i - firstUnsure()];
            if (value != 0) {
                places[count] = i;
                values[count++] = value;
            }
        }
        for (Map.Entry<Group, TreeMap<String, Integer>> group : members.entrySet()) {
            Integer place = group.getValue().get(group.getKey().of(recipe));
            if (place != null) {
                places[count] = place;
                values[count++] = 1;
            }
        }
        return new Features(Arrays.copyOf(places, count), Arrays.copyOf(values, count));
    }
}
