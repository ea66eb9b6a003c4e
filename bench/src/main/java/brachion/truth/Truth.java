package brachion.truth;

import brachion.truth.Forecasts.Said;
import brachion.truth.TrueShop.Support;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/** Measures how true the product's forecasts and advice are, on shops drawn afresh, and writes the tables. */
public final class Truth {

    private static final int RULE_SHOPS = 360;
    private static final int NAMED_SHOPS = 60;
    /** Shops of each kind under each of the other laws. */
    private static final int OTHER_SHOPS = 5;

    private final StringBuilder page = new StringBuilder();

    private Truth() {
    }

    /** @param arguments folder to write truth.md and truth.svg into; a seed, or none for fresh shops */
    public static void main(String[] arguments) throws IOException {
        long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : System.nanoTime() / 1000 % 1_000_000;
        Path folder = Path.of(arguments[0]);
        Truth truth = new Truth();
        List<Said> said = truth.write(seed);
        Files.writeString(folder.resolve("truth.md"), truth.page);
        Files.writeString(folder.resolve("truth.svg"), CalibrationDrawing.of(said));
        System.out.print(truth.page);
    }

    private List<Said> write(long seed) {
        line("# How true the forecasts are");
        line("");
        line("Made by `./brachion truth` on " + LocalDate.now() + ", shops drawn from seed " + seed + ". Every run draws fresh"
                + " ones; nothing is tuned to them.");
        line("");
        line("The shops' law is not the product's. A face gives way where its strain passes a limit that scatters log-normally,"
                + " by 25 % between pieces and 15 % each between boards, hands and woods; a share of the pieces (0, 3 or 8 %)"
                + " breaks whatever it is asked; steam, water and straps are up to two steps off what is usual. Moisture is read"
                + " to 2 points, thickness to 2 %, a quarter is not measured, one outcome in a hundred is written down wrong.");
        line("");
        List<Said> said = Forecasts.of(Law.LIMITS, 12, 100, seed);
        forecasts(said);
        otherLaws(said, seed);
        advice(seed);
        named(seed);
        rules(seed);
        rounds(seed);
        openings(seed);
        drying(seed);
        return said;
    }

    private void forecasts(List<Said> said) {
        line("## Said against true");
        line("");
        line("108 shops, 100 fresh pieces each, half of them of boards the records know. Log loss is expected under the truth."
                + " A range holds it to within a thousandth, which is as close as a page says it.");
        line("");
        row("records", "log loss: product", "published radii", "plain ridge regression", "always the same", "the truth itself",
                "ranges that hold the true chance (aim 75 to 85 %)", "no flaws / 3 % / 8 %", "bare / mixed / strapped",
                "width of the range");
        rule(10);
        for (int records : Forecasts.RECORDS) {
            Predicate<Said> here = each -> each.records() == records;
            row(records, number(mean(said, here, each -> each.loss(each.said().probability()))),
                    number(mean(said, here, each -> each.loss(each.byRadii()))),
                    number(mean(said, here, each -> each.loss(each.byRidge()))),
                    number(mean(said, here, each -> each.loss(each.base()))),
                    number(mean(said, here, each -> each.loss(each.truth()))), percent(covered(said, here)),
                    String.join(" / ", Arrays.stream(Forecasts.HIDDEN)
                            .mapToObj(hidden -> percent(covered(said, here.and(each -> each.hidden() == hidden)))).toList()),
                    String.join(" / ", Arrays.stream(Support.values())
                            .map(support -> percent(covered(said, here.and(each -> each.support() == support)))).toList()),
                    number(mean(said, here, each -> each.said().high() - each.said().low())));
        }
        line("");
        line("Of what is said to hold in 95 of 100 or more, so many truly do:");
        line("");
        row("records", "said", "true without flaws", "true with 3 %", "true with 8 %");
        rule(5);
        for (int records : Forecasts.RECORDS) {
            Predicate<Said> sure = each -> each.records() == records && each.said().probability() >= 0.95;
            row(records, number(mean(said, sure, each -> each.said().probability())),
                    number(mean(said, sure.and(each -> each.hidden() == 0), Said::truth)),
                    number(mean(said, sure.and(each -> each.hidden() == 0.03), Said::truth)),
                    number(mean(said, sure.and(each -> each.hidden() == 0.08), Said::truth)));
        }
        line("");
        line("With 160 records the product does better than published radii alone in " + better(said, 160) + " of " + shops(said) + " shops.");
        line("");
        line("![Said against true](truth.svg)");
        line("");
    }

    private void otherLaws(List<Said> limits, long seed) {
        line("## Under other laws");
        line("");
        line("The same of shops that differ further from the product. Wrong instruments: the meter reads 3 points too much or too little, thickness is off by 4 %, three outcomes"
                + " in a hundred are wrong. Other physics: another in form and not only in constants (strains about the middle, softness that saturates with minutes an inch,"
                + " limits of the weakest link, Weibull with modulus 4). " + OTHER_SHOPS * 9 + " shops each, 60 fresh pieces each.");
        line("");
        row("law", "records", "log loss: product", "published radii", "the truth itself", "ranges that hold the true chance", "shops better than published radii alone");
        rule(7);
        for (Law law : Law.values()) {
            List<Said> said = law == Law.LIMITS ? limits : Forecasts.of(law, OTHER_SHOPS, 60, seed);
            for (int records : Forecasts.RECORDS) {
                Predicate<Said> here = each -> each.records() == records;
                row(law, records, number(mean(said, here, each -> each.loss(each.said().probability()))), number(mean(said, here, each -> each.loss(each.byRadii()))),
                        number(mean(said, here, each -> each.loss(each.truth()))), percent(covered(said, here)), better(said, records) + " of " + shops(said));
            }
        }
        line("");
    }

