package brachion.core.bench;

import brachion.core.bench.Standing.Due;
import brachion.core.bench.Standing.Wood;
import brachion.core.method.HotWood;
import brachion.core.method.Recipe;
import brachion.core.process.Moments;
import brachion.core.process.ProbeRecord;
import brachion.core.process.ProcessSimulation;
import brachion.core.process.SectionField;
import brachion.core.process.Shop;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Follows heat and water through a piece while it is on the bench, by the same simulation as the forecast, and says what its
 * clock shows. What was followed to the last touch is kept, and what went on since is carried on with from one look to the next.
 * For one thread at a time.
 */
public final class Following {

    private static final double MINUTE_S = 60;
    private static final double HOUR_S = 3600;
    private static final double DRY_PERCENT = 10;
    /** A heat that stays further below the planned one makes nothing hot; a round number chosen by us. */
    private static final double FALLS_SHORT_K = 10;

    private final Recipe plan;
    private final GlueAtHand glue;
    private Known followed;
    private SinceTheLastTouch since;

    /**
     * What the following rests on.
     *
     * @param said  everything said of the piece but what was only seen or heard
     * @param probe what was read in the heat
     */
    private record Known(List<Tapped> said, Optional<ProbeRecord> probe) {
    }

    /**
     * @param plan the recipe, with moisture and slope of grain known
     * @param glue the glue it is made with, by its label
     */
    public Following(Recipe plan, GlueAtHand glue) {
        this.plan = plan;
        this.glue = glue;
    }

    /** How long a heated piece is to stay on its form [s]. */
    public static double holdSeconds(Recipe plan) {
        return plan.method() instanceof HotWood way ? way.holdHours().orElse(way.usualHoldHours()) * HOUR_S : 0;
    }

    /** How the piece stands at a moment after everything that was said of it. */
    public Standing at(PieceLife life, Instant now) {
        if (!(plan.method() instanceof HotWood way)) {
            return cold(life);
        }
        Known known = new Known(life.said().stream().filter(tapped -> !tapped.tap().notes()).toList(), life.probe());
        if (!known.equals(followed)) {
            // what was done before the heat does not hang on what is read in it
            boolean sameHeat = followed != null && followed.said().equals(known.said()) && life.step() == Step.HEATING;
            since = new SinceTheLastTouch(way, life, sameHeat ? Optional.of(since.began) : Optional.empty());
            followed = known;
        }
        return since.standing(now);
    }

    private Standing cold(PieceLife life) {
        return switch (life.step()) {
            case GLUING -> gluing(life);
            case IN_CLAMPS -> inClamps(life);
            default -> waiting(life);
        };
    }

    private Standing gluing(PieceLife life) {
        OptionalDouble open = glue.openMinutes(plan);
        return open.isEmpty() ? waiting(life) : planned(life, open.getAsDouble() * MINUTE_S, Due.GLUE_CLOSES);
    }

    private Standing inClamps(PieceLife life) {
        return planned(life, glue.clampedSeconds(), Due.GLUE_SET);
    }

    private static Standing waiting(PieceLife life) {
        return new Standing(life.since(), Optional.empty(), Due.NOTHING, Optional.empty(), OptionalDouble.empty(), Optional.empty());
    }

    private static Standing planned(PieceLife life, double seconds, Due due) {
        return new Standing(life.since(), life.since().map(from -> plus(from, seconds)), due, Optional.empty(), OptionalDouble.of(seconds),
                Optional.empty());
    }

    static Instant plus(Instant from, double seconds) {
        return from.plus(Math.round(seconds * 1000), ChronoUnit.MILLIS);
    }

    /** The piece from its last touch on: how it was then, what is done to it now, and what that will come to. */
    private final class SinceTheLastTouch {

        private final HotWood way;
        private final PieceLife life;
        private final Shop shop = plan.shop();
        /** How it was when what is done to it now began. */
        private final ProcessSimulation began;
        /** What is done to it now, from when on; none while nothing changes it. */
        private final Optional<Stage> doing;
        private final Instant from;
        /** How far it was followed. */
        private ProcessSimulation reached;
        private Instant reachedAt;
        private Optional<Instant> due = Optional.empty();
        private Due dueIs = Due.NOTHING;
        private Optional<Instant> hotThrough = Optional.empty();

        SinceTheLastTouch(HotWood way, PieceLife life, Optional<ProcessSimulation> known) {
            this.way = way;
            this.life = life;
            BenchStages stages = new BenchStages(way, shop, life);
            this.began = known.orElseGet(() -> from(stages.over()));
            this.doing = stages.now();
            this.from = stages.nowFrom();
            this.reached = began;
            this.reachedAt = from;
            foresee();
        }

