package brachion.core.risk;

import brachion.core.method.Recipe;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;

/**
 * Where each coefficient of a mode stands: first b, then the covariates, then the members of each group by name.
 */
final class Layout {

    private final ModeRisk risk;
    private final Map<Group, TreeMap<String, Integer>> members = new EnumMap<>(Group.class);
    private final int size;

    Layout(ModeRisk risk, Collection<Recipe> recipes) {
        this.risk = risk;
        int next = 1 + risk.covariates().size();
        for (Group group : Group.values()) {
            TreeMap<String, Integer> places = new TreeMap<>();
            recipes.stream().map(group::of).filter(name -> !name.isEmpty()).forEach(name -> places.put(name, 0));
            for (Map.Entry<String, Integer> each : places.entrySet()) {
                each.setValue(next++);
            }
            members.put(group, places);
        }
        size = next;
    }

    /** Number of coefficients. */
    int size() {
        return size;
    }

    /** Members of a group with their places. */
    Map<String, Integer> members(Group group) {
        return members.get(group);
    }

    /** ln D and the covariates of a piece. */
    double[] measured(Possible piece) {
        double[] measured = new double[1 + risk.covariates().size()];
        measured[0] = risk.logRatio(piece);
        for (int i = 1; i < measured.length; i++) {
            measured[i] = risk.covariates().get(i - 1).value().applyAsDouble(piece.recipe());
        }
        return measured;
    }

    /** All a piece brings: what was measured of it, and the groups it is known to belong to. */
    Features features(double[] measured, Recipe recipe) {
        int[] places = new int[measured.length + Group.values().length];
        double[] values = new double[places.length];
        int count = 0;
        for (int i = 0; i < measured.length; i++) {
            if (measured[i] != 0) {
                places[count] = i;
                values[count++] = measured[i];
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