    private static long shops(List<Said> said) {
        return said.stream().mapToInt(Said::shop).distinct().count();
    }

    /** In how many shops the product does better than published radii alone. */
    private static long better(List<Said> said, int records) {
        return said.stream().mapToInt(Said::shop).distinct().filter(shop -> {
            Predicate<Said> here = each -> each.records() == records && each.shop() == shop;
            return mean(said, here, each -> each.loss(each.said().probability())) < mean(said, here, each -> each.loss(each.byRadii()));
        }).count();
    }

    private void advice(long seed) {
        line("## Advice for a bend that is to hold 9 times in 10");
        line("");
        row("records", "true chance as it was", "advice says it gets there", "said then", "true then (aim 0.85)");
        rule(5);
        Advised.of(36, seed).forEach(each -> row(each.records(), number(each.before()), percent(each.reached()),
                number(each.said()), number(each.truth())));
        line("");
    }

    private void named(long seed) {
        line("## What a shop is told of itself");
        line("");
        line("Shops as usual but for one thing: a box 18 °C colder where the stock lies than its thermometer says, stops that give by 3 mm, one wood of"
                + " four that bears 20 % less than its radii say. Share of " + NAMED_SHOPS + " shops each in which that is what stands first among what is worse"
                + " than usual (aim at 160 records: 75 %), and in which it stands first or beside it as what cannot be told apart.");
        line("");
        row("what is wrong", "records", "stands first", "or beside it");
        rule(4);
        Named.of(NAMED_SHOPS, seed).forEach(each -> row(each.fault(), each.records(), percent(each.first()), percent(each.both())));
        line("");
    }

    private void rules(long seed) {
        line("## Rules of thumb");
        line("");
        line("Share of " + RULE_SHOPS + " shops in which the balance stands beyond 3 to 1 (aim: 25 % at most where the rule is empty) and beyond"
                + " 10 to 1 (9 %), either way. In the rows of true rings, rings on edge bear 20 % more.");
        line("");
        row("rule", "records", "beyond 3 to 1", "beyond 10 to 1", "rightly beyond 10 to 1");
        rule(5);
        Map<Integer, Rules> asked = new TreeMap<>();
        for (int records : new int[] {40, 160}) {
            asked.put(records, new Rules(RULE_SHOPS, records, 0.2, seed));
        }
        asked.forEach((records, rules) -> rules.empty().forEach(each ->
                row(each.rule(), records, percent(each.beyond3()), percent(each.beyond10()), "–")));
        asked.forEach((records, rules) -> {
            Rules.Row rings = rules.rings();
            row("RINGS, true", records, percent(rings.beyond3()), percent(rings.beyond10()), percent(rings.rightly10()));
        });
        line("");
        line("What could be found at all: the shops put in order of how sure somebody is, with the bar where so many empty shops pass it."
                + " Beside the product stands somebody who knows the true chance of every piece but for its rings.");
        line("");
        row("records", "empty shops beyond the bar", "rings found by the product's order", "by somebody who knows all else");
        rule(4);
        asked.forEach((records, rules) -> {
            for (double falsely : new double[] {0.04, 0.09, 0.17}) {
                Rules.Found found = rules.found(falsely);
                row(records, percent(falsely), percent(found.product()), percent(found.knowing()));
            }
        });
        line("");
    }

    private void rounds(long seed) {
        line("## Ten rounds of trials towards one bend");
        line("");
        row("what is tried", "spread said before → after", "fall promised, all rounds", "kept", "promised a round", "kept a round", "true error before → after");
        rule(7);
        Rounds.of(60, seed).forEach(each -> row(each.way(), number(each.said()[0]) + " → " + number(each.said()[1]),
                number(each.fall()), number(each.said()[0] - each.said()[1]), "× " + number(each.promised()), "× " + number(each.kept()),
                number(each.error()[0]) + " → " + number(each.error()[1])));
        line("");
    }

    private void openings(long seed) {
        line("## Springback");
        line("");
        row("true opening over computed", "measured pieces", "mean error learned (ln R)", "computed", "in the range of 80 %");
        rule(5);
        Openings.of(30, seed).forEach(each -> row(number(each.factor()), each.measured(), number(each.learned()),
                number(each.computed()), percent(each.held())));
        line("");
    }

    private void drying(long seed) {
        line("## Drying dates");
        line("");
        row("weigh-ins", "pieces dry within the range of 80 %", "width of the range, days");
        rule(3);
        Drying.of(120, seed).forEach(each -> row(each.weighings(), percent(each.held()), number(each.days())));
    }

    private void line(String text) {
        page.append(text).append('\n');
    }

    private void row(Object... cells) {
        line("| " + String.join(" | ", Arrays.stream(cells).map(String::valueOf).toList()) + " |");
    }

    private void rule(int columns) {
        line("|" + "---|".repeat(columns));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.0f %%", 100 * share);
    }

    private static double covered(List<Said> all, Predicate<Said> which) {
        return mean(all, which, each -> each.covered() ? 1 : 0);
    }

    private static double mean(List<Said> all, Predicate<Said> which, ToDoubleFunction<Said> value) {
        return all.stream().filter(which).mapToDouble(value).average().orElse(Double.NaN);
    }
}
