package brachion.truth;

import brachion.truth.Forecasts.Said;
import brachion.truth.TrueShop.Support;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/** Measures how true the product's forecasts are and prints the tables. */
public final class Truth {

    private Truth() {
    }

    /** @param arguments seed of the shops, and how many of each kind */
    public static void main(String[] arguments) {
        long seed = arguments.length > 0 ? Long.parseLong(arguments[0]) : System.nanoTime() % 100_000;
        int shops = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 3;
        int pieces = arguments.length > 2 ? Integer.parseInt(arguments[2]) : 300;
        List<Said> said = Forecasts.of(shops, pieces, seed);
        System.out.println("records | log loss | radii | base | truth | cover | sound 0/.03/.08 | bare/mixed/strapped | >=.95: share true | width");
        for (int records : Forecasts.RECORDS) {
            Predicate<Said> here = each -> each.records() == records;
            StringBuilder line = new StringBuilder();
            line.append(records).append(" | ");
            line.append(number(mean(said, here, each -> each.loss(each.said().probability())))).append(" | ");
            line.append(number(mean(said, here, each -> each.loss(each.byRadii())))).append(" | ");
            line.append(number(mean(said, here, each -> each.loss(each.base())))).append(" | ");
            line.append(number(mean(said, here, each -> each.loss(each.truth())))).append(" | ");
            line.append(number(mean(said, here, each -> each.covered() ? 1 : 0))).append(" | ");
            for (double hidden : Forecasts.HIDDEN) {
                line.append(number(mean(said, here.and(each -> each.hidden() == hidden), each -> each.covered() ? 1 : 0))).append(" ");
            }
            line.append("| ");
            for (Support support : Support.values()) {
                line.append(number(mean(said, here.and(each -> each.support() == support), each -> each.covered() ? 1 : 0))).append(" ");
            }
            line.append("| ");
            for (double hidden : Forecasts.HIDDEN) {
                Predicate<Said> sure = here.and(each -> each.hidden() == hidden && each.said().probability() >= 0.95);
                line.append(number(mean(said, sure, each -> each.said().probability()))).append(":").append(number(mean(said, sure, Said::truth))).append(" ");
            }
            line.append("| ").append(number(mean(said, here, each -> each.said().high() - each.said().low())));
            line.append(" below ").append(number(mean(said, here, each -> each.truth() < each.said().low() ? 1 : 0)));
            System.out.println(line);
        }
    }

    private static String number(double value) {
        return String.format("%.3f", value);
    }

    private static double mean(List<Said> all, Predicate<Said> which, ToDoubleFunction<Said> value) {
        return all.stream().filter(which).mapToDouble(value).average().orElse(Double.NaN);
    }
}
