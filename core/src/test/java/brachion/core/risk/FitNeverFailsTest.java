package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Blank;
import brachion.core.method.Family;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.SteamBox;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A fit is found for every set of records that can be stored, however odd, and everything it says is a number. */
class FitNeverFailsTest {

    /** How many shops; {@code ./brachion truth} asks for more. */
    private static final int SHOPS = Integer.getInteger("brachion.shops", 1500);
    private static final Flaw[] FLAWS = Flaw.values();

    /** Bends of every size that is accepted, the corners of what is accepted among them. */
    private static List<Recipe> bends() {
        Random random = new Random(7);
        List<Recipe> bends = new ArrayList<>();
        for (double thickness : new double[] {0.3, 2, 6, 6 + 1e-9, 12, 25, 100}) {
            for (double radius : new double[] {5, 40, 150, 150 + 1e-9, 1000, 20_000}) {
                Recipe steamed = Recipes.ash().thickness(thickness).radius(radius).moisture(random.nextInt(60)).steamed();
                SteamBox odd = new SteamBox(random.nextBoolean() ? 0 : 1000, random.nextBoolean() ? 1 : 1440,
                        random.nextBoolean() ? 20 : 130, random.nextBoolean() ? 0 : 900, random.nextBoolean()
                        ? Optional.empty() : Optional.of(new Strap(StrapMaterial.WEBBING, 12, 1, 100)));
                bends.add(steamed);
                bends.add(random.nextInt(3) == 0 ? steamed.withMethod(odd) : steamed);
                bends.add(Recipes.ash().thickness(thickness).radius(radius).moisture(9).laminated(2 + random.nextInt(199)));
            }
        }
        return bends;
    }

    private static Recipe varied(Recipe recipe, Random random) {
        Blank blank = recipe.blank().withGrowthRings(GrowthRings.values()[random.nextInt(5)])
                .withKnots(Knots.values()[random.nextInt(2)]);
        return recipe.withBlank(blank).withNames(new Names(random.nextInt(3) == 0 ? "" : "person " + random.nextInt(3),
                random.nextInt(3) == 0 ? "" : "board " + random.nextInt(40), random.nextInt(2) == 0 ? "" : "yard"));
    }

    private static Outcome outcome(Random random) {
        int severity = random.nextInt(3);
        return severity == 0 ? Outcome.clean()
                : Outcome.damaged(Severity.values()[severity], FLAWS[random.nextInt(FLAWS.length)]);
    }

    /** Records the shops are put together from; work on each is done once. */
    private static List<Trial> stock() {
        Random random = new Random(8);
        List<Trial> stock = new ArrayList<>();
        for (Recipe bend : bends()) {
            for (int copy = 0; copy < 5; copy++) {
                Outcome outcome = copy == 0 ? Outcome.clean() : copy == 1 ? Outcome.damaged(Severity.BROKEN, Flaw.SNAP)
                        : outcome(random);
                boolean measured = outcome.severity() != Severity.BROKEN && random.nextInt(4) == 0;
                stock.add(new Trial(stock.size() + 1L, varied(bend, random), outcome, measured
                        ? OptionalDouble.of(bend.bend().innerRadiusMm() * (1 + 0.2 * random.nextDouble())) : OptionalDouble.empty()));
            }
        }
        return stock;
    }

    /** Some of the stock: all clean, all broken, one board, boards of one piece, twins that contradict each other, or any. */
    private static List<Trial> shop(List<Trial> stock, Random random) {
        int kind = random.nextInt(6);
        List<Trial> shop = new ArrayList<>();
        int size = random.nextInt(30);
        String board = stock.get(random.nextInt(stock.size())).recipe().names().board();
        while (shop.size() < size) {
            Trial trial = stock.get(random.nextInt(stock.size()));
            boolean fits = switch (kind) {
                case 0 -> trial.outcome().severity() == Severity.CLEAN;
                case 1 -> trial.outcome().severity() == Severity.BROKEN;
                case 2 -> trial.recipe().names().board().equals(board);
                case 3 -> shop.stream().noneMatch(each -> each.recipe().names().board().equals(trial.recipe().names().board()));
                default -> true;
            };
            if (fits || random.nextInt(50) == 0) {
                shop.add(trial);
                if (kind == 4) {
                    Outcome other = trial.outcome().severity() == Severity.CLEAN
                            ? Outcome.damaged(Severity.BROKEN, Flaw.SNAP) : Outcome.clean();
                    stock.stream().filter(each -> each.recipe().bend().equals(trial.recipe().bend())
                            && each.outcome().equals(other)).findFirst().ifPresent(shop::add);
                }
            }
        }
        return shop;
    }

    @Test
    void every_shop_gets_a_fit_and_every_chance_is_a_number() {
        List<Trial> stock = stock();
        RiskModel known = RiskModel.fit(stock);
        List<Possible> asked = new ArrayList<>();
        for (Recipe bend : bends()) {
            asked.add(Possible.typical(bend));
        }
        long[] seeds = new Random(20_261_125).longs(SHOPS).toArray();
        IntStream.range(0, SHOPS).parallel().forEach(shop -> {
            Random random = new Random(seeds[shop]);
            RiskModel risk = RiskModel.fit(shop(stock, random), Optional.of(known));
            for (int i = 0; i < 5; i++) {
                Possible each = asked.get(random.nextInt(asked.size()));
                assertThat(risk.holds(Severity.FLAW, each)).as("shop %d, %s", shop, each.recipe()).isBetween(0.0, 1.0);
                assertThat(risk.springback().opening(each).middle()).as("shop %d, %s", shop, each.recipe()).isFinite();
            }
            Possible piece = asked.get(random.nextInt(asked.size()));
            assertThat(risk.with(stock.get(random.nextInt(stock.size()))).holds(Severity.FLAW, piece))
                    .as("shop %d with one more, %s", shop, piece.recipe()).isBetween(0.0, 1.0);
            for (Family family : Family.values()) {
                assertThat(risk.beliefs(family)).as("shop %d", shop)
                        .allMatch(belief -> Double.isFinite(belief.mean()) && belief.sd() >= 0);
                assertThat(risk.leaveOneOut(family, Severity.FLAW)).as("shop %d", shop)
                        .allMatch(held -> held.holds() >= 0 && held.holds() <= 1);
            }
        });
    }
}
