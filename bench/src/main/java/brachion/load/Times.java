package brachion.load;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** How long each kind of question waited for its answer [ms], and what was not answered. */
final class Times {

    private final Map<String, List<Double>> millis = new TreeMap<>();
    private final List<String> failures = new ArrayList<>();

    synchronized void add(String what, double ms) {
        millis.computeIfAbsent(what, kind -> new ArrayList<>()).add(ms);
    }

    synchronized void failed(String how) {
        failures.add(how);
    }

    synchronized List<String> failures() {
        return List.copyOf(failures);
    }

    synchronized List<String> kinds() {
        return List.copyOf(millis.keySet());
    }

    synchronized int count(String what) {
        return millis.get(what).size();
    }

    /**
     * A quantile of a kind [ms].
     *
     * @param share from 0 to 1
     */
    synchronized double quantile(String what, double share) {
        List<Double> sorted = millis.get(what).stream().sorted().toList();
        return sorted.get((int) Math.min(sorted.size() - 1, Math.floor(share * sorted.size())));
    }
}