        private ProcessSimulation from(List<Stage> over) {
            ProcessSimulation simulation = new ProcessSimulation(HotWood.piece(plan.blank(), shop));
            over.forEach(simulation::run);
            return simulation;
        }

        private void foresee() {
            switch (life.step()) {
                case SOAKING -> planned().filter(seconds -> seconds > 0).ifPresent(seconds -> dueAfter(seconds, Due.SOAKED));
                case HEATING -> doing.map(this::ahead).ifPresent(heat -> {
                    OptionalDouble soft = Moments.soft(began, heat);
                    // as warm as a cold chamber is not hot
                    OptionalDouble hot = heat.mediumC() < plannedC(heat.kind()) - FALLS_SHORT_K ? OptionalDouble.empty() : Moments.hot(began, heat);
                    hot.ifPresent(seconds -> hotThrough = Optional.of(plus(from, seconds)));
                    (soft.isPresent() ? soft : hot).ifPresent(seconds -> dueAfter(seconds, soft.isPresent() ? Due.SOFT : Due.HOT));
                });
                case BENDING -> {
                    OptionalDouble hard = Moments.outerFaceHard(began, shop.celsius(), shop.relativeHumidity());
                    if (hard.orElse(0) > 0) {
                        dueAfter(hard.getAsDouble(), Due.OUTER_FACE_HARD);
                    } else {
                        planned().ifPresent(seconds -> dueAfter(seconds, Due.CARRIED));
                    }
                }
                case ON_FORM -> planned().ifPresent(seconds -> dueAfter(seconds, Due.HELD));
                case DRYING -> doing.ifPresent(air -> Moments.below(DRY_PERCENT, began, air).ifPresent(seconds -> dueAfter(seconds, Due.DRY)));
                default -> { }
            }
        }

        /** The heat as it was read and as it will go on. */
        private Stage ahead(Stage heat) {
            return heat.probe().map(read -> heat.recordedBy(ChamberAhead.foreseen(read, way.heating().celsius()))).orElse(heat);
        }

        /** How warm the heat was to be [°C]; steam is no hotter than it boils here. */
        private double plannedC(StageKind heat) {
            return Stage.of(heat, 1, way.heating().celsius()).in(shop).mediumC();
        }

        private void dueAfter(double seconds, Due what) {
            due = Optional.of(plus(life.step() == Step.ON_FORM ? life.since().orElseThrow() : from, seconds));
            dueIs = what;
        }

        Standing standing(Instant now) {
            Optional<Wood> wood = doing.map(stage -> {
                carryOn(stage, now);
                return wood(reached.field());
            });
            return switch (life.step()) {
                case GLUING -> gluing(life);
                case IN_CLAMPS -> inClamps(life);
                default -> new Standing(countsFrom(), due, dueIs, hotThrough, planned().map(OptionalDouble::of).orElse(OptionalDouble.empty()), wood);
            };
        }

        private Optional<Instant> countsFrom() {
            return life.step() == Step.HEATING ? life.heatCountsFrom() : life.since();
        }

        /** How long the step is to take [s]; empty where nothing is planned. */
        private Optional<Double> planned() {
            return switch (life.step()) {
                case SOAKING -> planned(StageKind.SOAK);
                case HEATING -> planned(way.heating().kind());
                case BENDING -> planned(StageKind.CARRY);
                case ON_FORM -> Optional.of(holdSeconds(plan));
                default -> Optional.empty();
            };
        }

        private Optional<Double> planned(StageKind stage) {
            OptionalDouble minutes = way.plannedMinutes(stage);
            return minutes.isPresent() ? Optional.of(minutes.getAsDouble() * MINUTE_S) : Optional.empty();
        }

        /** On from where it was last looked at; a record of the heat is gone through from its start. */
        private void carryOn(Stage stage, Instant now) {
            boolean afresh = now.isBefore(reachedAt) || stage.probe().isPresent();
            ProcessSimulation carried = (afresh ? began : reached).copy();
            double seconds = PieceLife.seconds(afresh ? from : reachedAt, now);
            if (seconds > 0) {
                carried.run(stage.lasting(seconds));
            }
            reached = carried;
            reachedAt = now.isBefore(from) ? from : now;
        }

        private Wood wood(SectionField field) {
            OptionalDouble bears = life.step() == Step.HEATING && life.next().contains(Tap.PULLED)
                    ? Moments.outerFaceHard(reached, shop.celsius(), shop.relativeHumidity()) : OptionalDouble.empty();
            return new Wood(field.coreC(), field.meanMoisturePercent(), Moments.softShare(field),
                    field.condition().outerQuarterSoftness(), bears);
        }
    }
}
